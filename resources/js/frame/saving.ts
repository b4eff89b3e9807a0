import { shared } from '@/ui/shared';
import { clockTime } from '@/ui/day';

interface Said {
  text: string;
  /** time of day */
  at: string | null;
}

const said = shared<Said>({ text: '', at: null });

/** Says in the top bar how saving stands: "Saved" at a time of day, "Saving …", "Not saved". */
export function saySaving(text: string, at: string | null = null): void {
  said.set({ text, at });
}

export const savedNow = (): void => saySaving('Saved', clockTime(new Date()));

export const useSaving = said.useValue;
