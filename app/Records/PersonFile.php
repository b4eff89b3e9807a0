<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Person;
use App\Models\Program;
use App\Models\RungMark;
use App\Models\Squad;
use App\Models\TrainingSession;
use App\Models\WeekWriting;
use App\Time\PracticeClock;
use EvenRungs\Calendar\Day;
use EvenRungs\Person\PersonRecord;
use EvenRungs\Person\ProgramAtHand;
use EvenRungs\Person\WeekAtHand;
use EvenRungs\Program\WeekKind;
use EvenRungs\Screening\DangerSign;
use EvenRungs\Session\Session;
use EvenRungs\Session\WrittenSession;
use EvenRungs\Week\Plan;

/** A person's row beside their record in the terms of the core. Written sessions, weeks and program are read when they are asked for. */
final class PersonFile
{
    /** Written sessions beside those placed and those of the program at hand: the newest. */
    private const SESSIONS = 6;

    /** So many where older ones are asked for. */
    private const OLDER = 120;

    private ?Plan $plan = null;

    /** @var array<string, array<string, WrittenSession>> by Monday of the week looked at, and id */
    private array $sessions = [];

    private ?ProgramAtHand $program = null;

    public function __construct(public readonly Person $person, public readonly PersonRecord $record, public readonly PracticeClock $clock, public readonly ?Day $methodHoldsUntil = null) {}

    /**
     * With the kit that lies where a session is done: that of the squad it is of, else what is there already.
     */
    public function at(TrainingSession $session): self
    {
        return $this->inSquad($session->squad_id === null ? null : Squad::withTrashed()->find($session->squad_id));
    }

    /** Where a squad trains. */
    public function inSquad(?Squad $squad): self
    {
        $kit = $squad?->kit();

        return $kit === null ? $this : new self($this->person, $this->record->withKit($kit), $this->clock, $this->methodHoldsUntil);
    }

    /** How the person sets up a rung for themselves; empty when nothing was written. */
    public function setUp(string $rung): string
    {
        return $this->person->setUps->firstWhere('rung', $rung)->text ?? '';
    }

    /** The mark the trainer wrote last for a rung; null when none was. */
    public function mark(string $rung): ?RungMark
    {
        return $this->person->rungMarks->where('rung', $rung)->last();
    }

    /** @return list<DangerSign> that keep training closed; none when it is open, or closed by a decision to refer alone */
    public function closingSigns(): array
    {
        $yes = $this->person->screenings->whereIn('sequence', $this->record->admission()->closedBy)->pluck('answers')->all();

        return array_map(DangerSign::from(...), array_values(array_unique(array_merge(...array_values($yes)))));
    }

    public function plan(): Plan
    {
        return $this->plan ??= $this->person->plan?->inCore() ?? new Plan;
    }

    /**
     * Those placed in every week, those of this week and of the weeks of the program, and the newest others.
     *
     * @return array<string, WrittenSession> newest first, by id
     */
    private function sessions(Day $monday, bool $older): array
    {
        $begins = Program::present($this->person->id)?->begins_on;
        $placed = array_filter($this->person->plan->slots ?? [], static fn(array $slot): bool => $slot['only'] === null || $slot['only'] === $monday->iso() || ($begins !== null && $slot['only'] >= $begins));
        $newest = TrainingSession::query()->where('person_id', $this->person->id)->whereNull('program_slot')->orderByDesc('id')->limit($older ? self::OLDER : self::SESSIONS)->pluck('id')->all();
        $ofProgram = $begins === null ? [] : TrainingSession::query()->where('person_id', $this->person->id)->where('program_monday', '>=', $begins)->pluck('id')->all();
        $rows = TrainingSession::query()->whereKey([...array_column($placed, 'session'), ...$newest, ...$ofProgram])->where('person_id', $this->person->id)->orderByDesc('id')->get();

        return $rows->mapWithKeys(static fn(TrainingSession $row): array => [$row->id => $row->inCore()])->all();
    }

    /** @param bool $older with older sessions to place, too */
    public function week(Day $day, bool $older = false): WeekAtHand
    {
        return new WeekAtHand($this->record, $this->plan(), $this->sessions[$day->monday()->iso().($older ? ' older' : '')] ??= $this->sessions($day->monday(), $older), $day->monday(), fn(): bool => $this->program()->week($day->monday())?->kind === WeekKind::Easier);
    }

    public function program(): ProgramAtHand
    {
        return $this->program ??= new ProgramAtHand($this->record, $this->plan(), Program::present($this->person->id)?->inCore(), $this->week($this->record->today)->sessions, $this->writings());
    }

    /** What the person trains of a session alone, as they stand today; null where nothing of it may be trained. */
    public function alone(WrittenSession $written): ?Session
    {
        return $this->record->permitted($this->program()->asOfToday()->alone($written->blocks, $written)->blocks)?->session;
    }

    /** @return list<string> Mondays of weeks that were written from the program, past ones left out */
    private function writings(): array
    {
        $rows = WeekWriting::query()->where('person_id', $this->person->id)->whereNull('taken_back_at')->where('monday', '>=', $this->record->today->monday()->iso())->orderBy('sequence')->get(['monday']);

        return array_values($rows->map(static fn(WeekWriting $row): string => $row->monday)->all());
    }
}
