<?php

declare(strict_types=1);

// Writes strung-cues.json anew, from what core makes of the sessions of CueSheetTest.

require dirname(__DIR__, 2).'/vendor/autoload.php';

file_put_contents(__DIR__.'/strung-cues.json', json_encode(json_decode(Tests\Core\CueSheetTest::cases(), flags: JSON_THROW_ON_ERROR), JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES)."\n");
