<?php

declare(strict_types=1);

namespace EvenRungs\Figure;

use EvenRungs\Body\Side;

/**
 * The picture of a rung: where the points of a body are in each frame of its way, and the kit with it.
 *
 * All places are thousandths of stature, three numbers for each point (forward, left, up), as whole numbers.
 */
final readonly class Figure
{
    /**
     * @param array{int,int}        $view   degrees round and up from which the demand shows
     * @param 'left'|'right'        $side   at work, where one is
     * @param non-empty-list<list<int>> $frames from start to end, the points of each in the order of Shape::POINTS; a single one where the rung is held
     * @param list<KitFrames>       $kit
     * @param list<int>             $force  the arrow of what is resisted at the end: six numbers, from where to where; none where there is none
     * @param list<list<int>>       $shadow places on the floor that carry, for each frame
     */
    public function __construct(public array $view, public string $side, public array $frames, public array $kit, public array $shadow, public array $force = []) {}

    /** @param non-empty-list<Stood> $stands frames from start to end, each on its supports */
    public static function of(Plan $plan, array $stands): self
    {
        $frames = $shadow = [];
        $hulls = [];
        foreach ($stands as $stood) {
            $frames[] = self::whole(Shape::points($stood->body));
            $shadow[] = self::whole(array_map($stood->contact(...), array_values(array_filter($stood->supports, static fn(Support $support): bool => $support->surface === 'floor'))));
            foreach (KitShapes::of($plan->setting, $stood, $stands) as $at => $hull) {
                $hulls[$at][] = $hull;
            }
        }

        return new self($plan->view, $plan->side === Side::Right ? 'right' : 'left', $frames, array_map(static function (array $hulls): KitFrames {
            $places = array_map(static fn(Hull $hull): array => self::whole($hull->points), $hulls);

            // What stands still is said once.
            return new KitFrames($hulls[0]->tone, array_map(static fn(float $radius): int => (int) round(1000 * $radius), $hulls[0]->radii), count(array_unique($places, SORT_REGULAR)) === 1 ? [$places[0]] : $places);
        }, array_values($hulls)), $shadow, self::whole(Resisted::in($plan, $stands[count($stands) - 1]) ?? []));
    }

    /**
     * @param list<array{float, float, float}> $points
     *
     * @return list<int>
     */
    private static function whole(array $points): array
    {
        $whole = [];
        foreach ($points as $point) {
            $whole[] = (int) round(1000 * $point[0]);
            $whole[] = (int) round(1000 * $point[1]);
            $whole[] = (int) round(1000 * $point[2]);
        }

        return $whole;
    }
}
