<?php

declare(strict_types=1);

namespace App\Http\Session;

use EvenRungs\Balance\Quality;
use EvenRungs\Session\Session;
use EvenRungs\Session\Timeline;

/** A quality that doses of a session train, and how much of the work does. */
final readonly class QualityView
{
    /**
     * @param string $meaning when a dose trains it
     * @param int    $percent of the work
     */
    private function __construct(public Quality $quality, public string $meaning, public int $percent) {}

    /** @return list<self> the most first; those that nothing trains left out */
    public static function all(Session $session, Timeline $timeline): array
    {
        $work = max(1, $timeline->totals()->work);
        $seconds = array_filter(Quality::work($session, $timeline));
        arsort($seconds);

        return array_map(static fn(string $quality, int $one): self => new self(Quality::from($quality), Quality::from($quality)->inWords(), intdiv(200 * $one + $work, 2 * $work)), array_keys($seconds), array_values($seconds));
    }
}
