<?php

declare(strict_types=1);

namespace EvenRungs\Person;

use EvenRungs\Balance\TimeFit;
use EvenRungs\Body\Demand;
use EvenRungs\Dose\Dose;
use EvenRungs\Ladder\Rung;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;
use EvenRungs\Reason\Words;
use EvenRungs\Session\CapCheck;
use EvenRungs\Session\ClockCircuit;
use EvenRungs\Session\Item;
use EvenRungs\Session\OrderSchool;
use EvenRungs\Session\Session;
use EvenRungs\Session\SetApart;
use EvenRungs\Session\StraightSets;
use EvenRungs\Session\Template;
use EvenRungs\Session\Totals;
use EvenRungs\Week\Cell;
use EvenRungs\Week\CoreSlot;
use EvenRungs\Week\OtherTraining;
use EvenRungs\Week\SessionRole;
use EvenRungs\Week\Shape;
use EvenRungs\Week\TrainingKind;

/** A shape of the week filled from a person's board. */
final readonly class WeekShape
{
    private const FINISHER_SECONDS = [240, 480];

    private const SIX_MINUTES = 360;

    private const ROUTINE_SECONDS = 900;

    private const MOST_WEEKS = 4;

    /** Rungs of one ladder within so many tenths of height are variations of one another. */
    public const VARIATION_TENTHS = 3;

    /** @var list<Item> in the dose that is due, the weakest demand first */
    private array $items;

    private LaidWeek $laid;

    private function __construct(private WeekAtHand $hand)
    {
        $this->laid = new LaidWeek($hand);
        $heights = $hand->record->evenness()->heights;
        $read = $hand->record->read(SessionStart::wholeBoard($hand->record))->session;
        $items = array_values(array_filter($read?->items() ?? [], static fn(Item $item): bool => $item->rung->demand !== Demand::Activation));
        $place = static fn(Item $item): array => [isset($heights[$item->rung->demand->value]) ? $heights[$item->rung->demand->value]->tenths : 1000, $item->rung->height->tenths];
        usort($items, static fn(Item $a, Item $b): int => $place($a) <=> $place($b));
        $this->items = $items;
    }

    public static function lay(Shape $shape, WeekAtHand $hand): LaidWeek
    {
        $here = new self($hand);
        if ($here->items === []) {
            $here->laid->note('Nothing on the board to fill a week with: place the person on a ladder first.');

            return $here->laid;
        }
        match ($shape) {
            Shape::FinisherAndOwnDays => $here->finishersAndOwnDays(),
            Shape::ThreeRoutines => $here->threeRoutines(),
            Shape::PickSome => $here->pickSome(),
            Shape::OneAtATime => $here->oneAtATime(),
            Shape::DailyVariation => $here->dailyVariation(),
            Shape::SixMinutes => $here->sixMinutes(),
            Shape::CircuitOfSix => $here->circuitOfSix(),
        };
        $here->laid->dropUnplaced();

        return $here->laid;
    }

    private function finishersAndOwnDays(): void
    {
        $after = array_values(array_filter($this->laid->week()->other, static fn(OtherTraining $other): bool => $other->kind !== TrainingKind::Work));
        if ($after === []) {
            $this->laid->note('There is no other training this week for a finisher to come after: only the own days are laid out.');
        } else {
            $items = [];
            foreach ($this->oneForEachDemand() as $item) {
                if ($items === [] || (count($items) < 2 || $this->seconds($items) < self::FINISHER_SECONDS[0])) {
                    $items[] = $item;
                }
            }
            $session = $this->fitted(self::straight($items), self::FINISHER_SECONDS[1]);
            $content = $this->laid->write('finisher', 'Short finisher', $session, intdiv(self::FINISHER_SECONDS[1], 60));
            foreach ($after as $other) {
                $finisher = new CoreSlot('new', new Cell($other->cell->day, $other->cell->part), SessionRole::Finisher, $this->laid->effort(5), $content);
                $clash = $this->laid->week()->isFree($other->cell) ? $this->laid->clashOf($finisher) : null;
                if ($clash !== null) {
                    $this->laid->notes[] = Reason::because(Rule::WeekShape, "No finisher after {$other->inWords()} on {$other->cell->inWords()}: {$clash->reason->sentence}");
                } elseif ($this->laid->week()->isFree($other->cell)) {
                    $this->laid->put('finisher', $finisher);
                }
            }
        }
        $choice = SessionChoice::of($this->items, $this->hand->record->profile->minutes, $this->hand->record);
        $this->laid->notes = [...$this->laid->notes, ...array_filter([$choice->reason()])];
        $school = $this->hand->record->circumstances()->forFewPositions() === [] ? OrderSchool::CarryFirst : OrderSchool::FewestMoves;
        $own = $school->write(self::straight($choice->taken), []);
        $content = $this->laid->write('own', 'Own day', $this->fitted($own, $this->secondsThere()));
        // A day with a finisher is none of their own: one of them is better than two that are not.
        $free = count(array_diff($this->laid->week()->days, $this->laid->week()->coreDays()));
        $this->laid->suggest('own', $content, max(1, min(count($after) >= 3 ? 1 : 2, $free)));
    }

    private function threeRoutines(): void
    {
        $demands = [[Demand::AntiExtension, Demand::AntiLateralFlexion, Demand::HipStability], [Demand::AntiFlexion, Demand::AntiRotation, Demand::AntiExtension], [Demand::AntiLateralFlexion, Demand::AntiRotation, Demand::AntiFlexion]];
        $record = $this->hand->record;
        $floor = new FloorRungs($record, array_map(static fn(Item $item): Rung => $item->rung, $this->items));
        $open = [];
        foreach ([...Demand::everyWeek(), Demand::HipStability] as $demand) {
            $rung = $floor->for($demand);
            if ($rung === null) {
                $this->laid->note(ucfirst($demand->shortName()).' has no open rung on the floor without kit that is no higher than the person stands: it is left out.');
            } else {
                $open[$demand->value] = $rung;
                $stands = $floor->standing($demand);
                if ($stands !== null && $record->workingRung($rung->ladder) === null) {
                    $this->laid->notes[] = Template::notPlaced($rung, $stands, $record->library);
                }
            }
        }
        foreach (['A', 'B', 'C'] as $at => $letter) {
            $items = [];
            foreach ($demands[$at] as $demand) {
                $rung = $open[$demand->value] ?? null;
                if ($rung !== null) {
                    $items[] = new Item(str_replace('/', '-', $rung->slug), $rung, $this->due($rung));
                }
            }
            if ($items !== []) {
                $content = $this->laid->write("routine-{$letter}", "Floor routine {$letter}", $this->fitted(self::straight($items), min($this->secondsThere(), self::ROUTINE_SECONDS)));
                $this->laid->suggest("routine-{$letter}", $content, 1);
            }
        }
    }

    private function pickSome(): void
    {
        $items = array_slice(self::coreFirst($this->oneForEachDemand()), 0, 5);
        $picks = min(3, count($items) - 1);
        if ($picks < 1) {
            $this->laid->note('Only one demand has a working rung: there is nothing to pick from.');

            return;
        }
        $content = $this->laid->write('pick', 'Any '.self::number($picks).' of '.self::number(count($items)), self::straight($items), picks: $picks);
        $this->laid->suggest('pick', $content, $this->hand->frequency()->high);
    }

    private function oneAtATime(): void
    {
        $items = array_slice($this->oneForEachDemand(), 0, self::MOST_WEEKS);
        foreach ($items as $at => $item) {
            $now = array_map(fn(Item $one): Item => new Item($one->id, $one->rung, $one->dose->isFalling() ? $one->dose : $this->hand->record->doses()->inFewer($one, min(2, $one->dose->sets())), $one->firstSide), array_slice($items, 0, $at + 1));
            $title = $at === 0 ? $item->rung->name : ucfirst(self::number($at + 1)).' exercises';
            $content = $this->laid->write("week-{$at}", $title, $this->fitted(self::straight($now), $this->secondsThere()));
            $monday = $this->hand->monday->plusDays(7 * $at);
            foreach ($this->laid->everyDay() as $day) {
                $this->laid->put("week-{$at}", $this->laid->onDay($day, $this->laid->effort(3), $content), $monday);
            }
        }
        if (count($items) < self::MOST_WEEKS) {
            $this->laid->note('Only '.self::number(count($items)).' '.(count($items) === 1 ? 'demand has' : 'demands have').' a working rung: after that nothing is added.');
        }
    }

    private function dailyVariation(): void
    {
        $rung = $this->items[0]->rung;
        $record = $this->hand->record;
        $variations = array_values(array_filter(
            $record->library->ladder($rung->ladder)->rungs,
            static fn(Rung $one): bool => $one->doseKind === $rung->doseKind && abs($one->height->above($rung->height)) <= self::VARIATION_TENTHS && $record->circumstances()->rule($one)->openSomewhere() && ! CameDown::from($one, $record),
        ));
        // As many as there are days for, the nearest in height to where they stand; in their own order.
        usort($variations, static fn(Rung $a, Rung $b): int => abs($a->height->above($rung->height)) <=> abs($b->height->above($rung->height)));
        $variations = array_slice($variations === [] ? [$rung] : $variations, 0, count($this->laid->everyDay()));
        usort($variations, static fn(Rung $a, Rung $b): int => $a->height->above($b->height));
        $contents = [];
        foreach ($variations as $at => $one) {
            $contents[] = $this->laid->write("variation-{$at}", $one->name, self::straight([new Item(str_replace('/', '-', $one->slug), $one, $this->due($one))]));
        }
        foreach ($this->laid->everyDay() as $at => $day) {
            $which = $at % count($variations);
            $this->laid->put("variation-{$which}", $this->laid->onDay($day, $this->laid->effort(4), $contents[$which]));
        }
        if (count($variations) === 1) {
            $this->laid->note("“{$rung->name}” has no variation within 0.3 of its height that is open and that they did not come down from: it is the same each day.");
        }
    }

    private function sixMinutes(): void
    {
        $pool = array_slice(self::coreFirst($this->stations($this->oneForEachDemand())), 0, 5);
        for ($count = count($pool); $count >= 2; $count--) {
            $circuit = ClockCircuit::lasting(self::SIX_MINUTES, $this->hand->record->doses()->clock(...), $this->apart(OrderSchool::FewestMoves->arrange(self::straight(array_slice($pool, 0, $count)), [])));
            if ($circuit === null) {
                continue;
            }
            $content = $this->laid->write('six', 'Six minutes', new Session([$circuit]), 6);
            $this->laid->note(ucfirst(self::number($count)).' stations of '.ClockCircuit::inWords($circuit).': '.Totals::clock($content->seconds).' by the clock.');
            foreach ($this->laid->week()->days as $day) {
                $this->laid->put('six', $this->laid->onDay($day, $this->laid->effort(5), $content));
            }

            return;
        }
        $this->laid->note('Two demands with a working rung that can be a station are needed for a circuit.');
    }

    private function circuitOfSix(): void
    {
        $items = $this->stations($this->items);
        $first = self::coreFirst(self::firstOfEach($items));
        $ids = array_map(static fn(Item $item): string => $item->id, $first);
        $six = array_slice([...$first, ...array_filter($items, static fn(Item $item): bool => ! in_array($item->id, $ids, true))], 0, 6);
        if (count($six) < 2) {
            $this->laid->note('Two ladders with a working rung that can be a station are needed for a circuit.');

            return;
        }
        $arranged = $this->apart(OrderSchool::for($this->hand->record->circumstances())->write(self::straight($six), $this->hand->record->evenness()->heights));
        $circuit = new Session([ClockCircuit::by($this->hand->record->doses()->clock(...), $arranged)]);
        $content = $this->laid->write('circuit', 'Circuit of '.self::number(count($six)), $circuit, intdiv($circuit->timeline()->totals()->total() + 59, 60));
        if (count($six) < 6) {
            $this->laid->note('Of the board '.self::number(count($six)).' working rungs can be stations: '.Totals::clock($content->seconds).'.');
        }
        $this->laid->suggest('circuit', $content, 2);
    }

    private function due(Rung $rung): Dose
    {
        $doses = $this->hand->record->doses();

        return $doses->due($rung)->dose ?? $doses->first($rung)->dose;
    }

    /** @return list<Item> the first of each demand */
    private function oneForEachDemand(): array
    {
        return self::firstOfEach($this->items);
    }

    /**
     * @param list<Item> $all
     *
     * @return list<Item> the first of each demand
     */
    private static function firstOfEach(array $all): array
    {
        $items = [];
        foreach ($all as $item) {
            $items[$item->rung->demand->value] ??= $item;
        }

        return array_values($items);
    }

    /**
     * The demands of every week before the others: what takes only some leaves none of them out.
     *
     * @param list<Item> $items
     *
     * @return list<Item>
     */
    private static function coreFirst(array $items): array
    {
        $isCore = static fn(Item $item): bool => in_array($item->rung->demand, Demand::everyWeek(), true);

        return [...array_filter($items, $isCore), ...array_filter($items, static fn(Item $item): bool => ! $isCore($item))];
    }

    /**
     * What can be a station: where a limit caps a hold shorter than the clock of its station, it is done by itself.
     *
     * @param list<Item> $items
     *
     * @return list<Item>
     */
    private function stations(array $items): array
    {
        $left = [];
        foreach ($items as $at => $item) {
            $clock = $this->hand->record->doses()->clock($item->rung);
            $broken = CapCheck::broken(new Item($item->id, $item->rung, $clock->dose(), $item->firstSide), $this->hand->record->circumstances()->limits);
            if ($broken !== null) {
                $left[$broken][] = "“{$item->rung->name}”";
                unset($items[$at]);
            }
        }
        foreach ($left as $why => $names) {
            $this->laid->note('No station, since its clock is longer: '.Words::all($names).". {$why}.");
        }

        return array_values($items);
    }

    /** @return list<Item> so that as few as can be who follow each other load the same joint */
    private function apart(Session $arranged): array
    {
        return SetApart::all($arranged->items(), $this->hand->record->circumstances());
    }

    /** @param list<Item> $items */
    private static function straight(array $items): Session
    {
        return new Session(array_map(static fn(Item $item): StraightSets => new StraightSets($item), $items));
    }

    /** @param list<Item> $items */
    private function seconds(array $items): int
    {
        return self::straight($items)->timeline()->totals()->total();
    }

    private function secondsThere(): int
    {
        return 60 * $this->hand->record->profile->minutes;
    }

    private function fitted(Session $session, int $seconds): Session
    {
        $record = $this->hand->record;
        $steps = TimeFit::propose($session, $seconds, $record->targets(), $record->evenness()->weakest, $record->circumstances()->limits, inFewer: $record->doses()->inFewer(...));

        return $steps === [] ? $session : $steps[count($steps) - 1]->session;
    }

    private static function number(int $count): string
    {
        return ['none', 'one', 'two', 'three', 'four', 'five', 'six', 'seven'][$count] ?? (string) $count;
    }
}
