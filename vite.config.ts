import tailwindcss from '@tailwindcss/vite';
import { transformAsync } from '@babel/core';
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { version as compilerVersion } from 'babel-plugin-react-compiler/package.json';
import react from '@vitejs/plugin-react';
import laravel from 'laravel-vite-plugin';
import { defineConfig, type Plugin } from 'vite';
import { VitePWA } from 'vite-plugin-pwa';

const CACHE = 'node_modules/.cache/react-compiler';

/**
 * Rows and cells draw anew only where what they show differs: the compiler writes the memoising, in builds alone. It takes
 * its time, so what it made of a file is kept until the file changes.
 */
const memoised = (): Plugin => ({
  name: 'react-compiler',
  apply: 'build',
  enforce: 'pre',
  async transform(code, id) {
    if (!/\/resources\/js\/.+\.tsx?$/.test(id) || !/<[A-Za-z]|\buse[A-Z]/.test(code)) return null;
    const kept = `${CACHE}/${createHash('sha256').update(`${compilerVersion} ${id}\n${code}`).digest('hex')}.json`;
    if (existsSync(kept)) return JSON.parse(readFileSync(kept, 'utf8')) as { code: string; map: string };
    const compiled = await transformAsync(code, {
      filename: id,
      babelrc: false,
      configFile: false,
      sourceMaps: true,
      parserOpts: { plugins: ['typescript', 'jsx'] },
      plugins: ['babel-plugin-react-compiler'],
    });
    if (!compiled?.code) return null;
    const made = { code: compiled.code, map: JSON.stringify(compiled.map) };
    mkdirSync(CACHE, { recursive: true });
    writeFileSync(kept, JSON.stringify(made));
    return made;
  },
});

/** Whether a file comes with the page of somebody who is not signed in, by the imports alone. */
const isForGuests = (id: string, graph: { getModuleInfo: (id: string) => { importedIds: string[] } | null }): boolean => {
  const reached = new Set(['main.tsx', 'frame/SignIn.tsx'].map((file) => `${import.meta.dirname}/resources/js/${file}`));
  for (const one of reached) for (const next of graph.getModuleInfo(one)?.importedIds ?? []) reached.add(next);
  return reached.has(id);
};

export default defineConfig({
  plugins: [
    laravel({ input: ['resources/css/app.css', 'resources/js/main.tsx'], refresh: true }),
    memoised(),
    react(),
    tailwindcss(),
    // The worker lies beside the page, so that it may serve every address; the page itself is written by the server.
    VitePWA({
      strategies: 'injectManifest',
      srcDir: 'resources/js/worker',
      filename: 'sw.ts',
      outDir: 'public',
      base: '/',
      buildBase: '/',
      scope: '/',
      injectRegister: false,
      manifest: false,
      injectManifest: {
        globDirectory: 'public/build',
        globPatterns: ['assets/*.{js,css,woff2}'],
        modifyURLPrefix: { '': '/build/' },
        additionalManifestEntries: [
          { url: '/app-shell', revision: String(Date.now()) },
          { url: '/icon.svg', revision: '1' },
          { url: '/manifest.webmanifest', revision: '1' },
        ],
      },
    }),
  ],
  build: {
    rolldownOptions: {
      output: {
        codeSplitting: {
          groups: [
            { name: 'react', test: /node_modules\/(react|react-dom|scheduler|react-router)\// },
            // Whoever signs in waits for nothing that only the work needs.
            { name: (id, graph) => (isForGuests(id, graph) ? 'shared' : null), test: /resources\/js\/(?!main|frame\/SignIn)/ },
            // What many views share comes in one piece: fetching twenty small ones takes longer than all they hold.
            { name: 'work', test: /resources\/js\/(?!ui\/Dialog)/, minShareCount: 9 },
          ],
        },
      },
    },
  },
  // One address for page and socket, so that the page's policy can name it.
  server: { host: '127.0.0.1', strictPort: false },
  resolve: { alias: { '@': '/resources/js' } },
});
