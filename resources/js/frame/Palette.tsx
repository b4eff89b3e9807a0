import { Command } from 'cmdk';
import { useNavigate } from 'react-router';
import { api } from '@/api/client';

const places = [
  { to: '/', name: 'Bench', words: 'bench everybody home' },
  { to: '/people', name: 'All people', words: 'people everyone list archive' },
  { to: '/library', name: 'Library', words: 'library ladders rungs exercises' },
  { to: '/rules', name: 'Rules', words: 'rules rule book why sources' },
];

/** Goes to a person, or to a place, by typing part of the name. */
export function Palette({ open, onOpenChange }: { open: boolean; onOpenChange: (open: boolean) => void }) {
  const bench = api.useQuery('get', '/api/bench', {}, { enabled: open });
  const navigate = useNavigate();
  const go = (address: string) => {
    onOpenChange(false);
    void navigate(address);
  };
  return (
    <Command.Dialog
      open={open}
      onOpenChange={onOpenChange}
      label="Go to a person"
      overlayClassName="fixed inset-0 z-40 bg-ink/40"
      contentClassName="fixed top-[12vh] left-1/2 z-50 w-[min(34rem,calc(100vw-2rem))] -translate-x-1/2 overflow-hidden rounded-lg border border-rail bg-sheet text-ink"
    >
      <Command.Input
        placeholder="Name, work or hobby"
        className="w-full border-b border-hairline bg-transparent px-4 py-3 outline-none"
      />
      <Command.List className="max-h-80 overflow-y-auto p-2">
        <Command.Empty className="px-3 py-4 text-ink3">Nobody by that name. Add the person on the bench.</Command.Empty>
        {bench.data?.lines.map((line) => (
          <Command.Item
            key={line.id}
            value={`${line.name} ${line.about}`}
            onSelect={() => go(`/people/${line.id}/${line.step}`)}
            className="flex min-h-10 cursor-pointer items-baseline gap-3 rounded-md px-3 py-2 data-[selected=true]:bg-ink data-[selected=true]:text-ground"
          >
            <span className="font-semibold">{line.name}</span>
            <span className="text-sm opacity-80">{line.about}</span>
          </Command.Item>
        ))}
        {places.map(({ to, name, words }) => (
          <Command.Item
            key={to}
            value={words}
            onSelect={() => go(to)}
            className="min-h-10 cursor-pointer rounded-md px-3 py-2 data-[selected=true]:bg-ink data-[selected=true]:text-ground"
          >
            {name}
          </Command.Item>
        ))}
      </Command.List>
    </Command.Dialog>
  );
}
