<?php

declare(strict_types=1);

namespace App\Http\Board;

use App\Library\Figures;
use EvenRungs\Body\Demand;
use EvenRungs\Dose\BandStrength;
use EvenRungs\Dose\Pull;
use EvenRungs\Figure\Plan;
use EvenRungs\Figure\Setting;
use EvenRungs\Ladder\Library;
use EvenRungs\Ladder\Rung;
use EvenRungs\Statics\Beside;
use EvenRungs\Statics\Hardness;
use EvenRungs\Statics\SmallClimb;

/** A rung beside another, at the low back of one body. */
final readonly class HardnessPage
{
    /** What a side bridge is weighed against. */
    private const CARRY = 'carry/standing-hold';

    private const MODEL = 'At rest in each position, the highest of the movement. A still, rigid model: tension that pulls inside the body, balance and speed are not in it, and it says nothing about tissue or safety.';

    private const LABELS = ['extension' => 'backward', 'flexion' => 'forward', 'side' => 'sideways', 'turning' => 'turning'];

    private const SCALES = [25, 50, 100, 150, 200, 300, 400, 600];

    /**
     * @param float|null           $mass    kg
     * @param float|null           $stature cm
     * @param array<string, Pull>  $pulls   as they were last done, by rung
     */
    public function __construct(private Library $library, private Figures $figures, private ?float $mass, private ?float $stature, private array $pulls) {}

    public function view(Rung $rung, ?Rung $beside): HardnessView
    {
        $here = $this->hardness($rung);
        $there = $beside === null || $beside->slug === $rung->slug ? null : $this->hardness($beside);
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
            smaller: $beside !== null && $there !== null ? $this->smaller($rung, $here, $beside, $there) : null,
            pull: $this->pull($rung),
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

    /** With which load, or over which range, a higher rung asks for little more than the one below. */
    private function smaller(Rung $rung, Hardness $here, Rung $below, Hardness $there): ?string
    {
        if ($rung->height->above($below->height) <= 0 || ! SmallClimb::isLarge($here, $there, $rung->demand)) {
            return null;
        }
        $plan = $this->plan($rung);
        $asked = $there->demand($rung->demand);
        $small = $this->figures->smallClimb($plan, $rung->demand, $asked, $rung->range !== null, $this->mass, $this->stature);
        $range = $rung->range?->within($small['along'], $asked + SmallClimb::SMALL);

        return match (true) {
            $small['load'] !== null => SmallClimb::inWords($plan->setting, $small['load']),
            $range !== null => sprintf('Over %s it asks for hardly more than where they stand.', $range->inWords()),
            default => null,
        };
    }

    private function pull(Rung $rung): ?string
    {
        $newtons = $rung->isPulled() ? $this->plan($rung)->setting->newtons() : 0.0;

        return match (true) {
            $newtons <= 0 => null,
            isset($this->pulls[$rung->slug]) => sprintf('At %d N of pull, as it was last done.', $newtons),
            default => sprintf('At %d N of pull; a dose can say another: @light is %d N, @middle %d N, @strong %d N.', $newtons, ...array_map(static fn(BandStrength $band): int => $band->newtons(), BandStrength::cases())),
        };
    }

    private function plan(Rung $rung): Plan
    {
        $pull = $this->pulls[$rung->slug] ?? null;

        return $pull === null ? $rung->plan() : $rung->plan()->with($rung->plan()->setting->pulling($pull->newtons));
    }

    private function hardness(Rung $rung): Hardness
    {
        return $this->figures->hardness($this->plan($rung), $this->mass, $this->stature);
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
