<?php

declare(strict_types=1);

namespace EvenRungs\Program;

use EvenRungs\Body\Demand;
use EvenRungs\Body\Side;
use EvenRungs\Ladder\Rung;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;

/** The rungs a program begins with: those the person stands on, what stands in where one is ruled out, and a low start where nobody has placed them. */
final readonly class OpeningRungs
{
    /** Where nobody has placed the person yet, the start is no higher than this (our own choice). */
    private const UNPLACED_TENTHS = 24;

    /**
     * @param array<string, LadderPath> $paths by ladder
     * @param list<Reason>              $notes
     */
    private function __construct(public array $paths, public array $notes) {}

    public static function of(StartingPoint $standing, ProgramRequest $wish): self
    {
        $paths = $notes = [];
        foreach ($standing->working as $ladder => $rung) {
            if (! $rung->demand->hasShare() || in_array($ladder, $standing->stopped, true) || in_array($ladder, $wish->locks->without, true)) {
                continue;
            }
            $begin = self::isOpen($standing, $rung) ? $rung : $standing->circumstances->nextOpen($standing->library->ladder($ladder), $rung, false, Side::Both);
            $ruled = $standing->circumstances->rule($rung)->reasons[0]->sentence ?? '';
            if ($begin === null) {
                $notes[] = Reason::because(Rule::ProgramRung, "{$standing->library->ladder($ladder)->name} is left out. {$ruled}", ['working rung' => $rung->name], 'A limit lifted, or the kit at hand.');

                continue;
            }
            if ($begin !== $rung) {
                $notes[] = Reason::because(Rule::ProgramRung, "“{$begin->name}” stands in for the working rung. {$ruled}", ['working rung' => $rung->name], 'A limit lifted, or the kit at hand.');
            }
            $paths[$ladder] = LadderPath::of($standing, $wish, $begin, $begin === $rung ? null : 'Stands in for the working rung, which is ruled out.');
        }
        foreach (Demand::withShare() as $demand) {
            $needed = $wish->targets->part($demand) > 0 || in_array($demand, Demand::everyWeek(), true);
            if (! $needed || array_filter($paths, static fn(LadderPath $path): bool => $path->demand() === $demand) !== []) {
                continue;
            }
            $low = self::low($standing, $wish, $demand);
            if ($low === null) {
                $notes[] = self::open($standing, $demand);

                continue;
            }
            $paths[$low->ladder] = LadderPath::of($standing, $wish, $low, 'Not placed yet, so the program begins low.');
            $notes[] = Reason::because(Rule::ProgramRung, ucfirst($demand->shortName()).": not placed yet, so the program begins low, with “{$low->name}”.", ['height' => $low->height->label()], 'A placing on the board.');
        }

        return new self($paths, $notes);
    }

    public static function isOpen(StartingPoint $standing, Rung $rung): bool
    {
        return $standing->circumstances->rule($rung)->openOn(Side::Both);
    }

    private static function low(StartingPoint $standing, ProgramRequest $wish, Demand $demand): ?Rung
    {
        $best = null;
        foreach ($standing->library->meeting($demand) as $rung) {
            $fits = $rung->height->tenths <= self::UNPLACED_TENTHS && $rung->inTrunk($standing->circumstances->method) && self::isOpen($standing, $rung)
                && ! in_array($rung->ladder, [...$standing->stopped, ...$wish->locks->without, ...array_keys($standing->working)], true);
            if ($fits && ($best === null || [-$rung->height->tenths, count($rung->kit), $rung->slug] < [-$best->height->tenths, count($best->kit), $best->slug])) {
                $best = $rung;
            }
        }

        return $best;
    }

    private static function open(StartingPoint $standing, Demand $demand): Reason
    {
        $would = [];
        foreach ($standing->library->meeting($demand) as $rung) {
            foreach ($rung->height->tenths <= self::UNPLACED_TENTHS ? $standing->circumstances->rule($rung)->reasons : [] as $reason) {
                $would[(string) $reason->wouldChange] = true;
            }
        }

        return Reason::because(
            Rule::ProgramOpen,
            ucfirst($demand->shortName()).': nothing is open to this person, so the demand stays open and its share falls to the others.',
            [],
            implode(' ', array_slice(array_keys($would), 0, 2)) ?: 'A stopped ladder reopened, or a ladder let back in.',
        );
    }
}
