<?php

declare(strict_types=1);

namespace EvenRungs\Assessment;

use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;

/**
 * Breathing on behind a brace for a minute, with a pressure cuff under the low back: how long the pressure stayed in
 * its band and whether it drifted. Tiring before the minute is over is foundation work (common practice); band and
 * width are our own choice.
 */
final readonly class BraceCheck
{
    public const SECONDS = 60;

    /** The cuff is pumped to this before the brace, and should stay there. */
    public const TARGET_MMHG = 40.0;

    public const TOLERANCE_MMHG = 5.0;

    /** A drift of more than this over the check is said. */
    private const DRIFT_MMHG = 4.0;

    /** Nothing from the cuff for longer than this: the time does not count. */
    private const SILENT_MS = 1_500;

    /** Share of the time in band that makes the minute held. */
    private const HELD_SHARE = 0.9;

    /**
     * @param float $longestInBand  seconds without a break
     * @param float $driftPerMinute mmHg, by a straight line through all samples; above 0 rising
     */
    private function __construct(public float $seconds, public float $secondsInBand, public float $longestInBand, public float $driftPerMinute, public bool $held, public Reason $reason) {}

    /**
     * @param list<BraceSample> $samples in the order they came
     *
     * @throws InvalidBrace when there are too few, or they run backwards
     */
    public static function of(array $samples): self
    {
        if (count($samples) < 2) {
            throw InvalidBrace::because('The cuff has said too little: at least two readings are needed.');
        }
        $inBand = $run = $longest = 0.0;
        foreach (array_slice($samples, 1) as $index => $sample) {
            $before = $samples[$index];
            $gap = $sample->ms - $before->ms;
            if ($gap <= 0) {
                throw InvalidBrace::because('The readings of the cuff run backwards in time.');
            }
            $good = $gap <= self::SILENT_MS && self::inBand($before) && self::inBand($sample);
            $run = $good ? $run + $gap / 1000 : 0.0;
            $inBand += $good ? $gap / 1000 : 0.0;
            $longest = max($longest, $run);
        }
        $seconds = ($samples[count($samples) - 1]->ms - $samples[0]->ms) / 1000;
        $drift = self::slope($samples) * 60_000;
        $held = $seconds >= self::SECONDS && $inBand >= self::HELD_SHARE * $seconds;
        $drifted = abs($drift) * min(1.0, $seconds / 60) > self::DRIFT_MMHG;

        return new self($seconds, $inBand, $longest, $drift, $held, Reason::because(
            Rule::BraceCheck,
            sprintf('%.0f of %.0f s in the band', $inBand, $seconds)
                .($drifted ? sprintf(', drifting %s by %.1f mmHg a minute', $drift > 0 ? 'up' : 'down', abs($drift)) : '')
                .($held ? '. The brace holds while the breath goes on.' : ($seconds < self::SECONDS ? '. Stopped before the minute: foundation work first.' : '. Not steady yet: activation and foundation work first.')),
            [
                'band' => sprintf('%.0f ± %.0f mmHg', self::TARGET_MMHG, self::TOLERANCE_MMHG),
                'longest without a break' => sprintf('%.0f s', $longest),
                'drift' => sprintf('%+.1f mmHg a minute', $drift),
            ],
            $held ? null : 'A minute with nine tenths of it in the band.',
        ));
    }

    /**
     * Without a cuff: how long the brace was held while the breath went on quietly, timed by hand.
     *
     * @throws InvalidBrace when no second was held, or more than a minute
     */
    public static function timed(int $seconds): self
    {
        if ($seconds < 1 || $seconds > self::SECONDS) {
            throw InvalidBrace::because('A brace timed by hand lasts from 1 s to '.self::SECONDS.' s.');
        }
        $held = $seconds >= self::SECONDS;

        return new self($seconds, 0.0, 0.0, 0.0, $held, Reason::because(
            Rule::BraceCheck,
            "Braced and breathing quietly for {$seconds} of ".self::SECONDS.' s, timed by hand. '.($held ? 'The brace holds while the breath goes on.' : 'Stopped before the minute: foundation work first.'),
            ['timed' => 'by hand, without a cuff'],
            $held ? null : 'A whole minute.',
        ));
    }

    private static function inBand(BraceSample $sample): bool
    {
        return abs($sample->mmHg - self::TARGET_MMHG) <= self::TOLERANCE_MMHG;
    }

    /**
     * Least squares through all samples, in mmHg a millisecond.
     *
     * @param non-empty-list<BraceSample> $samples
     */
    private static function slope(array $samples): float
    {
        $count = count($samples);
        $meanMs = array_sum(array_map(static fn(BraceSample $sample): int => $sample->ms, $samples)) / $count;
        $mean = array_sum(array_map(static fn(BraceSample $sample): float => $sample->mmHg, $samples)) / $count;
        $above = $below = 0.0;
        foreach ($samples as $sample) {
            $above += ($sample->ms - $meanMs) * ($sample->mmHg - $mean);
            $below += ($sample->ms - $meanMs) ** 2;
        }

        return $below === 0.0 ? 0.0 : $above / $below;
    }
}
