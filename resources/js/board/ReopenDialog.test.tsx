import { fireEvent, render, screen, waitFor } from '@testing-library/react';
import { afterEach, expect, it, vi } from 'vitest';
import { ReopenDialog } from './ReopenDialog';

afterEach(() => localStorage.clear());

const open = (person: string, onReopen: (reason: string) => Promise<boolean>) =>
  render(<ReopenDialog person={person} rung="r" problem={null} onClose={() => undefined} onReopen={onReopen} />);
const reason = () => screen.getByLabelText<HTMLInputElement>('Reason');

it('keeps the reason for this person alone until the ladder is open again', async () => {
  const reopen = vi.fn(() => Promise.resolve(false));
  const refused = open('corvin', reopen);
  fireEvent.change(reason(), { target: { value: 'free of pain for a week' } });
  fireEvent.click(screen.getByRole('button', { name: /Reopen and place/ }));
  await waitFor(() => expect(reopen).toHaveBeenCalledWith('free of pain for a week'));
  expect(reason().value).toBe('free of pain for a week');
  refused.unmount();

  open('ilse', reopen).unmount();
  const other = open('ilse', reopen);
  expect(reason().value).toBe('');
  other.unmount();

  open('corvin', () => Promise.resolve(true));
  expect(reason().value).toBe('free of pain for a week');
  fireEvent.click(screen.getByRole('button', { name: /Reopen and place/ }));
  await waitFor(() => expect(reason().value).toBe(''));
});
