import type { ReactNode } from 'react';
import { Link } from 'react-router';
import type { Refusal } from '@/api/client';
import { Logo } from './Logo';

/** A page for who is not signed in: one question, and what is wrong with the answer. */
export function GuestPage({
  title,
  refusal,
  onSubmit,
  children,
}: {
  title: string;
  refusal: Refusal | null;
  onSubmit: (form: HTMLFormElement) => Promise<void>;
  children: ReactNode;
}) {
  return (
    <main className="grid min-h-dvh place-items-center p-6">
      <form
        onSubmit={(event) => {
          event.preventDefault();
          void onSubmit(event.currentTarget);
        }}
        className="grid w-full max-w-sm gap-5 rounded-lg border border-hairline bg-sheet p-7"
      >
        <div className="flex items-center gap-3">
          <Logo />
          <h1 className="text-2xl">{title}</h1>
        </div>
        {refusal && Object.keys(refusal.fields).length === 0 && (
          <p role="alert" className="rounded-md border border-rowan p-3 font-semibold text-rowan">
            {refusal.sentence}{' '}
            {refusal.code === 'no-link' && (
              <Link to="/forgotten" className="underline underline-offset-4">
                Ask for a new one
              </Link>
            )}
          </p>
        )}
        {children}
      </form>
    </main>
  );
}
