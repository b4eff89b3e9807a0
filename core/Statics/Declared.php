<?php

declare(strict_types=1);

namespace EvenRungs\Statics;

use EvenRungs\Body\Demand;
use EvenRungs\Body\Position;
use EvenRungs\Figure\Plan;
use EvenRungs\Figure\Solver;
use EvenRungs\Figure\Stood;

/** Whether a rung asks most of what it is said to ask: the change at the low back from the neutral pose of its position. */
final class Declared
{
    private const OF = ['extension' => Demand::AntiExtension, 'flexion' => Demand::AntiFlexion, 'side' => Demand::AntiLateralFlexion, 'turning' => Demand::AntiRotation];

    /** @return array<string, mixed>|null the figure in which nothing is asked yet; null where a body is at rest in no such pose */
    public static function neutral(Position $position): ?array
    {
        return match ($position) {
            Position::Standing, Position::Walking => ['start' => 'stand'],
            Position::Kneeling => ['start' => 'tall-kneeling'],
            Position::HalfKneeling => ['start' => 'half-kneeling'],
            Position::AllFours => ['start' => 'all-fours'],
            Position::Seated => ['start' => 'seated', 'kit' => [['bench' => 45]]],
            default => null,
        };
    }

    /**
     * @param Plan|null $neutral of the position; null where nothing is resisted in it
     *
     * @return array{extension: float, flexion: float, side: float, turning: float} N·m more than in the neutral pose, the highest where it starts and where it ends
     */
    public static function changes(Plan $plan, ?Plan $neutral, Solver $solver): array
    {
        $from = $neutral === null ? new TrunkMoment(0, 0, 0, 1) : Rest::of($neutral->stands($solver)[0], $neutral->setting)->lowBack();
        $stands = $plan->stands($solver);
        $changes = ['extension' => 0.0, 'flexion' => 0.0, 'side' => 0.0, 'turning' => 0.0];
        foreach ([$stands[0], $stands[count($stands) - 1]] as $stood) {
            foreach (self::change($stood, $plan, $from)->resisted() as $what => $moment) {
                $changes[$what] = max($changes[$what], $moment);
            }
        }

        return $changes;
    }

    /**
     * @param array{extension: float|int, flexion: float|int, side: float|int, turning: float|int} $changes
     *
     * @return int 1 where the demand is the largest change; null where it is no moment at the low back
     */
    public static function rank(Demand $demand, array $changes): ?int
    {
        $what = array_search($demand, self::OF, true);

        return $what === false ? null : 1 + count(array_filter($changes, static fn(float|int $other): bool => $other > $changes[$what]));
    }

    private static function change(Stood $stood, Plan $plan, TrunkMoment $from): TrunkMoment
    {
        $here = Rest::of($stood, $plan->setting)->lowBack();

        return new TrunkMoment($here->bends - $from->bends, $here->leans - $from->leans, $here->turns - $from->turns, $here->mass);
    }
}
