<?php

declare(strict_types=1);

namespace EvenRungs\Method;

/** Some of the answers to a question: what a method has to have chosen. */
final readonly class Choices
{
    /** @param non-empty-list<Answer> $answers */
    private function __construct(public Question $question, private array $answers) {}

    /**
     * @param list<string> $answers identifiers
     *
     * @throws \InvalidArgumentException when the question has no such answer
     */
    public static function of(Question $question, array $answers): self
    {
        $found = $unknown = [];
        foreach ($answers as $text) {
            $answer = Answer::tryFrom($text) ?? FormerWording::answer($question->value, $text);
            if ($answer?->question() === $question) {
                $found[] = $answer;
            } else {
                $unknown[] = $text;
            }
        }
        if ($found === [] || $unknown !== []) {
            throw new \InvalidArgumentException('“'.implode('”, “', $unknown)."” is not a choice for {$question->value}.");
        }

        return new self($question, $found);
    }

    public function include(Method $method): bool
    {
        return in_array($method->answer($this->question), $this->answers, true);
    }

    /** The answers, "a" or "b" */
    public function inWords(): string
    {
        return '“'.implode('” or “', array_map(static fn(Answer $answer): string => $answer->label(), $this->answers)).'”';
    }
}
