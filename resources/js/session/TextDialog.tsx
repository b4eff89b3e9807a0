import { useEffect, useRef, useState } from 'react';
import { http, type Schemas } from '@/api/client';
import { useTexts } from '@/editor/useTexts';
import { Button } from '@/ui/Button';
import { copyText } from '@/ui/clipboard';
import { cx } from '@/ui/cx';
import { Dialog } from '@/ui/Dialog';

type Read = Schemas['SessionTextView'];

const EXAMPLE = `front plank 3x(4x10s/5) r30
side bridge knees 2x15s/side
6 stations 60/30 x2: plank; press-out; …`;

/** What the server makes of the text: one request in flight, the newest writing asked for next. */
function useReading(person: string, text: string) {
  const [read, setRead] = useState<{ text: string; data: Read } | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const wanted = useRef<string | null>(null);
  const flying = useRef(false);
  useEffect(() => {
    const ask = async () => {
      flying.current = true;
      while (wanted.current !== null) {
        const asked: string = wanted.current;
        wanted.current = null;
        const { data, error } = await http.POST('/api/people/{person}/sessions/text', {
          params: { path: { person } },
          body: { text: asked },
        });
        if (wanted.current !== null) continue;
        if (data) setRead({ text: asked, data });
        setProblem(error ? error.sentence : null);
      }
      flying.current = false;
    };
    const timer = setTimeout(() => {
      wanted.current = text;
      if (!flying.current) void ask();
    }, 120);
    return () => clearTimeout(timer);
  }, [person, text]);
  return { read: read?.data ?? null, upToDate: read?.text === text, problem };
}

/** A whole session typed or pasted as lines; names are matched to rungs, with choices where the words are not sure. */
export function TextDialog({
  person,
  session,
  pasted,
  start,
  onClose,
  onTake,
}: {
  person: string;
  session: string;
  /** What was pasted or copied, rather than the session itself. */
  pasted: boolean;
  /** What stands in it at first; null while the dialog is closed. */
  start: string | null;
  onClose: () => void;
  onTake: (read: Read, how: 'instead' | 'added') => void;
}) {
  return (
    <Dialog open={start !== null} onClose={onClose} title="The session as lines" wide>
      {start !== null && (
        <Lines person={person} session={session} pasted={pasted} start={start} onTake={onTake} onClose={onClose} />
      )}
    </Dialog>
  );
}

function Lines({
  person,
  session,
  pasted,
  start,
  onTake,
  onClose,
}: {
  person: string;
  session: string;
  /** What was pasted or copied, rather than the session itself. */
  pasted: boolean;
  start: string;
  onTake: (read: Read, how: 'instead' | 'added') => void;
  onClose: () => void;
}) {
  const texts = useTexts(`lines ${session} ${pasted ? start.slice(0, 200) : ''}`, { lines: start });
  const text = texts.of('lines');
  const setText = (next: string) => texts.write('lines', next);
  const take = (how: 'instead' | 'added') => {
    if (!read) return;
    texts.saved();
    onTake(read, how);
  };
  const [copied, setCopied] = useState(false);
  const field = useRef<HTMLTextAreaElement>(null);
  const { read, upToDate, problem } = useReading(person, text);
  // What is there is picked: typing takes its place, copying takes it along.
  useEffect(() => field.current?.select(), []);
  const lines = read?.lines ?? [];
  const wrong = lines.filter((line) => line.problem !== null).length;
  const unsure = lines.filter((line) => line.choices.length > 0).length;
  const exercises = read?.blocks.reduce((sum, block) => sum + block.items.length, 0) ?? 0;
  const ready = upToDate && exercises > 0;

  const choose = (line: Schemas['TextLineView'], name: string) => {
    const all = text.split('\n');
    const at = line.number - 1;
    const there = all[at];
    if (there === undefined) return;
    all[at] = there.replace(line.text, line.dose === '' ? name : `${name} ${line.dose}`);
    setText(all.join('\n'));
    field.current?.focus();
  };

  return (
    <>
      {texts.restored && text !== start && (
        <p className="flex flex-wrap items-center gap-3 border-l-4 border-slate bg-paper p-2 text-sm">
          What was typed here before is still there.
          <Button onClick={() => texts.saved()}>{start.trim() === '' ? 'Begin anew' : 'The session as it is now'}</Button>
        </p>
      )}
      <div className="grid gap-4 md:grid-cols-2">
        <div className="grid content-start gap-1">
          <label htmlFor="session-lines" className="text-sm text-ink2">
            A line is a name and a dose; without a dose the default is taken
          </label>
          <textarea
            id="session-lines"
            ref={field}
            value={text}
            spellCheck={false}
            rows={14}
            placeholder={EXAMPLE}
            onChange={(event) => setText(event.target.value)}
            onKeyDown={(event) => {
              if (event.key !== 'Enter' || !(event.ctrlKey || event.metaKey) || !ready) return;
              event.preventDefault();
              take('instead');
            }}
            className="w-full resize-y rounded-md border border-rung-edge bg-paper p-3 font-mono text-sm leading-6"
          />
          <LinesHelp />
        </div>
        <div aria-live="polite" className="grid content-start gap-2">
          <p className="text-sm text-ink2">
            {exercises} {exercises === 1 ? 'exercise' : 'exercises'}
            {read && exercises > 0 && (
              <>
                {' '}
                · <span className="font-mono text-ink">{read.preview.totals.totalText}</span> of{' '}
                <span className="font-mono">{read.preview.targetText}</span>
              </>
            )}
            {unsure > 0 && <span className="text-ochre"> · {unsure} not sure</span>}
            {wrong > 0 && <span className="text-rowan"> · {wrong} cannot be read</span>}
          </p>
          {problem && (
            <p role="alert" className="font-semibold text-rowan">
              {problem}
            </p>
          )}
          <ol className="grid max-h-90 gap-1.5 overflow-y-auto">
            {lines
              .filter((line) => line.name !== null || line.problem !== null)
              .map((line, index) => (
                <li key={index} className="grid grid-cols-[1.75rem_1fr] gap-2 text-sm">
                  <span className="text-right font-mono text-ink3">{line.number}</span>
                  <div className="grid gap-1">
                    {line.name && (
                      <p className={cx(line.problem && 'text-ink2')}>
                        {line.choices.length > 0 && <span className="text-ochre">◇ perhaps </span>}
                        {line.name} <span className="font-mono text-ink2">{line.written}</span>
                        {line.dose === '' && <span className="text-ink3"> by default</span>}
                      </p>
                    )}
                    {line.problem && (
                      <p role="alert" className="text-rowan">
                        {line.position !== null && line.position > 0 && (
                          <span className="font-mono">
                            {line.text.slice(0, line.position)}
                            <mark className="bg-rowan text-on-rowan">{line.text.slice(line.position) || ' '}</mark>{' '}
                          </span>
                        )}
                        {line.problem}
                      </p>
                    )}
                    {line.choices.length > 1 && (
                      <p className="flex flex-wrap gap-x-2">
                        {line.choices.map((name) => (
                          <Button key={name} look="quiet" className="text-sm" onClick={() => choose(line, name)}>
                            {name}
                          </Button>
                        ))}
                      </p>
                    )}
                  </div>
                </li>
              ))}
          </ol>
        </div>
      </div>
      <div className="flex flex-wrap gap-3">
        <Button look="next" hotkey="Ctrl Enter" disabled={!ready} onClick={() => take('instead')}>
          Put in place of the session
        </Button>
        <Button disabled={!ready} onClick={() => take('added')}>
          Add to it
        </Button>
        <Button
          disabled={text.trim() === ''}
          onClick={() => void copyText(text).then((done) => (done ? setCopied(true) : field.current?.select()))}
        >
          {copied ? 'Copied' : 'Copy the lines'}
        </Button>
        <Button hotkey="Esc" onClick={onClose}>
          Close
        </Button>
      </div>
    </>
  );
}

function LinesHelp() {
  return (
    <details className="text-sm text-ink2">
      <summary className="cursor-pointer">How circuits and parts are written</summary>
      <pre className="mt-1 font-mono text-sm whitespace-pre-wrap">
        {
          '6 stations 60/30 x2      then six lines, or after a colon with ;\n2x{                      two rounds, doses for one round\n  side bridge 20s/side r20   r: the gap after it\n  press-out 10/side\n} r45                    rest between rounds\nPrimer / Main part / Finisher on a line of their own\n# Title'
        }
      </pre>
    </details>
  );
}
