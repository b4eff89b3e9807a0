import { useEffect, useState } from 'react';
import type { Schemas } from '@/api/client';
import { Figure } from './Figure';
import type { FigureData } from './motion';
import { partAt } from './tempo';

/** A figure that goes from start to end and back at the tempo of its rung; still where motion is reduced or not wanted. */
export function MovingFigure({
  figure,
  tempo,
  moving,
  label,
  mirrored = false,
  className,
}: {
  figure: FigureData;
  tempo: Schemas['CuePhase'][];
  moving: boolean;
  label?: string;
  mirrored?: boolean;
  className?: string;
}) {
  const [part, setPart] = useState<number | undefined>(undefined);
  const reduced = typeof window.matchMedia === 'function' && window.matchMedia('(prefers-reduced-motion: reduce)').matches;
  const runs = moving && !reduced && figure.end !== null;

  useEffect(() => {
    if (!runs) return;
    const begun = performance.now();
    let frame = requestAnimationFrame(function draw(now) {
      setPart(partAt(tempo, (now - begun) / 1000));
      frame = requestAnimationFrame(draw);
    });
    return () => {
      cancelAnimationFrame(frame);
      setPart(undefined);
    };
  }, [runs, tempo]);

  return (
    <Figure
      figure={figure}
      mirrored={mirrored}
      {...(label !== undefined && { label })}
      {...(runs && part !== undefined && { part })}
      {...(className !== undefined && { className })}
    />
  );
}
