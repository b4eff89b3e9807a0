<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Scopes\PracticeScope;

/**
 * A record of one practice: every query sees only the practice that is signed in, and new rows get it.
 * Without a practice nothing is found: the scope fails closed.
 */
trait BelongsToPractice
{
    public static function bootBelongsToPractice(): void
    {
        static::addGlobalScope(new PracticeScope);
        static::creating(static function (self $model): void {
            $model->setAttribute('practice_id', $model->getAttribute('practice_id') ?? PracticeScope::practiceId());
        });
    }
}
