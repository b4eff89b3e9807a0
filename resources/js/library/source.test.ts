import { describe, expect, it } from 'vitest';
import {
  anglesLine,
  anglesOf,
  blankLadder,
  cueLines,
  cuesOf,
  fieldOf,
  kitLine,
  kitOf,
  signpostsOf,
  withCopy,
  withField,
  without,
  withoutSignpost,
  withSignpost,
  withWords,
  wordsOf,
  type Source,
} from './source';

const source: Source = {
  slug: 'squat',
  defaults: { position: 'standing', kit: [] },
  rungs: [
    { slug: 'box', name: 'Box squat', short: 'box', height: 20, kit: ['bench'] },
    { slug: 'bodyweight', name: 'Bodyweight squat', short: 'bodyweight', height: 30 },
  ],
};

describe('a ladder as it is edited', () => {
  it('keeps the loads of a relief when its words change', () => {
    const relief = { do: 'Seat to the heels.', loads: { kneeling: 1 } };
    expect([wordsOf(relief), wordsOf('Stand and breathe.'), wordsOf(undefined)]).toEqual([
      'Seat to the heels.',
      'Stand and breathe.',
      '',
    ]);
    expect(withWords(relief, 'Sit on a cushion.')).toEqual({ do: 'Sit on a cushion.', loads: { kneeling: 1 } });
    expect(withWords('Stand and breathe.', 'Walk a little.')).toBe('Walk a little.');
  });

  it('takes from the ladder what a rung does not say itself', () => {
    expect(fieldOf(source, 'box', 'kit')).toEqual(['bench']);
    expect(fieldOf(source, 'bodyweight', 'position')).toBe('standing');
  });

  it('stays in order of height and leaves the original as it was', () => {
    const changed = withField(source, 'box', 'height', 45);
    expect(changed.rungs.map((rung) => rung.slug)).toEqual(['bodyweight', 'box']);
    expect(source.rungs[0]?.height).toBe(20);
    expect(withField(source, 'box', 'kit', undefined).rungs[0]).not.toHaveProperty('kit');
  });

  it('begins a new ladder with one rung under an identity of its own', () => {
    const blank = blankLadder('own-ladder', 'own-rung');
    expect(blank).toMatchObject({ slug: 'own-ladder', rungs: [{ slug: 'own-rung', height: 20 }] });
  });

  it('points to rungs of other ladders once each, whatever the order of heights', () => {
    const pointed = withSignpost(withSignpost(source, 'hinge/dowel'), 'hinge/dowel');
    expect(signpostsOf(pointed)).toEqual(['hinge/dowel']);
    expect(signpostsOf(withField(pointed, 'box', 'height', 45))).toEqual(['hinge/dowel']);
    expect(withoutSignpost(pointed, 'hinge/dowel')).toEqual(source);
    expect(withSignpost(source, '')).toBe(source);
  });

  it('puts a copy just above its rung, with an identity and a lever of its own', () => {
    const copy = withCopy(source, 'box', 'own-1').rungs[1];
    expect(copy).toMatchObject({ slug: 'own-1', height: 21, name: 'Box squat, own version' });
    expect(copy).toHaveProperty('lever');
    expect(without(source, 'box').rungs).toHaveLength(1);
  });
});

describe('fields typed as lines', () => {
  it('come back as they were', () => {
    const kit = [['band', 'cable'], 'bench'];
    expect(kitLine(kit)).toBe('band or cable, bench');
    expect(kitOf(kitLine(kit))).toEqual(kit);
    const cues = [{ topic: 'low-back', say: 'Heavy: it stays down.' }, 'Two steps: out, then back.'];
    expect(cueLines(cues)).toBe('low back: Heavy: it stays down.\nTwo steps: out, then back.');
    expect(cuesOf(cueLines(cues), ['low-back', 'blades'])).toEqual(cues);
    expect(anglesOf(anglesLine([270, 0]))).toEqual([270, 0]);
    expect(anglesOf('12')).toBe(12);
    expect(anglesOf('')).toBeUndefined();
  });

  it('keep what is no angle, for the check to speak of it', () => {
    expect(anglesOf('up')).toBe('up');
  });
});
