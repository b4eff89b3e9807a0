<?php

declare(strict_types=1);

namespace App\Http\Session;

use EvenRungs\Method\Counting;
use EvenRungs\Session\Edit;
use EvenRungs\Session\Repair;

/** What one key does about a warning. */
final readonly class RepairView
{
    /** @param list<EditView> $edits */
    public function __construct(
        public string $label,
        public array $edits,
    ) {}

    public static function of(Repair $repair, Counting $counting): self
    {
        return new self(label: $repair->label, edits: array_map(static fn(Edit $edit): EditView => EditView::of($edit, $counting), $repair->edits));
    }
}
