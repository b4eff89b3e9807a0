<?php

declare(strict_types=1);

namespace App\Http\Session;

use EvenRungs\Dose\DoseFields;

final readonly class ItemInput
{
    /** @param DoseFields|null $fields the dose by fields; it goes before the line */
    public function __construct(
        public string $id,
        public string $rung,
        public string $dose,
        public ?DoseFields $fields = null,
    ) {}
}
