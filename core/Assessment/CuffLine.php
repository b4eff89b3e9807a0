<?php

declare(strict_types=1);

namespace EvenRungs\Assessment;

/** One line of the cuff's protocol: `P <milliseconds> <mmHg>`, such as `P 1250 40.3`. See docs/formats/cuff.md. */
final class CuffLine
{
    /** Null for a line that says something else, such as a greeting. */
    public static function read(string $line): ?BraceSample
    {
        if (preg_match('/^P (\d{1,8}) (\d{1,3}(?:\.\d{1,2})?)\s*$/', $line, $found) !== 1 || (float) $found[2] > 300) {
            return null;
        }

        return new BraceSample((int) $found[1], (float) $found[2]);
    }

    public static function write(BraceSample $sample): string
    {
        return sprintf("P %d %.1f\n", $sample->ms, $sample->mmHg);
    }
}
