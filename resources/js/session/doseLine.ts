import type { Schemas } from '@/api/client';

export type Fields = Schemas['DoseFieldsView'];

/** The typed line for fields that were edited one by one. */
export function lineOf(fields: Fields): string {
  const side = fields.perSide ? fields.suffix : '';
  const unit = fields.forTime ? 's' : '';
  const body: Record<Fields['kind'], string> = {
    reps: `${fields.count}${side}`,
    hold: fields.count === 1 ? `${fields.seconds}s${side}` : `(${fields.count}x${fields.seconds}s/${fields.gapSeconds})${side}`,
    falling: `(${fields.counts}x${fields.seconds}s/${fields.gapSeconds})${side}`,
    gathered: `(${fields.count}s by ${fields.seconds}s/${fields.gapSeconds})${side}`,
    carry: `${fields.count}m${side}`,
    timed: `${fields.seconds}s on`,
    open: `max~${fields.count}${unit}${fields.cap === null ? '' : `<=${fields.cap}${unit}`}${side}`,
  };
  return [
    fields.kind === 'falling' ? body.falling : `${fields.sets}x${body[fields.kind]}`,
    fields.optionalSets > 0 ? `+${fields.optionalSets}` : null,
    fields.tempo,
    fields.restSeconds === null ? null : `r${fields.restSeconds}`,
    fields.kilograms === null ? null : `@${fields.kilograms}kg`,
  ]
    .filter(Boolean)
    .join(' ');
}
