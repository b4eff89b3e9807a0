import type { KeyboardEvent } from 'react';
import { listOf, type Fields } from './source';

/** Figures as they are typed: supports, kit and meeting places as lines, and back. What cannot be read stays as typed. */

const names = (text: string): string[] =>
  text
    .split(',')
    .map((one) => one.trim())
    .filter(Boolean);

/** `{floor: [feet]}` as `floor: feet`; places alone are on the floor. */
export function onLines(on: unknown): string {
  if (on === undefined || on === null) return '';
  if (typeof on !== 'object' || Array.isArray(on)) return `floor: ${typeof on === 'string' ? on : listOf(on).join(', ')}`;
  return Object.entries(on as Fields)
    .map(([surface, places]) => `${surface}: ${typeof places === 'string' ? places : listOf(places).join(', ')}`)
    .join('\n');
}

export function placesOn(lines: string): unknown {
  const on = Object.fromEntries(
    lines
      .split('\n')
      .filter((line) => line.trim() !== '')
      .map((line) => {
        const [surface = '', ...places] = line.split(':');
        return places.length === 0 ? ['floor', names(surface)] : [surface.trim(), names(places.join(':'))];
      }),
  );
  return Object.keys(on).length === 0 ? undefined : on;
}

const numberOr = (text: string): unknown => (text !== '' && !Number.isNaN(Number(text)) ? Number(text) : text);

/** `[{band: hands, to: [20, 150, 110], pull: 60}]` as `band: hands, to: 20 150 110, pull: 60`. */
export const kitLines = (kit: unknown): string =>
  Array.isArray(kit)
    ? kit
        .map((piece: Fields) =>
          Object.entries(piece)
            .map(([field, value]) => `${field}: ${Array.isArray(value) ? value.join(' ') : String(value)}`)
            .join(', '),
        )
        .join('\n')
    : '';

export function kitPieces(lines: string): unknown {
  const kit = lines
    .split('\n')
    .filter((line) => line.trim() !== '')
    .map((line) =>
      Object.fromEntries(
        names(line).map((part) => {
          const [field = '', ...rest] = part.split(':');
          const value = rest.join(':').trim();
          const list = value.split(/\s+/);
          return [field.trim(), list.length > 1 ? list.map(numberOr) : numberOr(value)];
        }),
      ),
    );
  return kit.length === 0 ? undefined : kit;
}

export const touchLine = (touch: unknown): string =>
  Array.isArray(touch) ? touch.map((pair) => listOf(pair).join(' + ')).join(', ') : '';

export function touchPairs(line: string): unknown {
  const pairs = names(line).map((pair) => pair.split('+').map((one) => one.trim()));
  return pairs.length === 0 ? undefined : pairs;
}

const otherSide = (text: string): string => text.replace(/^(left|right)-/, (side) => (side === 'left-' ? 'right-' : 'left-'));

/** The same figure with left and right changed over: poses, kit, view and the side at work. */
export function mirroredFigure(figure: Fields): Fields {
  const mirrored: Fields = { ...figure, side: figure.side === 'right' ? 'left' : 'right' };
  for (const at of ['start', 'middle', 'end']) {
    const pose = figure[at];
    if (pose === undefined) continue;
    const own: Fields = typeof pose === 'string' ? { like: pose } : { ...(pose as Fields) };
    // What goes on from the start is mirrored with it, and so would be changed over twice.
    if (own.mirrored === true) delete own.mirrored;
    else own.mirrored = true;
    mirrored[at] = own;
  }
  if (Array.isArray(figure.view)) mirrored.view = [-Number(figure.view[0]), figure.view[1]];
  if (Array.isArray(figure.kit)) {
    mirrored.kit = figure.kit.map((piece: Fields) =>
      Object.fromEntries(
        Object.entries(piece).map(([field, value]) => {
          if (field === 'wall') return [field, value === 'left' ? 'right' : value === 'right' ? 'left' : value];
          if (field === 'to' && Array.isArray(value)) return [field, [value[0], -Number(value[1]), value[2]]];
          return [field, typeof value === 'string' ? otherSide(value) : value];
        }),
      ),
    );
  }
  return mirrored;
}

/** ↑ and ↓ step the number at the caret by 5, with Shift by 1, within the range of the joint. */
export function stepped(event: KeyboardEvent<HTMLInputElement>, min: number, max: number): void {
  if (event.key !== 'ArrowUp' && event.key !== 'ArrowDown') return;
  event.preventDefault();
  const field = event.currentTarget;
  const caret = field.selectionStart ?? field.value.length;
  const by = (event.key === 'ArrowUp' ? 1 : -1) * (event.shiftKey ? 1 : 5);
  const found = [...field.value.matchAll(/-?\d+/g)].find((one) => caret <= one.index + one[0].length);
  const at = found?.index ?? field.value.length;
  const next = String(Math.max(min, Math.min(max, Number(found?.[0] ?? 0) + by)));
  const text = field.value.slice(0, at) + next + field.value.slice(at + (found?.[0].length ?? 0));
  // Set as a browser would, so that whoever listens to the field hears of it.
  Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value')?.set?.call(field, text);
  field.dispatchEvent(new Event('input', { bubbles: true }));
  field.setSelectionRange(at, at + next.length);
}
