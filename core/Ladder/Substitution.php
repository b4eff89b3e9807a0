<?php

declare(strict_types=1);

namespace EvenRungs\Ladder;

use EvenRungs\Body\Height;
use EvenRungs\Body\Side;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;

/**
 * The nearest fitting rung for one that is ruled out: same demand, smallest height difference and not
 * above the person, same kind (static or dynamic), least kit, same ladder first. What is below where they stand
 * on another ladder comes last: they train more of that already.
 */
final readonly class Substitution
{
    /** @param string $lost what is lost, as a sentence */
    private function __construct(public Rung $instead, public Rung $replaces, public string $lost, public Reason $reason) {}

    /** The best substitute, or null when nothing fits and the demand stays open. */
    public static function for(Rung $ruledOut, Library $library, Circumstances $circumstances, StandIns $standIns = new StandIns): ?self
    {
        return self::nearest($ruledOut, $library, $circumstances, $standIns, 1)[0] ?? null;
    }

    /**
     * The nearest fitting rungs, best first.
     *
     * @return list<self> none when nothing fits and the demand stays open
     */
    public static function nearest(Rung $ruledOut, Library $library, Circumstances $circumstances, StandIns $standIns, int $most): array
    {
        $found = [];
        // Ranked as they lie on the shelf, and read one by one until enough are open: most are never read.
        foreach (self::ranked($ruledOut, $library->sketches($ruledOut->demand), $standIns) as $sketch) {
            $rung = $library->rung($sketch->slug);
            if ($circumstances->rule($rung)->openOn(Side::Both)) {
                $found[] = self::of($ruledOut, $rung, $standIns->ceiling($ruledOut));
            }
            if (count($found) === $most) {
                break;
            }
        }

        return $found;
    }

    /**
     * @param list<Sketch> $sketches of rungs of the same demand
     *
     * @return list<Sketch> those that may stand in its place, best first
     */
    private static function ranked(Rung $ruledOut, array $sketches, StandIns $standIns): array
    {
        $ranks = $fitting = [];
        foreach ($sketches as $one) {
            if ($one->slug !== $ruledOut->slug && $standIns->has($one, $ruledOut)) {
                $ranks[] = [(int) $standIns->isBeneathThem($one, $ruledOut), ...self::rank($ruledOut, $one)];
                $fitting[] = $one;
            }
        }
        array_multisort($ranks, $fitting);

        return $fitting;
    }

    /** @return array{int, int, int, int, string} */
    private static function rank(Rung $ruledOut, Sketch $one): array
    {
        return [abs($one->height->above($ruledOut->height)), (int) ($one->dynamic !== $ruledOut->dynamic), $one->kit, (int) ($one->ladder !== $ruledOut->ladder), $one->slug];
    }

    private static function of(Rung $ruledOut, Rung $best, Height $ceiling): self
    {
        $lost = self::lost($ruledOut, $best);

        return new self($best, $ruledOut, $lost, Reason::because(
            Rule::Substitution,
            "“{$best->name}” ({$best->height->label()}) in place of “{$ruledOut->name}” ({$ruledOut->height->label()}): the nearest open rung for the same demand. {$lost}",
            ['replaces' => $ruledOut->name, 'height difference' => Height::tenthsLabel(abs($best->height->above($ruledOut->height))), 'highest height looked at' => $ceiling->label()],
            'Lifting the limit or adding the kit opens the rung again.',
        ));
    }

    private static function lost(Rung $ruledOut, Rung $instead): string
    {
        $lost = [];
        if ($ruledOut->height->above($instead->height) > 0) {
            $lost[] = Height::tenthsLabel($ruledOut->height->above($instead->height)).' of height';
        }
        if ($ruledOut->dynamic !== $instead->dynamic) {
            $lost[] = $ruledOut->dynamic ? 'the movement' : 'the still hold';
        }
        foreach ($ruledOut->secondary as $demand) {
            if (! in_array($demand, $instead->secondary, true)) {
                $lost[] = "the share for {$demand->shortName()}";
            }
        }

        return $lost === [] ? 'Nothing is lost.' : 'Lost: '.implode(', ', $lost).'.';
    }
}
