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
    /** @param string $lost what is lost, as a sentence */
    private function __construct(public Rung $instead, public Rung $replaces, public string $lost, public Reason $reason) {}

    /** The best substitute, or null when nothing fits and the demand stays open. */
    public static function for(Rung $ruledOut, Library $library, Circumstances $circumstances, Side $side = Side::Both, ?Height $personHeight = null): ?self
    {
        $open = array_values(array_filter($library->meeting($ruledOut->demand), static fn(Rung $rung): bool => $circumstances->rule($rung)->openOn($side)));

        return self::among($ruledOut, $open, $personHeight, 1)[0] ?? null;
    }

    /**
     * The nearest fitting rungs, best first.
     *
     * @param list<Rung>  $open         rungs open to the person, of any demand
     * @param Height|null $personHeight where the person stands in this demand; the ruled-out rung's own height when null
     *
     * @return list<self> none when nothing fits and the demand stays open
     */
    public static function among(Rung $ruledOut, array $open, ?Height $personHeight, int $most): array
    {
        $ceiling = $personHeight ?? $ruledOut->height;
        $ranked = [];
        foreach ($open as $candidate) {
            if ($candidate->demand === $ruledOut->demand && $candidate->slug !== $ruledOut->slug && $candidate->height->above($ceiling) <= 0) {
                $ranked[] = [[
                    abs($candidate->height->above($ruledOut->height)),
                    (int) ($candidate->dynamic !== $ruledOut->dynamic),
                    count($candidate->kit),
                    (int) ($candidate->ladder !== $ruledOut->ladder),
                    $candidate->slug,
                ], $candidate];
            }
        }
        usort($ranked, static fn(array $a, array $b): int => $a[0] <=> $b[0]);

        return array_map(static fn(array $entry): self => self::of($ruledOut, $entry[1], $ceiling), array_slice($ranked, 0, $most));
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
