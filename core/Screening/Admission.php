<?php

declare(strict_types=1);

namespace EvenRungs\Screening;

use EvenRungs\Calendar\Day;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;

/**
 * Whether a person may be planned for, trained and coached today.
 *
 * A danger sign closes every path until a licensed clinician's clearance is recorded after it and has not
 * run out; a new sign voids an earlier clearance.
 */
final readonly class Admission
{
    /** @param list<int> $closedBy sequences of the signs that close; none when it is open */
    private function __construct(public bool $open, public ?Urgency $urgency, public ?Reason $reason, public array $closedBy = []) {}

    /** Nothing was ever noted. */
    public static function clear(): self
    {
        return new self(true, null, null);
    }

    /**
     * @param list<Sign>      $signs      in any order
     * @param list<Clearance> $clearances in any order
     */
    public static function on(Day $today, array $signs, array $clearances): self
    {
        if ($signs === []) {
            return self::clear();
        }
        $latest = max(array_map(static fn(Sign $sign): int => $sign->sequence, $signs));
        $holding = array_filter($clearances, static fn(Clearance $clearance): bool => $clearance->sequence > $latest && $clearance->holdsOn($today));
        if ($holding !== []) {
            return new self(true, null, null);
        }
        // The most urgent of the newest answers decides how the sentence is put.
        $urgency = Urgency::BeforeTraining;
        foreach (array_reverse(Urgency::cases()) as $case) {
            foreach ($signs as $sign) {
                if ($sign->sequence === $latest && $sign->urgency === $case) {
                    $urgency = $case;
                }
            }
        }
        // What was noted since the last clearance; where that has only run out, what it was for.
        $cleared = $clearances === [] ? 0 : max(array_map(static fn(Clearance $clearance): int => $clearance->sequence, $clearances));
        $sequences = array_map(static fn(Sign $sign): int => $sign->sequence, $signs);
        $since = array_filter($sequences, static fn(int $sequence): bool => $sequence > $cleared);
        $lapsed = array_filter($clearances, static fn(Clearance $clearance): bool => $clearance->sequence > $latest && $clearance->until->isBefore($today));

        return new self(false, $urgency, Reason::because(
            Rule::DangerSign,
            $lapsed === []
                ? 'A danger sign was noted. No plan, session or coaching until a licensed clinician’s clearance is recorded.'
                : 'The clinician’s clearance has run out. No plan, session or coaching until a new one is recorded.',
            ['urgency' => $urgency->inWords()],
            'Recording who cleared it, on which date, for what and until when opens the person again.',
        ), $since === [] ? [$latest] : array_values($since));
    }
}
