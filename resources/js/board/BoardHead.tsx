import { Link } from 'react-router';
import type { Schemas } from '@/api/client';
import type { BoardDemand } from '@/frame/boardModel';
import { Why } from '@/frame/reason';
import { counted } from '@/ui/counted';
import { Button } from '@/ui/Button';
import { cx } from '@/ui/cx';
import { day } from '@/ui/day';
import { showWhole } from '@/ui/whole';
import { Guessed } from './Guessed';
import { titleOf } from './Rails';

/** Nobody has placed the person on any ladder: the checks say where each begins. */
const isEmpty = (board: Schemas['BoardView']): boolean =>
  board.demands.every((demand) => demand.ladders.every((ladder) => ladder.stands.length === 0));

/** The spread, today or after an earlier move, and how many rungs are closed by what. */
export function BoardHead({
  person,
  board,
  move,
  withPutAway,
  onPutAway,
  onMethod,
}: {
  person: Schemas['PersonView'];
  board: Schemas['BoardView'];
  move: Schemas['MoveView'] | undefined;
  withPutAway: boolean;
  onPutAway: (shown: boolean) => void;
  onMethod: () => void;
}) {
  return (
    <div className="mb-2 flex flex-wrap items-baseline gap-x-4 gap-y-1">
      <h1 className="text-3xl">Board</h1>
      {move ? (
        <p className="rounded-sm bg-ink px-2 text-lg text-ground">
          as it stood on {day(move.on)}
          {move.spreadText && (
            <>
              {' '}
              · spread <strong className="font-mono">{move.spreadText}</strong>
            </>
          )}
        </p>
      ) : (
        <Why title="Spread" reasons={board.spreadReason} className="text-lg text-ink2">
          {board.spreadText ? (
            <>
              spread <strong className="font-mono text-ink">{board.spreadText}</strong>
              {board.spreadBefore && board.spreadBefore !== board.spreadText && (
                <>
                  {' '}
                  · four weeks ago <span className="font-mono">{board.spreadBefore}</span>
                </>
              )}
            </>
          ) : (
            'no spread yet'
          )}
        </Why>
      )}
      {!move && isEmpty(board) && (
        <Link to={`/people/${person.id}/checks`} className="font-semibold text-rowan underline underline-offset-4">
          where to start
        </Link>
      )}
      <span className="ml-auto flex flex-wrap items-baseline gap-x-3 text-ink2 max-sm:hidden">
        {board.ruledOut > 0 && (
          <span>
            {counted(board.ruledOut, 'rung')} ruled out by{' '}
            <Link to={`/people/${person.id}/person`} className="underline underline-offset-4">
              {person.limits.length > 0 ? `${person.limits.map((limit) => limit.label).join(', ')} and kit` : 'kit'}
            </Link>
          </span>
        )}
        {board.putAway > 0 && (
          <span>
            {board.putAway} put away by the{' '}
            <button type="button" className="underline underline-offset-4" onClick={onMethod}>
              method
            </button>{' '}
            <Button look="quiet" aria-pressed={withPutAway} onClick={() => onPutAway(!withPutAway)}>
              {withPutAway ? 'hide them' : 'show them'}
            </Button>
          </span>
        )}
      </span>
    </div>
  );
}

/** On a narrow screen one demand at a time: its height and the weakest marked. */
export function DemandTabs({
  demands,
  active,
  onGo,
}: {
  demands: BoardDemand[];
  active: string | undefined;
  onGo: (ladder: string) => void;
}) {
  return (
    <div
      className="mb-1 flex [scrollbar-width:none] gap-1.5 overflow-x-auto"
      role="group"
      aria-label="Demands"
      ref={(list) => {
        const here = list?.querySelector<HTMLElement>('[aria-pressed=true]');
        if (list && here) list.scrollLeft = here.offsetLeft - 24;
      }}
    >
      {demands.map((demand) => (
        <button
          key={demand.value}
          type="button"
          aria-pressed={demand.value === active}
          onFocus={showWhole}
          onClick={() => onGo(demand.ladders[0]!.slug)}
          className={cx(
            'min-h-11 shrink-0 rounded-md border px-2 text-sm',
            demand.value === active ? 'border-ink bg-paper font-bold' : 'border-rail bg-sheet',
            demand.weakest && 'text-rowan',
          )}
        >
          {titleOf(demand)} {demand.heightText && <span className="font-mono">{demand.heightText}</span>}
          {demand.guessed && <Guessed />}
          {demand.weakest && ' ▾'}
        </button>
      ))}
    </div>
  );
}
