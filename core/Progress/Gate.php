<?php

declare(strict_types=1);

namespace EvenRungs\Progress;

use EvenRungs\Calendar\Day;
use EvenRungs\Method\Method;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;

/** The conditions for leaving a rung upward, and how far they are met. */
final readonly class Gate
{
    /** @param list<Condition> $conditions */
    private function __construct(
        public array $conditions,
        public int $cleanSessions,
        public int $sessionsNeeded,
        public int $daysOnRung,
        public int $daysNeeded,
    ) {}

    /**
     * @param list<RungSession> $sessions on the rung, by date, since the person was placed on it
     * @param int|null          $painBaseline recorded baseline under a clinician's written scope
     * @param int               $highestEffort of 10 that a clean session may have asked for
     */
    public static function of(array $sessions, Method $method, Day $today, ?int $painBaseline = null, int $highestEffort = 7): self
    {
        $needed = $method->cleanSessionsToClimb();
        $allowed = $painBaseline === null ? 0 : min(2, $painBaseline);
        $clean = 0;
        foreach (array_reverse($sessions) as $session) {
            if (! self::isClean($session, $allowed, $highestEffort)) {
                break;
            }
            $clean++;
        }
        $days = $sessions === [] ? 0 : $sessions[0]->date->daysUntil($today);
        $latest = $sessions === [] ? null : $sessions[count($sessions) - 1];
        $free = $sessions === [] ? null : $sessions[0]->date->plusDays($method->daysOnRungToClimb());

        $conditions = [
            new Condition($latest?->reachedTop(), Reason::because(Rule::GateTopOfBand, self::topSentence($latest), $latest === null ? [] : ['done' => self::done($latest)], 'Reaching the top of the band in every set.')),
            new Condition($latest?->everyTick(), Reason::because(Rule::GateForm, self::formSentence($latest), [], 'A tick at every question of the form check in every set.')),
            new Condition($latest?->painAtMost($allowed), Reason::because(Rule::GatePain, $latest === null ? "Pain at most {$allowed} in every set." : ($latest->pain() === null ? 'No pain number was told.' : "Pain {$latest->pain()} of 10; at most {$allowed} to climb."), [], "Pain at most {$allowed} in every set.")),
            new Condition($latest?->effort() === null ? null : $latest->effort() <= $highestEffort, Reason::because(Rule::GateEffort, $latest === null ? "Effort at most {$highestEffort} in the hardest set." : ($latest->effort() === null ? 'No effort was told.' : "Effort {$latest->effort()} of 10 in the hardest set; at most {$highestEffort} to climb."), [], "The same work at effort {$highestEffort} or less.")),
            new Condition($clean >= $needed, Reason::because(Rule::GateSessions, "{$clean} of {$needed} clean sessions running.", ['clean sessions running' => $clean, 'asked for' => $needed], 'One more clean session.')),
            new Condition($sessions === [] ? null : $days >= $method->daysOnRungToClimb(), Reason::because(
                Rule::GateDays,
                $free === null ? "{$method->daysOnRungToClimb()} days on this rung." : ($days >= $method->daysOnRungToClimb() ? "{$days} days on this rung." : "{$days} of {$method->daysOnRungToClimb()} days on this rung, free on {$free->inWords()}."),
                ['days since the first session on the rung' => $days, 'asked for' => $method->daysOnRungToClimb()],
                'Time, or another choice under “leaving a rung” in the method.',
            )),
        ];

        return new self($conditions, min($clean, $needed), $needed, $days, $method->daysOnRungToClimb());
    }

    public function isOpen(): bool
    {
        foreach ($this->conditions as $condition) {
            if ($condition->met !== true) {
                return false;
            }
        }

        return true;
    }

    /** How much of the way is done, in per cent: clean sessions and days, whichever is behind. */
    public function progressPercent(): int
    {
        $days = $this->daysNeeded === 0 ? 100 : intdiv(100 * min(max(0, $this->daysOnRung), $this->daysNeeded), $this->daysNeeded);

        return min(intdiv(100 * $this->cleanSessions, $this->sessionsNeeded), $this->cleanSessions === 0 ? 0 : $days);
    }

    private static function isClean(RungSession $session, int $allowedPain, int $highestEffort): bool
    {
        return $session->reachedTop() === true && $session->everyTick() && $session->painAtMost($allowedPain) === true
            && $session->effort() !== null && $session->effort() <= $highestEffort;
    }

    private static function topSentence(?RungSession $session): string
    {
        return match ($session?->reachedTop()) {
            null => $session === null ? 'The top of the band in every set.' : 'Not every planned set was logged.',
            true => 'The top of the band in every set: '.self::done($session).'.',
            false => 'Not yet at the top of the band in every set: '.self::done($session).'.',
        };
    }

    private static function formSentence(?RungSession $session): string
    {
        if ($session === null) {
            return 'A tick at every question in every set.';
        }
        $faults = $session->setsWithFault();

        return match (true) {
            $faults !== [] => 'A fault in set '.implode(' and ', $faults).'.',
            $session->everyTick() => 'Every tick yes in every set.',
            default => 'The form check was not answered in full.',
        };
    }

    private static function done(RungSession $session): string
    {
        return implode(', ', array_map(static fn(SetLog $set): string => $set->least() === null ? '–' : (string) $set->least(), $session->sets));
    }
}
