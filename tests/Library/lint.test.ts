import { spawnSync } from 'node:child_process';
import { mkdirSync, rmSync, writeFileSync } from 'node:fs';
import { afterAll, expect, it } from 'vitest';

const root = 'storage/framework/testing/lint';
afterAll(() => rmSync(root, { recursive: true, force: true }));

/** One fault of each kind the linter is trusted with. */
const loud = `
const Button = ({ className }: { className: string }) => <b className={className} />;
export function Loud({ on, read }: { on: boolean; read: () => Promise<void> }) {
  read();
  const seconds: number = 'ten';
  return <Button className={on ? 'p-1' : \`p-1 hover:bg-ink \${seconds}\`} />;
}
export const plain = <Button className="p-1 text-sm" />;
`;

it('a colour beside a look, a promise nobody waits for and a word in place of a number are found', () => {
  mkdirSync(root, { recursive: true });
  writeFileSync(`${root}/Loud.tsx`, loud);
  const { stdout } = spawnSync('npx', ['--no-install', 'oxlint', '--no-ignore', '-f', 'json', `${root}/Loud.tsx`], {
    encoding: 'utf8',
  });
  const { diagnostics } = JSON.parse(stdout) as { diagnostics: { code: string; labels: { span: { line: number } }[] }[] };
  const found = diagnostics.map(({ code, labels }) => [code, labels[0]?.span.line]);
  expect(found).toHaveLength(3);
  expect(found).toContainEqual(['even-rungs(button-look)', 6]);
  expect(found).toContainEqual(['typescript(TS2322)', 5]);
  expect(found).toContainEqual(['typescript(no-floating-promises)', 4]);
});
