<?php

declare(strict_types=1);

namespace App\Http\Board;

/** How hard a rung is on the low back of this person, beside the one they stand on. */
final readonly class HardnessView
{
    /**
     * @param list<HardnessFigureView> $figures what is resisted, in fixed order; none where it is not measured
     * @param int         $scale      N·m at the end of the bars
     * @param string|null $unmeasured why there are no figures
     * @param list<string> $sentences what changes from the rung they stand on
     * @param string|null $worth      the side bridge in kilograms in one hand
     * @param string|null $smaller    the load or the range with which the climb is small
     * @param string|null $pull       the pull of the band that the figures are of
     * @param string      $whose      whose body they are of
     * @param string      $model      what the figures are and are not
     */
    public function __construct(
        public array $figures,
        public int $scale,
        public ?string $unmeasured,
        public array $sentences,
        public ?string $worth,
        public ?string $smaller,
        public ?string $pull,
        public string $whose,
        public string $model,
    ) {}
}
