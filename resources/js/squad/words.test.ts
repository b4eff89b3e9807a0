import { expect, it } from 'vitest';
import { kitInWords } from './words';

it('says what kit there is where a squad trains', () => {
  expect(kitInWords(null)).toBe('kit of each one’s own place');
  expect(kitInWords([])).toBe('nothing but the floor');
  expect([kitInWords(['wall']), kitInWords(['wall', 'mat'])]).toEqual(['1 kind of kit', '2 kinds of kit']);
});
