<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\MethodChange;
use App\Models\OwnMethod;
use App\Models\Person;
use App\Models\Program;
use App\Models\Scopes\PracticeScope;
use EvenRungs\Calendar\Day;
use EvenRungs\Method\Method;
use EvenRungs\Method\MethodLevel;
use EvenRungs\Method\Question;

/** The method of each person: the practice's, the trainer's, the person's own and their program's, the nearest answer winning. */
final readonly class MethodsAtHand
{
    /**
     * @param array<string, array<string, array<array-key, mixed>>> $answers by owner and level
     * @param array<string, string|null>                            $ends    last day of the program that holds, by person
     * @param array<string, array<string, array<string, string>>>   $changes day of the newest change, by owner, level and question
     */
    private function __construct(private Method $practice, private Day $today, private array $answers, private array $ends, private array $changes = []) {}

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

        $changes = [];
        foreach (MethodChange::query()->whereIn('owner_id', array_unique([...$owners, ...array_filter([PracticeScope::practiceId()])]))->orderBy('sequence')->get() as $row) {
            $changes[$row->owner_id][$row->level][$row->question] = $row->changed_on;
        }

        return new self($practice, $today, $answers, $ends, $changes);
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

        return $this->withChanges($method, $person);
    }

    /** When the answers that hold changed: at their own level, or by one nearer that was taken back. */
    private function withChanges(Method $method, Person $person): Method
    {
        foreach ($this->changes === [] ? [] : Question::cases() as $question) {
            $newest = null;
            foreach (array_reverse(MethodLevel::cases()) as $level) {
                $owner = match ($level) {
                    MethodLevel::Practice => $person->practice_id,
                    MethodLevel::Trainer => $person->trainer_id ?? '',
                    default => $person->id,
                };
                $newest = max($newest, $this->changes[$owner][$level->value][$question->value] ?? null);
                if ($level === ($method->levelOf($question) ?? MethodLevel::Practice)) {
                    break;
                }
            }
            $method = $newest === null ? $method : $method->changedOn($question, Day::parse($newest));
        }

        return $method;
    }

    /** The last day the method holds, where the program has answers of its own; null where it goes on. */
    public function holdsUntil(Person $person): ?Day
    {
        return $this->hasProgram($person) ? Day::parse((string) $this->ends[$person->id]) : null;
    }

    private function hasProgram(Person $person): bool
    {
        $ends = $this->ends[$person->id] ?? null;

        return $ends !== null && ! Day::parse($ends)->isBefore($this->today);
    }
}
