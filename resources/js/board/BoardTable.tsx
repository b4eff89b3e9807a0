import { cx } from '@/ui/cx';
import { titleOf } from './Rails';
import { isClosed, type BoardDemand } from '@/frame/boardModel';

/** The board as a table: for screen readers always, for everybody on demand. */
export function BoardTable({
  demands,
  caption,
  onGo,
}: {
  demands: BoardDemand[];
  caption: string;
  onGo?: (rung: string) => void;
}) {
  const shown = onGo !== undefined;
  const cell = shown ? 'border-t border-hairline px-2 py-1.5 align-top' : undefined;
  return (
    <table className={shown ? 'w-full border-collapse text-left' : undefined}>
      <caption className="sr-only">{caption}</caption>
      <thead>
        <tr className={shown ? 'text-sm text-ink2' : undefined}>
          {['Demand', 'Ladder', 'Stands on', 'Height', 'Gate', 'Next rung', 'Open rungs'].map((head) => (
            <th key={head} scope="col" className={shown ? 'px-2 py-1 font-normal' : undefined}>
              {head}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {demands.flatMap((demand) =>
          demand.ladders.map((ladder, index) => {
            const stands = ladder.stands.map((stand) => ({
              ...stand,
              rung: ladder.rungs.find((rung) => rung.slug === stand.rung),
            }));
            const next = ladder.rungs.find((rung) => rung.slug === stands[0]?.next);
            const side = (stand: (typeof stands)[number]) => (stand.side === 'both' ? '' : `${stand.side} `);
            return (
              <tr key={ladder.slug} className={cx(shown && demand.weakest && 'bg-band')}>
                <th scope="row" className={cx(cell, shown && 'font-semibold')}>
                  <span className={index > 0 && shown ? 'sr-only' : undefined}>
                    {titleOf(demand)}
                    {demand.weakest && ', weakest'}
                    {demand.toppedOut && ', topped out'}
                    {demand.guessed && ', guessed'}
                  </span>
                </th>
                <td className={cell}>{ladder.name}</td>
                <td className={cell}>
                  {stands.length === 0
                    ? 'not placed'
                    : stands.map((stand) =>
                        onGo && stand.rung ? (
                          <button
                            key={stand.side}
                            type="button"
                            className="block min-h-6 text-left underline underline-offset-4"
                            onClick={() => stand.rung && onGo(stand.rung.slug)}
                          >
                            {side(stand)}
                            {stand.rung.shortName}
                            {stand.stopped ? ' (stopped)' : stand.rung && isClosed(stand.rung) && ' (ruled out)'}
                          </button>
                        ) : (
                          <span key={stand.side}>
                            {side(stand)}
                            {stand.rung?.name}
                            {stand.stopped ? ', stopped' : stand.rung && isClosed(stand.rung) && ', ruled out'}{' '}
                          </span>
                        ),
                      )}
                </td>
                <td className={cx(cell, 'font-mono')}>{stands.map((stand) => stand.rung?.heightText).join(' / ')}</td>
                <td className={cell}>
                  {stands
                    .map(
                      (stand) =>
                        `${side(stand)}${stand.gate.cleanSessions} of ${stand.gate.sessionsNeeded} clean sessions${stand.gate.open ? ', open' : ''}`,
                    )
                    .join('; ')}
                </td>
                <td className={cell}>{next ? `${next.shortName} (${next.heightText})` : ''}</td>
                <td className={cx(cell, 'font-mono')}>
                  {ladder.rungs.filter((rung) => !isClosed(rung)).length} of {ladder.rungs.length}
                </td>
              </tr>
            );
          }),
        )}
      </tbody>
    </table>
  );
}
