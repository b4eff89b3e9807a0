<?php

declare(strict_types=1);

namespace EvenRungs\Person;

/** How a step of the job stands for a person. */
enum StepState: string
{
    case Done = 'done';
    case Open = 'open';
    case Attention = 'attention';
    /** By a danger sign. */
    case Closed = 'closed';

    /**
     * How every step stands.
     *
     * @param bool $written any session was written
     *
     * @return array<string, self> by step
     */
    public static function all(PersonRecord $record, ProgramAtHand $program, bool $written): array
    {
        $states = [];
        foreach (Step::cases() as $step) {
            $states[$step->value] = self::of($step, $record, $program, $written);
        }

        return $states;
    }

    private static function of(Step $step, PersonRecord $record, ProgramAtHand $program, bool $written): self
    {
        $open = $record->admission()->open;
        $screened = $record->safety->lastAsked !== null;

        return match ($step) {
            Step::Person => ! $open || $record->history->readers !== [] || ($screened && $record->rescreen() !== null) ? self::Attention : self::done($screened),
            Step::Board => self::done($record->positions() !== []),
            default => ! $open ? self::Closed : match ($step) {
                Step::Checks => $record->retest() !== null ? self::Attention : self::done($record->history->lastTest !== null),
                Step::Session, Step::Sheet => self::done($written),
                Step::Week => self::done($program->plan->slots !== []),
                Step::Weeks => $program->against() !== [] ? self::Attention : self::done($program->present() !== null),
                Step::Coach => self::done($record->lastLog() !== null),
                Step::Review => $record->judgement()->pending() !== [] ? self::Attention : self::done($record->lastLog() !== null),
            },
        };
    }

    private static function done(bool $done): self
    {
        return $done ? self::Done : self::Open;
    }
}
