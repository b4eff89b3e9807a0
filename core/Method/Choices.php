<?php

declare(strict_types=1);

namespace EvenRungs\Method;

/** Some of the choices of a question: what a method has to have chosen. */
final readonly class Choices
{
    /** @param non-empty-list<string> $choices */
    private function __construct(public Question $question, private array $choices) {}

    /**
     * @param list<string> $choices
     *
     * @throws \InvalidArgumentException when the question has no such choice
     */
    public static function of(Question $question, array $choices): self
    {
        $unknown = array_diff($choices, $question->choices());
        if ($unknown !== [] || $choices === []) {
            throw new \InvalidArgumentException('“'.implode('”, “', $unknown)."” is not a choice for {$question->value}.");
        }

        return new self($question, $choices);
    }

    public function include(Method $method): bool
    {
        return in_array($method->choice($this->question), $this->choices, true);
    }

    /** The choices, "a" or "b" */
    public function inWords(): string
    {
        return '“'.implode('” or “', $this->choices).'”';
    }
}
