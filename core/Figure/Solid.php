<?php

declare(strict_types=1);

namespace EvenRungs\Figure;

/**
 * A piece of kit that nothing goes through: a box, a ball, or a wall. Sizes in centimetres, our own measure.
 *
 * @phpstan-import-type Vec from Vector
 */
final readonly class Solid
{
    /** Half length along x, and along y, of what lies on the floor under what it carries. */
    private const HALF = ['bench' => [14, 45], 'step' => [18, 35], 'blocks' => [11, 7], 'pillow' => [16, 24], 'towel' => [7, 20], 'pad' => [16, 24], 'slider' => [9, 9]];

    /** How far the outermost place it carries is from its edge. */
    private const EDGE = 5;

    /** A bench is a seat on legs: there is room under it. */
    private const SEAT = 9;

    /** How deep a body sinks into what is soft. */
    private const SOFT = ['pillow' => 3, 'towel' => 2, 'pad' => 2];

    private const CM = 1 / Setting::STATURE;

    /**
     * @param Vec      $low    of a box its lowest corner; of a ball its middle; of a wall a place on it
     * @param Vec      $high   of a box its highest corner; of a wall the direction out of it
     * @param float    $radius of a ball
     */
    private function __construct(public Kit $kit, public array $low, public array $high, public float $radius = 0.0) {}

    /**
     * @param list<Vec> $carried middles of the flesh of the places it carries
     * @param list<Vec> $touched the same at their surfaces
     *
     * @return list<self> none where it carries nothing, or is thin enough to be held
     */
    public static function under(Kit $kit, array $carried, array $touched): array
    {
        return match (true) {
            $carried === [], $kit->kind->isGripped(), $kit->kind === KitKind::Post => [],
            $kit->kind === KitKind::Wall => [new self($kit, $touched[0] ?? $carried[0], (new Surface($kit, 0.0))->normal())],
            $kit->kind === KitKind::Ball => [new self($kit, [self::middle($carried, 0), self::middle($carried, 1), $kit->height * self::CM / 2], [0.0, 0.0, 0.0], $kit->height * self::CM / 2)],
            $kit->kind === KitKind::Blocks, $kit->kind === KitKind::Slider => array_map(static fn(array $at): self => self::box($kit, [$at]), $carried),
            default => [self::box($kit, $carried)],
        };
    }

    /**
     * @param Vec $at
     *
     * @return array{float, Vec} how far a place is outside, below nought inside, and the shortest way out
     */
    public function gap(array $at): array
    {
        if ($this->radius > 0) {
            $from = Vector::plus($at, $this->low, -1);

            return [Vector::length($from) - $this->radius, Vector::unit($from)];
        }
        if ($this->kit->isUpright()) {
            return [Vector::dot(Vector::plus($at, $this->low, -1), $this->high), $this->high];
        }
        $nearest = [max($this->low[0], min($this->high[0], $at[0])), max($this->low[1], min($this->high[1], $at[1])), max($this->low[2], min($this->high[2], $at[2]))];
        $out = Vector::plus($at, $nearest, -1);
        $gap = Vector::length($out);

        return $gap > 0 ? [$gap, Vector::unit($out)] : $this->inside($at);
    }

    /** How deep a place may be in it. */
    public function softness(): float
    {
        return (self::SOFT[$this->kit->kind->value] ?? 0) * self::CM;
    }

    /** Whether it stays where it first carried something. */
    public function stays(): bool
    {
        return ! $this->kit->kind->rolls() && $this->kit->kind !== KitKind::Ball;
    }

    /**
     * @param Vec $at
     *
     * @return array{float, Vec}
     */
    private function inside(array $at): array
    {
        [$least, $way] = [$this->high[2] - $at[2], [0.0, 0.0, 1.0]];
        foreach ([0, 1] as $axis) {
            foreach ([[$at[$axis] - $this->low[$axis], -1.0], [$this->high[$axis] - $at[$axis], 1.0]] as [$far, $sign]) {
                if ($far < $least) {
                    [$least, $way] = [$far, Vector::times(Vector::AXES[$axis], $sign)];
                }
            }
        }
        if ($this->low[2] > 0 && $at[2] - $this->low[2] < $least) {
            [$least, $way] = [$at[2] - $this->low[2], [0.0, 0.0, -1.0]];
        }

        return [-$least, $way];
    }

    /** @param non-empty-list<Vec> $carried */
    private static function box(Kit $kit, array $carried): self
    {
        [$along, $across] = self::HALF[$kit->kind->value] ?? [15, 15];
        [$low, $high] = [[0.0, 0.0], [0.0, 0.0]];
        foreach ([[0, $along], [1, $across]] as [$axis, $half]) {
            $at = array_column($carried, $axis);
            [$least, $most] = [min($at), max($at)];
            $wide = max($half * self::CM, ($most - $least) / 2 + self::EDGE * self::CM);
            [$low[$axis], $high[$axis]] = [($least + $most) / 2 - $wide, ($least + $most) / 2 + $wide];
        }
        $top = $kit->height * self::CM;

        return new self($kit, [$low[0], $low[1], $kit->kind === KitKind::Bench ? max(0.0, $top - self::SEAT * self::CM) : 0.0], [$high[0], $high[1], $top]);
    }

    /** @param non-empty-list<Vec> $places */
    private static function middle(array $places, int $axis): float
    {
        return array_sum(array_column($places, $axis)) / count($places);
    }
}
