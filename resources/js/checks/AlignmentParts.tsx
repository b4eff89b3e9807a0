import type { Schemas } from '@/api/client';
import { Why } from '@/frame/reason';
import { Button } from '@/ui/Button';
import { FileButton } from '@/ui/FileButton';
import { cx } from '@/ui/cx';
import { TextField } from '@/ui/Field';
import type { Mark, View } from './picture';

/** The marks still to set and those that sit, and the length that turns degrees into centimetres. */
export function MarkList({
  names,
  chosen,
  setChosen,
  marks,
  mark,
  size,
  centimetres,
  length,
  setCentimetres,
  again,
  view,
}: {
  names: { key: string; label: string }[];
  chosen: string;
  setChosen: (value: string) => void;
  marks: Record<string, Mark>;
  mark: (key: string, at: Mark, placed: boolean) => void;
  size: { width: number; height: number };
  centimetres: string;
  length: number;
  setCentimetres: (value: string) => void;
  again: (next: View) => void;
  view: View;
}) {
  return (
    <div className="grid gap-3">
      <ol className="grid gap-1">
        {names.map(({ key, label }) => (
          <li key={key}>
            <button
              type="button"
              aria-pressed={key === chosen}
              onClick={() => {
                setChosen(key);
                if (!marks[key]) mark(key, { x: Math.round(size.width / 2), y: Math.round(size.height / 2) }, false);
                requestAnimationFrame(() =>
                  document.querySelector<SVGGElement>(`g[role=button][aria-label^="${label},"]`)?.focus(),
                );
              }}
              className={cx(
                'flex min-h-8 w-full items-center gap-2 rounded-md border px-2 text-left',
                key === chosen ? 'border-rowan bg-paper font-semibold' : 'border-transparent hover:border-hairline',
              )}
            >
              <span aria-hidden="true" className="w-4">
                {marks[key] ? '✓' : '·'}
              </span>
              {label}
            </button>
          </li>
        ))}
      </ol>
      <TextField
        label="Known length, cm"
        hint="Such as a mat or a stick; without it there are only degrees."
        inputMode="decimal"
        value={centimetres}
        problem={centimetres.trim() === '' || (length >= 5 && length <= 300) ? undefined : 'From 5 to 300 cm.'}
        onChange={(event) => setCentimetres(event.target.value)}
      />
      <Button look="quiet" className="justify-self-start" onClick={() => again(view)}>
        another picture
      </Button>
    </div>
  );
}

/** What the marks come to, and the button that keeps it. */
export function Measured({
  complete,
  found,
  busy,
  keep,
}: {
  complete: boolean;
  found: Schemas['AlignmentView'] | null;
  busy: string | null;
  keep: () => Promise<void>;
}) {
  return (
    <div className="flex flex-wrap items-start gap-4">
      <div aria-live="polite" className="min-w-[min(16rem,100%)] flex-1 sm:min-h-16">
        {complete && found && (
          <div className={cx('border-l-4 bg-paper p-3', found.inLine ? 'border-fern' : 'border-ochre')}>
            <Why title="Alignment" reasons={found.reasons}>
              <span className="font-mono text-2xl font-bold">{Math.abs(found.degrees).toFixed(1)}°</span>{' '}
              {found.centimetres !== null && <span className="font-mono">{found.centimetres.toFixed(1)} cm</span>}
              <br />
              {found.reasons[0]?.sentence}
            </Why>
            {found.reasons.slice(1).map((reason) => (
              <p key={reason.sentence}>{reason.sentence}</p>
            ))}
          </div>
        )}
      </div>
      <Button look="next" disabled={!complete || !found || busy !== null} onClick={() => void keep()}>
        {busy ?? 'Keep the result'}
      </Button>
    </div>
  );
}

/** Where the picture comes from: the camera, a file, or a drawing to try it on. */
export function PictureChoice({
  busy,
  onDrawing,
  take,
}: {
  busy: string | null;
  onDrawing: () => void;
  take: (chosenFile: File) => Promise<void>;
}) {
  return (
    <div className="grid gap-3 rounded-lg border border-rail bg-sheet p-5">
      <p>
        Hold the camera level, square to the body, with the whole body in the picture. Pictures stay in the practice: they are
        made small, everything the camera wrote into them is taken out, and they are kept encrypted.
      </p>
      <div className="flex flex-wrap gap-2">
        <FileButton
          look="next"
          disabled={busy !== null}
          file="Picture"
          accept="image/jpeg,image/png,image/webp"
          onFile={(one) => void take(one)}
        >
          {busy ?? 'Choose or take a picture'}
        </FileButton>
        <Button onClick={onDrawing}>Try it on a drawing</Button>
      </div>
    </div>
  );
}

/** From which side the person is seen. */
export function ViewChoice({ view, again }: { view: View; again: (next: View) => void }) {
  return (
    <div role="group" aria-label="Seen from" className="flex gap-1.5">
      {(['side', 'behind'] as const).map((one) => (
        <button
          key={one}
          type="button"
          aria-pressed={one === view}
          onClick={() => one !== view && again(one)}
          className={cx(
            'min-h-9 rounded-md border px-3',
            one === view ? 'border-ink bg-ink text-ground' : 'border-rung-edge bg-paper hover:border-ink',
          )}
        >
          {one === 'side' ? 'from the side: sag or pike' : 'from behind: level of the pelvis'}
        </button>
      ))}
    </div>
  );
}
