import { encode } from 'uqr';

/** Drawn as one path, so that it prints as sharp as it is. */
export function QrCode({ text }: { text: string }) {
  const { size, data } = encode(text, { border: 2 });
  const path = data.flatMap((row, y) => row.flatMap((on, x) => (on ? [`M${x} ${y}h1v1h-1z`] : []))).join('');
  return (
    <svg
      viewBox={`0 0 ${size} ${size}`}
      role="img"
      aria-label="The address as a picture for a phone"
      className="size-44 bg-white"
    >
      <path d={path} fill="#000" shapeRendering="crispEdges" />
    </svg>
  );
}
