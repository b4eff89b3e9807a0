<?php

declare(strict_types=1);

namespace EvenRungs\Session;

use EvenRungs\Body\Side;
use EvenRungs\Dose\Open;

/** One thing the player shows and counts down, of a set. */
final readonly class Cue
{
    /** An open set without a cap is counted for so long, in seconds (our own choice). */
    private const LONGEST_SECONDS = 600;

    /**
     * @param int            $seconds  it takes; of an open set, as is estimated
     * @param list<CuePhase> $phases   of one repetition; empty where the set is not in repetitions
     * @param bool           $endsSet  the set is over after this cue: the form check is asked
     * @param int|null       $until    seconds an open set is counted up to, until somebody ends it; null where it is counted down
     */
    public function __construct(
        public TimeKind $stretch,
        public int $seconds,
        public Side $side,
        public int $target,
        public int $repetitions,
        public array $phases,
        public bool $endsSet,
        public ?int $until = null,
    ) {}

    /**
     * The stretches of time told so that nothing is left to compute.
     *
     * @param list<Segment> $segments
     *
     * @return list<self>
     */
    public static function all(array $segments): array
    {
        $cues = [];
        foreach ($segments as $index => $segment) {
            $next = self::nextWork($segments, $index);
            $cues[] = self::of($segment, $segment->stretch === TimeKind::Work && ($next === null || $next->item->id !== $segment->item->id || $next->set !== $segment->set));
        }

        return $cues;
    }

    /**
     * The cues of one set, under the number it has: optional ones are like the last.
     *
     * @return list<self>
     */
    public static function ofSet(Item $item, int $set): array
    {
        $segments = SetClock::segments($item, 0, $set > $item->dose->allSets() ? $item->dose->sets() : $set);

        return self::all(array_map(static fn(Segment $segment): Segment => $segment->asSet($set), $segments));
    }

    private static function of(Segment $segment, bool $endsSet): self
    {
        $item = $segment->item;
        $isWork = $segment->stretch === TimeKind::Work;
        $inReps = $isWork && $item->isInReps();
        $body = $isWork ? $item->dose->first() : null;
        // Of repetitions that take the sides in turn the estimate counts each side.
        $until = $body instanceof Open ? ($body->cap === null ? self::LONGEST_SECONDS : intdiv($segment->seconds * $body->cap, $body->estimate)) : null;
        $lasts = $until ?? $segment->seconds;

        return new self(
            $segment->stretch,
            $segment->seconds,
            $segment->side,
            $segment->target,
            $inReps ? intdiv($lasts, max(1, $item->repSeconds())) : 0,
            $inReps ? CuePhase::of($item->rung, $item->dose) : [],
            $endsSet,
            $until,
        );
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
