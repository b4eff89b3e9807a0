<?php

declare(strict_types=1);

namespace App\Models\Scopes;

use App\Models\User;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Scope;
use Illuminate\Support\Facades\Auth;

/** Limits a query to the practice of the signed-in user. */
final class PracticeScope implements Scope
{
    /** Set by console commands that act for a practice; null in requests. */
    private static ?string $acting = null;

    public function apply(Builder $builder, Model $model): void
    {
        $builder->where($model->qualifyColumn('practice_id'), self::practiceId() ?? '');
    }

    public static function practiceId(): ?string
    {
        if (self::$acting !== null) {
            return self::$acting;
        }
        $user = Auth::user();

        return $user instanceof User ? $user->practice_id : null;
    }

    /**
     * Runs something on behalf of a practice, outside a request.
     *
     * @template T
     *
     * @param callable(): T $work
     *
     * @return T
     */
    public static function actingFor(string $practiceId, callable $work): mixed
    {
        [$before, self::$acting] = [self::$acting, $practiceId];
        try {
            return $work();
        } finally {
            self::$acting = $before;
        }
    }
}
