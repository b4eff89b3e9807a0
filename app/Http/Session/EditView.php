<?php

declare(strict_types=1);

namespace App\Http\Session;

use App\Api\ListOf;
use App\Api\OneOf;
use EvenRungs\Dose\Counting;
use EvenRungs\Dose\DoseLine;
use EvenRungs\Session\Edit;
use EvenRungs\Session\EditKind;
use OpenApi\Attributes as OA;

/** One change to a session, by the ids of its exercises. */
#[OA\Schema]
final readonly class EditView
{
    /** @param list<string> $items */
    public function __construct(
        #[OneOf(EditKind::class)]
        public string $kind,
        #[ListOf('string')]
        public array $items,
        #[OA\Property]
        public ?string $rung,
        #[OA\Property]
        public ?string $dose,
        #[OA\Property]
        public ?int $seconds,
    ) {}

    public static function of(Edit $edit, Counting $counting): self
    {
        return new self($edit->kind->value, $edit->items, $edit->rung?->slug, $edit->dose === null ? null : DoseLine::print($edit->dose, $counting), $edit->seconds);
    }
}
