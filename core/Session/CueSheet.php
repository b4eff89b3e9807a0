<?php

declare(strict_types=1);

namespace EvenRungs\Session;

use EvenRungs\Dose\TempoPart;

/** What the player plays: the timeline, told so that nothing is left to compute. */
final readonly class CueSheet
{
    /** @param list<Cue> $cues */
    private function __construct(public array $cues) {}

    public static function of(Session $session): self
    {
        $segments = $session->timeline()->segments;
        $cues = [];
        foreach ($segments as $index => $segment) {
            $inReps = $segment->stretch === Stretch::Work && $segment->item->isInReps();
            $next = self::nextWork($segments, $index);
            $cues[] = new Cue(
                $segment->stretch,
                $segment->seconds,
                $segment->item->id,
                $segment->set,
                $segment->side,
                $segment->target,
                $inReps ? intdiv($segment->seconds, max(1, $segment->item->repSeconds())) : 0,
                $inReps ? self::phases($segment->item) : [],
                $segment->stretch === Stretch::Work && ($next === null || $next->item->id !== $segment->item->id || $next->set !== $segment->set),
            );
        }

        return new self($cues);
    }

    /** @param list<Segment> $segments */
    private static function nextWork(array $segments, int $index): ?Segment
    {
        for ($next = $index + 1; $next < count($segments); $next++) {
            if ($segments[$next]->stretch === Stretch::Work) {
                return $segments[$next];
            }
        }

        return null;
    }

    /**
     * The parts of a repetition in the order they are done, which is the rung's own.
     *
     * @return list<CuePhase>
     */
    private static function phases(Item $item): array
    {
        $tempo = $item->rung->tempoOf($item->dose);
        $words = $item->rung->phases;
        $lowering = [[$words->lowering ?? 'down', $tempo->lowering, false], ['hold', $tempo->pauseLow, true]];
        $lifting = [[$words->lifting ?? 'up', $tempo->lifting, false], ['hold', $tempo->pauseHigh, true]];
        $phases = [];
        foreach ($words !== null && ! $words->startsWithLowering ? [...$lifting, ...$lowering] : [...$lowering, ...$lifting] as [$word, $part, $isPause]) {
            /** @var TempoPart $part */
            if ($part->seconds > 0) {
                $phases[] = new CuePhase($word, $part->seconds, $isPause);
            }
        }

        return $phases;
    }
}
