<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\OwnMethod;
use App\Models\Person;
use App\Models\Program;
use EvenRungs\Calendar\Day;
use EvenRungs\Method\Method;
use EvenRungs\Method\MethodLevel;

/** The method of each person: the practice's, the trainer's, the person's own and their program's, the nearest answer winning. */
final readonly class MethodsAtHand
{
    /**
     * @param array<string, array<string, array<array-key, mixed>>> $answers by owner and level
     * @param array<string, string|null>                            $ends    last day of the program that holds, by person
     */
    private function __construct(private Method $practice, private Day $today, private array $answers, private array $ends) {}

    /** @param iterable<Person> $people */
    public static function of(iterable $people, Method $practice, Day $today): self
    {
        $owners = $ids = [];
        foreach ($people as $person) {
            $ids[] = $person->id;
            array_push($owners, $person->id, ...($person->trainer_id === null ? [] : [$person->trainer_id]));
        }
        $answers = $ends = [];
        foreach (OwnMethod::query()->whereIn('owner_id', array_unique($owners))->get() as $row) {
            $answers[$row->owner_id][$row->level] = $row->answers;
        }
        $withProgram = array_filter($ids, static fn(string $id): bool => isset($answers[$id][MethodLevel::Program->value]));
        // Only where a program has answers of its own does it matter until when it holds.
        foreach ($withProgram === [] ? [] : Program::query()->whereIn('person_id', $withProgram)->whereNull('taken_back_at')->orderBy('sequence')->get(['person_id', 'ends_on']) as $row) {
            $ends[$row->person_id] = $row->ends_on;
        }

        return new self($practice, $today, $answers, $ends);
    }

    /**
     * Of one person whose rows are at hand.
     *
     * @param list<array{string, string, array<array-key, mixed>}> $rows owner, level, answers
     */
    public static function knowing(Person $person, Method $practice, Day $today, array $rows, ?string $programEnds): self
    {
        $answers = [];
        foreach ($rows as [$owner, $level, $given]) {
            $answers[$owner][$level] = $given;
        }

        return new self($practice, $today, $answers, [$person->id => $programEnds]);
    }

    /** @param MethodLevel $until answers nearer than this one are left out */
    public function for(Person $person, MethodLevel $until = MethodLevel::Program): Method
    {
        $method = $this->practice;
        foreach (MethodLevel::cases() as $level) {
            $owner = $level === MethodLevel::Trainer ? $person->trainer_id ?? '' : $person->id;
            if ($level !== MethodLevel::Program || $this->hasProgram($person)) {
                $method = OwnMethod::onto($method, $this->answers[$owner][$level->value] ?? [], $level);
            }
            if ($level === $until) {
                break;
            }
        }

        return $method;
    }

    private function hasProgram(Person $person): bool
    {
        $ends = $this->ends[$person->id] ?? null;

        return $ends !== null && ! Day::parse($ends)->isBefore($this->today);
    }
}
