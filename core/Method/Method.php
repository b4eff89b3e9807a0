<?php

declare(strict_types=1);

namespace EvenRungs\Method;

use EvenRungs\Body\Demand;
use EvenRungs\Body\DoseCap;
use EvenRungs\Body\Limit;
use EvenRungs\Body\Position;
use EvenRungs\Calendar\Day;

/** The school a person is trained by: one answer to each question, and whose it is. */
final readonly class Method
{
    /**
     * @param array<string, Answer>      $given by question; the default when absent
     * @param array<string, MethodLevel> $whose by question
     * @param array<string, Day>         $changed when the answer that holds last changed, by question
     * @param list<DoseCap>              $caps on holds, of the limits of the person who is trained by it
     */
    private function __construct(private array $given, private array $whose, private array $changed = [], private array $caps = []) {}

    public static function default(): self
    {
        return new self([], []);
    }

    /** An answer of a nearer level takes the place of one farther away, so the levels are given from far to near. */
    public function with(Answer $answer, MethodLevel $of = MethodLevel::Practice): self
    {
        $question = $answer->question()->value;

        return new self([...$this->given, $question => $answer], [...$this->whose, $question => $of], $this->changed, $this->caps);
    }

    /** The same, knowing when the answer to a question changed. */
    public function changedOn(Question $question, Day $day): self
    {
        return new self($this->given, $this->whose, [...$this->changed, $question->value => $day], $this->caps);
    }

    /**
     * The school of somebody whose limits stand above it.
     *
     * @param list<Limit> $limits
     */
    public function under(array $limits): self
    {
        $caps = array_merge([], ...array_map(static fn(Limit $limit): array => $limit->caps, $limits));

        return new self($this->given, $this->whose, $this->changed, array_values(array_filter($caps, static fn(DoseCap $cap): bool => ! $cap->wholeSet)));
    }

    /** What limits leave of a hold in such work; null where they leave it as it is. */
    public function capOnHolds(Position $position, Demand $demand): ?DoseCap
    {
        $least = null;
        foreach ($this->caps as $cap) {
            $least = $cap->concerns($position, $demand) && $cap->seconds < ($least->seconds ?? PHP_INT_MAX) ? $cap : $least;
        }

        return $least;
    }

    /** That the answer changed on a day or after it, in a sentence; empty where it did not. Sessions are judged by today's answers. */
    public function saysChangeSince(Question $question, ?Day $day): string
    {
        $changed = $this->changed[$question->value] ?? null;

        return $changed === null || $day === null || $changed->isBefore($day) ? '' : " The method changed on {$changed->inWords()}: {$question->label()} is now {$this->said($question)}.";
    }

    /** Whose answer holds; null for the default. */
    public function levelOf(Question $question): ?MethodLevel
    {
        return $this->whose[$question->value] ?? null;
    }

    /** The answer that holds and whose it is, for a reason: “as soon as clean”, the person’s. */
    public function said(Question $question): string
    {
        return "“{$this->answer($question)->label()}”, ".($this->levelOf($question)?->whose() ?? 'the default');
    }

    public function answer(Question $question): Answer
    {
        return $this->given[$question->value] ?? $question->answers()[0];
    }

    public function says(Answer $answer): bool
    {
        return $this->answer($answer->question()) === $answer;
    }

    /** Clean sessions running that a climb asks for. */
    public function cleanSessionsToClimb(): int
    {
        return $this->says(Answer::TwoCleanAndAWeek) ? 2 : 1;
    }

    /** Days since the first date on the rung that a climb asks for. */
    public function daysOnRungToClimb(): int
    {
        return match ($this->answer(Question::LeavingARung)) {
            Answer::AsSoonAsClean => 0,
            Answer::OneToTwoWeeks => 10,
            default => 7,
        };
    }

    /** The trunk technique as a cue: in activation, or in work under load. */
    public function braceInWords(bool $activation = false): string
    {
        return $this->says(Answer::NavelIn) || ($activation && $this->says(Answer::NavelInThenBrace)) ? 'draw the navel gently in' : 'brace all round as if to be poked';
    }

    /** How repetitions with two sides are written and read. */
    public function counting(): Counting
    {
        return match ($this->answer(Question::CountingReps)) {
            Answer::CountPairs => Counting::Pairs,
            Answer::CountMovements => Counting::Moves,
            default => Counting::EachSide,
        };
    }

    public function holdStrategy(): HoldStrategy
    {
        return match ($this->answer(Question::HoldStrategy)) {
            Answer::CappedHolds => HoldStrategy::Capped,
            Answer::LongHolds => HoldStrategy::Long,
            default => HoldStrategy::ShortRepeated,
        };
    }
}
