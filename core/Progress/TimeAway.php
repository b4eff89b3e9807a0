<?php

declare(strict_types=1);

namespace EvenRungs\Progress;

use EvenRungs\Dose\Dose;
use EvenRungs\Ladder\Rung;
use EvenRungs\Method\Method;

/** What weeks away leave of a dose: a step less for each week, four at most, and after those at most half the leaving mark, so that longer never leaves more. */
final readonly class TimeAway
{
    /** Days from which it is one. */
    public const FROM_DAYS = 15;

    /** Days from which a climb test comes first. */
    private const TEST_FROM_DAYS = 29;

    private const MOST_WEEKS = 4;

    private function __construct(public Dose $dose, public string $words, public bool $isTested) {}

    /**
     * Null where so few days are no time away.
     *
     * @param int            $days  since the demand was trained
     * @param list<int>|null $owned grams of the weights there are; null when nobody has said
     */
    public static function of(int $days, Rung $rung, Dose $dose, Method $method, ?array $owned): ?self
    {
        if ($days < self::FROM_DAYS) {
            return null;
        }
        $weeks = min(self::MOST_WEEKS, intdiv($days, 7));
        $lighter = array_reduce(range(1, $weeks), static fn(Dose $dose): Dose => DoseStep::lighter($rung, $dose, $method, $owned)->dose, $dose);
        $words = "{$weeks} steps lighter, one for each week missed";
        if ($days < self::TEST_FROM_DAYS) {
            return new self($lighter, "{$days} days away: {$words}", false);
        }
        $half = FirstDose::halfLike($dose, $rung, $method)->withLoad($lighter->loadGrams)->withPull($lighter->pull);
        $isLess = $half->asksForMoreThan($lighter);

        return new self($isLess ? $lighter->withSets(min($half->sets(), $lighter->sets())) : $half, "{$days} days away: a climb test comes first; until then ".($isLess ? "{$words}, four at most" : 'half the leaving mark'), true);
    }
}
