<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Library\Figures;
use App\Library\LibraryFiles;
use EvenRungs\Body\Demand;
use EvenRungs\Ladder\Ladder;
use EvenRungs\Ladder\Lever;
use EvenRungs\Ladder\Rung;
use EvenRungs\Statics\Agreement;
use EvenRungs\Statics\Declared;
use EvenRungs\Statics\Hardness;
use Illuminate\Console\Command;

/** The heights of the library beside what is computed, ladder by ladder. */
final class WriteHardness extends Command
{
    /** Where the step is one of these, a higher rung ought to resist more. */
    private const MEASURED = [Lever::LeverArm, Lever::Range, Lever::Load, Lever::AssistanceRemoved];

    /** N·m below which two rungs resist alike. */
    private const ALIKE = 5;

    private const DEMANDS = [Demand::AntiExtension, Demand::AntiFlexion, Demand::AntiLateralFlexion, Demand::AntiRotation];

    /** Why a step stands higher although less is resisted at rest; our own judgement. */
    private const REASONS = [
        'front-plank/ball-circles' => 'Both forearms carry again; what is added is a support that moves.',
        'rollout/standing-to-wall' => 'The wall ends the way early; coming back unaided is what is added.',
        'side-bridge/top-foot-bench' => 'The inner thigh of the upper leg carries, which is no moment at the low back.',
        'carry/one-side-shoulder' => 'Much less is held at the shoulder than low.',
        'carry/two-hand-overhead' => 'Two weights balance each other; holding the arms up is what is added.',
        'all-fours/leg-slide' => 'At the wall below the trunk leans forward; on hands and knee it is bent backward instead.',
        'prone-extension/reverse-straight' => 'Face up on the hands the support is close to the low back; the long legs load the hips.',
        'hinge/one-side-floor' => 'Half of the weight below; bending to the side is what is added.',
        'press-out/corner-bar-arc' => 'The bar weighs forward; its turning is speed, which a still model does not know.',
        'floor-anti-rotation/taps-bench' => 'Raised hands carry less than in the hover below; the longer body bends to the side instead.',
        'floor-anti-rotation/drag' => 'The pull of what is dragged is not in a still model.',
    ];

    protected $signature = 'library:hardness';

    protected $description = 'Writes docs/hardness.md: what each rung asks of the low back, and how well heights follow it';

    public function handle(LibraryFiles $files, Figures $figures): int
    {
        file_put_contents(base_path('docs/hardness.md'), self::page($files, $figures));
        $this->info('docs/hardness.md is written.');

        return self::SUCCESS;
    }

    public static function page(LibraryFiles $files, Figures $figures): string
    {
        $lines = [
            '# How hard each rung is at the low back', '',
            'Written by `php artisan library:hardness`; do not edit it here. N·m resisted at rest, the highest of the movement, of somebody of 1.70 m and 70 kg. Heights are our own judgement; where the lever is arm, range, load or less assistance they ought to follow these figures. Kendall’s tau says how far they do; steps that go the other way by more than '.self::ALIKE.' N·m are marked ▽, with the reason. “Its demand” says where the declared one stands among the four changes from the neutral pose of the position, where it starts and ends.', '',
        ];
        $marked = $steps = $rungs = 0;
        foreach ($files->shelf()->library()->ladders() as $ladder) {
            [$rows, $pairs, $against, $counted] = self::ladder($ladder, $figures);
            $marked += $against;
            $steps += $counted;
            $rungs += count($pairs);
            $lines[] = "## {$ladder->name}";
            $lines[] = '';
            $lines[] = self::says($ladder, Agreement::tau($pairs), count($pairs), $against, $counted);
            $lines[] = '';
            $lines[] = '| height | rung | backward | forward | sideways | turning | its demand | |';
            $lines[] = '| --- | --- | --- | --- | --- | --- | --- | --- |';
            $lines = [...$lines, ...$rows, ''];
        }
        $lines[] = "In all {$marked} of {$steps} steps by arm, range, load or less assistance go the other way: {$marked} of {$rungs} measured rungs.";
        $lines[] = '';

        return implode("\n", $lines);
    }

    private static function says(Ladder $ladder, ?float $tau, int $measured, int $against, int $counted): string
    {
        return match (true) {
            ! in_array($ladder->rungs[0]->demand, self::DEMANDS, true) => 'Its demand is no moment at the low back.',
            $tau === null => 'Too few rungs are measured for a tau.',
            default => sprintf('Kendall’s tau %.2f over %d measured rungs; %d of %d such steps go the other way.', $tau, $measured, $against, $counted),
        };
    }

    /** @return array{list<string>, list<array{int, int}>, int, int} rows, heights with what is resisted, steps that go the other way, and steps in all */
    private static function ladder(Ladder $ladder, Figures $figures): array
    {
        [$rows, $pairs, $against, $counted, $last] = [[], [], 0, 0, null];
        foreach ($ladder->rungs as $rung) {
            $hard = $figures->hardness($rung->plan());
            $isMeasured = $hard->unmeasured === null && in_array($rung->demand, self::DEMANDS, true);
            $resists = $hard->demand($rung->demand);
            $isStep = $isMeasured && $last !== null && in_array($rung->lever, self::MEASURED, true);
            $isAgainst = $isStep && $resists < $last - self::ALIKE;
            [$against, $counted] = [$against + ($isAgainst ? 1 : 0), $counted + ($isStep ? 1 : 0)];
            $rows[] = self::row($rung, $hard, $isAgainst, $isMeasured ? Declared::rank($rung->demand, $figures->changes($rung->plan()) ?? $hard->highest) : null);
            if ($isMeasured) {
                $pairs[] = [$rung->height->tenths, $resists];
                $last = $resists;
            }
        }

        return [$rows, $pairs, $against, $counted];
    }

    private static function row(Rung $rung, Hardness $hard, bool $isAgainst, ?int $rank): string
    {
        $figures = $hard->unmeasured === null ? implode(' | ', $hard->highest) : '– | – | – | –';
        $says = match ($hard->unmeasured) {
            'lying' => 'the floor carries the trunk',
            'unsteady' => 'cannot be kept at rest',
            null => $isAgainst ? '▽ '.(self::REASONS[$rung->slug] ?? '') : '',
        };

        return "| {$rung->height->label()} | {$rung->name} | {$figures} | ".['', 'most', 'second', 'third', 'least'][$rank ?? 0]." | {$says} |";
    }
}
