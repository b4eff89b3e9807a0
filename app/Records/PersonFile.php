<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Person;
use App\Models\Program;
use App\Models\RungMark;
use App\Models\SessionLog;
use App\Models\TrainingSession;
use App\Time\PracticeClock;
use EvenRungs\Calendar\Day;
use EvenRungs\Person\PersonRecord;
use EvenRungs\Person\ProgramAtHand;
use EvenRungs\Person\WeekAtHand;
use EvenRungs\Program\KeptProgram;
use EvenRungs\Session\WrittenSession;
use EvenRungs\Week\Plan;

/** A person's row beside their record in the terms of the core. */
final readonly class PersonFile
{
    public function __construct(public Person $person, public PersonRecord $record, public PracticeClock $clock) {}

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

    public function plan(): Plan
    {
        return $this->person->plan?->inCore() ?? new Plan;
    }

    /** @return array<string, WrittenSession> newest first, by id */
    public function sessions(): array
    {
        return $this->person->trainingSessions->mapWithKeys(static fn(TrainingSession $row): array => [$row->id => $row->inCore()])->all();
    }

    public function week(Day $day): WeekAtHand
    {
        return new WeekAtHand($this->record, $this->plan(), $this->sessions(), $day->monday());
    }

    public function program(): ProgramAtHand
    {
        return new ProgramAtHand($this->record, $this->plan(), array_values($this->person->programs->map(static fn(Program $row): KeptProgram => $row->inCore())->all()), $this->sessions(), array_values($this->person->weekWritings->pluck('monday')->all()));
    }

    /** The session at hand: the one planned today and not done yet, else the next one planned, else the newest. */
    public function sessionAtHand(): ?TrainingSession
    {
        return self::sessionOf($this->person, $this->record->today);
    }

    public static function sessionOf(Person $person, Day $today): ?TrainingSession
    {
        // Where the logs are at hand they are not asked for again: the bench looks at everybody.
        $logs = $person->relationLoaded('logs') ? $person->logs->where('done_on', $today->iso()) : SessionLog::query()->where('person_id', $person->id)->where('done_on', $today->iso())->get();
        $next = $person->plan?->inCore()->next($today, ...$logs->map(static fn(SessionLog $log): string => $log->training_session_id)->all());

        return $person->trainingSessions->firstWhere('id', $next) ?? $person->trainingSessions->first();
    }
}
