import { useEffect, useRef } from 'react';
import { http, sentenceOf, type Schemas } from '@/api/client';
import { useSaving } from '@/editor/saving';
import { useTexts } from '@/editor/useTexts';
import { useRefresh } from '@/frame/usePerson';
import { TextArea } from '@/ui/Field';

type SetUp = Schemas['SetUpView'];

/** How this person sets up the rung: toe angle, pad, hand place. Kept when the field is left; shown on sheet and in the player. */
export function SetUpNote({ person, rung, kept }: { person: string; rung: string; kept: SetUp | undefined }) {
  const texts = useTexts(`set-up ${person} ${rung}`, { text: kept?.text ?? '' });
  const text = texts.of('text');
  /** as it was saved last, or read */
  const saved = useRef(kept?.text ?? '');
  const typed = useRef(text);
  useEffect(() => {
    typed.current = text;
  }, [text]);
  const refresh = useRefresh();
  const { save, theirs, keepMine, refusal } = useSaving<string, SetUp>({
    thing: `set-up ${person} ${rung}`,
    version: kept?.version ?? 0,
    send: (text, version) =>
      http.PUT('/api/people/{person}/set-ups', { params: { path: { person } }, body: { rung, text, version } }),
    onSaved: async (row) => {
      saved.current = row.text;
      // What was typed since stays in the field, and on the device.
      if (typed.current.trim() === row.text) texts.saved({ text: row.text });
      await refresh();
    },
  });
  const leave = () => {
    if (theirs) keepMine();
    if (theirs || text.trim() !== saved.current) save(text);
  };
  const problem = theirs
    ? `Someone else wrote: “${theirs.text}”. Yours is still here; leave the field again to keep it.`
    : refusal && sentenceOf(refusal);
  return (
    <TextArea
      label="Own set-up"
      hint="Such as toe angle, pad or hand place; encrypted. On the sheet and in the player too."
      rows={2}
      maxLength={300}
      problem={problem ?? undefined}
      {...texts.field('text')}
      onBlur={leave}
    />
  );
}
