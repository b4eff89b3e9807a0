<?php

declare(strict_types=1);

namespace EvenRungs\Figure;

use EvenRungs\Body\Side;

/**
 * The jointed body in one posture at one place: where each part is and which way it points.
 *
 * @phpstan-import-type Vec from Vector
 * @phpstan-import-type Turn from Vector
 */
final readonly class Skeleton
{
    /**
     * @param array<string, Vec>  $roots  where each part turns, by name (`pelvis`, `left-thigh`)
     * @param array<string, Turn> $turns
     * @param list<array{Vec, Vec}> $axes of each hinge in the order of hinges(): direction in space, and a point on it
     */
    private function __construct(public Posture $posture, public array $roots, public array $turns, public array $axes) {}

    /** @param Vec $at of the middle of the hips */
    public static function of(Posture $posture, array $at): self
    {
        $tilt = Vector::both(Vector::about(2, $posture->tilt[2]), Vector::about(0, $posture->tilt[1]));
        $turns = ['pelvis' => Vector::both($tilt, Vector::both(Vector::about(1, $posture->tilt[0]), $posture->lies->turn()))];
        $roots = ['pelvis' => $at];
        $axes = [];
        foreach (self::parts() as $name => [$segment, $side, $parent, $joint]) {
            $root = $segment->root();
            if ($segment === Segment::UpperArm) {
                [$raised, $forward] = $posture->blades[$side === Side::Left ? 'left' : 'right'];
                $root = [$root[0] + $forward / 100, $root[1] - abs($forward) / 300, $root[2] + $raised / 100];
            }
            $root = $side === Side::Right ? [$root[0], -$root[1], $root[2]] : $root;
            $turn = $turns[$parent];
            $roots[$name] = Vector::plus($roots[$parent], Vector::turned($turn, $root));
            foreach ($joint->hinges() as $at => $hinge) {
                $angle = $posture->angles[$side === Side::Both ? $joint->value : "{$side->value}-{$joint->value}"][$at] ?? 0.0;
                $sign = $hinge->signOn($side);
                $axes[] = [Vector::times($turn[$hinge->axis], $sign), $roots[$name]];
                $turn = Vector::both($turn, Vector::about($hinge->axis, $sign * $angle));
            }
            $turns[$name] = $turn;
        }

        return new self($posture, $roots, $turns, $axes);
    }

    /**
     * Every part but the pelvis, each after the one it hangs on.
     *
     * @return array<string, array{Segment, Side, string, Joint}> by name: what it is, on which side, what it hangs on, at which joint
     */
    public static function parts(): array
    {
        /** @var array<string, array{Segment, Side, string, Joint}>|null $parts */
        static $parts = null;
        if ($parts === null) {
            $parts = [];
            foreach (Segment::cases() as $segment) {
                [$joint, $parent] = [$segment->joint(), $segment->parent()];
                if ($joint === null || $parent === null) {
                    continue;
                }
                foreach ($segment->isPaired() ? [Side::Left, Side::Right] : [Side::Both] as $side) {
                    $parts[self::name($segment, $side)] = [$segment, $side, self::name($parent, $side), $joint];
                }
            }
        }

        return $parts;
    }

    /**
     * Which hinges move a part: those between it and the pelvis.
     *
     * @return array<string, list<int>> indices into the axes, by name of the part
     */
    public static function chains(): array
    {
        /** @var array<string, list<int>>|null $chains */
        static $chains = null;
        if ($chains === null) {
            $chains = ['pelvis' => []];
            $next = 0;
            foreach (self::parts() as $name => [, , $parent, $joint]) {
                $count = count($joint->hinges());
                $chains[$name] = [...$chains[$parent], ...range($next, $next + $count - 1)];
                $next += $count;
            }
        }

        return $chains;
    }

    public static function name(Segment $segment, Side $side): string
    {
        return $segment->isPaired() ? "{$side->value}-{$segment->value}" : $segment->value;
    }

    /**
     * @param Vec $place from the joint of a part, in its own axes, on the left
     *
     * @return Vec
     */
    public function point(Segment $segment, Side $side, array $place): array
    {
        $name = self::name($segment, $side);

        return Vector::plus($this->roots[$name], Vector::turned($this->turns[$name], $side === Side::Right ? [$place[0], -$place[1], $place[2]] : $place));
    }

    /** @return Vec the middle of the flesh of a place */
    public function at(Spot $spot): array
    {
        return $this->point($spot->contact->segment(), $spot->side, $spot->contact->place());
    }

    /**
     * @param list<string>|null $parts by name; all when left out
     *
     * @return array{float, Vec} their mass as a part of the body's, and its centre
     */
    public function mass(?array $parts = null): array
    {
        [$mass, $sum] = [0.0, [0.0, 0.0, 0.0]];
        foreach ($parts ?? ['pelvis', ...array_keys(self::parts())] as $name) {
            [$segment, $side] = self::parts()[$name] ?? [Segment::Pelvis, Side::Both];
            $mass += $segment->mass();
            $sum = Vector::plus($sum, $this->point($segment, $side, $segment->centre()), $segment->mass());
        }

        return [$mass, Vector::times($sum, 1 / $mass)];
    }

    /** @param Vec $by */
    public function moved(array $by): self
    {
        return new self(
            $this->posture,
            array_map(static fn(array $root): array => Vector::plus($root, $by), $this->roots),
            $this->turns,
            array_map(static fn(array $axis): array => [$axis[0], Vector::plus($axis[1], $by)], $this->axes),
        );
    }
}
