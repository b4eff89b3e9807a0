<?php

declare(strict_types=1);

namespace App\Http\Sheet;

/** How a sheet lies on paper. */
enum SheetLayout: string
{
    /** Every cue and fault. */
    case Whole = 'whole';
    /** Up to eight exercises: picture, dose, two cues, one fault, and boxes to tick for four weeks. */
    case Page = 'page';
    /** A card for each station. */
    case Cards = 'cards';

    /** @return array{float, float} width and height in millimetres that a picture has */
    public function frame(): array
    {
        return match ($this) {
            self::Whole => [36, 22],
            self::Page => [27, 19],
            self::Cards => [78, 40],
        };
    }
}
