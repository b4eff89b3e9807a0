import { useCallback, useEffect, useRef, useState, type KeyboardEvent, type Ref } from 'react';
import { isClosed, workingRung, type BoardDemand } from '@/frame/boardModel';
import type { OnBoard } from './usePlacing';

/** Where the eye and the keyboard are on the board: the rail at hand, a rung of it, and the demands folded away. */
export function useBoardFocus(demands: BoardDemand[], ladders: OnBoard[]) {
  const [chosen, setChosen] = useState<Record<string, string>>({});
  const [rail, setRail] = useState<string | null>(null);
  const [foldedByHand, setFolded] = useState<ReadonlySet<string>>(new Set());
  const elements = useRef(new Map<string, HTMLDivElement>());
  const focusNext = useRef<string | null>(null);

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
  const rungRef =
    (slug: string): Ref<HTMLDivElement> =>
    (element) => {
      if (element) elements.current.set(slug, element);
      else elements.current.delete(slug);
    };
  /** The rail at hand stays open, whatever the board shows next. */
  const stayHere = () => setRail(activeSlug);

  return { active, activeSlug, rung, focusOf, foldedByHand, go, press, fold, only, focus, rungRef, stayHere };
}

/** The room the rails have, followed as the window changes. */
export function useRoom(ready: unknown) {
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
  }, [ready]);
  return { area, room };
}
