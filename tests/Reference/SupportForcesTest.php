<?php

declare(strict_types=1);

namespace Tests\Reference;

use EvenRungs\Figure\Pose;
use EvenRungs\Figure\Setting;
use EvenRungs\Figure\Solver;
use EvenRungs\Figure\Stood;
use EvenRungs\Figure\Support;
use EvenRungs\Statics\Push;
use EvenRungs\Statics\Rest;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Symfony\Component\Process\Process;

/** Forces on supports beside an independent solver: Goldfarb and Idnani 1983, Math Programming 27:1–33, as the npm package quadprog. */
final class SupportForcesTest extends TestCase
{
    private const WANTED = 50;

    public function test_support_forces_of_fifty_random_poses_are_those_of_an_independent_solver(): void
    {
        $random = new Randomizer(new Mt19937(18));
        $solver = new Solver;
        $setting = Setting::of([]);
        [$rests, $problems] = [[], []];
        for ($tried = 0; count($rests) < self::WANTED && $tried < 200; $tried++) {
            $stood = $solver->stand(Pose::of(self::pose($random)), $setting);
            $rest = Rest::of($stood, $setting);
            if ($stood->amiss === [] && $rest->off < 1e-6) {
                $rests[] = $rest;
                $problems[] = json_encode(self::problem($stood), JSON_THROW_ON_ERROR);
            }
        }
        self::assertCount(self::WANTED, $rests);

        $process = new Process(['node', 'tests/Reference/least-forces.mjs'], dirname(__DIR__, 2));
        $process->setInput(implode("\n", $problems));
        $process->mustRun();
        foreach (array_filter(explode("\n", $process->getOutput())) as $at => $line) {
            /** @var array{forces: list<float>, message: string} $solved */
            $solved = json_decode($line, true, 512, JSON_THROW_ON_ERROR);
            self::assertSame('', $solved['message']);
            foreach ($rests[$at]->supports as $which => [$spot, , $force]) {
                foreach ($force as $axis => $part) {
                    self::assertEqualsWithDelta($solved['forces'][3 * $which + $axis], $part, 0.0005, "pose {$at}, {$spot->name()}");
                }
            }
        }
    }

    /** @return array<string, mixed> a plank, all fours, a bridge, a squat or a half kneeling, never twice the same */
    private static function pose(Randomizer $random): array
    {
        $about = static fn(int $middle, int $wide): int => $middle + $random->getInt(-$wide, $wide);

        return match ($random->getInt(0, 4)) {
            0 => ['lies' => 'prone', 'tilt' => -10, 'shoulder' => [$about(80, 10), $about(8, 8)], 'elbow' => $about(88, 10), 'hip' => [0, $about(8, 7)], 'on' => ['forearms', 'toes']],
            1 => ['lies' => 'prone', 'shoulder' => [$about(86, 8), $about(6, 6)], 'wrist' => 86, 'hip' => [$about(88, 10), $about(8, 6)], 'knee' => 88, 'ankle' => -50, 'on' => ['palms', 'shins']],
            2 => ['lies' => 'prone', 'tilt' => -14, 'shoulder' => [$about(74, 6), $about(8, 8)], 'wrist' => 86, 'hip' => [0, $about(8, 7)], 'on' => ['palms', 'toes']],
            3 => ['tilt' => $about(28, 10), 'hip' => [$about(80, 15), $about(14, 8)], 'knee' => $about(90, 15), 'ankle' => 16, 'shoulder' => [90, 0], 'on' => ['feet']],
            default => ['left' => ['hip' => [88, $about(10, 6)], 'knee' => 88], 'right' => ['hip' => [$about(-4, 4), 6], 'knee' => 86, 'ankle' => -46], 'on' => ['left-foot', 'right-shin']],
        };
    }

    /** @return array{places: list<array{float, float, float}>, needed: list<float>, friction: float} */
    private static function problem(Stood $stood): array
    {
        [, $centre] = $stood->body->mass();
        $places = array_map(static function (Support $support) use ($stood, $centre): array {
            [$x, $y, $z] = $stood->contact($support);

            return [$x - $centre[0], $y - $centre[1], $z - $support->spot->contact->radius() - $centre[2]];
        }, $stood->supports);

        return ['places' => $places, 'needed' => [0, 0, 1, 0, 0, 0], 'friction' => Push::FRICTION];
    }
}
