import { useEffect, useState } from 'react';
import { http, newId, sentenceOf, type Schemas } from '@/api/client';
import { Why } from '@/frame/reason';
import { beep } from '@/ui/beep';
import { Button } from '@/ui/Button';
import { useKeepBrace } from './useKeepBrace';

/** The brace without a cuff: how long it is held while the breath goes on quietly, by the clock alone. */
export function BraceByHand({ person, seconds: whole, onLeave }: { person: string; seconds: number; onLeave: () => void }) {
  const [began, setBegan] = useState<number | null>(null);
  const [passed, setPassed] = useState(0);
  const [found, setFound] = useState<Schemas['BraceView'] | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const [id] = useState(newId);
  const keepBrace = useKeepBrace(person, onLeave);
  const running = began !== null;

  const end = async (held: number) => {
    setBegan(null);
    beep('go');
    const { data, error } = await http.POST('/api/people/{person}/brace/preview', {
      params: { path: { person } },
      body: { id, samples: [], seconds: Math.max(1, held) },
    });
    setFound(data ?? null);
    if (error) setProblem(sentenceOf(error));
  };
  useEffect(() => {
    if (began === null) return;
    const timer = setInterval(() => {
      const held = Math.min(whole, Math.floor((Date.now() - began) / 1000));
      setPassed(held);
      if (held >= whole) void end(whole);
    }, 100);
    return () => clearInterval(timer);
  });

  const begin = () => {
    setFound(null);
    setProblem(null);
    setPassed(0);
    setBegan(Date.now());
    beep('go');
  };
  const keep = async () => setProblem(await keepBrace({ id, samples: [], seconds: Math.max(1, passed) }));
  const main = () => void (found ? keep() : running ? end(passed) : begin());

  useEffect(() => {
    const key = (event: KeyboardEvent) => {
      if (![' ', 'Enter', 'PageDown'].includes(event.key) || event.target instanceof HTMLButtonElement || event.repeat) return;
      event.preventDefault();
      main();
    };
    window.addEventListener('keydown', key);
    return () => window.removeEventListener('keydown', key);
  });

  return (
    <section aria-label="By hand" className="grid gap-4 rounded-lg border border-rail bg-sheet p-5">
      <p className="text-center" role="status">
        <span className="block font-mono text-[8rem] leading-none font-bold">{passed}</span>
        <span className="text-ink2">of {whole} s, by hand: stop when the breath is held or the brace goes</span>
      </p>
      {problem && (
        <p role="alert" className="font-semibold text-rowan">
          {problem}
        </p>
      )}
      {found && (
        <p className="border-l-4 border-slate bg-paper p-3 text-lg">
          <Why title="Brace check" reasons={found.reason}>
            {found.reason.sentence}
          </Why>
        </p>
      )}
      <div className="flex flex-wrap gap-2">
        <Button look="next" hotkey={found ? 'Enter' : 'Space'} className="min-h-14 flex-1 text-lg" onClick={main}>
          {found ? 'Keep the result' : running ? 'Stop' : 'Begin the minute'}
        </Button>
        {found && (
          <Button look="floor" onClick={begin}>
            Again
          </Button>
        )}
      </div>
    </section>
  );
}
