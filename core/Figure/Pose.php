<?php

declare(strict_types=1);

namespace EvenRungs\Figure;

/**
 * A body by the absolute angle of each segment, in degrees: 0 to the right, 90 up.
 * In the side view the near limbs come first; in the front view near is the person's left, on the right of the drawing.
 */
final readonly class Pose
{
    /** Segments that can point towards the viewer or away, and so are drawn short. */
    public const SHORTENED = ['upper-arm', 'forearm', 'thigh', 'shank', 'far-upper-arm', 'far-forearm', 'far-thigh', 'far-shank'];

    /**
     * @param array{int,int}      $trunk   hip to waist, waist to shoulder: they differ where the back bends
     * @param int                 $head    from shoulder to head
     * @param array{int,int,int}  $arm     upper arm, forearm, hand
     * @param array{int,int,int}  $farArm
     * @param array{int,int,int}  $leg     thigh, shank, foot
     * @param array{int,int,int}  $farLeg
     * @param list<string>        $short   segments that point towards the viewer or away
     */
    private function __construct(
        public array $trunk,
        public int $head,
        public array $arm,
        public array $farArm,
        public array $leg,
        public array $farLeg,
        public array $short,
    ) {}

    /**
     * What is left out follows from the rest: the head goes on from the trunk, the hand from the forearm, the
     * foot stands at a right angle to the shank, the far side does as the near side.
     *
     * @param array<array-key, mixed> $data trunk, head, arm, far_arm, leg, far_leg, short
     *
     * @throws \InvalidArgumentException
     */
    public static function of(array $data): self
    {
        $unknown = array_diff(array_keys($data), ['trunk', 'head', 'arm', 'far_arm', 'leg', 'far_leg', 'short']);
        if ($unknown !== []) {
            throw new \InvalidArgumentException('A pose has no “'.implode('”, “', $unknown).'”.');
        }
        $trunk = self::trunk($data['trunk'] ?? throw new \InvalidArgumentException('A pose needs the angle of the trunk.'));
        $arm = self::limb($data['arm'] ?? throw new \InvalidArgumentException('A pose needs the angles of an arm.'), 'arm', 0);
        $leg = self::limb($data['leg'] ?? throw new \InvalidArgumentException('A pose needs the angles of a leg.'), 'leg', 90);

        return new self(
            $trunk,
            self::angle($data['head'] ?? $trunk[1], 'head'),
            $arm,
            isset($data['far_arm']) ? self::limb($data['far_arm'], 'far_arm', 0) : $arm,
            $leg,
            isset($data['far_leg']) ? self::limb($data['far_leg'], 'far_leg', 90) : $leg,
            self::short($data['short'] ?? []),
        );
    }

    /** @return list<string> */
    private static function short(mixed $value): array
    {
        $names = is_array($value) ? array_values($value) : [$value];
        $short = array_values(array_filter($names, static fn(mixed $name): bool => in_array($name, self::SHORTENED, true)));

        return count($short) === count($names) ? $short : throw new \InvalidArgumentException('“short” of a pose names segments: '.implode(', ', self::SHORTENED).'.');
    }

    /** @return array{int,int} */
    private static function trunk(mixed $value): array
    {
        $halves = is_array($value) && array_is_list($value) && count($value) === 2 ? $value : [$value, $value];

        return [self::angle($halves[0], 'trunk'), self::angle($halves[1], 'trunk')];
    }

    /**
     * @param int $bend from the middle segment to the last, where that is left out
     *
     * @return array{int,int,int}
     */
    private static function limb(mixed $value, string $what, int $bend): array
    {
        if (! is_array($value) || ! array_is_list($value) || ! in_array(count($value), [2, 3], true)) {
            throw new \InvalidArgumentException("“{$what}” of a pose takes two or three angles.");
        }
        $upper = self::angle($value[0], $what);
        $lower = self::angle($value[1], $what);

        return [$upper, $lower, isset($value[2]) ? self::angle($value[2], $what) : $lower + $bend];
    }

    private static function angle(mixed $value, string $what): int
    {
        if (! is_int($value) || abs($value) > 720) {
            throw new \InvalidArgumentException("“{$what}” of a pose is a whole number of degrees.");
        }

        return $value;
    }
}
