import { useEffect, useRef } from 'react';
import type { Schemas } from '@/api/client';
import { MoreLines } from '@/frame/MoreLines';
import { Button } from '@/ui/Button';
import { cx } from '@/ui/cx';
import { day } from '@/ui/day';

type Move = Schemas['MoveView'];

/** Time a move stays on the board while the path is played. */
const STEP_MS = 900;
const decisions: Record<NonNullable<Move['decision']>, string> = {
  climb: 'decided: climb',
  stay: 'decided: stay',
  'step-down': 'decided: step down',
  'stop-ladder': 'decided: stop the ladder',
  refer: 'decided: refer',
};

/** Every move with who, when and why; the board shows what it looked like after the chosen one. */
export function PathPane({
  moves,
  at,
  playing,
  more,
  reading,
  onGo,
  onPlay,
  onClose,
}: {
  moves: Move[];
  /** Index of the move shown on the board. */
  at: number;
  playing: boolean;
  /** Reads moves before these; null when there are none. */
  more: (() => Promise<unknown>) | null;
  reading: boolean;
  onGo: (at: number) => void;
  onPlay: (playing: boolean) => void;
  onClose: () => void;
}) {
  const list = useRef<HTMLOListElement>(null);
  // Moves that were taken back left no trace on the board: playing goes past them.
  const kept = moves.flatMap((move, index) => (move.takenBack ? [] : [index]));
  const next = kept.find((index) => index > at);

  useEffect(() => {
    if (!playing) return;
    const timer = setTimeout(() => (next === undefined ? onPlay(false) : onGo(next)), STEP_MS);
    return () => clearTimeout(timer);
  }, [playing, next, onGo, onPlay]);
  useEffect(() => {
    list.current?.querySelector('[aria-current=true]')?.scrollIntoView({ block: 'nearest' });
  }, [at]);

  return (
    <div className="flex flex-col gap-3 max-lg:pb-10 lg:h-full lg:min-h-0">
      <div className="flex items-baseline justify-between gap-2">
        <h2 className="text-xl">Path</h2>
        <Button look="quiet" hotkey="Esc" onClick={onClose}>
          back to today
        </Button>
      </div>
      {moves.length === 0 ? (
        <p>No moves yet. The first placing on a rung begins the path.</p>
      ) : (
        <>
          <div className="flex items-center gap-3 border-b border-hairline pb-3">
            <Button look="next" onClick={() => (next === undefined ? (onGo(kept[0] ?? 0), onPlay(true)) : onPlay(!playing))}>
              {playing ? 'Pause' : next === undefined ? 'Play from the start' : 'Play'}
            </Button>
            <input
              type="range"
              aria-label="Move shown on the board"
              aria-valuetext={moves[at] && `${day(moves[at].on)}: ${moves[at].sentence}`}
              min={0}
              max={moves.length - 1}
              value={at}
              onChange={(event) => {
                onPlay(false);
                onGo(Number(event.target.value));
              }}
              className="min-w-0 flex-1 accent-rowan"
            />
          </div>
          <MoreLines more={more} busy={reading} shown={moves.length} label="Show earlier moves" />
          <ol ref={list} className="grid content-start gap-px lg:min-h-0 lg:flex-1 lg:overflow-y-auto">
            {moves.map((move, index) => (
              <li key={move.placement}>
                <button
                  type="button"
                  disabled={move.takenBack}
                  aria-current={index === at}
                  onClick={() => {
                    onPlay(false);
                    onGo(index);
                  }}
                  className={cx(
                    'grid w-full gap-0.5 rounded-sm border-l-4 px-2 py-1.5 text-left',
                    index === at ? 'border-rowan bg-paper' : 'border-transparent hover:bg-paper',
                    move.takenBack && 'text-ink3',
                  )}
                >
                  <span className="text-sm text-ink2">
                    {day(move.on)} · {move.by}
                    {move.decision && ` · ${decisions[move.decision]}`}
                  </span>
                  <span className={cx('font-semibold', move.takenBack && 'line-through')}>{move.sentence}</span>
                  {move.reason && <span className="text-sm">{move.reason}</span>}
                  {move.takenBack && <span className="text-sm">taken back</span>}
                  {move.spreadText && (
                    <span className="text-sm text-ink2">
                      spread <span className="font-mono">{move.spreadText}</span>
                    </span>
                  )}
                </button>
              </li>
            ))}
          </ol>
        </>
      )}
    </div>
  );
}
