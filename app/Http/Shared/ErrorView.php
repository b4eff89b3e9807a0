<?php

declare(strict_types=1);

namespace App\Http\Shared;

/** What every error looks like. */
final readonly class ErrorView
{
    /**
     * @param array<string, list<string>> $fields  sentences by path of the field
     * @param object|null                 $present what is saved now, after a conflict
     */
    public function __construct(
        public string $code,
        public string $sentence,
        public array|\stdClass $fields,
        public string $id,
        public ?object $present = null,
    ) {}
}
