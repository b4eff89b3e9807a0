<?php

declare(strict_types=1);

namespace EvenRungs\Progress;

/** Where an exercise was felt: where the rung asks for it, or in a wrong place. A feeling is no pain. Values are stored: never renamed. */
enum Felt: string
{
    case Right = 'right';
    case LowBack = 'low-back';
    case Neck = 'neck';
    case BackOfThigh = 'back-of-thigh';
    case FrontOfHip = 'front-of-hip';
    case Shoulder = 'shoulder';
    case Wrist = 'wrist';
    case Knee = 'knee';
    case Elsewhere = 'elsewhere';

    public function isWrong(): bool
    {
        return $this !== self::Right;
    }

    /** As it stands on a button. */
    public function label(): string
    {
        return match ($this) {
            self::Right => 'where it should be',
            default => str_replace('-', ' ', $this->value),
        };
    }

    /** As it stands in a sentence: “felt in the low back”. */
    public function inWords(): string
    {
        return match ($this) {
            self::Right => 'where it should be',
            self::Elsewhere => 'in the wrong place',
            default => 'in the '.str_replace('-', ' ', $this->value),
        };
    }

    /** Of several sets of one exercise: a wrong place before right, right before not asked. */
    public static function of(?self ...$told): ?self
    {
        $known = array_values(array_filter($told));
        $wrong = array_values(array_filter($known, static fn(self $felt): bool => $felt->isWrong()));

        return $wrong[0] ?? $known[0] ?? null;
    }
}
