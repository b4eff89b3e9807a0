import { useState } from 'react';
import { Link } from 'react-router';
import { api, type Schemas } from '@/api/client';
import { Why } from '@/frame/reason';
import { Button } from '@/ui/Button';
import { cx } from '@/ui/cx';
import { longDay, shortWeekday } from '@/ui/day';
import { SelectField, TextField } from '@/ui/Field';
import { setsInWords } from './sets';
import { cellFixed, cellFreed, doseFixed, inTime, rungFixed, setsFixed, withoutToggled, type Wish } from './wish';

type Program = Schemas['ProgramView'];
type Stave = Schemas['StaveView'];
type Cell = Schemas['ProgramCellView'];
type Week = Schemas['ProgramWeekView'];

const NO_REASON = { reason: null, whySets: null };

/** Why a cell is what it is; of the program that holds it is asked for a ladder at a time. */
function CellWhy({ person, stave, cell, asked }: { person: string; stave: Stave; cell: Cell; asked: boolean }) {
  const { data } = api.useQuery(
    'get',
    '/api/people/{person}/program/why/{ladder}',
    { params: { path: { person, ladder: stave.ladder } } },
    { enabled: asked },
  );
  const { reason, whySets } = (asked ? data?.cells.find((one) => one.monday === cell.monday) : cell) ?? NO_REASON;
  const gates = (asked ? data?.gates : stave.gates) ?? [];
  const gate = gates.find((one) => one.likely >= cell.monday && one.to !== cell.rung)?.reason ?? null;
  const whys = [
    ['Rung and dose', reason],
    ['Sets', whySets],
    ['Forecast', gate],
  ] as const;
  return whys.map(
    ([title, one]) =>
      one && (
        <Why key={title} title={title} reasons={one} className={cx('text-sm', one === gate && 'text-ink2')}>
          {one.sentence}
        </Why>
      ),
  );
}

/** The cell that is chosen: rung and dose, why, what is different; fixing it shows what follows. */
export function CellPane({
  person,
  stave,
  cell,
  holds,
  wish,
  editable,
  onChange,
}: {
  person: string;
  stave: Stave;
  cell: Cell;
  /** It is of the program that holds. */
  holds: boolean;
  wish: Wish;
  editable: boolean;
  onChange: (wish: Wish) => void;
}) {
  const ahead = editable && cell.week > 0;
  return (
    <section className="mb-5 grid gap-3 border-b border-hairline pb-5">
      <div>
        <h2 className="text-xl">{cell.rungName}</h2>
        <p className="text-sm text-ink2">
          {stave.name}, week from {longDay(cell.monday)}
        </p>
      </div>
      <p>
        <span className="font-mono">{cell.doseWords}</span>
        {cell.setsDone !== null && cell.setsDone > 0 && (
          <span className="block text-fern">
            Done: {setsInWords(cell, true)}
            {cell.doneOn && `, on “${cell.doneOn}”`}
          </span>
        )}
        {cell.setsDone === 0 && cell.sets > 0 && <span className="block text-ink2">Nothing of it is done yet.</span>}
      </p>
      {cell.change !== '' && <p className="border-l-4 border-rowan bg-paper p-2 font-semibold">{cell.change}</p>}
      <CellWhy person={person} stave={stave} cell={cell} asked={holds} />
      {ahead && (
        <>
          <SelectField
            label="Rung from this week on"
            value={cell.rung}
            onChange={(event) => onChange(rungFixed(wish, cell.week, stave.ladder, event.target.value))}
          >
            {stave.rungs.every((one) => one.rung !== cell.rung) && <option value={cell.rung}>{cell.rungName}</option>}
            {stave.rungs.toReversed().map((one) => (
              <option key={one.rung} value={one.rung}>
                {one.height} {one.name}
              </option>
            ))}
          </SelectField>
          <DoseForm
            key={`${cell.monday} ${cell.rung} ${cell.dose}`}
            dose={cell.dose}
            onSave={(dose) => onChange(doseFixed(wish, cell.week, stave.ladder, cell.rung, dose))}
          />
          <div className="flex flex-wrap gap-2">
            <Button
              className="text-sm"
              hotkey="K"
              onClick={() =>
                onChange(cell.locked ? cellFreed(wish, cell.week, stave.ladder) : cellFixed(wish, stave.ladder, cell))
              }
            >
              {cell.locked ? 'let it go' : 'keep it as it is'}
            </Button>
            <Button look="quiet" onClick={() => onChange(withoutToggled(wish, stave.ladder))}>
              leave this ladder out
            </Button>
          </div>
          <SetsPerPlace stave={stave} wish={wish} onChange={onChange} />
        </>
      )}
    </section>
  );
}

function DoseForm({ dose, onSave }: { dose: string; onSave: (dose: string) => void }) {
  const [line, setLine] = useState(dose);
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        if (line.trim() !== '' && line !== dose) onSave(line);
      }}
    >
      <TextField
        label="Dose in this week"
        hint="Enter shows what follows from it"
        className="font-mono"
        value={line}
        onChange={(event) => setLine(event.target.value)}
        autoComplete="off"
        spellCheck={false}
      />
    </form>
  );
}

/** Sets of this ladder in each session, fixed by hand or left to the program. */
function SetsPerPlace({ stave, wish, onChange }: { stave: Stave; wish: Wish; onChange: (wish: Wish) => void }) {
  return (
    <fieldset className="grid gap-1">
      <legend className="font-semibold">Sets in each session, every week</legend>
      {inTime(wish.slots).map((slot) => (
        <label key={slot.id} className="flex items-center justify-between gap-2 text-sm">
          {shortWeekday(slot.day)} {slot.part}
          <select
            className="min-h-8 rounded-md border border-rung-edge bg-paper px-2"
            value={wish.sets.find((row) => row.slot === slot.id && row.ladder === stave.ladder)?.sets ?? ''}
            onChange={(event) =>
              onChange(setsFixed(wish, slot.id, stave.ladder, event.target.value === '' ? null : Number(event.target.value)))
            }
          >
            <option value="">as it comes</option>
            {[0, 1, 2, 3, 4].map((sets) => (
              <option key={sets} value={sets}>
                {sets === 0 ? 'none' : sets}
              </option>
            ))}
          </select>
        </label>
      ))}
    </fieldset>
  );
}

const movedOn = (count: number): string => (count === 1 ? 'one exercise has' : `${count} exercises have`);

/** The week that is chosen: its sessions, what could not be done, and writing them into the week. */
export function WeekSection({
  person,
  week,
  holds,
  busy,
  onWrite,
  onTakeOut,
}: {
  person: string;
  week: Week;
  /** It is a week of the program that holds, not of one that is only proposed. */
  holds: boolean;
  busy: boolean;
  onWrite: () => void;
  onTakeOut: () => void;
}) {
  const left = week.sessions.filter((session) => ['none', 'differs'].includes(session.state) && !session.doneOn).length;
  const written = week.sessions.some((session) => session.state === 'written' || session.state === 'differs');
  return (
    <section className="mb-5 grid gap-3 border-b border-hairline pb-5">
      <div>
        <h2 className="text-xl">Week from {longDay(week.monday)}</h2>
        <p className="text-sm text-ink2">
          {week.kind === 'away'
            ? 'Away: the program waits.'
            : `${week.clock} min in all, load ${week.load}${week.loadDone === null ? '' : `, ${week.loadDone} done`}${week.agreement === '' ? '' : `, ${week.agreement} as the aim asks`}`}
        </p>
      </div>
      {week.change !== '' && <p className="border-l-4 border-rowan bg-paper p-2 font-semibold">{week.change}</p>}
      {week.phaseReason !== null && (
        <Why title="What leads" reasons={week.phaseReason} className="text-sm">
          {week.phaseReason.sentence}
        </Why>
      )}
      {week.notes.map((note, index) => (
        <Why key={index} title="This week" reasons={note} className="border-l-4 border-slate bg-paper p-2 text-sm">
          {note.sentence}
          {note.rule === 'program.minimum' && note.wouldChange ? ` ${note.wouldChange}` : ''}
        </Why>
      ))}
      {week.sessions.map((session) => (
        <div key={session.slot} className="grid gap-0.5">
          <h3 className="flex items-baseline justify-between gap-2 font-semibold">
            {session.when}{' '}
            <span className="font-normal">
              <span className="font-mono">{session.clock}</span> min
            </span>
          </h3>
          <ul className="text-sm">
            {session.lines.map((line) => (
              <li key={line}>{line}</li>
            ))}
          </ul>
          {session.moved.length > 0 && (
            <Why title="Moved on since" reasons={session.moved} className="text-sm text-ink2">
              {session.session
                ? `${movedOn(session.moved.length)} moved on since it was written`
                : `as of today: ${movedOn(session.moved.length)} moved on since it was planned`}
            </Why>
          )}
          {session.session && (
            <p className="text-sm">
              <Link to={`/people/${person}/session?s=${session.session}`} className="underline underline-offset-4">
                {session.doneOn
                  ? `done on ${longDay(session.doneOn)}`
                  : session.state === 'differs'
                    ? session.moved.length > 0
                      ? 'written before'
                      : 'written, but differs from the plan'
                    : 'written'}
              </Link>
            </p>
          )}
        </div>
      ))}
      {holds && week.when !== 'past' && left > 0 && (
        <Button look={week.when === 'now' ? 'next' : 'plain'} hotkey="W" disabled={busy} onClick={onWrite}>
          {written ? `Write ${left} of them anew` : 'Write it into the week'}
        </Button>
      )}
      {holds && week.when !== 'past' && left === 0 && written && (
        <Link to={`/people/${person}/week?w=${week.monday}`} className="underline underline-offset-4">
          Open this week
        </Link>
      )}
      {holds && week.canTakeOut && (
        <Button look="quiet" disabled={busy} onClick={onTakeOut}>
          take out of the week again what was written
        </Button>
      )}
    </section>
  );
}

/** Notes of the whole program, and the ladders that were left out. */
export function ProgramNotes({
  program,
  wish,
  names,
  onChange,
}: {
  program: Program;
  wish: Wish;
  names: Map<string, string>;
  onChange: (wish: Wish) => void;
}) {
  return (
    <>
      {program.notes.length > 0 && (
        <section className="mb-5 grid gap-2">
          <h2 className="text-xl">Worth knowing</h2>
          {program.notes.slice(0, 8).map((note, index) => (
            <Why key={index} title="Worth knowing" reasons={note} className="border-l-4 border-slate bg-paper p-2 text-sm">
              {note.sentence}
              {note.rule === 'program.demand-open' && note.wouldChange ? ` ${note.wouldChange}` : ''}
            </Why>
          ))}
          {program.notes.length > 8 && <p className="text-sm text-ink2">and {program.notes.length - 8} more</p>}
        </section>
      )}
      {wish.without.length > 0 && (
        <section className="mb-5 grid justify-items-start gap-1">
          <h2 className="text-xl">Left out</h2>
          {wish.without.map((ladder) => (
            <Button key={ladder} look="quiet" onClick={() => onChange(withoutToggled(wish, ladder))}>
              {names.get(ladder) ?? ladder}: let it back in
            </Button>
          ))}
        </section>
      )}
    </>
  );
}

/** Every version there was, the newest first; one that is past can be looked at and taken again. */
export function Versions({
  versions,
  looking,
  onLook,
  onTakeBack,
}: {
  versions: Schemas['ProgramVersionView'][];
  looking: string | null;
  onLook: (id: string) => void;
  onTakeBack: (id: string) => void;
}) {
  if (versions.length === 0) return null;
  return (
    <section className="mb-5">
      <h2 className="mb-1 text-xl">Versions</h2>
      <ol className="grid gap-1 text-sm">
        {versions.map((version) => (
          <li key={version.id} className="flex items-baseline justify-between gap-2">
            <span>
              {longDay(version.madeOn)}, {version.why.toLowerCase()}
              {version.holds && <span className="font-semibold">, holds</span>}
              {version.takenBack && <span className="text-ink2">, taken back</span>}
            </span>
            {version.holds ? (
              <Button look="quiet" onClick={() => onTakeBack(version.id)}>
                take it back
              </Button>
            ) : (
              <Button look="quiet" aria-pressed={looking === version.id} onClick={() => onLook(version.id)}>
                compare
              </Button>
            )}
          </li>
        ))}
      </ol>
    </section>
  );
}
