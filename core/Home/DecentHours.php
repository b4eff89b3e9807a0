<?php

declare(strict_types=1);

namespace EvenRungs\Home;

/** When people are written to: from eight in the morning to eight in the evening of the practice (our own choice). */
final class DecentHours
{
    public const FROM = 8;

    public const TO = 20;

    /** The moment itself where it is decent, else the next eight o'clock, in the zone of the moment. */
    public static function next(\DateTimeImmutable $moment): \DateTimeImmutable
    {
        $hour = (int) $moment->format('G');

        return match (true) {
            $hour < self::FROM => $moment->setTime(self::FROM, 0),
            $hour >= self::TO => $moment->modify('+1 day')->setTime(self::FROM, 0),
            default => $moment,
        };
    }
}
