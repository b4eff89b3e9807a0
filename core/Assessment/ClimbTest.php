<?php

declare(strict_types=1);

namespace EvenRungs\Assessment;

use EvenRungs\Body\Side;
use EvenRungs\Body\Sidedness;
use EvenRungs\Dose\Dose;
use EvenRungs\Dose\DoseKind;
use EvenRungs\Dose\DoseLine;
use EvenRungs\Dose\Unit;
use EvenRungs\Ladder\Circumstances;
use EvenRungs\Ladder\Ladder;
use EvenRungs\Ladder\Rung;
use EvenRungs\Progress\FormQuestion;
use EvenRungs\Progress\Pain;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;

/**
 * Up a ladder rung by rung until form fails (common practice): from the bottom or two rungs below the guess, a small
 * trial of each, and the form check. The last rung with every tick is the working rung; the first question answered
 * with no names the gate. When the very first trial fails it goes down instead, until one is clean.
 */
final readonly class ClimbTest
{
    /**
     * @param Rung|null    $next    the rung to try now; null when the test is over
     * @param Rung|null    $working the last clean rung, once it is over
     * @param ClimbTrial|null $failed the trial that stopped the climb; null at the top
     * @param Reason|null  $reason  how it ended, once it is over
     */
    private function __construct(public ?Rung $next, public ?Rung $working, public ?ClimbTrial $failed, public ?Reason $reason) {}

    /**
     * @param Rung|null        $guess  where the trainer thinks the person stands
     * @param list<ClimbTrial> $trials so far, in the order they were done
     */
    public static function of(Ladder $ladder, Circumstances $circumstances, Side $side, ?Rung $guess, array $trials): self
    {
        $clean = $failed = null;
        foreach ($trials as $trial) {
            if ($trial->isClean()) {
                $clean = $clean === null || $trial->rung->height->above($clean->height) >= 0 ? $trial->rung : $clean;
            } else {
                $failed = $trial;
                // The test ends with it, and nothing is placed from it.
                if ($trial->pain > Pain::STOPS_ABOVE) {
                    return self::over(null, $trial, "Pain {$trial->pain} of 10 on “{$trial->rung->name}”: the test ends and places nothing. No more on this ladder today.", $side);
                }
            }
        }
        if ($trials === []) {
            $first = self::first($ladder, $circumstances, $side, $guess);

            return $first === null ? self::over(null, null, 'No rung of this ladder is open to this person: nothing can be tried.', $side) : new self($first, null, null, null);
        }
        if ($failed !== null && $clean !== null) {
            return self::over($clean, $failed, "“{$clean->name}” was the last clean rung; then on “{$failed->rung->name}”: {$failed->trouble()}.", $side);
        }
        $last = $trials[count($trials) - 1]->rung;
        $next = $circumstances->nextOpen($ladder, $last, up: $failed === null, on: $side);

        return match (true) {
            $next !== null => new self($next, null, null, null),
            $failed === null => self::over($last, null, "“{$last->name}” is the highest rung open to this person, and it was clean.", $side),
            default => self::over(null, $failed, "Not even “{$last->name}”, the lowest open rung, was clean: {$failed->trouble()}. Begin with activation.", $side),
        };
    }

    /** A trial small enough not to tire: ten seconds, five repetitions, ten metres (our own choice). */
    public static function trial(Rung $rung): Dose
    {
        $body = match ($rung->doseKind) {
            DoseKind::StaticHold, DoseKind::SideHold => '10s',
            DoseKind::ActivationHold, DoseKind::HeadLift => '3s',
            DoseKind::Carry => '10m',
            DoseKind::LoadedLift => '3',
            default => '5',
        };

        return DoseLine::parse("1x{$body}".($rung->sidedness->countsEachSide() ? '/side' : ''), $rung->sidedness);
    }

    /** The trial as it is said: "10 s on the left", "5 each side". */
    public static function trialInWords(Rung $rung, Side $side): string
    {
        $body = self::trial($rung)->first();
        $words = $body->target().match ($body->unit()) {
            Unit::Reps => $body->target() === 1 ? ' time' : ' times',
            Unit::Seconds => ' s',
            Unit::Metres => ' m',
        };

        return $words.match (true) {
            $side !== Side::Both => " on the {$side->value}",
            $rung->sidedness->countsEachSide() => ' each side',
            default => '',
        };
    }

    /** @return list<FormQuestion> what is asked after a trial; of one side alone nobody asks whether both are alike */
    public static function questions(Rung $rung, Side $side, bool $doming): array
    {
        return FormQuestion::asked($rung->asksForBreathing(self::trial($rung)), $doming, $side === Side::Both);
    }

    /** Whether left and right are tried apart. */
    public static function isSided(Ladder $ladder): bool
    {
        return array_filter($ladder->rungs, static fn(Rung $rung): bool => $rung->sidedness === Sidedness::OneSided) !== [];
    }

    private static function first(Ladder $ladder, Circumstances $circumstances, Side $side, ?Rung $guess): ?Rung
    {
        $trunk = array_values(array_filter($ladder->trunk($circumstances->method), static fn(Rung $rung): bool => $circumstances->rule($rung)->openOn($side)));
        $at = $guess === null ? 0 : (int) array_search($guess->slug, array_column($trunk, 'slug'), true);

        return $trunk[max(0, $at - 2)] ?? null;
    }

    private static function over(?Rung $working, ?ClimbTrial $failed, string $sentence, Side $side): self
    {
        $question = $failed->faults[0] ?? null;

        return new self(null, $working, $failed, Reason::because(
            Rule::ClimbTest,
            $sentence.($question === null ? '' : ' The gate: '.lcfirst($question->question()).'.'),
            array_filter([
                'side' => $side === Side::Both ? '' : $side->value,
                'last clean rung' => $working === null ? '' : "{$working->name} ({$working->height->label()})",
                'first that failed' => $failed === null ? '' : "{$failed->rung->name} ({$failed->rung->height->label()})",
            ]),
        ));
    }

    /** The first question answered with no: what the gate will ask first. */
    public function gateQuestion(): ?FormQuestion
    {
        return $this->failed->faults[0] ?? null;
    }
}
