<?php

declare(strict_types=1);

// Time of the core alone on a session of twelve exercises: reading the lines, laying it out in time, shares
// and cue sheet. Printed, never asserted.
use App\Library\LibraryFiles;
use EvenRungs\Balance\Aim;
use EvenRungs\Balance\WorkShares;
use EvenRungs\Body\Kit;
use EvenRungs\Calendar\Day;
use EvenRungs\Ladder\Circumstances;
use EvenRungs\Method\Method;
use EvenRungs\Program\Generator;
use EvenRungs\Program\Locks;
use EvenRungs\Program\ProgramRequest;
use EvenRungs\Program\ProgramSlot;
use EvenRungs\Program\Rate;
use EvenRungs\Program\SetSearch;
use EvenRungs\Program\StartingPoint;
use EvenRungs\Session\Circuit;
use EvenRungs\Session\Cue;
use EvenRungs\Session\Session;
use EvenRungs\Session\StraightSets;
use EvenRungs\Week\Cell;
use EvenRungs\Week\DayPart;
use EvenRungs\Week\SessionRole;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\ShippedLibrary;
use Tests\Reference\ExactSets;

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

    return $timeline->totals()->total() + count(Cue::all($timeline->segments));
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

// A whole program, and what its quality is worth: the sets of small weeks against the exact optimum.
$working = [];
foreach (ShippedLibrary::get()->ladders() as $ladder) {
    foreach ($ladder->demand->hasShare() ? array_reverse($ladder->trunk(Method::default())) : [] as $rung) {
        if ($rung->height->tenths <= 45) {
            $working[$ladder->slug] = $rung;
            break;
        }
    }
}
foreach ([6, 12] as $count) {
    $standing = new StartingPoint(ShippedLibrary::get(), new Circumstances([], Kit::cases(), Method::default()), array_slice($working, 0, $count));
    $slots = array_map(static fn(int $day): ProgramSlot => new ProgramSlot("day-{$day}", new Cell($day, DayPart::Evening), SessionRole::OwnDay, 20, 6), [1, 3, 5, 6]);
    $wish = new ProgramRequest(Day::parse('2026-11-30'), Day::parse('2026-11-25'), 12, $slots, Aim::Even->targets(), Rate::stated(Rate::STATED_TENTHS), new Locks);
    $times = [];
    for ($i = 0; $i < 6; $i++) {
        $start = hrtime(true);
        Generator::program($standing, $wish);
        $times[] = (hrtime(true) - $start) / 1e6;
    }
    sort($times);
    printf("program, 12 weeks of 4 sessions, %2d ladders               %.0f ms (aim: under 300 ms)\n", $count, $times[2]);
}
// Sixty people and practices at random: a program must be there while a trainer waits, whatever the board looks like.
$random = static function (int $seed): array {
    $dice = new Randomizer(new Mt19937($seed));
    $level = $dice->getInt(20, 70);
    $working = [];
    foreach (ShippedLibrary::get()->ladders() as $ladder) {
        $near = $ladder->demand->hasShare() ? array_values(array_filter($ladder->trunk(Method::default()), static fn($rung): bool => abs($rung->height->tenths - $level) <= 14)) : [];
        if ($near !== [] && $dice->getInt(0, 3) > 0) {
            $working[$ladder->slug] = $near[$dice->getInt(0, count($near) - 1)];
        }
    }
    $minutes = $dice->getInt(12, 30);
    $slots = array_map(static fn(int $day): ProgramSlot => new ProgramSlot("day-{$day}", new Cell($day, DayPart::Evening), SessionRole::OwnDay, $minutes, 6), [1, 3, 5, 6]);
    $aims = Aim::cases();

    return [
        new StartingPoint(ShippedLibrary::get(), new Circumstances([], Kit::cases(), Method::default()), array_slice($working, 0, 12)),
        new ProgramRequest(Day::parse('2026-11-30'), Day::parse('2026-11-25'), 12, $slots, $aims[$dice->getInt(0, count($aims) - 1)]->targets(), Rate::stated(Rate::STATED_TENTHS), new Locks),
    ];
};
$times = [];
for ($seed = 501; $seed <= 560; $seed++) {
    [$standing, $wish] = $random($seed);
    $start = hrtime(true);
    Generator::program($standing, $wish);
    $times[] = (hrtime(true) - $start) / 1e6;
}
sort($times);
printf("program, 12 weeks of 4 sessions, 60 boards at random     median %.0f ms, 95th %.0f ms (aim: 150 ms at the 95th)\n", $times[30], $times[56]);
if (is_executable('/usr/bin/glpsol')) {
    $worst = $mean = $ours = $exact = 0.0;
    for ($case = 1; $case <= ExactSets::CASES; $case++) {
        $problem = ExactSets::problem($case);
        $start = hrtime(true);
        $found = SetSearch::solve($problem)->distance;
        $ours += hrtime(true) - $start;
        $start = hrtime(true);
        $apart = $found - ExactSets::optimum($problem)[1];
        $exact += hrtime(true) - $start;
        $worst = max($worst, $apart);
        $mean += $apart / ExactSets::CASES;
    }
    printf("sets of %d small weeks against the exact optimum          worst %.2f, mean %.2f percentage points apart (aim: 2); time %.2f of the exact solver's\n", ExactSets::CASES, 100 * $worst, 100 * $mean, $ours / $exact);
    $apart = [];
    for ($case = 1; $case <= ExactSets::PROGRAMS; $case++) {
        [$problems, $plans] = ExactSets::planned($case);
        $apart[] = ExactSets::sum($problems, $plans)[1] - ExactSets::optimumOfTheSum($problems)[1];
    }
    printf("building weeks of %d programs as one sum, the same        worst %.2f, mean %.2f percentage points apart (aim: 1.5 and 0.5)\n", ExactSets::PROGRAMS, 100 * max($apart), 100 * array_sum($apart) / ExactSets::PROGRAMS);
}
