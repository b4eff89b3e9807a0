<?php

declare(strict_types=1);

namespace EvenRungs\Statics;

use EvenRungs\Body\Load;
use EvenRungs\Figure\Contact;
use EvenRungs\Figure\Plan;
use EvenRungs\Figure\Setting;
use EvenRungs\Figure\Solver;
use EvenRungs\Figure\Stood;
use EvenRungs\Figure\Support;

/**
 * The least load tags that a rung must have, by what its joints bear at rest where it starts and ends: shoulder and wrist
 * by joint force, the hip flexors by moment. Tags may say more, since movement, overhead reach and the bent wrist do.
 *
 * The limits are our own choice, for a body of usual size; they follow how the trade tags planks, side bridges and all fours.
 */
final readonly class Borne
{
    /** N at which a tag is 1, and at which it is 2. */
    private const WRIST = [100, 300];

    private const SHOULDER = [250, 380];

    /** N·m at the hip of a leg that nothing carries while the pelvis lies: a bent one has less. */
    private const HIP = 20;

    private const LEGS = [Contact::Seat, Contact::ThighBack, Contact::ThighFront, Contact::Knee, Contact::InnerKnee, Contact::Calf, Contact::Ankle, Contact::Instep, Contact::Heel, Contact::Toes, Contact::Inner, Contact::Outer];

    /** Whom the floor carries along the trunk, the arms do not. */
    private const LYING = [Contact::UpperBack, Contact::ChestFront, Contact::Ribs, Contact::Shoulder];

    /** @return array<string, int> the least value by tag; none where the arms and legs are carried */
    public static function of(Plan $plan, Solver $solver): array
    {
        $least = [Load::Wrist->value => 0, Load::Shoulder->value => 0, Load::HipFlexor->value => 0];
        foreach ($plan->stands($solver) as $stood) {
            $rest = Rest::of($stood, $plan->setting);
            $contacts = array_map(static fn(Support $support): Contact => $support->spot->contact, $stood->supports);
            if (in_array(Contact::Palm, $contacts, true)) {
                $least[Load::Wrist->value] = max($least[Load::Wrist->value], self::tag($rest->wristForce(), self::WRIST));
            }
            if (array_intersect(array_column([Contact::Palm, Contact::Elbow], 'value'), array_column($contacts, 'value')) !== [] && array_intersect(array_column(self::LYING, 'value'), array_column($contacts, 'value')) === []) {
                $least[Load::Shoulder->value] = max($least[Load::Shoulder->value], self::tag($rest->shoulderForce(), self::SHOULDER));
            }
            foreach (['left', 'right'] as $side) {
                if (in_array(Contact::Sacrum, $contacts, true) && self::isFree($stood, $side) && $rest->hipMoments(Setting::MASS, Setting::STATURE)[$side] >= self::HIP) {
                    $least[Load::HipFlexor->value] = 1;
                }
            }
        }

        return array_filter($least);
    }

    /** @param array{int, int} $limits */
    private static function tag(float $bears, array $limits): int
    {
        return ($bears >= $limits[0] ? 1 : 0) + ($bears >= $limits[1] ? 1 : 0);
    }

    private static function isFree(Stood $stood, string $side): bool
    {
        return array_filter($stood->supports, static fn(Support $support): bool => $support->spot->side->value === $side && in_array($support->spot->contact, self::LEGS, true)) === [];
    }
}
