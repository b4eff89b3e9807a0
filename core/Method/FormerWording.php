<?php

declare(strict_types=1);

namespace EvenRungs\Method;

/**
 * The words that answers were stored by before they had identifiers: in rows that are migrated, and in ladder files
 * that were passed on. Frozen; it says nothing of how an answer is worded today.
 */
final class FormerWording
{
    private const ANSWERS = [
        'trunk-technique' => ['brace all round' => 'trunk-technique/brace', 'draw the navel in' => 'trunk-technique/navel-in', 'draw in for activation, brace under load' => 'trunk-technique/navel-in-then-brace'],
        'low-back-lying' => ['natural arch' => 'low-back-lying/natural-arch', 'pressed flat' => 'low-back-lying/pressed-flat'],
        'pelvis-in-planks' => ['neutral line' => 'pelvis-in-planks/neutral', 'tucked' => 'pelvis-in-planks/tucked', 'hips slightly high' => 'pelvis-in-planks/slightly-high'],
        'shoulder-blades' => ['neutral' => 'shoulder-blades/neutral', 'down and back' => 'shoulder-blades/down-and-back', 'pushed away' => 'shoulder-blades/pushed-away'],
        'squeeze' => ['about a third' => 'squeeze/third', 'as tight as possible' => 'squeeze/full'],
        'breathing' => ['out on effort' => 'breathing/out-on-effort', 'in on the reach' => 'breathing/in-on-the-reach', 'small sips in holds' => 'breathing/small-sips'],
        'side-plank-feet' => ['top foot in front' => 'side-plank-feet/top-foot-in-front', 'stacked' => 'side-plank-feet/stacked', 'by ability' => 'side-plank-feet/by-ability'],
        'forearms' => ['parallel' => 'forearms/parallel', 'joined' => 'forearms/joined'],
        'hold-strategy' => ['short repeated' => 'hold-strategy/short-repeated', 'capped at 30 s then move' => 'hold-strategy/capped', 'long holds to 120 s' => 'hold-strategy/long'],
        'too-weak-for-plank' => ['knees until about a minute' => 'too-weak-for-plank/knees', 'short bouts on the toes' => 'too-weak-for-plank/short-bouts'],
        'front-plank-next-step' => ['movement on forearms' => 'front-plank-next-step/movement', 'hands after forearms' => 'front-plank-next-step/hands'],
        'movements-allowed' => ['resist movement only' => 'movements-allowed/resist-only', 'also extension lifts' => 'movements-allowed/extension-too', 'also trained flexion, rotation, side-bending' => 'movements-allowed/all-trained'],
        'chops-and-turns' => ['trunk still, hips turn' => 'chops-and-turns/trunk-still', 'trunk turns' => 'chops-and-turns/trunk-turns'],
        'effort' => ['stop at first loss of form, leave reserve' => 'effort/reserve', 'near the limit in short bursts' => 'effort/near-the-limit'],
        'low-back-feeling' => ['step down' => 'low-back-feeling/step-down', 'rest and go on (safety rules stand)' => 'low-back-feeling/rest-and-go-on'],
        'placement' => ['finisher' => 'placement/finisher', 'primer' => 'placement/primer', 'own day' => 'placement/own-day', 'mixed' => 'placement/mixed'],
        'frequency' => ['2–3 days' => 'frequency/two-to-three-days', 'short daily' => 'frequency/short-daily', 'rest when sore' => 'frequency/rest-when-sore'],
        'order' => ['base first' => 'order/base-first', 'carry first' => 'order/carry-first', 'bottom-up' => 'order/bottom-up', 'fewest moves' => 'order/fewest-moves', 'weakest first' => 'order/weakest-first'],
        'counting-reps' => ['each side' => 'counting-reps/each-side', 'a pair is one' => 'counting-reps/pairs', 'every movement' => 'counting-reps/movements'],
        'leaving-a-rung' => ['two clean sessions and a week' => 'leaving-a-rung/two-clean-and-a-week', 'as soon as clean' => 'leaving-a-rung/as-soon-as-clean', 'one to two weeks’ practice, then try' => 'leaving-a-rung/one-to-two-weeks'],
    ];

    public static function answer(string $question, string $wording): ?Answer
    {
        return Answer::tryFrom(self::ANSWERS[$question][$wording] ?? '');
    }
}
