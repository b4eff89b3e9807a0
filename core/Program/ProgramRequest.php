<?php

declare(strict_types=1);

namespace EvenRungs\Program;

use EvenRungs\Balance\TargetShares;
use EvenRungs\Body\Level;
use EvenRungs\Calendar\Day;

/** What a program is asked to be. */
final readonly class ProgramRequest
{
    public const LEAST_WEEKS = 4;

    public const MOST_WEEKS = 12;

    /** @var list<ProgramSlot> in order of time */
    public array $slots;

    public Day $monday;

    /**
     * @param list<ProgramSlot> $slots
     * @param int               $behind ordinary weeks since the last easier one when it begins
     * @param array<string, int>|null $kinds parts of the working sets, by kind of work, where the aim has a target for them
     * @param list<string>      $away Mondays of weeks without training, as dates: the program waits for them
     * @param Beside            $beside what is trained each week with a squad
     * @param int               $done weeks of the same program that were trained before: this asks for the rest of it
     *
     * @throws InvalidProgram when there is no day for it, or it would begin in the past
     */
    public function __construct(Day $start, Day $today, public int $weeks, array $slots, public TargetShares $targets, public Rate $rate, public Locks $locks, public int $seed = 1, public array $away = [], private int $behind = 0, public ?array $kinds = null, public int $done = 0, public Beside $beside = new Beside)
    {
        if ($slots === []) {
            throw InvalidProgram::because('There is no day for core work yet. Give the program at least one session a week.');
        }
        if ($weeks < self::leastWeeks($done) || $weeks > self::MOST_WEEKS) {
            throw InvalidProgram::because('A program has '.self::LEAST_WEEKS.' to '.self::MOST_WEEKS.' weeks.');
        }
        if ($start->monday()->isBefore($today->monday())) {
            throw InvalidProgram::because("A program begins this week or later; the week of {$start->monday()->inWords()} is past. What happened in past weeks stays as it was.");
        }
        usort($slots, static fn(ProgramSlot $a, ProgramSlot $b): int => [$a->cell->index(), $a->id] <=> [$b->cell->index(), $b->id]);
        $this->slots = $slots;
        $this->monday = $start->monday();
    }

    /** The same with other locks. */
    public function withLocks(Locks $locks): self
    {
        return new self($this->monday, $this->monday, $this->weeks, $this->slots, $this->targets, $this->rate, $locks, $this->seed, $this->away, $this->behind, $this->kinds, $this->done, $this->beside);
    }

    /** What a week is for: every fourth one is easier, those before the program counted. */
    public function kind(int $number): WeekKind
    {
        return WeekKind::ofNumber($number + $this->behind);
    }

    /** What should lead in a week, those behind counted. */
    public function phase(Level $level, int $number): Phase
    {
        return Phase::planned($level, $this->done + $number, $this->done + $this->weeks);
    }

    /** The rest of a program may be shorter than one that begins. */
    public static function leastWeeks(int $done): int
    {
        return max(1, self::LEAST_WEEKS - $done);
    }

    /** Whether week `$number` ends with a re-test: the last does; in longer programs each easier one too. */
    public function retests(int $number): bool
    {
        return $number === $this->weeks || ($this->weeks > WeekKind::RETEST_WEEKS && $this->kind($number) === WeekKind::Easier);
    }
}
