<?php

declare(strict_types=1);

namespace EvenRungs\Ladder;

use EvenRungs\Body\Demand;
use EvenRungs\Body\Limit;
use EvenRungs\Body\Load;
use EvenRungs\Body\Position;
use EvenRungs\Dose\DoseKind;
use EvenRungs\Method\Answer;

/**
 * What a trainer's school says of a rung, by topic: it takes the place of the rung's own cue on that topic. The defaults say
 * nothing: the rungs are written for them. A topic that is the exercise itself stays the rung's.
 * Where a limit of the body speaks against a choice, the limit wins and says so.
 */
final class Technique
{
    /** @return list<Said> one on each topic at most */
    public static function on(Rung $rung, Circumstances $circumstances): array
    {
        $method = $circumstances->method;
        $pressure = self::limitOn($circumstances, static fn(Limit $limit): bool => isset($limit->highest[Load::LongStrain->value]) || $limit->highestEffort !== null);
        // A back that must not bend is not pressed or tucked out of its arch, and one that must not be turned under load stays still.
        $bending = self::limitOn($circumstances, static fn(Limit $limit): bool => ($limit->highest[Load::TrunkFlexion->value] ?? 1) === 0);
        $turning = self::limitOn($circumstances, static fn(Limit $limit): bool => isset($limit->highest[Load::Twisting->value]));
        $said = [
            [Answer::NavelIn, Topic::Brace, 'Draw the navel gently in and keep it there.'],
            [Answer::NavelInThenBrace, Topic::Brace, $rung->doseKind === DoseKind::ActivationHold ? 'Draw the navel gently in and keep it there.' : null],
            [Answer::PressedFlat, Topic::LowBack, $bending === null ? 'Press the low back flat into the floor and keep it there.' : "Keep the natural arch: {$bending} comes before the method."],
            [Answer::Tucked, Topic::Pelvis, $bending === null ? 'Tuck the pelvis: tail towards the heels.' : "Keep the pelvis in line: {$bending} comes before the method."],
            [Answer::HipsSlightlyHigh, Topic::Pelvis, 'Carry the hips a little above the line.'],
            [Answer::BladesDownAndBack, Topic::Blades, 'Draw the shoulder blades down and back.'],
            [Answer::BladesPushedAway, Topic::Blades, 'Push away from the support until the blades spread.'],
            [Answer::SqueezeFully, Topic::Squeeze, $pressure === null ? 'Squeeze everything as tight as you can.' : "Squeeze about a third only: {$pressure} comes before the method."],
            [Answer::InOnTheReach, Topic::Breath, $rung->phases?->reaches() === true ? 'Breathe in on the reach, out on the way back.' : null],
            [Answer::SmallSips, Topic::Breath, $rung->doseKind->isHold() ? 'Sip small breaths all through the hold.' : null],
            [Answer::ForearmsJoined, Topic::Forearms, 'Elbows under the shoulders, hands joined, forearms in a V.'],
            [Answer::ArmsHelp, Topic::Pull, 'Let the arms help on the way back: pull the hands towards the hips.'],
            [Answer::TrunkTurns, Topic::Turn, $turning === null ? 'Turn hips and ribs together, under control.' : "Turn the hips, the trunk stays still: {$turning} comes before the method."],
            [Answer::NearTheLimit, Topic::Effort, $pressure === null ? 'Short and near the limit; stop the moment the line goes.' : "Leave a reserve: {$pressure} comes before the method."],
        ];

        return array_values(array_map(
            static fn(array $one): Said => new Said((string) $one[2], $one[1]),
            array_filter($said, static fn(array $one): bool => $one[2] !== null && $method->says($one[0]) && self::applies($one[1], $rung)),
        ));
    }

    /** Whether a school has its say on a topic here. */
    public static function applies(Topic $topic, Rung $rung): bool
    {
        if (in_array($topic, $rung->sets, true) || ! in_array($rung->position, $topic->positions(), true)) {
            return false;
        }
        $front = $rung->demand === Demand::AntiExtension;
        $onTheWall = $rung->position === Position::Standing && $front && ! $rung->dynamic;

        return match ($topic) {
            Topic::Brace => $rung->demand !== Demand::Activation || $rung->speaksOf($topic),
            Topic::LowBack => $front || $rung->demand === Demand::AntiRotation,
            Topic::Pelvis => in_array($rung->position, [Position::ForearmSupport, Position::HighSupport], true) || $onTheWall,
            Topic::Blades => in_array($rung->position, [Position::ForearmSupport, Position::HighSupport, Position::AllFours], true) || $onTheWall
                || ($rung->position === Position::SideLying && $rung->demand !== Demand::ShoulderGirdle && $rung->loads->value(Load::Shoulder) > 0),
            Topic::Squeeze => in_array($rung->doseKind, [DoseKind::StaticHold, DoseKind::SideHold], true),
            Topic::Breath => $rung->dynamic
                ? in_array($rung->demand, [Demand::AntiExtension, Demand::AntiFlexion, Demand::AntiRotation], true)
                : in_array($rung->doseKind, [DoseKind::StaticHold, DoseKind::SideHold], true),
            Topic::Forearms => $front,
            Topic::Pull, Topic::Turn => $rung->speaksOf($topic),
            Topic::Effort => $rung->demand !== Demand::Activation,
            Topic::Feet => false,
        };
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
