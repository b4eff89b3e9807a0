<?php

declare(strict_types=1);

namespace EvenRungs\Assessment;

use EvenRungs\Body\Demand;
use EvenRungs\Body\Height;
use EvenRungs\Body\Kit;
use EvenRungs\Body\Level;
use EvenRungs\Body\Limit;
use EvenRungs\Body\Need;
use EvenRungs\Body\Position;
use EvenRungs\Body\Side;
use EvenRungs\Ladder\Circumstances;
use EvenRungs\Ladder\Ladder;
use EvenRungs\Ladder\Library;
use EvenRungs\Ladder\Rung;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;

/**
 * Where to start on every ladder, from what was tested of it, else a careful guess
 * below the height that was tested in the same demand (or, failing that, below the weakest of all).
 */
final readonly class Starts
{
    private function __construct(private Library $library, private Circumstances $circumstances, private LadderTests $tests, private ?Braced $brace) {}

    /**
     * @param list<Hold>    $holds in any order
     * @param list<Climbed> $climbs the newest of each ladder and side
     * @param Braced|null   $brace  the newest brace check
     *
     * @return list<Start> weakest first; none for a ladder with no open rung, none at all when nothing was tested
     */
    public static function propose(Library $library, Circumstances $circumstances, array $holds, array $climbs, ?Braced $brace = null): array
    {
        [$own, $measured, $heights] = self::tested($library, $circumstances, $holds, $climbs, $brace);
        if ($heights === []) {
            // The brace alone says where activation begins, and nothing of the other ladders.
            $found = $measured['activation'][Side::Left->value] ?? null;
            $alone = $found === null ? null : $own->settled($library->ladder('activation'), Side::Both, $found);

            return $alone === null ? [] : [$alone];
        }
        $starts = [];
        foreach ($library->ladders() as $ladder) {
            $sides = [];
            foreach ([Side::Left, Side::Right] as $side) {
                // Where not even the lowest rung was clean, nothing is guessed.
                $guess = $own->tests->climbed($ladder, $side) === null ? $own->careful($ladder, $heights) : null;
                $found = $measured[$ladder->slug][$side->value] ?? $guess;
                $sides[] = $found === null ? null : $own->settled($ladder, $side, $found);
            }
            [$left, $right] = $sides;
            $starts = [...$starts, ...($left !== null && $right !== null && $left->isLike($right) ? [$left->with($right)] : array_values(array_filter($sides)))];
        }
        usort($starts, static fn(Start $a, Start $b): int => $a->rung->height->above($b->rung->height));

        return $starts;
    }

    /**
     * Ladders that get no start, since they begin above all that was tested.
     *
     * @param list<Hold>    $holds  in any order
     * @param list<Climbed> $climbs the newest of each ladder and side
     * @param Braced|null   $brace  the newest brace check
     *
     * @return array<string, Reason> by ladder
     */
    public static function waiting(Library $library, Circumstances $circumstances, array $holds, array $climbs, ?Braced $brace = null): array
    {
        [$own, $measured, $heights] = self::tested($library, $circumstances, $holds, $climbs, $brace);
        if ($heights === []) {
            return [];
        }
        $waiting = [];
        foreach ($library->ladders() as $ladder) {
            $lowest = $ladder->trunk($circumstances->method)[0] ?? null;
            if ($lowest !== null && ! isset($measured[$ladder->slug]) && $own->tests->climbed($ladder, Side::Left) === null && $circumstances->rule($lowest)->openSomewhere() && $own->careful($ladder, $heights) === null) {
                $waiting[$ladder->slug] = Reason::because(Rule::PlacingFromHeight, "{$ladder->name}: it begins at {$lowest->height->label()}, higher than what was tested, so it waits.", ['lowest rung' => $lowest->name], 'A climb test of this ladder, or a higher one in its demand.');
            }
        }

        return $waiting;
    }

    /**
     * What was tested, by ladder and side, and the height of each demand.
     *
     * @param list<Hold>    $holds
     * @param list<Climbed> $climbs
     *
     * @return array{self, array<string, non-empty-array<string, Measured>>, array<string, Height>}
     */
    private static function tested(Library $library, Circumstances $circumstances, array $holds, array $climbs, ?Braced $brace): array
    {
        $own = new self($library, $circumstances, new LadderTests($library, $circumstances, $holds, $climbs, $brace), $brace);
        $measured = [];
        foreach ($library->ladders() as $ladder) {
            foreach ([Side::Left, Side::Right] as $side) {
                $found = $own->tests->of($ladder, $side);
                if ($found !== null) {
                    $measured[$ladder->slug][$side->value] = $found;
                }
            }
        }

        return [$own, $measured, $own->heights($measured)];
    }

    /**
     * Tiring before the minute of the brace is foundation work (common practice): holds and guesses place no higher;
     * a climb test, which watches the breath itself, stands.
     *
     * @param list<Reason> $reasons
     *
     * @return array{Rung, list<Reason>}
     */
    private function withBrace(Ladder $ladder, Rung $rung, array $reasons, Side $side): array
    {
        if ($this->brace === null || $this->brace->check->held || $reasons[0]->rule === Rule::PlacingFromClimb || $rung->height->level() === Level::Foundation) {
            return [$rung, $reasons];
        }
        $low = $rung;
        while ($low !== null && $low->height->level() !== Level::Foundation) {
            $low = $this->circumstances->nextOpen($ladder, $low, up: false, on: $side);
        }

        return $low === null ? [$rung, $reasons] : [$low, [...$reasons, Reason::because(
            Rule::BraceCheck,
            "{$this->brace->check->reason->sentence} So “{$low->name}” instead of “{$rung->name}”.",
            ['measured' => $rung->height->label(), 'foundation' => $low->height->label()],
            'The brace held for a minute, or a climb test of this ladder.',
        )]];
    }

    /**
     * The height that was measured in each demand, the weaker side's.
     *
     * @param array<string, non-empty-array<string, Measured>> $measured
     *
     * @return array<string, Height>
     */
    private function heights(array $measured): array
    {
        $heights = [];
        foreach ($measured as $slug => $sides) {
            $ladder = $this->library->ladder($slug);
            if ($ladder->demand === Demand::Activation) {
                continue;
            }
            $weaker = Height::ofTenths(min(array_map(static fn(Measured $found): int => $found->rung->height->tenths, $sides)));
            $known = $heights[$ladder->demand->value] ?? null;
            $heights[$ladder->demand->value] = $known === null || $weaker->above($known) > 0 ? $weaker : $known;
        }

        return $heights;
    }

    /** @param non-empty-array<string, Height> $heights */
    private function careful(Ladder $ladder, array $heights): ?Measured
    {
        $same = $heights[$ladder->demand->value] ?? null;
        $tenths = $same->tenths ?? min(array_map(static fn(Height $height): int => $height->tenths, $heights));
        $trunk = $ladder->trunk($this->circumstances->method);
        if ($trunk === []) {
            return null;
        }
        $rung = $trunk[0];
        // Who never stood as high as its lowest rung is not put on the ladder by a guess.
        if ($rung->height->tenths > $tenths) {
            return null;
        }
        foreach ($trunk as $step) {
            $rung = $step->height->tenths <= $tenths - Ladder::CAREFUL_TENTHS ? $step : $rung;
        }
        $from = $same === null ? 'the weakest height tested' : "the height tested in {$ladder->demand->shortName()} work";

        return new Measured($rung, Reason::because(
            Rule::PlacingFromHeight,
            'Not tested itself: a start at least '.Height::tenthsLabel(Ladder::CAREFUL_TENTHS)." below {$from}, or on the lowest rung.",
            [$from => Height::tenthsLabel($tenths), 'starts at' => $rung->height->label()],
            'A climb test of this ladder.',
        ));
    }

    /** The measured rung after what limits and kit take from it; null when no rung of the ladder is open. */
    private function settled(Ladder $ladder, Side $side, Measured $found): ?Start
    {
        $rung = $found->rung;
        $reasons = [$found->reason];
        $lower = $this->circumstances->rungsLower($ladder->demand);
        for ($step = 0; $step < $lower; $step++) {
            $below = $this->circumstances->nextOpen($ladder, $rung, up: false, on: $side);
            if ($below !== null) {
                $names = implode(', ', array_map(static fn(Limit $limit): string => $limit->name, array_filter($this->circumstances->limits, static fn(Limit $limit): bool => $limit->lowers($ladder->demand) > 0)));
                $reasons[] = Reason::because(Rule::PlacingRungsLower, "A rung lower than measured, “{$below->name}”, because of {$names}.", ['measured' => $rung->name], 'Lifting the limit.');
                $rung = $below;
            }
        }
        $ruling = $this->circumstances->rule($rung);
        if (! $ruling->openOn($side)) {
            $below = $this->circumstances->nextOpen($ladder, $rung, up: false, on: $side);
            if ($below === null) {
                return null;
            }
            $reasons = [...$reasons, ...$ruling->reasons];
            $rung = $below;
        }

        $open = $rung;
        [$rung, $reasons] = $this->withBrace($ladder, $open, $reasons, $side);

        return new Start($rung, $side, $reasons, $this->support($ladder, $rung, $side), $found->sequence, $found->isAtLeast && $rung === $open);
    }

    /** The highest version at a wall or chair below the rung, for those whose limit asks to offer one. */
    private function support(Ladder $ladder, Rung $rung, Side $side): ?Rung
    {
        if (array_filter($this->circumstances->limits, static fn(Limit $limit): bool => $limit->wantsSupport) === []) {
            return null;
        }
        $support = null;
        foreach ($ladder->rungs as $step) {
            $held = $step->position === Position::Seated || array_filter($step->kit, static fn(Need $need): bool => $need->metBy([Kit::Wall, Kit::Bench])) !== [];
            if ($held && $step->height->above($rung->height) < 0 && $this->circumstances->rule($step)->openOn($side)) {
                $support = $step;
            }
        }

        return $support;
    }
}
