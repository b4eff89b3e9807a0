import type { Schemas } from '@/api/client';
import type { Player as PlayerState } from '@/clock/player';
import { wayAt, type StrungCue, type Way } from './course';

const sides = { left: 'left', right: 'right', both: '' } as const;

/** Figures are drawn with one side at work; the other is shown mirrored. */
export const mirrored = (item: Way, side: string | undefined): boolean =>
  (side === 'left' || side === 'right') && side !== item.figure.side;

/** What comes after this cue, in a few words. */
export function thenOf(sheet: Schemas['CueSheetView'], cues: StrungCue[], at: number): string {
  const now = cues[at];
  const coming = cues.slice(at + 1).find(({ seconds }) => seconds > 0);
  if (!now || !coming) return 'then done';
  const work = cues.slice(at + 1).find(({ stretch }) => stretch === 'work');
  const name = work && work.item !== now.item ? wayAt(sheet, work)?.name : undefined;
  const side = work && work.side !== 'both' ? `, ${work.side}` : '';
  switch (coming.stretch) {
    case 'side-change':
      return `then the ${coming.side} side`;
    case 'gap':
      return `then ${coming.seconds} s, and on`;
    case 'rest':
      return `then rest ${coming.seconds} s${name ? `, then ${name}` : ''}`;
    case 'change-over':
      return `then ${name ?? 'on'}${side}`;
    case 'work': {
      if (now.stretch === 'gap' || now.stretch === 'side-change') return `then ${coming.seconds} s more${side}`;
      const isOnTop = coming.set > (wayAt(sheet, coming)?.sets ?? coming.set);
      return `then ${isOnTop ? 'one set on top' : `set ${coming.set}`}${side}`;
    }
  }
}

/** The word of the moment. */
export function wordOf(cue: Schemas['Cue']): string {
  if (cue.stretch === 'work') return cue.side === 'both' ? 'work' : sides[cue.side];
  return cue.stretch === 'side-change' ? `change to the ${sides[cue.side]}` : cue.stretch.replace('-', ' ');
}

const nextWork = (cues: StrungCue[], at: number) => cues.slice(at + 1).find((other) => other.stretch === 'work');
export const nextSide = (cues: StrungCue[], at: number) => nextWork(cues, at)?.side;
export const wayOfNext = (sheet: Schemas['CueSheetView'], cues: StrungCue[], at: number): Way | undefined => {
  const next = nextWork(cues, at);
  return next && wayAt(sheet, next);
};

/** Seconds that are left of the session, an open set counted as estimated. */
export const secondsLeft = (cues: StrungCue[], { at, leftMs }: PlayerState): number => {
  const cue = cues[at];
  const here = cue?.until == null ? leftMs / 1000 : cue.seconds - (cue.until - leftMs / 1000);
  return Math.ceil(Math.max(0, here)) + cues.slice(at + 1).reduce((sum, other) => sum + other.seconds, 0);
};
