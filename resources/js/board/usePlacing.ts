import { useRef, useState } from 'react';
import { toast } from '@/ui/notice';
import { http, newId, sentenceOf } from '@/api/client';
import type { BoardDemand, BoardLadder } from '@/frame/boardModel';
import { savedNow } from '@/frame/saving';
import { useRefresh } from '@/frame/usePerson';

export type Side = 'both' | 'left' | 'right';
/** A placing far above what was clean, asked about before it is made. */
export interface Jump {
  rung: string;
  side: Side;
  range: string | null;
  reason: string;
  sentence: string;
}
export type OnBoard = { demand: BoardDemand; ladder: BoardLadder };

/** Placing a person on a rung, each move taken back by a key; a ladder stopped after pain asks why it is opened again. */
export function usePlacing(person: string, ladders: OnBoard[], go: (slug: string) => void) {
  const refresh = useRefresh();
  const sending = useRef(new Set<string>());
  const [reopening, setReopening] = useState<{ rung: string; side: Side; range: string | null } | null>(null);
  const [jump, setJump] = useState<Jump | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const undo = useRef<(() => void) | null>(null);

  /** Says whether the person stands there now. */
  const place = async (slug: string, side: Side, reason = '', far = false, range: string | null = null): Promise<boolean> => {
    const entry = ladders.find((one) => one.ladder.rungs.some((other) => other.slug === slug));
    const target = entry?.ladder.rungs.find((other) => other.slug === slug);
    if (!entry || !target) return false;
    const open = side === 'both' ? target.openLeft && target.openRight : side === 'left' ? target.openLeft : target.openRight;
    if (!open || (side !== 'both' && target.sidedness === 'both')) return false;
    if (entry.ladder.stands.some((stand) => stand.stopped) && reason === '') {
      setReopening({ rung: slug, side, range });
      return false;
    }
    if (
      entry.ladder.stands.some(
        (stand) => stand.rung === slug && stand.side === side && !stand.stopped && (range === null || range === stand.range),
      )
    )
      return true;
    // The same move twice is one; another move need not wait for it.
    const move = `${slug} ${side} ${range ?? ''}`;
    if (sending.current.has(move)) return false;
    sending.current.add(move);
    const path = { person };
    const { data, error } = await http.POST('/api/people/{person}/placements', {
      params: { path },
      body: { id: newId(), rung: slug, side, range, reason, far, guessed: false },
    });
    sending.current.delete(move);
    if (error?.code === 'big-jump') setJump({ rung: slug, side, range, reason, sentence: error.sentence });
    else setProblem(error ? sentenceOf(error) : null);
    if (!data) return false;
    setReopening(null);
    setJump(null);
    savedNow();
    undo.current = () => {
      undo.current = null;
      void http
        .DELETE('/api/people/{person}/placements/{placement}', { params: { path: { ...path, placement: data.placement } } })
        .then(async ({ error }) => {
          setProblem(error ? sentenceOf(error) : null);
          if (!error) toast('Taken back.');
          await refresh();
        });
    };
    toast(data.sentence, { action: { label: 'Take back (U)', onClick: () => undo.current?.() } });
    await refresh();
    // From a button of the pane the keyboard goes back to the rung; whoever has walked on stays there.
    if (document.activeElement?.getAttribute('role') !== 'option') go(slug);
    return true;
  };

  return {
    place,
    problem,
    reopening,
    leaveShut: () => {
      setReopening(null);
      setProblem(null);
    },
    jump,
    leaveJump: () => setJump(null),
    takeBack: () => undo.current?.(),
  };
}
