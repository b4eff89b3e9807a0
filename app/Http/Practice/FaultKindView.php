<?php

declare(strict_types=1);

namespace App\Http\Practice;

use EvenRungs\Figure\FaultKind;

/** A kind of fault, and whether a still shows it. */
final readonly class FaultKindView
{
    public function __construct(public string $value, public string $label, public bool $drawn) {}

    /** @return list<self> */
    public static function all(): array
    {
        return [
            ...array_map(static fn(FaultKind $kind): self => new self(value: $kind->value, label: $kind->inWords(), drawn: true), FaultKind::cases()),
            ...array_map(static fn(string $value, string $label): self => new self(value: $value, label: $label, drawn: false), array_keys(FaultKind::UNSEEN), FaultKind::UNSEEN),
        ];
    }
}
