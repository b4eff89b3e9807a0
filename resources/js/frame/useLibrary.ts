import { useMemo } from 'react';
import { api, type Schemas } from '@/api/client';

export interface Library {
  ladders: Map<string, Schemas['LibraryLadderView']>;
  rungs: Map<string, Schemas['RungView']>;
}

/** The ladders with all their texts and figures: read once, since they change only with the method or the library itself. */
export function useLibrary() {
  const { data, error, refetch } = api.useQuery('get', '/api/library', {}, { staleTime: Infinity, gcTime: Infinity });
  const library = useMemo<Library | undefined>(
    () =>
      data && {
        ladders: new Map(data.ladders.map((ladder) => [ladder.slug, ladder])),
        rungs: new Map(data.ladders.flatMap((ladder) => ladder.rungs.map((rung) => [rung.slug, rung] as const))),
      },
    [data],
  );
  return { library, error, again: () => void refetch() };
}
