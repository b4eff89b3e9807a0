<?php

declare(strict_types=1);

namespace EvenRungs\Program;

use EvenRungs\Body\Need;

/** Leaves a week's sets as they are and tidies its sessions: fewest positions and kits in each, and even lengths. */
final readonly class TidyWeek
{
    /** @var list<array<string, true>> position and kit, by offer */
    private array $needs;

    private function __construct(private FilledWeek $week, SetProblem $problem)
    {
        $this->needs = array_map(static fn(Candidate $offer): array => array_fill_keys([$offer->rung->position->value, ...array_map(static fn(Need $need): string => $need->label(), $offer->rung->kit)], true), $problem->offers);
    }

    /** Whole exercises change places between sessions while that saves positions and kit, or evens the lengths: the shares stay as they are. */
    public static function tidy(FilledWeek $week, SetProblem $problem): void
    {
        $tidy = new self($week, $problem);
        $sessions = array_keys($week->left);
        do {
            $changed = false;
            foreach ($sessions as $a) {
                foreach ($sessions as $b) {
                    $changed = ($a < $b && $tidy->exchange($a, $b)) || $changed;
                }
            }
        } while ($changed);
    }

    /** The first exchange between two sessions that leaves them tidier, if there is one. */
    private function exchange(int $a, int $b): bool
    {
        $cost = $this->week->cost;
        $before = $this->untidy($a, $b);
        foreach ([...$this->movable($a, $b), null] as $here) {
            foreach ([...$this->movable($b, $a), null] as $there) {
                $more = ($there === null ? 0 : $this->week->takes($b, $there)) - ($here === null ? 0 : $this->week->takes($a, $here));
                if ($here === $there || $this->week->left[$a] < $more || $this->week->left[$b] < -$more) {
                    continue;
                }
                $this->swap($a, $here, $b, $there);
                if ($this->week->cost <= $cost && $this->untidy($a, $b) < $before) {
                    return true;
                }
                $this->swap($b, $here, $a, $there);
            }
        }

        return false;
    }

    /** @return array{int, int} positions and kit of two sessions; then how unevenly their minutes are used */
    private function untidy(int $a, int $b): array
    {
        return [$this->moves($a) + $this->moves($b), $this->week->left[$a] ** 2 + $this->week->left[$b] ** 2];
    }

    /** @return list<int> offers that stand in one session and may go to the other, which has not got them */
    private function movable(int $from, int $to): array
    {
        $closed = $this->week->closed();

        return array_values(array_filter(array_keys($this->needs), function (int $offer) use ($from, $to, $closed): bool {
            [$here, $there] = [$from * $this->week->offers + $offer, $to * $this->week->offers + $offer];

            return $this->week->sets[$here] > 0 && $this->week->sets[$there] === 0 && ! isset($closed[$here]) && ! isset($closed[$there]);
        }));
    }

    /** One offer goes from session a to b, another from b to a. */
    private function swap(int $a, ?int $here, int $b, ?int $there): void
    {
        foreach ([[$a, $b, $here], [$b, $a, $there]] as [$from, $to, $offer]) {
            if ($offer !== null) {
                $sets = $this->week->sets[$from * $this->week->offers + $offer];
                $this->week->put($from * $this->week->offers + $offer, 0);
                $this->week->put($to * $this->week->offers + $offer, $sets);
            }
        }
    }

    /** Positions and pieces of kit in a session. */
    private function moves(int $session): int
    {
        $places = [];
        foreach ($this->needs as $offer => $needs) {
            if ($this->week->sets[$session * $this->week->offers + $offer] > 0) {
                $places += $needs;
            }
        }

        return count($places);
    }
}
