import react from '@vitejs/plugin-react';
import { defineConfig } from 'vitest/config';

export default defineConfig({
  plugins: [react()],
  resolve: { alias: { '@': '/resources/js' } },
  test: {
    environment: 'jsdom',
    globals: false,
    include: ['resources/js/**/*.test.{ts,tsx}', 'tests/Library/*.test.ts'],
    setupFiles: ['resources/js/test-setup.ts'],
  },
});
