import { dirname } from 'node:path';
import { spawnSync } from 'node:child_process';
import { mkdirSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { afterAll, describe, expect, it } from 'vitest';

interface Rule {
  name: string;
}
const rules = (createRequire(import.meta.url)('../../.dependency-cruiser.cjs') as { forbidden: Rule[] }).forbidden;
const root = 'storage/framework/testing/layers';

/** A file that breaks each rule, and what it must not know. */
const breaches: Record<string, [string, string]> = {
  'no-circular': ['ui/round', 'ui/about'],
  'steps-do-not-know-each-other': ['week/one', 'session/two'],
  'home-knows-the-player-alone': ['home/one', 'session/four'],
  'what-steps-share-knows-no-step': ['editor/one', 'week/three'],
  'ui-knows-no-frame': ['ui/one', 'frame/one'],
  'api-is-the-ground': ['api/one', 'ui/two'],
};

describe('the layers of the front end', () => {
  afterAll(() => rmSync(root, { recursive: true, force: true }));

  it('have a breach that is caught for every rule', () => {
    expect(Object.keys(breaches).sort()).toEqual(rules.map((rule) => rule.name).sort());
    const write = (file: string, text: string) => {
      mkdirSync(dirname(`${root}/${file}`), { recursive: true });
      writeFileSync(`${root}/${file}.ts`, text);
    };
    for (const [name, [from, to]] of Object.entries(breaches)) {
      write(to, name === 'no-circular' ? `export { a } from '../${from}';\n` : 'export const b = 1;\n');
      write(from, `import * as other from '../${to}';\nexport const a = other;\n`);
    }
    const cruise = spawnSync('npx', ['--no-install', 'depcruise', root, '--config', '.dependency-cruiser.cjs'], {
      env: { ...process.env, LAYERS_ROOT: root },
      encoding: 'utf8',
    });
    for (const [name, [from, to]] of Object.entries(breaches)) {
      // A circle is named by either of its ends.
      expect(cruise.stdout).toMatch(new RegExp(`${name}: ${root}/(${from}|${to})\\.ts`));
    }
  }, 60_000);

  it('name every folder of a step', () => {
    const noSteps = ['api', 'clock', 'editor', 'figure', 'frame', 'offline', 'ui', 'worker'];
    const folders = readdirSync('resources/js', { withFileTypes: true }).filter((entry) => entry.isDirectory());
    const text = JSON.stringify(rules);
    for (const folder of folders) {
      if (!noSteps.includes(folder.name)) expect(text).toMatch(new RegExp(`[(|]${folder.name}[|)]`));
    }
  });
});
