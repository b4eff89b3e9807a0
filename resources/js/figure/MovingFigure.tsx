import { useEffect, useState } from 'react';
import type { Schemas } from '@/api/client';
import { Figure } from './Figure';
import type { FigureData } from './drawing';
import { partAt } from './tempo';

/** A figure that goes from start to end and back at the tempo of its rung; still where motion is reduced or not wanted. */
export function MovingFigure({
  figure,
  tempo,
  moving,
  label,
  mirrored = false,
  turnable = false,
  className,
}: {
  figure: FigureData | undefined;
  tempo: Schemas['CuePhase'][];
  moving: boolean;
  label?: string;
  mirrored?: boolean;
  turnable?: boolean;
  className?: string;
}) {
  const [part, setPart] = useState<number | undefined>(undefined);
  const reduced = typeof window.matchMedia === 'function' && window.matchMedia('(prefers-reduced-motion: reduce)').matches;
  const runs = moving && !reduced && (figure?.frames.length ?? 1) > 1;

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
      turnable={turnable}
      {...(label !== undefined && { label })}
      {...(runs && part !== undefined && { part })}
      {...(className !== undefined && { className })}
    />
  );
}
