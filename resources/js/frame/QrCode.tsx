import { encode } from 'uqr';

const BORDER = 2;

/** A code as one path of unit squares. */
export function codePath(text: string): string {
  const { data } = encode(text, { border: BORDER });
  return data.flatMap((row, y) => row.flatMap((on, x) => (on ? [`M${x} ${y}h1v1h-1z`] : []))).join('');
}

/** Drawn as one path, so that it prints as sharp as it is. */
export function QrCode({ text, label = 'The address as a picture for a phone' }: { text: string; label?: string }) {
  const { size } = encode(text, { border: BORDER });
  return (
    <svg viewBox={`0 0 ${size} ${size}`} role="img" aria-label={label} className="size-44 bg-white print:size-28">
      <path d={codePath(text)} fill="#000" shapeRendering="crispEdges" />
    </svg>
  );
}
