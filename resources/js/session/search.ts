import { isClosed, type BoardDemand, type BoardLadder, type BoardRung } from '@/frame/boardModel';
import { wordsOf } from '@/frame/words';

export interface Found {
  rung: BoardRung;
  ladder: BoardLadder;
  stands: boolean;
  /** stands far above where the person was clean */
  far: boolean;
}

export const seen = (rung: BoardRung, ladder: BoardLadder): Found => ({
  rung,
  ladder,
  stands: ladder.stands.some((stand) => stand.rung === rung.slug),
  far: ladder.farAbove !== null && rung.height > ladder.farAbove,
});

const says = (words: string[], typed: string[]): boolean => typed.every((part) => words.some((word) => word.startsWith(part)));

/** 0 where a name of the rung begins with what was typed, 1 where its names have every word, 2 with its ladder’s; null where not. */
function fit(rung: BoardRung, ladder: BoardLadder, typed: string[]): number | null {
  const names = [rung.name, rung.shortName, ...rung.alsoCalled].map(wordsOf);
  if (names.some((name) => typed.every((part, at) => name[at]?.startsWith(part)))) return 0;
  if (names.some((name) => says(name, typed))) return 1;
  return says([...names.flat(), ...wordsOf(ladder.name), ...wordsOf(ladder.shortName)], typed) ? 2 : null;
}

/**
 * Rungs whose words begin like the typed ones, every one of them: what is not said is not found. Names that begin so come
 * first, then the rung the person stands on (or the one that is swapped) and its neighbours, then the lower ones.
 */
export function search(demands: BoardDemand[], text: string, near: string | null = null): Found[] {
  const typed = wordsOf(text);
  const found = demands
    .flatMap((demand) => demand.ladders)
    .flatMap((ladder) => {
      const centres = ladder.rungs.flatMap((rung, at) =>
        rung.slug === near || ladder.stands.some((stand) => stand.rung === rung.slug) ? [at] : [],
      );
      return ladder.rungs.flatMap((rung, at) => {
        const fits = fit(rung, ladder, typed);
        if (fits === null) return [];
        const away = centres.length === 0 ? Infinity : Math.min(...centres.map((centre) => Math.abs(at - centre)));
        return [{ found: seen(rung, ladder), order: [isClosed(rung) ? 1 : 0, fits, Math.min(away, 2), rung.height] }];
      });
    });
  const compare = (one: number[], other: number[]): number => {
    const at = one.findIndex((value, index) => value !== other[index]);
    return at < 0 ? 0 : (one[at] ?? 0) - (other[at] ?? 0);
  };
  return found.sort((one, other) => compare(one.order, other.order)).map((one) => one.found);
}
