<?php

declare(strict_types=1);

// compare.php BEFORE AFTER: two files of measured lines ("what   number unit"), several turns each. Prints for each line
// the median of both and their ratio; a line that only one of them has is printed with what there is.

/** @return array<string, list<float>> by what was measured */
$read = static function (string $file): array {
    $found = [];
    foreach (file($file, FILE_IGNORE_NEW_LINES | FILE_SKIP_EMPTY_LINES) ?: [] as $line) {
        if (preg_match('/^(.+)\s{2,}\D*?(\d+(?:\.\d+)?)/', $line, $part) === 1) {
            $found[trim($part[1])][] = (float) $part[2];
        }
    }

    return $found;
};
$median = static function (array $numbers): ?float {
    sort($numbers);

    return $numbers === [] ? null : $numbers[intdiv(count($numbers), 2)];
};
[$before, $after] = [$read($argv[1]), $read($argv[2])];
printf("%-62s %10s %10s %8s\n", 'median of '.max(array_map('count', $after ?: [[]])).' turns', 'before', 'after', 'ratio');
foreach (array_unique([...array_keys($before), ...array_keys($after)]) as $what) {
    [$was, $is] = [$median($before[$what] ?? []), $median($after[$what] ?? [])];
    printf("%-62s %10s %10s %8s\n", $what, $was ?? '-', $is ?? '-', $was && $is !== null ? number_format($is / $was, 2) : '-');
}
