import { useState } from 'react';
import type { Schemas } from '@/api/client';
import { Button } from '@/ui/Button';
import { staysLow } from '@/ui/staysLow';

/** What is wrong: a danger sign closes training until the trainer has asked. */
export function Stop({
  signs,
  problem,
  onTell,
  onBack,
}: {
  signs: Schemas['ChoiceView'][];
  problem: string | null;
  onTell: (signs: string[]) => Promise<void>;
  onBack: () => void;
}) {
  const [ticked, setTicked] = useState<string[]>([]);
  const [busy, setBusy] = useState(false);
  return (
    <section aria-labelledby="wrong" className="grid gap-4">
      <h2 id="wrong" className="text-2xl">
        Is it one of these?
      </h2>
      <p>If it is bad, or gets worse quickly, do not read on: call the emergency services.</p>
      <ul className="grid gap-1.5">
        {signs.map(({ value, label }) => (
          <li key={value}>
            <label className="flex min-h-12 items-center gap-3 rounded-md border border-hairline bg-sheet px-4 py-2">
              <input
                type="checkbox"
                className="size-5 shrink-0 accent-rowan"
                checked={ticked.includes(value)}
                onChange={() =>
                  setTicked((before) => (before.includes(value) ? before.filter((one) => one !== value) : [...before, value]))
                }
              />
              {label.replace(/\?$/, '')}
            </label>
          </li>
        ))}
      </ul>
      {problem && (
        <p role="alert" className="font-semibold text-rowan">
          {problem} Call your practice.
        </p>
      )}
      <div ref={staysLow} className="sticky bottom-0 grid gap-2 bg-ground py-3">
        <Button
          look="next"
          className="min-h-14 justify-center"
          disabled={busy || ticked.length === 0}
          onClick={() => {
            setBusy(true);
            void onTell(ticked).finally(() => setBusy(false));
          }}
        >
          Tell my practice, and stop training
        </Button>
        <Button className="min-h-12 justify-center" onClick={onBack}>
          None of these
        </Button>
      </div>
    </section>
  );
}
