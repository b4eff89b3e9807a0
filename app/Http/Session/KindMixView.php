<?php

declare(strict_types=1);

namespace App\Http\Session;

use App\Http\Shared\ReasonView;
use EvenRungs\Balance\Aim;
use EvenRungs\Balance\KindMix;
use EvenRungs\Ladder\WorkKind;

/** The kinds of work beside what an aim asks for. */
final readonly class KindMixView
{
    /** @param list<KindShareView> $kinds */
    private function __construct(public array $kinds, public ReasonView $reason) {}

    /** Null where the aim has no target for them. */
    public static function of(KindMix $mix, Aim $aim): ?self
    {
        $target = KindMix::target($aim);

        return $target === null ? null : new self(
            array_map(static fn(WorkKind $kind): KindShareView => new KindShareView($kind->inWords(), $mix->percent($kind), $target[$kind->value]), WorkKind::cases()),
            ReasonView::of($mix->reason($target)),
        );
    }
}
