<?php

declare(strict_types=1);

namespace EvenRungs\Assessment;

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
 * What the tests of a ladder say of the rung to start on: a climb test, a timed hold where it is of a later day, and the
 * brace check where activation begins.
 */
final readonly class LadderTests
{
    /** Seconds held and the rung they start on, longest first; common practice for the plank, else our own choice. */
    private const BY_HOLD = [
        'side-bridge' => [HoldKind::SidePlank, [20 => 'top-foot-front', 10 => 'top-leg-straight', 0 => 'knees-bent']],
        'prone-extension' => [HoldKind::BackExtensor, [60 => 'edge-hold', 30 => 'chest-lift', 10 => 'both-legs', 0 => 'arms-chest']],
        'bridge' => [HoldKind::OneLegBridge, [30 => 'one-leg', 10 => 'staggered', 0 => 'short-top']],
    ];

    /** A plank or side plank of so many seconds is clean: something is added. */
    private const CLEAN = 30;

    /** About a minute: so long the knees stay down, and so long a method of long holds holds at least. */
    private const MINUTE = 60;

    /** As long as a method of long holds goes. */
    private const LONGEST = 120;

    /** The brace that the check tests. */
    public const BRACE = 'activation/brace-all-round';

    /** @var list<Hold> oldest first */
    private array $holds;

    /**
     * @param list<Hold>    $holds  in any order
     * @param list<Climbed> $climbs the newest of each ladder and side
     * @param Braced|null   $brace  the newest brace check
     */
    public function __construct(private Library $library, private Circumstances $circumstances, array $holds, private array $climbs, private ?Braced $brace)
    {
        usort($holds, static fn(Hold $a, Hold $b): int => $a->sequence <=> $b->sequence);
        $this->holds = $holds;
    }

    /** Null where the ladder was not tested, or where not even its lowest rung was clean. */
    public function of(Ladder $ladder, Side $side): ?Measured
    {
        $climbed = $this->climbed($ladder, $side);
        $held = $ladder->slug === 'activation' ? $this->fromBrace($ladder) : $this->fromHold($ladder, $side);

        return $climbed === null || ($held?->day !== null && $climbed->day->isBefore($held->day)) ? $held : self::fromClimb($climbed);
    }

    public function climbed(Ladder $ladder, Side $side): ?Climbed
    {
        foreach ($this->climbs as $climbed) {
            if ($climbed->ladder === $ladder->slug && $climbed->side->meets($side)) {
                return $climbed;
            }
        }

        return null;
    }

    private static function fromClimb(Climbed $climbed): ?Measured
    {
        return $climbed->working === null ? null : new Measured($climbed->working, Reason::because(Rule::PlacingFromClimb, $climbed->sentence, ['height' => $climbed->working->height->label()]), $climbed->sequence, $climbed->day);
    }

    private function fromHold(Ladder $ladder, Side $side): ?Measured
    {
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
            $movesOn = $ladder->slug === 'side-bridge' && $hold->seconds >= self::CLEAN;
            $rung = $movesOn ? $this->above($ladder, $rung) : $rung;
            $isMost = $ladder->slug === 'side-bridge' ? $movesOn : $from === array_key_first($steps);

            return new Measured($rung, Reason::because(
                Rule::PlacingFromHold,
                "{$hold->kind->label()}".($hold->side === Side::Both ? '' : ", {$hold->side->value}")." {$hold->seconds} s: start on “{$rung->name}”.",
                ['held' => "{$hold->seconds} s", 'ended' => $hold->end->inWords()],
                'Another hold, or a climb test of this ladder.',
            ), $hold->sequence, $hold->day, $isMost);
        }

        return null;
    }

    /** The brace until it was held for its minute, then what stands on it. */
    private function fromBrace(Ladder $ladder): ?Measured
    {
        $trunk = $ladder->trunk($this->circumstances->method);
        // Where the method draws in instead, the check still says how long the tension was kept with a quiet breath.
        $tested = $this->library->has(self::BRACE) ? $this->library->rung(self::BRACE)->height : null;
        $here = array_values(array_filter($trunk, fn(Rung $rung): bool => $rung->height->tenths === $tested?->tenths && ! $this->circumstances->rule($rung)->putAway))[0] ?? null;
        if ($this->brace === null || $here === null) {
            return null;
        }
        $isHeld = $this->brace->check->held;

        return new Measured($isHeld ? $this->above($ladder, $here) : $here, $this->brace->check->reason, $this->brace->sequence, isAtLeast: $isHeld);
    }

    private function fromFrontPlank(Ladder $ladder): ?Measured
    {
        $toes = $this->newest(HoldKind::FrontPlank, Side::Both);
        $knees = $this->newest(HoldKind::FrontPlankKnees, Side::Both);
        // Of two versions the one of the later day counts; of one day both do.
        if ($toes !== null && $knees !== null && ! $toes->day->equals($knees->day)) {
            [$toes, $knees] = $toes->day->isBefore($knees->day) ? [null, $knees] : [$toes, null];
        }
        if ($toes !== null && $toes->seconds >= 15) {
            return $this->onToes($ladder, $toes);
        }

        return match (true) {
            $knees !== null && $knees->seconds < 15 => $this->belowKnees($ladder, $knees),
            $knees !== null && $knees->seconds >= self::MINUTE => $this->beyondKnees($ladder, $knees),
            $toes !== null && $this->circumstances->method->says(Answer::ShortBoutsOnToes) => self::plank($ladder->find('front-plank/forearms-toes'), $toes, 'under 15 s: the method stays on the toes, in short bouts.'),
            $toes !== null => self::plank($ladder->find('front-plank/forearms-knees'), $toes, 'under 15 s: knees down until about a minute.'),
            $knees !== null => self::plank($ladder->find('front-plank/forearms-knees'), $knees, 'with the knees down: start there, until about a minute.'),
            default => null,
        };
    }

    private function onToes(Ladder $ladder, Hold $toes): ?Measured
    {
        $full = $ladder->find('front-plank/forearms-toes');
        if ($full === null || $toes->seconds < self::CLEAN) {
            return self::plank($full, $toes, '15 to 29 s: the full version, in short holds.');
        }
        $isLong = $this->circumstances->method->holdStrategy() === HoldStrategy::Long;
        if ($isLong && $toes->seconds < self::LONGEST) {
            return self::plank($full, $toes, '30 s clean: the method holds on, towards 60 to 120 s.', $toes->seconds >= self::MINUTE);
        }
        $next = $this->above($ladder, $full);
        $clean = $isLong ? 'as long as the method holds' : '30 s clean';

        return self::plank($next, $toes, $next === $full ? "{$clean}; the next rung is not open: start on “{$full->name}”." : "{$clean}: on to “{$next->name}”.", true);
    }

    private function belowKnees(Ladder $ladder, Hold $knees): ?Measured
    {
        $bench = $ladder->find('front-plank/forearms-bench');
        $low = $bench !== null && $this->circumstances->rule($bench)->openOn(Side::Both) ? $bench : $ladder->find('front-plank/forearms-wall');

        return self::plank($low, $knees, "under 15 s with the knees down: start on “{$low?->name}”.");
    }

    private function beyondKnees(Ladder $ladder, Hold $knees): ?Measured
    {
        $down = $ladder->find('front-plank/forearms-knees');
        $next = $down === null ? null : $this->above($ladder, $down);

        return self::plank($next, $knees, $next === $down ? 'about a minute with the knees down; the next rung is not open: start there.' : "about a minute with the knees down: on to “{$next?->name}”.", true);
    }

    private static function plank(?Rung $rung, Hold $hold, string $sentence, bool $isAtLeast = false): ?Measured
    {
        return $rung === null ? null : new Measured($rung, Reason::because(Rule::PlacingFromPlank, "{$hold->kind->label()} {$hold->seconds} s, {$sentence}", ['held' => "{$hold->seconds} s", 'ended' => $hold->end->inWords()], 'Another hold, the method, or a climb test of this ladder.'), $hold->sequence, $hold->day, $isAtLeast);
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
}
