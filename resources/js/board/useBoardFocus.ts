import { useCallback, useEffect, useLayoutEffect, useRef, useState, type KeyboardEvent } from 'react';
import { useSearchParams } from 'react-router';
import { isClosed, workingRung, type BoardDemand } from '@/frame/boardModel';
import type { OnBoard } from './usePlacing';

const ladderOf = (rung: string): string => rung.split('/')[0]!;

/** Where the eye and the keyboard are on the board: the rail at hand, a rung of it, and the demands folded away. */
export function useBoardFocus(demands: BoardDemand[], ladders: OnBoard[]) {
  // A rung that another view leads to; it is named by its ladder and itself.
  const [led] = useState(useSearchParams()[0].get('rung'));
  const [chosen, setChosen] = useState<Record<string, string>>(led === null ? {} : { [ladderOf(led)]: led });
  const [rail, setRail] = useState<string | null>(led && ladderOf(led));
  const [foldedByHand, setFolded] = useState<ReadonlySet<string>>(new Set());
  const elements = useRef(new Map<string, HTMLDivElement>());
  const focusNext = useRef<string | null>(led);

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
  // Read when it is called: what goes by it, as what is told of a rung does, is not drawn anew with each key.
  const now = useRef({ ladders, activeSlug });
  useLayoutEffect(() => {
    now.current = { ladders, activeSlug };
  });
  /** Brings the keyboard to a rung, opening its rail first where needed. */
  const go = useCallback((slug: string) => {
    const ladder = now.current.ladders.find((entry) => entry.ladder.rungs.some((other) => other.slug === slug))?.ladder.slug;
    if (!ladder) return;
    setRail(ladder);
    setChosen((before) => (before[ladder] === slug ? before : { ...before, [ladder]: slug }));
    // The names of a rail that is not open yet take no focus.
    const element = ladder === now.current.activeSlug ? elements.current.get(slug) : undefined;
    if (element) element.focus();
    else focusNext.current = slug;
  }, []);
  /** Opens a rail and brings the keyboard to where it enters it. */
  const open = useCallback((ladder: string) => {
    setRail(ladder);
    focusNext.current = ladder;
  }, []);
  // With the drawing that opens the rail, not after it: what is drawn later of an earlier key would find no such rung.
  useLayoutEffect(() => {
    const wanted = focusNext.current;
    if (wanted === null || elements.current.size === 0) return;
    elements.current.get(wanted.includes('/') ? wanted : focusOf(wanted))?.focus();
    focusNext.current = null;
  });

  /** Walks the board with the keys; Enter and Space place. */
  const press = (event: KeyboardEvent, place: () => void) => {
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
      Enter: () => place(),
      ' ': () => place(),
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

  const focus = useCallback((ladder: string, slug: string) => {
    setRail(ladder);
    setChosen((before) => (before[ladder] === slug ? before : { ...before, [ladder]: slug }));
  }, []);
  const label = useCallback((slug: string, element: HTMLDivElement | null) => {
    if (element) elements.current.set(slug, element);
    else elements.current.delete(slug);
  }, []);
  /** The rail at hand stays open, whatever the board shows next. */
  const stayHere = () => setRail(activeSlug);

  return { active, activeSlug, rung, focusOf, foldedByHand, go, open, press, fold, only, focus, label, stayHere };
}

/** What stands beside the rails on a wide window: the steps, the pane, the edge; and above and below them. */
const BESIDE = { steps: 144, pane: 304, edges: 24, above: 147, below: 248 };

/** The room the rails will have, so that the board is drawn once and not again when it has been measured. */
function expectedRoom() {
  const wide = window.matchMedia('(min-width: 64rem)').matches;
  return {
    width: window.innerWidth - BESIDE.edges - (wide ? BESIDE.steps + BESIDE.pane : 0),
    height: window.innerHeight - BESIDE.above - BESIDE.below,
  };
}

/** The room the rails have, followed as the window changes. */
export function useRoom(ready: unknown) {
  const area = useRef<HTMLDivElement>(null);
  const [room, setRoom] = useState(expectedRoom);
  useEffect(() => {
    const box = area.current;
    if (!box) return;
    const fit = () => {
      const [width, height] = [box.clientWidth, window.innerHeight - box.getBoundingClientRect().top - BESIDE.below];
      setRoom((before) => (before.width === width && before.height === height ? before : { width, height }));
    };
    const watch = new ResizeObserver(fit);
    watch.observe(box);
    window.addEventListener('resize', fit);
    return () => {
      watch.disconnect();
      window.removeEventListener('resize', fit);
    };
  }, [ready]);
  return { area, room };
}
