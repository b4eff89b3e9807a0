import { useMemo, type ComponentProps } from 'react';
import { api, type Schemas } from '@/api/client';
import { Figure } from './Figure';
import { MovingFigure } from './MovingFigure';

/** The figures of a ladder come when one of them is looked at, and stay. */
function useDrawn(rung: string | undefined): Schemas['RungFigureView'] | undefined {
  const ladder = rung?.split('/')[0] ?? '';
  const { data } = api.useQuery(
    'get',
    '/api/figures/{ladder}',
    { params: { path: { ladder } } },
    { enabled: ladder !== '', staleTime: Infinity, gcTime: Infinity },
  );
  return useMemo(() => data?.figures.find((one) => one.rung === rung), [data, rung]);
}

export const useFigure = (rung: string | undefined): Schemas['Figure'] | undefined => useDrawn(rung)?.figure;

/** The faults of a rung that can be drawn, one of each kind; none until they are there. */
export const useFaults = (rung: string | undefined): Schemas['DrawnFault'][] => useDrawn(rung)?.faults ?? [];

/** A rung of the library as it is drawn; it moves where a tempo is given. */
export function RungFigure({
  rung,
  tempo,
  moving = false,
  ...shown
}: Omit<ComponentProps<typeof Figure>, 'figure' | 'part'> & {
  /** Its slug. */
  rung: string;
  tempo?: Schemas['CuePhase'][];
  moving?: boolean;
}) {
  const figure = useFigure(rung);
  return tempo ? (
    <MovingFigure figure={figure} tempo={tempo} moving={moving} {...shown} />
  ) : (
    <Figure figure={figure} {...shown} />
  );
}
