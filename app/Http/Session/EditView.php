<?php

declare(strict_types=1);

namespace App\Http\Session;

use EvenRungs\Dose\DoseLine;
use EvenRungs\Method\Counting;
use EvenRungs\Session\Edit;
use EvenRungs\Session\EditKind;
use EvenRungs\Session\Part;

/** One change to a session, by the ids of its exercises. */
final readonly class EditView
{
    /**
     * @param list<string> $items
     * @param bool         $byTable the dose is the table's: where the one that is due is known, it takes its place
     */
    public function __construct(
        public EditKind $kind,
        public array $items,
        public ?string $rung,
        public ?string $dose,
        public ?int $seconds,
        public ?Part $part,
        public bool $byTable,
    ) {}

    public static function of(Edit $edit, Counting $counting): self
    {
        return new self(kind: $edit->kind, items: $edit->items, rung: $edit->rung?->slug, dose: $edit->dose === null ? null : DoseLine::print($edit->dose, $counting), seconds: $edit->seconds, part: $edit->part, byTable: $edit->byTable);
    }
}
