import { useSyncExternalStore } from 'react';

let text = '';
const listeners = new Set<() => void>();

/** Says in the top bar how saving stands: "Saved 14:05", "Saving …", "Not saved". */
export function saySaving(next: string): void {
  text = next;
  listeners.forEach((listener) => listener());
}

export const savedNow = (): void =>
  saySaving(`Saved ${new Date().toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' })}`);

export const useSaving = (): string =>
  useSyncExternalStore(
    (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    () => text,
  );
