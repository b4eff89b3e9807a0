import { Command } from 'cmdk';
import { useEffect, useMemo, useRef, useState } from 'react';
import { api } from '@/api/client';
import { isClosed, joined } from '@/frame/boardModel';
import { ladderOf } from '@/figure/asked';
import { RungFigure } from '@/figure/RungFigure';
import { useLibrary } from '@/frame/useLibrary';
import { SearchDialog } from '@/ui/SearchDialog';
import { search, seen, type Found } from './search';

/** Adds an exercise by typing part of its name; ruled-out rungs say so and cannot be taken. */
export function AddExercise({
  person,
  open,
  near = null,
  onClose,
  doseOf,
  onAdd,
}: {
  person: string;
  open: boolean;
  /** The rung that is swapped: its ladder comes first, then what meets the same demand. */
  near?: string | null;
  onClose: () => void;
  /** what it begins with here: the next dose of this person where there is one */
  doseOf: (rung: Found['rung']) => string;
  onAdd: (rung: string, dose: string) => void;
}) {
  const board = api.useQuery('get', '/api/people/{person}/board', { params: { path: { person } } }, { enabled: open });
  const { library } = useLibrary();
  const demands = useMemo(() => {
    const all = board.data && library ? joined(board.data, library, false) : [];
    const ladder = near && ladderOf(near);
    const here = all.find((demand) => demand.ladders.some((each) => each.slug === ladder));
    return here
      ? [
          { ...here, ladders: [...here.ladders].sort((a, b) => Number(b.slug === ladder) - Number(a.slug === ladder)) },
          ...all.filter((demand) => demand !== here),
        ]
      : all;
  }, [board.data, library, near]);
  const [typed, setTyped] = useState('');
  const found = useMemo(() => (typed.trim() === '' ? null : search(demands, typed, near)), [demands, typed, near]);
  // What stands first is chosen, and in view: Enter takes what is read first, never what was chosen before.
  const [chosen, setChosen] = useState('');
  const list = useRef<HTMLDivElement>(null);
  const first = found?.find(({ rung }) => !isClosed(rung) && rung.slug !== near)?.rung.slug ?? '';
  const [seenFirst, setSeenFirst] = useState('');
  if (first !== seenFirst) {
    setSeenFirst(first);
    setChosen(first);
  }
  useEffect(() => {
    list.current?.scrollTo({ top: 0 });
  }, [typed]);
  const close = () => {
    setTyped('');
    onClose();
  };
  const item = ({ rung, ladder, stands, far }: Found, withLadder: boolean) => (
    <Command.Item
      key={rung.slug}
      value={rung.slug}
      disabled={isClosed(rung) || rung.slug === near}
      onSelect={() => {
        onAdd(rung.slug, doseOf(rung));
        close();
      }}
      className="group flex min-h-9 cursor-pointer items-center gap-3 rounded-md px-3 py-1 data-[disabled=true]:cursor-default data-[disabled=true]:text-ink3 data-[disabled=true]:line-through data-[selected=true]:bg-ink data-[selected=true]:text-ground"
    >
      <span className="rounded-sm bg-paper">
        <RungFigure rung={rung.slug} plain className="h-9 w-14" />
      </span>
      <span>
        <span className={stands ? 'font-bold' : undefined}>{rung.name}</span>
        {withLadder && <span className="block text-sm opacity-80">{ladder.name}</span>}
      </span>
      <span className="font-mono text-sm">{rung.heightText}</span>
      {stands && <span className="text-sm">stands here</span>}
      {far && !isClosed(rung) && (
        <span className="text-sm font-semibold text-ochre group-data-[selected=true]:text-ground">far above</span>
      )}
      <span className="ml-auto font-mono text-sm max-sm:hidden">{doseOf(rung)}</span>
    </Command.Item>
  );
  return (
    <SearchDialog
      open={open}
      onClose={close}
      title={near ? 'Another rung in its place' : 'Add an exercise'}
      shouldFilter={false}
      value={chosen}
      onValueChange={setChosen}
    >
      <Command.Input
        value={typed}
        onValueChange={setTyped}
        placeholder="Beginnings of words, such as: side br"
        className="w-full border-b border-hairline bg-transparent px-4 py-3 outline-none"
      />
      <Command.List ref={list} className="max-h-[60vh] overflow-y-auto p-2">
        <Command.Empty className="px-3 py-4 text-ink3">
          {board.data && library
            ? 'No exercise is called that: every typed word has to begin a word of its name.'
            : 'Reading the ladders …'}
        </Command.Empty>
        {found
          ? found.map((one) => item(one, true))
          : demands.flatMap((demand) =>
              demand.ladders.map((ladder) => (
                <Command.Group
                  key={ladder.slug}
                  heading={ladder.name}
                  className="[&_[cmdk-group-heading]]:px-3 [&_[cmdk-group-heading]]:pt-3 [&_[cmdk-group-heading]]:pb-1 [&_[cmdk-group-heading]]:text-sm [&_[cmdk-group-heading]]:text-ink3"
                >
                  {ladder.rungs.map((rung) => item(seen(rung, ladder), false))}
                </Command.Group>
              )),
            )}
      </Command.List>
    </SearchDialog>
  );
}
