import { DndContext, PointerSensor, useDraggable, useDroppable, useSensor, useSensors, pointerWithin } from '@dnd-kit/core';
import { useLayoutEffect, useRef, useState, type ReactNode } from 'react';
import type { Schemas } from '@/api/client';
import { roleWords } from '@/frame/RoleFields';
import { cx } from '@/ui/cx';
import { day as shortDay, weekTime } from '@/ui/day';
import { beside, parts, type Part, type Placed, type Where } from './plan';

type View = Schemas['WeekView'];

const cellId = ({ day, part }: Where): string => `${day} ${part}`;

// What was moved where is said by the note at the foot of the page, for mouse and keyboard alike.
const nothing = () => undefined;
const quiet = { onDragStart: nothing, onDragOver: nothing, onDragEnd: nothing, onDragCancel: nothing };

/** Seven days by part of day: other training drawn in, core sessions dropped in, a line between what clashes. */
export function WeekGrid({
  view,
  placed,
  chosen,
  head,
  onChoose,
  onMove,
  onRemove,
  onPlace,
  children,
}: {
  view: View;
  placed: Placed[];
  chosen: string | null;
  head: (day: View['days'][number]) => ReactNode;
  onChoose: (id: string) => void;
  onMove: (id: string, to: Where) => void;
  onRemove: (id: string) => void;
  /** A session of the list, dropped on a part of a day. */
  onPlace: (session: string, to: Where) => void;
  /** The list of sessions that can be dropped. */
  children: ReactNode;
}) {
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 6 } }));
  return (
    <DndContext
      sensors={sensors}
      collisionDetection={pointerWithin}
      accessibility={{ announcements: quiet, screenReaderInstructions: { draggable: 'The arrow keys move it.' } }}
      onDragEnd={({ active, over }) => {
        if (!over) return;
        const [day, part] = String(over.id).split(' ');
        const to = { day: Number(day), part: part as Part };
        const [kind, id] = [String(active.id).slice(0, 4), String(active.id).slice(5)];
        if (kind === 'slot') onMove(id, to);
        else onPlace(id, to);
      }}
    >
      {children}
      <div className="relative">
        <div className="grid gap-1 md:grid-flow-col md:grid-cols-7 md:grid-rows-[auto_repeat(3,minmax(6.5rem,auto))] print:grid-flow-col print:grid-cols-7 print:grid-rows-[auto_repeat(3,minmax(6.5rem,auto))]">
          {view.days.map((day) => [
            <div
              key={`${day.day} head`}
              className={cx(
                'px-1.5 pb-1 max-md:mt-3',
                day.today && 'border-b-3 border-rowan',
                !day.today && 'border-b-3 border-transparent',
              )}
            >
              <p className="flex items-baseline justify-between gap-1">
                <span className={cx('font-semibold', !day.trains && 'font-normal text-ink3')}>
                  {shortDay(day.date)}
                  <span className="sr-only">
                    {day.today && ', today'}
                    {day.trains ? ', training day' : ', no training day'}
                  </span>
                </span>
              </p>
              {head(day)}
            </div>,
            ...parts.map((part) => (
              <Cell key={`${day.day} ${part}`} day={day} part={part}>
                {view.other
                  .filter((other) => other.day === day.day && other.part === part)
                  .map((other, index) => (
                    <p
                      key={index}
                      data-place={cellId(other)}
                      className={cx(
                        // On a tablet a cell is as wide as “endurance”.
                        'rounded-sm border px-1.5 py-1 text-sm leading-tight max-xl:-mx-1 max-xl:px-0.5',
                        other.heavy ? 'border-ink bg-ink text-ground' : 'border-rung-edge bg-rung',
                        day.away && 'opacity-50',
                      )}
                    >
                      {other.heavy && 'heavy '}
                      {other.what}
                      {other.time && <span className="font-mono"> {other.time}</span>}
                    </p>
                  ))}
                {placed
                  .filter((slot) => slot.day === day.day && slot.part === part)
                  .map((slot) => (
                    <Chip
                      key={slot.id}
                      slot={slot}
                      chosen={slot.id === chosen}
                      onChoose={() => onChoose(slot.id)}
                      onMove={(to) => onMove(slot.id, to)}
                      onRemove={() => onRemove(slot.id)}
                    />
                  ))}
              </Cell>
            )),
          ])}
        </div>
        <Lines view={view} placed={placed} />
      </div>
    </DndContext>
  );
}

function Cell({ day, part, children }: { day: View['days'][number]; part: Part; children: ReactNode }) {
  const { setNodeRef, isOver } = useDroppable({ id: cellId({ day: day.day, part }) });
  const recovers = day.recovering.includes(part);
  return (
    <div
      ref={setNodeRef}
      role="group"
      aria-label={`${weekTime({ day: day.day, part })}${day.away ? ', away' : ''}${recovers ? ', recovering' : ''}`}
      data-over={isOver || undefined}
      className={cx(
        'grid content-start gap-1 rounded-md border p-1.5',
        isOver ? 'border-rowan bg-band' : 'border-hairline',
        day.away ? 'hatched' : recovers ? 'bg-rung/45' : day.trains ? 'bg-sheet' : 'bg-transparent',
      )}
    >
      <p className="flex justify-between text-sm leading-none text-ink3">
        <span>{part}</span>
        {recovers && !day.away && <span title="The trunk recovers from a hard session">rests</span>}
      </p>
      {children}
    </div>
  );
}

const marks: Record<Placed['state'], string> = {
  planned: '',
  today: 'today',
  done: 'done ✓',
  missed: 'not done',
  away: 'away',
  'left-out': 'left out this week',
};

function Chip({
  slot,
  chosen,
  onChoose,
  onMove,
  onRemove,
}: {
  slot: Placed;
  chosen: boolean;
  onChoose: () => void;
  onMove: (to: Where) => void;
  onRemove: () => void;
}) {
  const { attributes, listeners, setNodeRef, transform, isDragging } = useDraggable({ id: `slot ${slot.id}` });
  const out = slot.state === 'left-out' || slot.state === 'away';
  return (
    <button
      {...attributes}
      {...listeners}
      ref={setNodeRef}
      type="button"
      aria-roledescription={undefined}
      aria-describedby={undefined}
      data-slot={slot.id}
      aria-pressed={chosen}
      onClick={onChoose}
      onFocus={onChoose}
      onKeyDown={(event) => {
        const to = beside(slot, event.key);
        if (to) {
          event.preventDefault();
          onMove(to);
        } else if (event.key === 'Delete' || event.key === 'Backspace') {
          event.preventDefault();
          onRemove();
        }
      }}
      style={transform ? { transform: `translate(${transform.x}px, ${transform.y}px)` } : undefined}
      className={cx(
        'relative z-10 grid min-h-11 touch-none gap-0.5 rounded-md border-2 bg-paper px-2 py-1 text-left leading-tight wrap-anywhere max-xl:-mx-1 max-xl:px-1 max-xl:text-sm',
        chosen ? 'border-rowan' : 'border-ink2',
        out && 'border-dashed text-ink3',
        slot.state === 'missed' && 'border-dashed border-ochre',
        isDragging && 'z-30 shadow-lg',
      )}
    >
      <span className={slot.state === 'left-out' ? 'text-sm line-through' : 'font-semibold'}>
        {slot.title}
        <span className="sr-only">, {weekTime(slot)},</span>
      </span>
      {slot.state !== 'left-out' && (
        <>
          <span className="text-sm text-ink2">
            {slot.time && <span className="font-mono font-semibold text-ink">{slot.time} · </span>}
            <span className="font-mono">{slot.clock}</span> min · effort <span className="font-mono">{slot.effort}</span>
          </span>
          <span className="text-sm text-ink2">
            {roleWords[slot.placement]}
            {slot.moved && ' · this week'}
          </span>
        </>
      )}
      {marks[slot.state] && (
        <span
          className={cx(
            'text-sm font-semibold',
            slot.state === 'done' && 'text-fern',
            slot.state === 'missed' && 'text-ochre',
            slot.state === 'today' && 'text-rowan',
          )}
        >
          {marks[slot.state]}
          {slot.state === 'done' && slot.doneOn && ` ${shortDay(slot.doneOn).slice(0, 3)}`}
        </span>
      )}
    </button>
  );
}

interface Line {
  number: number;
  from: [number, number];
  to: [number, number] | null;
}

interface Box {
  /** middle, half width and half height */
  x: number;
  y: number;
  w: number;
  h: number;
}

/** Where the way from the middle of one box to another leaves the first. */
function edge(from: Box, to: Box): [number, number] {
  const [dx, dy] = [to.x - from.x, to.y - from.y];
  const far = Math.max(Math.abs(dx) / from.w, Math.abs(dy) / from.h, 1);
  return [from.x + dx / far, from.y + dy / far];
}

/** A numbered line between the two things that clash; the number is the one of the list. */
function Lines({ view, placed }: { view: View; placed: Placed[] }) {
  const drawing = useRef<SVGSVGElement>(null);
  const [lines, setLines] = useState<Line[]>([]);
  useLayoutEffect(() => {
    const box = drawing.current?.parentElement;
    if (!box) return;
    const measure = () => {
      const at = box.getBoundingClientRect();
      const boxOf = (element: Element | null): Box | null => {
        if (!element) return null;
        const { left, top, width, height } = element.getBoundingClientRect();
        return { x: left - at.left + width / 2, y: top - at.top + height / 2, w: width / 2, h: height / 2 };
      };
      setLines(
        view.clashes.flatMap((clash, index) => {
          const [from, to] = [
            ...clash.slots.slice(0, 2).map((id) => boxOf(box.querySelector(`[data-slot="${id}"]`))),
            ...clash.other.map((cell) => boxOf(box.querySelector(`[data-place="${cellId(cell)}"]`))),
          ].filter((end) => end !== null);
          if (!from) return [];
          return [
            {
              number: index + 1,
              from: to ? edge(from, to) : [from.x + from.w - 4, from.y - from.h + 4],
              to: to ? edge(to, from) : null,
            },
          ];
        }),
      );
    };
    measure();
    const watch = new ResizeObserver(measure);
    watch.observe(box);
    return () => watch.disconnect();
  }, [view, placed]);
  return (
    <svg
      ref={drawing}
      className="pointer-events-none absolute inset-0 z-20 size-full overflow-visible max-md:hidden"
      aria-hidden="true"
    >
      {lines.map(({ number, from, to }) => {
        const [x, y] = to ? [(from[0] + to[0]) / 2, (from[1] + to[1]) / 2] : from;
        return (
          <g key={number}>
            {to && (
              <path d={`M${from.join(' ')}L${to.join(' ')}`} className="stroke-ochre" strokeWidth="2.5" strokeDasharray="6 4" />
            )}
            <circle cx={x} cy={y} r="10" className="fill-sheet stroke-ochre" strokeWidth="2" />
            <text x={x} y={y + 4.5} textAnchor="middle" className="fill-ochre font-mono text-[13px] font-bold">
              {number}
            </text>
          </g>
        );
      })}
    </svg>
  );
}
