<?php

declare(strict_types=1);

namespace App\Records;

use Illuminate\Database\Eloquent\Model;

/** Recognises a writing that was taken and whose answer was lost on its way: one version further, and the very same. */
final class OwnWriting
{
    /**
     * @param Model                $row     as it is now, with a version
     * @param int                  $version the writing was meant to follow
     * @param array<string, mixed> $columns it would write
     */
    public static function is(Model $row, int $version, array $columns): bool
    {
        $other = (clone $row)->fill($columns);

        return $row->getAttribute('version') === $version + 1 && ! $other->isDirty(array_keys($columns));
    }
}
