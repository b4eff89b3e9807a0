<?php

declare(strict_types=1);

namespace EvenRungs\Ladder;

use EvenRungs\Body\Position;

/** What a cue is about. On each topic an exercise says one thing; on some a trainer's school has its say. Values stand in ladder files: never renamed. */
enum Topic: string
{
    case Brace = 'brace';
    case LowBack = 'low-back';
    case Pelvis = 'pelvis';
    case Blades = 'blades';
    case Breath = 'breath';
    case Squeeze = 'squeeze';
    case Feet = 'feet';
    case Forearms = 'forearms';
    case Pull = 'pull';
    case Turn = 'turn';
    case Effort = 'effort';

    /** @return list<self> that a rung may speak of; of the effort a school speaks alone */
    public static function ofRungs(): array
    {
        return [self::Brace, self::LowBack, self::Pelvis, self::Blades, self::Breath, self::Squeeze, self::Feet, self::Forearms, self::Pull, self::Turn];
    }

    public function inWords(): string
    {
        return match ($this) {
            self::Brace => 'the brace',
            self::LowBack => 'the low back',
            self::Pelvis => 'the pelvis',
            self::Blades => 'the shoulder blades',
            self::Breath => 'the breath',
            self::Squeeze => 'how hard to squeeze',
            self::Feet => 'the feet',
            self::Forearms => 'the forearms',
            self::Pull => 'the pull',
            self::Turn => 'the turn',
            self::Effort => 'the effort',
        };
    }

    /** @return list<Position> in which there is anything to say on it */
    public function positions(): array
    {
        return match ($this) {
            self::LowBack => [Position::Supine],
            self::Pelvis => [Position::ForearmSupport, Position::HighSupport, Position::Kneeling, Position::Standing],
            self::Blades => [Position::ForearmSupport, Position::HighSupport, Position::AllFours, Position::SideLying, Position::Standing, Position::Prone],
            self::Forearms => [Position::ForearmSupport],
            self::Pull => [Position::ForearmSupport, Position::HighSupport, Position::Kneeling, Position::Standing],
            self::Turn => [Position::Standing, Position::HalfKneeling, Position::Kneeling],
            self::Brace, self::Breath, self::Squeeze, self::Feet, self::Effort => Position::cases(),
        };
    }
}
