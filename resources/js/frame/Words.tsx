import { useRef } from 'react';
import { useTexts } from '@/editor/useTexts';
import { Button } from '@/ui/Button';
import { TextArea } from '@/ui/Field';
import { toHeading } from '@/ui/toHeading';
import { afterDrawn } from './keys';

export type Say = ReturnType<typeof useTexts>['say'];

/** A few words, kept on the device until they are sent. */
export function Words({
  about: key,
  label,
  busy,
  action,
  none,
  onSend,
}: {
  /** what the words are kept under until they are sent */
  about: string;
  label: string;
  busy: boolean;
  action: string;
  none?: string;
  onSend: (text: string, say: Say) => Promise<boolean>;
}) {
  const texts = useTexts(key, { text: '' });
  const field = useRef<HTMLFormElement>(null);
  const text = texts.of('text').trim();
  const send = async (said: string) => {
    if (!(await onSend(said, texts.say))) return;
    texts.saved();
    // What was pressed is out of use now, or gone with what was answered.
    afterDrawn(() => {
      if (document.activeElement === document.body) field.current?.querySelector('textarea')?.focus();
      toHeading();
    });
  };
  return (
    <form
      ref={field}
      className="grid max-w-2xl gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        void send(text);
      }}
    >
      <TextArea label={label} maxLength={2000} {...texts.field('text')} />
      <div className="flex flex-wrap gap-3">
        <Button type="submit" disabled={busy || text === ''}>
          {action}
        </Button>
        {none && (
          <Button look="quiet" disabled={busy} onClick={() => void send('')}>
            {none}
          </Button>
        )}
      </div>
    </form>
  );
}
