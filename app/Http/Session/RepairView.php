<?php

declare(strict_types=1);

namespace App\Http\Session;

use App\Api\ListOf;
use EvenRungs\Dose\Counting;
use EvenRungs\Session\Edit;
use EvenRungs\Session\Repair;
use OpenApi\Attributes as OA;

/** What one key does about a warning. */
#[OA\Schema]
final readonly class RepairView
{
    /** @param list<EditView> $edits */
    public function __construct(
        #[OA\Property]
        public string $label,
        #[ListOf(EditView::class)]
        public array $edits,
    ) {}

    public static function of(Repair $repair, Counting $counting): self
    {
        return new self($repair->label, array_map(static fn(Edit $edit): EditView => EditView::of($edit, $counting), $repair->edits));
    }
}
