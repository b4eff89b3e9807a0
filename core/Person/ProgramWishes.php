<?php

declare(strict_types=1);

namespace EvenRungs\Person;

use EvenRungs\Balance\KindMix;
use EvenRungs\Calendar\Day;
use EvenRungs\Dose\DoseLine;
use EvenRungs\Program\Beside;
use EvenRungs\Program\InvalidProgram;
use EvenRungs\Program\Locks;
use EvenRungs\Program\ProgramRequest;
use EvenRungs\Program\ProgramSlot;
use EvenRungs\Program\Rate;
use EvenRungs\Program\WeekKind;
use EvenRungs\Program\WrittenRequest;
use EvenRungs\Program\WrittenWeek;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Refusal;
use EvenRungs\Reason\Rule;
use EvenRungs\Session\Session;
use EvenRungs\Week\CoreSlot;
use EvenRungs\Week\CoreWeek;
use EvenRungs\Week\Frequency;
use EvenRungs\Week\PlannedSlot;
use EvenRungs\Week\SessionRole;
use EvenRungs\Week\SlotContent;
use EvenRungs\Week\WeekPlacing;

/** What is asked of a program: the rest of the one that holds, or the next one, and what of the week it leaves unused. */
final readonly class ProgramWishes
{
    private const WEEKS = 6;

    public function __construct(private ProgramAtHand $hand) {}

    /** @throws InvalidProgram when a dose cannot be read */
    public function toRequest(WrittenRequest $wish): ProgramRequest
    {
        return new ProgramRequest($wish->start, $this->hand->today(), $wish->weeks, $wish->slots, $this->hand->record->targets(), $this->rate($wish), $this->locks($wish), $wish->seed, $this->hand->plan->weeksAway($wish->start), $this->behind($wish->start), KindMix::target($this->hand->record->profile->aim), $wish->done, $this->beside());
    }

    /** What the squads of the person give in each week. */
    private function beside(): Beside
    {
        $sessions = array_map(fn(PlannedSlot $slot): ?Session => $this->hand->record->permitted($this->hand->writtenSession($slot->session)->blocks ?? [])?->session, $this->hand->plan->meetings());

        return Beside::of(array_values(array_filter($sessions, static fn(?Session $session): bool => $session !== null && $session->items() !== [])));
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
                $doses[$row['week']][$row['ladder']] = DoseLine::parse($row['dose'], $this->hand->record->library->rung($row['rung'])->sidedness, $this->hand->record->method->counting());
            } catch (Refusal $problem) {
                throw InvalidProgram::because("Week {$row['week']}: “{$row['dose']}” cannot be read. {$problem->getMessage()}");
            }
        }
        foreach ($wish->sets as $row) {
            $sets[$row['slot']][$row['ladder']] = $row['sets'];
        }

        return new Locks($rungs, $doses, $sets, $wish->without);
    }

    /** What would be asked for next: the rest of the program that holds, else six weeks of the sessions laid out in the week. */
    public function next(): WrittenRequest
    {
        $present = $this->hand->present();
        $monday = $this->hand->today()->monday();
        if ($present === null) {
            $slots = $this->usualSlots();
            // It begins this week while none of its days is behind.
            $behind = array_filter($slots, fn(ProgramSlot $slot): bool => $slot->cell->day < $this->hand->today()->weekday()) !== [];

            return new WrittenRequest($behind ? $monday->plusDays(7) : $monday, self::WEEKS, 1, null, $slots);
        }
        if ($this->hand->ahead($present) === []) {
            return $present->request()->anew($monday);
        }
        $wish = $present->request();

        return $wish->start->isBefore($monday) ? $wish->restFrom($monday, $this->trainedBefore($monday, $wish)) : $wish;
    }

    /** A wish that begins in the program that holds asks for the rest of it: its weeks go on being counted. */
    public function asRest(WrittenRequest $wish): WrittenRequest
    {
        $present = $this->hand->present();
        $inIt = array_filter($present?->weeks() ?? [], static fn(WrittenWeek $week): bool => ! $week->monday->isBefore($wish->start)) !== [];

        return $wish->after($present === null || ! $inIt ? 0 : $present->request()->done + $this->trainedBefore($wish->start, $present->request()), count($this->hand->plan->meetings()));
    }

    /** Weeks of a request that were trained before a Monday. */
    private function trainedBefore(Day $monday, WrittenRequest $wish): int
    {
        return count(array_filter($this->hand->weeks(), fn(WrittenWeek $week): bool => $week->monday->isBefore($monday) && ! $week->monday->isBefore($wish->start) && $this->hand->trained($week)));
    }

    /**
     * What a wish does not use of the week as it is: sessions that are placed and have no part in it, and days the
     * person trains on.
     *
     * @return list<Reason>
     */
    public function unused(WrittenRequest $wish): array
    {
        $reasons = [];
        $taken = array_map(static fn(ProgramSlot $slot): string => $slot->id, $wish->slots);
        foreach ($this->hand->plan->own() as $slot) {
            if (! in_array($slot->id, $taken, true)) {
                $title = $this->hand->writtenSession($slot->session)->title ?? 'A session';
                $reasons[] = Reason::because(Rule::ProgramUnused, "“{$title}” on {$slot->cell->inWords()} has no part in this program: in weeks that are written from it, it steps back.", ['placed' => $slot->cell->inWords()], 'A session of the program at that time; in a written week it can be brought back by hand.');
            }
        }
        $days = count($this->hand->record->profile->trainingDays);
        $together = array_map(static fn(PlannedSlot $slot): int => $slot->cell->day, $this->hand->plan->meetings());
        $used = count(array_unique([...$together, ...array_map(static fn(ProgramSlot $slot): int => $slot->cell->day, $wish->slots)]));
        if ($used < $days) {
            $reasons[] = Reason::because(Rule::ProgramUnused, "The program uses {$used} of the {$days} days this person trains on".($together === [] ? '.' : ', those of the squad among them.'), ['training days' => (string) $days, 'with core work' => (string) $used], 'One more session a week, where limits and method allow it.');
        }

        return $reasons;
    }

    /** @return list<ProgramSlot> a person's own sessions of every week as they are laid out; where there are none, as many as the method asks for beside the squad, where they fit best */
    private function usualSlots(): array
    {
        $profile = $this->hand->record->profile;
        $minutes = min(ProgramSlot::MOST_MINUTES, max(ProgramSlot::LEAST_MINUTES, $profile->minutes));
        $usual = array_values(array_filter($this->hand->plan->own(), static fn(PlannedSlot $slot): bool => $slot->role !== SessionRole::Primer));
        if ($usual !== []) {
            return array_map(static fn(PlannedSlot $slot): ProgramSlot => new ProgramSlot($slot->id, $slot->cell, $slot->role, $minutes, $slot->effort), $usual);
        }
        $slots = [];
        $together = array_map(static fn(PlannedSlot $slot): CoreSlot => new CoreSlot($slot->id, $slot->cell, $slot->role, $slot->effort, new SlotContent('Squad', 60 * $minutes, [], [])), $this->hand->plan->meetings());
        $week = new CoreWeek($together, $profile->other, $profile->trainingDays, $this->hand->record->circumstances()->limits);
        $frequency = Frequency::of($this->hand->record->method, $this->hand->record->level(), $this->hand->record->circumstances()->limits);
        $most = max(1, min($frequency->high, count($profile->trainingDays)) - count($together));
        for ($count = 1; $count <= $most; $count++) {
            $fits = WeekPlacing::suggest($week, new SlotContent('Session', 60 * $minutes, [], []), $this->hand->record->method);
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
        return Rate::fromLog(Tenures::of($this->hand->record->history->placings, $this->hand->today(), $this->hand->record->library));
    }

    /** Ordinary weeks of the program behind a Monday since its last easier one. */
    private function behind(Day $monday): int
    {
        $behind = 0;
        foreach ($this->hand->weeks() as $week) {
            if ($week->monday->isBefore($monday) && $this->hand->trained($week)) {
                $behind = $week->kind === WeekKind::Easier ? 0 : $behind + 1;
            }
        }

        return $behind % WeekKind::EASIER_EVERY;
    }

    /**
     * How the weeks of the program that holds are numbered in the request for the rest of it.
     *
     * @return array<string, int> by Monday
     */
    public function numbersToCome(): array
    {
        $start = $this->next()->start;
        $numbers = [];
        foreach ($this->hand->weeks() as $week) {
            if (! $week->monday->isBefore($start) && $week->kind !== WeekKind::Away) {
                $numbers[$week->monday->iso()] = count($numbers) + 1;
            }
        }

        return $numbers;
    }
}
