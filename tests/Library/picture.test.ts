import { execFileSync } from 'node:child_process';
import { describe, expect, it } from 'vitest';
import { motionOf, waysOf, type FigureData } from '@/figure/motion';

interface Drawn {
  rung: string;
  figure: FigureData;
  /** joints at start, half-way and end, as [x, y] */
  at: Record<string, [number, number]>[];
  ways: number;
}

/** What core draws on paper, for every rung of every ladder. */
const drawn = (): Drawn[] =>
  JSON.parse(
    execFileSync(
      'php',
      [
        '-r',
        `
        require 'vendor/autoload.php';
        use Symfony\\Component\\Yaml\\Yaml;
        $poses = EvenRungs\\Figure\\Poses::of(Yaml::parseFile('library/poses.yaml'));
        $out = [];
        foreach (glob('library/ladders/*.yaml') as $file) {
            foreach (EvenRungs\\Ladder\\LadderReader::read(Yaml::parseFile($file), $poses)->rungs as $rung) {
                $motion = new EvenRungs\\Figure\\Motion($rung->figure());
                $out[] = ['rung' => $rung->slug, 'figure' => $rung->figure(), 'ways' => count($motion->ways()), 'at' => array_map(fn ($part) => array_map(fn ($point) => [$point->x, $point->y], $motion->at($part)->joints), [0, 0.5, 1])];
            }
        }
        echo json_encode($out);
        `,
      ],
      { maxBuffer: 1e8 },
    ).toString(),
  ) as Drawn[];

describe('the picture on paper', () => {
  it('has every joint where the screen has it, within half a unit, on all rungs', () => {
    const rungs = drawn();
    expect(rungs.length).toBeGreaterThan(200);
    const apart = rungs.flatMap(({ rung, figure, at }) => {
      const motion = motionOf(figure);
      return [0, 0.5, 1].flatMap((part, index) => {
        const body = motion(part);
        return Object.entries(at[index] ?? {})
          .filter(([joint, [x, y]]) => Math.hypot(body[joint as 'hip'].x - x, body[joint as 'hip'].y - y) > 0.5)
          .map(([joint]) => `${rung} ${joint} at ${part}`);
      });
    });
    expect(apart).toEqual([]);
    expect(rungs.filter(({ figure, ways }) => waysOf(figure).length !== ways).map(({ rung }) => rung)).toEqual([]);
  });
});
