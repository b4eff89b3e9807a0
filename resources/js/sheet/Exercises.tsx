import type { Schemas } from '@/api/client';
import { FaultPicture } from '@/figure/FaultPicture';
import { Figure } from '@/figure/Figure';

type Sheet = Schemas['SheetView'];
type Item = Schemas['SheetItemView'];
export type Layout = Schemas['SheetPdfRequest']['layout'];

/** So many weeks have boxes on the one page. */
const WEEKS = [1, 2, 3, 4];

const besides = (item: Item): string =>
  [item.position, item.kit && `with ${item.kit}`, item.tempoText, item.restText].filter(Boolean).join(' · ');

/** The exercises as they lie on paper: whole, on one page, or a card for each station. */
export function Exercises({ sheet, layout }: { sheet: Sheet; layout: Layout }) {
  if (layout === 'cards')
    return (
      <ol className="mt-4 grid gap-4 sm:grid-cols-2 print:grid-cols-2">
        {sheet.items.map((item, index) => (
          <Card key={index} item={item} number={index + 1} />
        ))}
      </ol>
    );
  return (
    <ol className="mt-2">
      {sheet.items.map((item, index) => (
        <li
          key={index}
          className={
            layout === 'page'
              ? 'grid [break-inside:avoid] grid-cols-[2rem_7rem_1fr] gap-x-3 border-b border-hairline py-2 max-sm:grid-cols-[2rem_1fr]'
              : 'grid [break-inside:avoid] grid-cols-[2.2rem_9rem_1fr] gap-x-3 border-b border-hairline py-4 max-sm:grid-cols-[2.2rem_1fr]'
          }
        >
          <span className="font-display text-2xl leading-tight font-[650]">{index + 1}</span>
          <div className="grid content-start gap-2">
            <Figure
              figure={item.figure}
              label={item.name}
              className={layout === 'page' ? 'h-16 w-full max-sm:h-24' : 'h-24 w-full max-sm:h-32'}
            />
            {layout !== 'page' && item.fault && <FaultPicture fault={item.fault} className="h-16 max-sm:h-24" />}
          </div>
          <div className="grid content-start gap-1 max-sm:col-span-2">
            <div className="flex flex-wrap items-baseline justify-between gap-x-4">
              <h2 className={layout === 'page' ? 'text-lg' : 'text-xl'}>{item.name}</h2>
              <p className="font-bold">{item.doseText}</p>
            </div>
            <p className="text-ink2">{besides(item)}</p>
            {item.setUp && <p className="font-semibold">{item.setUp}</p>}
            {layout === 'page' ? <Short item={item} days={sheet.days} /> : <Whole item={item} />}
          </div>
        </li>
      ))}
    </ol>
  );
}

function Whole({ item }: { item: Item }) {
  return (
    <>
      <ul className="list-disc pl-5">
        {item.cues.map((cue) => (
          <li key={cue}>{cue}</li>
        ))}
      </ul>
      {item.faults.map((fault) => (
        <p key={fault.seen} className="text-sm">
          <strong>If you see:</strong> {fault.seen} <strong>Then:</strong> {fault.fix}
        </p>
      ))}
      <p className="text-sm">
        <strong>Check:</strong> {item.check} <strong>Felt:</strong> {item.felt} <strong>Easier today:</strong> {item.fallback}{' '}
        <strong>To end:</strong> {item.wayOut}
      </p>
    </>
  );
}

function Short({ item, days }: { item: Item; days: number }) {
  const fault = item.faults[0];
  return (
    <>
      <p className="text-sm">{item.cues.slice(0, 2).join(' ')}</p>
      {fault && (
        <p className="text-sm">
          <strong>If you see:</strong> {fault.seen} <strong>Then:</strong> {fault.fix}
        </p>
      )}
      <p className="flex flex-wrap gap-x-5 gap-y-1 text-sm text-ink2">
        {WEEKS.map((week) => (
          <span key={week} className="flex items-center gap-1">
            week {week}
            {Array.from({ length: days }, (_, day) => (
              <span key={day} aria-hidden="true" className="inline-block size-4 border border-ink" />
            ))}
          </span>
        ))}
      </p>
    </>
  );
}

function Card({ item, number }: { item: Item; number: number }) {
  return (
    <li className="grid [break-inside:avoid] content-start gap-1.5 rounded-lg border-2 border-ink p-4">
      <p className="flex items-baseline justify-between gap-3">
        <span className="font-display text-4xl leading-none font-[650]">{number}</span>
        <span className="text-sm text-ink2">{item.kit}</span>
      </p>
      <Figure figure={item.figure} label={item.name} className="h-36 w-full" />
      <h2 className="text-xl">{item.name}</h2>
      <p className="text-lg font-bold">{item.doseText}</p>
      <p className="text-ink2">{[item.tempoText, item.restText].filter(Boolean).join(' · ')}</p>
      <p>{item.cues[0]}</p>
      {item.setUp && <p className="font-semibold">{item.setUp}</p>}
    </li>
  );
}
