<?php

declare(strict_types=1);

namespace App\Http\Session;

use App\Http\Shared\ReasonView;
use EvenRungs\Dose\Counting;
use EvenRungs\Session\Warning;
use OpenApi\Attributes as OA;

/** Something to know before a session is used, with its repair where there is one. */
#[OA\Schema]
final readonly class WarningView
{
    public function __construct(
        #[OA\Property(ref: '#/components/schemas/ReasonView')]
        public ReasonView $reason,
        #[OA\Property(ref: '#/components/schemas/RepairView', nullable: true)]
        public ?RepairView $repair,
    ) {}

    public static function of(Warning $warning, Counting $counting): self
    {
        return new self(ReasonView::of($warning->reason), $warning->repair === null ? null : RepairView::of($warning->repair, $counting));
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
