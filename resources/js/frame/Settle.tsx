import type { Schemas } from '@/api/client';
import { Button } from '@/ui/Button';
import { clockTime } from '@/ui/day';

/** The same session was told by another device that day: nobody but the trainer knows whether it is one training. */
export function TwoDevices({
  also,
  busy,
  problem,
  onSame,
  onApart,
}: {
  also: Schemas['AlsoToldView'];
  busy: boolean;
  /** why it could not be said just now */
  problem: string | null;
  onSame: () => void;
  onApart: () => void;
}) {
  const time = clockTime(also.startedAt);
  return (
    <section role="alert" className="grid gap-3 rounded-lg border border-ochre bg-sheet p-4">
      <h2 className="text-xl">Another device tells of this session too</h2>
      <p>
        Since {time}, {also.sets === 1 ? 'one set' : `${also.sets} sets`}
        {also.ended && ', ended'}. Is it the same training?
      </p>
      <div className="grid gap-2 sm:grid-cols-2">
        <Button look="floor-next" disabled={busy} onClick={onSame}>
          The same one
        </Button>
        <Button look="floor" disabled={busy} onClick={onApart}>
          Another training
        </Button>
      </div>
      {problem && (
        <p role="status" className="font-semibold text-rowan">
          {problem}
        </p>
      )}
      <p className="text-sm text-ink2">The same one: the sets of both devices are one log. Another training: two logs.</p>
    </section>
  );
}

/** A set that was told in different ways: one press says which holds. */
export function WhichHolds({
  differing,
  busy,
  onChoose,
}: {
  differing: Schemas['DifferingSetView'][];
  busy: boolean;
  onChoose: (set: Schemas['DifferingSetView'], way: Schemas['ToldSetView']) => void;
}) {
  const [first] = differing;
  if (!first) return null;
  return (
    <section role="alert" className="grid gap-3 rounded-lg border border-ochre bg-sheet p-4">
      <h2 className="text-xl">
        {first.name}, set {first.number}, was told in different ways
      </h2>
      <p>Which holds? Until somebody says so it is the one told first.</p>
      {first.ways.map((way, at) => (
        <Button key={way.event} look={at === 0 ? 'floor-next' : 'floor'} disabled={busy} onClick={() => onChoose(first, way)}>
          {way.words}
        </Button>
      ))}
      {differing.length > 1 && <p className="text-sm text-ink2">Then {differing.length - 1} more.</p>}
    </section>
  );
}
