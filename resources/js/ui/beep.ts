import { audio, tone, wakeAudio } from './audio';

/** A short tone, now; silent where the browser has no sound. */
export function beep(kind: 'count' | 'go'): void {
  const on = audio();
  if (!on) return;
  wakeAudio();
  if (kind === 'go') tone(on, on.currentTime, 880, 0.5, 0.25);
  else tone(on, on.currentTime, 523, 0.15, 0.25);
}
