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
            self::BackOfThigh => 'in the back of the thigh',
            self::FrontOfHip => 'in the front of the hip',
            default => 'in the '.str_replace('-', ' ', $this->value),
        };
    }

    /** What is said where the rung has no cue of its own for this place. */
    public function cue(): string
    {
        return match ($this) {
            self::Right => '',
            self::LowBack => 'Breathe out, ribs and pelvis towards each other, and go less far.',
            self::Neck => 'Chin in and the back of the neck long.',
            self::BackOfThigh => 'Heels nearer, and squeeze the seat first.',
            self::FrontOfHip => 'Let the thigh be light and go less far.',
            self::Shoulder => 'Push the floor away and make the neck long.',
            self::Wrist => 'Spread the fingers and grip the floor, or take the fists.',
            self::Knee => 'Knee over the middle of the foot, and a pad where it kneels.',
            self::Elsewhere => 'Show the set-up once more and begin slowly.',
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
