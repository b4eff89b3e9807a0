import { existsSync, readFileSync } from 'node:fs';
import { gzipSync } from 'node:zlib';
import { describe, expect, it } from 'vitest';

interface Piece {
  file: string;
  imports?: string[];
}

const built = 'public/build';
const manifest = (): Record<string, Piece> => {
  if (!existsSync(`${built}/manifest.json`)) throw new Error('There is no build. Run: npm run build');
  return JSON.parse(readFileSync(`${built}/manifest.json`, 'utf8')) as Record<string, Piece>;
};

/** Every script that has to come before these pages are drawn. */
function scriptsOf(...pages: string[]): string[] {
  const pieces = manifest();
  const names = new Set(pages.map((page) => `resources/js/${page}`));
  for (const name of names) for (const next of pieces[name]?.imports ?? []) names.add(next);
  return [...names].map((name) => {
    const piece = pieces[name];
    if (!piece) throw new Error(`The build has no ${name}.`);
    return piece.file;
  });
}
const packed = (files: string[]) =>
  files.reduce((sum, file) => sum + gzipSync(readFileSync(`${built}/${file}`), { level: 9 }).length, 0);

describe('the first view', () => {
  it('brings whoever signs in at most 120 kB of script, packed', () => {
    expect(packed(scriptsOf('main.tsx', 'frame/SignIn.tsx'))).toBeLessThanOrEqual(120_000);
  });
});
