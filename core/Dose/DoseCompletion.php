<?php

declare(strict_types=1);

namespace EvenRungs\Dose;

/** What could stand next in a dose line, as whole lines; the shapes of the trade first while it is empty. */
final class DoseCompletion
{
    private const MOST = 5;

    private const SHAPES = ['3x10%s', '2x30s%s', '3x(4x10s/5)%s', '(6-5-4x10s/5)%s', '2x20m%s', '2x45s on', '2xmax~20<=30%s', '1x(120s by 45s/30)%s'];

    /**
     * @param bool $inReps the line can be read, and counts repetitions
     * @param bool $sided  the sides are counted apart
     * @param bool $pulled a band or cable can be what resists
     *
     * @return list<string>
     */
    public static function of(string $line, bool $inReps, bool $sided, bool $pulled = false): array
    {
        $typed = trim($line);
        $shapes = array_map(static fn(string $shape): string => sprintf($shape, $sided ? '/side' : ''), self::SHAPES);
        if ($typed === '') {
            return array_slice($shapes, 0, self::MOST);
        }
        $plain = str_replace([' ', '×'], ['', 'x'], $typed);
        $begun = array_values(array_filter($shapes, static fn(string $shape): bool => $shape !== $typed && str_starts_with($shape, $plain)));

        return array_slice([...$begun, ...self::goingOn($typed, $inReps, $sided, $pulled)], 0, self::MOST);
    }

    /** @return list<string> with side, optional set, tempo, rest and load, each once, behind a body that is whole */
    private static function goingOn(string $typed, bool $inReps, bool $sided, bool $pulled): array
    {
        $body = (preg_split('/\s+(?=r\s*\d|[@+]|\S+-\S+-)/', $typed) ?: [''])[0];
        $isWhole = preg_match('/(?:\d+(?:s|m)?(?:\s*on)?|\))(?:\/(?:side|left|right)|\s+(?:pairs|moves))?$/', $body) === 1;
        if (! $isWhole || substr_count($typed, '(') > substr_count($typed, ')')) {
            return [];
        }

        return array_keys(array_filter([
            "{$typed}s" => preg_match('/^(?:\d+\s*[x×]\s*)?\d+$/u', $typed) === 1,
            "{$typed}/side" => $sided && preg_match('/\/side|\/left|\/right|pairs|moves|\bon\b/', $typed) !== 1,
            "{$typed} +1" => preg_match('/\+\d/', $typed) !== 1,
            "{$typed} 3-1-3-1" => $inReps && preg_match('/\d-\S+-\S+-/', $typed) !== 1,
            "{$typed} r45" => preg_match('/\br\s*\d/', $typed) !== 1,
            "{$typed} @".($pulled ? BandStrength::Light->value : '8kg') => ! str_contains($typed, '@'),
        ]));
    }
}
