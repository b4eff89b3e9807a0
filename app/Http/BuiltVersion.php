<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Support\Facades\Vite;

/** What the scripts of this version are told apart by from those of another: a page that was opened before may be of an earlier one. */
final class BuiltVersion
{
    /** Empty where nothing was built. */
    public static function now(): string
    {
        $set = config('built.version');

        return is_string($set) && $set !== '' ? $set : Vite::manifestHash() ?? '';
    }
}
