<?php

declare(strict_types=1);

namespace EvenRungs\Person;

use EvenRungs\Balance\KindMix;
use EvenRungs\Ladder\Rung;
use EvenRungs\Ladder\WorkKind;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;

/** Why a kind of work that the aim asks for cannot be planned for a person. */
final class KindsOpen
{
    /** @return list<Reason> one for each kind of which nothing is planned and no working rung is */
    public static function whyNot(PersonRecord $record, KindMix $planned): array
    {
        $reasons = [];
        foreach (KindMix::target($record->profile->aim) ?? [] as $value => $parts) {
            $kind = WorkKind::from($value);
            $working = array_filter($record->workingRungs(), static fn(Rung $rung): bool => $rung->kind === $kind && $record->circumstances()->rule($rung)->openSomewhere());
            if ($parts > 0 && $working === [] && $planned->percent($kind) === 0) {
                $reasons[] = self::because($record, $kind);
            }
        }

        return $reasons;
    }

    private static function because(PersonRecord $record, WorkKind $kind): Reason
    {
        $closed = null;
        foreach ($record->library->ladders() as $ladder) {
            foreach ($ladder->rungs as $rung) {
                $ruling = $rung->kind === $kind ? $record->circumstances()->rule($rung) : null;
                if ($ruling !== null && $ruling->openSomewhere()) {
                    return Reason::because(Rule::KindMix, "No {$kind->inWords()}: the person stands on no rung of that kind. “{$rung->name}” of the ".lcfirst($ladder->name).' is open.', [], 'Placing the person there.');
                }
                $closed ??= $ruling?->reasons[0] ?? null;
            }
        }

        return Reason::because(Rule::KindMix, "No {$kind->inWords()}: nothing of that kind is open.".($closed === null ? '' : " {$closed->sentence}"), [], 'More kit, or a limit lifted.');
    }
}
