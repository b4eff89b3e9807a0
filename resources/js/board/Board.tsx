import { useCallback, useEffect, useMemo, useRef, useState, type KeyboardEvent } from 'react';
import { Link } from 'react-router';
import { toast } from 'sonner';
import { api, http, newId, refusalOf } from '@/api/client';
import { useShortcuts } from '@/frame/keys';
import { Pane } from '@/frame/Pane';
import { Why } from '@/frame/reason';
import { savedNow } from '@/frame/saving';
import { usePerson, useRefresh } from '@/frame/usePerson';
import { Button } from '@/ui/Button';
import { cx } from '@/ui/cx';
import { DemandGlyph } from '@/ui/DemandGlyph';
import { Dialog } from '@/ui/Dialog';
import { TextField } from '@/ui/Field';
import { formText } from '@/ui/formText';
import { Loading } from '@/ui/Loading';
import { yOf } from './geometry';
import { Rail } from './Rail';
import { RungPane } from './RungPane';

type Side = 'both' | 'left' | 'right';

/** The board: one rail for each ladder, rungs at their height, and where the person stands. */
export function Board() {
  const person = usePerson();
  const refresh = useRefresh();
  const board = api.useQuery('get', '/api/people/{person}/board', { params: { path: { person: person.id } } });
  const ladders = useMemo(
    () => board.data?.demands.flatMap((demand) => demand.ladders.map((ladder) => ({ demand, ladder }))) ?? [],
    [board.data],
  );
  const [chosen, setChosen] = useState<Record<string, string>>({});
  const [rail, setRail] = useState<string | null>(null);
  const sending = useRef(new Set<string>());
  const [reopening, setReopening] = useState<Side | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const undo = useRef<(() => void) | null>(null);
  const elements = useRef(new Map<string, HTMLDivElement>());
  const area = useRef<HTMLDivElement>(null);
  const [length, setLength] = useState(520);

  useEffect(() => {
    const box = area.current;
    if (!box) return;
    const fit = () => setLength(Math.max(470, window.innerHeight - box.getBoundingClientRect().top - 64));
    fit();
    window.addEventListener('resize', fit);
    return () => window.removeEventListener('resize', fit);
  }, [board.isSuccess]);

  // Where the keyboard enters a rail: the chosen rung, else the working one, else the lowest that is open.
  const focusOf = useCallback(
    (slug: string): string => {
      const ladder = ladders.find((entry) => entry.ladder.slug === slug)?.ladder;
      if (!ladder) return '';
      const lowestOpen = ladder.rungs.find((rung) => rung.openLeft || rung.openRight) ?? ladder.rungs[0];
      return chosen[slug] ?? ladder.stands[0]?.rung ?? lowestOpen?.slug ?? '';
    },
    [ladders, chosen],
  );
  const weakest = ladders.find((entry) => entry.demand.weakest)?.ladder.slug;
  const activeSlug = rail ?? weakest ?? ladders[0]?.ladder.slug ?? '';
  const active = ladders.find((entry) => entry.ladder.slug === activeSlug);
  const rung = active?.ladder.rungs.find((other) => other.slug === focusOf(activeSlug));

  const go = useCallback((slug: string) => elements.current.get(slug)?.focus(), []);

  const place = async (side: Side, reason = '') => {
    if (!rung || !active) return;
    const open = side === 'both' ? rung.openLeft && rung.openRight : side === 'left' ? rung.openLeft : rung.openRight;
    if (!open || (side !== 'both' && rung.sidedness === 'both')) return;
    if (active.ladder.stands.some((stand) => stand.stopped) && reason === '') return setReopening(side);
    if (active.ladder.stands.some((stand) => stand.rung === rung.slug && stand.side === side && !stand.stopped)) return;
    // The same move twice is one; another move need not wait for it.
    const move = `${rung.slug} ${side}`;
    if (sending.current.has(move)) return;
    sending.current.add(move);
    const path = { person: person.id };
    const { data, error } = await http
      .POST('/api/people/{person}/placements', { params: { path }, body: { id: newId(), rung: rung.slug, side, reason } })
      .catch((failed: unknown) => ({ data: undefined, error: failed }));
    sending.current.delete(move);
    if (error || !data) {
      const refusal = refusalOf(error);
      setProblem(Object.values(refusal.fields)[0]?.[0] ?? refusal.sentence);
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
    if (document.activeElement?.getAttribute('role') !== 'option') go(rung.slug);
  };

  const press = (event: KeyboardEvent) => {
    if (!active || !rung || event.altKey || event.ctrlKey || event.metaKey) return;
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
    const moves: Record<string, () => void> = {
      ArrowUp: () => step(at + 1),
      ArrowDown: () => step(at - 1),
      Home: () => step(0),
      End: () => step(rungs.length - 1),
      ArrowRight: () => across(1),
      ArrowLeft: () => across(-1),
      Enter: () => void place('both'),
      ' ': () => void place('both'),
    };
    const move = moves[event.key];
    if (!move) return;
    event.preventDefault();
    move();
  };

  useShortcuts([
    { key: 'l', label: 'left', run: () => void place('left') },
    { key: 'r', label: 'right', run: () => void place('right') },
    { key: 'u', label: 'take back', run: () => undo.current?.() },
  ]);

  if (!board.data) return <Loading what="Setting up the rails" error={board.error} again={() => void board.refetch()} />;
  const compared = board.data.demands
    .filter((demand) => demand.height !== null && !demand.toppedOut)
    .map((demand) => demand.height ?? 0);
  const top = Math.max(...compared);
  const bottom = Math.min(...compared);

  return (
    <>
      <main className="relative min-w-0 flex-1 overflow-auto px-4 pt-4 pb-2">
        <div className="mb-3 flex flex-wrap items-baseline gap-x-4 gap-y-1">
          <h1 className="text-3xl">Board</h1>
          <Why title="Spread" reasons={board.data.spreadReason} className="text-lg text-ink2">
            {board.data.spreadText ? (
              <>
                spread <strong className="font-mono text-ink">{board.data.spreadText}</strong>
              </>
            ) : (
              'no spread yet'
            )}
          </Why>
          <span className="ml-auto text-ink2">
            {board.data.ruledOut > 0 && (
              <>
                {board.data.ruledOut} rungs ruled out by{' '}
                <Link to={`/people/${person.id}/person`} className="underline underline-offset-4">
                  {person.limits.length > 0 ? `${person.limits.map((limit) => limit.label).join(', ')} and kit` : 'kit'}
                </Link>
              </>
            )}
          </span>
        </div>
        <div className="flex min-w-190 gap-2">
          <div className="w-6 shrink-0" />
          {ladders.map(({ demand, ladder }) => (
            <div key={ladder.slug} className="min-w-0 flex-1 text-center">
              <h2 className="text-lg leading-tight">
                <DemandGlyph demand={demand.value} /> {demand.shortName.charAt(0).toUpperCase() + demand.shortName.slice(1)}{' '}
                {demand.heightText && <span className="font-mono text-base font-normal">{demand.heightText}</span>}
              </h2>
              <p className={cx('text-sm', demand.weakest ? 'font-bold text-rowan' : 'text-ink2')}>
                {demand.weakest
                  ? `▾ weakest, ${board.data.spreadText} below`
                  : demand.nothingFits
                    ? 'nothing fits: left open'
                    : demand.toppedOut
                      ? 'topped out'
                      : ladder.name}
              </p>
            </div>
          ))}
        </div>
        {/* The keys of the board are handled here for all rails; each rung is an option of its rail's list. */}
        {/* eslint-disable-next-line jsx-a11y/no-static-element-interactions */}
        <div ref={area} onKeyDown={press} className="relative flex min-w-190 gap-2">
          <div aria-hidden="true" className="relative w-6 shrink-0 text-sm text-ink3" style={{ height: length + 28 }}>
            {[1, 3, 5, 7, 9].map((height) => (
              <span key={height} className="absolute right-1 font-mono" style={{ top: yOf(height * 10, length) + 4 }}>
                {height}
              </span>
            ))}
          </div>
          {compared.length > 1 && top > bottom && (
            <div
              aria-hidden="true"
              className="pointer-events-none absolute right-0 left-7 rounded-sm bg-band"
              style={{ top: yOf(top, length) + 14, height: yOf(bottom, length) - yOf(top, length) }}
            />
          )}
          {ladders.map(({ demand, ladder }) => (
            <div
              key={ladder.slug}
              className={cx(
                'relative min-w-0 flex-1 rounded-md border',
                ladder.slug === activeSlug ? 'border-ink bg-paper/60' : 'border-transparent',
              )}
            >
              {demand.height !== null && (
                <div
                  aria-hidden="true"
                  className="pointer-events-none absolute left-0 h-0.5 w-14 bg-rowan"
                  style={{ top: yOf(demand.height, length) + 12 }}
                />
              )}
              <Rail
                ladder={ladder}
                length={length}
                focus={focusOf(ladder.slug)}
                active={ladder.slug === activeSlug}
                onFocus={(slug) => {
                  setRail(ladder.slug);
                  setChosen((before) => (before[ladder.slug] === slug ? before : { ...before, [ladder.slug]: slug }));
                }}
                rungRef={(slug) => (element) => {
                  if (element) elements.current.set(slug, element);
                  else elements.current.delete(slug);
                }}
              />
            </div>
          ))}
        </div>
      </main>
      <Pane label="The rung in focus">
        {problem && (
          <p role="alert" className="mb-3 font-semibold text-rowan">
            {problem}
          </p>
        )}
        {rung && active && (
          <RungPane
            demand={active.demand.shortName}
            ladder={active.ladder}
            rung={rung}
            onPlace={(side) => void place(side)}
            onGo={go}
          />
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
            if (reopening && reason.trim() !== '') void place(reopening, reason.trim());
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
