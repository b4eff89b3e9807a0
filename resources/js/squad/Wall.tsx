import { useMemo } from 'react';
import { useFollowing, useMovedOn } from '@/clock/following';
import { OnWall } from '@/clock/OnWall';
import { Standby } from '@/clock/Standby';
import { lasts } from '@/clock/player';
import { cx } from '@/ui/cx';
import { DemandGlyph } from '@/ui/DemandGlyph';
import { inWords } from './AtStation';
import { cuesOf, pieceAt, whoIsAt, type SquadCue } from './course';
import { RoundAndTurn } from './RoundAndTurn';
import { doneIn, nothing, type Answers } from './telling';
import type { SquadView } from './useSquad';
import { cueWords, plain } from './words';

/** What the clock of another window goes by. */
export interface Shown {
  view: SquadView;
  answers: Answers;
}

/** More stations than this stand in two rows. */
const IN_A_ROW = 5;

/** Size of the letters in vh: as large as they fit one above another, each with the number of the station and its people. */
const sizeFor = (rows: number, people: number): number => Math.min(3.6, 7.4 / (rows * (people + 0.3)));

/** The squad's clock of another window on a wall: who goes where and does what, read from five metres, nothing to press. */
export function Wall({ squad }: { squad: string }) {
  const followed = useFollowing(squad);
  const shown = followed?.shown as Shown | null | undefined;
  const cues = useMemo(() => (shown ? cuesOf(shown.view) : []), [shown]);
  const player = useMovedOn(cues, shown && followed?.player);
  const cue = player ? cues[player.at] : undefined;
  return (
    <OnWall rows="grid-rows-[auto_1fr]">
      {shown && player && cue ? (
        <>
          <Count cue={cue} leftMs={player.leftMs} isPaused={player.since === null && player.at > 0} view={shown.view} />
          <Stations shown={shown} cue={cue} leftMs={player.leftMs} />
        </>
      ) : (
        <Standby title={shown?.view.name ?? 'The clock of a squad'} isOver={player?.over === true} />
      )}
    </OnWall>
  );
}

function Count({ cue, leftMs, isPaused, view }: { cue: SquadCue; leftMs: number; isPaused: boolean; view: SquadView }) {
  return (
    <div className="grid grid-cols-[auto_1fr] items-center gap-x-[4vh]">
      <p className="min-w-[2.2ch] text-center font-mono text-[28vh] leading-none font-bold tabular-nums">
        {Math.ceil(leftMs / 1000)}
      </p>
      <div className="min-w-0">
        <h1
          className={cx(
            'truncate font-display text-[12vh] leading-none font-[650]',
            cue.stretch === 'work' ? 'text-ink' : 'text-ochre',
          )}
        >
          {isPaused ? 'Paused' : cueWords[cue.kind]}
        </h1>
        <p className="mt-[2vh] truncate text-[5vh] leading-tight text-ink2">
          <RoundAndTurn cue={cue} view={view} />
        </p>
      </div>
    </div>
  );
}

function Stations({ shown: { view, answers }, cue, leftMs }: { shown: Shown; cue: SquadCue; leftMs: number }) {
  const rows = view.stations.length > IN_A_ROW ? 2 : 1;
  const most = Math.max(...view.stations.map((_, at) => whoIsAt(view, at, cue.place).length));
  const isWork = cue.stretch === 'work';
  const gone = isWork ? (lasts(cue) - leftMs) / 1000 : 0;
  return (
    <ol
      className="grid min-h-0 gap-[1.5vh]"
      style={{
        gridTemplateColumns: `repeat(${Math.ceil(view.stations.length / rows)}, minmax(0, 1fr))`,
        gridTemplateRows: `repeat(${rows}, minmax(0, 1fr))`,
        fontSize: `${sizeFor(rows, most)}vh`,
      }}
    >
      {view.stations.map((station, at) => (
        <li
          key={station.ladder}
          className={cx(
            'grid min-h-0 content-start gap-[0.4em] overflow-hidden rounded-[1.5vh] border p-[0.5em]',
            isWork ? 'border-rail bg-sheet' : 'border-ochre',
          )}
        >
          <p className="flex items-center gap-[0.3em]">
            <span className="font-mono text-[2.2em] leading-none font-bold">{at + 1}</span>
            <DemandGlyph demand={station.demand} className="size-[1.5em] flex-none" />
            <span className="min-w-0 truncate text-[0.8em] text-ink2">{plain(station.name)}</span>
          </p>
          {whoIsAt(view, at, cue.place).map((member) => {
            const answer = answers[member.person] ?? nothing;
            const place = doneIn(member, at, cue.round, answer);
            const piece = place ? pieceAt(place, gone) : null;
            // Why somebody rests is nobody's but theirs.
            const isIn = place?.rung != null && answer.marks[at] !== 'left';
            return (
              <div
                key={member.person}
                className={cx(
                  'min-w-0 border-l-[0.15em] pl-[0.4em] leading-tight',
                  isIn && !(isWork && piece === null) ? 'border-fern' : 'border-hairline text-ink2',
                )}
              >
                <p className="truncate text-[1.55em] leading-tight font-semibold">{member.name.split(' ')[0]}</p>
                <p className="line-clamp-3">{isIn ? place.name : 'rests here'}</p>
                {isIn && <p className="line-clamp-2 text-ink2">{inWords(place, piece, isWork)}</p>}
              </div>
            );
          })}
        </li>
      ))}
    </ol>
  );
}
