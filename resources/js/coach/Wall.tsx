import { useMemo } from 'react';
import type { Schemas } from '@/api/client';
import { Figure } from '@/figure/Figure';
import { partAt } from '@/figure/tempo';
import { cx } from '@/ui/cx';
import type { AtHand } from './atHand';
import { course, strung, wayAt, type StrungCue, type Way } from './course';
import { useFollowing, useMovedOn } from '@/clock/following';
import { OnWall } from '@/clock/OnWall';
import { Standby } from '@/clock/Standby';
import { lasts, repetition, runFor, type Player } from '@/clock/player';
import { mirrored, thenOf, wordOf } from './words';

/** The player of another window on a wall: read from five metres, nothing to press. */
export function Wall({ sheet, training: { opened } }: { sheet: Schemas['CueSheetView']; training: AtHand }) {
  const { steps, left } = opened.training;
  const cues = useMemo(() => strung(sheet, course(sheet, steps, left)), [sheet, steps, left]);
  const player = useMovedOn(cues, useFollowing(sheet.session)?.player);
  const cue = player ? cues[player.at] : undefined;
  return (
    <OnWall rows="grid-rows-[auto_1fr_auto]">
      {player && cue ? (
        <Standing sheet={sheet} cues={cues} player={player} cue={cue} way={wayAt(sheet, cue)} />
      ) : (
        <Standby title={sheet.title} isOver={player?.over === true} />
      )}
    </OnWall>
  );
}

function Standing({
  sheet,
  cues,
  player,
  cue,
  way,
}: {
  sheet: Schemas['CueSheetView'];
  cues: StrungCue[];
  player: Player;
  cue: StrungCue;
  way: Way | undefined;
}) {
  const working = cue.stretch === 'work';
  const rep = repetition(cue, player.leftMs);
  const run = runFor(cue, player.leftMs);
  const next = cues.slice(player.at + 1).find(({ stretch }) => stretch === 'work');
  const isResting = cue.stretch === 'rest' || cue.stretch === 'change-over';
  const shown = isResting ? ((next && wayAt(sheet, next)) ?? way) : way;
  return (
    <>
      <h1 className="truncate text-[7vh] leading-tight">
        {isResting && 'Next: '}
        {shown?.name}
      </h1>
      <div className="grid min-h-0 grid-cols-[1.2fr_1fr] items-center gap-[3vh]">
        <div className="grid justify-items-center">
          <p className={cx('font-display text-[12vh] leading-none font-[650]', working ? 'text-ink' : 'text-ochre')}>
            {wordOf(cue)}
          </p>
          <p className="font-mono text-[40vh] leading-none font-bold tabular-nums">
            {run === null ? Math.ceil(player.leftMs / 1000) : Math.floor(run / 1000)}
          </p>
          {rep && (
            <p className="font-mono text-[9vh] leading-none">
              {rep.number}
              {run === null && <span className="text-ink2"> of {cue.repetitions}</span>}
            </p>
          )}
        </div>
        {shown && (
          <Figure
            figure={shown.figure}
            label={shown.name}
            {...(working && { part: rep ? partAt(cue.phases, (lasts(cue) - player.leftMs) / 1000) : 1 })}
            mirrored={mirrored(shown, working ? cue.side : next?.side)}
            className="h-full max-h-[56vh] w-full rounded-lg bg-sheet"
          />
        )}
      </div>
      <p className="truncate text-[6vh] leading-tight font-semibold text-ink2">
        {player.since === null ? 'Paused' : thenOf(sheet, cues, player.at)}
      </p>
    </>
  );
}
