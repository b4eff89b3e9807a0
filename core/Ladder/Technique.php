<?php

declare(strict_types=1);

namespace EvenRungs\Ladder;

use EvenRungs\Body\Demand;
use EvenRungs\Body\Limit;
use EvenRungs\Body\Load;
use EvenRungs\Body\Position;
use EvenRungs\Method\Answer;

/**
 * Cues that a trainer's school adds to those of a rung. The defaults add none: the rungs are written for them.
 * Where a limit of the body speaks against a choice, the limit wins and says so.
 */
final class Technique
{
    /** @return list<string> */
    public static function cues(Rung $rung, Circumstances $circumstances): array
    {
        $says = $circumstances->method->says(...);
        $isPlank = in_array($rung->position, [Position::ForearmSupport, Position::HighSupport], true) && $rung->demand === Demand::AntiExtension;
        $onArms = in_array($rung->position, [Position::ForearmSupport, Position::HighSupport, Position::AllFours], true);
        $isHold = $rung->doseKind->isHold();
        $pressure = self::limitOn($circumstances, static fn(Limit $limit): bool => isset($limit->highest[Load::LongStrain->value]) || $limit->highestEffort !== null);

        return array_keys(array_filter([
            'Press the low back flat into the floor and keep it there.' => $rung->position === Position::Supine && $says(Answer::PressedFlat),
            'Tuck the pelvis: tail towards the heels.' => $isPlank && $says(Answer::Tucked),
            'Carry the hips a little above the line.' => $isPlank && $says(Answer::HipsSlightlyHigh),
            'Draw the shoulder blades down and back.' => $onArms && $says(Answer::BladesDownAndBack),
            'Push the floor away until the blades spread.' => $onArms && $says(Answer::BladesPushedAway),
            'Squeeze everything as tight as you can, and keep breathing.' => $isHold && $rung->demand !== Demand::Activation && $says(Answer::SqueezeFully) && $pressure === null,
            "Squeeze about a third only: {$pressure} comes before the method." => $isHold && $rung->demand !== Demand::Activation && $says(Answer::SqueezeFully) && $pressure !== null,
            'Breathe in on the reach, out on the way back.' => $rung->dynamic && $says(Answer::InOnTheReach),
            'Sip small breaths all through the hold.' => $isHold && $says(Answer::SmallSips),
            'Hands joined, forearms in a V.' => $rung->position === Position::ForearmSupport && $rung->demand === Demand::AntiExtension && $says(Answer::ForearmsJoined),
            'Let the trunk turn with the hips, under control.' => $rung->ladder === 'standing-turn' && $says(Answer::TrunkTurns),
            'Short and near the limit; stop the moment the line goes.' => $says(Answer::NearTheLimit) && $rung->demand !== Demand::Activation && $pressure === null,
            "Leave a reserve: {$pressure} comes before the method." => $says(Answer::NearTheLimit) && $rung->demand !== Demand::Activation && $pressure !== null,
        ]));
    }

    /** @param \Closure(Limit): bool $speaksAgainst */
    private static function limitOn(Circumstances $circumstances, \Closure $speaksAgainst): ?string
    {
        foreach ($circumstances->limits as $limit) {
            if ($speaksAgainst($limit)) {
                return $limit->name;
            }
        }

        return null;
    }
}
