<?php

declare(strict_types=1);

namespace EvenRungs\Squad;

use EvenRungs\Person\WeekAtHand;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;
use EvenRungs\Reason\Words;
use EvenRungs\Session\WrittenSession;
use EvenRungs\Week\Cell;
use EvenRungs\Week\Clash;
use EvenRungs\Week\Clashes;
use EvenRungs\Week\CoreWeek;
use EvenRungs\Week\Meeting;
use EvenRungs\Week\SlotContent;
use EvenRungs\Week\Weekday;

/** What stands against each time of the week at which a squad could meet, for each of its people. */
final readonly class MeetingTimes
{
    private function __construct(private string $id, private string $name, private SquadClock $clock, private int $effort) {}

    /**
     * @param string                       $id    of the squad
     * @param array<int, list<WeekAtHand>> $weeks of each member by number: this week and those after it that are looked at
     *
     * @return list<MeetingTime> every part of the week, in order of time
     */
    public static function of(Squad $squad, string $id, string $name, array $weeks, int $effort): array
    {
        $here = new self($id, $name, $squad->clock, $effort);
        $training = array_filter($squad->members, static fn(SquadMember $member): bool => $member->trains());
        $against = [];
        foreach ($training as $number => $member) {
            foreach ($here->against($member, $weeks[$number] ?? []) as $at => $reasons) {
                $against[$at][$number] = $reasons;
            }
        }

        return array_map(static fn(Cell $cell): MeetingTime => new MeetingTime($cell, count($training), $against[$cell->index()] ?? []), Cell::week());
    }

    /**
     * Where it fits the most of them, and of those in the evening, in which most people come together (our own choice).
     *
     * @param list<MeetingTime> $times at least one
     *
     * @return int its place among them; the first of those that are as good
     */
    public static function best(array $times): int
    {
        $good = array_map(static fn(MeetingTime $time): int => 3 * $time->fits() + $time->cell->part->place(), $times);

        return (int) array_search(max([0, ...$good]), $good, true);
    }

    /**
     * @param list<WeekAtHand> $weeks
     *
     * @return array<int, list<Reason>> by place of the cell in the week; those that fit are not in it
     */
    private function against(SquadMember $member, array $weeks): array
    {
        $against = [];
        foreach ($weeks as $hand) {
            $week = $hand->week();
            $content = $hand->content(new WrittenSession($this->id, $this->name, $member->written($this->clock, 0)));
            foreach (Cell::week() as $cell) {
                foreach ($this->reasons($week, $cell, $content, $hand) as $reason) {
                    $against[$cell->index()][$reason->sentence] = $reason;
                }
            }
        }

        return array_map(array_values(...), $against);
    }

    /** @return list<Reason> */
    private function reasons(CoreWeek $week, Cell $cell, SlotContent $content, WeekAtHand $hand): array
    {
        $meeting = new Meeting($cell, $this->effort);
        $id = $meeting->slotId($this->id);
        // Where it meets then already, the question is what else stands there.
        $without = $week->without($id);
        $there = array_map(static fn(Clash $clash): string => $clash->reason->sentence, Clashes::in($without));
        $reasons = in_array($cell->day, $week->days, true) ? [] : [Reason::because(Rule::SquadMeeting, 'No day of training: '.Weekday::name($cell->day).'.', ['trains on' => Weekday::names($week->days)], 'Another day.')];
        $frequency = $hand->frequency();
        if (! in_array($cell->day, $without->coreDays(), true) && count($without->coreDays()) >= $frequency->high) {
            $reasons[] = Reason::because(Rule::SquadMeeting, 'It would be '.Words::counted(count($without->coreDays()) + 1, 'day').' of core work that week; '.lcfirst($frequency->reason->sentence), ['with core work' => Weekday::names($without->coreDays()), 'at most' => Words::counted($frequency->high, 'day')], 'A day on which they do core work already, or one session of their own less.');
        }
        foreach (Clashes::in($without->adding($meeting->in($without, $this->id, $content, $hand->record->method))) as $clash) {
            if (in_array($id, $clash->slots, true) && ! in_array($clash->reason->sentence, $there, true)) {
                $reasons[] = $clash->reason;
            }
        }

        return $reasons;
    }
}
