<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Plan;
use App\Models\SessionLog;
use App\Models\SorenessAnswer;
use App\Models\TrainingSession;
use EvenRungs\Calendar\Day;
use EvenRungs\Load\LoadReport;
use EvenRungs\Session\ReadSession;
use EvenRungs\Session\WrittenBlock;
use EvenRungs\Week\Adherence;
use EvenRungs\Week\Cell;
use EvenRungs\Week\CoreSlot;
use EvenRungs\Week\CoreWeek;
use EvenRungs\Week\DayPart;
use EvenRungs\Week\OtherTraining;
use EvenRungs\Week\SessionRole;
use EvenRungs\Week\SlotContent;

/** One week of a person's plan, in the terms of the core: what is planned, what was done, what is different this week. */
final class WeekAtHand
{
    /** @var array<string, SlotContent> by session */
    private array $contents = [];

    /** @param array<string, TrainingSession> $sessions of the person, newest first */
    private function __construct(public readonly Dossier $dossier, public readonly Plan $plan, public readonly array $sessions, public readonly Day $monday) {}

    public static function of(Dossier $dossier, Day $day): self
    {
        $sessions = [];
        foreach ($dossier->person->trainingSessions as $session) {
            $sessions[$session->id] = $session;
        }

        return new self($dossier, $dossier->person->plan ?? new Plan(['slots' => [], 'moves' => [], 'away' => [], 'version' => 0]), $sessions, $day->monday());
    }

    public function content(TrainingSession $session): SlotContent
    {
        return $this->contents[$session->id] ??= SlotContent::of(
            $session->title,
            ReadSession::of(array_map(WrittenBlock::read(...), $session->blocks), $this->dossier->library, $this->dossier->firstSide(...))->session,
        );
    }

    /** What happens in every week. */
    public function pattern(): CoreWeek
    {
        return $this->with(array_map($this->usual(...), array_values(array_filter($this->plan->slots, static fn(array $slot): bool => $slot['only'] === null))));
    }

    /** What happens in this one: sessions moved or left out, none on days away. */
    public function week(): CoreWeek
    {
        return $this->with($this->slots());
    }

    /** @param list<CoreSlot> $slots */
    private function with(array $slots): CoreWeek
    {
        return new CoreWeek($slots, $this->other(), $this->dossier->person->training_days, $this->dossier->circumstances()->limits);
    }

    /** @return list<OtherTraining> */
    public function other(): array
    {
        return array_values(array_filter($this->dossier->person->otherTraining(), fn(OtherTraining $other): bool => $other->happensIn($this->monday)));
    }

    /** @return list<CoreSlot> */
    private function slots(): array
    {
        $slots = [];
        foreach ($this->written() as $slot) {
            $here = $this->here($slot);
            if ($here !== null && ! $this->isAway($here->cell->day)) {
                $slots[] = $here;
            }
        }

        return $slots;
    }

    /** @return list<array{id: string, session: string, day: int, part: string, placement: string, effort: int, only: string|null, since: string}> of every week and of this one */
    public function written(): array
    {
        return array_values(array_filter($this->plan->slots, fn(array $slot): bool => $slot['only'] === null || $slot['only'] === $this->monday->iso()));
    }

    /**
     * A written slot as it is in every week.
     *
     * @param array{id: string, session: string, day: int, part: string, placement: string, effort: int} $slot
     */
    public function usual(array $slot): CoreSlot
    {
        $session = $this->sessions[$slot['session']] ?? null;

        return new CoreSlot($slot['id'], new Cell($slot['day'], DayPart::from($slot['part'])), SessionRole::from($slot['placement']), $slot['effort'], $session === null ? SlotContent::of('Session', null) : $this->content($session));
    }

    /**
     * A written slot as it is in this week; null when it is left out.
     *
     * @param array{id: string, session: string, day: int, part: string, placement: string, effort: int} $slot
     */
    public function here(array $slot): ?CoreSlot
    {
        $usual = $this->usual($slot);
        foreach ($this->plan->moves as $move) {
            if ($move['slot'] === $slot['id'] && $move['monday'] === $this->monday->iso()) {
                return $move['day'] === null || $move['part'] === null
                    ? null
                    : $usual->with(new Cell($move['day'], DayPart::from($move['part'])), SessionRole::tryFrom($move['placement'] ?? ''), $move['effort']);
            }
        }

        return $usual;
    }

    /** @return list<string> the sessions that happen in this week, each once */
    public function placedSessions(): array
    {
        $here = array_filter($this->written(), fn(array $slot): bool => ($at = $this->here($slot)) !== null && ! $this->isAway($at->cell->day));

        return array_values(array_unique(array_column($here, 'session')));
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
        $planned = [];
        foreach ($this->written() as $slot) {
            $here = $this->here($slot);
            if ($here !== null) {
                $planned[$slot['id']] = [$slot['session'], $this->date($here->cell->day)];
            }
        }

        return Adherence::match($planned, array_map(static fn(SessionLog $log): array => [$log->training_session_id, Day::parse($log->done_on)], $this->logs()));
    }

    /** @return list<SessionLog> of this week */
    public function logs(): array
    {
        return array_values($this->dossier->person->logs->filter(function (SessionLog $log): bool {
            $at = $this->monday->daysUntil(Day::parse($log->done_on));

            return $at >= 0 && $at <= 6;
        })->all());
    }

    /** Load of the four weeks behind today, the heaviest of them; null when nothing is known. */
    public function heaviestBefore(): ?float
    {
        $weeks = array_slice(LoadReport::upTo($this->dossier->today(), $this->dossier->loads())->weeks, -4);
        $heaviest = max(0.0, ...array_map(static fn(\EvenRungs\Load\WeekLoad $week): float => $week->total, $weeks));

        return $heaviest > 0.0 ? $heaviest : null;
    }

    /** Soreness told on a day, 0 to 10; null when nobody asked. */
    public function soreness(int $day): ?int
    {
        return SorenessAnswer::toldOn($this->dossier->person->id, $this->date($day));
    }
}
