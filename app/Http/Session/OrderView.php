<?php

declare(strict_types=1);

namespace App\Http\Session;

use App\Api\ListOf;
use App\Api\OneOf;
use App\Http\Shared\ReasonView;
use EvenRungs\Session\OrderSchool;
use OpenApi\Attributes as OA;

/** The session in the order of a school, and what that does to it. */
#[OA\Schema]
final readonly class OrderView
{
    /**
     * @param list<string>           $names
     * @param list<WrittenBlockView> $blocks
     */
    public function __construct(
        #[OneOf(OrderSchool::class)]
        public string $school,
        #[OA\Property(description: 'the method asks for this one')]
        public bool $ofMethod,
        #[OA\Property]
        public bool $present,
        #[OA\Property]
        public int $savedSeconds,
        #[OA\Property(ref: '#/components/schemas/ReasonView')]
        public ReasonView $reason,
        #[ListOf('string')]
        public array $names,
        #[ListOf(WrittenBlockView::class)]
        public array $blocks,
    ) {}
}
