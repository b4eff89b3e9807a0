<?php

declare(strict_types=1);

namespace EvenRungs\Person;

use EvenRungs\Body\Limit;
use EvenRungs\Calendar\Day;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;
use EvenRungs\Session\Session;
use EvenRungs\Session\WrittenBlock;
use EvenRungs\Week\Cell;
use EvenRungs\Week\Clash;
use EvenRungs\Week\Clashes;
use EvenRungs\Week\CoreSlot;
use EvenRungs\Week\CoreWeek;
use EvenRungs\Week\DayPart;
use EvenRungs\Week\Meeting;
use EvenRungs\Week\PlannedSlot;
use EvenRungs\Week\SessionRole;
use EvenRungs\Week\SlotContent;
use EvenRungs\Week\TrainingDays;
use EvenRungs\Week\WeekPlacing;

/** A week that is laid out around what stays: its sessions, and where they stand so that they clash least. */
final class LaidWeek
{
    /** @var list<ShapedSession> */
    public array $sessions = [];

    /** @var list<PlannedSlot> that name their session by its key */
    public array $slots = [];

    /** @var list<Reason> what could not be as the shape says, and why */
    public array $notes = [];

    /** @var list<CoreSlot> what stays whatever the shape */
    private readonly array $together;

    private CoreWeek $week;

    public function __construct(private readonly WeekAtHand $hand)
    {
        // A squad meets whatever shape the rest of the week has.
        $this->together = array_values(array_filter($hand->pattern()->slots, static fn(CoreSlot $slot): bool => Meeting::isAt($slot->id, $slot->cell)));
        $limits = $hand->record->circumstances()->limits;
        $days = TrainingDays::within($limits, $hand->record->profile->trainingDays, array_map(static fn(CoreSlot $slot): int => $slot->cell->day, $this->together));
        $this->week = new CoreWeek($this->together, $hand->week()->other, $days, $limits);
    }

    /** As it stands so far, on as many of the person's days as their limits allow. */
    public function week(): CoreWeek
    {
        return $this->week;
    }

    /** @return list<string> the slots it is laid out around */
    public function keeps(): array
    {
        return array_map(static fn(CoreSlot $slot): string => $slot->id, $this->together);
    }

    /** Sessions that there was no place for are not written. */
    public function dropUnplaced(): void
    {
        $placed = array_map(static fn(PlannedSlot $slot): string => $slot->session, $this->slots);
        $this->sessions = array_values(array_filter($this->sessions, static fn(ShapedSession $session): bool => in_array($session->key, $placed, true)));
    }

    public function write(string $key, string $title, Session $session, ?int $minutes = null, ?int $picks = null): SlotContent
    {
        $this->sessions[] = new ShapedSession($key, $title, WrittenBlock::all($session), $minutes, $picks);

        return SlotContent::of($title, $session, $this->hand->record->doses()->isTooMuchForPrimer(...), $picks);
    }

    /** @param Day|null $only Monday of the one week it is for */
    public function put(string $key, CoreSlot $at, ?Day $only = null): void
    {
        $id = "{$key}-".count($this->slots);
        $this->slots[] = new PlannedSlot($id, $key, $at->cell, $at->placement, $at->effort, $only, $this->hand->record->today);
        if ($only === null) {
            $this->week = $this->week->adding(new CoreSlot($id, $at->cell, $at->placement, $at->effort, $at->content));
        }
    }

    /** So many times where it clashes least: on days without core work, else at least not twice on one. */
    public function suggest(string $key, SlotContent $content, int $times): void
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
    public function everyDay(): array
    {
        $isLimited = array_filter($this->week->limits, static fn(Limit $limit): bool => $limit->mostDays !== null) !== [];

        return $isLimited ? $this->week->days : [1, 2, 3, 4, 5, 6, 7];
    }

    /** Daily practice where it clashes least on its day, away from other training if it can be; else after that. */
    public function onDay(int $day, int $effort, SlotContent $content): CoreSlot
    {
        $best = null;
        foreach (DayPart::cases() as $part) {
            $cell = new Cell($day, $part);
            foreach ($this->week->hasTrainingAt($cell) ? [SessionRole::Daily, SessionRole::Finisher] : [SessionRole::Daily] as $role) {
                $slot = new CoreSlot('', $cell, $role, $effort, $content);
                $rank = [(int) ! $this->week->isFree($cell), count(Clashes::in($this->week->adding($slot))), count($this->week->otherAt($cell)), $part->place(), $role === SessionRole::Daily ? 0 : 1];
                if ($best === null || $rank < $best[0]) {
                    $best = [$rank, $slot];
                }
            }
        }

        return $best[1];
    }

    /** What a session that is put there would clash with first. */
    public function clashOf(CoreSlot $slot): ?Clash
    {
        $own = array_filter(Clashes::in($this->week->adding($slot)), static fn(Clash $clash): bool => in_array($slot->id, $clash->slots, true));

        return array_values($own)[0] ?? null;
    }

    public function effort(int $planned): int
    {
        return WeekPlacing::effort($this->week->limits, $planned);
    }

    public function note(string $sentence): void
    {
        $this->notes[] = Reason::because(Rule::WeekShape, $sentence);
    }
}
