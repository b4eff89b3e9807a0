import { useEffect, useRef } from 'react';
import { shared } from '@/ui/shared';

export type Shortcut = { key: string; label: string; run: () => void };

const inField = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement && (target.isContentEditable || ['INPUT', 'TEXTAREA', 'SELECT'].includes(target.tagName));

/** Whether a single key is meant for the view: not inside a field, over a dialog, with a modifier, held down, or switched off. */
export const isForView = (event: KeyboardEvent): boolean =>
  !event.defaultPrevented &&
  !event.repeat &&
  !event.ctrlKey &&
  !event.metaKey &&
  !event.altKey &&
  !inField(event.target) &&
  localStorage.getItem('even-rungs.single-keys') !== 'off' &&
  document.querySelector('[role=dialog]') === null;

/** What the views at hand can do by a key, for the palette. */
let actions: Shortcut[][] = [];
const all = shared<Shortcut[]>([]);
const tell = (next: Shortcut[][]) => {
  actions = next;
  all.set(next.flat());
};
export const useActions = all.useValue;

/** Runs once what is there now has been drawn: a key that acts waits until what it acts on could be seen. */
export function afterDrawn(run: () => void): () => void {
  let frame = requestAnimationFrame(() => (frame = requestAnimationFrame(run)));
  return () => cancelAnimationFrame(frame);
}

/** Single keys for a view, each from the moment that what it does has been drawn. */
export function useShortcuts(shortcuts: Shortcut[]): void {
  const latest = useRef(shortcuts);
  const drawn = useRef<ReadonlySet<string>>(new Set());
  useEffect(() => {
    latest.current = shortcuts;
  });
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      if (!isForView(event)) return;
      const shortcut = latest.current.find((one) => one.key.toLowerCase() === event.key.toLowerCase());
      if (!shortcut || !drawn.current.has(nameOf(shortcut))) return;
      event.preventDefault();
      shortcut.run();
    };
    window.addEventListener('keydown', press);
    return () => window.removeEventListener('keydown', press);
  }, []);
  const said = shortcuts.map(nameOf).join();
  useEffect(() => {
    const mine = latest.current.map(({ key, label }) => ({
      key,
      label,
      run: () => latest.current.find((other) => other.key === key)?.run(),
    }));
    const names = mine.map(nameOf);
    // Those that stay go on at once: a key pressed while others come and go is not lost.
    drawn.current = new Set(names.filter((name) => drawn.current.has(name)));
    const stop = afterDrawn(() => (drawn.current = new Set(names)));
    tell([...actions, mine]);
    return () => {
      stop();
      tell(actions.filter((other) => other !== mine));
    };
  }, [said]);
}

const nameOf = ({ key, label }: Shortcut): string => `${key} ${label}`;
