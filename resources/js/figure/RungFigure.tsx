import { useQuery } from '@tanstack/react-query';
import { useMemo, type ComponentProps } from 'react';
import { api, type Schemas } from '@/api/client';
import { drawnOnce, figuresOf, ladderOf } from './asked';
import { Figure } from './Figure';
import { MovingFigure } from './MovingFigure';

export function useFigure(rung: string | undefined): Schemas['Figure'] | undefined {
  const ladder = ladderOf(rung ?? '');
  const { data } = useQuery({ ...figuresOf(ladder), enabled: ladder !== '' });
  return useMemo(() => data?.figures.find((one) => one.rung === rung)?.figure, [data, rung]);
}

/** The faults of a rung that can be drawn, one of each kind; none until they are there. */
export function useFaults(slug: string): Schemas['DrawnFault'][] {
  const [ladder = '', rung = ''] = slug.split('/');
  const { data } = api.useQuery('get', '/api/figures/{ladder}/{rung}', { params: { path: { ladder, rung } } }, drawnOnce);
  return data?.faults ?? [];
}

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
