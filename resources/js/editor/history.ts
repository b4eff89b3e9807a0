import { useReducer } from 'react';

/** A value under edit with the way back and forth. `typing` names the field being typed in, so that its letters make one step. */
export interface History<Value> {
  past: Value[];
  now: Value;
  future: Value[];
  typing: string | null;
}

const STEPS = 50;

export const begin = <Value>(now: Value): History<Value> => ({ past: [], now, future: [], typing: null });

/** One step further; typing on in the same field belongs to the step that began it. */
export function stepped<Value>(history: History<Value>, next: Value, typing: string | null = null): History<Value> {
  if (next === history.now) return history;
  const goesOn = typing !== null && typing === history.typing;
  return { past: goesOn ? history.past : [...history.past, history.now].slice(-STEPS), now: next, future: [], typing };
}

/** The same thing in another form, such as the server’s: no step of its own. */
export const settled = <Value>(history: History<Value>, now: Value): History<Value> => ({ ...history, now });

export function undone<Value>(history: History<Value>): History<Value> {
  const before = history.past.at(-1);
  return history.past.length === 0
    ? history
    : { past: history.past.slice(0, -1), now: before as Value, future: [history.now, ...history.future], typing: null };
}

export function redone<Value>(history: History<Value>): History<Value> {
  const [next, ...rest] = history.future;
  return history.future.length === 0
    ? history
    : { past: [...history.past, history.now], now: next as Value, future: rest, typing: null };
}

type Move<Value> = { to: 'back' | 'forth' } | { to: 'next' | 'anew'; value: Value; typing?: string | null };

/** A value that is edited as a whole; `start` begins anew, without a way back. */
export function useHistory<Value>(first: Value) {
  const [history, move] = useReducer(
    (before: History<Value>, step: Move<Value>): History<Value> => {
      switch (step.to) {
        case 'back':
          return undone(before);
        case 'forth':
          return redone(before);
        case 'next':
          return stepped(before, step.value, step.typing ?? null);
        case 'anew':
          return begin(step.value);
      }
    },
    first,
    begin<Value>,
  );
  return {
    history,
    now: history.now,
    canUndo: history.past.length > 0,
    canRedo: history.future.length > 0,
    /** `typing` names the field whose letters make one step. */
    set: (value: Value, typing: string | null = null) => move({ to: 'next', value, typing }),
    /** What is at hand after the step. */
    undo: (): Value => {
      move({ to: 'back' });
      return undone(history).now;
    },
    redo: (): Value => {
      move({ to: 'forth' });
      return redone(history).now;
    },
    start: (value: Value) => move({ to: 'anew', value }),
  };
}
