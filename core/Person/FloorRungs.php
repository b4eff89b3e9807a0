<?php

declare(strict_types=1);

namespace EvenRungs\Person;

use EvenRungs\Body\Demand;
use EvenRungs\Body\Kit;
use EvenRungs\Body\Position;
use EvenRungs\Ladder\Circumstances;
use EvenRungs\Ladder\Ladder;
use EvenRungs\Ladder\Rung;

/** What somebody can do on the floor at home, without kit, for a demand they stand on rungs of. */
final readonly class FloorRungs
{
    /** What every home has. */
    private const HOME = [Kit::Mat, Kit::Pillow, Kit::Towel, Kit::Wall, Kit::Bench];

    private const FLOOR = [Position::Supine, Position::Prone, Position::SideLying, Position::AllFours, Position::HighSupport, Position::ForearmSupport];

    private Circumstances $home;

    /** @param list<Rung> $working the rungs the person's sessions take */
    public function __construct(private PersonRecord $record, private array $working)
    {
        $this->home = new Circumstances($record->circumstances()->limits, self::HOME, $record->method);
    }

    /** The highest rung they stand on for a demand. */
    public function standing(Demand $demand): ?Rung
    {
        return array_reduce($this->workingFor($demand), static fn(?Rung $highest, Rung $one): Rung => $highest === null || $one->height->above($highest->height) > 0 ? $one : $highest);
    }

    /**
     * The highest that is open and no higher than they stand, on its own ladder too; of a ladder they stand on first. One they
     * were not placed on is begun with care, and where nothing is so low, as low as can be.
     */
    public function for(Demand $demand): ?Rung
    {
        $stands = $this->standing($demand);
        if ($stands === null) {
            return null;
        }
        $ladders = array_map(static fn(Rung $rung): string => $rung->ladder, $this->workingFor($demand));
        $best = null;
        foreach ($this->record->library->meeting($demand) as $rung) {
            if (! $this->isOpen($rung, $stands)) {
                continue;
            }
            $isCareless = $this->record->workingRung($rung->ladder) === null && $stands->height->above($rung->height) < Ladder::CAREFUL_TENTHS;
            $rank = [(int) ! $isCareless, (int) in_array($rung->ladder, $ladders, true), $isCareless ? -$rung->height->tenths : $rung->height->tenths];
            if ($best === null || $rank > $best[1]) {
                $best = [$rung, $rank];
            }
        }

        return $best[0] ?? null;
    }

    private function isOpen(Rung $rung, Rung $stands): bool
    {
        return $rung->height->above($stands->height) <= 0
            && $rung->height->above($this->record->workingRung($rung->ladder)->height ?? $stands->height) <= 0
            && ! $this->record->isStopped($rung->ladder)
            && in_array($rung->position, self::FLOOR, true)
            && $this->home->rule($rung)->openSomewhere()
            && $this->record->circumstances()->under($this->home->method)->rule($rung)->objections === [];
    }

    /** @return list<Rung> */
    private function workingFor(Demand $demand): array
    {
        return array_values(array_filter($this->working, static fn(Rung $rung): bool => $rung->demand === $demand));
    }
}
