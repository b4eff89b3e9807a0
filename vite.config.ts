import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import laravel from 'laravel-vite-plugin';
import { defineConfig } from 'vite';

export default defineConfig({
  plugins: [laravel({ input: ['resources/css/app.css', 'resources/js/main.tsx'], refresh: true }), react(), tailwindcss()],
  build: {
    rolldownOptions: {
      output: {
        codeSplitting: { groups: [{ name: 'react', test: /node_modules\/(react|react-dom|scheduler|react-router)\// }] },
      },
    },
  },
  // One address for page and socket, so that the page's policy can name it.
  server: { host: '127.0.0.1', strictPort: false },
  resolve: { alias: { '@': '/resources/js' } },
});
