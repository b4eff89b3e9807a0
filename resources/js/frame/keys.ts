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

/** Single keys for a view, from the moment it has been drawn. */
export function useShortcuts(shortcuts: Shortcut[]): void {
  const latest = useRef(shortcuts);
  useEffect(() => {
    latest.current = shortcuts;
  });
  const said = shortcuts.map(({ key, label }) => `${key} ${label}`).join();
  useEffect(() => {
    const mine = latest.current.map(({ key, label }) => ({
      key,
      label,
      run: () => latest.current.find((other) => other.key === key)?.run(),
    }));
    const press = (event: KeyboardEvent) => {
      const shortcut = isForView(event) && mine.find(({ key }) => key.toLowerCase() === event.key.toLowerCase());
      if (!shortcut) return;
      event.preventDefault();
      shortcut.run();
    };
    const stop = afterDrawn(() => window.addEventListener('keydown', press));
    tell([...actions, mine]);
    return () => {
      stop();
      window.removeEventListener('keydown', press);
      tell(actions.filter((other) => other !== mine));
    };
  }, [said]);
}
