import { render, screen } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { useTelling } from '@/clock/following';
import { cued, type Player } from '@/clock/player';
import { cuesOf } from './course';
import { member, squad } from './squad.fixture';
import { nothing, type Answers } from './telling';
import { Wall, type Shown } from './Wall';

const view = squad([member('Tam Oakrigg', 0), member('Ilse Torvane', 1)]);
const cues = cuesOf(view);

/** The window the clock runs in. */
function Running({ player, shown }: { player: Player; shown: Shown }) {
  useTelling('q', player, shown);
  return null;
}

const both = (at: number, answers: Answers = {}) => (
  <>
    <Wall squad="q" />
    <Running player={{ ...cued(cues, at), moves: at }} shown={{ view, answers }} />
  </>
);

describe('the clock of a squad on a wall', () => {
  it('follows the window it runs in: who goes where next, and what each does there', async () => {
    const { rerender, container } = render(<Wall squad="q" />);
    expect(container.textContent).toContain('Start it in the other window');
    rerender(both(0));
    await screen.findByText('To your stations');
    const stations = () => screen.getAllByRole('listitem').map(({ textContent }) => textContent);
    expect(stations()).toEqual([
      expect.stringContaining('TamFront plank, forearms and knees30 s'),
      expect.stringContaining('IlseSide bridge, knees bent30 s: 12 s each side'),
    ]);
    rerender(both(2));
    await screen.findByText('Paused');
    expect(stations()[0]).toContain('Ilse');
    expect(container.textContent).toContain('round 1 of 2 · turn 2 of 2');
  });

  it('says that somebody rests, never why, nor whose form was lost', async () => {
    const [version] = view.members[0]?.places[0]?.versions ?? [];
    const { container } = render(
      both(1, {
        'p-Tam Oakrigg': {
          ...nothing,
          marks: { 0: 'done' },
          instead: { 0: [{ rung: version?.rung ?? null, dose: '2x30s on', from: 1 }] },
        },
        'p-Ilse Torvane': {
          ...nothing,
          marks: { 1: 'left' },
          before: [{ place: 'shoulder', side: null, pain: 7 }],
        },
      }),
    );
    await screen.findByText('rests here');
    expect(container.textContent).toContain('Front plank, forearms on a bench');
    expect(container.textContent).not.toMatch(/form lost|left out|shoulder|easier/);
  });
});
