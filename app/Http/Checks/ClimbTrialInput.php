<?php

declare(strict_types=1);

namespace App\Http\Checks;

/** One trial of a climb test. */
final readonly class ClimbTrialInput
{
    /** @param list<string> $faults form questions answered with no */
    public function __construct(
        public string $rung,
        public array $faults,
        public int $pain,
    ) {}

    /** @param array<array-key, mixed> $data validated */
    public static function read(array $data): self
    {
        return new self(
            is_string($data['rung'] ?? null) ? $data['rung'] : '',
            array_values(array_filter(is_array($data['faults'] ?? null) ? $data['faults'] : [], is_string(...))),
            is_numeric($data['pain'] ?? null) ? (int) $data['pain'] : 0,
        );
    }
}
