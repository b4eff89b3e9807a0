import react from '@vitejs/plugin-react';
import { defineConfig } from 'vitest/config';

// Nothing here is a race: what waits for PHP or reads every rung may take its time on a loaded machine.
const testTimeout = 60_000;

// A page costs two seconds to make: only what draws, or keeps something on the device, gets one, and files share it. What a
// test changes outside itself, it puts back.
const shared = { plugins: [react()], resolve: { alias: { '@': '/resources/js' } } };

export default defineConfig({
  test: {
    projects: [
      {
        ...shared,
        test: {
          name: 'plain',
          testTimeout,
          isolate: false,
          environment: 'node',
          include: ['resources/js/**/*.test.ts', 'tests/Library/*.test.ts'],
          exclude: ['**/*.dom.test.ts'],
        },
      },
      {
        ...shared,
        test: {
          name: 'page',
          testTimeout,
          isolate: false,
          environment: 'jsdom',
          include: ['resources/js/**/*.test.tsx', 'resources/js/**/*.dom.test.ts'],
          setupFiles: ['resources/js/test-setup.ts'],
        },
      },
    ],
  },
});
