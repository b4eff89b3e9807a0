import { useCallback, useEffect, useMemo, useRef, useState, type KeyboardEvent } from 'react';
import { Link, useNavigate } from 'react-router';
import { toast } from 'sonner';
import { api, http, newId, sentenceOf } from '@/api/client';
import { useShortcuts } from '@/frame/keys';
import { Pane } from '@/frame/Pane';
import { Why } from '@/frame/reason';
import { savedNow } from '@/frame/saving';
import { useLibrary } from '@/frame/useLibrary';
import { usePerson, useRefresh } from '@/frame/usePerson';
import { Button } from '@/ui/Button';
import { cx } from '@/ui/cx';
import { day } from '@/ui/day';
import { Dialog } from '@/ui/Dialog';
import { TextField } from '@/ui/Field';
import { formText } from '@/ui/formText';
import { Loading } from '@/ui/Loading';
import { BoardTable } from './BoardTable';
import { foldedDemands } from './layout';
import { PathPane } from './PathPane';
import { Rails, titleOf } from './Rails';
import { RungPane } from './RungPane';
import { isClosed, joined, replayed, workingRung } from '@/frame/boardModel';

type Side = 'both' | 'left' | 'right';

/** Rungs of an opened rail need this much room for their names. */
const ROOM_FOR_NAMES = 24;
const NARROW = 640;

/** The board: one rail for each ladder, rungs at their height, and where the person stands. */
export function Board() {
  const person = usePerson();
  const refresh = useRefresh();
  const board = api.useQuery('get', '/api/people/{person}/board', { params: { path: { person: person.id } } });
  const { library, error: libraryError, again } = useLibrary();
  const [replay, setReplay] = useState<{ at: number; playing: boolean } | null>(null);
  const path = api.useQuery(
    'get',
    '/api/people/{person}/path',
    { params: { path: { person: person.id } } },
    { enabled: replay !== null },
  );
  const [withPutAway, setWithPutAway] = useState(false);
  const today = useMemo(
    () => (board.data && library ? joined(board.data, library, withPutAway) : []),
    [board.data, library, withPutAway],
  );
  const moves = path.data?.moves;
  // A move that was taken back left no board of its own: the one before it stays.
  const moveAt = replay && moves ? moves.findLastIndex((one, index) => index <= replay.at && !one.takenBack) : -1;
  const move = moves?.[moveAt];
  const demands = useMemo(() => (move ? replayed(today, move) : today), [today, move]);
  const ladders = useMemo(() => demands.flatMap((demand) => demand.ladders.map((ladder) => ({ demand, ladder }))), [demands]);
  const [chosen, setChosen] = useState<Record<string, string>>({});
  const navigate = useNavigate();
  const toMethod = () => void navigate(`/method?person=${person.id}`);
  const [rail, setRail] = useState<string | null>(null);
  const [foldedByHand, setFolded] = useState<ReadonlySet<string>>(new Set());
  const [asTable, setAsTable] = useState(false);
  const sending = useRef(new Set<string>());
  const [reopening, setReopening] = useState<{ rung: string; side: Side } | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const undo = useRef<(() => void) | null>(null);
  const elements = useRef(new Map<string, HTMLDivElement>());
  const focusNext = useRef<string | null>(null);
  const area = useRef<HTMLDivElement>(null);
  const [room, setRoom] = useState({ width: 800, height: 480 });

  useEffect(() => {
    const box = area.current;
    if (!box) return;
    const fit = () => setRoom({ width: box.clientWidth, height: window.innerHeight - box.getBoundingClientRect().top - 248 });
    const watch = new ResizeObserver(fit);
    watch.observe(box);
    window.addEventListener('resize', fit);
    return () => {
      watch.disconnect();
      window.removeEventListener('resize', fit);
    };
  }, [board.isSuccess, library, asTable]);

  // Where the keyboard enters a rail: the chosen rung, else the working one, else the lowest that is open.
  const focusOf = useCallback(
    (slug: string): string => {
      const ladder = ladders.find((entry) => entry.ladder.slug === slug)?.ladder;
      if (!ladder) return '';
      const kept = ladder.rungs.find((rung) => rung.slug === chosen[slug]);
      return (kept ?? workingRung(ladder) ?? ladder.rungs.find((rung) => !isClosed(rung)) ?? ladder.rungs[0])?.slug ?? '';
    },
    [ladders, chosen],
  );
  const weakest = ladders.find((entry) => entry.demand.weakest && entry.ladder.stands.length > 0)?.ladder.slug;
  const activeSlug =
    (ladders.some((entry) => entry.ladder.slug === rail) ? rail : null) ?? weakest ?? ladders[0]?.ladder.slug ?? '';
  const active = ladders.find((entry) => entry.ladder.slug === activeSlug);
  const rung = active?.ladder.rungs.find((other) => other.slug === focusOf(activeSlug));
  const length = Math.max(430, room.height, ((active?.ladder.rungs.length ?? 1) - 1) * ROOM_FOR_NAMES);
  const narrow = room.width < NARROW;
  const folded = useMemo(
    () =>
      foldedDemands(
        demands.map((demand) => ({ value: demand.value, ladders: demand.ladders.length, weakest: demand.weakest })),
        active?.demand.value ?? '',
        foldedByHand,
        room.width,
      ),
    [demands, active?.demand.value, foldedByHand, room.width],
  );

  /** Brings the keyboard to a rung, opening its rail first where needed. */
  const go = useCallback(
    (slug: string) => {
      const ladder = ladders.find((entry) => entry.ladder.rungs.some((other) => other.slug === slug))?.ladder.slug;
      if (!ladder) return;
      setRail(ladder);
      setChosen((before) => (before[ladder] === slug ? before : { ...before, [ladder]: slug }));
      const element = elements.current.get(slug);
      if (element) element.focus();
      else focusNext.current = slug;
    },
    [ladders],
  );
  useEffect(() => {
    if (focusNext.current === null) return;
    elements.current.get(focusNext.current)?.focus();
    focusNext.current = null;
  });

  const place = async (slug: string, side: Side, reason = '') => {
    if (replay) return;
    const entry = ladders.find((one) => one.ladder.rungs.some((other) => other.slug === slug));
    const target = entry?.ladder.rungs.find((other) => other.slug === slug);
    if (!entry || !target) return;
    const open = side === 'both' ? target.openLeft && target.openRight : side === 'left' ? target.openLeft : target.openRight;
    if (!open || (side !== 'both' && target.sidedness === 'both')) return;
    if (entry.ladder.stands.some((stand) => stand.stopped) && reason === '') return setReopening({ rung: slug, side });
    if (entry.ladder.stands.some((stand) => stand.rung === slug && stand.side === side && !stand.stopped)) return;
    // The same move twice is one; another move need not wait for it.
    const move = `${slug} ${side}`;
    if (sending.current.has(move)) return;
    sending.current.add(move);
    const path = { person: person.id };
    const { data, error } = await http.POST('/api/people/{person}/placements', {
      params: { path },
      body: { id: newId(), rung: slug, side, reason },
    });
    sending.current.delete(move);
    if (error || !data) {
      const refusal = error;
      setProblem(sentenceOf(refusal));
      return;
    }
    setProblem(null);
    setReopening(null);
    savedNow();
    undo.current = () => {
      undo.current = null;
      void http
        .DELETE('/api/people/{person}/placements/{placement}', { params: { path: { ...path, placement: data.placement } } })
        .then(refresh);
      toast('Taken back.');
    };
    toast(data.sentence, { action: { label: 'Take back (U)', onClick: () => undo.current?.() } });
    await refresh();
    // From a button of the pane the keyboard goes back to the rung; whoever has walked on stays there.
    if (document.activeElement?.getAttribute('role') !== 'option') go(slug);
  };
  const placeHere = (side: Side) => rung && void place(rung.slug, side);

  const press = (event: KeyboardEvent) => {
    if (!active || !rung || event.altKey || event.ctrlKey || event.metaKey) return;
    if ((event.target as HTMLElement).getAttribute('role') !== 'option') return;
    const rungs = active.ladder.rungs;
    const at = rungs.findIndex((other) => other.slug === rung.slug);
    const step = (index: number) => {
      const next = rungs[Math.max(0, Math.min(rungs.length - 1, index))];
      if (next) go(next.slug);
    };
    const across = (by: number) => {
      const index = ladders.findIndex((entry) => entry.ladder.slug === activeSlug) + by;
      const next = ladders[(index + ladders.length) % ladders.length];
      if (next) go(focusOf(next.ladder.slug));
    };
    const toDemand = (by: number) => {
      const index = demands.findIndex((demand) => demand.value === active.demand.value) + by;
      const next = demands[(index + demands.length) % demands.length];
      const ladder = next?.ladders.find((one) => one.stands.length > 0) ?? next?.ladders[0];
      if (ladder) go(focusOf(ladder.slug));
    };
    const moves: Record<string, () => void> = {
      ArrowUp: () => step(at + 1),
      ArrowDown: () => step(at - 1),
      Home: () => step(0),
      End: () => step(rungs.length - 1),
      ArrowRight: () => across(1),
      ArrowLeft: () => across(-1),
      PageDown: () => toDemand(1),
      PageUp: () => toDemand(-1),
      Enter: () => placeHere('both'),
      ' ': () => placeHere('both'),
    };
    const move = moves[event.key];
    if (!move) return;
    event.preventDefault();
    move();
  };

  const fold = (demand: string) => {
    const next = new Set(foldedByHand);
    if (next.has(demand)) next.delete(demand);
    else next.add(demand);
    setFolded(next);
    // The demand at hand can only be folded by walking on to the next one.
    if (demand === active?.demand.value) {
      const other = ladders.find((entry) => !next.has(entry.demand.value));
      if (other) go(focusOf(other.ladder.slug));
    }
  };
  const only = () => {
    const others = demands.map((demand) => demand.value).filter((value) => value !== active?.demand.value);
    setFolded(others.every((value) => foldedByHand.has(value)) ? new Set() : new Set(others));
  };

  // The rail at hand stays open while the path is played.
  const toggleReplay = () => {
    setRail(activeSlug);
    setReplay(replay ? null : { at: Number.MAX_SAFE_INTEGER, playing: false });
  };
  const goToMove = useCallback((at: number) => setReplay((before) => before && { ...before, at }), []);
  const playPath = useCallback((playing: boolean) => setReplay((before) => before && { ...before, playing }), []);

  useShortcuts([
    { key: 'l', label: 'left', run: () => placeHere('left') },
    { key: 'r', label: 'right', run: () => placeHere('right') },
    { key: 'u', label: 'take back', run: () => undo.current?.() },
    { key: 'f', label: 'fold', run: () => active && fold(active.demand.value) },
    { key: 'o', label: 'only this demand', run: only },
    { key: 't', label: 'table', run: () => setAsTable(!asTable) },
    { key: 'm', label: 'method', run: () => toMethod() },
    { key: 'h', label: 'history', run: () => toggleReplay() },
    { key: 'Escape', label: 'today', run: () => setReplay(null) },
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

  return (
    <>
      <main className="relative min-w-0 flex-1 overflow-auto px-3 pt-4 pb-2">
        <div className="mb-2 flex flex-wrap items-baseline gap-x-4 gap-y-1">
          <h1 className="text-3xl">Board</h1>
          {move ? (
            <p className="rounded-sm bg-ink px-2 text-lg text-ground">
              as it stood on {day(move.on)}
              {move.spreadText && (
                <>
                  {' '}
                  · spread <strong className="font-mono">{move.spreadText}</strong>
                </>
              )}
            </p>
          ) : (
            <Why title="Spread" reasons={board.data.spreadReason} className="text-lg text-ink2">
              {board.data.spreadText ? (
                <>
                  spread <strong className="font-mono text-ink">{board.data.spreadText}</strong>
                  {board.data.spreadBefore && board.data.spreadBefore !== board.data.spreadText && (
                    <>
                      {' '}
                      · four weeks ago <span className="font-mono">{board.data.spreadBefore}</span>
                    </>
                  )}
                </>
              ) : (
                'no spread yet'
              )}
            </Why>
          )}
          <span className="ml-auto flex flex-wrap items-baseline gap-x-3 text-ink2">
            {board.data.ruledOut > 0 && (
              <span>
                {board.data.ruledOut} rungs ruled out by{' '}
                <Link to={`/people/${person.id}/person`} className="underline underline-offset-4">
                  {person.limits.length > 0 ? `${person.limits.map((limit) => limit.label).join(', ')} and kit` : 'kit'}
                </Link>
              </span>
            )}
            {board.data.putAway > 0 && (
              <span>
                {board.data.putAway} put away by the{' '}
                <button type="button" className="underline underline-offset-4" onClick={toMethod}>
                  method
                </button>{' '}
                <Button look="quiet" aria-pressed={withPutAway} onClick={() => setWithPutAway(!withPutAway)}>
                  {withPutAway ? 'hide them' : 'show them'}
                </Button>
              </span>
            )}
          </span>
        </div>
        {narrow && !asTable && (
          <div className="mb-2 flex flex-wrap gap-1.5" role="group" aria-label="Demands">
            {demands.map((demand) => (
              <button
                key={demand.value}
                type="button"
                aria-pressed={demand.value === active?.demand.value}
                onClick={() => go(focusOf(demand.ladders[0]!.slug))}
                className={cx(
                  'min-h-11 rounded-md border px-2 text-sm',
                  demand.value === active?.demand.value ? 'border-ink bg-paper font-bold' : 'border-rail bg-sheet',
                  demand.weakest && 'text-rowan',
                )}
              >
                {titleOf(demand)} {demand.heightText && <span className="font-mono">{demand.heightText}</span>}
                {demand.weakest && ' ▾'}
              </button>
            ))}
          </div>
        )}
        {asTable ? (
          <BoardTable demands={demands} caption={`Board of ${person.name}`} onGo={(slug) => [setAsTable(false), go(slug)]} />
        ) : (
          <>
            {/* The keys of the board are handled here for all rails; each rung is an option of its rail's list. */}
            {/* eslint-disable-next-line jsx-a11y/no-static-element-interactions */}
            <div
              ref={area}
              onKeyDown={press}
              className={cx('overflow-y-hidden', narrow ? 'overflow-x-auto' : 'overflow-x-hidden')}
            >
              <Rails
                demands={narrow ? demands.filter((demand) => demand.value === active?.demand.value) : demands}
                folded={folded}
                active={activeSlug}
                length={length}
                spreadText={board.data.spreadText}
                focusOf={focusOf}
                onOpen={(slug) => go(focusOf(slug))}
                onFold={fold}
                onFocus={(ladder, slug) => {
                  setRail(ladder);
                  setChosen((before) => (before[ladder] === slug ? before : { ...before, [ladder]: slug }));
                }}
                onDrop={(slug, side) => {
                  go(slug);
                  void place(slug, side);
                }}
                rungRef={(slug) => (element) => {
                  if (element) elements.current.set(slug, element);
                  else elements.current.delete(slug);
                }}
              />
            </div>
            <div className="sr-only">
              <BoardTable demands={demands} caption={`Board of ${person.name}`} />
            </div>
          </>
        )}
        <p className="pt-1 text-sm text-ink2 max-lg:pb-40">
          <Button look="quiet" hotkey="T" onClick={() => setAsTable(!asTable)}>
            {asTable ? 'rails' : 'as a table'}
          </Button>
          {!narrow && !asTable && (
            <>
              <Button look="quiet" hotkey="O" onClick={only}>
                only {active?.demand.shortName}
              </Button>
              <Button look="quiet" hotkey="F" onClick={() => active && fold(active.demand.value)}>
                fold
              </Button>
            </>
          )}
          <Button look="quiet" hotkey="M" onClick={toMethod}>
            method
          </Button>
          <Button look="quiet" hotkey="H" aria-pressed={replay !== null} onClick={() => toggleReplay()}>
            history
          </Button>
        </p>
      </main>
      <Pane label={replay ? 'Path' : 'The rung in focus'}>
        {replay ? (
          moves ? (
            <PathPane
              moves={moves}
              at={Math.max(0, moveAt)}
              playing={replay.playing}
              onGo={goToMove}
              onPlay={playPath}
              onClose={() => setReplay(null)}
            />
          ) : (
            <Loading what="Reading the path" error={path.error} again={() => void path.refetch()} />
          )
        ) : (
          <>
            {problem && (
              <p role="alert" className="mb-3 font-semibold text-rowan">
                {problem}
              </p>
            )}
            {rung && active && (
              <RungPane
                person={person.id}
                setUp={board.data?.setUps.find((one) => one.rung === rung.slug)}
                demand={active.demand.shortName}
                ladder={active.ladder}
                rung={rung}
                onPlace={placeHere}
                onGo={go}
              />
            )}
          </>
        )}
      </Pane>
      <Dialog open={reopening !== null} onClose={() => setReopening(null)} title="Reopen this ladder">
        <p>
          It was stopped after pain. Say why it is opened again; the reason is kept with the move. Local rules and the advice of a
          licensed professional come first.
        </p>
        <form
          className="grid gap-4"
          onSubmit={(event) => {
            event.preventDefault();
            const reason = formText(event.currentTarget)('reason');
            if (reopening && reason.trim() !== '') void place(reopening.rung, reopening.side, reason.trim());
          }}
        >
          <TextField label="Reason" name="reason" required maxLength={300} autoComplete="off" />
          <div>
            <Button look="next" type="submit" hotkey="Enter">
              Reopen and place
            </Button>
          </div>
        </form>
      </Dialog>
    </>
  );
}
