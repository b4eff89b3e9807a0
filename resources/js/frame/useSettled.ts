import { startTransition, useEffect, useRef, useState } from 'react';

/** What was typed, once nothing was typed for a while. */
export function useSettled(text: string, milliseconds: number): string {
  const [settled, setSettled] = useState(text);
  useEffect(() => {
    const timer = setTimeout(() => setSettled(text), milliseconds);
    return () => clearTimeout(timer);
  }, [text, milliseconds]);
  return settled;
}

/**
 * What is told of a value that a key moves: of a first key as soon as nothing else has to be drawn, and while more follow,
 * as where one is held, once they are over. So many keys draw what they move, and the telling once.
 */
export function useAtRest<T>(value: T, milliseconds: number): T {
  const [told, setTold] = useState(value);
  const moved = useRef(-Infinity);
  useEffect(() => {
    const goesOn = performance.now() - moved.current < milliseconds;
    moved.current = performance.now();
    const tell = () => startTransition(() => setTold(value));
    if (!goesOn) return tell();
    const timer = setTimeout(tell, milliseconds);
    return () => clearTimeout(timer);
  }, [value, milliseconds]);
  return told;
}
