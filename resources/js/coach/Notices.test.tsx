import { render } from '@testing-library/react';
import { expect, it } from 'vitest';
import type { Schemas } from '@/api/client';
import { cue } from '@/clock/cue.fixture';
import { Heading } from './Notices';
import { way } from './way.fixture';

const sheet = { blocks: [] } as unknown as Schemas['CueSheetView'];
const heading = (set: number | null) =>
  render(
    <Heading
      sheet={sheet}
      item={way()}
      nextItem={undefined}
      working={set !== null}
      cue={set === null ? undefined : { ...cue(20, 'work', { set }), step: 0, way: '' }}
      small={false}
    />,
  ).container.textContent;

it('says which set of the exercise it is', () => {
  expect(heading(2)).toBe('Press-out, standing2 × 10 each side · set 2 of 2');
  expect(heading(3)).toBe('Press-out, standing2 × 10 each side · one set on top');
});

it('speaks of no set where it has ended and the last one is still to be told', () => {
  expect(heading(null)).toBe('Press-out, standing2 × 10 each side');
});
