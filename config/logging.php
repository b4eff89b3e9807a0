<?php

declare(strict_types=1);

// One file a day, readable by the application alone, kept for thirty days. What is written is without values of people: App\Http\Told.
return [
    'default' => 'daily',
    'channels' => [
        'daily' => [
            'driver' => 'daily',
            'path' => storage_path('logs/laravel.log'),
            'level' => env('LOG_LEVEL', 'warning'),
            'days' => 30,
            'permission' => 0600,
        ],
    ],
];
