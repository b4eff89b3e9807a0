/** A ladder as its file says it: fields of the ladder, `defaults` of its rungs, and the rungs, lowest first. */
export type Fields = Record<string, unknown>;
export interface Source extends Fields {
  slug: string;
  defaults?: Fields;
  rungs: Fields[];
}

export const rungOf = (source: Source, slug: string): Fields | undefined => source.rungs.find((rung) => rung.slug === slug);

/** What holds for a rung: its own field, or what its ladder says for all. */
export const fieldOf = (source: Source, slug: string, field: string): unknown =>
  rungOf(source, slug)?.[field] ?? source.defaults?.[field];

export const textOf = (value: unknown): string => (typeof value === 'string' || typeof value === 'number' ? String(value) : '');

/** The words of a field that has words alone, or what to do with the loads it has. */
export const wordsOf = (value: unknown): string => textOf(isFields(value) ? value.do : value);

/** The same field in other words: its loads stay. */
export const withWords = (value: unknown, words: string): unknown => (isFields(value) ? { ...value, do: words } : words);

const isFields = (value: unknown): value is Fields => typeof value === 'object' && value !== null;

/** The same ladder with one field of one rung changed; undefined takes the field out. Rungs stay in order of height. */
export function withField(source: Source, slug: string, field: string, value: unknown): Source {
  const rungs = source.rungs.map((rung) => {
    if (rung.slug !== slug) return rung;
    const changed = { ...rung, [field]: value };
    if (value === undefined) delete changed[field];
    return changed;
  });
  return { ...source, rungs: field === 'height' ? inOrder(rungs) : rungs };
}

const heightOf = (rung: Fields): number => (typeof rung.height === 'number' ? rung.height : 101);
const inOrder = (rungs: Fields[]): Fields[] => [...rungs].sort((a, b) => heightOf(a) - heightOf(b));

/** The same ladder with a copy of a rung just above it, under an identity of its own. */
export function withCopy(source: Source, slug: string, id: string): Source {
  const rung = rungOf(source, slug);
  if (!rung) return source;
  const copy: Fields = {
    ...rung,
    slug: id,
    name: `${textOf(rung.name)}, own version`,
    short: `${textOf(rung.short)} 2`,
    height: Math.min(100, heightOf(rung) + 1),
    lever: rung.lever ?? { kind: 'load', text: 'Say what makes it harder than the rung below.' },
  };
  delete copy.after;
  return { ...source, rungs: inOrder([...source.rungs, copy]) };
}

/** A ladder to begin with: one rung, and everything that still has to be said left empty. */
export const blankLadder = (id: string, rung: string): Source => ({
  slug: id,
  name: 'Own ladder',
  short: 'own',
  demand: 'anti-extension',
  secondary: [],
  defaults: { position: 'supine', moves: 'static', sided: 'both', kit: [], loads: {}, dose: 'static-hold' },
  rungs: [
    { slug: rung, name: 'First rung', short: 'first', height: 20, figure: { start: 'back-arms-up' }, cues: [], faults: [] },
  ],
});

/** Rungs of other ladders that belong here too, and the same ladder with one more, or one less. */
export const signpostsOf = (source: Source): string[] => source.rungs.flatMap((rung) => textOf(rung.stands_on) || []);
export const withSignpost = (source: Source, slug: string): Source =>
  slug === '' || signpostsOf(source).includes(slug) ? source : { ...source, rungs: [...source.rungs, { stands_on: slug }] };
export const withoutSignpost = (source: Source, slug: string): Source => ({
  ...source,
  rungs: source.rungs.filter((rung) => rung.stands_on !== slug),
});

export const listOf = (value: unknown): string[] =>
  Array.isArray(value) ? value.filter((entry): entry is string => typeof entry === 'string') : [];

export const without = (source: Source, slug: string): Source => ({
  ...source,
  rungs: source.rungs.filter((rung) => rung.slug !== slug),
});

/** "[[band, cable], bench]" as one line: `band or cable, bench`. */
export const kitLine = (kit: unknown): string =>
  Array.isArray(kit) ? kit.map((need: unknown) => (Array.isArray(need) ? need.join(' or ') : String(need))).join(', ') : '';
export const kitOf = (line: string): unknown[] =>
  line
    .split(',')
    .map((need) => need.trim().split(/\s+or\s+/))
    .filter((need) => need[0] !== '')
    .map((need) => (need.length === 1 ? need[0] : need));

/** Cues as they are edited: `blades: Push the floor away.`, the topic first where the cue has one. */
export const cueLines = (cues: unknown): string =>
  Array.isArray(cues)
    ? cues
        .map((cue: unknown) =>
          typeof cue === 'string' ? cue : `${textOf((cue as Fields).topic).replace('-', ' ')}: ${textOf((cue as Fields).say)}`,
        )
        .join('\n')
    : '';
export const cuesOf = (lines: string, topics: string[]): unknown[] =>
  lines.split('\n').map((line) => {
    const [before = '', ...say] = line.split(':');
    const topic = before.trim().toLowerCase().replace(' ', '-');
    return say.length > 0 && topics.includes(topic) ? { topic, say: say.join(':').trim() } : line;
  });

/** Angles as typed: `270 0`, or one number. Anything else stays as it was typed, so that the check can speak of it. */
export const anglesLine = (angles: unknown): string => (Array.isArray(angles) ? angles.join(' ') : textOf(angles));
export function anglesOf(line: string): unknown {
  const parts = line
    .trim()
    .split(/[\s,]+/)
    .filter(Boolean);
  if (parts.length === 0) return undefined;
  const numbers = parts.map(Number);
  if (numbers.some(Number.isNaN)) return line;
  return numbers.length === 1 ? numbers[0] : numbers;
}
