<?php

declare(strict_types=1);

return [
    // Where the pressure cuff speaks its line protocol (docs/formats/cuff.md): a local socket, or tcp://127.0.0.1:PORT.
    'stream' => env('CUFF_STREAM', 'unix://'.env('RUN_DIRECTORY', '/tmp').'/cuff.sock'),
];
