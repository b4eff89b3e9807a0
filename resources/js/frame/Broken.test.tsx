import { act, render, screen } from '@testing-library/react';
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

  it('is of an earlier version where the server has another: the new one comes first', async () => {
    vi.spyOn(console, 'error').mockImplementation(() => undefined);
    document.head.innerHTML = '<meta name="built" content="one">';
    vi.resetModules();
    const { Catching: Anew } = await import('./Broken');
    const { hearOfVersions } = await import('@/offline/version');
    const { http } = await import('@/api/client');
    hearOfVersions();
    const answer = (built: string) =>
      http.GET('/api/me', { fetch: () => Promise.resolve(Response.json({}, { headers: { Built: built } })) });
    const Odd = () => {
      throw new Error('undefined is not a list');
    };
    await answer('one');
    render(
      <Anew>
        <Odd />
      </Anew>,
    );
    expect(screen.getByRole('button', { name: 'Open it again' })).toBeTruthy();

    await act(() => answer('two'));
    expect(screen.getByRole('button', { name: 'Load the new version' })).toBeTruthy();
    document.head.innerHTML = '';
  });

  it('breaks at its own address only', () => {
    vi.spyOn(console, 'error').mockImplementation(() => undefined);
    const Odd = () => {
      throw new Error('no list');
    };
    const { rerender } = render(
      <Catching at="/library">
        <Odd />
      </Catching>,
    );
    expect(screen.getByRole('heading', { name: 'This view could not be shown' })).toBeTruthy();
    rerender(<Catching at="/people">people</Catching>);

    expect(screen.getByText('people')).toBeTruthy();
  });

  it('shows the view where nothing is wrong', () => {
    render(<Catching>bench</Catching>);

    expect(screen.getByText('bench')).toBeTruthy();
  });
});
