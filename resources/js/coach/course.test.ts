import { describe, expect, it } from 'vitest';
import type { Schemas } from '@/api/client';
import cases from '../../../tests/Cases/strung-cues.json';
import { alsoNext, beside, bringForward, course, moreLeft, onceMore, strung, takeOver, written, type StrungCue } from './course';

type Sheet = Schemas['CueSheetView'];
const [straight, circuit] = Object.values(cases).map(({ sheet }) => sheet as unknown as Sheet) as [Sheet, Sheet];
const words = (cues: StrungCue[]) => cues.map(({ stretch, item, set, seconds }) => `${stretch} ${item} ${set} ${seconds}`);
const steps = (list: { item: string; set: number }[]) => list.map(({ item, set }) => `${item} ${set}`);

describe('the pieces of a session', () => {
  it.each(Object.entries(cases))('come to what the clock of the core makes of it: %s', (_, { sheet, cues }) => {
    const played = strung(sheet as unknown as Sheet, written(sheet as unknown as Sheet)).filter(({ seconds }) => seconds > 0);
    expect(played).toEqual(cues.map((cue, at) => ({ ...cue, step: played[at]?.step, way: played[at]?.way })));
  });

  it('leaves out what is left out today, whatever order was kept before', () => {
    const all = course(straight, null);
    const item = all[0]?.item ?? '';
    const rest = all.filter((step) => step.item !== item);
    expect(rest.length).toBeGreaterThan(0);
    expect(course(straight, null, [item])).toEqual(rest);
    expect(course(straight, rest.toReversed(), [item])).toEqual(rest.toReversed());
    expect(course(straight, rest.toReversed())).toEqual(all);
  });

  it('are one cue between two sets, were it of no time: a place among them holds', () => {
    expect(words(strung(circuit, written(circuit)))).toContain('rest side 1 0');
  });
});

describe('easier now', () => {
  it('takes the rest of the sets, and leaves those that were done', () => {
    const plan = takeOver(written(straight), 1, 'plank', 'front-plank/forearms-knees 2x(2x10s/5) r30');
    expect(plan.slice(0, 3).map(({ way }) => way.split(' ')[0])).toEqual([
      'front-plank/forearms-toes',
      'front-plank/forearms-knees',
      'press-out/standing',
    ]);
  });

  it('is what was written again where the sheet no longer has that version', () => {
    const plan = takeOver(written(straight), 0, 'plank', 'gone');
    expect(strung(straight, plan)[0]?.way).toBe(straight.ways[0]?.key);
  });
});

describe('beside another device', () => {
  const easier = { rung: 'front-plank/forearms-knees', dose: '2x(2x10s/5) r30' };
  it('its sets come first as they were done there, and its easier version goes on', () => {
    const done = [
      { item: 'press', set: 1, rung: null, dose: null },
      { item: 'plank', set: 1, ...easier },
    ];
    const plan = beside(straight, written(straight), done);

    expect(steps(plan)).toEqual(['press 1', 'plank 1', 'plank 2', 'press 2']);
    expect(plan.map(({ way }) => way.split(' ')[0])).toEqual([
      'press-out/standing',
      'front-plank/forearms-knees',
      'front-plank/forearms-knees',
      'press-out/standing',
    ]);
    expect(course(straight, plan)).toEqual(plan);
  });

  it('changes nothing where nothing was done there', () => {
    expect(beside(straight, written(straight), [])).toEqual(written(straight));
  });
});

describe('of a session of which the person picks', () => {
  it('only what was picked is trained; without a choice of one’s own everything is', () => {
    const some = written(straight).filter(({ item }) => item === straight.steps[0]?.item);
    expect(course({ ...straight, picks: 1 }, some)).toEqual(some);
    expect(course({ ...straight, picks: null }, some)).toEqual(written(straight));
    expect(course({ ...straight, picks: 1 }, [])).toEqual(written(straight));
  });
});

describe('another order', () => {
  it('brings a whole exercise forward, with the change-over from what was done', () => {
    const plan = bringForward(straight, written(straight), 1, 'press');
    expect(steps(plan)).toEqual(['plank 1', 'press 1', 'press 2', 'plank 2']);
    expect(words(strung(straight, plan)).filter((cue) => cue.startsWith('change-over'))).toEqual([
      'change-over press 1 30',
      'change-over plank 2 20',
    ]);
  });

  it('of a circuit brings one station forward, in this round', () => {
    expect(steps(bringForward(circuit, written(circuit), 0, 'out')).slice(0, 6)).toEqual([
      'out 1',
      'side 1',
      'hold 1',
      'side 2',
      'hold 2',
      'out 2',
    ]);
  });

  it('is offered of every exercise that is still to come, once', () => {
    expect(steps(alsoNext(written(circuit), 1))).toEqual(['out 1', 'side 2', 'plank 1']);
  });

  it('is given up where the session has other exercises by now', () => {
    const plan = bringForward(straight, written(straight), 0, 'press');
    expect(course(straight, plan)).toBe(plan);
    expect(steps(course(circuit, plan))).toEqual(steps(written(circuit)));
    expect(steps(course(straight, undefined))).toEqual(steps(written(straight)));
  });
});

describe('a set on top', () => {
  it('is one more of its exercise after the last, while some are left', () => {
    expect(moreLeft(straight, written(straight), 'plank')).toBe(1);
    const plan = onceMore(written(straight), 'plank');
    expect(steps(plan)).toEqual(['plank 1', 'plank 2', 'plank 3', 'press 1', 'press 2']);
    expect(moreLeft(straight, plan, 'plank')).toBe(0);
    expect(words(strung(straight, plan))).toContain('work plank 3 10');
  });
});
