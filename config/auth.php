<?php

declare(strict_types=1);

return [
    'passwords' => [
        // A forgotten password: an hour. An invitation waits for a week.
        'users' => ['provider' => 'users', 'table' => 'password_reset_tokens', 'expire' => 60, 'throttle' => 60],
        'invitations' => ['provider' => 'users', 'table' => 'invitation_tokens', 'expire' => 60 * 24 * 7, 'throttle' => 0],
    ],
];
