<?php

declare(strict_types=1);

namespace EvenRungs\Figure;

/** The picture of a rung: a body in one, two or three poses, and its kit. */
final readonly class Figure
{
    /**
     * @param Pose|null  $middle where the way between start and end matters
     * @param Pose|null  $end    null where the rung is held
     * @param list<Prop> $props
     * @param int        $lift   how far the lowest point is above the ground, in the figure's own units (a thigh is 46)
     * @param Joint|null $pin    what stays in place between the poses; the picture finds it when left out
     */
    public function __construct(
        public View $view,
        public Pose $start,
        public ?Pose $middle,
        public ?Pose $end,
        public array $props,
        public int $lift,
        public ?Joint $pin,
    ) {}
}
