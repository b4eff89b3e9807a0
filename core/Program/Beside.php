<?php

declare(strict_types=1);

namespace EvenRungs\Program;

use EvenRungs\Balance\WorkShares;
use EvenRungs\Body\Demand;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;
use EvenRungs\Reason\Words;
use EvenRungs\Session\Item;
use EvenRungs\Session\Session;
use EvenRungs\Session\Totals;

/** What somebody trains in each week beside the program, with a squad: the program fills what it leaves. */
final readonly class Beside
{
    /**
     * @param int                                    $sessions of a week
     * @param list<array{Demand, list<Demand>, int}> $work     main demand, secondary demands, seconds under tension
     * @param array<string, int>                     $meets    sessions in which a demand is met, by demand
     */
    public function __construct(public int $sessions = 0, public array $work = [], private array $meets = []) {}

    /** @param list<Session> $sessions of one week */
    public static function of(array $sessions): self
    {
        $work = $meets = [];
        foreach ($sessions as $session) {
            $totals = $session->timeline()->totalsByItem();
            foreach ($session->items() as $item) {
                $work[] = [$item->rung->demand, $item->rung->secondary, $totals[$item->id]->work];
            }
            foreach (array_unique(array_map(static fn(Item $item): string => $item->rung->demand->value, $session->items())) as $demand) {
                $meets[$demand] = ($meets[$demand] ?? 0) + 1;
            }
        }

        return new self(count($sessions), $work, $meets);
    }

    /** Sessions in which a demand is met. */
    public function meets(Demand $demand): int
    {
        return $this->meets[$demand->value] ?? 0;
    }

    /** @return array<string, int> half seconds by demand; none where nothing is beside it */
    public function halfSeconds(): array
    {
        return $this->work === [] ? [] : WorkShares::ofWork($this->work)->halfSeconds();
    }

    public function reason(): ?Reason
    {
        if ($this->sessions === 0) {
            return null;
        }
        $given = [];
        foreach ($this->halfSeconds() as $demand => $half) {
            if ($half > 0) {
                $given[Demand::from($demand)->shortName()] = Totals::clock(intdiv($half, 2));
            }
        }

        return Reason::because(Rule::ProgramBeside, 'What the squad does counts: '.Words::counted($this->sessions, 'session').' a week. These sessions fill what it leaves of the aim.', $given, 'Other stations, or other times of the squad.');
    }
}
