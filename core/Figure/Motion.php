<?php

declare(strict_types=1);

namespace EvenRungs\Figure;

/** The bodies of a figure at any part of the way from start to end. */
final readonly class Motion
{
    /** What can stay on the ground while the rest moves, likeliest first. */
    private const ANCHORS = [Joint::Hip, Joint::Knee, Joint::FarKnee, Joint::Toe, Joint::FarToe, Joint::Ankle, Joint::FarAnkle, Joint::Elbow, Joint::Hand, Joint::FarElbow, Joint::FarHand];

    /** Ends of limbs whose way an arrow can show, with the limb they belong to. */
    private const TIPS = [[Joint::Hand, 'arm'], [Joint::FarHand, 'far-arm'], [Joint::Toe, 'leg'], [Joint::FarToe, 'far-leg'], [Joint::Knee, 'leg'], [Joint::FarKnee, 'far-leg'], [Joint::Hip, 'trunk'], [Joint::Head, 'trunk']];

    /** Ways shorter than this (a thigh is 46) are not worth an arrow. */
    private const SHORTEST_WAY = 9;

    private const SAMPLES = 12;

    /** @var non-empty-list<Pose> */
    private array $poses;

    private Body $first;

    private Joint $pin;

    public function __construct(private Figure $figure)
    {
        $this->poses = [$figure->start, ...array_values(array_filter([$figure->middle, $figure->end], static fn(?Pose $pose): bool => $pose !== null))];
        $this->first = Body::standing($figure->start, $figure->view, $figure->lift);
        $last = Body::standing($this->poses[count($this->poses) - 1], $figure->view, $figure->lift);
        $low = fn(Body $body, Joint $joint): bool => $body->at($joint)->y < $this->figure->lift + ($joint === Joint::Hip ? 13 : 9);
        $standing = array_values(array_filter(self::ANCHORS, fn(Joint $joint): bool => $low($this->first, $joint) && $low($last, $joint)));
        $this->pin = $figure->pin ?? $standing[0] ?? Joint::Hip;
    }

    /** @param float $part from 0 (start) to 1 (end) */
    public function at(float $part): Body
    {
        $at = max(0.0, min(1.0, $part)) * (count($this->poses) - 1);
        $index = (int) min(floor($at), max(0, count($this->poses) - 2));
        $pose = count($this->poses) === 1 ? $this->figure->start : Between::of($this->poses[$index], $this->poses[$index + 1], $at - $index);
        $pinned = $this->first->at($this->pin);

        // A named pin holds its height as well: hands on a bar, an elbow on the floor.
        return Body::standing($pose, $this->figure->view, $this->figure->lift)->pinned($this->pin, $pinned->x, $this->figure->pin === null ? null : $pinned->y);
    }

    /** @return list<non-empty-list<Point>> the ways of what moves most, from start to end; none for a held rung */
    public function ways(): array
    {
        if ($this->figure->end === null) {
            return [];
        }
        $bodies = array_map(fn(int $sample): Body => $this->at($sample / self::SAMPLES), range(0, self::SAMPLES));
        $ways = [];
        foreach (self::TIPS as [$joint, $limb]) {
            $points = array_map(static fn(Body $body): Point => $body->at($joint), $bodies);
            $length = 0.0;
            foreach (array_slice($points, 1) as $at => $point) {
                $length += $points[$at]->distance($point);
            }
            if ($length >= self::SHORTEST_WAY) {
                $ways[] = [$limb, $points, $length];
            }
        }
        usort($ways, static fn(array $a, array $b): int => $b[2] <=> $a[2]);
        if ($ways === []) {
            return [];
        }
        [$limb, $longest, $length] = $ways[0];
        $second = array_values(array_filter($ways, static fn(array $way): bool => $way[0] !== $limb && $way[2] > 0.62 * $length && $way[1][self::SAMPLES]->distance($longest[self::SAMPLES]) > 18));

        return $second === [] ? [$longest] : [$longest, $second[0][1]];
    }
}
