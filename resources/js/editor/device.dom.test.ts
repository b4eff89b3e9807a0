import { beforeEach, describe, expect, it } from 'vitest';
import { canKeep, setOwner, shelf } from './device';

type Note = { text: string };
const isNote = (note: Note) => typeof note.text === 'string';

describe('what is kept on this device', () => {
  beforeEach(() => localStorage.clear());

  it('comes back, and is gone once it is let go', () => {
    const notes = shelf<Note>('note', isNote);
    expect(notes.keep('a', { text: 'x' })).toBe(true);
    expect(notes.of('a')).toEqual({ text: 'x' });
    expect(notes.keys()).toEqual(['a']);
    notes.keep('a', null);
    expect(notes.of('a')).toBeNull();
    expect(canKeep()).toBe(true);
  });

  it('is understood after an update, also from before versions were written down', () => {
    localStorage.setItem('even-rungs.note.old', JSON.stringify('plain text'));
    localStorage.setItem('even-rungs.note.first', JSON.stringify({ v: 1, value: { words: 'one' } }));
    const notes = shelf<Note>('note', isNote, [
      (text) => ({ words: text }),
      (note) => ({ text: (note as { words: string }).words }),
    ]);
    expect(notes.of('old')).toEqual({ text: 'plain text' });
    expect(notes.of('first')).toEqual({ text: 'one' });
    notes.keep('new', { text: 'two' });
    expect(localStorage.getItem('even-rungs.note.new')).toBe('{"v":2,"value":{"text":"two"}}');
  });

  it('is left aside where it cannot be read, or was written by a later version', () => {
    const notes = shelf<Note>('note', isNote);
    localStorage.setItem('even-rungs.note.a', '{"text":');
    localStorage.setItem('even-rungs.note.b', '{"v":1,"value":{}}');
    localStorage.setItem('even-rungs.note.c', '{"v":9,"value":{"text":"x"}}');
    expect([notes.of('a'), notes.of('b'), notes.of('c')]).toEqual([null, null, null]);
    expect(localStorage.getItem('even-rungs.note.c')).not.toBeNull();
  });

  it('is kept apart for each user where it is somebody’s own', () => {
    const notes = shelf<Note>('note', isNote, undefined, { owned: true });
    setOwner('wren@tarn-row.example');
    notes.keep('new', { text: 'of Wren' });
    setOwner('other@tarn-row.example');
    expect([notes.of('new'), notes.keys()]).toEqual([null, []]);
    setOwner('wren@tarn-row.example');
    expect(notes.of('new')).toEqual({ text: 'of Wren' });
  });
});
