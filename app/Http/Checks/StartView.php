<?php

declare(strict_types=1);

namespace App\Http\Checks;

use App\Http\Shared\ReasonView;
use EvenRungs\Body\Side;

/** A rung proposed to start on. */
final readonly class StartView
{
    /**
     * @param bool             $guessed  a careful guess: this ladder was not tested
     * @param string|null      $support  wall or chair version offered beside it
     * @param list<ReasonView> $reasons
     * @param string|null      $standsOn where the person stands now
     * @param string           $dose     it begins with, in words
     */
    public function __construct(
        public string $ladder,
        public Side $side,
        public bool $guessed,
        public string $rung,
        public ?string $support,
        public array $reasons,
        public ?string $standsOn,
        public string $dose,
        public ReasonView $whyDose,
    ) {}
}
