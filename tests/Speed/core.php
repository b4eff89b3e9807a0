<?php

declare(strict_types=1);

// Time of the core alone on a session of twelve exercises: reading the lines, laying it out in time, shares
// and cue sheet. Printed, never asserted.
use App\Library\LibraryFiles;
use EvenRungs\Balance\WorkShares;
use EvenRungs\Session\Circuit;
use EvenRungs\Session\CueSheet;
use EvenRungs\Session\Session;
use EvenRungs\Session\StraightSets;
use Tests\Core\ShippedLibrary;

require dirname(__DIR__, 2).'/vendor/autoload.php';

$lines = [
    ['front-plank/forearms-toes', '3x(4x10s/5) r30'], ['side-bridge/knees-bent', '2x20s/side'], ['all-fours/opposite-short', '2x10/side 1-0-1-3'],
    ['press-out/standing', '3x12/side 2-1-2-0 r45'], ['front-plank/small-rock', '3x8 3-1-3-1'], ['side-bridge/hip-dips', '2x8/side'],
];
$once = static function () use ($lines): int {
    $items = [];
    foreach ([...$lines, ...$lines] as $number => [$rung, $line]) {
        $items[] = ShippedLibrary::item($rung, $line, "i{$number}");
    }
    $session = new Session([...array_map(static fn($item) => new StraightSets($item), array_slice($items, 0, 6)), Circuit::evenly(array_slice($items, 6), 20, 45)]);
    $timeline = $session->timeline();
    WorkShares::of($session, $timeline);

    return $timeline->totals()->total() + count(CueSheet::of($timeline)->cues);
};
for ($i = 0; $i < 200; $i++) {
    $once();
}
$rounds = 1000;
$start = hrtime(true);
for ($i = 0; $i < $rounds; $i++) {
    $once();
}
printf("core, 12 exercises: lines, timeline, shares, cue sheet   %.3f ms (aim: under 1 ms)\n", (hrtime(true) - $start) / $rounds / 1e6);

// What a request pays for the library: read from its kept copy, all of it and the ladders of one session.
$files = static fn(): LibraryFiles => new LibraryFiles(dirname(__DIR__, 2).'/library/ladders', dirname(__DIR__, 2).'/bootstrap/cache/library.php');
$files()->shelf()->library();
foreach (['all nineteen ladders' => null, 'the ladders of four exercises' => ['front-plank', 'side-bridge', 'all-fours', 'press-out']] as $what => $ladders) {
    $start = hrtime(true);
    for ($i = 0; $i < 200; $i++) {
        $library = $files()->shelf()->library();
        foreach ($ladders ?? $library->slugs() as $ladder) {
            $library->ladder($ladder);
        }
    }
    printf("library, %-46s  %.3f ms\n", $what, (hrtime(true) - $start) / 200 / 1e6);
}
