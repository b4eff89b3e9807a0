import { newId } from '@/api/client';
import { shelf } from '@/editor/device';
import { MARKS, type Mark, type SentPicture, type View } from './picture';

/** An alignment check as far as it went; kept on the device until its result is kept or it is left. */
export interface Alignment {
  /** It is saved under this number however often it is sent. */
  id: string;
  view: View;
  /** Null before one is chosen; without a photo a drawing to try it on. */
  picture: { photo: SentPicture | null } | null;
  marks: Record<string, Mark>;
  /** The mark that is set next. */
  chosen: string;
  centimetres: string;
}

export const begunAlignment = (view: View = 'side'): Alignment => ({
  id: newId(),
  view,
  picture: null,
  marks: {},
  chosen: MARKS[view][0]?.key ?? '',
  centimetres: '',
});

/** With a mark where it was set; once it is placed the next one that is missing is chosen. */
export function marked(alignment: Alignment, key: string, at: Mark, placed: boolean): Alignment {
  const marks = { ...alignment.marks, [key]: at };
  const next = MARKS[alignment.view].find((one) => !marks[one.key])?.key ?? key;
  return { ...alignment, marks, chosen: placed ? next : alignment.chosen };
}

const alignments = shelf<Alignment>(
  'alignment',
  ({ view, marks }) => view in MARKS && typeof marks === 'object' && Object(marks) === marks,
);

export const keptAlignment = (person: string): Alignment | null => alignments.of(person);
export const keepAlignment = (person: string, alignment: Alignment | null): boolean => alignments.keep(person, alignment);
