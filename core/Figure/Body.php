<?php

declare(strict_types=1);

namespace EvenRungs\Figure;

/** A jointed body in a pose: where its joints are, and the pieces it is drawn of, far ones first. */
final readonly class Body
{
    private const HALF_TRUNK = 29;

    private const NECK = 19;

    private const ARM = ['upper-arm' => 31, 'forearm' => 27];

    private const HAND = 8;

    private const LEG = ['thigh' => 46, 'shank' => 44];

    private const FOOT = 16;

    /** Half the breadth of shoulders and hips, seen from the front. */
    private const SHOULDERS = 16;

    private const HIPS = 8.5;

    /** How far the far side stands behind, seen from the side. */
    private const BEHIND = [3.5, 2.0];

    private const SHORTENED = 0.45;

    /**
     * @param array<string, Point> $joints by Joint
     * @param list<Piece>          $pieces
     */
    private function __construct(public array $joints, public array $pieces) {}

    /** The body in a pose, standing on the ground or above it by the lift of its figure. */
    public static function standing(Pose|Between $pose, View $view, float $lift): self
    {
        $body = self::jointed($pose, $view);
        $lowest = INF;
        foreach ($body->pieces as $piece) {
            $behind = $view === View::Side && $piece->isFar() ? self::BEHIND[1] : 0;
            $lowest = min($lowest, $piece->from->y - $piece->fromRadius - $behind, $piece->to->y - $piece->toRadius - $behind);
        }

        return $body->moved(new Point(0, $lift - $lowest));
    }

    public function moved(Point $by): self
    {
        return new self(array_map(static fn(Point $at): Point => $at->plus($by), $this->joints), array_map(static fn(Piece $piece): Piece => $piece->moved($by), $this->pieces));
    }

    /** Moved until a joint stands at x, and at y where that is given. */
    public function pinned(Joint $joint, float $x, ?float $y): self
    {
        $at = $this->at($joint);

        return $this->moved(new Point($x - $at->x, $y === null ? 0 : $y - $at->y));
    }

    public function at(Joint $joint): Point
    {
        return $this->joints[$joint->value];
    }

    /** With its hip at 0/0. */
    private static function jointed(Pose|Between $pose, View $view): self
    {
        $hip = new Point(0, 0);
        $waist = $hip->go($pose->trunk[0], self::HALF_TRUNK);
        $shoulder = $waist->go($pose->trunk[1], self::HALF_TRUNK);
        $head = $shoulder->go($pose->head, self::NECK);
        $isFront = $view !== View::Side;
        $root = static fn(Point $of, float $trunk, float $breadth, bool $isFar): Point => $isFront ? $of->go($trunk - 90, $isFar ? -$breadth : $breadth) : ($isFar ? $of->plus(new Point(...self::BEHIND)) : $of);
        [$near, $far] = [$root($shoulder, $pose->trunk[1], self::SHOULDERS, false), $root($shoulder, $pose->trunk[1], self::SHOULDERS, true)];
        [$nearHip, $farHip] = [$root($hip, $pose->trunk[0], self::HIPS, false), $root($hip, $pose->trunk[0], self::HIPS, true)];
        [$farArm, $farArmPieces] = self::arm($pose, $far, $pose->farArm, 'far-', $isFront);
        [$farLeg, $farLegPieces] = self::leg($pose, $farHip, $pose->farLeg, 'far-', $isFront);
        [$leg, $legPieces] = self::leg($pose, $nearHip, $pose->leg, '', $isFront);
        [$arm, $armPieces] = self::arm($pose, $near, $pose->arm, '', $isFront);
        $trunk = $isFront ? [
            new Piece('trunk', $far->towards($near, 0.06), $far->towards($near, 0.94), 6.6, 6.6),
            new Piece('trunk', $farHip, $nearHip, 8.8, 8.8),
            new Piece('trunk', $shoulder->towards($far, 0.5), $hip->towards($farHip, 0.6), 9.5, 9),
            new Piece('trunk', $shoulder->towards($near, 0.5), $hip->towards($nearHip, 0.6), 9.5, 9),
        ] : [
            new Piece('trunk', $hip, $waist, 11, 9.6),
            new Piece('trunk', $waist, $waist->towards($shoulder, 0.62), 9.6, 11.6),
            new Piece('trunk', $waist->towards($shoulder, 0.62), $shoulder, 11.6, 8.2),
        ];
        $heads = [new Piece('head', $shoulder, $head, 4.6, 4.6), new Piece('head', $shoulder->towards($head, 0.98), $shoulder->towards($head, 1.13), 10.6, 10.4)];

        return new self(
            ['hip' => $hip, 'waist' => $waist, 'shoulder' => $shoulder, 'head' => $head, 'back' => $waist->go($pose->trunk[0] + 90, 10), ...$farArm, ...$farLeg, ...$leg, ...$arm],
            [...$farArmPieces, ...$farLegPieces, ...$trunk, ...$heads, ...$legPieces, ...$armPieces],
        );
    }

    /**
     * @param array{float, float, float}|array{int, int, int} $angles
     *
     * @return array{array<string, Point>, list<Piece>}
     */
    private static function arm(Pose|Between $pose, Point $root, array $angles, string $side, bool $isFront): array
    {
        $elbow = $root->go($angles[0], self::ARM['upper-arm'] * self::lengthOf($pose, "{$side}upper-arm"));
        $wrist = $elbow->go($angles[1], self::ARM['forearm'] * self::lengthOf($pose, "{$side}forearm"));
        $hand = $wrist->go($angles[2], self::HAND);

        return [
            ["{$side}elbow" => $elbow, "{$side}wrist" => $wrist, "{$side}hand" => $hand],
            [new Piece("{$side}arm", $root, $elbow, $isFront ? 6.2 : 7, 5), new Piece("{$side}arm", $elbow, $wrist, 5, 3.6), new Piece("{$side}arm", $wrist, $hand, 3.8, 3)],
        ];
    }

    /**
     * @param array{float, float, float}|array{int, int, int} $angles
     *
     * @return array{array<string, Point>, list<Piece>}
     */
    private static function leg(Pose|Between $pose, Point $root, array $angles, string $side, bool $isFront): array
    {
        $knee = $root->go($angles[0], self::LEG['thigh'] * self::lengthOf($pose, "{$side}thigh"));
        $ankle = $knee->go($angles[1], self::LEG['shank'] * self::lengthOf($pose, "{$side}shank"));
        $toe = $ankle->go($angles[2], $isFront ? self::FOOT * 0.6 : self::FOOT);
        // The calf is fullest a third of the way down.
        $calf = $knee->towards($ankle, 0.35);

        return [
            ["{$side}knee" => $knee, "{$side}ankle" => $ankle, "{$side}toe" => $toe],
            [new Piece("{$side}leg", $root, $knee, $isFront ? 8.6 : 9.5, 6.2), new Piece("{$side}leg", $knee, $calf, 6, 5.8), new Piece("{$side}leg", $calf, $ankle, 5.8, 3.8), new Piece("{$side}leg", $ankle, $toe, 4, 2.8)],
        ];
    }

    private static function lengthOf(Pose|Between $pose, string $segment): float
    {
        return $pose instanceof Between ? $pose->lengths[$segment] : (in_array($segment, $pose->short, true) ? self::SHORTENED : 1.0);
    }

    /** How long a segment of a pose is drawn, of its full length. */
    public static function drawnLength(Pose $pose, string $segment): float
    {
        return self::lengthOf($pose, $segment);
    }
}
