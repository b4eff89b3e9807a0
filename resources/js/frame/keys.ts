import { useEffect } from 'react';

export type Shortcut = { key: string; label: string; run: () => void };

const inField = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement && (target.isContentEditable || ['INPUT', 'TEXTAREA', 'SELECT'].includes(target.tagName));

/** Single keys for a view: they rest inside fields, over dialogs and with modifier keys, and can be switched off. */
export function useShortcuts(shortcuts: Shortcut[]): void {
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      if (event.defaultPrevented || event.ctrlKey || event.metaKey || event.altKey || inField(event.target)) return;
      if (localStorage.getItem('even-rungs.single-keys') === 'off' || document.querySelector('[role=dialog]')) return;
      const shortcut = shortcuts.find(({ key }) => key.toLowerCase() === event.key.toLowerCase());
      if (!shortcut) return;
      event.preventDefault();
      shortcut.run();
    };
    window.addEventListener('keydown', press);
    return () => window.removeEventListener('keydown', press);
  }, [shortcuts]);
}
