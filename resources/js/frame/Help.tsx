import { Dialog } from '@/ui/Dialog';
import { Key } from '@/ui/Key';
import { isStep, type Step } from './steps';

const everywhere: [string, string][] = [
  ['Ctrl K', 'go to a person, a view or an action'],
  ['[ ]', 'the step before, the step after'],
  ['G, then 1 to 9', 'to a step by its place; 0 to the bench'],
  ['.', 'to the main action of the view'],
  ['Z', 'what the notice at the foot offers, such as to take something back'],
  ['?', 'these keys'],
  ['Esc', 'close, or put a reason back'],
];
/** The keys of each step, for its help. */
const keysOf: Partial<Record<Step, [string, string][]>> = {
  person: [
    ['N, Y', 'answer a danger sign, go to the next'],
    ['J, K', 'to the next danger sign, back'],
  ],
  checks: [
    ['Space, Enter, Page ↓', 'start and stop the clock (a clicker does too)'],
    ['1, 2, 3', 'why the hold ended; what was lost in a trial'],
    ['Enter', 'the trial was clean'],
    ['T', 'time the next hold'],
    ['C', 'climb a ladder'],
    ['B, A', 'brace check, alignment from a picture'],
    ['P', 'place on every proposed rung'],
    ['Esc', 'leave the test'],
  ],
  board: [
    ['↑ ↓', 'walk the rungs of a rail'],
    ['← →', 'go to the next rail'],
    ['Page ↑ ↓', 'go to the next demand'],
    ['O, F', 'only this demand, fold this demand'],
    ['T, M, H', 'the board as a table, the method, the history'],
    ['Enter', 'place the person on the rung in focus'],
    ['L, R', 'place the left or the right side only'],
    ['U', 'take the last placing back'],
  ],
  session: [
    ['/', 'go to the first dose'],
    ['Alt ↑, Alt ↓', 'move the exercise in focus'],
    ['Ctrl Z, Ctrl Shift Z', 'undo, redo'],
    ['A', 'add an exercise'],
    ['T', 'type or paste the session as lines'],
    ['C', 'circuit, superset or straight sets'],
    ['O, F', 'order, fit to time'],
    ['N', 'a new session: board, template, earlier one'],
    ['B', 'bring what has moved on up to date'],
    ['1 to 9', 'repair the warning with that number'],
    ['↓ in a dose', 'what could stand next; Tab takes it'],
  ],
  week: [
    ['← → ↑ ↓', 'move the session in focus to another part of the week'],
    ['Del', 'take it out, or leave it out this week'],
    ['E', 'edit every week, or only this one'],
    ['1 to 9', 'mend a clash with the repair of that number'],
    ['P, N', 'the week before, the next week'],
    ['U, R', 'undo, redo'],
  ],
  weeks: [
    ['← → ↑ ↓', 'walk the cells of the score'],
    ['M', 'make the weeks, or plan anew from today'],
    ['A, Esc', 'take the proposal over, leave it as it was'],
    ['O', 'another way of doing the same'],
    ['K', 'keep the cell in focus as it is, or let it go'],
    ['W', 'write the chosen week into the week'],
    ['U, R', 'undo, redo'],
  ],
  coach: [
    ['Space', 'start, pause'],
    ['→ ←', 'skip, back'],
    ['Enter', 'all clean'],
    ['E', 'an easier version for the rest of the sets'],
    ['O', 'another exercise first'],
    ['+', '15 s more rest'],
    ['R', 'the set once more'],
    ['U', 'undo the last set'],
    ['D, L', 'at the end: save and decide now, or later'],
    ['Page ↓, Page ↑, B', 'a clicker: next or all clean; back; start, pause'],
  ],
  review: [
    ['J, K', 'to the next proposal, back'],
    ['Enter', 'confirm the proposal in focus'],
  ],
};

/** What the keys do here, and whether single ones act at all. */
export function Help({ step, onClose }: { step: string; onClose: () => void }) {
  return (
    <Dialog open onClose={onClose} title="Keys">
      <dl className="grid grid-cols-[auto_1fr] items-baseline gap-x-4 gap-y-2 [&_kbd]:max-sm:inline-block">
        {[...(isStep(step) ? (keysOf[step] ?? []) : []), ...everywhere].map(([key, what]) => (
          <div key={key} className="contents">
            <dt>
              <Key>{key}</Key>
            </dt>
            <dd>{what}</dd>
          </div>
        ))}
      </dl>
      <label className="flex items-center gap-2 text-sm">
        <input
          type="checkbox"
          defaultChecked={localStorage.getItem('even-rungs.single-keys') !== 'off'}
          onChange={(event) => localStorage.setItem('even-rungs.single-keys', event.target.checked ? 'on' : 'off')}
        />
        Single keys act outside fields
      </label>
    </Dialog>
  );
}
