import { execFileSync } from 'node:child_process';
import { describe, expect, it } from 'vitest';
import { forceOf, piecesAt, startOf, viewOf, waysOf, type FigureData, type Point } from '@/figure/drawing';

interface Drawn {
  rung: string;
  figure: FigureData;
  still: { force: Point[]; pieces: { tone: string; outline: Point[] }[]; ways: Point[][] };
}

/** What core draws on paper, for every rung of every ladder as the app ships it. */
const drawn = (): Drawn[] =>
  JSON.parse(
    execFileSync(
      'php',
      [
        '-r',
        `
        require 'vendor/autoload.php';
        $out = [];
        foreach (json_decode(file_get_contents('library/figures.json'), true) as $plan => ['figure' => $f]) {
            $kit = array_map(fn ($k) => new EvenRungs\\Figure\\KitFrames($k['tone'], $k['radii'], $k['frames']), $f['kit']);
            $figure = new EvenRungs\\Figure\\Figure($f['view'], $f['side'], $f['frames'], $kit, $f['shadow'], $f['force']);
            $out[] = ['rung' => $plan, 'figure' => $figure, 'still' => EvenRungs\\Figure\\Drawing::still($figure)];
        }
        echo json_encode($out);
        `,
      ],
      { maxBuffer: 2e8 },
    ).toString(),
  ) as Drawn[];

describe('the picture on paper', () => {
  it('has the outlines of the screen in the same order and tones, within half a unit, on all rungs', () => {
    const figures = drawn();
    expect(figures.length).toBeGreaterThan(200);
    const apart = figures.flatMap(({ rung, figure, still }) => {
      const view = viewOf(figure);
      const pieces = piecesAt(figure, 1, view);
      const screen = [pieces[0]!, ...startOf(figure, view), ...pieces.slice(1)];
      const tones = screen.map((piece) => piece.tone).join() === still.pieces.map((piece) => piece.tone).join();
      const off = (a: Point[], b: Point[]) =>
        a.length !== b.length || a.some(([x, y], at) => Math.hypot(x - b[at]![0], y - b[at]![1]) > 0.5);
      return [
        ...(tones ? [] : [`${rung}: tones`]),
        ...screen
          .filter((piece, at) => off(piece.outline, still.pieces[at]?.outline ?? []))
          .map((piece) => `${rung}: ${piece.tone}`),
        ...(off(forceOf(figure, view), still.force) ? [`${rung}: force`] : []),
        ...(waysOf(figure, view).length === still.ways.length ? [] : [`${rung}: ways`]),
      ];
    });
    expect(apart).toEqual([]);
  });
});
