<?php

declare(strict_types=1);

namespace EvenRungs\Session;

use EvenRungs\Body\Side;
use EvenRungs\Dose\Dose;
use EvenRungs\Dose\Holds;
use EvenRungs\Dose\Reps;
use EvenRungs\Ladder\Circumstances;
use EvenRungs\Ladder\Ladder;
use EvenRungs\Ladder\Rung;

/** What a ladder gives for a primer: the working rung less 2.0 of height, or the lowest open rung at half dose (common practice). */
final readonly class Primer
{
    public const LOWER_TENTHS = 20;

    private function __construct(public Rung $rung, public Dose $dose, public bool $half, public string $rule) {}

    /** Null when no rung of the ladder is open. */
    public static function of(Rung $working, Ladder $ladder, Circumstances $circumstances): ?self
    {
        $open = array_values(array_filter($ladder->rungs, static fn(Rung $rung): bool => $circumstances->rule($rung)->openOn(Side::Both)));
        if ($open === []) {
            return null;
        }
        $low = array_values(array_filter($open, static fn(Rung $rung): bool => $working->height->above($rung->height) >= self::LOWER_TENTHS && ! $rung->branch));
        if ($low !== []) {
            $rung = $low[count($low) - 1];

            return new self($rung, self::halved($rung->defaultDose($circumstances->method)), false, 'at least 2.0 below the working rung, no set near failure.');
        }

        return new self($open[0], self::halved($open[0]->defaultDose($circumstances->method)), true, 'the lowest open rung, at half dose.');
    }

    /** At most half of it, and something. */
    public static function halved(Dose $dose): Dose
    {
        $body = $dose->first();

        return match (true) {
            $dose->sets() > 1 => $dose->withSets(intdiv($dose->sets(), 2)),
            $body instanceof Reps => $dose->withBody(Reps::of(max(1, intdiv($body->count, 2)))),
            $body instanceof Holds => $dose->withBody(Holds::of(max(1, intdiv($body->count, 2)), $body->seconds, $body->gapSeconds)),
            default => $dose,
        };
    }
}
