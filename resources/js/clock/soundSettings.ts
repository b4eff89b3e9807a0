import { shared } from '@/ui/shared';

/** How this device sounds in the player; its own matter, not of a person or a practice. */
export interface SoundSettings {
  /** 0 is silent, 3 is loud */
  volume: 0 | 1 | 2 | 3;
  vibrates: boolean;
  /** counts repetitions aloud, where the device has a voice */
  speaks: boolean;
}

const KEY = 'even-rungs.sound';
const USUAL: SoundSettings = { volume: 2, vibrates: false, speaks: false };

const read = (): SoundSettings => {
  try {
    return { ...USUAL, ...(JSON.parse(localStorage.getItem(KEY) ?? '{}') as Partial<SoundSettings>) };
  } catch {
    return USUAL;
  }
};

const settings = shared(read());

export function changeSound(change: Partial<SoundSettings>): void {
  settings.set({ ...settings.get(), ...change });
  try {
    localStorage.setItem(KEY, JSON.stringify(settings.get()));
  } catch {
    // It holds as long as the page.
  }
}

export const useSoundSettings = settings.useValue;
