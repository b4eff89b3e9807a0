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

/** Keys that follow each other as quickly as this are a walk to somewhere else. */
const HELD_MS = 200;

/**
 * What is told of a value that a key moves: of a first key as soon as nothing else has to be drawn, and while more follow,
 * as where one is held, once they are over. So many keys draw what they move, and the telling once.
 */
export function useAtRest<T>(value: T): T {
  const [told, setTold] = useState(value);
  const last = useRef({ value, moved: -Infinity });
  useEffect(() => {
    const { value: before, moved } = last.current;
    const goesOn = performance.now() - moved < HELD_MS;
    // What comes where there was nothing is read, not walked to.
    last.current = { value, moved: before === null ? -Infinity : performance.now() };
    const tell = () => startTransition(() => setTold(value));
    if (!goesOn) return tell();
    const timer = setTimeout(tell, HELD_MS);
    return () => clearTimeout(timer);
  }, [value]);
  return told;
}
