<?php

declare(strict_types=1);

namespace EvenRungs\Person;

use EvenRungs\Ladder\Library;
use EvenRungs\Progress\Morning;
use EvenRungs\Progress\MorningPain;
use EvenRungs\Progress\Pain;

/**
 * The one answer about a morning, for each ladder of the session before it: a place counts for the ladders that loaded it.
 * Where none did, pain above 5 and what is worse count for all of them, since nobody knows what did it; less is kept, and
 * holds nothing back (our own choice).
 */
final readonly class MorningByLadder
{
    /** @param MorningPain|null $place of the highest; null where there is none */
    private function __construct(public string $ladder, public Morning $morning, public ?MorningPain $place) {}

    /**
     * @param list<MorningPain> $pains none for nothing anywhere
     *
     * @return list<self> one for each ladder
     */
    public static function of(LoggedSession $log, Library $library, array $pains): array
    {
        $isLoaded = static fn(MorningPain $pain, string $ladder): bool => array_filter(
            $log->sets,
            static fn(LoggedSet $set): bool => $set->ladder() === $ladder && $pain->place->isLoadedBy($library->rung($set->rung)),
        ) !== [];
        $by = [];
        foreach ($log->ladders() as $ladder) {
            $own = array_values(array_filter($pains, static fn(MorningPain $pain): bool => $isLoaded($pain, $ladder)
                || (($pain->worse || Pain::stops($pain->pain)) && array_filter($log->ladders(), static fn(string $other): bool => $isLoaded($pain, $other)) === [])));
            usort($own, static fn(MorningPain $a, MorningPain $b): int => $b->pain <=> $a->pain);
            $by[] = new self($ladder, new Morning($own[0]->pain ?? 0, array_filter($own, static fn(MorningPain $pain): bool => $pain->worse) !== []), $own[0] ?? null);
        }

        return $by;
    }
}
