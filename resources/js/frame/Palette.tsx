import { Command } from 'cmdk';
import { keepPreviousData } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { api, type Schemas } from '@/api/client';
import { SearchDialog } from '@/ui/SearchDialog';
import { Key } from '@/ui/Key';
import { useActions, type Shortcut } from './keys';
import { stepNames } from './steps';
import { useSettled } from './useSettled';
import { beginsWords } from './words';

const places = [
  { to: '/', name: 'Bench', words: 'bench everybody home today' },
  { to: '/people', name: 'All people', words: 'all people everyone list archive' },
  { to: '/squads', name: 'Squads', words: 'squads group circuit stations together' },
  { to: '/people/new', name: 'Add a person', words: 'add a new person take in' },
  { to: '/library', name: 'Library', words: 'library ladders rungs exercises' },
  { to: '/method', name: 'Method', words: 'method questions answers school' },
  { to: '/practice', name: 'Practice and account', words: 'practice account trainers invite password name' },
  { to: '/rules', name: 'Rules', words: 'rules rule book why sources' },
];

const row =
  'flex min-h-10 cursor-pointer items-baseline gap-3 rounded-md px-3 py-2 data-[selected=true]:bg-ink data-[selected=true]:text-ground';
const group =
  '[&_[cmdk-group-heading]]:px-3 [&_[cmdk-group-heading]]:pt-2 [&_[cmdk-group-heading]]:text-sm [&_[cmdk-group-heading]]:text-ink3';

/** Goes to a person, a step, a session or a place, or does what the view can do, by the beginnings of words. */
export function Palette({ person, onClose }: { person: Schemas['PersonView'] | undefined; onClose: () => void }) {
  const [typed, setTyped] = useState('');
  // Those most in need of the trainer stand first; what is typed is looked for among everybody.
  const bench = api.useQuery('get', '/api/bench', {});
  const q = useSettled(typed.trim(), 120);
  const found = api.useQuery(
    'get',
    '/api/people',
    { params: { query: { q } } },
    { enabled: q !== '', placeholderData: keepPreviousData },
  );
  // Until it is found, those at hand are looked through.
  const people = (q === '' ? undefined : found.data?.people) ?? bench.data?.lines ?? [];
  const sessions = api.useQuery(
    'get',
    '/api/people/{person}/sessions',
    { params: { path: { person: person?.id ?? '' } } },
    { enabled: person !== undefined },
  );
  const navigate = useNavigate();
  // What the view could do when the palette was opened.
  const [actions] = useState<Shortcut[]>(useActions());
  const go = (address: string) => {
    onClose();
    void navigate(address);
  };
  const act = (action: Shortcut) => {
    onClose();
    // Once the palette is gone and the keyboard is back in the view.
    setTimeout(action.run, 50);
  };
  return (
    <SearchDialog
      open
      onClose={onClose}
      title="Go to a person, a view or an action"
      filter={(value, typed) => (beginsWords(value, typed) ? 1 : 0)}
    >
      <Command.Input
        value={typed}
        onValueChange={setTyped}
        placeholder="Name, work, step, session, action"
        className="w-full border-b border-hairline bg-transparent px-4 py-3 outline-none"
      />
      <Command.List className="max-h-[60vh] overflow-y-auto p-2">
        <Command.Empty className="px-3 py-4 text-ink3">Nothing begins like that. Write “add” to add a person.</Command.Empty>
        <Command.Group heading="People" className={group}>
          {people.map((line) => (
            <Command.Item
              key={line.id}
              value={`${line.name} ${line.about}`}
              onSelect={() => go(`/people/${line.id}/${line.step}`)}
              className={row}
            >
              <span className="font-semibold">{line.name}</span>
              <span className="text-sm opacity-80">{line.about}</span>
            </Command.Item>
          ))}
        </Command.Group>
        {person && (
          <Command.Group heading={person.name} className={group}>
            {person.steps.map((step, at) => (
              <Command.Item
                key={step.key}
                value={`${stepNames[step.key]} of ${person.name}`}
                keywords={[]}
                onSelect={() => go(`/people/${person.id}/${step.key}`)}
                className={row}
              >
                {stepNames[step.key]}
                <span className="ml-auto">
                  <Key>G {at + 1}</Key>
                </span>
              </Command.Item>
            ))}
            {sessions.data?.sessions.map((session) => (
              <Command.Item
                key={session.id}
                value={`session ${session.title} ${session.id}`}
                onSelect={() => go(`/people/${person.id}/session?s=${session.id}`)}
                className={row}
              >
                Session: {session.title}
              </Command.Item>
            ))}
          </Command.Group>
        )}
        {actions.length > 0 && (
          <Command.Group heading="In this view" className={group}>
            {actions.map((action) => (
              <Command.Item key={action.key} value={`${action.label} do`} onSelect={() => act(action)} className={row}>
                <span className="first-letter:uppercase">{action.label}</span>
                <span className="ml-auto">
                  <Key>{action.key === ' ' ? 'Space' : action.key.toUpperCase()}</Key>
                </span>
              </Command.Item>
            ))}
          </Command.Group>
        )}
        <Command.Group heading="Places" className={group}>
          {places.map(({ to, name, words }) => (
            <Command.Item key={to} value={words} onSelect={() => go(to)} className={row}>
              {name}
            </Command.Item>
          ))}
        </Command.Group>
      </Command.List>
    </SearchDialog>
  );
}
