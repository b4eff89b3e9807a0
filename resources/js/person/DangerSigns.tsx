import { useEffect, useRef, useState, type KeyboardEvent } from 'react';
import { flushSync } from 'react-dom';
import { api, http, newId, type Refusal, type Schemas } from '@/api/client';
import { shelf } from '@/editor/device';
import { useDraft } from '@/editor/useDraft';
import { useRefresh, useTakePerson } from '@/frame/usePerson';
import { sayOnce } from '@/frame/sayOnce';
import { Button } from '@/ui/Button';
import { cx } from '@/ui/cx';
import { SelectField } from '@/ui/Field';
import { Key } from '@/ui/Key';

type Sign = Schemas['DangerSignView'];
type Asked = 'person' | 'guardian' | 'carer';
interface Answers {
  /** sign by sign: yes or no; what is missing was not answered */
  of: Record<string, boolean>;
  asked: Asked;
}

const answersKept = shelf<Answers>('signs', (kept) => typeof kept.of === 'object' && kept.of !== null, undefined, {
  owned: true,
});
const nothing: Answers = { of: {}, asked: 'person' };

/** The danger signs, read out and answered one by one: any yes closes training, and only a no to each opens it. */
export function DangerSigns({ person, onDone }: { person: Schemas['PersonView']; onDone: () => void }) {
  const catalogue = api.useQuery('get', '/api/catalogue', {}, { staleTime: Infinity });
  const signs = catalogue.data?.dangerSigns ?? [];
  const { value: answers, set, clear, restored } = useDraft(answersKept, person.id, nothing);
  const [at, setAt] = useState(0);
  const [refusal, setRefusal] = useState<Refusal | null>(null);
  const { box, last, seen } = useSeen(signs.length > 0);
  const id = useRef(newId());
  const take = useTakePerson();
  const refresh = useRefresh();

  const yes = signs.filter((sign) => answers.of[sign.value] === true);
  const open = signs.filter((sign) => answers.of[sign.value] === undefined);
  const answer = (sign: string, isYes: boolean) => set({ ...answers, of: { ...answers.of, [sign]: isYes } });
  const go = (to: number) => {
    const next = Math.max(0, Math.min(signs.length, to));
    setAt(Math.min(next, signs.length - 1));
    const stop =
      next === signs.length ? '[data-done]' : `[data-question="${next}"] input:checked, [data-question="${next}"] input`;
    box.current?.querySelector<HTMLElement>(stop)?.focus();
  };
  /** N or Y answers and goes on; J and K, and the arrows, only go. */
  const keys = (event: KeyboardEvent, question: number) => {
    const key = event.key.toLowerCase();
    const step = { n: 1, y: 1, j: 1, k: -1, arrowdown: 1, arrowup: -1 }[key];
    if (step === undefined || event.ctrlKey || event.metaKey || event.altKey) return;
    event.preventDefault();
    event.stopPropagation();
    const sign = signs[question];
    // Drawn at once: after the last answer the button takes the keyboard, and before it that cannot be.
    if (sign && (key === 'n' || key === 'y')) flushSync(() => answer(sign.value, key === 'y'));
    go(question + step);
  };

  const save = async () => {
    const said = {
      signs: yes.map((sign) => sign.value),
      denied: signs.flatMap((sign) => (answers.of[sign.value] === false ? [sign.value] : [])),
      asked: answers.asked,
    };
    const { data, error } = await sayOnce(id, (under) =>
      http.POST('/api/people/{person}/screenings', { params: { path: { person: person.id } }, body: { id: under, ...said } }),
    );
    if (error) return setRefusal(error);
    take(data);
    clear(nothing);
    // First, so that the next step is there to take the keys as soon as the answers are.
    onDone();
    await refresh();
  };

  return (
    <section ref={box} className="grid gap-4 rounded-lg border border-hairline bg-sheet p-5">
      <div>
        <h2 className="text-xl">Danger signs</h2>
        <p className="text-ink2">
          Read each question out; <Key>N</Key> is no, <Key>Y</Key> yes, <Key>J</Key> and <Key>K</Key> go on and back. Any yes
          stops plan, session and coaching until a licensed clinician’s clearance is recorded.
        </p>
        {restored && <p className="text-sm text-slate">Answers from before are still here; nothing was saved of them yet.</p>}
      </div>
      {[...new Set(signs.map((sign) => sign.urgencyText))].map((urgency) => (
        <fieldset key={urgency} className="grid gap-0.5">
          <legend className="mb-1 font-semibold">{urgency}</legend>
          {signs.map(
            (sign, question) =>
              sign.urgencyText === urgency && (
                <Question
                  key={sign.value}
                  sign={sign}
                  number={question}
                  isLast={question === signs.length - 1 ? last : undefined}
                  here={question === at}
                  answer={answers.of[sign.value]}
                  onAnswer={(isYes) => answer(sign.value, isYes)}
                  onFocus={() => setAt(question)}
                  onKeyDown={(event) => keys(event, question)}
                />
              ),
          )}
        </fieldset>
      ))}
      {refusal && (
        <p role="alert" className="font-semibold text-rowan">
          {refusal.sentence}
        </p>
      )}
      <div className="flex flex-wrap items-end gap-3">
        <SelectField
          label="Asked"
          value={answers.asked}
          onChange={(event) => set({ ...answers, asked: event.target.value as Asked })}
        >
          {catalogue.data?.respondents.map((who) => (
            <option key={who.value} value={who.value}>
              {who.label}
            </option>
          ))}
        </SelectField>
        <Button
          look="next"
          data-done
          disabled={signs.length === 0 || (open.length > 0 && yes.length === 0)}
          onClick={() => void save()}
        >
          {yes.length > 0
            ? `Yes to ${yes.length}: close training`
            : open.length === 0
              ? 'Save: no to every question'
              : `${open.length} of ${signs.length} not answered`}
        </Button>
        {open.length > 0 && open.length < signs.length && seen && (
          <Button
            onClick={() => {
              flushSync(() =>
                set({ ...answers, of: { ...Object.fromEntries(open.map((sign) => [sign.value, false])), ...answers.of } }),
              );
              box.current?.querySelector<HTMLElement>('[data-done]')?.focus();
            }}
          >
            The rest no: {open.length}
          </Button>
        )}
      </div>
    </section>
  );
}

/** Whether the last question has been in view. */
function useSeen(ready: boolean) {
  const box = useRef<HTMLElement>(null);
  const last = useRef<HTMLDivElement>(null);
  const [seen, setSeen] = useState(false);
  useEffect(() => {
    if (!ready || !last.current) return;
    const watch = new IntersectionObserver((entries) => entries.some((entry) => entry.isIntersecting) && setSeen(true), {
      threshold: 0.9,
    });
    watch.observe(last.current);
    // Asking is the next thing to do: the first question takes the keys at once.
    box.current?.querySelector<HTMLElement>('input')?.focus();
    return () => watch.disconnect();
  }, [ready]);
  return { box, last, seen };
}

function Question({
  sign,
  number,
  isLast,
  here,
  answer,
  onAnswer,
  onFocus,
  onKeyDown,
}: {
  sign: Sign;
  number: number;
  isLast: React.Ref<HTMLDivElement> | undefined;
  /** the one being read out */
  here: boolean;
  answer: boolean | undefined;
  onAnswer: (isYes: boolean) => void;
  onFocus: () => void;
  onKeyDown: (event: KeyboardEvent) => void;
}) {
  return (
    <div
      ref={isLast}
      data-question={number}
      role="radiogroup"
      tabIndex={-1}
      aria-label={sign.question}
      onFocus={onFocus}
      onKeyDown={onKeyDown}
      className={cx(
        'flex min-h-9 items-center gap-3 rounded-sm border-l-4 px-2 py-0.5 outline-none',
        answer === true ? 'border-ink bg-ink text-ground' : here ? 'border-rowan bg-paper' : 'border-transparent',
      )}
    >
      <span className="min-w-0 flex-1">{sign.question}</span>
      {([false, true] as const).map((isYes) => (
        <label
          key={String(isYes)}
          className={cx(
            'flex min-h-8 cursor-pointer items-center gap-1.5 rounded-md border px-2.5 text-sm focus-within:outline-2 focus-within:outline-offset-1 focus-within:outline-rowan max-sm:min-h-11',
            answer === isYes
              ? 'border-ink bg-sheet font-semibold text-ink'
              : answer === true
                ? 'border-ground/40'
                : 'border-rung-edge',
          )}
        >
          <input
            type="radio"
            name={sign.value}
            tabIndex={here ? 0 : -1}
            className="accent-rowan outline-none"
            checked={answer === isYes}
            onChange={() => onAnswer(isYes)}
          />
          {isYes ? 'yes' : 'no'}
        </label>
      ))}
    </div>
  );
}
