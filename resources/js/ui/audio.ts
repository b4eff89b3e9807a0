let context: AudioContext | null = null;

/** The one audio clock of the page; null where the browser has no sound. */
export function audio(): AudioContext | null {
  try {
    context ??= new AudioContext();
    return context;
  } catch {
    return null;
  }
}

/** Made and woken inside a press of somebody: browsers let no page sound before. */
export function wakeAudio(): void {
  const found = audio();
  if (found?.state === 'suspended') void found.resume();
}

/** A tone of so many hertz, from a moment of the audio clock on, for so many seconds; answers with what stops it. */
export function tone(on: AudioContext, at: number, hertz: number, seconds: number, volume: number): () => void {
  const oscillator = on.createOscillator();
  const loudness = on.createGain();
  oscillator.frequency.value = hertz;
  loudness.gain.setValueAtTime(volume, at);
  loudness.gain.exponentialRampToValueAtTime(0.001, at + seconds);
  oscillator.connect(loudness).connect(on.destination);
  oscillator.start(at);
  oscillator.stop(at + seconds);
  return () => oscillator.disconnect();
}
