import { useState } from 'react';
import { http, sentenceOf, type Schemas } from '@/api/client';
import { Dialog } from '@/ui/Dialog';
import { Button } from '@/ui/Button';
import { Key } from '@/ui/Key';

type View = Schemas['WeekView'];

/** Shapes a week can start from, each one key; what it replaces comes back with undo. */
export function ShapeDialog({
  person,
  view,
  placed,
  open,
  onClose,
  onTake,
}: {
  person: string;
  view: View;
  /** Whether sessions stand in every week already. */
  placed: boolean;
  open: boolean;
  onClose: () => void;
  onTake: (shaped: Schemas['ShapedWeekView']) => void;
}) {
  const [making, setMaking] = useState<string | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const make = async (shape: Schemas['ShapeChoiceView']['shape']) => {
    if (making) return;
    setMaking(shape);
    setProblem(null);
    const { data, error } = await http.POST('/api/people/{person}/weeks/{date}/shape', {
      params: { path: { person, date: view.monday } },
      body: { shape },
    });
    setMaking(null);
    if (error) setProblem(sentenceOf(error));
    else onTake(data);
  };
  return (
    <Dialog open={open} onClose={onClose} title="Start the week from a shape">
      <p className="text-ink2">
        Filled from the board, in the doses that are due.
        {placed && ' It takes the place of what stands in every week; undo brings that back.'}
      </p>
      {problem && (
        <p role="alert" className="border-l-4 border-rowan pl-3 font-semibold">
          {problem}
        </p>
      )}
      {/* Its number takes a shape, also before one of them has the focus. */}
      {/* oxlint-disable-next-line jsx-a11y/no-noninteractive-element-interactions */}
      <ol
        className="grid gap-1"
        onKeyDown={(event) => {
          const one = view.shapes[Number(event.key) - 1];
          if (one && !event.ctrlKey && !event.metaKey && !event.altKey) void make(one.shape);
        }}
      >
        {view.shapes.map(({ shape, label, words }, index) => (
          <li key={shape}>
            <button
              type="button"
              disabled={making !== null}
              aria-busy={making === shape}
              // The first takes the keyboard, so that numbers reach the list at once.
              ref={(button) => {
                if (index === 0 && open && button && !button.closest('ol')?.contains(document.activeElement)) button.focus();
              }}
              onClick={() => void make(shape)}
              className="grid w-full grid-cols-[1fr_auto] items-start gap-x-3 rounded-md border border-hairline px-3 py-2 text-left hover:border-ink"
            >
              <span className="font-semibold">
                {label}
                {making === shape && <span className="font-normal text-ink2"> …</span>}
              </span>
              <Key>{index + 1}</Key>
              <span className="text-sm text-ink2">{words}</span>
            </button>
          </li>
        ))}
      </ol>
      <div>
        <Button hotkey="Esc" onClick={onClose}>
          Leave it as it is
        </Button>
      </div>
    </Dialog>
  );
}
