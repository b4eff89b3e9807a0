import { Link } from 'react-router';
import type { Schemas } from '@/api/client';
import { hurtsTooMuch, loadsIt } from '@/frame/loading';
import { Button } from '@/ui/Button';
import { useAlone } from './alone';
import { nameOf, waysOf } from './course';

/** Pain above the limit before the first set: what loads its place waits for another day. */
export function LeaveLoaded({
  person,
  sheet,
  before,
  left: leftOut,
  onLeave,
}: {
  person: string;
  sheet: Schemas['CueSheetView'];
  before: Schemas['StartPain'][] | null;
  left: string[];
  onLeave: (items: string[]) => void;
}) {
  const alone = useAlone();
  const hurts = hurtsTooMuch(before, sheet.painStopsAbove);
  const items = sheet.blocks.flatMap((block) => block.items);
  // What was left out may not be part of the session any more.
  const left = leftOut.filter((item) => items.includes(item));
  if (hurts.length === 0 && left.length === 0) return null;
  const loaded = items.filter((item) => loadsIt(waysOf(sheet, item)[0]?.loads, hurts));
  const open = loaded.filter((item) => !left.includes(item));
  const names = (some: string[]) => some.map((item) => `“${nameOf(sheet, item)}”`).join(', ');
  if (open.length > 0 && loaded.length === items.length)
    return (
      <p role="alert" className="border-l-4 border-ink bg-sheet p-3">
        <strong>Pain above {sheet.painStopsAbove} before the first set: leave this session today.</strong> All of it loads what
        hurts.{' '}
        {alone ? (
          'Tell your practice.'
        ) : (
          <Link to={`/people/${person}`} className="underline underline-offset-4">
            Ask the danger signs
          </Link>
        )}{' '}
        Local rules and the advice of a licensed professional come first.
      </p>
    );
  if (open.length > 0)
    return (
      <section role="alert" className="grid justify-items-start gap-2 border-l-4 border-ink bg-sheet p-3">
        <p>
          <strong>Pain above {sheet.painStopsAbove} before the first set: what loads its place waits for another day.</strong>{' '}
          {names(open)}.
        </p>
        <Button look="floor-next" onClick={() => onLeave([...left, ...open])}>
          Leave {open.length === 1 ? 'it' : 'them'} out today
        </Button>
      </section>
    );
  if (left.length === 0)
    return (
      <p role="status" className="border-l-4 border-ochre pl-3">
        Nothing of this session loads the place that hurts.
      </p>
    );
  return (
    <p role="status" className="border-l-4 border-ochre pl-3">
      Left out today: {names(left)}.{' '}
      <Button look="quiet" onClick={() => onLeave([])}>
        with {left.length === 1 ? 'it' : 'them'} all the same
      </Button>
    </p>
  );
}
