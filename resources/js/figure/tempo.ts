interface TempoPart {
  seconds: number;
  isPause: boolean;
}

/** One second out and one back, where a rung is drawn in two positions but has no tempo. */
const PLAIN: TempoPart[] = [
  { seconds: 1, isPause: false },
  { seconds: 1, isPause: true },
  { seconds: 1, isPause: false },
  { seconds: 1, isPause: true },
];

/** How far along its way (0 start, 1 end) a body is after some seconds of repetitions without rest. */
export function partAt(tempo: readonly TempoPart[], seconds: number): number {
  const parts = tempo.some((part) => !part.isPause) ? tempo : PLAIN;
  const total = parts.reduce((sum, part) => sum + part.seconds, 0);
  let left = seconds % total;
  let at = 0;
  for (const part of parts) {
    const to = part.isPause ? at : 1 - at;
    if (left < part.seconds) return at + (to - at) * ease(left / part.seconds);
    left -= part.seconds;
    at = to;
  }
  return at;
}

const ease = (part: number): number => part * part * (3 - 2 * part);
