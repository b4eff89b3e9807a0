import { useRef, type ReactNode } from 'react';
import { clamp, stepped, type Mark } from './picture';

/** A picture with marks on it: a press places the chosen mark, a drag or the arrow keys move one. */
export function MarkedPicture({
  width,
  height,
  marks,
  names,
  line,
  chosen,
  onChoose,
  onMark,
  children,
}: {
  width: number;
  height: number;
  marks: Record<string, Mark>;
  names: { key: string; label: string }[];
  /** Marks that a line is drawn through. */
  line: string[];
  chosen: string;
  onChoose: (key: string) => void;
  onMark: (key: string, mark: Mark, placed: boolean) => void;
  children: ReactNode;
}) {
  const svg = useRef<SVGSVGElement>(null);
  const held = useRef<string | null>(null);
  const at = (event: { clientX: number; clientY: number }): Mark => {
    const box = svg.current?.getBoundingClientRect();
    if (!box) return { x: 0, y: 0 };
    return clamp(
      { x: ((event.clientX - box.left) / box.width) * width, y: ((event.clientY - box.top) / box.height) * height },
      width,
      height,
    );
  };
  const size = Math.max(width, height) / 100;
  const through = line.flatMap((key) => marks[key] ?? []);
  const [first] = through;
  const last = line.length > 2 ? marks[line.at(-2) ?? ''] : through.at(-1);

  return (
    <div
      className="relative w-full overflow-hidden rounded-lg border border-rail bg-paper"
      style={{ aspectRatio: `${width} / ${height}` }}
    >
      {children}
      <svg
        ref={svg}
        viewBox={`0 0 ${width} ${height}`}
        className="absolute inset-0 size-full cursor-crosshair touch-none"
        role="group"
        aria-label="Picture with marks"
        onPointerDown={(event) => {
          if (held.current === null) onMark(chosen, at(event), true);
        }}
        onPointerMove={(event) => {
          if (held.current !== null) onMark(held.current, at(event), false);
        }}
        onPointerUp={() => (held.current = null)}
      >
        {first && last && first !== last && (
          <line
            x1={first.x}
            y1={first.y}
            x2={last.x}
            y2={last.y}
            className="stroke-slate"
            strokeWidth={size / 4}
            strokeDasharray={size}
          />
        )}
        <polyline
          points={through.map((mark) => `${mark.x},${mark.y}`).join(' ')}
          className="fill-none stroke-rowan"
          strokeWidth={size / 2.5}
          strokeLinejoin="round"
        />
        {names.map(({ key, label }) => {
          const mark = marks[key];
          if (!mark) return null;
          return (
            <g
              key={key}
              role="button"
              tabIndex={0}
              aria-label={`${label}, ${mark.x} across, ${mark.y} down`}
              aria-pressed={key === chosen}
              className="cursor-grab outline-none [&:focus-visible>circle]:stroke-slate [&:focus-visible>circle]:stroke-[6px]"
              transform={`translate(${mark.x} ${mark.y})`}
              onFocus={() => onChoose(key)}
              onPointerDown={(event) => {
                event.stopPropagation();
                held.current = key;
                onChoose(key);
                svg.current?.setPointerCapture(event.pointerId);
              }}
              onKeyDown={(event) => {
                const next = stepped(mark, event.key, event.shiftKey);
                if (!next) return;
                event.preventDefault();
                onMark(key, clamp(next, width, height), false);
              }}
            >
              <circle r={size * 2.4} className="fill-transparent" />
              <circle
                r={size}
                className={key === chosen ? 'fill-rowan stroke-paper' : 'fill-paper stroke-rowan'}
                strokeWidth={size / 3}
              />
              {/* The ends of the known length lie beside the body and need no name on the picture. */}
              {line.includes(key) && (
                <text
                  x={mark.x > width * 0.85 ? -size * 1.5 : size * 1.5}
                  // By turns above and below, so that neighbours do not write over each other.
                  y={line.indexOf(key) % 2 === 0 ? -size * 1.6 : size * 3}
                  textAnchor={mark.x > width * 0.85 ? 'end' : 'start'}
                  fontSize={size * 1.9}
                  className="pointer-events-none fill-ink stroke-paper font-semibold"
                  strokeWidth={size / 2}
                  paintOrder="stroke"
                >
                  {label}
                </text>
              )}
            </g>
          );
        })}
      </svg>
    </div>
  );
}
