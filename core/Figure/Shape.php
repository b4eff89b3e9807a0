<?php

declare(strict_types=1);

namespace EvenRungs\Figure;

use EvenRungs\Body\Side;

/**
 * The points that a body is drawn from, and the parts between them. `resources/js/figure/shape.ts` is the same list.
 *
 * @phpstan-import-type Vec from Vector
 */
final class Shape
{
    public const POINTS = ['skull', 'crown', 'nape', 'left-shoulder', 'right-shoulder', 'left-ribs', 'right-ribs', 'left-waist', 'right-waist', 'left-hip', 'right-hip', 'left-knee', 'right-knee', 'left-ankle', 'right-ankle', 'left-heel', 'right-heel', 'left-toe', 'right-toe', 'left-elbow', 'right-elbow', 'left-wrist', 'right-wrist', 'left-finger', 'right-finger'];

    /** Of what is drawn at the ends of limbs: they are not stiff. */
    private const LOWEST = 0.010;

    /** Balls of each part: index of the point, and radius as thousandths of stature. */
    public const PARTS = [
        'pelvis' => [[9, 50], [10, 50], [7, 47], [8, 47]],
        'middle' => [[7, 46], [8, 46], [5, 50], [6, 50]],
        'chest' => [[5, 52], [6, 52], [3, 36], [4, 36]],
        'neck' => [[2, 24], [0, 24]],
        'head' => [[0, 47], [1, 50]],
        'left-upper-arm' => [[3, 32], [19, 22]],
        'right-upper-arm' => [[4, 32], [20, 22]],
        'left-forearm' => [[19, 22], [21, 15]],
        'right-forearm' => [[20, 22], [22, 15]],
        'left-hand' => [[21, 15], [23, 9]],
        'right-hand' => [[22, 15], [24, 9]],
        'left-thigh' => [[9, 46], [11, 31]],
        'right-thigh' => [[10, 46], [12, 31]],
        'left-shank' => [[11, 30], [13, 19]],
        'right-shank' => [[12, 30], [14, 19]],
        'left-foot' => [[13, 19], [15, 15], [17, 10]],
        'right-foot' => [[14, 19], [16, 15], [18, 10]],
    ];

    /** @return list<Vec> in the order of POINTS */
    public static function points(Skeleton $body): array
    {
        $points = [
            $body->point(Segment::Head, Side::Both, [0.016, 0.0, 0.066]),
            $body->point(Segment::Head, Side::Both, [0.012, 0.0, 0.092]),
            $body->point(Segment::Chest, Side::Both, [-0.010, 0.0, 0.115]),
        ];
        foreach ([
            [Segment::UpperArm, [0.0, 0.0, 0.0]],
            [Segment::Chest, [0.004, 0.048, 0.0]],
            [Segment::Middle, [0.0, 0.036, 0.0]],
            [Segment::Thigh, [0.0, 0.0, 0.0]],
            [Segment::Shank, [0.0, 0.0, 0.0]],
            [Segment::Foot, [0.0, 0.0, 0.0]],
            [Segment::Foot, [-0.024, 0.0, -0.024]],
            [Segment::Foot, [0.105, 0.0, -0.030]],
            [Segment::Forearm, [0.0, 0.0, 0.0]],
            [Segment::Hand, [0.0, 0.0, 0.0]],
            [Segment::Hand, [0.0, 0.0, -0.095]],
        ] as [$segment, $place]) {
            foreach ([Side::Left, Side::Right] as $side) {
                $point = $body->point($segment, $side, $place);
                // Toes and fingers bend where the floor stops them.
                $points[] = [$point[0], $point[1], $segment === Segment::Foot || $segment === Segment::Hand ? max(self::LOWEST, $point[2]) : $point[2]];
            }
        }

        return $points;
    }
}
