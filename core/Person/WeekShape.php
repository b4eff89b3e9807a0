<?php

declare(strict_types=1);

namespace EvenRungs\Person;

use EvenRungs\Balance\TimeFit;
use EvenRungs\Body\Demand;
use EvenRungs\Body\Kit;
use EvenRungs\Body\Limit;
use EvenRungs\Body\Position;
use EvenRungs\Calendar\Day;
use EvenRungs\Dose\Dose;
use EvenRungs\Ladder\Circumstances;
use EvenRungs\Ladder\Rung;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;
use EvenRungs\Session\ClockCircuit;
use EvenRungs\Session\Item;
use EvenRungs\Session\OrderSchool;
use EvenRungs\Session\Session;
use EvenRungs\Session\StraightSets;
use EvenRungs\Session\Totals;
use EvenRungs\Session\WrittenBlock;
use EvenRungs\Week\Cell;
use EvenRungs\Week\CoreSlot;
use EvenRungs\Week\CoreWeek;
use EvenRungs\Week\DayPart;
use EvenRungs\Week\Meeting;
use EvenRungs\Week\OtherTraining;
use EvenRungs\Week\PlannedSlot;
use EvenRungs\Week\SessionRole;
use EvenRungs\Week\Shape;
use EvenRungs\Week\SlotContent;
use EvenRungs\Week\TrainingKind;
use EvenRungs\Week\WeekPlacing;

/** A shape of the week filled from a person's board: the sessions it asks for, and where they stand. */
final class WeekShape
{
    private const FINISHER_SECONDS = [240, 480];

    private const SIX_MINUTES = 360;

    private const ROUTINE_SECONDS = 900;

    private const MOST_WEEKS = 4;

    /** Rungs of one ladder within so many tenths of height are variations of one another. */
    public const VARIATION_TENTHS = 3;

    /** What every home has. */
    private const HOME = [Kit::Mat, Kit::Pillow, Kit::Towel, Kit::Wall, Kit::Bench];

    private const FLOOR = [Position::Supine, Position::Prone, Position::SideLying, Position::AllFours, Position::HighSupport, Position::ForearmSupport];

    /** @var list<ShapedSession> */
    public array $sessions = [];

    /** @var list<PlannedSlot> that name their session by its key */
    public array $slots = [];

    /** @var list<Reason> what could not be as the shape says, and why */
    public array $notes = [];

    /** @var list<Item> in the dose that is due, the weakest demand first */
    private array $items;

    /** @var list<CoreSlot> what stays whatever the shape */
    private readonly array $together;

    private CoreWeek $week;

    private function __construct(private readonly WeekAtHand $hand)
    {
        // A squad meets whatever shape the rest of the week has.
        $this->together = array_values(array_filter($hand->pattern()->slots, static fn(CoreSlot $slot): bool => Meeting::isAt($slot->id, $slot->cell)));
        $this->week = new CoreWeek($this->together, $hand->week()->other, $hand->record->profile->trainingDays, $hand->record->circumstances()->limits);
        $heights = $hand->record->evenness()->heights;
        $read = $hand->record->read(SessionStart::wholeBoard($hand->record))->session;
        $items = array_values(array_filter($read?->items() ?? [], static fn(Item $item): bool => $item->rung->demand !== Demand::Activation));
        $place = static fn(Item $item): array => [isset($heights[$item->rung->demand->value]) ? $heights[$item->rung->demand->value]->tenths : 1000, $item->rung->height->tenths];
        usort($items, static fn(Item $a, Item $b): int => $place($a) <=> $place($b));
        $this->items = $items;
    }

    public static function lay(Shape $shape, WeekAtHand $hand): self
    {
        $laid = new self($hand);
        if ($laid->items === []) {
            $laid->notes[] = Reason::because(Rule::WeekShape, 'Nothing on the board to fill a week with: place the person on a ladder first.');

            return $laid;
        }
        match ($shape) {
            Shape::FinisherAndOwnDays => $laid->finishersAndOwnDays(),
            Shape::ThreeRoutines => $laid->threeRoutines(),
            Shape::PickSome => $laid->pickSome(),
            Shape::OneAtATime => $laid->oneAtATime(),
            Shape::DailyVariation => $laid->dailyVariation(),
            Shape::SixMinutes => $laid->sixMinutes(),
            Shape::CircuitOfSix => $laid->circuitOfSix(),
        };

        return $laid;
    }

    /** @return list<string> the slots it is laid out around */
    public function keeps(): array
    {
        return array_map(static fn(CoreSlot $slot): string => $slot->id, $this->together);
    }

    private function finishersAndOwnDays(): void
    {
        $after = array_values(array_filter($this->week->other, static fn(OtherTraining $other): bool => $other->kind !== TrainingKind::Work));
        if ($after === []) {
            $this->note('There is no other training this week for a finisher to come after: only the own days are laid out.');
        } else {
            $items = [];
            foreach ($this->oneForEachDemand() as $item) {
                if ($items === [] || (count($items) < 2 || $this->seconds($items) < self::FINISHER_SECONDS[0])) {
                    $items[] = $item;
                }
            }
            $session = $this->fitted(self::straight($items), self::FINISHER_SECONDS[1]);
            $content = $this->write('finisher', 'Short finisher', $session, intdiv(self::FINISHER_SECONDS[1], 60));
            foreach ($after as $other) {
                if ($this->week->isFree($other->cell)) {
                    $this->put('finisher', new CoreSlot('', $other->cell->minute === null ? $other->cell : new Cell($other->cell->day, $other->cell->part), SessionRole::Finisher, $this->effort(5), $content));
                }
            }
        }
        $choice = SessionChoice::of($this->items, $this->hand->record->profile->minutes, $this->hand->record);
        $this->notes = [...$this->notes, ...array_filter([$choice->reason()])];
        $school = $this->hand->record->circumstances()->forFewPositions() === [] ? OrderSchool::CarryFirst : OrderSchool::FewestMoves;
        $own = $school->write(self::straight($choice->taken), []);
        $content = $this->write('own', 'Own day', $this->fitted($own, $this->secondsThere()));
        // A day with a finisher is none of their own: one of them is better than two that are not.
        $free = count(array_diff($this->week->days, $this->week->coreDays()));
        $this->suggest('own', $content, max(1, min(count($after) >= 3 ? 1 : 2, $free)));
    }

    private function threeRoutines(): void
    {
        $demands = [[Demand::AntiExtension, Demand::AntiLateralFlexion, Demand::HipStability], [Demand::AntiFlexion, Demand::AntiRotation, Demand::AntiExtension], [Demand::AntiLateralFlexion, Demand::AntiRotation, Demand::AntiFlexion]];
        $home = new Circumstances($this->hand->record->circumstances()->limits, self::HOME, $this->hand->record->method);
        $open = [];
        foreach ([...Demand::everyWeek(), Demand::HipStability] as $demand) {
            $rung = $this->onTheFloor($demand, $home);
            if ($rung === null) {
                $this->note(ucfirst($demand->shortName()).' has no open rung on the floor without kit that is no higher than the person stands: it is left out.');
            } else {
                $open[$demand->value] = $rung;
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
                $content = $this->write("routine-{$letter}", "Floor routine {$letter}", $this->fitted(self::straight($items), min($this->secondsThere(), self::ROUTINE_SECONDS)));
                $this->suggest("routine-{$letter}", $content, 1);
            }
        }
    }

    private function pickSome(): void
    {
        $items = array_slice($this->oneForEachDemand(), 0, 5);
        $picks = min(3, count($items) - 1);
        if ($picks < 1) {
            $this->note('Only one demand has a working rung: there is nothing to pick from.');

            return;
        }
        $content = $this->write('pick', 'Any '.self::number($picks).' of '.self::number(count($items)), self::straight($items), picks: $picks);
        $this->suggest('pick', $content, $this->hand->frequency()->high);
    }

    private function oneAtATime(): void
    {
        $items = array_slice($this->oneForEachDemand(), 0, self::MOST_WEEKS);
        foreach ($items as $at => $item) {
            $now = array_map(fn(Item $one): Item => new Item($one->id, $one->rung, $one->dose->isFalling() ? $one->dose : $this->hand->record->doses()->inFewer($one, min(2, $one->dose->sets())), $one->firstSide), array_slice($items, 0, $at + 1));
            $title = $at === 0 ? $item->rung->name : ucfirst(self::number($at + 1)).' exercises';
            $content = $this->write("week-{$at}", $title, $this->fitted(self::straight($now), $this->secondsThere()));
            $monday = $this->hand->monday->plusDays(7 * $at);
            foreach ($this->everyDay() as $day) {
                $this->put("week-{$at}", new CoreSlot('', new Cell($day, DayPart::Morning), SessionRole::Daily, $this->effort(3), $content), $monday);
            }
        }
        if (count($items) < self::MOST_WEEKS) {
            $this->note('Only '.self::number(count($items)).' '.(count($items) === 1 ? 'demand has' : 'demands have').' a working rung: after that nothing is added.');
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
        $variations = $variations === [] ? [$rung] : $variations;
        $contents = [];
        foreach ($variations as $at => $one) {
            $contents[] = $this->write("variation-{$at}", $one->name, self::straight([new Item(str_replace('/', '-', $one->slug), $one, $this->due($one))]));
        }
        foreach ($this->everyDay() as $at => $day) {
            $which = $at % count($variations);
            $this->put("variation-{$which}", new CoreSlot('', new Cell($day, DayPart::Morning), SessionRole::Daily, $this->effort(4), $contents[$which]));
        }
        if (count($variations) === 1) {
            $this->note("“{$rung->name}” has no variation within 0.3 of its height that is open and that they did not come down from: it is the same each day.");
        }
    }

    private function sixMinutes(): void
    {
        $pool = array_slice($this->oneForEachDemand(), 0, 5);
        for ($count = count($pool); $count >= 2; $count--) {
            $circuit = ClockCircuit::lasting(self::SIX_MINUTES, $this->hand->record->doses()->clock(...), OrderSchool::FewestMoves->arrange(self::straight(array_slice($pool, 0, $count)), [])->items());
            if ($circuit === null) {
                continue;
            }
            $content = $this->write('six', 'Six minutes', new Session([$circuit]), 6);
            $this->note(ucfirst(self::number($count)).' stations of '.ClockCircuit::inWords($circuit).': '.Totals::clock($content->seconds).' by the clock.');
            foreach ($this->week->days as $day) {
                $this->put('six', new CoreSlot('', new Cell($day, $this->free($day)), SessionRole::Daily, $this->effort(5), $content));
            }

            return;
        }
        $this->note('Two demands with a working rung are needed for a circuit.');
    }

    private function circuitOfSix(): void
    {
        $first = $this->oneForEachDemand();
        $ids = array_map(static fn(Item $item): string => $item->id, $first);
        $six = array_slice([...$first, ...array_filter($this->items, static fn(Item $item): bool => ! in_array($item->id, $ids, true))], 0, 6);
        if (count($six) < 2) {
            $this->note('Two ladders with a working rung are needed for a circuit.');

            return;
        }
        $arranged = OrderSchool::for($this->hand->record->circumstances())->write(self::straight($six), $this->hand->record->evenness()->heights)->items();
        $circuit = new Session([ClockCircuit::by($this->hand->record->doses()->clock(...), $arranged)]);
        $content = $this->write('circuit', 'Circuit of '.self::number(count($six)), $circuit, intdiv($circuit->timeline()->totals()->total() + 59, 60));
        if (count($six) < 6) {
            $this->note('The board has '.self::number(count($six)).' working rungs: so many stations, '.Totals::clock($content->seconds).'.');
        }
        $this->suggest('circuit', $content, 2);
    }

    /**
     * The highest rung of a demand on the floor, without kit, that is no higher than the person stands, on its own ladder too;
     * the working one's ladder first.
     */
    private function onTheFloor(Demand $demand, Circumstances $home): ?Rung
    {
        $working = array_values(array_filter($this->items, static fn(Item $item): bool => $item->rung->demand === $demand));
        $highest = $working === [] ? null : max(array_map(static fn(Item $item): int => $item->rung->height->tenths, $working));
        $best = null;
        foreach ($highest === null ? [] : $this->hand->record->library->meeting($demand) as $rung) {
            $own = $this->hand->record->workingRung($rung->ladder)->height->tenths ?? $highest;
            $isOpen = $rung->height->tenths <= min($highest, $own) && ! $this->hand->record->isStopped($rung->ladder) && in_array($rung->position, self::FLOOR, true) && $home->rule($rung)->openSomewhere() && $this->hand->record->circumstances()->under($home->method)->rule($rung)->objections === [];
            $rank = [(int) in_array($rung->ladder, array_map(static fn(Item $item): string => $item->rung->ladder, $working), true), $rung->height->tenths];
            if ($isOpen && ($best === null || $rank > $best[1])) {
                $best = [$rung, $rank];
            }
        }

        return $best[0] ?? null;
    }

    private function due(Rung $rung): Dose
    {
        $doses = $this->hand->record->doses();

        return $doses->due($rung)->dose ?? $doses->first($rung)->dose;
    }

    /** @return list<Item> the first of each demand */
    private function oneForEachDemand(): array
    {
        $items = [];
        foreach ($this->items as $item) {
            $items[$item->rung->demand->value] ??= $item;
        }

        return array_values($items);
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

    private function write(string $key, string $title, Session $session, ?int $minutes = null, ?int $picks = null): SlotContent
    {
        $this->sessions[] = new ShapedSession($key, $title, WrittenBlock::all($session), $minutes, $picks);

        return SlotContent::of($title, $session, $this->hand->record->doses()->isTooMuchForPrimer(...), $picks);
    }

    /** @param Day|null $only Monday of the one week it is for */
    private function put(string $key, CoreSlot $at, ?Day $only = null): void
    {
        $id = "{$key}-".count($this->slots);
        $this->slots[] = new PlannedSlot($id, $key, $at->cell, $at->placement, $at->effort, $only, $this->hand->record->today);
        if ($only === null) {
            $this->week = $this->week->adding(new CoreSlot($id, $at->cell, $at->placement, $at->effort, $at->content));
        }
    }

    /** So many times where it clashes least: on days without core work, else at least not twice on one. */
    private function suggest(string $key, SlotContent $content, int $times): void
    {
        for ($time = 0; $time < $times; $time++) {
            $own = array_values(array_filter(array_map(static fn(PlannedSlot $slot): int => $slot->session === $key ? $slot->cell->day : 0, $this->slots)));
            $here = array_filter($this->week->days, fn(int $day): bool => ! in_array($day, $this->week->coreDays(), true));
            $at = WeekPlacing::suggest($this->week, $content, $this->hand->record->method, $here === [] ? $own : $this->week->coreDays())
                ?? WeekPlacing::suggest($this->week, $content, $this->hand->record->method, $own);
            if ($at !== null) {
                $this->put($key, $at);
            }
        }
    }

    /** @return list<int> all seven, or the days of training where a limit asks for fewer */
    private function everyDay(): array
    {
        $isLimited = array_filter($this->week->limits, static fn(Limit $limit): bool => $limit->mostDays !== null) !== [];

        return $isLimited ? $this->week->days : [1, 2, 3, 4, 5, 6, 7];
    }

    private function free(int $day): DayPart
    {
        foreach (DayPart::cases() as $part) {
            if ($this->week->isFree(new Cell($day, $part)) && $this->week->otherAt(new Cell($day, $part)) === []) {
                return $part;
            }
        }

        return DayPart::Evening;
    }

    private function effort(int $planned): int
    {
        return WeekPlacing::effort($this->week->limits, $planned);
    }

    private function note(string $sentence): void
    {
        $this->notes[] = Reason::because(Rule::WeekShape, $sentence);
    }

    private static function number(int $count): string
    {
        return ['none', 'one', 'two', 'three', 'four', 'five', 'six', 'seven'][$count] ?? (string) $count;
    }
}
