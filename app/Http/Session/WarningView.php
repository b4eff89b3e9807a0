<?php

declare(strict_types=1);

namespace App\Http\Session;

use App\Http\Shared\ReasonView;
use EvenRungs\Method\Counting;
use EvenRungs\Session\Warning;

/** Something to know before a session is used, with its repair where there is one. */
final readonly class WarningView
{
    public function __construct(
        public ReasonView $reason,
        public ?RepairView $repair,
    ) {}

    public static function of(Warning $warning, Counting $counting): self
    {
        return new self(reason: ReasonView::of($warning->reason), repair: $warning->repair === null ? null : RepairView::of($warning->repair, $counting));
    }

    /**
     * @param list<Warning> $warnings
     *
     * @return list<self>
     */
    public static function all(array $warnings, Counting $counting): array
    {
        return array_map(static fn(Warning $warning): self => self::of($warning, $counting), $warnings);
    }
}
