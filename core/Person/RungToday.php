<?php

declare(strict_types=1);

namespace EvenRungs\Person;

use EvenRungs\Body\Side;
use EvenRungs\Ladder\Ladder;
use EvenRungs\Ladder\Rung;
use EvenRungs\Ladder\Substitution;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;

/** What a session takes of a ladder today: the rung, what stands in for it, or nothing. */
final class RungToday
{
    /** Why nothing of a ladder is written for now; null where it may be. */
    public static function held(Ladder $ladder, PersonRecord $record): ?Reason
    {
        $waits = $record->withheld()->waitsOn($ladder->slug);

        return match (true) {
            $record->isStopped($ladder->slug) => Reason::because(Rule::PainHigh, "{$ladder->name}: stopped after pain, so nothing of it is in the session."),
            $waits !== null => Reason::because(Rule::PainWaits, "{$ladder->name}: a decision waits, so nothing of it is in the session. {$waits}", [], 'A decision in the review.'),
            default => null,
        };
    }

    /** @return array{Rung|null, list<Reason>} the rung, or what stands in for it where it is ruled out */
    public static function open(Rung $rung, PersonRecord $record, string $otherwise): array
    {
        $ruling = $record->circumstances()->rule($rung);
        if ($ruling->openOn(Side::Both)) {
            return [$rung, []];
        }
        $only = $ruling->onlySide();
        if ($only !== null) {
            return [$rung, [Reason::because(Rule::LeftOut, ucfirst($only->value)." side only: {$ruling->reasons[0]->sentence}", ['exercise' => $rung->name], 'The limit lifted.')]];
        }
        $substitution = Substitution::for($rung, $record->library, $record->circumstances(), $record->standIns());

        return $substitution === null
            ? [null, [$ruling->reasons[0], Reason::because(Rule::Substitution, "Nothing open fits in its place: {$otherwise}.")]]
            : [$substitution->instead, [$ruling->reasons[0], $substitution->reason]];
    }

    /** Of what stands in from another ladder: what they do there, where that is higher. */
    public static function more(Rung $instead, Ladder $ladder, PersonRecord $record): ?Rung
    {
        $there = $instead->ladder === $ladder->slug ? null : $record->workingRung($instead->ladder);

        return $there !== null && $there->height->above($instead->height) > 0 && $record->circumstances()->rule($there)->openOn(Side::Both) ? $there : null;
    }
}
