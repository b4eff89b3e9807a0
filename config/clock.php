<?php

declare(strict_types=1);

return [
    // A file with the moment that is now, for tests only (App\Time\TestClock).
    'file' => env('CLOCK_FILE'),
];
