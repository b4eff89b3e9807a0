<?php

declare(strict_types=1);

namespace App\Http\Board;

use App\Library\Figures;
use EvenRungs\Body\Demand;
use EvenRungs\Figure\Setting;
use EvenRungs\Ladder\Library;
use EvenRungs\Ladder\Rung;
use EvenRungs\Statics\Beside;
use EvenRungs\Statics\Hardness;

/** A rung beside another, at the low back of one body. */
final readonly class HardnessPage
{
    /** What a side bridge is weighed against. */
    private const CARRY = 'carry/standing-hold';

    private const MODEL = 'At rest in each position, the highest of the movement. A still, rigid model: tension that pulls inside the body, balance and speed are not in it, and it says nothing about tissue or safety.';

    private const LABELS = ['extension' => 'backward', 'flexion' => 'forward', 'side' => 'sideways', 'turning' => 'turning'];

    private const SCALES = [25, 50, 100, 150, 200, 300, 400, 600];

    /**
     * @param float|null $mass    kg
     * @param float|null $stature cm
     */
    public function __construct(private Library $library, private Figures $figures, private ?float $mass, private ?float $stature) {}

    public function view(Rung $rung, ?Rung $beside): HardnessView
    {
        $here = $this->hardness($rung);
        $there = $beside === null ? null : $this->hardness($beside);
        $there = $there?->unmeasured === null ? $there : null;
        $most = max([...$here->highest, ...($there->highest ?? [])]);

        return new HardnessView(
            figures: $here->unmeasured !== null ? [] : array_map(static fn(string $what): HardnessFigureView => new HardnessFigureView(label: self::LABELS[$what], highest: $here->highest[$what], mean: $here->mean[$what], beside: $there->highest[$what] ?? null), array_keys(self::LABELS)),
            scale: array_values(array_filter(self::SCALES, static fn(int $scale): bool => $scale >= $most))[0] ?? $most,
            unmeasured: match ($here->unmeasured) {
                'lying' => 'Not measured: the floor carries the trunk itself, and a still model does not know how much.',
                'unsteady' => 'Not measured: a still model cannot keep this position without what it does not know.',
                null => null,
            },
            sentences: $here->unmeasured === null && $there !== null ? Beside::inWords($here, $there, $rung->leverText, $rung->demand) : [],
            worth: $here->unmeasured === null ? $this->worth($rung, $here) : null,
            whose: $this->whose(),
            model: self::MODEL,
        );
    }

    private function worth(Rung $rung, Hardness $here): ?string
    {
        if ($rung->demand !== Demand::AntiLateralFlexion || ! $this->library->has(self::CARRY)) {
            return null;
        }
        $carry = $this->library->rung(self::CARRY);
        $kg = $carry->plan()->setting->kit[0]->kg ?? 0.0;
        $worth = Beside::worth($here->highest['side'], $this->hardness($carry)->highest['side'], $kg);

        return $worth === null || $rung->ladder === $carry->ladder ? null : "About {$worth} kg held in one hand bend the trunk as much.";
    }

    private function hardness(Rung $rung): Hardness
    {
        return $this->figures->hardness($rung->plan(), $this->mass, $this->stature);
    }

    private function whose(): string
    {
        return match (true) {
            $this->mass === null && $this->stature === null => sprintf('N·m, of somebody of %.2f m and %d kg: theirs are not told.', Setting::STATURE / 100, Setting::MASS),
            $this->mass === null => sprintf('N·m, of a body of their height and %d kg.', Setting::MASS),
            $this->stature === null => sprintf('N·m, of a body of their weight and %.2f m.', Setting::STATURE / 100),
            default => 'N·m, of a body of their height and weight.',
        };
    }
}
