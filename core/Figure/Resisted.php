<?php

declare(strict_types=1);

namespace EvenRungs\Figure;

use EvenRungs\Body\Side;

/**
 * The force that a trunk resists, as an arrow: a band's pull at the hands, a weight in one hand, or the body's own weight
 * where it hangs between its supports. Several at once, or none that could be drawn, have no arrow.
 *
 * @phpstan-import-type Vec from Vector
 */
final class Resisted
{
    private const LENGTH = 0.17;

    /** Places that carry a trunk which lies on them, and so resists nothing of its own. */
    private const LYING = [Contact::UpperBack, Contact::MiddleBack, Contact::Sacrum, Contact::ChestFront, Contact::Midriff, Contact::Belly, Contact::HipSide, Contact::Seat];

    /** @return array{Vec, Vec}|null from where to where, as parts of stature */
    public static function in(Plan $plan, Stood $stood): ?array
    {
        $pulls = array_values(array_filter($plan->setting->kit, static fn(Kit $piece): bool => $piece->anchor !== null && $piece->kind === KitKind::Band));
        if (count($pulls) === 1 && $pulls[0]->anchor !== null) {
            $at = self::middle($stood, $pulls[0]->at);

            return [$at, Vector::plus($at, Vector::unit(Vector::plus(Vector::times($pulls[0]->anchor, 1 / Setting::STATURE), $at, -1)), self::LENGTH)];
        }
        $weights = array_values(array_filter($plan->setting->kit, static fn(Kit $piece): bool => $piece->kg > 0));
        if (count($weights) === 1 && count($weights[0]->at) === 1 && $weights[0]->at[0]->contact === Contact::Grip && $stood->body->posture->lies === Attitude::Upright) {
            // Below the weight, so that it is not hidden by it.
            return self::down(Vector::plus(self::middle($stood, $weights[0]->at), [0.0, 0.0, 1.0], -0.15));
        }
        $isHanging = in_array($stood->body->posture->lies, [Attitude::Prone, Attitude::LeftSide, Attitude::RightSide], true) && $weights === [] && $pulls === [];
        foreach ($stood->supports as $support) {
            $isHanging = $isHanging && ! in_array($support->spot->contact, self::LYING, true);
        }

        return $isHanging ? self::down(Vector::plus($stood->body->point(Segment::Middle, Side::Both, [0.0, 0.0, 0.0]), [0.0, 0.0, 1.0], 0.06 + self::LENGTH)) : null;
    }

    /**
     * @param Vec $from
     *
     * @return array{Vec, Vec}
     */
    private static function down(array $from): array
    {
        return [$from, Vector::plus($from, [0.0, 0.0, 1.0], -self::LENGTH)];
    }

    /**
     * @param list<Spot> $spots
     *
     * @return Vec
     */
    private static function middle(Stood $stood, array $spots): array
    {
        $middle = [0.0, 0.0, 0.0];
        foreach ($spots as $spot) {
            $middle = Vector::plus($middle, $stood->body->at($spot), 1 / count($spots));
        }

        return $middle;
    }
}
