import { useState, type FormEvent } from 'react';
import { http, sentenceOf, type Schemas } from '@/api/client';
import { useTexts } from '@/editor/useTexts';
import { Button } from '@/ui/Button';
import { day } from '@/ui/day';
import { TextArea } from '@/ui/Field';
import { toast } from '@/ui/notice';

type Home = Schemas['HomeView'];

/** What the person writes to their practice. */
export function Words({ onTold }: { onTold: (home: Home) => void }) {
  const texts = useTexts('words', { text: '' });
  const [problem, setProblem] = useState<string>();
  const [busy, setBusy] = useState(false);
  const tell = async (event: FormEvent) => {
    event.preventDefault();
    setBusy(true);
    const { data, error } = await texts.say((id) =>
      http.POST('/api/home/words', { body: { id, text: texts.of('text').trim() } }),
    );
    setBusy(false);
    if (error) return setProblem(`${sentenceOf(error)} What you wrote stays here.`);
    setProblem(undefined);
    texts.saved();
    toast('Your practice has it.');
    onTold(data);
  };
  return (
    <form onSubmit={(event) => void tell(event)} className="grid gap-3 border-t border-hairline pt-5">
      <TextArea
        label="A few words to your practice"
        hint="How it felt, a question. Not for anything urgent: call."
        rows={3}
        maxLength={2000}
        problem={problem}
        {...texts.field('text')}
      />
      <Button type="submit" className="min-h-12 justify-self-start" disabled={busy || texts.of('text').trim() === ''}>
        Send it
      </Button>
    </form>
  );
}

/** Words of the trainer, and what is new on the sheet: read first. */
export function News({ home }: { home: Home }) {
  const fresh = home.answers.filter(({ isNew }) => isNew);
  const shown = fresh.length > 0 ? fresh : home.answers.slice(0, 1);
  if (home.news.length === 0 && shown.length === 0) return null;
  return (
    <section aria-label="New" className="grid gap-2">
      {shown.map((answer) => (
        <blockquote key={answer.id} className="border-l-4 border-slate bg-sheet px-4 py-2 whitespace-pre-line">
          <p>{answer.text}</p>
          <footer className="text-base text-ink2">
            {answer.by}, {day(answer.on)}
          </footer>
        </blockquote>
      ))}
      {home.news.map((one) => (
        <p key={one} className="border-l-4 border-fern bg-sheet px-4 py-2">
          {one}
        </p>
      ))}
    </section>
  );
}
