import type { ReactNode } from 'react';
import { cx } from '@/ui/cx';

/** Where a place lies on the small body, in the units of its picture: the front on the left, the back on the right. */
const AT: Record<string, [number, number]> = {
  shoulder: [32, 48],
  wrist: [81, 99],
  'front-of-hip': [36, 107],
  knee: [62, 152],
  neck: [142, 28],
  'low-back': [142, 84],
  'back-of-thigh': [142, 134],
};

/** One press where it is: places of the body, and beside it those that lie nowhere on it. */
export function SmallBody({
  label,
  places,
  pressed,
  onPress,
  beside,
}: {
  label: string;
  places: { value: string; label: string }[];
  pressed: string | null;
  onPress: (place: string) => void;
  /** what is said beside the body */
  beside?: ReactNode;
}) {
  const on = places.filter(({ value }) => AT[value]);
  const off = places.filter(({ value }) => !AT[value]);
  return (
    <div role="group" aria-label={label} className="flex flex-wrap items-start gap-3">
      <div className="relative h-52 w-46 shrink-0 rounded-md bg-ground">
        <svg viewBox="0 0 184 208" aria-hidden="true" className="absolute inset-0">
          <Outline x={52} />
          <Outline x={142} />
          <text x="52" y="204" textAnchor="middle" className="fill-ink2 text-[13px]">
            front
          </text>
          <text x="142" y="204" textAnchor="middle" className="fill-ink2 text-[13px]">
            back
          </text>
        </svg>
        {on.map(({ value, label: name }) => {
          const [x, y] = AT[value] ?? [0, 0];
          return (
            <button
              key={value}
              type="button"
              aria-label={name}
              aria-pressed={pressed === value}
              title={name}
              onClick={() => onPress(value)}
              style={{ left: x - 22, top: y - 22 }}
              className="absolute grid size-11 place-items-center rounded-full"
            >
              <span
                className={cx(
                  'size-5 rounded-full border-2',
                  pressed === value ? 'border-ochre bg-ochre ring-4 ring-ochre/40' : 'border-ink bg-sheet',
                )}
              />
            </button>
          );
        })}
      </div>
      <div className="grid min-w-28 flex-1 gap-1.5">
        {off.map(({ value, label: name }) => (
          <button
            key={value}
            type="button"
            aria-pressed={pressed === value}
            onClick={() => onPress(value)}
            className={cx(
              'min-h-11 rounded-md border px-3 text-left text-sm',
              pressed === value ? 'border-ink bg-ink font-semibold text-ground' : 'border-rung-edge',
            )}
          >
            {name}
          </button>
        ))}
        <p aria-live="polite" className="min-h-6 font-semibold">
          {on.find(({ value }) => value === pressed)?.label}
        </p>
        {beside}
      </div>
    </div>
  );
}

/** A person standing, from head to feet. */
function Outline({ x }: { x: number }) {
  return (
    <g transform={`translate(${x} 0)`} className="fill-rung stroke-rung" strokeLinecap="round" strokeLinejoin="round">
      <circle cx="0" cy="17" r="10.5" />
      <path strokeWidth="10" d="M0 26V40" />
      <path strokeWidth="14" d="M-13 46H13L9 78H-9ZM-9 80 -11 98H11L9 80Z" />
      <path strokeWidth="8.5" className="fill-none" d="M-19 47 -25 74 -28 99M19 47 25 74 28 99" />
      <path strokeWidth="13" className="fill-none" d="M-10 104 -11 148M10 104 11 148" />
      <path strokeWidth="9" className="fill-none" d="M-11 150 -11 182-15 185M11 150 11 182 15 185" />
    </g>
  );
}
