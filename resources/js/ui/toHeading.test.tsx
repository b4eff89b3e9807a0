import { render, screen } from '@testing-library/react';
import { expect, it } from 'vitest';
import { toHeading } from './toHeading';

const View = ({ line }: { line: boolean }) => (
  <main>
    <h1>Session</h1>
    <h2 id="stages">A sheet that grows</h2>
    {line && <button type="button">take out</button>}
    <button type="button">what comes later</button>
  </main>
);

it('gives the keyboard to the heading of a list whose line is gone', () => {
  const { rerender } = render(<View line />);
  screen.getByText('take out').focus();
  rerender(<View line={false} />);
  expect(document.activeElement).toBe(document.body);
  toHeading('#stages');
  expect(document.activeElement?.textContent).toBe('A sheet that grows');
});

it('leaves whoever is elsewhere by then', () => {
  render(<View line />);
  screen.getByText('what comes later').focus();
  toHeading('#stages');
  expect(document.activeElement?.textContent).toBe('what comes later');
});
