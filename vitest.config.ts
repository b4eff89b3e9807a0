import react from '@vitejs/plugin-react';
import { defineConfig } from 'vitest/config';

// A page costs two seconds a file: only what draws, or keeps something on the device, gets one.
const shared = { plugins: [react()], resolve: { alias: { '@': '/resources/js' } } };

export default defineConfig({
  test: {
    projects: [
      {
        ...shared,
        test: {
          name: 'plain',
          environment: 'node',
          include: ['resources/js/**/*.test.ts', 'tests/Library/*.test.ts'],
          exclude: ['**/*.dom.test.ts'],
        },
      },
      {
        ...shared,
        test: {
          name: 'page',
          environment: 'jsdom',
          include: ['resources/js/**/*.test.tsx', 'resources/js/**/*.dom.test.ts'],
          setupFiles: ['resources/js/test-setup.ts'],
        },
      },
    ],
  },
});
