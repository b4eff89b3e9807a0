import { useSyncExternalStore } from 'react';

interface Said {
  text: string;
  /** time of day */
  at: string | null;
}

let said: Said = { text: '', at: null };
const listeners = new Set<() => void>();

/** Says in the top bar how saving stands: "Saved" at a time of day, "Saving …", "Not saved". */
export function saySaving(text: string, at: string | null = null): void {
  said = { text, at };
  listeners.forEach((listener) => listener());
}

export const savedNow = (): void =>
  saySaving('Saved', new Date().toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' }));

export const useSaving = (): Said =>
  useSyncExternalStore(
    (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    () => said,
  );
