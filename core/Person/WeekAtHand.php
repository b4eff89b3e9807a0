<?php

declare(strict_types=1);

namespace EvenRungs\Person;

use EvenRungs\Balance\KindMix;
use EvenRungs\Body\Demand;
use EvenRungs\Calendar\Day;
use EvenRungs\Home\HomeNote;
use EvenRungs\Home\NoteKind;
use EvenRungs\Load\LoadReport;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;
use EvenRungs\Reason\Words;
use EvenRungs\Session\Totals;
use EvenRungs\Session\WrittenSession;
use EvenRungs\Week\Adherence;
use EvenRungs\Week\AnotherDay;
use EvenRungs\Week\CoreSlot;
use EvenRungs\Week\CoreWeek;
use EvenRungs\Week\Frequency;
use EvenRungs\Week\OtherTraining;
use EvenRungs\Week\Plan;
use EvenRungs\Week\PlannedLoad;
use EvenRungs\Week\PlannedSlot;
use EvenRungs\Week\SlotContent;

/** One week of a person's plan: what is planned, what was done, what is different this week. */
final class WeekAtHand
{
    /** @var array<string, SlotContent> by session */
    private array $contents = [];

    private ?CoreWeek $week = null;

    /** @var array<string, Day>|null */
    private ?array $kept = null;

    /**
     * @param array<string, WrittenSession> $sessions  of the person, newest first, by id
     * @param (\Closure(): bool)|null       $isEasier whether the program has an easier week here; asked only where sessions are of this week alone
     */
    public function __construct(public readonly PersonRecord $record, public readonly Plan $plan, public readonly array $sessions, public readonly Day $monday, private readonly ?\Closure $isEasier = null) {}

    public function content(WrittenSession $session): SlotContent
    {
        return $this->contents[$session->id] ??= SlotContent::of($session->title, $this->record->permitted($session->blocks)?->session, $this->record->doses()->isTooMuchForPrimer(...), $session->picks);
    }

    /** @return list<Reason> what of a session a limit or missing kit keeps from the person */
    public function leftOut(WrittenSession $session): array
    {
        return $this->record->permitted($session->blocks)->leftOut ?? [];
    }

    /** What happens in every week. */
    public function pattern(): CoreWeek
    {
        return $this->with(array_map($this->usual(...), $this->plan->usual()));
    }

    /** What happens in this one: sessions moved or left out, none on days away. */
    public function week(): CoreWeek
    {
        return $this->week ??= $this->with(array_values(array_filter(
            array_map($this->here(...), $this->slots()),
            fn(?CoreSlot $here): bool => $here !== null && ! $this->isAway($here->cell->day),
        )));
    }

    /** What fills the week but for core work. */
    public function otherwise(): CoreWeek
    {
        return $this->with([]);
    }

    /** @param list<CoreSlot> $slots */
    private function with(array $slots): CoreWeek
    {
        $other = array_values(array_filter($this->record->profile->other, fn(OtherTraining $other): bool => $other->happensIn($this->monday)));

        return new CoreWeek($slots, $other, $this->record->profile->trainingDays, $this->record->circumstances()->limits, $this->plan->shape, $this->isEasier());
    }

    private function isEasier(): bool
    {
        $isOfThisWeek = array_filter($this->plan->slots, fn(PlannedSlot $slot): bool => $slot->only?->equals($this->monday) === true) !== [];

        return $isOfThisWeek && $this->isEasier !== null && ($this->isEasier)();
    }

    /** @return list<PlannedSlot> of every week and of this one */
    public function slots(): array
    {
        return array_values(array_filter($this->plan->slots, fn(PlannedSlot $slot): bool => $slot->happensIn($this->monday)));
    }

    /** A slot as it is in every week. */
    public function usual(PlannedSlot $slot): CoreSlot
    {
        $session = $this->sessions[$slot->session] ?? null;

        return new CoreSlot($slot->id, $slot->cell, $slot->role, $slot->effort, $session === null ? SlotContent::of('Session', null) : $this->content($session));
    }

    /** A slot as it is in this week; null when it is left out. */
    public function here(PlannedSlot $slot): ?CoreSlot
    {
        $move = $this->plan->moveOf($slot, $this->monday);

        return match (true) {
            $move === null => $this->usual($slot),
            $move->cell === null => null,
            default => $this->usual($slot)->with($move->cell, $move->role, $move->effort),
        };
    }

    /** @return list<string> the sessions that happen in this week, each once */
    public function placedSessions(): array
    {
        $here = array_filter($this->slots(), fn(PlannedSlot $slot): bool => ($at = $this->here($slot)) !== null && ! $this->isAway($at->cell->day));

        return array_values(array_unique(array_map(static fn(PlannedSlot $slot): string => $slot->session, $here)));
    }

    /** @return list<Asked> what was asked from home to be put off in this week, with the day core finds for it */
    public function asked(): array
    {
        $asked = [];
        $days = array_values(array_filter(range(1, 7), fn(int $day): bool => $this->record->today->isBefore($this->date($day)) && ! $this->isAway($day)));
        foreach ($this->record->history->home->notes as $note) {
            foreach ($note->kind === NoteKind::NotToday ? $this->week()->slots : [] as $slot) {
                if (($this->sessionOf($slot->id) === $note->session) && $this->date($slot->cell->day)->equals($note->on)) {
                    $asked[] = new Asked($note, $slot, AnotherDay::for($this->week(), $slot, $days));
                }
            }
        }

        return $asked;
    }

    /** @return list<HomeNote> what was asked to be put off in other weeks that are not over */
    public function askedElsewhere(): array
    {
        return array_values(array_filter($this->record->history->home->notes, fn(HomeNote $note): bool => $note->kind === NoteKind::NotToday && ! $note->on->monday()->equals($this->monday) && ! $note->on->monday()->isBefore($this->record->today->monday())));
    }

    private function sessionOf(string $slot): ?string
    {
        foreach ($this->plan->slots as $one) {
            if ($one->id === $slot) {
                return $one->session;
            }
        }

        return null;
    }

    public function date(int $day): Day
    {
        return $this->monday->plusDays($day - 1);
    }

    public function isAway(int $day): bool
    {
        return in_array($this->date($day)->iso(), $this->plan->away, true);
    }

    /** @return array<string, Day> the day on which a slot's session was done, by slot */
    public function kept(): array
    {
        if ($this->kept !== null) {
            return $this->kept;
        }
        $planned = [];
        foreach ($this->slots() as $slot) {
            $here = $this->here($slot);
            if ($here !== null) {
                $planned[$slot->id] = [$slot->session, $this->date($here->cell->day)];
            }
        }

        return $this->kept = Adherence::match($planned, array_map(static fn(DoneSession $done): array => [$done->session, $done->on], $this->done()));
    }

    /**
     * How a slot stands in this week. What was placed only after its day was not missed.
     *
     * @return 'left-out'|'done'|'away'|'today'|'missed'|'planned'
     */
    public function state(PlannedSlot $slot): string
    {
        $here = $this->here($slot);
        $date = $here === null ? $this->monday : $this->date($here->cell->day);

        return match (true) {
            $here === null => 'left-out',
            isset($this->kept()[$slot->id]) => 'done',
            $this->isAway($here->cell->day) => 'away',
            $date->equals($this->record->today) => 'today',
            $date->isBefore($this->record->today) && ! $date->isBefore($slot->since) => 'missed',
            default => 'planned',
        };
    }

    /** @return list<DoneSession> of this week */
    private function done(): array
    {
        return array_values(array_filter($this->record->history->done($this->monday), fn(DoneSession $done): bool => $done->on->monday()->equals($this->monday)));
    }

    public function frequency(): Frequency
    {
        return Frequency::of($this->record->method, $this->record->level(), $this->record->circumstances()->limits);
    }

    /** Planned load of this week against the calendar weeks behind. */
    public function load(): PlannedLoad
    {
        return PlannedLoad::of($this->week(), LoadReport::upTo($this->record->today->monday()->plusDays(-1), PlannedLoads::behind($this->record, $this->plan))->weeks);
    }

    /** How often a demand has to be met in this week; 0 for those nothing is asked of. */
    public function least(Demand $demand): int
    {
        return in_array($demand, Demand::everyWeek(), true) ? $this->week()->minimum() : 0;
    }

    /** How the working sets of this week fall on the kinds of work. */
    public function kinds(): KindMix
    {
        $sets = [];
        foreach ($this->week()->slots as $slot) {
            foreach ($slot->content->kinds as $kind => $count) {
                $sets[$kind] = ($sets[$kind] ?? 0) + $count;
            }
        }

        return KindMix::of($sets);
    }

    /** @return array{sets: int, seconds: int} what a demand gets in this week: sets, and time under tension */
    public function given(Demand $demand): array
    {
        $sets = $seconds = 0;
        foreach ($this->week()->slots as $slot) {
            $sets += $slot->content->sets($demand);
            $seconds += $slot->content->work[$demand->value] ?? 0;
        }

        return ['sets' => $sets, 'seconds' => $seconds];
    }

    public function reasonFor(Demand $demand): Reason
    {
        $inputs = [];
        foreach ($this->week()->slots as $slot) {
            $inputs["{$slot->content->title}, {$slot->cell->inWords()}"] = Words::counted($slot->content->sets($demand), 'set').($slot->meets($demand) ? '' : ', does not meet it');
        }
        ['sets' => $sets, 'seconds' => $seconds] = $this->given($demand);
        $least = $this->least($demand);

        return Reason::because(
            Rule::WeekDemand,
            ucfirst($demand->shortName())." is met in {$this->week()->timesMet($demand)} of ".Words::counted(count($this->week()->slots), 'session').': '.Words::counted($sets, 'set').', '.Totals::clock($seconds).' under tension.',
            [...$inputs, 'least' => $least > 0 ? "{$least} a week: twice with three sessions or more, else once" : 'none for this demand'],
            'Another session, another exercise in it, or more sets.',
        );
    }
}
