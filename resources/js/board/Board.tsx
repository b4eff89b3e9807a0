import { useDeferredValue, useEffect, useMemo, useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import { api } from '@/api/client';
import { isClosed, joined, replayed, type BoardDemand, type BoardRung } from '@/frame/boardModel';
import { useShortcuts } from '@/frame/keys';
import { useLibrary } from '@/frame/useLibrary';
import { usePerson } from '@/frame/usePerson';
import { useAtRest } from '@/frame/useSettled';
import { cx } from '@/ui/cx';
import { Loading } from '@/ui/Loading';
import { BoardHead, DemandTabs } from './BoardHead';
import { BoardPane } from './BoardPane';
import { BoardTable } from './BoardTable';
import { BoardTools } from './BoardTools';
import { railLength } from './geometry';
import { foldedDemands, leastRoom, openedLadders } from './layout';
import { Rails } from './Rails';
import { JumpDialog, ReopenDialog } from './ReopenDialog';
import { useBoardFocus, useRoom } from './useBoardFocus';
import { usePlacing, type Side } from './usePlacing';
import { useReplay } from './useReplay';

const NOT_YET: BoardDemand[] = [];

/** The board: one rail for each ladder, rungs at their height, and where the person stands. */
export function Board() {
  const person = usePerson();
  const board = api.useQuery('get', '/api/people/{person}/board', { params: { path: { person: person.id } } });
  const { library, error: libraryError, again } = useLibrary();
  const [withPutAway, setWithPutAway] = useState(false);
  const today = useMemo(
    () => (board.data && library ? joined(board.data, library, withPutAway) : []),
    [board.data, library, withPutAway],
  );
  const replay = useReplay(person.id);
  const { move } = replay;
  const demands = useMemo(() => (move ? replayed(today, move) : today), [today, move]);
  // The same for those who hear it: drawn after the rails, which then stand sooner.
  const inWords = useDeferredValue(demands, NOT_YET);
  const ladders = useMemo(() => demands.flatMap((demand) => demand.ladders.map((ladder) => ({ demand, ladder }))), [demands]);
  const at = useBoardFocus(demands, ladders);
  const { active, activeSlug, rung, focusOf, go, fold } = at;
  // A key moves the focus at once; what is told of the rung follows.
  const told = useAtRest(useMemo(() => (rung && active ? { rung, active } : null), [rung, active]));
  const placing = usePlacing(person.id, ladders, go);
  const navigate = useNavigate();
  const toMethod = () => void navigate(`/method?level=person&person=${person.id}`);
  const [asTable, setAsTable] = useState(false);
  const { area, room } = useRoom(board.isSuccess && library !== undefined && !asTable);
  // Where not even one demand has room beside the others folded, each is a view of its own.
  const narrow = room.width < leastRoom(demands.map((one) => ({ ladders: one.ladders.length })));
  const shown = narrow ? ladders.filter(({ demand }) => demand.value === active?.demand.value) : ladders;
  const length = railLength(
    shown.map(({ ladder }) => ladder.rungs.length),
    room.height,
    narrow,
  );
  const { folded, opened } = useOpen(demands, active?.demand.value ?? '', activeSlug, at.foldedByHand, room.width);

  // What is past can be looked at, not changed.
  const place = (slug: string, side: Side, range: string | null = null) => {
    if (!replay.on) void placing.place(slug, side, '', false, range);
  };
  const drop = (slug: string, side: Side) => {
    go(slug);
    place(slug, side);
  };
  const toReason = useReasonOfClosed(told?.rung, rung);
  const placeHere = (side: Side) => {
    if (rung && isClosed(rung)) toReason();
    else if (rung) place(rung.slug, side);
  };
  const foldHere = () => active && fold(active.demand.value);
  const toggleReplay = () => {
    at.stayHere();
    replay.toggle();
  };

  useShortcuts([
    { key: 'l', label: 'left', run: () => placeHere('left') },
    { key: 'r', label: 'right', run: () => placeHere('right') },
    { key: 'u', label: 'take back', run: placing.takeBack },
    { key: 'f', label: 'fold', run: foldHere },
    { key: 'o', label: 'only this demand', run: at.only },
    { key: 't', label: 'table', run: () => setAsTable(!asTable) },
    { key: 'm', label: 'method', run: toMethod },
    { key: 'h', label: 'history', run: toggleReplay },
    { key: 'Escape', label: 'today', run: replay.close },
  ]);

  if (!board.data || !library)
    return (
      <Loading
        what="Setting up the rails"
        error={board.error ?? libraryError}
        again={() => {
          again();
          void board.refetch();
        }}
      />
    );

  const { reopening, jump } = placing;
  return (
    <>
      <main data-across className="relative min-w-0 flex-1 overflow-auto px-3 pt-4 pb-2">
        <BoardHead
          person={person}
          board={board.data}
          move={move}
          withPutAway={withPutAway}
          onPutAway={setWithPutAway}
          onMethod={toMethod}
        />
        {narrow && !asTable && <DemandTabs demands={demands} active={active?.demand.value} onGo={at.open} />}
        {asTable ? (
          <BoardTable demands={demands} caption={`Board of ${person.name}`} onGo={(slug) => [setAsTable(false), go(slug)]} />
        ) : (
          <>
            {/* The keys of the board are handled here for all rails; each rung is an option of its rail's list. */}
            {/* oxlint-disable-next-line jsx-a11y/no-static-element-interactions */}
            <div
              ref={area}
              onKeyDown={(event) => at.press(event, () => placeHere('both'))}
              className={cx('overflow-y-hidden', narrow ? 'overflow-x-auto' : 'overflow-x-hidden')}
            >
              <Rails
                demands={narrow ? demands.filter((demand) => demand.value === active?.demand.value) : demands}
                folded={folded}
                active={activeSlug}
                opened={opened}
                length={length}
                spreadText={board.data.spreadText}
                focusOf={focusOf}
                onFold={fold}
                hands={{ onOpen: at.open, onFocus: at.focus, onDrop: drop, label: at.label }}
              />
            </div>
            <div className="sr-only">
              <BoardTable demands={inWords} caption={`Board of ${person.name}`} />
            </div>
          </>
        )}
        <BoardTools
          setAsTable={setAsTable}
          asTable={asTable}
          narrow={narrow}
          at={at}
          active={active}
          foldHere={foldHere}
          toMethod={toMethod}
          replay={replay}
          toggleReplay={toggleReplay}
        />
      </main>
      <BoardPane replay={replay} placing={placing} told={told} person={person} board={board.data} place={place} go={go} />
      {reopening && (
        <ReopenDialog
          person={person.id}
          rung={reopening.rung}
          problem={placing.problem}
          onClose={placing.leaveShut}
          onReopen={(reason) => placing.place(reopening.rung, reopening.side, reason, false, reopening.range)}
        />
      )}
      <JumpDialog
        jump={jump}
        onClose={placing.leaveJump}
        onPlace={() => jump && void placing.place(jump.rung, jump.side, jump.reason, true, jump.range)}
      />
    </>
  );
}

/** On a rung that is ruled out the keyboard goes to the reason, and to what fits instead: once the pane tells of it. */
function useReasonOfClosed(told: BoardRung | undefined, rung: BoardRung | undefined) {
  const isWanted = useRef(false);
  const bring = () => document.querySelector<HTMLElement>('[data-closed] .underline, [data-closed]')?.focus();
  useEffect(() => {
    if (told !== rung || !isWanted.current) return;
    isWanted.current = false;
    bring();
  }, [told, rung]);
  return () => {
    if (told === rung) bring();
    else isWanted.current = true;
  };
}

/** Which demands are folded and which ladders stand open, by the room there is. */
function useOpen(demands: BoardDemand[], demand: string, ladder: string, byHand: ReadonlySet<string>, room: number) {
  return useMemo(() => {
    const folded = foldedDemands(
      demands.map((one) => ({ value: one.value, ladders: one.ladders.length, weakest: one.weakest })),
      demand,
      byHand,
      room,
    );
    const groups = demands.map((one) => ({
      value: one.value,
      ladders: one.ladders.map(({ slug }) => slug),
      stoodOn: one.ladders.filter(({ stands }) => stands.length > 0).map(({ slug }) => slug),
    }));
    return { folded, opened: openedLadders(groups, ladder, folded, room) };
  }, [demands, demand, ladder, byHand, room]);
}
