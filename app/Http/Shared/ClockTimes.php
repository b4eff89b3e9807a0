<?php

declare(strict_types=1);

namespace App\Http\Shared;

/** A page of an earlier version that is still open knows no clock times: what it sends without one keeps the one that is stored. */
final readonly class ClockTimes
{
    /**
     * @param list<array<string, mixed>> $stored
     * @param list<string>               $alike  fields by which the stored row is found
     */
    public static function of(mixed $row, array $stored, array $alike): ?string
    {
        $time = data_get($row, 'time');
        if (! is_array($row) || array_key_exists('time', $row)) {
            return is_string($time) ? $time : null;
        }
        foreach ($stored as $one) {
            if (array_filter($alike, static fn(string $field): bool => ($one[$field] ?? null) !== ($row[$field] ?? null)) === []) {
                return is_string($one['time'] ?? null) ? $one['time'] : null;
            }
        }

        return null;
    }
}
