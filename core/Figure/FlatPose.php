<?php

declare(strict_types=1);

namespace EvenRungs\Figure;

/**
 * Figures as they were written before bodies had depth: each part by its angle in the picture, 0 to the right and 90 up.
 * Ladders of practices that were written so are read as bodies in space: what was seen from the side exactly, what was seen
 * from the front or above as far as the picture tells.
 */
final class FlatPose
{
    /** The shared poses of then, which such a figure may start from. */
    private const NAMED = [
        'stand' => ['trunk' => 90, 'arm' => [266, 272], 'leg' => [270, 270]],
        'stand-arms-forward' => ['trunk' => 90, 'arm' => [0, 0], 'leg' => [270, 270]],
        'stand-hands-chest' => ['trunk' => 90, 'arm' => [285, 45], 'leg' => [270, 270]],
        'stand-arms-up' => ['trunk' => 90, 'arm' => [88, 90], 'leg' => [270, 270]],
        'split-stance' => ['trunk' => 90, 'arm' => [266, 272], 'leg' => [292, 282, 0], 'far_leg' => [250, 256, 325]],
        'squat' => ['trunk' => 55, 'head' => 75, 'arm' => [0, 0], 'leg' => [352, 247, 0]],
        'hinge' => ['trunk' => 22, 'head' => 25, 'arm' => [268, 270], 'leg' => [287, 263, 0]],
        'seated' => ['trunk' => 90, 'arm' => [266, 272], 'leg' => [0, 270, 0]],
        'tall-kneeling' => ['trunk' => 90, 'arm' => [266, 272], 'leg' => [270, 180, 180]],
        'half-kneeling' => ['trunk' => 90, 'arm' => [266, 272], 'leg' => [354, 270, 0], 'far_leg' => [270, 182, 200]],
        'hang' => ['trunk' => 90, 'arm' => [90, 90], 'leg' => [270, 270, 300]],
        'back-long' => ['trunk' => 180, 'arm' => [355, 0], 'leg' => [0, 0, 90]],
        'back-knees-bent' => ['trunk' => 180, 'arm' => [355, 0], 'leg' => [52, 290, 0]],
        'back-arms-up' => ['trunk' => 180, 'arm' => [90, 90], 'leg' => [52, 290, 0]],
        'back-ninety' => ['trunk' => 180, 'arm' => [90, 90], 'leg' => [92, 2, 80]],
        'bridge-down' => ['trunk' => 180, 'arm' => [352, 0], 'leg' => [58, 282, 0]],
        'bridge-up' => ['trunk' => 203, 'head' => 180, 'arm' => [350, 0], 'leg' => [22, 270, 0]],
        'shoulders-on-bench-down' => ['trunk' => 145, 'head' => 155, 'arm' => [230, 30], 'leg' => [60, 275, 0]],
        'shoulders-on-bench-up' => ['trunk' => 180, 'head' => 175, 'arm' => [250, 10], 'leg' => [0, 270, 0]],
        'prone' => ['trunk' => 0, 'head' => 0, 'arm' => [345, 20, 0], 'leg' => [180, 180, 180]],
        'prone-arms-long' => ['trunk' => 0, 'head' => 0, 'arm' => [0, 0], 'leg' => [180, 180, 180]],
        'all-fours' => ['trunk' => 8, 'head' => 8, 'arm' => [270, 270, 0], 'leg' => [270, 180, 180]],
        'forearm-plank' => ['trunk' => 8, 'arm' => [270, 0], 'leg' => [188, 188, 280]],
        'forearm-plank-knees' => ['trunk' => 17, 'arm' => [270, 0], 'leg' => [197, 182, 180]],
        'hand-plank' => ['trunk' => 18, 'arm' => [270, 270, 0], 'leg' => [198, 198, 285]],
        'hand-plank-knees' => ['trunk' => 33, 'arm' => [270, 270, 0], 'leg' => [213, 182, 180]],
        'front-stand' => ['trunk' => 90, 'arm' => [278, 272], 'far_arm' => [262, 268], 'leg' => [271, 270, 315], 'far_leg' => [269, 270, 225]],
        'front-side-bridge' => ['trunk' => 15, 'arm' => [270, 0], 'far_arm' => [195, 195], 'leg' => [192, 192, 230], 'far_leg' => [197, 197, 235]],
        'front-side-bridge-knees' => ['trunk' => 22, 'arm' => [270, 0], 'far_arm' => [202, 202], 'leg' => [202, 150, 150], 'far_leg' => [205, 150, 150]],
        'front-side-lying' => ['trunk' => 3, 'arm' => [0, 0], 'far_arm' => [185, 185], 'leg' => [180, 180, 200], 'far_leg' => [184, 184, 200]],
    ];

    /** How near to the lowest place another has to be to carry as well: part of stature. */
    private const NEAR = 0.035;

    /** What may carry a body, likeliest first. */
    private const CARRYING = [Contact::Toes, Contact::Heel, Contact::Knee, Contact::Palm, Contact::Elbow, Contact::Seat, Contact::Sacrum, Contact::UpperBack, Contact::Head, Contact::Belly, Contact::ChestFront, Contact::HipSide];

    private const SPOTS = ['hand' => 'grip', 'elbow' => 'elbow', 'wrist' => 'wrist', 'toe' => 'toes', 'ankle' => 'ankle', 'knee' => 'knee', 'hip' => 'belly', 'waist' => 'midriff', 'shoulder' => 'shoulder', 'back' => 'upper-back', 'head' => 'head'];

    /** @param array<array-key, mixed> $figure */
    public static function isOne(array $figure): bool
    {
        if (array_intersect(array_keys($figure), ['props', 'pin', 'lift']) !== [] || is_string($figure['view'] ?? null)) {
            return true;
        }
        foreach (['start', 'middle', 'end'] as $at) {
            if (is_array($figure[$at] ?? null) && array_intersect(array_keys($figure[$at]), ['trunk', 'head', 'arm', 'far_arm', 'leg', 'far_leg', 'short']) !== []) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param array<array-key, mixed> $figure view, start, middle, end, props, lift, pin as they were
     *
     * @return array<string, mixed> the same as a plan is written
     */
    public static function translated(array $figure): array
    {
        $isFront = in_array($figure['view'] ?? 'side', ['front', 'above'], true);
        // In the old side view the nearer side was the right one, from the front it was the left.
        $new = ['view' => $isFront ? [90, 8] : [0, 6], 'side' => $isFront ? 'left' : 'right'];
        foreach (['start', 'middle', 'end'] as $at) {
            if (isset($figure[$at])) {
                $new[$at] = self::pose(self::angles($figure[$at]), $isFront);
            }
        }
        foreach (is_array($figure['props'] ?? null) ? $figure['props'] : [] as $prop) {
            $kit = is_string($prop) ? self::kit($prop) : null;
            if ($kit !== null) {
                $new['kit'][] = $kit;
            }
        }

        return $new;
    }

    /** @return array<array-key, mixed> */
    private static function angles(mixed $pose): array
    {
        if (is_string($pose)) {
            return self::NAMED[$pose] ?? throw new \InvalidArgumentException("There is no pose named “{$pose}”.");
        }
        $own = is_array($pose) ? $pose : [];
        $like = $own['like'] ?? null;
        unset($own['like']);

        return [...($like === null ? [] : self::angles($like)), ...$own];
    }

    /**
     * @param array<array-key, mixed> $flat
     *
     * @return array<string, mixed>
     */
    private static function pose(array $flat, bool $isFront): array
    {
        $trunk = self::list($flat['trunk'] ?? 90);
        [$low, $high] = [$trunk[0] ?? 90.0, $trunk[1] ?? $trunk[0] ?? 90.0];
        $head = self::list($flat['head'] ?? $high)[0] ?? $high;
        $pose = $isFront
            ? ['tilt' => [0, self::turn($low - 90)], 'low-back' => [0, self::within($high - $low, 24)], 'neck' => [0, self::within($head - $high, 44)]]
            : ['tilt' => [self::turn(90 - $low)], 'low-back' => [self::within($low - $high, 24)], 'neck' => [self::within($high - $head, 44)]];
        $sides = $isFront ? ['left' => '', 'right' => 'far_'] : ['right' => '', 'left' => 'far_'];
        foreach ($sides as $side => $far) {
            $arm = self::list($flat["{$far}arm"] ?? $flat['arm'] ?? [270, 270]);
            $leg = self::list($flat["{$far}leg"] ?? $flat['leg'] ?? [270, 270]);
            $pose[$side] = $isFront ? self::across($arm, $leg, $low, $high, $side === 'left' ? 1 : -1) : self::along($arm, $leg, $low, $high);
        }
        $pose['on'] = self::carried($pose);

        return $pose;
    }

    /**
     * @param list<float> $arm
     * @param list<float> $leg
     *
     * @return array<string, list<float>>
     */
    private static function along(array $arm, array $leg, float $low, float $high): array
    {
        [$upper, $fore] = [$arm[0] ?? 270.0, $arm[1] ?? 270.0];
        [$thigh, $shank] = [$leg[0] ?? 270.0, $leg[1] ?? 270.0];
        $raised = self::turn($upper - $high - 180);

        return [
            'shoulder' => [$raised < -60 ? min(180.0, $raised + 360) : $raised],
            'elbow' => [max(0.0, min(150.0, self::turn($fore - $upper)))],
            'wrist' => [self::within(self::turn(($arm[2] ?? $fore) - $fore), 80)],
            'hip' => [max(-30.0, min(120.0, self::turn($thigh - $low - 180)))],
            'knee' => [max(0.0, min(155.0, self::turn($thigh - $shank)))],
            'ankle' => [max(-50.0, min(30.0, self::turn(($leg[2] ?? $shank + 90) - $shank - 90)))],
        ];
    }

    /**
     * @param list<float> $arm
     * @param list<float> $leg
     *
     * @return array<string, list<float>>
     */
    private static function across(array $arm, array $leg, float $low, float $high, int $sign): array
    {
        $out = $sign * self::turn(($arm[0] ?? 270.0) - $high - 180);

        return [
            'shoulder' => [0.0, $out < -75 ? min(180.0, $out + 360) : $out],
            'elbow' => [min(150.0, abs(self::turn(($arm[1] ?? 270.0) - ($arm[0] ?? 270.0))))],
            'hip' => [0.0, max(-30.0, min(45.0, $sign * self::turn(($leg[0] ?? 270.0) - $low - 180)))],
            'knee' => [min(150.0, abs(self::turn(($leg[1] ?? 270.0) - ($leg[0] ?? 270.0))))],
        ];
    }

    /**
     * @param array<string, mixed> $pose
     *
     * @return list<string> the places that are lowest
     */
    private static function carried(array $pose): array
    {
        $body = Skeleton::of(Posture::of($pose), [0.0, 0.0, 0.0]);
        $heights = [];
        foreach (self::CARRYING as $contact) {
            foreach (Spot::named($contact->value) as $spot) {
                $heights[$spot->name()] = $body->at($spot)[2] - $contact->radius();
            }
        }
        $lowest = min($heights);

        return array_keys(array_filter($heights, static fn(float $height): bool => $height < $lowest + self::NEAR));
    }

    /** @return array<string, mixed>|null */
    private static function kit(string $prop): ?array
    {
        if (preg_match('/^([a-z-]+)@(far-)?([a-z-]+)(?::(-?\d{1,3}))?$/', $prop, $part) !== 1) {
            return null;
        }
        $kind = KitKind::tryFrom($part[1]);
        $spot = self::SPOTS[$part[3]] ?? null;
        if ($kind === null || $spot === null || $kind->isSurface()) {
            return null;
        }
        $contact = Contact::from($spot);
        $place = $contact->isPaired() ? ($part[2] === 'far-' ? 'left-' : 'right-').$spot : $spot;
        if ($kind === KitKind::Band) {
            $angle = deg2rad((float) ($part[4] ?? 180));

            return ['band' => $place, 'to' => [(int) round(150 * cos($angle)), 0, max(0, (int) round(100 + 150 * sin($angle)))]];
        }

        return $kind === KitKind::Loop ? ['loop' => "{$spot}s"] : [$kind->value => $place];
    }

    /** @return list<float> */
    private static function list(mixed $value): array
    {
        return array_map(static fn(mixed $one): float => is_int($one) || is_float($one) ? (float) $one : 0.0, is_array($value) ? array_values($value) : [$value]);
    }

    /** Between −180 and 180. */
    private static function turn(float $degrees): float
    {
        return fmod(fmod($degrees + 180, 360) + 360, 360) - 180;
    }

    private static function within(float $degrees, float $most): float
    {
        return max(-$most, min($most, $degrees));
    }
}
