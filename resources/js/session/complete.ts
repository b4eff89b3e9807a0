import type { Fields } from './doseLine';

/** What could stand next in a dose line, as whole lines; the shapes of the trade first while it is empty. */
export function complete(line: string, fields: Pick<Fields, 'suffix' | 'perSide' | 'kind'> | null, sided: boolean): string[] {
  const typed = line.trim();
  const side = sided ? '/side' : '';
  const shapes = [
    `3x10${side}`,
    `2x30s${side}`,
    `3x(4x10s/5)${side}`,
    `(6-5-4x10s/5)${side}`,
    `2x20m${side}`,
    `2x45s on`,
    `2xmax~20<=30${side}`,
    `1x(120s by 45s/30)${side}`,
  ];
  if (typed === '') return shapes.slice(0, 5);
  const begun = shapes.filter(
    (shape) => shape !== typed && shape.startsWith(typed.replace(/\s|×/g, (sign) => (sign === '×' ? 'x' : ''))),
  );
  const body = /(?:\d+(?:s|m)?(?:\s*on)?|\))(?:\/side|\s+(?:pairs|moves))?$/.test(
    typed.split(/\s+(?=r\s*\d|[@+]|\S+-\S+-)/)[0] ?? '',
  );
  if (!body || typed.split('(').length > typed.split(')').length) return begun.slice(0, 5);
  const next: string[] = [];
  if (/\d$/.test(typed) && /^(?:\d+\s*[x×]\s*)?\d+$/.test(typed)) next.push(`${typed}s`);
  if (sided && !/\/side|pairs|moves|\bon\b/.test(typed)) next.push(`${typed}/side`);
  if (!/\+\d/.test(typed)) next.push(`${typed} +1`);
  if (fields?.kind === 'reps' && !/\d-\S+-\S+-/.test(typed)) next.push(`${typed} 3-1-3-1`);
  if (!/\br\s*\d/.test(typed)) next.push(`${typed} r45`);
  if (!typed.includes('@')) next.push(`${typed} @8kg`);
  return [...begun, ...next].slice(0, 5);
}
