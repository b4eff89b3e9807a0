import { describe, expect, it } from 'vitest';
import type { BoardDemand, BoardLadder, BoardRung } from '@/frame/boardModel';
import { search } from './search';

const rung = (slug: string, name: string, height: number, alsoCalled: string[] = [], open = true) =>
  ({ slug, name, shortName: name, alsoCalled, height, openLeft: open, openRight: open }) as unknown as BoardRung;
const ladder = (slug: string, name: string, rungs: BoardRung[], stands: string | null = null, farAbove: number | null = null) =>
  ({ slug, name, shortName: slug, rungs, farAbove, stands: stands ? [{ rung: stands }] : [] }) as unknown as BoardLadder;
const demands = [
  {
    ladders: [
      ladder(
        'side-bridge',
        'Side-bridge ladder',
        [
          rung('side/lean', 'Side lean on the wall', 14),
          rung('side/knees', 'Side bridge, knees bent', 30, ['side plank']),
          rung('side/feet', 'Side bridge, feet', 46, ['side plank']),
          rung('side/lift', 'Side bridge with a leg lift', 70, ['side plank']),
        ],
        'side/feet',
        61,
      ),
      ladder('all-fours', 'All-fours ladder', [rung('four/slide', 'All fours, slide out to the side, band round the ribs', 40)]),
      ladder('bridge', 'Bridge ladder', [
        rung('bridge/two', 'Bridge, both feet', 20, ['glute bridge']),
        rung('bridge/march', 'Bridge, march', 35, ['glute bridge']),
        rung('bridge/one', 'One-leg bridge', 50, [], false),
      ]),
    ],
  },
] as unknown as BoardDemand[];
const slugs = (text: string, near: string | null = null) => search(demands, text, near).map((found) => found.rung.slug);

describe('the search for an exercise', () => {
  it('is by beginnings of words: “side br” is the side bridge, where the person stands first, then what else its ladder has; nothing on all fours', () => {
    expect(slugs('side br')).toEqual(['side/feet', 'side/knees', 'side/lift', 'side/lean']);
  });

  it('shows bridges first where a bridge is asked for, and last what is ruled out', () => {
    expect(slugs('bridge').slice(0, 2)).toEqual(['bridge/two', 'bridge/march']);
    expect(slugs('bridge').at(-1)).toBe('bridge/one');
  });

  it('knows what else the trade calls it', () => {
    expect(slugs('glute')).toEqual(['bridge/two', 'bridge/march']);
    expect(slugs('side plank')[0]).toBe('side/feet');
  });

  it('finds nothing where one word is not said of anything', () => {
    expect(slugs('side brx')).toEqual([]);
    expect(slugs('sd br')).toEqual([]);
  });

  it('says what is far above, and begins beside the one that is swapped', () => {
    expect(search(demands, 'leg lift')[0]?.far).toBe(true);
    expect(search(demands, 'side bridge feet')[0]?.far).toBe(false);
    expect(slugs('side', 'side/knees').slice(0, 2)).toEqual(['side/knees', 'side/feet']);
  });
});
