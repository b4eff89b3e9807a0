import { describe, expect, it } from 'vitest';
import { foldedDemands, groupWidth, leastRoom, openedLadders, WIDTH } from './layout';

const groups = [
  { value: 'anti-extension', ladders: 5 },
  { value: 'anti-lateral-flexion', ladders: 2 },
  { value: 'anti-flexion', ladders: 3 },
  { value: 'anti-rotation', ladders: 3 },
  { value: 'hip-stability', ladders: 2 },
  { value: 'activation', ladders: 1 },
].map((group) => ({ ...group, weakest: false }));
const folded = (active: string, room: number, chosen: string[] = []) => [...foldedDemands(groups, active, new Set(chosen), room)];

describe('the demands on the board', () => {
  it('all stand open where there is room', () => {
    expect(folded('anti-rotation', 2000)).toEqual([]);
  });

  it('fold what has no share first, then what is farthest from the demand at hand', () => {
    expect(folded('anti-rotation', 690)).toEqual(['activation']);
    expect(folded('anti-rotation', 600)).toEqual(['activation', 'anti-extension']);
  });

  it('keep the weakest open as long as anything else can be folded', () => {
    const withWeakest = groups.map((group) => ({ ...group, weakest: group.value === 'anti-extension' }));
    expect([...foldedDemands(withWeakest, 'anti-rotation', new Set(), 600)]).toEqual([
      'activation',
      'anti-lateral-flexion',
      'anti-flexion',
    ]);
  });

  it('stay folded where the trainer folded them, but never the one at hand', () => {
    expect(folded('anti-rotation', 2000, ['hip-stability'])).toEqual(['hip-stability']);
    expect(folded('hip-stability', 2000, ['hip-stability'])).toEqual([]);
  });

  it('leave only the demand at hand where there is hardly any room', () => {
    expect(folded('anti-extension', 200)).toHaveLength(5);
  });
});

describe('a board with hardly any room', () => {
  it('still has each demand beside the others folded', () => {
    const room = leastRoom(groups);
    for (const { value, ladders } of groups) {
      const shut = foldedDemands(groups, value, new Set(), room);
      const open = groups.filter((group) => !shut.has(group.value));
      const width = open.reduce((sum, group) => sum + groupWidth(group.ladders, group.value === value ? 1 : 0), 0);

      expect(groupWidth(ladders, 1)).toBeLessThanOrEqual(width);
      expect(WIDTH.axis + groups.length * WIDTH.gap + shut.size * WIDTH.folded + width).toBeLessThanOrEqual(room);
    }
  });
});

describe('the ladders that stand open', () => {
  const demands = [
    { value: 'front', ladders: ['plank', 'dead-bug', 'rollout'], stoodOn: ['plank'] },
    { value: 'side', ladders: ['side-bridge', 'carry'], stoodOn: ['side-bridge'] },
    { value: 'hip', ladders: ['clam'], stoodOn: [] },
  ];
  const opened = (active: string, room: number, folded: string[] = []) => [
    ...openedLadders(demands, active, new Set(folded), room),
  ];

  it('are the one at hand where there is room for no more', () => {
    expect(opened('plank', 420)).toEqual(['plank']);
  });

  it('are all of its demand where there is room, then what the person stands on elsewhere', () => {
    expect(opened('plank', 700)).toEqual(['plank', 'dead-bug', 'rollout']);
    expect(opened('plank', 1200)).toEqual(['plank', 'dead-bug', 'rollout', 'side-bridge']);
    expect(opened('plank', 1200, ['side'])).toEqual(['plank', 'dead-bug', 'rollout']);
  });
});
