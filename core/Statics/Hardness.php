<?php

declare(strict_types=1);

namespace EvenRungs\Statics;

use EvenRungs\Body\Demand;
use EvenRungs\Figure\Plan;
use EvenRungs\Figure\Setting;
use EvenRungs\Figure\Solver;
use EvenRungs\Figure\Stood;
use EvenRungs\Figure\Support;

/**
 * How hard a rung is on a trunk of a size, at rest in every frame of its way: the highest and the mean of what the low
 * back resists, and what shoulder, wrist and hip bear. Whole N·m and N.
 *
 * A still, rigid model: no muscle pulls against another in it, nothing speeds up, nothing trembles.
 */
final readonly class Hardness
{
    /** Places that together say that a trunk lies on the floor. */
    private const LYING = [['upper-back', 'sacrum'], ['chest', 'belly']];

    /**
     * @param array{extension: int, flexion: int, side: int, turning: int} $highest N·m
     * @param array{extension: int, flexion: int, side: int, turning: int} $mean    N·m
     * @param int  $shoulder N, of the side with more
     * @param int  $wrist    N
     * @param int  $hip      N·m
     * @param 'lying'|'unsteady'|null $unmeasured why the figures of the low back say nothing here: the floor carries the trunk itself, or the supports cannot keep it at rest without what a still model does not know
     */
    public function __construct(public array $highest, public array $mean, public int $shoulder, public int $wrist, public int $hip, public ?string $unmeasured) {}

    public static function of(Plan $plan, Solver $solver, float $mass = Setting::MASS, float $stature = Setting::STATURE): self
    {
        $stands = $plan->stands($solver);

        return self::along($plan, $stands, $plan->way($solver, $stands), $mass, $stature);
    }

    /**
     * @param non-empty-list<Stood> $stands
     * @param non-empty-list<Stood> $way
     */
    public static function along(Plan $plan, array $stands, array $way, float $mass = Setting::MASS, float $stature = Setting::STATURE): self
    {
        $rests = array_map(static fn(Stood $stood): Rest => Rest::of($stood, $plan->setting, $mass, $stature), $way);
        $highest = $mean = ['extension' => 0.0, 'flexion' => 0.0, 'side' => 0.0, 'turning' => 0.0];
        foreach ($rests as $rest) {
            foreach ($rest->lowBack($mass, $stature)->resisted() as $what => $moment) {
                $highest[$what] = max($highest[$what], $moment);
                $mean[$what] += $moment / count($rests);
            }
        }
        $ends = array_filter($rests, static fn(Rest $rest, int $at): bool => in_array($way[$at], $stands, true), ARRAY_FILTER_USE_BOTH);

        return new self(
            self::whole($highest),
            self::whole($mean),
            (int) round(max(array_map(static fn(Rest $rest): float => $rest->shoulderForce($mass), $rests))),
            (int) round(max(array_map(static fn(Rest $rest): float => $rest->wristForce($mass), $rests))),
            (int) round(max(array_map(static fn(Rest $rest): float => $rest->hipMoment($mass, $stature), $rests))),
            self::unmeasured($stands, $ends),
        );
    }

    /**
     * @param array{extension: float, flexion: float, side: float, turning: float} $moments
     *
     * @return array{extension: int, flexion: int, side: int, turning: int}
     */
    private static function whole(array $moments): array
    {
        return ['extension' => (int) round($moments['extension']), 'flexion' => (int) round($moments['flexion']), 'side' => (int) round($moments['side']), 'turning' => (int) round($moments['turning'])];
    }

    /**
     * @param non-empty-list<Stood> $stands
     * @param array<int, Rest>      $ends
     *
     * @return 'lying'|'unsteady'|null
     */
    private static function unmeasured(array $stands, array $ends): ?string
    {
        foreach ($stands as $stood) {
            $places = array_map(static fn(Support $support): string => $support->spot->name(), $stood->supports);
            foreach (self::LYING as $both) {
                if (array_diff($both, $places) === []) {
                    return 'lying';
                }
            }
        }

        return array_filter($ends, static fn(Rest $rest): bool => ! $rest->canBe()) === [] ? null : 'unsteady';
    }

    /** N·m of a demand at its highest; nought for demands that are no moment at the low back. */
    public function demand(Demand $demand): int
    {
        return match ($demand) {
            Demand::AntiExtension => $this->highest['extension'],
            Demand::AntiFlexion => $this->highest['flexion'],
            Demand::AntiLateralFlexion => $this->highest['side'],
            Demand::AntiRotation => $this->highest['turning'],
            default => 0,
        };
    }
}
