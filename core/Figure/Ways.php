<?php

declare(strict_types=1);

namespace EvenRungs\Figure;

/**
 * How the places of a body move with each of its freedoms: three ways, pitch, roll and turn of the hips, then every
 * hinge in the order of Skeleton::axes.
 *
 * @phpstan-import-type Vec from Vector
 *
 * @phpstan-type Row array<int, float>
 */
final class Ways
{
    /** @var list<Vec> axes of pitch, roll and turn in space */
    private readonly array $tilts;

    /** @var array<string, list<int>> */
    private readonly array $chains;

    /** @var array<string, array<int, Vec>> by place */
    private array $known = [];

    public function __construct(public readonly Skeleton $body)
    {
        $turn = Vector::about(2, $body->posture->tilt[2]);
        $roll = Vector::both($turn, Vector::about(0, $body->posture->tilt[1]));
        $this->tilts = [$roll[1], $turn[0], Vector::AXES[2]];
        $this->chains = Skeleton::chains();
    }

    /**
     * @param Vec $at a point of a part
     *
     * @return array<int, Vec> by freedom: stature, or stature per degree
     */
    public function of(string $part, array $at): array
    {
        $ways = [Vector::AXES[0], Vector::AXES[1], Vector::AXES[2]];
        $degree = M_PI / 180;
        $from = Vector::plus($at, $this->body->roots['pelvis'], -1);
        foreach ($this->tilts as $axis) {
            $ways[] = Vector::times(Vector::cross($axis, $from), $degree);
        }
        foreach ($this->chains[$part] ?? [] as $hinge) {
            [$axis, $on] = $this->body->axes[$hinge];
            $ways[6 + $hinge] = Vector::times(Vector::cross($axis, Vector::plus($at, $on, -1)), $degree);
        }

        return $ways;
    }

    /**
     * @param Vec $direction
     *
     * @return Row how a place of the body moves in one direction
     */
    public function along(Spot $spot, array $direction): array
    {
        return self::towards($this->known[$spot->name()] ??= $this->of($spot->part(), $this->body->at($spot)), $direction);
    }

    /**
     * @param array<int, Vec> $ways
     * @param Vec             $direction
     *
     * @return Row
     */
    public static function towards(array $ways, array $direction): array
    {
        return array_map(static fn(array $way): float => Vector::dot($way, $direction), $ways);
    }

    /**
     * @param Row $a
     * @param Row $b
     *
     * @return Row
     */
    public static function less(array $a, array $b): array
    {
        foreach ($b as $at => $value) {
            $a[$at] = ($a[$at] ?? 0.0) - $value;
        }

        return $a;
    }
}
