import { useEffect, useState } from 'react';

/** What was typed, once nothing was typed for a while. */
export function useSettled(text: string, milliseconds: number): string {
  const [settled, setSettled] = useState(text);
  useEffect(() => {
    const timer = setTimeout(() => setSettled(text), milliseconds);
    return () => clearTimeout(timer);
  }, [text, milliseconds]);
  return settled;
}
