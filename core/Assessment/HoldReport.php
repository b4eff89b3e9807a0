<?php

declare(strict_types=1);

namespace EvenRungs\Assessment;

use EvenRungs\Body\Limit;
use EvenRungs\Body\Sex;
use EvenRungs\Body\Side;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;

/** A person's timed holds against norms, against each other, and against their own past. Notes, never verdicts. */
final readonly class HoldReport
{
    /** Ratios above which a note is written (same authors as the norms; McGill, Low Back Disorders; from memory). */
    private const FLEXOR_TO_EXTENSOR = 1.0;

    private const SIDE_TO_EXTENSOR = 0.75;

    /** Left and right differ: above this a note (same source). */
    private const SIDES_NOTE = 0.05;

    /** Where no minimal detectable change is known, above this a flag (common practice). */
    private const SIDES_FLAG = 0.10;

    /**
     * @param list<HoldComparison> $standings in the order of the kinds, left before right
     * @param list<Reason>       $notes     ratios and side differences worth a word
     * @param bool               $flagged   a side difference that is more than noise
     */
    private function __construct(public array $standings, public array $notes, public bool $flagged) {}

    /** @param list<Hold> $holds in any order */
    public static function of(array $holds, ?Sex $sex, ?Age $age): self
    {
        usort($holds, static fn(Hold $a, Hold $b): int => $a->sequence <=> $b->sequence);
        $standings = [];
        foreach (HoldKind::cases() as $kind) {
            foreach ($kind->sides() as $side) {
                $own = array_values(array_filter($holds, static fn(Hold $hold): bool => $hold->isOf($kind, $side)));
                if ($own !== []) {
                    $standings[$kind->value.' '.$side->value] = self::standing($own, $sex === null ? null : HoldNorm::for($kind, $side, $sex), $sex, $age);
                }
            }
        }
        $flagged = false;
        $notes = self::ratios($standings);
        foreach ([HoldKind::SidePlank, HoldKind::OneLegBridge] as $kind) {
            $gap = self::sides($standings[$kind->value.' left'] ?? null, $standings[$kind->value.' right'] ?? null);
            if ($gap !== null) {
                [$notes[], $isFlag] = $gap;
                $flagged = $flagged || $isFlag;
            }
        }

        return new self(array_values($standings), $notes, $flagged);
    }

    /**
     * Sides of a hold to test, one after the other: the one that held less first, while it is fresh; none that a limit
     * rules out.
     *
     * @param list<Limit> $limits
     *
     * @return list<Side>
     */
    public function inTurn(HoldKind $kind, array $limits): array
    {
        $sides = array_values(array_filter($kind->sides(), static fn(Side $side): bool => $kind->ruledOut($limits, $side) === null));
        usort($sides, fn(Side $a, Side $b): int => $this->last($kind, $a) <=> $this->last($kind, $b));

        return $sides;
    }

    /** Seconds of the newest hold; 0 when there is none. */
    private function last(HoldKind $kind, Side $side): int
    {
        foreach ($this->standings as $standing) {
            if ($standing->last->isOf($kind, $side)) {
                return $standing->last->seconds;
            }
        }

        return 0;
    }

    /** @param non-empty-list<Hold> $own oldest first */
    private static function standing(array $own, ?HoldNorm $norm, ?Sex $sex, ?Age $age): HoldComparison
    {
        $last = $own[count($own) - 1];
        $before = $own[count($own) - 2] ?? null;
        $best = array_reduce($own, static fn(Hold $best, Hold $hold): Hold => $hold->seconds > $best->seconds ? $hold : $best, $own[0]);
        $percentile = $norm?->percentile($last->seconds, $age);

        return new HoldComparison($last, $best, $before, $norm, $percentile, self::against($last, $norm, $percentile, $sex, $age), self::change($last, $before, $norm));
    }

    private static function against(Hold $last, ?HoldNorm $norm, ?float $percentile, ?Sex $sex, ?Age $age): Reason
    {
        if ($norm === null) {
            $sentence = HoldNorm::for($last->kind, $last->side, Sex::Female) === null
                ? "{$last->seconds} s. There is no norm for this hold here: only the own history counts."
                : "{$last->seconds} s. The norms are kept apart for women and men: say which group to compare with.";

            return Reason::because(Rule::HoldNorm, $sentence, ['held' => "{$last->seconds} s", 'ended' => $last->end->inWords()], $sex === null ? 'The group to compare with, in the person’s form.' : null);
        }
        $distance = $norm->distance($last->seconds);
        $sentence = "{$last->seconds} s is ".number_format(abs($distance), 2).' SD '.($distance < 0 ? 'below' : 'above')." the mean of {$norm->mean} s.";
        $sentence .= match (true) {
            $percentile !== null => ' About '.number_format($percentile, 0).' of 100 in a small sample of students held less.',
            ! $norm->hasPercentile() => ' No percentile: the times spread too widely for one.',
            $age === null => ' No percentile without the year of birth: the sample was 18 to 35.',
            default => ' No percentile: the sample was 18 to 35, this person is not.',
        };

        return Reason::because(Rule::HoldNorm, $sentence, [
            'held' => "{$last->seconds} s",
            'ended' => $last->end->inWords(),
            'mean (SD)' => "{$norm->mean} ({$norm->sd}) s",
            'source' => HoldNorm::SOURCE,
        ]);
    }

    private static function change(Hold $last, ?Hold $before, ?HoldNorm $norm): ?Reason
    {
        if ($before === null) {
            return null;
        }
        $difference = $last->seconds - $before->seconds;
        $change = ($difference < 0 ? '−' : '+').abs($difference).' s since the last test';
        $inputs = ['before' => "{$before->seconds} s", 'now' => "{$last->seconds} s"];
        if ($norm === null) {
            return Reason::because(Rule::HoldChange, "{$change}. How much of it is noise is not known for this hold.", $inputs);
        }
        $least = $norm->minimalDetectableChange();
        $real = abs($difference) > $least;

        return Reason::because(
            Rule::HoldChange,
            sprintf('%s: %s the %.0f s that noise alone can make.', $change, $real ? 'more than' : 'within', $least),
            [...$inputs, 'minimal detectable change' => number_format($least, 1).' s', 'reliability' => '0.97, from five people only'],
            $real ? null : 'A difference above '.number_format($least, 0).' s counts as real.',
        );
    }

    /**
     * @param array<string, HoldComparison> $standings
     *
     * @return list<Reason>
     */
    private static function ratios(array $standings): array
    {
        $extensor = $standings[HoldKind::BackExtensor->value.' both'] ?? null;
        if ($extensor === null) {
            return [];
        }
        $notes = [];
        foreach ([
            ['trunk flexor', HoldKind::TrunkFlexor->value.' both', self::FLEXOR_TO_EXTENSOR],
            ['left side', HoldKind::SidePlank->value.' left', self::SIDE_TO_EXTENSOR],
            ['right side', HoldKind::SidePlank->value.' right', self::SIDE_TO_EXTENSOR],
        ] as [$name, $key, $limit]) {
            $other = $standings[$key] ?? null;
            $ratio = $other === null ? 0.0 : $other->last->seconds / $extensor->last->seconds;
            if ($other !== null && $ratio > $limit) {
                $notes[] = Reason::because(
                    Rule::HoldRatio,
                    ucfirst($name).' to back extensor is '.number_format($ratio, 2).', above '.number_format($limit, 2).': the back gives way first. A note, not a verdict.',
                    [$name => "{$other->last->seconds} s", 'back extensor' => "{$extensor->last->seconds} s", 'source' => HoldNorm::SOURCE],
                    'A longer back extensor hold.',
                );
            }
        }

        return $notes;
    }

    /** @return array{Reason, bool}|null the note, and whether it is a flag */
    private static function sides(?HoldComparison $left, ?HoldComparison $right): ?array
    {
        if ($left === null || $right === null) {
            return null;
        }
        [$weaker, $better] = $left->last->seconds < $right->last->seconds ? [$left, $right] : [$right, $left];
        $gap = $better->last->seconds - $weaker->last->seconds;
        // (better − worse) ÷ better > 5 % in whole numbers: at exactly 5 % there is no note.
        if ($gap / $better->last->seconds <= self::SIDES_NOTE) {
            return null;
        }
        // The larger of the two: a gap has to stand out from the noise of both sides.
        $least = $left->norm === null || $right->norm === null ? null : max($left->norm->minimalDetectableChange(), $right->norm->minimalDetectableChange());
        $flag = $least === null ? $gap / $better->last->seconds > self::SIDES_FLAG : $gap > $least;
        $share = number_format(100 * $gap / $better->last->seconds, 0);

        return [Reason::because(
            Rule::HoldSides,
            "{$left->last->kind->label()}: the {$weaker->last->side->value} holds {$share} % less than the {$better->last->side->value}. ".($flag
                ? "Uneven: start one-sided sets with the {$weaker->last->side->value} and match it."
                : 'Worth a note; not yet more than the noise of the test.'),
            [
                'left' => "{$left->last->seconds} s",
                'right' => "{$right->last->seconds} s",
                'note above' => '5 %',
                'flag above' => $least === null ? '10 % (common practice)' : number_format($least, 1).' s (minimal detectable change)',
            ],
            'Holds closer together left and right.',
        ), $flag];
    }
}
