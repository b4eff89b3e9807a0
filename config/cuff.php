<?php

declare(strict_types=1);

return [
    // Where a simulated cuff speaks (bin/cuff), such as ws://127.0.0.1:9400; the page may speak to it and to nothing else.
    // Null everywhere but in the demo and in tests: there the browser reads a cuff at its own serial port.
    'address' => env('CUFF_ADDRESS'),
];
