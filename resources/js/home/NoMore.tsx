import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { http, sentenceOf } from '@/api/client';
import { Logo } from '@/frame/Logo';
import { withHoldingToken } from '@/frame/signingIn';
import { Button } from '@/ui/Button';

/** Where the end of every message leads: one press ends them all. */
export function NoMore() {
  const [search] = useSearchParams();
  const [said, setSaid] = useState<{ done: boolean; sentence: string } | null>(null);
  const [busy, setBusy] = useState(false);
  const end = async () => {
    setBusy(true);
    const path = { who: search.get('who') ?? '' };
    const query = { signature: search.get('signature') ?? '' };
    const refusal = await withHoldingToken(
      async () => (await http.POST('/api/home/no-more/{who}', { params: { path, query } })).error ?? null,
    );
    setBusy(false);
    setSaid(
      refusal
        ? { done: false, sentence: sentenceOf(refusal) }
        : { done: true, sentence: 'You get no more messages. Your page opens all the same.' },
    );
  };
  return (
    <main className="mx-auto grid max-w-xl content-start gap-6 p-5 text-lg">
      <p className="flex items-center gap-2.5 font-display text-xl font-[650]">
        <Logo /> Even Rungs
      </p>
      <h1 className="text-3xl">Messages</h1>
      {said && (
        <p role={said.done ? 'status' : 'alert'} className="rounded-lg border border-rail bg-sheet p-5 font-semibold">
          {said.sentence}
        </p>
      )}
      {!said?.done && (
        <Button look="next" className="min-h-14 justify-center text-xl" disabled={busy} onClick={() => void end()}>
          No more messages
        </Button>
      )}
    </main>
  );
}
