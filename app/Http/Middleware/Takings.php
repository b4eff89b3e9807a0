<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\Problem;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Facades\DB;

/**
 * A creation is once, and the same: what came under an id the device made is known by a hash, so that a second sending
 * is the same thing, and something else under the id is refused and never said to be stored.
 */
final class Takings
{
    /**
     * @param array<array-key, mixed> $said
     *
     * @throws Problem where something else was taken under this id, whoever sent it
     */
    public static function check(string $id, string $practice, string $what, array $said): bool
    {
        $known = DB::table('takings')->where('id', $id)->first(['practice_id', 'content']);
        if ($known === null) {
            return false;
        }
        if ($known->practice_id !== $practice || $known->content !== self::hash($what, $said)) {
            throw self::other();
        }

        return true;
    }

    /** @param array<array-key, mixed> $said */
    public static function keep(string $id, string $practice, string $what, array $said): void
    {
        try {
            DB::table('takings')->insert(['id' => $id, 'practice_id' => $practice, 'content' => self::hash($what, $said), 'taken_at' => now()]);
        } catch (UniqueConstraintViolationException) {
            throw self::other();
        }
    }

    private static function other(): Problem
    {
        return Problem::conflict('other-content', 'Something else was kept under this number before: nothing of this was stored. What you entered is still here; send it as something new.');
    }

    /** @param array<array-key, mixed> $said */
    private static function hash(string $what, array $said): string
    {
        return hash('sha256', $what."\n".json_encode(self::inOrder($said), JSON_THROW_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE));
    }

    /**
     * The same things in another order of names are the same.
     *
     * @param array<array-key, mixed> $said
     *
     * @return array<array-key, mixed>
     */
    private static function inOrder(array $said): array
    {
        if (! array_is_list($said)) {
            ksort($said);
        }

        return array_map(static fn(mixed $one): mixed => is_array($one) ? self::inOrder($one) : $one, $said);
    }
}
