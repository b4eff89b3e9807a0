import { render } from '@testing-library/react';
import { expect, it } from 'vitest';
import { staysLow } from './staysLow';

it('marks what scrolls around a bar for as long as one is there', () => {
  const page = (bars: string[]) => (
    <main>
      {bars.map((bar) => (
        <div key={bar} ref={staysLow} />
      ))}
    </main>
  );
  const { rerender, container } = render(page(['one', 'two']));
  const marked = () => [document.documentElement, container.querySelector('main')].map((one) => one?.hasAttribute('data-low'));
  expect(marked()).toEqual([true, true]);
  rerender(page(['two']));
  expect(marked(), 'one is left').toEqual([true, true]);
  rerender(page([]));
  expect(marked()).toEqual([false, false]);
});
