import type { Schemas } from '@/api/client';
import { lasts } from '@/clock/player';
import { RungFigure } from '@/figure/RungFigure';
import { Choice } from '@/ui/Choice';
import { cx } from '@/ui/cx';
import { DemandGlyph } from '@/ui/DemandGlyph';
import { Dialog } from '@/ui/Dialog';
import { pieceAt, roundAt, whoIsAt, type SquadCue } from './course';
import { doneIn, nothing, taking, type Answers, type Mark } from './telling';
import type { SquadView } from './useSquad';
import { plain } from './words';

type Place = Schemas['SquadPlaceView'];

/** Whom somebody looks at more closely, and where. */
export interface Looked {
  person: string;
  station: number;
}

/** Who is at a station, or comes to it next, each with their own rung. */
export function Station({
  station,
  at,
  view,
  cue,
  leftMs,
  answers,
  onLook,
}: {
  station: Schemas['SquadStationView'];
  at: number;
  view: SquadView;
  cue: SquadCue;
  leftMs: number;
  answers: Answers;
  onLook: (person: string) => void;
}) {
  const isWork = cue.stretch === 'work';
  const gone = isWork ? (lasts(cue) - leftMs) / 1000 : 0;
  const people = whoIsAt(view, at, cue.place);
  return (
    <li className={cx('grid content-start gap-2 rounded-lg border p-3', isWork ? 'border-rail bg-sheet' : 'border-ochre')}>
      <p className="flex items-center gap-2 text-ink2">
        <span className="font-mono text-3xl leading-none font-bold text-ink">{at + 1}</span>
        <DemandGlyph demand={station.demand} />
        <span className="truncate">{plain(station.name)}</span>
      </p>
      {people.length === 0 && <p className="text-ink3">nobody</p>}
      {people.map((member) => (
        <Doing
          key={member.person}
          name={member.name}
          place={doneIn(member, at, cue.round, answers[member.person] ?? nothing)}
          written={member.places[at]}
          gone={gone}
          isWork={isWork}
          mark={answers[member.person]?.marks[at]}
          onLook={() => onLook(member.person)}
        />
      ))}
    </li>
  );
}

const markWords: Record<Mark, string> = { done: 'form lost', left: 'left out' };

/** What is said below the name of an exercise: how its time is spent, and while it runs what they are at. */
export function inWords(place: Place, piece: Schemas['SquadPieceView'] | null, isWork: boolean): string {
  if (isWork && piece === null) return 'done: rests until the change';
  const first = place.pieces[0]?.side;
  if (isWork && piece?.stretch === 'side-change') return `change to the ${piece.side}`;
  if (isWork && piece?.stretch === 'gap') return 'let go, breathe';
  if (isWork && piece && piece.side !== first) return `${piece.side} side now`;
  return [place.words, place.setUp].filter(Boolean).join(' · ');
}

function Doing({
  name,
  place,
  written,
  gone,
  isWork,
  mark,
  onLook,
}: {
  name: string;
  place: Place | undefined;
  written: Place | undefined;
  /** seconds of the work that are over */
  gone: number;
  isWork: boolean;
  mark: Mark | undefined;
  onLook: () => void;
}) {
  const piece = place ? pieceAt(place, gone) : null;
  const rests = !place?.rung || mark === 'left' || (isWork && piece === null);
  const isOther = isWork && (piece?.stretch !== 'work' || piece.side !== place?.pieces[0]?.side);
  return (
    <button
      type="button"
      disabled={!place?.rung}
      onClick={onLook}
      className={cx(
        'grid min-h-11 border-l-4 pl-2 text-left',
        rests ? 'border-hairline text-ink2' : isOther ? 'border-ochre' : 'border-fern',
      )}
    >
      <span className="text-2xl leading-tight font-semibold">{name.split(' ')[0]}</span>
      <span className="text-lg leading-tight">{place?.rung ? place.name : 'rests here'}</span>
      {place?.rung && mark !== 'left' && <span className="text-ink2">{inWords(place, piece, isWork)}</span>}
      {place?.rung && place !== written && <span className="font-semibold">easier version</span>}
      {mark && <span className="font-semibold text-ochre">◇ {markWords[mark]}</span>}
    </button>
  );
}

/** One of them more closely, while the clock runs on: how it is done, the easier version, and what is to be told of it later. */
export function Look({
  view,
  cue,
  looked,
  answers,
  onAnswer,
  onClose,
}: {
  view: SquadView;
  cue: SquadCue;
  looked: Looked | null;
  answers: Answers;
  onAnswer: (answers: Answers) => void;
  onClose: () => void;
}) {
  const member = view.members.find(({ person }) => person === looked?.person);
  if (!looked || !member) return null;
  const answer = answers[member.person] ?? nothing;
  const written = member.places[looked.station];
  const round = roundAt(member, looked.station, cue);
  const place = doneIn(member, looked.station, round, answer);
  if (!place?.rung || !written) return null;
  const mark = answer.marks[looked.station];
  const put = (next: Mark) =>
    onAnswer({
      ...answers,
      [member.person]: { ...answer, marks: { ...answer.marks, [looked.station]: mark === next ? undefined : next } },
    });
  return (
    <Dialog open dark onClose={onClose} title={`${member.name}: ${place.name}`}>
      <RungFigure rung={place.rung} label={place.name} className="h-32 w-full rounded-md bg-paper" />
      {place.setUp && <p className="font-semibold">{place.setUp}</p>}
      <p>{place.cues.join(' ')}</p>
      {place === written && (
        <p>
          <strong>Easier:</strong> {place.easier}
        </p>
      )}
      {written.versions.length > 0 && round <= view.rounds && (
        <div role="group" aria-label="Easier from here on" className="flex flex-wrap gap-2">
          {written.versions.map((version) => (
            <Choice
              key={`${version.rung ?? ''} ${version.dose}`}
              pressed={place === version}
              onPress={() =>
                onAnswer({
                  ...answers,
                  [member.person]: taking(answer, looked.station, place === version ? written : version, round),
                })
              }
            >
              {`easier now: ${version.easier}`}
            </Choice>
          ))}
        </div>
      )}
      <div role="group" aria-label="How it goes" className="flex flex-wrap gap-2">
        {(['done', 'left'] as const).map((one) => (
          <Choice key={one} pressed={mark === one} onPress={() => put(one)}>
            {markWords[one]}
          </Choice>
        ))}
      </div>
      <p className="text-sm text-ink2">
        Of the station, whatever the round; told with the rest once the clock has ended. Where something hurts, they stop.
      </p>
    </Dialog>
  );
}
