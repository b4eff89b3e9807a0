import { useRef, useState } from 'react';
import { Link } from 'react-router';
import { http, sentenceOf, type Schemas } from '@/api/client';
import { useTexts } from '@/editor/useTexts';
import { begin, type AfterwardsDraft, type ItemDraft } from '@/offline/trainings';
import { counted } from '@/ui/counted';
import { Button } from '@/ui/Button';
import { DateField } from '@/ui/DateField';
import { localDate } from '@/ui/day';
import { TextField } from '@/ui/Field';
import { Scale } from '@/ui/Scale';
import { staysLow } from '@/ui/staysLow';
import { useAlone } from './alone';
import type { AtHand } from './atHand';
import { waysOf, type Way } from './course';
import { emptyItem, exchanged, partsOf, toldSets, withLine, wrong, type Part } from './draft';
import { Ended } from './Ended';
import { Choice } from '@/ui/Choice';
import { PainQuestions } from './PainQuestions';

const daysAgo = (days: number): string => localDate(new Date(Date.now() - days * 86_400_000));

/** A training without the device, told afterwards: in a line where there is a network, in fields anywhere. */
export function LogAfterwards({
  person,
  name,
  sheet,
  training: { opened, told, busy, change, say, goOnWith },
}: {
  person: string;
  name: string;
  sheet: Schemas['CueSheetView'];
  training: AtHand;
}) {
  const { training } = opened;
  const alone = useAlone();
  const ways = sheet.blocks.flatMap(({ items }) => items.flatMap((item) => waysOf(sheet, item).slice(0, 1)));
  const [draft, setDraft] = useState<AfterwardsDraft>(() => training.draft ?? { on: training.on, minutes: '', items: {} });
  const [problem, setProblem] = useState<string | null>(null);
  // What was typed is still being kept when somebody saves: it comes first by itself, so a press need not wait for it.
  const [saving, setSaving] = useState(false);
  const fields = useRef<HTMLDivElement>(null);
  const put = (next: AfterwardsDraft) => {
    setDraft(next);
    setProblem(null);
    void change({ draft: next }, { isDone: false });
  };
  const sets = ways.flatMap((way) => toldSets(way, draft.items[way.id]));
  const minutes = Number(draft.minutes.replace(',', '.'));
  const isTime = draft.minutes.trim() === '' || (minutes > 0 && minutes <= 1440);

  const send = async () => {
    // What was begun with the device stays a training of its own.
    if (told.sets.length > 0)
      await goOnWith(() => Promise.resolve(begin({ person, name, session: sheet.session, title: sheet.title })));
    await change({ on: draft.on, byHand: true, draft: null }, { isDone: false });
    for (const set of sets) await say({ kind: 'set', item: set.item, number: set.set, set }, {}, { isDone: false });
    if (draft.minutes.trim() !== '') await say({ kind: 'time', seconds: Math.round(minutes * 60) }, {}, { isDone: false });
    await say({ kind: 'ended' }, {}, { isDone: false });
  };
  const save = () => {
    const isWrong = ways.some(({ id }) => draft.items[id]?.sets.some((typed) => Object.values(typed).some(wrong)));
    if (isWrong || !isTime) {
      fields.current?.querySelector<HTMLElement>('[aria-invalid]')?.focus();
      return setProblem('Something that was typed is no number: it is said at its place.');
    }
    if (sets.length === 0) return setProblem('Nothing is told yet: of a set that was done say how much.');
    setSaving(true);
    void send().finally(() => setSaving(false));
  };

  if (told.ended)
    return (
      <main className="flex-1 p-4 lg:overflow-y-auto">
        <Ended person={person} sheet={sheet} training={{ opened, say, goOnWith }} />
      </main>
    );
  return (
    <main aria-busy={busy} className="flex-1 p-4 lg:overflow-y-auto">
      <div ref={fields} className="mx-auto grid max-w-4xl gap-4">
        <header>
          <h1 className="text-2xl">{alone ? 'What you did' : 'Log it afterwards'}</h1>
          <p className="text-ink2">
            {name.split(' ')[0]} · {sheet.title}.{' '}
            <Link
              to={alone ? `/home?s=${sheet.session}` : `/people/${person}/coach?s=${sheet.session}`}
              className="underline underline-offset-4"
            >
              {alone ? 'Do it with the clock instead' : 'Coach it with the clock instead'}
            </Link>
          </p>
        </header>
        {!alone && (
          <Line
            person={person}
            sheet={sheet}
            ways={ways}
            onRead={(line) => put(withLine(draft, ways, line, daysAgo))}
            onExchange={(one, other) => put(exchanged(draft, ways, one, other))}
          />
        )}
        <div className="grid gap-4 sm:grid-cols-2">
          <DateField label="Day of training" past value={draft.on} onChange={(on) => put({ ...draft, on })} />
          <TextField
            label="Minutes of training"
            inputMode="decimal"
            autoComplete="off"
            hint="Left empty where nobody knows."
            value={draft.minutes}
            onChange={(event) => put({ ...draft, minutes: event.target.value })}
            problem={isTime ? undefined : 'Minutes above 0, such as 12 or 12.5.'}
          />
        </div>
        <ol className="grid gap-4 min-[50rem]:grid-cols-2">
          {ways.map((way) => (
            <Exercise
              key={way.id}
              way={way}
              item={draft.items[way.id] ?? emptyItem(way)}
              sheet={sheet}
              onChange={(item) => put({ ...draft, items: { ...draft.items, [way.id]: item } })}
            />
          ))}
        </ol>
        <div
          ref={staysLow}
          className="sticky -bottom-4 -mb-4 flex flex-wrap items-center gap-x-4 gap-y-1 border-t border-hairline bg-ground pt-3 pb-4"
        >
          <Button look="next" className="min-h-11" disabled={saving} onClick={save}>
            {alone ? 'Save it' : 'Save the log, then decide'}
          </Button>
          {problem && (
            <p role="alert" className="order-first w-full font-semibold text-rowan">
              {problem}
            </p>
          )}
          <p className="text-ink2">
            {sets.length} of {counted(sheet.steps.length, 'set')} told. What is left empty counts as missing, never as zero.
          </p>
        </div>
      </div>
    </main>
  );
}

/** The training in a line; the server reads it into the fields, and says what it could not read. */
function Line({
  person,
  sheet,
  ways,
  onRead,
  onExchange,
}: {
  person: string;
  sheet: Schemas['CueSheetView'];
  ways: Way[];
  onRead: (line: Schemas['LogLineView']) => void;
  onExchange: (one: string, other: string) => void;
}) {
  const texts = useTexts(`log-line ${person} ${sheet.session}`, { line: '' });
  const line = texts.of('line');
  const [read, setRead] = useState<Schemas['LogLineView'] | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const nameOf = (item: string) => ways.find(({ id }) => id === item)?.name ?? item;
  const ask = async () => {
    if (line.trim() === '') return;
    setBusy(true);
    const { data, error } = await http.POST('/api/people/{person}/sessions/{session}/line', {
      params: { path: { person, session: sheet.session } },
      body: { line },
    });
    setBusy(false);
    if (!data) {
      setRead(null);
      return setProblem(
        error?.code === 'offline' ? 'The line needs the network to be read; the fields below do not.' : sentenceOf(error),
      );
    }
    setProblem(null);
    setRead(data);
    // What was read stands in the fields from now on; the line stays to be mended as long as the view is open.
    texts.saved({ line });
    onRead(data);
  };
  const guessed = read?.exercises.filter(({ choices }) => choices.length > 0) ?? [];
  return (
    <form
      className="grid gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        void ask();
      }}
    >
      <div className="flex flex-wrap items-end gap-3 *:first:flex-1">
        <TextField
          label="In a line"
          autoComplete="off"
          maxLength={1000}
          {...texts.field('line')}
          placeholder="yesterday 14 min · plank 60 60 55 e7 p0 · side 20/18 clean"
          problem={problem ?? undefined}
        />
        <Button type="submit" hotkey="Enter" disabled={busy}>
          {busy ? 'Reading …' : 'Put it in'}
        </Button>
      </div>
      {guessed.map(({ item, asked, choices }) => (
        <p key={item} className="flex flex-wrap items-center gap-x-2 border-l-4 border-ochre pl-3">
          {asked ? `“${asked}” is unclear` : 'No name'}: taken as {nameOf(item)}. Or{' '}
          {choices.map((other) => (
            <Button
              key={other}
              look="quiet"
              className="min-h-11"
              onClick={() => {
                onExchange(item, other);
                setRead(null);
              }}
            >
              {nameOf(other)}
            </Button>
          ))}
        </p>
      ))}
      {read?.unread.map((sentence) => (
        <p key={sentence} role="status" className="border-l-4 border-ochre pl-3">
          {sentence}
        </p>
      ))}
    </form>
  );
}

const sideWords: Record<Part, string> = { both: '', left: ' left', right: ' right' };

/** One exercise: what was done set by set, then effort, pain and form for all of them. */
function Exercise({
  way,
  item,
  sheet,
  onChange,
}: {
  way: Way;
  item: ItemDraft;
  sheet: Schemas['CueSheetView'];
  onChange: (item: ItemDraft) => void;
}) {
  const unit = way.unit === 'reps' ? '' : way.unit === 'seconds' ? ' s' : ' m';
  const typed = (set: number, part: Part, value: string) =>
    onChange({ ...item, sets: item.sets.map((one, at) => (at === set - 1 ? { ...one, [part]: value } : one)) });
  const asWritten = () =>
    onChange({
      ...item,
      sets: item.sets.map((one, at) =>
        at < way.sets ? Object.fromEntries(partsOf(way, at + 1).map((part) => [part, String(way.targets[at] ?? '')])) : one,
      ),
    });
  return (
    <li className="grid content-start gap-3 rounded-lg border border-hairline bg-sheet p-4">
      <div className="flex flex-wrap items-baseline justify-between gap-2">
        <h2 className="text-lg">{way.name}</h2>
        <p className="text-ink2">{way.doseText}</p>
      </div>
      <div className="flex flex-wrap items-end gap-2">
        {item.sets.map((one, at) =>
          partsOf(way, at + 1).map((part) => (
            <label key={`${at} ${part}`} className="grid gap-1 text-sm text-ink2">
              {at < way.sets ? `set ${at + 1}` : 'on top'}
              {sideWords[part]}
              <input
                aria-label={`${way.name}, set ${at + 1}${sideWords[part]}`}
                aria-invalid={wrong(one[part]) ? true : undefined}
                inputMode="numeric"
                autoComplete="off"
                placeholder={`${way.targets[at] ?? ''}${unit}`}
                value={one[part] ?? ''}
                onChange={(event) => typed(at + 1, part, event.target.value)}
                className="field min-h-11 w-20! font-mono"
              />
            </label>
          )),
        )}
        <Button look="quiet" className="min-h-11" onClick={asWritten}>
          as written
        </Button>
      </div>
      {item.sets.some((one) => Object.values(one).some(wrong)) && (
        <p role="alert" className="text-sm font-semibold text-rowan">
          A whole number from 0 to 2000 for each set.
        </p>
      )}
      <fieldset>
        <legend className="mb-1 text-sm text-ink2">Effort, the highest of the sets</legend>
        <Scale
          name={`${way.name}: effort`}
          value={item.effort}
          last={way.lastEffort}
          onChange={(effort) => onChange({ ...item, effort })}
        />
      </fieldset>
      <fieldset>
        <legend className="mb-1 text-sm text-ink2">Pain, the highest</legend>
        <Scale name={`${way.name}: pain`} value={item.pain} onChange={(pain) => onChange({ ...item, pain })} />
      </fieldset>
      <PainQuestions
        name={way.name}
        sided={way.sides.includes('each')}
        told={item}
        onTell={(told) => onChange({ ...item, ...told })}
        painStopsAbove={sheet.painStopsAbove}
        places={sheet.painPlaces}
      />
      <div className="flex flex-wrap gap-1.5">
        <Choice pressed={item.clean === true} onPress={() => onChange({ ...item, clean: item.clean === true ? null : true })}>
          Every set clean
        </Choice>
      </div>
    </li>
  );
}
