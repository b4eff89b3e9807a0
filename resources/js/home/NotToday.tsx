import { useState, type FormEvent } from 'react';
import { http, sentenceOf, type Schemas } from '@/api/client';
import { useTexts } from '@/editor/useTexts';
import { Button } from '@/ui/Button';
import { TextArea } from '@/ui/Field';

/** Asks for another day, with the reason; the trainer finds it, or asks how the person is. */
export function NotToday({
  session,
  on,
  isToday,
  reasons,
  onTold,
  onBack,
}: {
  session: string;
  on: string;
  isToday: boolean;
  reasons: Schemas['ChoiceView'][];
  onTold: (home: Schemas['HomeView']) => void;
  onBack: () => void;
}) {
  const texts = useTexts(`not-today ${session} ${on}`, { reason: '', text: '' });
  const [problem, setProblem] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const reason = texts.of('reason');
  const tell = async (event: FormEvent) => {
    event.preventDefault();
    if (reason === '') return setProblem('Press what it is first.');
    setBusy(true);
    const { data, error } = await texts.say((id) =>
      http.POST('/api/home/not-today', {
        body: { id, session, on, reason: reason as Schemas['NotTodayRequest']['reason'], text: texts.of('text').trim() },
      }),
    );
    setBusy(false);
    if (error) return setProblem(`${sentenceOf(error)} What you wrote stays here.`);
    texts.saved();
    onTold(data);
  };
  return (
    <form onSubmit={(event) => void tell(event)} className="grid gap-4">
      <fieldset className="grid gap-1.5">
        <legend className="mb-1 font-semibold">{isToday ? 'Why not today?' : 'Why not on that day?'}</legend>
        {reasons.map(({ value, label }) => (
          <label key={value} className="flex min-h-12 items-center gap-3 rounded-md border border-hairline bg-paper px-4 py-2">
            <input
              type="radio"
              name="reason"
              className="size-5 shrink-0 accent-rowan"
              checked={reason === value}
              onChange={() => {
                texts.write('reason', value);
                setProblem(null);
              }}
            />
            <span className="first-letter:uppercase">{label}</span>
          </label>
        ))}
      </fieldset>
      <TextArea label="A few words, if you like" maxLength={2000} {...texts.field('text')} />
      {problem && (
        <p role="alert" className="font-semibold text-rowan">
          {problem}
        </p>
      )}
      <div className="flex flex-wrap gap-3">
        <Button look="next" type="submit" className="min-h-12" disabled={busy}>
          Ask for another day
        </Button>
        <Button className="min-h-12" onClick={onBack}>
          Back
        </Button>
      </div>
    </form>
  );
}
