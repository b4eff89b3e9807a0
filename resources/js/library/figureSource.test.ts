import { describe, expect, it } from 'vitest';
import { kitLines, kitPieces, mirroredFigure, onLines, placesOn, touchLine, touchPairs } from './figureSource';

describe('a figure as it is typed', () => {
  it('has its supports by surface, and those alone on the floor', () => {
    const on = { bench: ['forearms'], floor: ['toes', 'left-knee'] };
    expect(placesOn(onLines(on))).toEqual(on);
    expect(onLines('feet')).toBe('floor: feet');
    expect(placesOn('feet, palms')).toEqual({ floor: ['feet', 'palms'] });
    expect(placesOn('  ')).toBeUndefined();
  });

  it('has its kit a line each, with places, loads and what pulls', () => {
    const kit = [{ bench: 45 }, { wall: 'front' }, { band: 'hands', to: [20, 150, 110], pull: 60 }];
    expect(kitLines(kit)).toBe('bench: 45\nwall: front\nband: hands, to: 20 150 110, pull: 60');
    expect(kitPieces(kitLines(kit))).toEqual(kit);
    expect(kitPieces('')).toBeUndefined();
  });

  it('has places that meet in pairs', () => {
    const touch = [
      ['left-palm', 'right-palm'],
      ['right-wrist', 'right-hip-side'],
    ];
    expect(touchPairs(touchLine(touch))).toEqual(touch);
  });

  it('is mirrored with its kit and its view, and twice is the same', () => {
    const figure = {
      start: 'side-bridge',
      end: { like: 'start', right: { hip: [0, 20] } },
      kit: [{ kettlebell: 'left-hand', kg: 8 }, { wall: 'left' }, { band: 'hands', to: [0, 150, 90] }],
      view: [20, 10],
      side: 'left',
    };
    const mirrored = mirroredFigure(figure);
    expect(mirrored).toMatchObject({
      start: { like: 'side-bridge', mirrored: true },
      kit: [{ kettlebell: 'right-hand', kg: 8 }, { wall: 'right' }, { band: 'hands', to: [0, -150, 90] }],
      view: [-20, 10],
      side: 'right',
    });
    expect(mirroredFigure(mirrored)).toEqual({ ...figure, start: { like: 'side-bridge' } });
  });
});
