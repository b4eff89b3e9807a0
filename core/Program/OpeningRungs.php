<?php

declare(strict_types=1);

namespace EvenRungs\Program;

use EvenRungs\Body\Demand;
use EvenRungs\Body\Side;
use EvenRungs\Ladder\Rung;
use EvenRungs\Progress\FirstDose;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;
use EvenRungs\Reason\Words;

/** The rungs a program begins with: those the person stands on, what stands in where one is ruled out, and a low start where nobody has placed them. */
final readonly class OpeningRungs
{
    /** Where nobody has placed the person yet, the start is no higher than this (our own choice). */
    private const UNPLACED_TENTHS = 24;

    /** What stands beside the working rung in the weeks of a phase is so much lower at most (our own choice). */
    private const BESIDE_TENTHS = 15;

    /**
     * @param array<string, LadderPath>                $paths  by ladder
     * @param array<string, array<string, LadderPath>> $beside by phase and ladder, for the weeks in which it leads
     * @param list<Reason>                             $notes
     */
    private function __construct(private array $paths, private array $beside, public array $notes) {}

    /** @return array<string, LadderPath> by ladder, for the weeks in which a phase leads: there one of its own stands in for the working rung */
    public function paths(Phase $leads): array
    {
        return [...$this->paths, ...$this->beside[$leads->value] ?? []];
    }

    /** Whether a ladder is there only for the weeks in which a phase leads. */
    public function isBeside(string $ladder): bool
    {
        return ! isset($this->paths[$ladder]);
    }

    /** @return list<LadderPath> of all weeks */
    public function all(): array
    {
        return array_merge(array_values($this->paths), ...array_map(array_values(...), array_values($this->beside)));
    }

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
            $paths[$ladder] = $begin === $rung ? LadderPath::of($standing, $wish, $begin) : LadderPath::inPlaceOf($rung, $standing, $wish, $begin);
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

        return new self($paths, self::beside($standing, $wish, $paths), $notes);
    }

    /**
     * Where the rungs of a demand are not what should lead, another exercise of the demand that is: no higher than where the
     * person stands, on its own ladder where they stand on that, since nobody has placed them on it; and above what was clean at
     * its leaving mark of the same kind, since there is nothing left to climb for there.
     *
     * @param array<string, LadderPath> $paths by ladder
     *
     * @return array<string, array<string, LadderPath>> by phase and ladder
     */
    private static function beside(StartingPoint $standing, ProgramRequest $wish, array $paths): array
    {
        $beside = [];
        for ($number = 1; $number <= $wish->weeks; $number++) {
            $phase = $wish->phase($standing->level(), $number);
            if (isset($beside[$phase->value])) {
                continue;
            }
            $beside[$phase->value] = [];
            foreach (Demand::withShare() as $demand) {
                $there = array_map(static fn(LadderPath $path): Rung => $path->rung(), array_filter($paths, static fn(LadderPath $path): bool => $path->demand() === $demand));
                $rung = $there === [] || array_filter($there, static fn(Rung $rung): bool => self::leads($phase, $standing, $rung)) !== [] ? null
                    : self::leading($phase, $standing, $demand, max(array_map(static fn(Rung $rung): int => $rung->height->tenths, $there)), [...$standing->stopped, ...$wish->locks->without]);
                if ($rung !== null) {
                    $beside[$phase->value][$rung->ladder] = LadderPath::of($standing, $wish, $rung, ucfirst($phase->inWords()).' work should lead in these weeks, so it stands '.(isset($paths[$rung->ladder]) ? "in for “{$paths[$rung->ladder]->rung()->name}”." : 'beside '.Words::all(array_map(static fn(Rung $rung): string => "“{$rung->name}”", $there)).'.'));
                }
            }
        }

        return $beside;
    }

    private static function leads(Phase $phase, StartingPoint $standing, Rung $rung): bool
    {
        return $phase->has($rung, $standing->doses[$rung->slug] ?? FirstDose::half($rung, $standing->circumstances->method)->dose);
    }

    /**
     * @param int          $tenths where the person stands with the demand
     * @param list<string> $without ladders
     */
    private static function leading(Phase $phase, StartingPoint $standing, Demand $demand, int $tenths, array $without): ?Rung
    {
        $best = null;
        foreach ($standing->library->meeting($demand) as $rung) {
            $most = min($tenths, $standing->working[$rung->ladder]->height->tenths ?? $tenths);
            $fits = $rung->height->tenths <= $most && $rung->height->tenths >= $tenths - self::BESIDE_TENTHS && ! in_array($rung->ladder, $without, true)
                && $rung->height->tenths > self::mastered($phase, $standing, $demand)
                && ($rung->trunkWith?->include($standing->circumstances->method) ?? true) && self::leads($phase, $standing, $rung) && self::isOpen($standing, $rung);
            if ($fits && ($best === null || self::order($rung) < self::order($best))) {
                $best = $rung;
            }
        }

        return $best;
    }

    /** Height of the highest rung of a demand that would lead in a phase and was mastered, or gone past; 0 for none. */
    private static function mastered(Phase $phase, StartingPoint $standing, Demand $demand): int
    {
        $highest = 0;
        foreach ($standing->mastered as $slug) {
            $rung = $standing->library->has($slug) ? $standing->library->rung($slug) : null;
            $highest = $rung?->demand === $demand && self::leads($phase, $standing, $rung) ? max($highest, $rung->height->tenths) : $highest;
        }

        return $highest;
    }

    /** @return array{int, int, string} the highest first, then what needs the least */
    private static function order(Rung $rung): array
    {
        return [-$rung->height->tenths, count($rung->kit), $rung->slug];
    }

    public static function isOpen(StartingPoint $standing, Rung $rung): bool
    {
        return $standing->circumstances->rule($rung)->openOn(Side::Both);
    }

    private static function low(StartingPoint $standing, ProgramRequest $wish, Demand $demand): ?Rung
    {
        $best = null;
        $phase = $wish->phase($standing->level(), 1);
        foreach ($standing->library->meeting($demand) as $rung) {
            $fits = $rung->height->tenths <= self::UNPLACED_TENTHS && $rung->inTrunk($standing->circumstances->method) && self::isOpen($standing, $rung)
                && ! in_array($rung->ladder, [...$standing->stopped, ...$wish->locks->without, ...array_keys($standing->working)], true);
            if ($fits && ($best === null || [! self::leads($phase, $standing, $rung), ...self::order($rung)] < [! self::leads($phase, $standing, $best), ...self::order($best)])) {
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
