let context: AudioContext | null = null;

/** A short tone; silent where the browser has no sound. */
export function beep(kind: 'count' | 'go'): void {
  try {
    context ??= new AudioContext();
    const oscillator = context.createOscillator();
    const volume = context.createGain();
    oscillator.frequency.value = kind === 'go' ? 880 : 523;
    volume.gain.setValueAtTime(0.25, context.currentTime);
    volume.gain.exponentialRampToValueAtTime(0.001, context.currentTime + (kind === 'go' ? 0.5 : 0.15));
    oscillator.connect(volume).connect(context.destination);
    oscillator.start();
    oscillator.stop(context.currentTime + 0.5);
  } catch {
    // No sound here: the numbers on the screen are enough.
  }
}
