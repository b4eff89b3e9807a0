<?php

declare(strict_types=1);

return [
    // What failed for good is told on the bench. Why is kept nowhere: an error of a mail server names who was written to.
    'failed' => ['driver' => 'null'],
];
