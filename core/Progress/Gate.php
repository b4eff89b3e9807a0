<?php

declare(strict_types=1);

namespace EvenRungs\Progress;

use EvenRungs\Calendar\Day;
use EvenRungs\Dose\DoseLine;
use EvenRungs\Ladder\Rung;
use EvenRungs\Method\Method;
use EvenRungs\Method\Question;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;
use EvenRungs\Reason\Words;

/** The conditions for leaving a rung upward, and how far they are met. */
final readonly class Gate
{
    /** So many sessions of a ladder are looked at, the newest (our own choice); no run is as long, and years of records weigh no more than months. */
    public const LOOKS_BACK = 24;

    /** Sessions further apart than this do not run on from one another. */
    public const RUN_ENDS_AFTER_DAYS = 21;

    /** For so many days, the weeks of the load report, what was too much is remembered (our own choice). */
    public const REMEMBERS_DAYS = 56;

    /** Effort at the mark where the next rung was too much before, two below the usual, and below any that is less (our own choice). */
    private const IN_RESERVE = 5;

    private const LESS_EFFORT = 2;

    /** Parts of a hundred of the way to the gate that lead to the leaving mark (our own choice). */
    private const MARK_PART = 60;

    /** @param list<Condition> $conditions */
    private function __construct(
        public array $conditions,
        public int $cleanSessions,
        public int $sessionsNeeded,
        public int $daysOnRung,
        public int $daysNeeded,
        public int $markPercent,
    ) {}

    /**
     * @param Rung              $working  the rung that is to be left
     * @param list<RungSession> $sessions on the rung, by date, since the person was placed on it
     * @param int|null          $painBaseline recorded baseline under a clinician's written scope
     * @param int               $highestEffort of 10 that a clean session may have asked for
     * @param bool              $isCut    there may have been earlier ones
     * @param RungSession|null  $tooMuch  the last session on the next rung, where the person came down from it
     */
    public static function of(Rung $working, array $sessions, Method $method, Day $today, ?int $painBaseline = null, int $highestEffort = 7, bool $isCut = false, ?RungSession $tooMuch = null): self
    {
        $needed = $method->cleanSessionsToClimb();
        $allowed = $painBaseline === null ? 0 : min(2, $painBaseline);
        $clean = 0;
        $before = null;
        // At the mark, in as many sets as it asks for, fewer than the time before are no lighter.
        $sessions = Neutral::leftOut($sessions, $method, $highestEffort, static fn(RungSession $session): bool => self::isAtMark($session, $method) === true);
        foreach ($sessions as $session) {
            $isRunning = $before === null || $before->date->daysUntil($session->date) <= self::RUN_ENDS_AFTER_DAYS;
            $clean = $isRunning ? $clean : 0;
            $before = $session;
            if (self::isAtMark($session, $method) === true && $session->isClean($allowed) && $session->effort() !== null && $session->effort() <= $highestEffort) {
                $clean++;
            } elseif ($clean < $needed || self::closes($session, $allowed)) {
                $clean = 0;
            }
        }
        $days = $sessions === [] ? 0 : $sessions[0]->date->daysUntil($today);
        $latest = $sessions === [] ? null : $sessions[count($sessions) - 1];
        $free = $sessions === [] ? null : $sessions[0]->date->plusDays($method->daysOnRungToClimb());
        $atMark = $latest === null ? null : ($clean >= $needed ? true : self::isAtMark($latest, $method));

        $since = $sessions === [] ? null : $sessions[0]->date;
        $conditions = [
            new Condition($atMark, Reason::because(Rule::GateMark, self::markSentence($working, $sessions, $atMark, $method).($working->doseKind->isHold() ? $method->saysChangeSince(Question::HoldStrategy, $since) : ''), $latest === null ? [] : ['done' => self::done($latest), 'leaving mark' => LeavingMark::of($latest->rung, $method, $latest->dose)->inWords(), ...($working->doseKind->isHold() ? ['hold strategy' => $method->said(Question::HoldStrategy), ...self::cap($working, $method)] : [])], 'Reaching the leaving mark in every set and on every side.')),
            new Condition($latest?->everyTick(), Reason::because(Rule::GateForm, self::formSentence($latest), [], 'A tick at every question of the form check in every set.')),
            new Condition($latest?->painAtMost($allowed), Reason::because(Rule::GatePain, $latest === null ? "Pain at most {$allowed} in every set." : self::painSentence($latest, $allowed), [], "Pain at most {$allowed} in every set.")),
            new Condition($latest?->effort() === null ? null : $latest->effort() <= $highestEffort, Reason::because(Rule::GateEffort, $latest === null ? "Effort at most {$highestEffort} in the hardest set." : ($latest->effort() === null ? 'No effort was told.' : "Effort {$latest->effort()} of 10 in the hardest set; at most {$highestEffort} to climb.").$method->saysChangeSince(Question::Effort, $since), ['effort' => $method->said(Question::Effort)], "The same work at effort {$highestEffort} or less.")),
            new Condition($clean >= $needed, Reason::because(Rule::GateSessions, "{$clean} of {$needed} clean sessions running.".$method->saysChangeSince(Question::LeavingARung, $since), ['clean sessions running' => $clean, 'asked for' => $needed, 'leaving a rung' => $method->said(Question::LeavingARung)], 'One more clean session.')),
            new Condition($sessions === [] ? null : $days >= $method->daysOnRungToClimb(), Reason::because(
                Rule::GateDays,
                $free === null ? Words::counted($method->daysOnRungToClimb(), 'day').' on this rung.' : ($days >= $method->daysOnRungToClimb() ? Words::counted($days, 'day').($isCut ? ' or more on this rung.' : ' on this rung.') : "{$days} of {$method->daysOnRungToClimb()} days on this rung, free on {$free->inWords()}."),
                ['days since the first session on the rung' => $days, 'asked for' => $method->daysOnRungToClimb(), 'leaving a rung' => $method->said(Question::LeavingARung)],
                'Time, or another choice under “leaving a rung” in the method.',
            )),
            ...($tooMuch === null ? [] : [self::reserve($tooMuch, $latest, min(self::IN_RESERVE, $highestEffort - self::LESS_EFFORT))]),
        ];

        return new self($conditions, min($clean, $needed), $needed, $days, $method->daysOnRungToClimb(), match (true) {
            $latest === null => 0,
            $atMark === true => 100,
            default => min(99, LeavingMark::of($latest->rung, $method, $latest->dose)->percentOf($latest)),
        });
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

    /** How much of the way is done, in per cent: to the leaving mark first, then clean sessions and days there, whichever is behind. */
    public function progressPercent(): int
    {
        $days = $this->daysNeeded === 0 ? 100 : intdiv(100 * min(max(0, $this->daysOnRung), $this->daysNeeded), $this->daysNeeded);
        $there = min(intdiv(100 * $this->cleanSessions, $this->sessionsNeeded), $this->cleanSessions === 0 ? 0 : $days);

        return min($this->isOpen() ? 100 : 99, intdiv(self::MARK_PART * $this->markPercent + (100 - self::MARK_PART) * $there, 100));
    }

    /** The same mark at the same effort would lead to the same step down. */
    private static function reserve(RungSession $tooMuch, ?RungSession $latest, int $effort): Condition
    {
        $told = $latest?->effort();

        return new Condition($told === null ? null : $told <= $effort, Reason::because(
            Rule::GateReserve,
            "“{$tooMuch->rung->name}” was too much on {$tooMuch->date->inWords()}: this time with effort at most {$effort} at the mark".($told === null ? '.' : "; it was {$told}."),
            ['too much' => DoseLine::print($tooMuch->dose).' on '.$tooMuch->date->inWords()],
            'Eight weeks since then, or a climb test that is clean there.',
        ));
    }

    /** An open gate stays open until a fault, a wrong place or pain. */
    private static function closes(RungSession $session, int $allowedPain): bool
    {
        return $session->setsWithFault() !== [] || $session->feltWrong() || ($session->pain() ?? 0) > $allowedPain;
    }

    private static function painSentence(RungSession $session, int $allowed): string
    {
        $kept = $session->keptPain() === null ? '' : " Pain {$session->keptPain()} was there before the session, not where this rung loads: it holds nothing back.";

        return ($session->pain() === null ? 'No pain number was told.' : "Pain {$session->pain()} of 10; at most {$allowed} to climb.").$kept;
    }

    /** @return array<string, string> what limits leave of its holds, as an input */
    private static function cap(Rung $working, Method $method): array
    {
        $cap = $method->capOnHolds($working->position, $working->demand);

        return $cap === null ? [] : ['a limit' => $cap->inWords()];
    }

    private static function isAtMark(RungSession $session, Method $method): ?bool
    {
        return LeavingMark::of($session->rung, $method, $session->dose)->reachedBy($session);
    }

    /** @param list<RungSession> $sessions by date */
    private static function markSentence(Rung $working, array $sessions, ?bool $atMark, Method $method): string
    {
        $session = $sessions[count($sessions) - 1] ?? null;
        if ($session === null) {
            return 'The leaving mark: '.LeavingMark::of($working, $method)->inWords().'.';
        }
        $mark = LeavingMark::of($session->rung, $method, $session->dose);

        return match ($atMark) {
            null => 'Not every planned set was logged.',
            true => 'At the leaving mark, '.$mark->inWords().': '.self::done($session).'.',
            false => ucfirst(implode('; ', array_filter([$mark->distance($session), "to leave the rung: {$mark->inWords()}"]))).'.'.self::onlySets($sessions, $method),
        };
    }

    /**
     * Minutes for fewer sets than the mark asks for would keep somebody here without a word.
     *
     * @param list<RungSession> $sessions by date
     */
    private static function onlySets(array $sessions, Method $method): string
    {
        $running = 0;
        foreach (array_reverse($sessions) as $session) {
            if (! LeavingMark::of($session->rung, $method, $session->dose)->lacksOnlySets($session)) {
                break;
            }
            $running++;
        }

        return $running < 2 ? '' : " {$running} sessions running each set was there, and only sets are missing: sessions with all of them, or a climb test, lead on.";
    }

    private static function formSentence(?RungSession $session): string
    {
        if ($session === null) {
            return 'A tick at every question in every set.';
        }
        $faults = $session->setsWithFault();

        return match (true) {
            $faults !== [] => 'A fault in '.Words::sets($faults).'.',
            $session->everyTick() => 'Every tick yes in every set.',
            default => 'The form check was not answered in full.',
        };
    }

    private static function done(RungSession $session): string
    {
        return implode(', ', array_map(static fn(SetLog $set): string => $set->least() === null ? '–' : (string) $set->least(), $session->sets));
    }
}
