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
use EvenRungs\Method\Answer;
use EvenRungs\Method\HoldStrategy;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;

/**
 * Where to start on every ladder, from what was tested: a climb test first, else a timed hold, else a careful guess
 * below the height that was tested in the same demand (or, failing that, below the weakest of all).
 */
final readonly class Starts
{
    /** A ladder nobody tested starts this far below what was (our own choice). */
    private const CAREFUL_TENTHS = 10;

    /** Seconds held and the rung they start on, longest first; common practice for the plank, else our own choice. */
    private const BY_HOLD = [
        'side-bridge' => [HoldKind::SidePlank, [20 => 'top-foot-front', 10 => 'top-leg-straight', 0 => 'knees-bent']],
        'prone-extension' => [HoldKind::BackExtensor, [60 => 'edge-hold', 30 => 'chest-lift', 10 => 'both-legs', 0 => 'arms-chest']],
        'bridge' => [HoldKind::OneLegBridge, [30 => 'one-leg', 10 => 'staggered', 0 => 'short-top']],
    ];

    /** The brace that the check tests. */
    public const BRACE = 'activation/brace-all-round';

    /** @param list<Hold> $holds oldest first */
    private function __construct(private Library $library, private Circumstances $circumstances, private array $holds, private ?Braced $brace) {}

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
            $brace = $measured['activation'][Side::Left->value] ?? null;
            $alone = $brace === null ? null : $own->settled($library->ladder('activation'), Side::Both, ...$brace);

            return $alone === null ? [] : [$alone];
        }
        $starts = [];
        foreach ($library->ladders() as $ladder) {
            $sides = [];
            foreach ([Side::Left, Side::Right] as $side) {
                // Where not even the lowest rung was clean, nothing is guessed.
                $guess = self::climbed($ladder, $climbs, $side) === null ? $own->careful($ladder, $heights) : null;
                $found = $measured[$ladder->slug][$side->value] ?? $guess;
                $sides[] = $found === null ? null : $own->settled($ladder, $side, ...$found);
            }
            [$left, $right] = $sides;
            if ($left !== null && $right !== null && $left->rung->slug === $right->rung->slug) {
                $tested = array_filter([$left->testedAt, $right->testedAt], is_int(...));
                $starts[] = new Start($left->rung, Side::Both, self::without($left->reasons, $right->reasons), $left->support, $tested === [] ? null : max($tested));
            } else {
                $starts = [...$starts, ...array_values(array_filter($sides))];
            }
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
            if ($lowest !== null && ! isset($measured[$ladder->slug]) && self::climbed($ladder, $climbs, Side::Left) === null && $circumstances->rule($lowest)->openSomewhere() && $own->careful($ladder, $heights) === null) {
                $waiting[$ladder->slug] = Reason::because(Rule::PlacingFromHeight, "{$ladder->name}: it begins at {$lowest->height->label()}, higher than what was tested, so it waits.", ['lowest rung' => $lowest->name], 'A climb test of this ladder, or a higher one in its demand.');
            }
        }

        return $waiting;
    }

    /**
     * What was tested: rung, reason and moment by ladder and side, and the height of each demand.
     *
     * @param list<Hold>    $holds
     * @param list<Climbed> $climbs
     *
     * @return array{self, array<string, non-empty-array<string, array{Rung, Reason, int|null}>>, array<string, Height>}
     */
    private static function tested(Library $library, Circumstances $circumstances, array $holds, array $climbs, ?Braced $brace): array
    {
        usort($holds, static fn(Hold $a, Hold $b): int => $a->sequence <=> $b->sequence);
        $own = new self($library, $circumstances, $holds, $brace);
        $measured = [];
        foreach ($library->ladders() as $ladder) {
            foreach ([Side::Left, Side::Right] as $side) {
                $climbed = self::climbed($ladder, $climbs, $side);
                $found = $climbed === null ? $own->fromHold($ladder, $side) : self::fromClimb($climbed);
                if ($found !== null) {
                    $measured[$ladder->slug][$side->value] = $found;
                }
            }
        }

        return [$own, $measured, $own->heights($measured)];
    }

    /** @param list<Climbed> $climbs */
    private static function climbed(Ladder $ladder, array $climbs, Side $side): ?Climbed
    {
        foreach ($climbs as $climbed) {
            if ($climbed->ladder === $ladder->slug && $climbed->side->meets($side)) {
                return $climbed;
            }
        }

        return null;
    }

    /** @return array{Rung, Reason, int|null}|null */
    private static function fromClimb(Climbed $climbed): ?array
    {
        return $climbed->working === null ? null : [$climbed->working, Reason::because(Rule::PlacingFromClimb, $climbed->sentence, ['height' => $climbed->working->height->label()]), $climbed->sequence];
    }

    /** @return array{Rung, Reason, int|null}|null */
    private function fromHold(Ladder $ladder, Side $side): ?array
    {
        if ($ladder->slug === 'activation') {
            return $this->fromBrace($ladder);
        }
        if ($ladder->slug === 'front-plank') {
            return $this->fromFrontPlank($ladder);
        }
        [$kind, $steps] = self::BY_HOLD[$ladder->slug] ?? [null, []];
        $hold = $kind === null ? null : $this->newest($kind, $kind->isSided() ? $side : Side::Both);
        if ($hold === null) {
            return null;
        }
        foreach ($steps as $from => $slug) {
            $rung = $ladder->find("{$ladder->slug}/{$slug}");
            if ($hold->seconds < $from || $rung === null) {
                continue;
            }
            // The side plank is clean for 30 s: movement comes next, as in front.
            $rung = $ladder->slug === 'side-bridge' && $hold->seconds >= 30 ? $this->above($ladder, $rung) : $rung;

            return [$rung, Reason::because(
                Rule::PlacingFromHold,
                "{$hold->kind->label()}".($hold->side === Side::Both ? '' : ", {$hold->side->value}")." {$hold->seconds} s: start on “{$rung->name}”.",
                ['held' => "{$hold->seconds} s", 'ended' => $hold->end->inWords()],
                'Another hold, or a climb test of this ladder.',
            ), $hold->sequence];
        }

        return null;
    }

    /** @return array{Rung, Reason, int|null}|null the brace until it was held for its minute, then what stands on it */
    private function fromBrace(Ladder $ladder): ?array
    {
        $trunk = $ladder->trunk($this->circumstances->method);
        // Where the method draws in instead, the check still says how long the tension was kept with a quiet breath.
        $tested = $this->library->has(self::BRACE) ? $this->library->rung(self::BRACE)->height : null;
        $here = array_values(array_filter($trunk, fn(Rung $rung): bool => $rung->height->tenths === $tested?->tenths && ! $this->circumstances->rule($rung)->putAway))[0] ?? null;
        if ($this->brace === null || $here === null) {
            return null;
        }
        $rung = $this->brace->check->held ? $this->above($ladder, $here) : $here;

        return [$rung, $this->brace->check->reason, $this->brace->sequence];
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

    /** @return array{Rung, Reason, int|null}|null */
    private function fromFrontPlank(Ladder $ladder): ?array
    {
        $toes = $this->newest(HoldKind::FrontPlank, Side::Both);
        $knees = $this->newest(HoldKind::FrontPlankKnees, Side::Both);
        $rung = static fn(string $slug): ?Rung => $ladder->find("front-plank/{$slug}");
        $method = $this->circumstances->method;
        if (($toes === null || $toes->seconds < 15) && $knees !== null && $knees->seconds < 15) {
            $low = $rung('forearms-bench');
            $low = $low !== null && $this->circumstances->rule($low)->openOn(Side::Both) ? $low : $rung('forearms-wall');

            return $low === null ? null : [$low, self::plank($knees, "under 15 s with the knees down: start on “{$low->name}”."), $knees->sequence];
        }
        if ($toes === null) {
            $start = $knees === null ? null : $rung('forearms-knees');

            return $knees === null || $start === null ? null : [$start, self::plank($knees, 'with the knees down: start there, until about a minute.'), $knees->sequence];
        }
        $full = $rung('forearms-toes');
        if ($toes->seconds < 15) {
            $short = $method->says(Answer::ShortBoutsOnToes);
            $start = $short ? $full : $rung('forearms-knees');

            return $start === null ? null : [$start, self::plank($toes, $short ? 'under 15 s: the method stays on the toes, in short bouts.' : 'under 15 s: knees down until about a minute.'), $toes->sequence];
        }
        if ($full === null) {
            return null;
        }
        if ($toes->seconds < 30) {
            return [$full, self::plank($toes, '15 to 29 s: the full version, in short holds.'), $toes->sequence];
        }
        if ($method->holdStrategy() === HoldStrategy::Long) {
            return [$full, self::plank($toes, '30 s clean: the method holds on, towards 60 to 120 s.'), $toes->sequence];
        }
        $next = $this->above($ladder, $full);

        return [$next, self::plank($toes, $next === $full ? "30 s clean; the next rung is not open: start on “{$full->name}”." : "30 s clean: on to “{$next->name}”."), $toes->sequence];
    }

    private static function plank(Hold $hold, string $sentence): Reason
    {
        return Reason::because(Rule::PlacingFromPlank, "{$hold->kind->label()} {$hold->seconds} s, {$sentence}", ['held' => "{$hold->seconds} s", 'ended' => $hold->end->inWords()], 'Another hold, the method, or a climb test of this ladder.');
    }

    /**
     * The height that was measured in each demand, the weaker side's.
     *
     * @param array<string, non-empty-array<string, array{Rung, Reason, int|null}>> $measured
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
            $weaker = Height::ofTenths(min(array_map(static fn(array $found): int => $found[0]->height->tenths, $sides)));
            $known = $heights[$ladder->demand->value] ?? null;
            $heights[$ladder->demand->value] = $known === null || $weaker->above($known) > 0 ? $weaker : $known;
        }

        return $heights;
    }

    /**
     * @param non-empty-array<string, Height> $heights
     *
     * @return array{Rung, Reason, int|null}|null
     */
    private function careful(Ladder $ladder, array $heights): ?array
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
            $rung = $step->height->tenths <= $tenths - self::CAREFUL_TENTHS ? $step : $rung;
        }
        $from = $same === null ? 'the weakest height tested' : "the height tested in {$ladder->demand->shortName()} work";

        return [$rung, Reason::because(
            Rule::PlacingFromHeight,
            'Not tested itself: a start at least '.Height::tenthsLabel(self::CAREFUL_TENTHS)." below {$from}, or on the lowest rung.",
            [$from => Height::tenthsLabel($tenths), 'starts at' => $rung->height->label()],
            'A climb test of this ladder.',
        ), null];
    }

    /** The measured rung after what limits and kit take from it; null when no rung of the ladder is open. */
    private function settled(Ladder $ladder, Side $side, Rung $rung, Reason $reason, ?int $testedAt): ?Start
    {
        $reasons = [$reason];
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

        [$rung, $reasons] = $this->withBrace($ladder, $rung, $reasons, $side);

        return new Start($rung, $side, $reasons, $this->support($ladder, $rung, $side), $testedAt);
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

    /** The next rung, where it is open; a test of one rung leads over none that is ruled out. */
    private function above(Ladder $ladder, Rung $rung): Rung
    {
        $next = $ladder->above($rung, $this->circumstances->method);

        return $next !== null && $this->circumstances->rule($next)->openSomewhere() ? $next : $rung;
    }

    private function newest(HoldKind $kind, Side $side): ?Hold
    {
        $own = array_filter($this->holds, static fn(Hold $hold): bool => $hold->isOf($kind, $side));

        return $own === [] ? null : $own[array_key_last($own)];
    }

    /**
     * The reasons of the left, and those of the right that say something else.
     *
     * @param list<Reason> $left
     * @param list<Reason> $right
     *
     * @return list<Reason>
     */
    private static function without(array $left, array $right): array
    {
        $said = array_map(static fn(Reason $reason): string => $reason->sentence, $left);

        return [...$left, ...array_values(array_filter($right, static fn(Reason $reason): bool => ! in_array($reason->sentence, $said, true)))];
    }
}
