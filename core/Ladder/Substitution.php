<?php

declare(strict_types=1);

namespace EvenRungs\Ladder;

use EvenRungs\Body\Height;
use EvenRungs\Body\Side;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;

/**
 * The nearest fitting rung for one that is ruled out: same demand, smallest height difference and not
 * above the person's height, same kind (static or dynamic), least kit, same ladder first.
 */
final readonly class Substitution
{
    private function __construct(public Rung $instead, public Rung $replaces, public Reason $reason) {}

    /** The best substitute, or null when nothing fits and the demand stays open. */
    public static function for(Rung $ruledOut, Library $library, Circumstances $circumstances, Side $side = Side::Both, ?Height $personHeight = null): ?self
    {
        $ceiling = $personHeight ?? $ruledOut->height;
        $best = null;
        $bestRank = null;
        foreach ($library->meeting($ruledOut->demand) as $candidate) {
            if ($candidate->slug === $ruledOut->slug || $candidate->height->above($ceiling) > 0 || ! $circumstances->rule($candidate)->openOn($side)) {
                continue;
            }
            $rank = [
                abs($candidate->height->above($ruledOut->height)),
                (int) ($candidate->dynamic !== $ruledOut->dynamic),
                count($candidate->kit),
                (int) ($candidate->ladder !== $ruledOut->ladder),
                $candidate->slug,
            ];
            if ($bestRank === null || $rank < $bestRank) {
                [$best, $bestRank] = [$candidate, $rank];
            }
        }
        if ($best === null) {
            return null;
        }
        $lost = self::lost($ruledOut, $best);

        return new self($best, $ruledOut, Reason::because(
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
