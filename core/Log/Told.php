<?php

declare(strict_types=1);

namespace EvenRungs\Log;

use EvenRungs\Load\ActiveTime;
use EvenRungs\Progress\StartPain;

/**
 * What a training comes to by the events told of it, whatever order they came in. Of each thing the events hold that no
 * other takes the place of. Where two devices said different things of one set the one told first holds until somebody
 * says which it was.
 */
final readonly class Told
{
    /**
     * @param list<ReportedSet>     $sets      each set once, in the order they were first told
     * @param list<non-empty-list<Event>> $differing for each set that was told in different ways, those ways, the first told first
     * @param list<StartPain>|null  $before    null when nobody asked
     * @param int|null              $seconds   as somebody says; else counted from the moments; null where nothing says
     * @param string|null           $sameAs    training this one is
     * @param list<string>          $apart     trainings this one is not
     * @param EndReason|null        $why       it ended before the last set; null where it did not, or nobody said
     * @param list<Event>           $mornings  after earlier sessions, the answers that hold
     */
    private function __construct(
        public array $sets,
        public array $differing,
        public ?array $before,
        public ?int $seconds,
        public bool $ended,
        public ?string $sameAs,
        public array $apart,
        public ?EndReason $why,
        public array $mornings,
    ) {}

    /** @param list<Event> $events in any order; the same one may stand twice */
    public static function of(array $events): self
    {
        $byId = [];
        foreach ($events as $event) {
            $byId[$event->id] = $event;
        }
        ksort($byId, SORT_STRING);
        $replaced = array_fill_keys(array_merge([], ...array_map(static fn(Event $event): array => array_diff($event->instead, [$event->id]), array_values($byId))), true);
        $moments = [];
        $holding = [];
        foreach ($byId as $id => $event) {
            array_push($moments, ...$event->moments);
            $holding[$event->about()] ??= [];
            if (! isset($replaced[$id])) {
                $holding[$event->about()][] = $event;
            }
        }
        $sets = $differing = [];
        foreach ($holding as $events) {
            $told = self::ways(array_values(array_filter($events, static fn(Event $event): bool => $event->kind === EventKind::Set)));
            if ($told !== [] && $told[0]->set !== null) {
                $sets[] = $told[0]->set;
            }
            if (count($told) > 1) {
                $differing[] = $told;
            }
        }
        /** @return list<Event> */
        $of = static fn(EventKind $kind): array => array_values(array_filter(array_merge([], ...array_values($holding)), static fn(Event $event): bool => $event->kind === $kind));

        return new self(
            $sets,
            $differing,
            ($of(EventKind::Before)[0] ?? null)?->before,
            ($of(EventKind::Time)[0] ?? null)->seconds ?? ActiveTime::of(array_values(array_unique($moments))),
            $of(EventKind::Ended) !== [],
            ($of(EventKind::Joined)[0] ?? null)?->other,
            array_values(array_filter(array_map(static fn(Event $event): ?string => $event->other, $of(EventKind::Apart)), is_string(...))),
            ($of(EventKind::Ended)[0] ?? null)?->why,
            $of(EventKind::Morning),
        );
    }

    /**
     * @param list<Event> $events
     *
     * @return list<Event> those that say different things
     */
    private static function ways(array $events): array
    {
        $ways = [];
        foreach ($events as $event) {
            if (array_filter($ways, static fn(Event $way): bool => $way->saysAs($event)) === []) {
                $ways[] = $event;
            }
        }

        return $ways;
    }
}
