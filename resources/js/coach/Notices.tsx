import { Link } from 'react-router';
import { newId, type Schemas } from '@/api/client';
import { LeftOut } from '@/frame/LeftOut';
import { Why } from '@/frame/reason';
import { hasBadMorning, type Told } from '@/offline/told';
import { Button } from '@/ui/Button';
import { cx } from '@/ui/cx';
import { useAlone } from './alone';
import type { StrungCue, Way } from './course';

/** What is done now, or comes next, and in which part of the session. */
export function Heading({
  sheet,
  item,
  nextItem,
  working,
  cue,
  small,
}: {
  sheet: Schemas['CueSheetView'];
  item: Way | undefined;
  nextItem: Way | undefined;
  working: boolean;
  cue: StrungCue | undefined;
  /** read aloud only, where there is little room */
  small: boolean;
}) {
  const shown = working || !nextItem ? item : nextItem;
  const part = sheet.blocks.find(({ items }) => shown && items.includes(shown.id))?.part;
  const which = cue && shown && (cue.set <= shown.sets ? `set ${cue.set} of ${shown.sets}` : 'one set on top');
  return (
    <div className={cx('[@media(max-height:28rem)]:sr-only', small && 'max-sm:sr-only')}>
      {part && part !== 'main' && <p className="font-semibold text-ochre">{part === 'primer' ? 'Primer' : 'Finisher'}</p>}
      <h1 className="text-2xl">{working || !nextItem ? shown?.name : `Next: ${nextItem.name}`}</h1>
      <p className="text-ink2">
        {shown?.easier && <strong className="text-ink">easier version · </strong>}
        {shown?.doseText}
        {(working || !nextItem) && which && ` · ${which}`}
      </p>
    </div>
  );
}

/** The page was out of sight while the clock went on. */
export function Away({ ms, seen }: { ms: number; seen: () => void }) {
  if (ms === 0) return null;
  return (
    <p role="status" className="border-l-4 border-ochre pl-3">
      This page was out of sight for {Math.round(ms / 1000)} s; the clock went on.{' '}
      <Button look="quiet" onClick={seen}>
        all right
      </Button>
    </p>
  );
}

/** A morning that stops something was told just now: looked at before the same is trained again. */
export function BadMorning({ person, told, painStopsAbove }: { person: string; told: Told; painStopsAbove: number }) {
  const alone = useAlone();
  if (!hasBadMorning(told, painStopsAbove)) return null;
  if (alone)
    return (
      <p role="alert" className="border-l-4 border-ink bg-sheet p-3">
        <strong>Worse the next morning: leave this session.</strong> Your trainer is told; wait for an answer before you train it
        again.
      </p>
    );
  return (
    <p role="alert" className="border-l-4 border-ink bg-sheet p-3">
      <strong>Worse the next morning: the rules stop what was loaded.</strong>{' '}
      <Link to={`/people/${person}/review`} className="underline underline-offset-4">
        Decide first
      </Link>
      , before the same is trained again. Local rules and the advice of a licensed professional come first.
    </p>
  );
}

/** A sore trunk: only activation today. */
export function OnlyActivation({ person, why }: { person: string; why: Schemas['ReasonView'] }) {
  const alone = useAlone();
  if (alone)
    return (
      <p className="border-l-4 border-ochre bg-sheet p-3 font-semibold">
        ◇ Your trunk is sore today: breathe, walk, and leave this session for another day.
      </p>
    );
  return (
    <section className="grid gap-2 border-l-4 border-ochre bg-sheet p-3">
      <p className="font-semibold">◇ {why.sentence}</p>
      <Link
        to={`/people/${person}/session?s=${newId()}&from=template&template=activation-before-training`}
        className="justify-self-start underline underline-offset-4"
      >
        Write the activation session instead
      </Link>
    </section>
  );
}

/** What the trainer should know before it begins. */
export function BeforeStart({ person, sheet }: { person: string; sheet: Schemas['CueSheetView'] }) {
  const alone = useAlone();
  return (
    <>
      <LeftOut leftOut={sheet.leftOut} />
      {sheet.movedOn.length > 0 && (
        <div className="border-l-4 border-slate pl-3">
          <Why title="Moved on since" reasons={sheet.movedOn}>
            {sheet.movedOn.length === 1 ? 'One exercise has' : `${sheet.movedOn.length} exercises have`} moved on since this was
            written.
          </Why>{' '}
          <Link to={`/people/${person}/session?s=${sheet.session}`} className="underline underline-offset-4">
            Bring {sheet.movedOn.length === 1 ? 'it' : 'them'} up to date
          </Link>
        </div>
      )}
      {sheet.cautions.map((caution) => (
        <p key={caution} className="border-l-4 border-ochre pl-3">
          {caution}
        </p>
      ))}
      <Link
        to={alone ? `/home?s=${sheet.session}&afterwards` : `/people/${person}/coach?s=${sheet.session}&afterwards`}
        className="inline-flex min-h-11 items-center self-start underline underline-offset-4"
      >
        Trained without the device: log it afterwards
      </Link>
    </>
  );
}
