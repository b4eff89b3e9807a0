import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { api, http, newId, sentenceOf, type Schemas } from '@/api/client';
import { useTexts } from '@/editor/useTexts';
import { useShortcuts } from '@/frame/keys';
import { useRefresh } from '@/frame/usePerson';
import { undoToast } from '@/frame/undoToast';
import { Button } from '@/ui/Button';
import { counted } from '@/ui/counted';
import { Dialog } from '@/ui/Dialog';
import { TextField } from '@/ui/Field';
import { Loading } from '@/ui/Loading';
import { toast } from '@/ui/notice';
import { MOST } from './limits';
import { PickPeople, type Picked } from './PickPeople';

/** The squads of the practice: people who train together on one clock. */
export function Squads() {
  const squads = api.useQuery('get', '/api/squads', {});
  const [isNew, setNew] = useState(false);
  const refresh = useRefresh();
  useShortcuts([{ key: 'n', label: 'a new squad', run: () => setNew(true) }]);
  if (!squads.data) return <Loading what="Reading the squads" error={squads.error} again={() => void squads.refetch()} />;
  const lines = squads.data.squads;
  const letGo = async ({ id, name }: Schemas['SquadLineView']) => {
    const ask = { params: { path: { squad: id } } };
    const { error } = await http.DELETE('/api/squads/{squad}', ask);
    if (error) toast(sentenceOf(error));
    else
      undoToast(`${name} is let go of; what its people did stays.`, () => http.POST('/api/squads/{squad}/restore', ask), refresh);
  };

  return (
    <main className="relative flex-1 overflow-y-auto px-[max(1rem,50%-30.5rem)] py-6">
      <div className="mb-4 flex flex-wrap items-end justify-between gap-4">
        <div>
          <h1 className="text-3xl">Squads</h1>
          <p className="text-ink2">One session for several people: each on their own rung, all on one clock.</p>
        </div>
        <Button look="next" hotkey="N" onClick={() => setNew(true)}>
          A new squad
        </Button>
      </div>
      {lines.length === 0 ? (
        <p className="rounded-lg border border-hairline bg-sheet p-5">
          No squad yet. Name one, say who is of it, and its stations and its clock are proposed: five stations, say, 30 s at each
          and 30 s to change.
        </p>
      ) : (
        <ul className="grid gap-1">
          {lines.map((line) => (
            <li
              key={line.id}
              className="grid items-center gap-x-4 gap-y-1 rounded-md border border-hairline bg-sheet px-4 py-2 md:grid-cols-[1fr_14rem_5.5rem]"
            >
              <Link to={`/squads/${line.id}`} className="font-display text-lg font-[650] hover:underline">
                {line.name}
              </Link>
              <p className="text-ink2">
                {line.people} {line.people === 1 ? 'person' : 'people'} · {counted(line.stations, 'station')}
                {line.meets.length > 0 && ` · ${line.meets.join(', ')}`}
              </p>
              <Button look="quiet" className="justify-self-start" onClick={() => void letGo(line)}>
                let go of it
              </Button>
            </li>
          ))}
        </ul>
      )}
      <NewSquad open={isNew} onClose={() => setNew(false)} />
    </main>
  );
}

function NewSquad({ open, onClose }: { open: boolean; onClose: () => void }) {
  const navigate = useNavigate();
  const texts = useTexts('new squad', { name: '' });
  const name = texts.of('name');
  const [people, setPeople] = useState<Picked[]>([]);
  const [problem, setProblem] = useState<string | null>(null);
  const [id, setId] = useState(newId);
  const [busy, setBusy] = useState(false);
  const begin = async () => {
    if (name.trim() === '') return setProblem('A squad needs a name.');
    if (people.length === 0) return setProblem('Choose who is of it.');
    setBusy(true);
    const { error } = await http.POST('/api/squads', { body: { id, name: name.trim(), people: people.map((one) => one.id) } });
    setBusy(false);
    if (error) return setProblem(sentenceOf(error));
    texts.saved({ name });
    setId(newId());
    setPeople([]);
    await navigate(`/squads/${id}`);
  };
  return (
    <Dialog open={open} onClose={onClose} title="A new squad">
      <form
        className="grid gap-4"
        onSubmit={(event) => {
          event.preventDefault();
          void begin();
        }}
      >
        <TextField label="Name" maxLength={80} autoComplete="off" {...texts.field('name')} />
        <PickPeople
          picked={people}
          most={MOST}
          onChange={(next) => {
            setPeople(next);
            setProblem(null);
          }}
        />
        {problem && (
          <p role="alert" className="font-semibold text-rowan">
            {problem}
          </p>
        )}
        <div className="flex gap-2">
          <Button look="next" type="submit" disabled={busy}>
            {busy ? 'Proposing stations …' : 'Propose its session'}
          </Button>
          <Button onClick={onClose}>Cancel</Button>
        </div>
      </form>
    </Dialog>
  );
}
