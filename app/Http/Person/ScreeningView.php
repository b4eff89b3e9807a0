<?php

declare(strict_types=1);

namespace App\Http\Person;

use App\Http\Shared\DangerSignView;

/** One answer to the danger signs. */
final readonly class ScreeningView
{
    /**
     * @param string|null          $asked who was asked, in words
     * @param string               $by    who asked
     * @param list<DangerSignView> $signs answered with yes
     * @param bool                 $mayTakeBack a mistaken yes, by whoever reads this
     */
    public function __construct(
        public string $id,
        public string $answeredOn,
        public ?string $asked,
        public string $by,
        public array $signs,
        public bool $mayTakeBack,
    ) {}
}
