<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\MethodChange;
use App\Models\OwnMethod;
use App\Models\Person;
use App\Models\Program;
use EvenRungs\Calendar\Day;
use EvenRungs\Method\Method;
use EvenRungs\Method\MethodLevel;
use EvenRungs\Method\Question;

/** The method of a person: the practice's, the trainer's, their own and their program's, the nearest answer winning. */
final readonly class MethodAtHand
{
    /**
     * @param array<string, array<string, array<array-key, mixed>>> $answers by owner and level
     * @param string|null                                           $ends    last day of the program that holds, where it has answers of its own
     * @param array<string, array<string, array<string, string>>>   $changes day of the newest change, by owner, level and question
     */
    private function __construct(private Person $person, private Method $practice, private Day $today, private array $answers, private ?string $ends, private array $changes = []) {}

    public static function of(Person $person, Method $practice, Day $today, KindsKept $kinds): self
    {
        $owners = array_values(array_filter([$person->id, $person->trainer_id, $person->practice_id], is_string(...)));
        $answers = $changes = [];
        foreach ($kinds->has('own_methods') ? OwnMethod::query()->whereIn('owner_id', $owners)->get() : [] as $row) {
            $answers[$row->owner_id][$row->level] = $row->answers;
        }
        foreach ($kinds->has('method_changes') ? MethodChange::query()->whereIn('owner_id', $owners)->orderBy('sequence')->get() : [] as $row) {
            $changes[$row->owner_id][$row->level][$row->question] = $row->changed_on;
        }
        $ends = isset($answers[$person->id][MethodLevel::Program->value]) ? Program::query()->where('person_id', $person->id)->whereNull('taken_back_at')->orderByDesc('sequence')->orderByDesc('id')->value('ends_on') : null;

        return new self($person, $practice, $today, $answers, is_string($ends) ? $ends : null, $changes);
    }

    /**
     * Where the rows are at hand.
     *
     * @param list<array{string, string, array<array-key, mixed>}> $rows owner, level, answers
     */
    public static function knowing(Person $person, Method $practice, Day $today, array $rows, ?string $programEnds): self
    {
        $answers = [];
        foreach ($rows as [$owner, $level, $given]) {
            $answers[$owner][$level] = $given;
        }

        return new self($person, $practice, $today, $answers, $programEnds);
    }

    /** @param MethodLevel $until answers nearer than this one are left out */
    public function method(MethodLevel $until = MethodLevel::Program): Method
    {
        $method = $this->practice;
        foreach (MethodLevel::cases() as $level) {
            if ($level !== MethodLevel::Program || $this->hasProgram()) {
                $method = OwnMethod::onto($method, $this->answers[$level === MethodLevel::Trainer ? $this->person->trainer_id ?? '' : $this->person->id][$level->value] ?? [], $level);
            }
            if ($level === $until) {
                break;
            }
        }

        return $this->withChanges($method);
    }

    /** When the answers that hold changed: at their own level, or by one nearer that was taken back. */
    private function withChanges(Method $method): Method
    {
        foreach ($this->changes === [] ? [] : Question::cases() as $question) {
            $newest = null;
            foreach (array_reverse(MethodLevel::cases()) as $level) {
                $owner = match ($level) {
                    MethodLevel::Practice => $this->person->practice_id,
                    MethodLevel::Trainer => $this->person->trainer_id ?? '',
                    default => $this->person->id,
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
    public function holdsUntil(): ?Day
    {
        return $this->hasProgram() ? Day::parse((string) $this->ends) : null;
    }

    private function hasProgram(): bool
    {
        return $this->ends !== null && ! Day::parse($this->ends)->isBefore($this->today);
    }
}
