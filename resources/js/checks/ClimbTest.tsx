import { keepPreviousData } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { api, http, newId } from '@/api/client';
import { beep } from '@/ui/beep';
import { sayOnce } from '@/frame/sayOnce';
import type { Library } from '@/frame/useLibrary';
import { undoToast } from '@/frame/undoToast';
import { useRefresh } from '@/frame/usePerson';
import { Button } from '@/ui/Button';
import { Loading } from '@/ui/Loading';
import { toast } from '@/ui/notice';
import { Scale } from '@/ui/Scale';
import { staysLow } from '@/ui/staysLow';
import { keepClimb, otherSide, type Climb } from './climb';
import { LostQuestions, Outcome, TrialCard, TriedSoFar } from './ClimbParts';

/** Up a ladder, one small trial after the other: Enter when it was clean, a number for each thing that was lost. */
export function ClimbTest({
  person,
  start,
  library,
  onLeave,
}: {
  person: string;
  start: Climb;
  library: Library;
  /** With the test of the other side, or null. */
  onLeave: (next: Climb | null) => void;
}) {
  const [climb, setClimb] = useState(() => ({ ...start, id: start.id ?? newId() }));
  const [left, setLeft] = useState<number | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const [saving, setSaving] = useState(false);
  const refresh = useRefresh();
  const { id, ladder, side, guess, trials, now = { lost: [], pain: 0 } } = climb;
  const { lost, pain } = now;
  const asked = api.useQuery(
    'post',
    '/api/people/{person}/climbs/next',
    { params: { path: { person } }, body: { id, ladder, side, guess, trials } },
    { placeholderData: keepPreviousData, retry: false, staleTime: Infinity },
  );
  const step = asked.data;
  const rung = step?.next ? library.rungs.get(step.next) : undefined;
  const working = step?.workingRung ? library.rungs.get(step.workingRung) : undefined;
  const name = library.ladders.get(ladder)?.name ?? '';
  const ready = !asked.isPlaceholderData && step !== undefined;

  useEffect(() => void keepClimb(person, climb), [person, climb]);
  useEffect(() => {
    if (left === null || left <= 0) return;
    const timer = setTimeout(() => {
      if (left <= 3) beep(left === 1 ? 'go' : 'count');
      setLeft(left - 1);
    }, 1000);
    return () => clearTimeout(timer);
  }, [left]);

  const tried = () => {
    if (!rung || !ready) return;
    setClimb({ ...climb, trials: [...trials, { rung: rung.slug, faults: lost, pain }], now: undefined });
    setLeft(null);
  };
  const back = () => setClimb({ ...climb, trials: trials.slice(0, -1), now: undefined });
  const leave = (next: Climb | null) => {
    keepClimb(person, next);
    onLeave(next);
  };
  /** By a press that was not meant, six rungs would be gone. */
  const abandon = () => {
    leave(null);
    if (trials.length > 0) toast('The climb test was left.', { action: { label: 'Take back', onClick: () => leave(climb) } });
  };
  const keep = async () => {
    if (saving) return;
    setSaving(true);
    setProblem(null);
    const under = { current: id };
    const { data, error } = await sayOnce(under, (one) =>
      http.POST('/api/people/{person}/climbs', { params: { path: { person } }, body: { id: one, ladder, side, guess, trials } }),
    );
    setSaving(false);
    if (!data) return setProblem(error.sentence);
    undoToast(
      'The climb test is kept.',
      () => http.DELETE('/api/people/{person}/climbs/{climb}', { params: { path: { person, climb: under.current } } }),
      refresh,
    );
    leave(otherSide(climb, working?.slug ?? null));
  };
  const toggle = (question: string) =>
    setClimb({
      ...climb,
      now: { lost: lost.includes(question) ? lost.filter((one) => one !== question) : [...lost, question], pain },
    });

  useEffect(() => {
    const key = (event: KeyboardEvent) => {
      if (event.ctrlKey || event.metaKey || event.altKey || document.querySelector('[role=dialog]')) return;
      if (event.key === 'Escape') return abandon();
      if (event.target instanceof HTMLButtonElement && (event.key === 'Enter' || event.key === ' ')) return;
      const question = step?.questions[Number(event.key) - 1];
      if (question) toggle(question.value);
      else if (event.key === 'Enter') void (rung ? tried() : step?.reason && trials.length > 0 && keep());
      else if (event.key === ' ' && step?.holdSeconds) setLeft(left === null ? step.holdSeconds : null);
      else if (event.key.toLowerCase() === 'u' && trials.length > 0) back();
      else return;
      event.preventDefault();
    };
    window.addEventListener('keydown', key);
    return () => window.removeEventListener('keydown', key);
  });

  if (!step) return <Loading what="Finding the first rung" error={asked.error} again={() => void asked.refetch()} />;
  const clean = lost.length === 0 && pain <= step.cleanPain;

  return (
    <section aria-label={`Climb test: ${name}`} className="mx-auto grid w-full max-w-3xl gap-5">
      <div className="flex flex-wrap items-baseline justify-between gap-2">
        <h1 className="text-3xl">
          {name}
          {side !== 'both' && <span className="text-rowan">, {side}</span>}
        </h1>
        <Button look="quiet" hotkey="Esc" onClick={abandon}>
          leave the test
        </Button>
      </div>
      <TriedSoFar trials={trials} clean={step.clean} library={library} />
      {rung ? (
        <>
          <TrialCard rung={rung} side={side} step={step} setLeft={setLeft} left={left} />
          <LostQuestions step={step} lost={lost} toggle={toggle} />
          <fieldset>
            <legend className="mb-1 font-semibold">Pain, 0 to 10</legend>
            <Scale name="pain" value={pain} onChange={(told) => setClimb({ ...climb, now: { lost, pain: told } })} />
          </fieldset>
          <div
            ref={staysLow}
            className="flex flex-wrap gap-2 border-hairline max-sm:sticky max-sm:bottom-0 max-sm:-mx-6 max-sm:border-t max-sm:bg-ground max-sm:px-6 max-sm:py-2"
          >
            <Button look="next" hotkey="Enter" className="min-h-14 flex-1 text-lg" disabled={!ready} onClick={tried}>
              {clean ? 'Clean, no pain: next rung' : 'Not clean'}
            </Button>
            {trials.length > 0 && (
              <Button look="floor" hotkey="U" onClick={back}>
                Back
              </Button>
            )}
          </div>
        </>
      ) : (
        <Outcome
          working={working}
          step={step}
          problem={problem}
          trials={trials}
          saving={saving}
          ready={ready}
          keep={keep}
          climb={climb}
          back={back}
        />
      )}
    </section>
  );
}
