import { useSortable } from '@dnd-kit/sortable';
import type { ComponentProps, ReactNode } from 'react';
import type { Schemas } from '@/api/client';
import { RungFigure } from '@/figure/RungFigure';
import { Why, WhyAsked } from '@/frame/reason';
import { Button } from '@/ui/Button';
import { cx } from '@/ui/cx';
import { Key } from '@/ui/Key';
import { DoseEditor } from './DoseEditor';
import { useSum } from './sums';

/** A warning in its row: the sentence opens the reason, the key repairs it. */
export interface Numbered {
  warning: Schemas['WarningView'];
  key: number | null;
}

const LEFT_OUT = 'justify-self-start rounded-sm border border-dashed border-ochre px-1.5 text-sm font-semibold text-ochre';

function LeftOutMark({ waits, side }: { waits: Schemas['ReasonView'] | null; side: Schemas['ItemView']['leftOut'] }) {
  if (waits)
    return (
      <Why title="Left out" reasons={waits} className={LEFT_OUT}>
        Waits: on no sheet, not in the player
      </Why>
    );
  return side === null ? null : (
    <p className={LEFT_OUT}>
      {side === 'both' ? 'Draft only: on no sheet, not in the player' : `The ${side} side: on no sheet, not in the player`}
    </p>
  );
}

/** One exercise of a session: picked and dragged by its number, its dose as a line, its time as a sum. */
export function ExerciseRow({
  editing,
  id,
  number,
  rung,
  name,
  view,
  dose,
  straight,
  picked,
  current,
  warnings,
  waits,
  next,
  allow,
  onFocus,
  onBlur,
  onPick,
  onMove,
  upToDate,
  onSwap,
  onRemove,
}: {
  /** what the editor of its dose tells, and where its field is kept */
  editing: Pick<ComponentProps<typeof DoseEditor>, 'onChange' | 'onFields' | 'onSettle' | 'onNext' | 'inputRef'>;
  id: string;
  number: number;
  rung: string;
  name: string;
  view: Schemas['ItemView'] | undefined;
  dose: string;
  straight: boolean;
  picked: boolean;
  current: boolean;
  warnings: Numbered[];
  /** Why it is left out until something is decided; null where nothing waits. */
  waits: Schemas['ReasonView'] | null;
  /** The next dose by the last log, where it is another one. */
  next: ReactNode;
  /** The trainer's word against what rules it out, where it may be given. */
  allow: ReactNode;
  onFocus: () => void;
  onBlur: () => void;
  onPick: (many: boolean) => void;
  onMove: (by: -1 | 1) => void;
  /** Whether the server has read what is written now. */
  upToDate: boolean;
  onSwap: () => void;
  onRemove: () => void;
}) {
  const askTime = useSum(id);
  const { attributes, listeners, setNodeRef, setActivatorNodeRef, transform, isDragging, isOver } = useSortable({ id });
  return (
    // Alt with an arrow moves the exercise whose row has the focus.
    // oxlint-disable-next-line jsx-a11y/no-static-element-interactions
    <div
      ref={setNodeRef}
      data-row={id}
      data-over={isOver || undefined}
      style={{ transform: transform ? `translateY(${transform.y}px)` : undefined }}
      onFocus={onFocus}
      onBlur={onBlur}
      onKeyDown={(event) => {
        if (!event.altKey || (event.key !== 'ArrowUp' && event.key !== 'ArrowDown')) return;
        event.preventDefault();
        onMove(event.key === 'ArrowUp' ? -1 : 1);
      }}
      className={cx(
        'grid items-center gap-x-3 gap-y-1 rounded-md border bg-sheet px-3 py-2 @md:grid-cols-[1.75rem_minmax(0,1fr)_3rem_auto] @xl:grid-cols-[1.75rem_4rem_minmax(0,1fr)_auto_3rem_auto]',
        picked ? 'border-ink ring-2 ring-ink' : current || isOver ? 'border-ink' : 'border-hairline',
        isDragging && 'relative z-10 opacity-80',
      )}
    >
      <button
        ref={setActivatorNodeRef}
        {...attributes}
        {...listeners}
        role="checkbox"
        aria-roledescription={undefined}
        aria-describedby={undefined}
        aria-checked={picked}
        aria-label={`Pick ${name}`}
        title="Pick: click, or Shift and click for several. Drag to move."
        onClick={(event) => onPick(event.shiftKey)}
        className={cx(
          'min-h-9 cursor-grab touch-none rounded-sm font-mono text-sm hover:bg-rung active:cursor-grabbing @max-md:hidden',
          picked ? 'bg-ink text-ground' : 'text-ink3',
        )}
      >
        {number}
      </button>
      <span className="@max-xl:hidden">
        <RungFigure rung={rung} plain className="h-11 w-16" />
      </span>
      <div className="min-w-0 @md:@max-xl:col-span-3">
        <p className="font-semibold">
          {name} <span className="font-mono text-sm font-normal text-ink2">{view?.heightText}</span>
        </p>
        <p className="text-sm text-ink2">
          {view && [view.doseText, view.tempoText, straight ? view.restText : '', ...view.qualities].filter(Boolean).join(' · ')}
        </p>
        <LeftOutMark waits={waits} side={view?.leftOut ?? null} />
        {warnings.map(({ warning, key }, which) => (
          <Why key={which} title="Warning" reasons={warning.reason} className="flex items-start gap-2 text-sm text-ochre">
            <span className={cx(key !== null && 'line-clamp-1')}>◇ {warning.reason.sentence}</span>
            {key !== null && <Key>{key}</Key>}
          </Why>
        ))}
        {allow}
      </div>
      <div className="grid gap-1 @md:@max-xl:col-start-2">
        {view ? (
          <DoseEditor item={view} value={dose} current={upToDate} {...editing} />
        ) : (
          <span className="font-mono">{dose}</span>
        )}
        {next}
      </div>
      {view?.totals ? (
        <WhyAsked title={`Time of ${view.name}`} ask={askTime} className="text-right font-mono">
          {view.totals.totalText}
        </WhyAsked>
      ) : (
        <span className="text-right font-mono">–</span>
      )}
      <span className="grid grid-flow-col @xl:grid-rows-2">
        {(
          [
            ['↑', `Move ${name} up`, 'Up (Alt ↑)', () => onMove(-1)],
            ['↓', `Move ${name} down`, 'Down (Alt ↓)', () => onMove(1)],
            ['⇄', `Swap ${name}`, 'Another rung in its place', onSwap],
            ['×', `Remove ${name}`, 'Remove', onRemove],
          ] as const
        ).map(([sign, label, title, run]) => (
          <Button
            key={sign}
            look="quiet"
            aria-label={label}
            title={title}
            className="min-h-6 min-w-7 justify-center py-0 no-underline max-sm:min-h-11 max-sm:min-w-11"
            onClick={run}
          >
            {sign}
          </Button>
        ))}
      </span>
    </div>
  );
}
