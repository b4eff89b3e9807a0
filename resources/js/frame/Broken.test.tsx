import { render, screen } from '@testing-library/react';
import { Suspense, lazy } from 'react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { Catching } from './Broken';

describe('a view that cannot be shown', () => {
  afterEach(() => vi.restoreAllMocks());

  it('says so in its place, with what went wrong', async () => {
    vi.spyOn(console, 'error').mockImplementation(() => undefined);
    const Late = lazy(() => Promise.reject<{ default: () => null }>(new Error('The code of this view did not arrive.')));
    render(
      <Catching>
        <Suspense>
          <Late />
        </Suspense>
      </Catching>,
    );

    expect(await screen.findByRole('heading', { name: 'This view could not be shown' })).toBeTruthy();
    expect(screen.getByText('The code of this view did not arrive.')).toBeTruthy();
  });

  it('shows the view where nothing is wrong', () => {
    render(<Catching>bench</Catching>);

    expect(screen.getByText('bench')).toBeTruthy();
  });
});
