<?php

declare(strict_types=1);

namespace App\Time;

use Illuminate\Support\Carbon;

/**
 * Under the testing environment a file sets now, for server, queue and commands alike, so that a story can cross days
 * while the server runs. Anywhere else the file is never looked at.
 */
final class TestClock
{
    public static function read(): void
    {
        $file = config('clock.file');
        if (app()->environment('testing') && is_string($file) && is_file($file)) {
            Carbon::setTestNow(Carbon::parse(trim((string) file_get_contents($file)), 'UTC'));
        }
    }
}
