<?php

declare(strict_types=1);

return [
    // Messages to people at home wait for decent hours; those of the demo go at once.
    'at_once' => (bool) env('MESSAGES_AT_ONCE', false),

    // Texts go to one address as a form: POST with the fields to, from and text, and the key as bearer token. Any answer
    // of 200 to 299 is taken as sent. Without an address no text is sent, and none is offered.
    'text' => [
        'url' => env('TEXT_URL', ''),
        'key' => env('TEXT_KEY', ''),
        'from' => env('TEXT_FROM', 'Even Rungs'),
    ],
];
