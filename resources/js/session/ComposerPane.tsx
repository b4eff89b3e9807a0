import { useNavigate } from 'react-router';
import type { Schemas } from '@/api/client';
import { LeftOut } from '@/frame/LeftOut';
import { OwnPage } from '@/frame/OwnPage';
import { Pane } from '@/frame/Pane';
import { Why } from '@/frame/reason';
import { Button } from '@/ui/Button';
import { asLength, day } from '@/ui/day';
import { Key } from '@/ui/Key';
import { staysLow } from '@/ui/staysLow';
import { BalancePane } from './BalancePane';
import { RepairCard } from './RepairCard';
import { useComposing } from './useComposer';
import { useBringBack, useLettingGo } from './useLettingGo';

/** Of one of which the person picks some: of the longest choice. */
const lengthOf = ({ length, isToPick }: Schemas['SessionLineView']): string | null =>
  length && `${isToPick ? 'up to ' : ''}${asLength(length)}`;

/** Where the work falls, what speaks against it, and where it goes from here. */
export function ComposerPane() {
  const { id, person, draft, preview, fit, waits, notes, setOpen, repairs } = useComposing();
  const { rows, whole, offers, moved, repair } = repairs;
  const navigate = useNavigate();
  return (
    <Pane label="Where the work falls">
      <div className="flex flex-col gap-4 lg:min-h-full">
        {/* First, since whatever stands below it is of what was written before. */}
        <LeftOut leftOut={waits.map((waiting) => waiting.reason)} />
        {moved && <RepairCard warning={moved} hotkey="B" tone="information" onRepair={() => repair(moved)} />}
        <BalancePane preview={preview} aim={person.aimText} />
        {fit && fit.over > 0 && (
          <section className="grid justify-items-start gap-2 border-l-4 border-rowan bg-paper p-3">
            <p className="text-sm">{fit.sentence}</p>
            {fit.steps.length > 0 && (
              <Button hotkey="F" className="font-semibold" onClick={() => setOpen('fit')}>
                Fit to time
              </Button>
            )}
          </section>
        )}
        {[...[...rows.values()].flat(), ...whole]
          .filter(({ warning, key: number }) => number !== null || whole.some((whole) => whole.warning === warning))
          .map(({ warning, key: number }, index) => (
            <RepairCard key={index} warning={warning} hotkey={number} tone="watch" onRepair={() => repair(warning)} />
          ))}
        {offers.map(({ warning, key }) => (
          <RepairCard
            key={warning.reason.sentence}
            warning={warning}
            hotkey={key}
            tone="information"
            onRepair={() => repair(warning)}
          />
        ))}
        {notes.length > 0 && (
          <section className="grid gap-2 border-l-4 border-slate bg-paper p-3">
            <h3>How it started</h3>
            {notes.map((note, index) => (
              <Why key={index} title="How it started" reasons={note} className="text-sm">
                {note.sentence}
              </Why>
            ))}
          </section>
        )}
        <Sessions />
        {/* In sight however much stands above. */}
        <div
          ref={staysLow}
          className="sticky bottom-0 -mx-5 mt-auto -mb-5 grid gap-2 border-t border-hairline bg-sheet px-5 py-3 lg:-bottom-5"
        >
          <Button
            look="next"
            disabled={!preview.complete || draft.blocks.length === 0}
            onClick={() => void navigate(`/people/${person.id}/sheet?s=${id}`)}
          >
            Hand it over
          </Button>
          <OwnPage look="quiet" />
          <p className="text-sm text-ink3 max-lg:hidden">
            A dose <Key>/</Key> · undo <Key>Ctrl Z</Key> · paste lines <Key>Ctrl V</Key>
          </p>
        </div>
      </div>
    </Pane>
  );
}

/** The other sessions, told apart by date, length and where they come from; and those that were let go of. */
function Sessions() {
  const { id, person, draft, version, sessions, more, gone, onOpen, setOpen } = useComposing();
  const letGo = useLettingGo(person.id, onOpen);
  const bringBack = useBringBack(person.id, onOpen);
  const here = sessions.find((line) => line.id === id);
  return (
    <section className="grid min-w-0 gap-1 text-sm">
      <label className="grid min-w-0 gap-1 text-ink2">
        Sessions
        <select
          value={here ? id : 'new'}
          onChange={({ target }) => {
            if (target.value === 'new') setOpen('start');
            else if (target.value === 'older') void more?.();
            else onOpen(target.value);
          }}
          className="min-h-9 w-full min-w-0 rounded-md border border-rung-edge bg-paper px-2 text-ink"
        >
          {sessions.map((line) => (
            <option key={line.id} value={line.id}>
              {[line.title, day(line.madeOn), lengthOf(line), line.lastDone && `done ${day(line.lastDone)}`]
                .filter(Boolean)
                .join(' · ')}
            </option>
          ))}
          {more && <option value="older">Read older ones …</option>}
          <option value="new">New …</option>
        </select>
      </label>
      <p className="flex flex-wrap items-baseline gap-x-3 text-ink2">
        {here && <span>{[day(here.madeOn), lengthOf(here), here.origin].filter(Boolean).join(' · ')}</span>}
        {version > 0 && here && (
          <Button look="quiet" onClick={() => void letGo(id, draft.title)}>
            let go of it
          </Button>
        )}
      </p>
      {gone.length > 0 && (
        <details className="text-ink2">
          <summary className="min-h-7 cursor-pointer">Let go of: {gone.length}</summary>
          <ul>
            {gone.map((line) => (
              <li key={line.id}>
                {line.title}, {day(line.deletedOn)}{' '}
                <Button look="quiet" onClick={() => void bringBack(line.id)}>
                  bring back
                </Button>
              </li>
            ))}
          </ul>
        </details>
      )}
    </section>
  );
}
