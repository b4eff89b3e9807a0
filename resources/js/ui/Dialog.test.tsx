import { fireEvent, render, screen, waitFor } from '@testing-library/react';
import { useState, type ReactNode } from 'react';
import { expect, it } from 'vitest';
import { Button } from './Button';
import { Dialog } from './Dialog';

/** A view whose opener is gone with what is done in the dialog, such as the button of an empty session. */
function View({ opener }: { opener: 'goes' | 'stays' }) {
  const [open, setOpen] = useState(false);
  const [done, setDone] = useState(false);
  return (
    <main>
      <h1>Session</h1>
      {(opener === 'stays' || !done) && (
        <button type="button" onClick={() => setOpen(true)}>
          type lines
        </button>
      )}
      <Dialog open={open} onClose={() => setOpen(false)} title="Lines">
        <input aria-label="first line" ref={(field) => field?.focus()} />
        <button
          type="button"
          onClick={() => {
            setDone(true);
            setOpen(false);
          }}
        >
          put in
        </button>
      </Dialog>
    </main>
  );
}

it.each([
  ['goes', 'Session'],
  ['stays', 'type lines'],
] as const)('after a dialog whose opener %s the keyboard is at “%s”', async (opener, at) => {
  render(<View opener={opener} />);
  screen.getByText('type lines').focus();
  fireEvent.click(screen.getByText('type lines'));
  fireEvent.click(await screen.findByText('put in'));
  await waitFor(() => expect(document.activeElement?.textContent).toBe(at));
});

const open = (children: ReactNode) =>
  render(
    <Dialog open onClose={() => undefined} title="Erase it?">
      {children}
    </Dialog>,
  );

it('begins before a button that acts, so that a key pressed too often does nothing', () => {
  open(
    <>
      <p>In thirty days it is gone.</p>
      <Button look="next">Erase it</Button>
      <Button>Leave it</Button>
    </>,
  );
  expect(document.activeElement).toBe(screen.getByRole('dialog'));
});

it('begins with the first field where there is one', () => {
  open(
    <>
      <input aria-label="Why" />
      <Button look="next">Keep it</Button>
    </>,
  );
  expect(document.activeElement).toBe(screen.getByLabelText('Why'));
});
