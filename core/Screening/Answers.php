<?php

declare(strict_types=1);

namespace EvenRungs\Screening;

use EvenRungs\Calendar\Day;

/** What was answered when the danger signs were asked for. A yes closes at once; no to all is no to each of them. */
final readonly class Answers
{
    /**
     * @param list<DangerSign> $yes
     * @param list<DangerSign> $no
     *
     * @throws InvalidAnswers when a sign stands in both, or none is answered with yes and one not at all
     */
    public function __construct(public array $yes, public array $no)
    {
        $values = static fn(DangerSign ...$signs): array => array_map(static fn(DangerSign $sign): string => $sign->value, $signs);
        if (array_intersect($values(...$yes), $values(...$no)) !== []) {
            throw InvalidAnswers::because('A question was answered with yes and with no.');
        }
        $open = count(array_diff($values(...DangerSign::cases()), $values(...$yes), $values(...$no)));
        if ($yes === [] && $open > 0) {
            throw InvalidAnswers::because(($open === 1 ? 'One question is' : "{$open} questions are").' not answered yet: training opens only when each was asked.');
        }
    }

    /** The most urgent sign that was answered with yes; null when none was. */
    public function urgency(): ?Urgency
    {
        foreach (Urgency::cases() as $urgency) {
            foreach ($this->yes as $sign) {
                if ($sign->urgency() === $urgency) {
                    return $urgency;
                }
            }
        }

        return null;
    }

    /** A mistaken yes may be taken back, with a reason, by whoever wrote it and on the day it was written. */
    public static function mayBeTakenBack(bool $byAuthor, Day $answered, Day $today): bool
    {
        return $byAuthor && $answered->iso() === $today->iso();
    }
}
