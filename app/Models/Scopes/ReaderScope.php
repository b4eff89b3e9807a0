<?php

declare(strict_types=1);

namespace App\Models\Scopes;

use App\Models\Readership;
use App\Models\User;
use App\Time\PracticeClock;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Scope;
use Illuminate\Support\Facades\Auth;

/** Limits a reader to the people who are shared with them today and have not been put away. */
final class ReaderScope implements Scope
{
    public function apply(Builder $builder, Model $model): void
    {
        $user = Auth::user();
        if ($user instanceof User && $user->isReader()) {
            $shared = Readership::holding(PracticeClock::of($user)->today()->iso())->where('reader_id', $user->id)->select('person_id');
            $builder->whereNull($model->qualifyColumn('archived_at'))->whereIn($model->qualifyColumn('id'), $shared);
        }
    }
}
