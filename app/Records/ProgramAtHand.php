<?php

declare(strict_types=1);

namespace App\Records;

use App\Actions\WriteProgramWeek;
use App\Models\Placement as PlacementRow;
use App\Models\Plan;
use App\Models\Program;
use App\Models\SessionLog;
use App\Models\TrainingSession;
use EvenRungs\Body\Level;
use EvenRungs\Calendar\Day;
use EvenRungs\Dose\Dose;
use EvenRungs\Dose\DoseLine;
use EvenRungs\Ladder\UnknownRung;
use EvenRungs\Program\Generator;
use EvenRungs\Program\InvalidProgram;
use EvenRungs\Program\Locks;
use EvenRungs\Program\Program as Made;
use EvenRungs\Program\ProgramRequest;
use EvenRungs\Program\ProgramSlot;
use EvenRungs\Program\Rate;
use EvenRungs\Program\ReplanTriggers;
use EvenRungs\Program\RungTenure;
use EvenRungs\Program\StartingPoint;
use EvenRungs\Program\WeekKind;
use EvenRungs\Program\WrittenRequest;
use EvenRungs\Program\WrittenWeek;
use EvenRungs\Progress\NextDose;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Refusal;
use EvenRungs\Reason\Rule;
use EvenRungs\Session\ReadSession;
use EvenRungs\Session\Session;
use EvenRungs\Session\WrittenBlock;
use EvenRungs\Session\WrittenItem;
use EvenRungs\Week\Cell;
use EvenRungs\Week\Clash;
use EvenRungs\Week\Clashes;
use EvenRungs\Week\CoreSlot;
use EvenRungs\Week\CoreWeek;
use EvenRungs\Week\DayPart;
use EvenRungs\Week\Frequency;
use EvenRungs\Week\OtherTraining;
use EvenRungs\Week\SessionRole;
use EvenRungs\Week\SlotContent;
use EvenRungs\Week\WeekPlacing;

/** A person's program: the version that holds, what a new one begins from, and what is written of it. */
final class ProgramAtHand
{
    private const WEEKS = 6;

    private ?StartingPoint $standing = null;

    /** @param list<Program> $versions oldest first */
    private function __construct(public readonly Dossier $dossier, public readonly array $versions) {}

    public static function of(Dossier $dossier): self
    {
        return new self($dossier, array_values($dossier->person->programs->all()));
    }

    public function present(): ?Program
    {
        return $this->versions === [] ? null : $this->versions[count($this->versions) - 1];
    }

    /** @return list<WrittenWeek> */
    public static function weeksOf(?Program $program): array
    {
        return array_map(WrittenWeek::read(...), $program->weeks ?? []);
    }

    /** @return list<WrittenWeek> weeks of a program from this one on */
    public function ahead(?Program $program): array
    {
        return array_values(array_filter(self::weeksOf($program), fn(WrittenWeek $week): bool => ! $week->monday->isBefore($this->today()->monday())));
    }

    public function today(): Day
    {
        return $this->dossier->today();
    }

    /** Where the person stands: working rungs, next doses, days on each. Needs the logs. */
    public function standing(): StartingPoint
    {
        return $this->standing ??= $this->standingWith(array_map(static fn(NextDose $next): Dose => $next->dose, $this->dossier->nextDoses()));
    }

    /** @param array<string, Dose> $doses the next dose, by rung */
    private function standingWith(array $doses): StartingPoint
    {
        $dossier = $this->dossier;
        $daysOn = $firstSide = [];
        foreach ($dossier->standpoints() as $here) {
            $days = Day::parse($here->placement->placedOn)->daysUntil($this->today());
            $daysOn[$here->rung->ladder] = min($daysOn[$here->rung->ladder] ?? $days, $days);
            $firstSide[$here->rung->ladder] = $dossier->firstSide($here->rung->ladder);
        }

        return new StartingPoint($dossier->library, $dossier->circumstances(), $dossier->workingRungs(), $doses, $daysOn, $dossier->stoppedLadders(), $firstSide);
    }

    /** @return list<Reason> what speaks by now against the program that holds; none when it still fits */
    public function against(): array
    {
        $present = $this->present();
        if ($present === null) {
            return [];
        }
        $weeks = self::weeksOf($present);
        $trained = array_map(static fn(WrittenWeek $week): string => $week->monday->iso(), array_values(array_filter($weeks, $this->trained(...))));

        return ReplanTriggers::of($weeks, WrittenRequest::read($present->wish), $this->standing ?? $this->standingWith([]), $this->today(), $this->dossier->person->training_days, $this->away($this->today()->monday()), $trained);
    }

    /** @throws \EvenRungs\Program\InvalidProgram when it cannot begin, or what is fixed contradicts itself */
    public function make(WrittenRequest $wish): Made
    {
        $asked = $this->asked($wish);

        return Generator::program($this->standing()->later($this->today()->daysUntil($asked->monday)), $asked);
    }

    /**
     * What clashes in an ordinary week of a program: between its sessions, and with the person's other training.
     *
     * @return list<Reason>
     */
    public function clashes(WrittenWeek $week): array
    {
        $slots = [];
        foreach ($week->places as $place) {
            $session = $this->session($week, $place->id);
            if ($session !== null) {
                $slots[] = new CoreSlot($place->id, $place->cell, $place->placement, $place->effort, SlotContent::of('Core session', $session));
            }
        }
        $other = array_values(array_filter($this->dossier->person->otherTraining(), static fn(OtherTraining $other): bool => $other->happensIn($week->monday)));
        $clashes = Clashes::in(new CoreWeek($slots, $other, $this->dossier->person->training_days, $this->dossier->circumstances()->limits));
        $reasons = array_map(static fn(Clash $clash): Reason => $clash->reason, $clashes);

        // What a demand gets is said by the program itself.
        return array_values(array_filter($reasons, static fn(Reason $reason): bool => $reason->rule !== Rule::WeekDemand));
    }

    private function asked(WrittenRequest $wish): ProgramRequest
    {
        return new ProgramRequest($wish->start, $this->today(), $wish->weeks, $wish->slots, $this->dossier->targets(), $this->rate($wish), $this->locks($wish), $wish->seed, $this->away($wish->start), $this->behind($wish->start));
    }

    public function rate(WrittenRequest $wish): Rate
    {
        return $wish->rateTenths === null ? $this->rateFromLog() ?? Rate::stated(Rate::STATED_TENTHS) : Rate::stated($wish->rateTenths);
    }

    /** @throws InvalidProgram when a dose cannot be read */
    private function locks(WrittenRequest $wish): Locks
    {
        $rungs = $doses = $sets = [];
        foreach ($wish->rungs as $row) {
            $rungs[$row['week']][$row['ladder']] = $row['rung'];
        }
        foreach ($wish->doses as $row) {
            try {
                $doses[$row['week']][$row['ladder']] = DoseLine::parse($row['dose'], $this->dossier->library->rung($row['rung'])->sidedness, $this->dossier->method()->counting());
            } catch (Refusal|UnknownRung $problem) {
                throw InvalidProgram::because("Week {$row['week']}: “{$row['dose']}” cannot be read. {$problem->getMessage()}");
            }
        }
        foreach ($wish->sets as $row) {
            $sets[$row['slot']][$row['ladder']] = $row['sets'];
        }

        return new Locks($rungs, $doses, $sets, $wish->without);
    }

    /** What would be asked for next: the rest of the program that holds, else six weeks of the sessions laid out in the week. */
    public function nextWish(): WrittenRequest
    {
        $present = $this->present();
        $monday = $this->today()->monday();
        if ($present === null) {
            $slots = $this->usualSlots();
            // It begins this week while none of its days is behind.
            $behind = array_filter($slots, fn(ProgramSlot $slot): bool => $slot->cell->day < $this->today()->weekday()) !== [];

            return new WrittenRequest($behind ? $monday->plusDays(7) : $monday, self::WEEKS, 1, null, $slots);
        }
        $wish = WrittenRequest::read($present->wish);
        $behind = count(array_filter(self::weeksOf($present), fn(WrittenWeek $week): bool => $week->monday->isBefore($monday) && ! $week->monday->isBefore($wish->start) && $this->trained($week)));

        return $wish->start->isBefore($monday) ? $wish->restFrom($monday, $behind) : $wish;
    }

    /** @return list<ProgramSlot> sessions of every week as they are laid out; where there are none, as many as the method asks for, where they fit best */
    private function usualSlots(): array
    {
        $minutes = min(ProgramSlot::MOST_MINUTES, max(ProgramSlot::LEAST_MINUTES, $this->dossier->person->minutes));
        $slots = [];
        foreach ($this->plan()->slots ?? [] as $slot) {
            if ($slot['only'] === null && SessionRole::from($slot['placement']) !== SessionRole::Primer) {
                $slots[] = new ProgramSlot($slot['id'], new Cell($slot['day'], DayPart::from($slot['part'])), SessionRole::from($slot['placement']), $minutes, $slot['effort']);
            }
        }
        if ($slots !== []) {
            return $slots;
        }
        $week = new CoreWeek([], $this->dossier->person->otherTraining(), $this->dossier->person->training_days, $this->dossier->circumstances()->limits);
        $frequency = Frequency::of($this->dossier->method(), Level::Beginner, $this->dossier->circumstances()->limits);
        $most = min($frequency->high, count($this->dossier->person->training_days));
        for ($count = 1; $count <= $most; $count++) {
            $fits = WeekPlacing::suggest($week, new SlotContent('Session', 60 * $minutes, [], []), $this->dossier->method());
            if ($fits === null) {
                break;
            }
            $week = $week->adding(new CoreSlot("place-{$count}", $fits->cell, $fits->placement, $fits->effort, $fits->content));
            $slots[] = new ProgramSlot("place-{$count}", $fits->cell, $fits->placement, $minutes, $fits->effort);
        }

        return $slots;
    }

    /** The rate the log shows; null while it is too short. */
    public function rateFromLog(): ?Rate
    {
        return Rate::fromLog(self::stretches(array_values($this->dossier->person->placements->all()), $this->today(), $this->dossier));
    }

    /**
     * Every stretch on a rung, in the order they ended. A climb is one that was decided; a placing by hand is none.
     *
     * @param list<PlacementRow> $placements in order of time
     *
     * @return list<RungTenure>
     */
    public static function stretches(array $placements, Day $until, Dossier $dossier): array
    {
        $tracks = $stretches = [];
        foreach ($placements as $row) {
            foreach (array_keys($tracks) as $key) {
                [$ladder, $side, $since, $rung] = $tracks[$key];
                if ($ladder === $row->ladder && ($side === $row->side || $row->side === 'both' || $side === 'both')) {
                    $climbed = $row->decision_id === null ? 0 : self::higher($dossier, $rung, $row->rung);
                    $stretches[] = new RungTenure($since->daysUntil(Day::parse($row->placed_on)), max(0, $climbed));
                    unset($tracks[$key]);
                }
            }
            if (! $row->stopped) {
                $tracks["{$row->ladder} {$row->side}"] = [$row->ladder, $row->side, Day::parse($row->placed_on), $row->rung];
            }
        }
        foreach ($tracks as [, , $since]) {
            $stretches[] = new RungTenure($since->daysUntil($until), 0);
        }

        return $stretches;
    }

    private static function higher(Dossier $dossier, string $from, string $to): int
    {
        try {
            return $dossier->library->rung($to)->height->above($dossier->library->rung($from)->height);
        } catch (UnknownRung) {
            return 0;
        }
    }

    /** @return list<string> Mondays of the weeks ahead in which every day is away */
    public function away(Day $from): array
    {
        $away = $this->dossier->person->plan->away ?? [];
        $mondays = [];
        foreach ($away as $date) {
            $monday = Day::parse($date)->monday();
            $whole = array_filter(range(0, 6), static fn(int $day): bool => ! in_array($monday->plusDays($day)->iso(), $away, true)) === [];
            if ($whole && ! $monday->isBefore($from)) {
                $mondays[$monday->iso()] = true;
            }
        }

        return array_keys($mondays);
    }

    /** Ordinary weeks of the program behind a Monday since its last easier one. */
    public function behind(Day $monday): int
    {
        $behind = 0;
        foreach (self::weeksOf($this->present()) as $week) {
            if ($week->monday->isBefore($monday) && $this->trained($week)) {
                $behind = $week->kind === WeekKind::Easier ? 0 : $behind + 1;
            }
        }

        return $behind % WeekKind::EASIER_EVERY;
    }

    /** Whether anything was done in a week of the program: one that was missed is not behind the person. */
    public function trained(WrittenWeek $week): bool
    {
        return $week->kind !== WeekKind::Away && $this->dossier->person->logs->contains(static fn(SessionLog $log): bool => Day::parse($log->done_on)->monday()->equals($week->monday));
    }

    /**
     * Weeks of a new program put into the one that holds: those accepted. What is past stays, and so do weeks before
     * the new one begins.
     *
     * @param list<WrittenWeek>   $made
     * @param list<string>|null   $mondays accepted; all when null
     *
     * @return list<WrittenWeek>
     */
    public function taking(array $made, ?array $mondays): array
    {
        $begins = $made[0]->monday ?? $this->today()->monday();
        $weeks = [];
        foreach (self::weeksOf($this->present()) as $week) {
            if ($week->monday->isBefore($begins) || $mondays !== null) {
                $weeks[$week->monday->iso()] = $week;
            }
        }
        foreach ($made as $week) {
            if ($mondays === null || in_array($week->monday->iso(), $mondays, true)) {
                $weeks[$week->monday->iso()] = $week;
            }
        }
        ksort($weeks);

        return array_values($weeks);
    }

    /** A kept session in the terms of the core; null when nothing of it can be read any more. */
    public function session(WrittenWeek $week, string $slot): ?Session
    {
        try {
            return ReadSession::of(self::blocks($week, $slot), $this->dossier->library, $this->dossier->firstSide(...))->session;
        } catch (UnknownRung) {
            return null;
        }
    }

    /** @return list<WrittenBlock> */
    public static function blocks(WrittenWeek $week, string $slot): array
    {
        return array_map(static fn(WrittenItem $item): WrittenBlock => WrittenBlock::straight($item), $week->sessions[$slot] ?? []);
    }

    /** The session written from a week of the program for one of its places; null when it has not been. */
    public function written(Day $monday, string $slot): ?TrainingSession
    {
        return $this->dossier->person->trainingSessions->first(static fn(TrainingSession $row): bool => $row->program_monday === $monday->iso() && $row->program_slot === $slot);
    }

    /** Whether the day of a session of the program is past. */
    public function isBehind(WrittenWeek $week, string $slot): bool
    {
        return isset($week->places[$slot]) && $week->monday->plusDays($week->places[$slot]->cell->day - 1)->isBefore($this->today());
    }

    /** Whether the program has a week there, not past, of which something is not written into the week yet. */
    public function waits(Day $monday): bool
    {
        $placed = array_column($this->plan()->slots ?? [], 'id');
        foreach ($monday->isBefore($this->today()->monday()) ? [] : self::weeksOf($this->present()) as $week) {
            if ($week->monday->equals($monday)) {
                return array_filter(array_keys($week->sessions), fn(string $slot): bool => ! $this->isBehind($week, $slot) && ! in_array(WriteProgramWeek::slotId($monday, $slot), $placed, true)) !== [];
            }
        }

        return false;
    }

    public function plan(): ?Plan
    {
        return $this->dossier->person->plan;
    }
}
