<?php

declare(strict_types=1);

namespace EvenRungs\Method;

/** The trainer's own school: one choice for each question. */
final readonly class Method
{
    /** @param array<string, int> $chosen position of the choice, by question; the default when absent */
    private function __construct(private array $chosen) {}

    public static function default(): self
    {
        return new self([]);
    }

    /** @throws \InvalidArgumentException when the question has no such choice */
    public function with(Question $question, string $choice): self
    {
        $position = array_search($choice, $question->choices(), true);
        if ($position === false) {
            throw new \InvalidArgumentException("“{$choice}” is not a choice for {$question->value}.");
        }

        return new self([...$this->chosen, $question->value => (int) $position]);
    }

    public function choice(Question $question): string
    {
        return $question->choices()[$this->chosen[$question->value] ?? 0];
    }

    /** Clean sessions running that a climb asks for. */
    public function cleanSessionsToClimb(): int
    {
        return ($this->chosen[Question::LeavingARung->value] ?? 0) === 0 ? 2 : 1;
    }

    /** Days since the first date on the rung that a climb asks for. */
    public function daysOnRungToClimb(): int
    {
        return [7, 0, 10][$this->chosen[Question::LeavingARung->value] ?? 0];
    }

    /** The trunk technique as a cue, for work under load. */
    public function braceInWords(): string
    {
        return match ($this->choice(Question::TrunkTechnique)) {
            'draw the navel in' => 'draw the navel gently in',
            default => 'brace all round as if to be poked',
        };
    }

    /** How repetitions with two sides are written and read. */
    public function counting(): Counting
    {
        return Counting::cases()[$this->chosen[Question::CountingReps->value] ?? 0];
    }

    public function holdStrategy(): HoldStrategy
    {
        return HoldStrategy::cases()[$this->chosen[Question::HoldStrategy->value] ?? 0];
    }
}
