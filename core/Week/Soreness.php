<?php

declare(strict_types=1);

namespace EvenRungs\Week;

use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;

/** A sore trunk on the day: from 4 of 10 on there is no direct core work, only activation (common practice). */
final readonly class Soreness
{
    private const ACTIVATION_ONLY = 4;

    /** Why only activation is done today; null when the session stands as planned. */
    public static function against(int $ofTen): ?Reason
    {
        return $ofTen < self::ACTIVATION_ONLY ? null : Reason::because(
            Rule::Soreness,
            "Soreness in the trunk {$ofTen} of 10 today: activation only, no direct core work.",
            ['soreness today' => "{$ofTen} of 10", 'activation only from' => self::ACTIVATION_ONLY.' of 10'],
            'A lower number tomorrow. Pain is something else: the pain rules and the danger signs stand.',
        );
    }
}
