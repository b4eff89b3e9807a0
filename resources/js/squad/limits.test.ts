import { readFileSync } from 'node:fs';
import { expect, it } from 'vitest';
import { CLOCK, MOST, STATIONS } from './limits';

it('says of a squad’s bounds what the core says', () => {
  const clock = readFileSync('core/Squad/SquadClock.php', 'utf8');
  const bounds = (name: string) => new RegExp(`const ${name} = \\[(\\d+), (\\d+)\\]`).exec(clock)?.slice(1).map(Number);
  expect(bounds('STATIONS')).toEqual([STATIONS.least, STATIONS.most]);
  for (const [name, constant] of [
    ['work', 'WORK'],
    ['change', 'CHANGE'],
    ['rounds', 'ROUNDS'],
    ['roundRest', 'ROUND_REST'],
  ] as const)
    expect(bounds(constant), constant).toEqual([CLOCK[name].least, CLOCK[name].most]);
  expect(readFileSync('core/Squad/Squad.php', 'utf8')).toContain(`MOST = ${MOST};`);
});
