<?php

declare(strict_types=1);

namespace App\Http\Shared;

use EvenRungs\Balance\KindMix;
use EvenRungs\Ladder\WorkKind;
use EvenRungs\Person\KindsOpen;
use EvenRungs\Person\PersonRecord;

/** The kinds of work beside what an aim asks for. */
final readonly class KindMixView
{
    /**
     * @param list<KindShareView> $kinds
     * @param list<ReasonView>    $whyNot why a kind cannot be planned for the person
     */
    private function __construct(public array $kinds, public ReasonView $reason, public array $whyNot) {}

    /** Null where the aim has no target for them, or nothing is planned yet. */
    public static function of(KindMix $mix, PersonRecord $record): ?self
    {
        $target = KindMix::target($record->profile->aim);

        return $target === null || $mix->agreementPerMille($target) === null ? null : new self(
            array_map(static fn(WorkKind $kind): KindShareView => new KindShareView($kind->inWords(), $mix->percent($kind), $target[$kind->value]), WorkKind::cases()),
            ReasonView::of($mix->reason($target)),
            ReasonView::all(KindsOpen::whyNot($record, $mix)),
        );
    }
}
