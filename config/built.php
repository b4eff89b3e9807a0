<?php

declare(strict_types=1);

return [
    // What one version is told apart by from the next; by what was built where not set.
    'version' => env('APP_VERSION'),
];
