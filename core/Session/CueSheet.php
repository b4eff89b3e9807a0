<?php

declare(strict_types=1);

namespace EvenRungs\Session;

/** What the player plays: the timeline, told so that nothing is left to compute. */
final readonly class CueSheet
{
    /** @param list<Cue> $cues */
    private function __construct(public array $cues) {}

    public static function of(Timeline $timeline): self
    {
        $segments = $timeline->segments;
        $cues = [];
        foreach ($segments as $index => $segment) {
            $inReps = $segment->stretch === TimeKind::Work && $segment->item->isInReps();
            $next = self::nextWork($segments, $index);
            $cues[] = new Cue(
                $segment->stretch,
                $segment->seconds,
                $segment->item->id,
                $segment->set,
                $segment->side,
                $segment->target,
                $inReps ? intdiv($segment->seconds, max(1, $segment->item->repSeconds())) : 0,
                $inReps ? CuePhase::of($segment->item->rung, $segment->item->dose) : [],
                $segment->stretch === TimeKind::Work && ($next === null || $next->item->id !== $segment->item->id || $next->set !== $segment->set),
            );
        }

        return new self($cues);
    }

    /** @param list<Segment> $segments */
    private static function nextWork(array $segments, int $index): ?Segment
    {
        for ($next = $index + 1; $next < count($segments); $next++) {
            if ($segments[$next]->stretch === TimeKind::Work) {
                return $segments[$next];
            }
        }

        return null;
    }
}
