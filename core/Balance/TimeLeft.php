<?php

declare(strict_types=1);

namespace EvenRungs\Balance;

use EvenRungs\Body\Demand;
use EvenRungs\Dose\Dose;
use EvenRungs\Dose\DoseLine;
use EvenRungs\Dose\DoseTable;
use EvenRungs\Dose\Holds;
use EvenRungs\Dose\Reps;
use EvenRungs\Method\Counting;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;
use EvenRungs\Session\Edit;
use EvenRungs\Session\Item;
use EvenRungs\Session\Repair;
use EvenRungs\Session\Session;
use EvenRungs\Session\SessionLength;
use EvenRungs\Session\Totals;
use EvenRungs\Session\Warning;

/**
 * What minutes left over could give: to the weakest demand while it has less than its share, more of an exercise that is
 * there or the one that is not; else, and where nobody knows the weakest, to what is furthest below its share, and to the
 * weakest only where nothing is.
 */
final readonly class TimeLeft
{
    /** A session with so much of its minutes left, in per cent, is well under them (our own choice). */
    private const WELL_UNDER_PERCENT = 20;

    private int $total;

    /**
     * @param int          $target seconds there are
     * @param int|null     $picks  so many of its exercises the person picks; null for all
     * @param list<string> $most   rungs of which nothing is added, after what was done last
     */
    public function __construct(private Session $session, private int $target, private TargetShares $targets, private Counting $counting, private ?int $picks = null, private array $most = [])
    {
        $this->total = SessionLength::of($session, $picks)->longest;
    }

    /** @param \Closure(): ?Item|null $missing the weakest demand's working rung in the dose that is due, where the session has none of it */
    public function offer(?Demand $weakest, ?\Closure $missing = null): ?Warning
    {
        $offer = $weakest === null ? $this->toFurthestBelow() : match ($this->isBelow($weakest, $this->session)) {
            true => $this->to($weakest, 'is the weakest', true, $missing),
            false => $this->toFurthestBelow() ?? $this->to($weakest, 'is the weakest', false, $missing),
        };

        return $offer ?? ($this->isWellUnder() ? new Warning($this->because(match (true) {
            $weakest === null => 'More sets, or another exercise, would have room.',
            $this->isMostOf($weakest) => ucfirst($weakest->shortName()).' is the weakest, and after the last time nothing is added to it.',
            default => ucfirst($weakest->shortName()).' is the weakest, and nothing more of it fits as it is written.',
        }, [])) : null);
    }

    /**
     * What the minutes left over could give in one step: a set more of each exercise whose demand is below its share, what is
     * furthest below first, as long as it fits. Repetitions and seconds stay what is due. Null where there is not much time left,
     * or where no more than one exercise would get a set: the offer says that.
     */
    public function fill(): ?Warning
    {
        $edits = [];
        $then = $this->session;
        while ($this->isWellUnder() && ($edit = $this->after($then)->oneSetMore($edits)) !== null) {
            $edits[$edit->items[0]] = $edit;
            $then = $edit->appliedTo($then) ?? $then;
        }

        return count($edits) < 2 ? null : $this->filling($then, array_values($edits));
    }

    private function after(Session $then): self
    {
        return new self($then, $this->target, $this->targets, $this->counting, $this->picks, $this->most);
    }

    private function isMost(Item $item): bool
    {
        return in_array($item->rung->slug, $this->most, true);
    }

    /** Whether it is trained, and nothing is added to any of it. */
    private function isMostOf(Demand $demand): bool
    {
        $here = array_filter($this->session->items(), static fn(Item $item): bool => $item->rung->demand === $demand);

        return $here !== [] && array_filter($here, fn(Item $item): bool => ! $this->isMost($item)) === [];
    }

    /** @param array<string, Edit> $done of exercises that have got theirs, by exercise */
    private function oneSetMore(array $done): ?Edit
    {
        foreach ($this->below() as $demand => $lacks) {
            foreach ($this->session->items() as $item) {
                if ($item->rung->demand->value !== $demand || isset($done[$item->id]) || $this->isMost($item) || $item->dose->isFalling() || $item->dose->sets() >= DoseTable::MOST_SETS) {
                    continue;
                }
                $edit = Edit::dose($item->id, $item->dose->withSets($item->dose->sets() + 1));
                if ($this->fits($edit)) {
                    return $edit;
                }
            }
        }

        return null;
    }

    /** @return array<string, int> what is trained and below its share, the furthest first, in thousandths of the work */
    private function below(): array
    {
        $below = [];
        foreach ($this->session->items() as $item) {
            $demand = $item->rung->demand;
            $lacks = $demand->hasShare() ? $this->targets->perMille($demand) - self::share($this->session, $demand) : 0;
            if ($lacks > 0) {
                $below[$demand->value] = $lacks;
            }
        }
        arsort($below);

        return $below;
    }

    /** @param non-empty-list<Edit> $edits */
    private function filling(Session $then, array $edits): Warning
    {
        $agreement = fn(Session $session): string => intdiv(WorkShares::of($session, $session->timeline())->agreementPerMille($this->targets) + 5, 10).' %';
        $total = Totals::clock(SessionLength::of($then, $this->picks)->longest);
        $does = 'A set more for '.count($edits).' exercises';

        return new Warning(
            $this->because("{$does} whose demand is below its share: {$total} then, {$agreement($then)} in line with the aim instead of {$agreement($this->session)}.", ['then' => $total]),
            Repair::by($does, ...$edits),
        );
    }

    /** Whether a demand has less of the work than its share, or none is asked for it. */
    private function isBelow(Demand $demand, Session $session): bool
    {
        return ! $demand->hasShare() || self::share($session, $demand) < $this->targets->perMille($demand);
    }

    private static function share(Session $session, Demand $demand): int
    {
        return WorkShares::of($session, $session->timeline())->perMille($demand);
    }

    private function toFurthestBelow(): ?Warning
    {
        foreach (array_keys($this->below()) as $demand) {
            $offer = $this->to(Demand::from($demand), 'is furthest below its share', true, null);
            if ($offer !== null) {
                return $offer;
            }
        }

        return null;
    }

    private function left(): int
    {
        return $this->target - $this->total;
    }

    private function isWellUnder(): bool
    {
        return 100 * $this->left() > self::WELL_UNDER_PERCENT * $this->target;
    }

    /**
     * @param string                $why       in words, of the demand
     * @param bool                  $upToShare no further than its share asks
     * @param \Closure(): ?Item|null $missing
     */
    private function to(Demand $demand, string $why, bool $upToShare, ?\Closure $missing): ?Warning
    {
        $here = array_filter($this->session->items(), static fn(Item $item): bool => $item->rung->demand === $demand);
        foreach ($here as $item) {
            $dose = $this->isMost($item) ? null : $this->grown($item, $upToShare);
            if ($dose !== null) {
                return $this->offering($demand, $why, $item->rung->name, $dose, 'Write '.DoseLine::print($dose, $this->counting), Edit::dose($item->id, $dose));
            }
        }
        $item = $here === [] && $missing !== null && $this->isWellUnder() ? $missing() : null;
        if ($item === null) {
            return null;
        }
        $add = Edit::add($item->rung, $item->dose);

        return ! $this->fits($add) ? null : $this->offering($demand, $why, $item->rung->name, $item->dose, "Add {$item->rung->name}", $add);
    }

    private function fits(Edit $edit): bool
    {
        $then = $edit->appliedTo($this->session);

        return $then !== null && SessionLength::of($then, $this->picks)->longest <= $this->target;
    }

    /** The exercise a step up, or as many steps as fit where there is much time left; null where none fits. */
    private function grown(Item $item, bool $upToShare): ?Dose
    {
        $grown = null;
        $next = self::more($item, $item->dose, $this->isWellUnder());
        while ($next !== null && $this->fits(Edit::dose($item->id, $next))) {
            $grown = $next;
            $then = Edit::dose($item->id, $grown)->appliedTo($this->session);
            $isEnough = $upToShare && $then !== null && ! $this->isBelow($item->rung->demand, $then);
            $next = $this->isWellUnder() && ! $isEnough ? self::more($item, $grown, true) : null;
        }

        return $grown;
    }

    private function offering(Demand $demand, string $why, string $name, Dose $dose, string $label, Edit $edit): Warning
    {
        $then = $edit->appliedTo($this->session) ?? $this->session;
        $added = $then->timeline()->totals()->total() - $this->session->timeline()->totals()->total();
        $line = DoseLine::print($dose, $this->counting);
        $percent = static fn(int $perMille): string => intdiv($perMille + 5, 10).' %';
        $gains = $demand->hasShare() ? ", {$percent(self::share($then, $demand))} of the work instead of {$percent(self::share($this->session, $demand))}" : '';

        return new Warning($this->because(
            ucfirst($demand->shortName())." {$why}: {$name} at {$line} adds {$added} s{$gains}.",
            ['demand' => $demand->shortName(), 'adds' => "{$added} s", ...($demand->hasShare() ? ['asked for' => $percent($this->targets->perMille($demand))] : [])],
        ), Repair::by($label, $edit));
    }

    /** @param array<string, string> $inputs */
    private function because(string $sentence, array $inputs): Reason
    {
        return Reason::because(
            Rule::FitToTime,
            Totals::clock($this->left()).($this->isWellUnder() ? ' of '.Totals::clock($this->target) : '')." left. {$sentence}",
            ['left' => Totals::clock($this->left()), ...$inputs],
            'A climb of another demand, or fewer minutes.',
        );
    }

    /** Two repetitions more inside the band, or one short hold more up to six; where there is much time left, then a set more up to four. */
    private static function more(Item $item, Dose $dose, bool $sets): ?Dose
    {
        $body = $dose->first();
        if ($dose->isFalling()) {
            return null;
        }
        if ($body instanceof Reps && $item->rung->band !== null && $body->count < $item->rung->band->high) {
            return $dose->withBody(Reps::of(min($item->rung->band->high, $body->count + 2)));
        }
        if ($body instanceof Holds && $body->count > 1 && $body->count < 6) {
            return $dose->withBody(Holds::of($body->count + 1, $body->seconds, $body->gapSeconds));
        }

        return $sets && $dose->sets() < DoseTable::MOST_SETS ? $dose->withSets($dose->sets() + 1) : null;
    }
}
