import { fireEvent, render, screen } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import { freshLog } from './log';
import { Done } from './PlayerParts';

const done = (other: { keepTheirs: () => Promise<void>; keepBoth: () => Promise<void> } | null) =>
  render(
    <Done
      log={{ ...freshLog('session'), sets: [] }}
      planned={4}
      problem={other ? 'Something else was kept under this number before.' : null}
      saving={false}
      odd={null}
      other={other}
      send={() => Promise.resolve()}
      settle={() => Promise.resolve()}
      undoSet={() => undefined}
      press={() => undefined}
    />,
  );

describe('a log that arrived once already and was changed here since', () => {
  it('is asked about: the one that arrived, or this one too', () => {
    const keepTheirs = vi.fn(() => Promise.resolve());
    const keepBoth = vi.fn(() => Promise.resolve());
    done({ keepTheirs, keepBoth });

    expect(screen.getByRole('alert')).toHaveTextContent('Something else was kept');
    expect(screen.queryByRole('button', { name: 'Try again' })).not.toBeInTheDocument();
    fireEvent.click(screen.getByRole('button', { name: 'The one that arrived' }));
    fireEvent.click(screen.getByRole('button', { name: /^This one too/ }));
    expect([keepTheirs.mock.calls.length, keepBoth.mock.calls.length]).toEqual([1, 1]);
  });

  it('is not where nothing arrived', () => {
    done(null);
    expect(screen.queryByRole('button', { name: 'The one that arrived' })).not.toBeInTheDocument();
    expect(screen.getByRole('button', { name: 'Save the log, then decide' })).toBeInTheDocument();
  });
});
