import { useState } from 'react';
import { http, presentOf, sentenceOf, type Schemas } from '@/api/client';
import { useTexts } from '@/editor/useTexts';
import { savedNow } from '@/frame/saving';
import { useRefresh } from '@/frame/usePerson';
import { TextArea } from '@/ui/Field';

/** How this person sets up the rung: toe angle, pad, hand place. Kept when the field is left; shown on sheet and in the player. */
export function SetUpNote({ person, rung, kept }: { person: string; rung: string; kept: Schemas['SetUpView'] | undefined }) {
  const texts = useTexts(`set-up ${person} ${rung}`, { text: kept?.text ?? '' });
  const text = texts.of('text');
  const [problem, setProblem] = useState<string>();
  const refresh = useRefresh();
  const save = async () => {
    if (text.trim() === (kept?.text ?? '')) return;
    const { error } = await http.PUT('/api/people/{person}/set-ups', {
      params: { path: { person } },
      body: { rung, text, version: kept?.version ?? 0 },
    });
    if (error) {
      setProblem(
        error.code === 'changed-meanwhile'
          ? `Someone else wrote: “${presentOf<Schemas['SetUpView']>(error).text}”. Yours is still here; leave the field again to keep it.`
          : sentenceOf(error),
      );
      await refresh();
      return;
    }
    texts.saved();
    setProblem(undefined);
    savedNow();
    await refresh();
  };
  return (
    <TextArea
      label="Own set-up"
      hint="Such as toe angle, pad or hand place; encrypted. On the sheet and in the player too."
      rows={2}
      maxLength={300}
      problem={problem}
      {...texts.field('text')}
      onBlur={() => void save()}
    />
  );
}
