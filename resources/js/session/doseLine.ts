import type { Schemas } from '@/api/client';

export type Fields = Schemas['DoseFieldsView'];

/** The typed line for fields that were edited one by one. Falling, gathered and open sets are edited as a line only. */
export function lineOf(fields: Fields): string {
  const side = fields.perSide ? fields.suffix : '';
  const body: Partial<Record<Fields['kind'], string>> = {
    reps: `${fields.count}${side}`,
    hold: fields.count === 1 ? `${fields.seconds}s${side}` : `(${fields.count}x${fields.seconds}s/${fields.gapSeconds})${side}`,
    carry: `${fields.count}m${side}`,
    timed: `${fields.seconds}s on`,
  };
  return [
    `${fields.sets}x${body[fields.kind] ?? ''}`,
    fields.optionalSets > 0 ? `+${fields.optionalSets}` : null,
    fields.tempo,
    fields.restSeconds === null ? null : `r${fields.restSeconds}`,
    fields.kilograms === null ? null : `@${fields.kilograms}kg`,
  ]
    .filter(Boolean)
    .join(' ');
}

export const hasFields = (fields: Fields | null): fields is Fields =>
  fields !== null && ['reps', 'hold', 'carry', 'timed'].includes(fields.kind);
