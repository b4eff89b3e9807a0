import { useEffect, useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { toast } from '@/ui/notice';
import { http, sentenceOf } from '@/api/client';
import { ConflictDialog } from '@/editor/ConflictDialog';
import { UndoRedo } from '@/editor/UndoRedo';
import { useShortcuts } from '@/frame/keys';
import { useLibrary, type Library } from '@/frame/useLibrary';
import { Button } from '@/ui/Button';
import { Dialog } from '@/ui/Dialog';
import { TextField } from '@/ui/Field';
import { Loading } from '@/ui/Loading';
import { Cards } from './Cards';
import { ClockFields } from './ClockFields';
import { KitThere } from './KitThere';
import { MOST } from './limits';
import { Meets } from './Meets';
import { PickPeople } from './PickPeople';
import { SquadPane } from './SquadPane';
import { SquadTable } from './SquadTable';
import { kitInWords, meetsInWords } from './words';
import { useSquad, type Chosen, type Squad, type SquadView } from './useSquad';

/** The session of a squad: people by stations, each on their own rung, and the clock. */
export function SquadPage() {
  const { squad = '' } = useParams();
  return <OpenSquad key={squad} squad={squad} />;
}

function OpenSquad({ squad }: { squad: string }) {
  const doing = useSquad(squad);
  const { library } = useLibrary();
  const { query, now, waits, problem, edit } = doing;
  const navigate = useNavigate();
  const [chosen, choose] = useState<Chosen>(null);
  const [asks, ask] = useState<'people' | 'name' | 'kit' | 'meets' | null>(null);
  const [busy, setBusy] = useState(false);
  const view = query.data;
  const name = now?.name;
  useEffect(() => {
    if (name !== undefined) document.title = `${name} · Even Rungs`;
  }, [name]);
  const trains = view?.members.some(({ start }) => start !== null) === true;
  const begin = async () => {
    if (!trains || waits || busy) return;
    setBusy(true);
    const { data, error } = await http.POST('/api/squads/{squad}/sessions', { params: { path: { squad } } });
    setBusy(false);
    // Without a network what was written for them the last time holds.
    const isWritten = view?.members.some(({ start, session }) => start !== null && session !== null) === true;
    if (error && !(error.code === 'offline' && isWritten)) return toast(sentenceOf(error));
    if (data) doing.take(data);
    else toast('No network: their sessions are as they were last written.');
    await navigate(`/squads/${squad}/clock`);
  };
  useShortcuts([
    { key: 's', label: 'write the sessions and go to the clock', run: () => void begin() },
    { key: 'p', label: 'print the station cards', run: () => window.print() },
    { key: 'm', label: 'who is of it', run: () => ask('people') },
    { key: 'k', label: 'what kit there is', run: () => ask('kit') },
    { key: 'w', label: 'when it meets', run: () => ask('meets') },
    { key: 'u', label: 'undo', run: doing.undo },
    { key: 'r', label: 'redo', run: doing.redo },
  ]);
  if (!view || !now || !library)
    return <Loading what="Putting everybody on their rungs" error={query.error} again={() => void query.refetch()} />;

  return (
    <div className="flex min-h-0 min-w-0 flex-1 max-lg:flex-col">
      <main data-across aria-busy={waits} className="relative min-w-0 flex-1 p-4 lg:overflow-y-auto print:hidden">
        <header className="mb-3 flex flex-wrap items-end justify-between gap-x-4 gap-y-2">
          <div className="min-w-0 flex-1 basis-72">
            <h1 className="text-2xl break-words">{now.name}</h1>
            <p className="flex flex-wrap gap-x-3">
              <Button look="quiet" hotkey="M" onClick={() => ask('people')}>
                {now.members.length} {now.members.length === 1 ? 'person' : 'people'}
              </Button>
              <Button look="quiet" hotkey="K" onClick={() => ask('kit')}>
                {kitInWords(now.kit)}
              </Button>
              <Button look="quiet" hotkey="W" onClick={() => ask('meets')}>
                {meetsInWords(now.meets)}
              </Button>
              <Button look="quiet" onClick={() => ask('name')}>
                rename
              </Button>
              <UndoRedo doing={doing} />
            </p>
          </div>
          <div className="flex flex-wrap gap-2">
            <Button hotkey="P" onClick={() => window.print()}>
              Station cards
            </Button>
            <Button look="next" hotkey="S" disabled={!trains || waits || busy} onClick={() => void begin()}>
              {busy ? 'Writing their sessions …' : 'To the clock'}
            </Button>
          </div>
        </header>
        {problem && (
          <p role="alert" className="mb-3 border-l-4 border-rowan bg-sheet p-3 font-semibold">
            {problem}{' '}
            <Button look="quiet" onClick={doing.again}>
              try again
            </Button>
          </p>
        )}
        <ClockFields squad={now} length={view.lengthText} onChange={edit} />
        {view.members.length === 0 ? (
          <p className="rounded-lg border border-hairline bg-sheet p-5">
            Nobody is of this squad.{' '}
            <Button look="next" onClick={() => ask('people')}>
              Choose its people
            </Button>
          </p>
        ) : (
          <SquadTable view={view} squad={now} library={library} chosen={chosen} onChoose={choose} onChange={edit} />
        )}
      </main>
      <SquadPane view={view} chosen={chosen} waits={waits} onTake={(proposal) => edit(proposal)} />
      <Cards view={view} />
      {asks === 'people' && <People squad={now} view={view} onClose={() => ask(null)} onChange={edit} />}
      {asks === 'kit' && <KitThere kit={now.kit} onChange={(kit) => edit({ kit })} onClose={() => ask(null)} />}
      {asks === 'meets' && (
        <Meets squad={now} view={view} waits={waits} problem={problem} onChange={edit} onClose={() => ask(null)} />
      )}
      <Dialog open={asks === 'name'} onClose={() => ask(null)} title="What it is called">
        <Rename name={now.name} onTake={(name) => edit({ name })} onClose={() => ask(null)} />
      </Dialog>
      <ConflictDialog
        mine={{ title: now.name, lines: linesOf(now, library) }}
        theirs={doing.theirs && { title: doing.theirs.name, lines: linesOfView(doing.theirs) }}
        onMine={doing.keepMine}
        onTheirs={doing.takeTheirs}
      />
    </div>
  );
}

const clockOf = ({ work, change, rounds, roundRest }: Pick<Squad, 'work' | 'change' | 'rounds' | 'roundRest'>): string =>
  `${work} s, change ${change} s, ${rounds} ×, ${roundRest} s between`;

const linesOf = (squad: Squad, library: Library): string[] => [
  ...squad.stations.map((slug) => library.ladders.get(slug)?.name ?? slug),
  clockOf(squad),
  kitInWords(squad.kit),
  meetsInWords(squad.meets),
  `${squad.members.length} people`,
];

const linesOfView = (view: SquadView): string[] => [
  ...view.stations.map(({ name }) => name),
  clockOf(view),
  kitInWords(view.kit),
  meetsInWords(view.meets),
  `${view.members.length} people`,
];

/** Who is of it. The names are those the server knows, and of whom is chosen here. */
function People({
  squad,
  view,
  onClose,
  onChange,
}: {
  squad: Squad;
  view: SquadView;
  onClose: () => void;
  onChange: (change: Partial<Squad>) => void;
}) {
  const [picked, setPicked] = useState(() =>
    squad.members.map(({ person }) => ({
      id: person,
      name: view.members.find((one) => one.person === person)?.name ?? '…',
    })),
  );
  const take = () => {
    const here = new Map(squad.members.map((one) => [one.person, one.here]));
    onChange({ members: picked.map(({ id }) => ({ person: id, here: here.get(id) ?? true })) });
    onClose();
  };
  return (
    <Dialog open onClose={onClose} title="Who is of this squad">
      <PickPeople picked={picked} most={MOST} onChange={setPicked} />
      <div className="flex gap-2">
        <Button look="next" onClick={take}>
          Take these {picked.length}
        </Button>
        <Button onClick={onClose}>Cancel</Button>
      </div>
    </Dialog>
  );
}

function Rename({ name, onTake, onClose }: { name: string; onTake: (name: string) => void; onClose: () => void }) {
  const [text, setText] = useState(name);
  return (
    <form
      className="grid gap-4"
      onSubmit={(event) => {
        event.preventDefault();
        if (text.trim() === '') return;
        if (text.trim() !== name) onTake(text.trim());
        onClose();
      }}
    >
      <TextField
        label="Name"
        maxLength={80}
        autoComplete="off"
        value={text}
        onChange={(event) => setText(event.target.value)}
        problem={text.trim() === '' ? 'A squad needs a name.' : undefined}
      />
      <div className="flex gap-2">
        <Button look="next" type="submit">
          Take it
        </Button>
        <Button onClick={onClose}>Cancel</Button>
      </div>
    </form>
  );
}
