<?php

declare(strict_types=1);

namespace App\Http\Coach;

use EvenRungs\Log\LineExercise;
use EvenRungs\Log\LogLine;

/** What a typed line tells of a training. */
final readonly class LogLineView
{
    /**
     * @param list<LineExercise> $exercises
     * @param list<string>       $unread  sentences about what means nothing here
     * @param int|null           $daysAgo 0 for today, 1 for yesterday; null where the line does not say
     */
    public function __construct(public array $exercises, public array $unread, public ?int $minutes, public ?int $daysAgo) {}

    public static function of(LogLine $line): self
    {
        return new self(exercises: $line->exercises(), unread: $line->unread, minutes: $line->minutes, daysAgo: $line->daysAgo);
    }
}
