<?php

declare(strict_types=1);

namespace EvenRungs\Figure;

/** A pose on the way between two, each segment turning the short way. */
final readonly class Between
{
    /**
     * @param array{float, float}        $trunk
     * @param array{float, float, float} $arm
     * @param array{float, float, float} $farArm
     * @param array{float, float, float} $leg
     * @param array{float, float, float} $farLeg
     * @param array<string, float>       $lengths drawn, of the full length of each segment
     */
    private function __construct(public array $trunk, public float $head, public array $arm, public array $farArm, public array $leg, public array $farLeg, public array $lengths) {}

    public static function of(Pose $from, Pose $to, float $part): self
    {
        $turn = static fn(float $a, float $b): float => $a + (fmod(fmod($b - $a, 360) + 540, 360) - 180) * $part;
        $lengths = [];
        foreach (Pose::SHORTENED as $segment) {
            $lengths[$segment] = Body::drawnLength($from, $segment) + (Body::drawnLength($to, $segment) - Body::drawnLength($from, $segment)) * $part;
        }

        return new self(
            [$turn($from->trunk[0], $to->trunk[0]), $turn($from->trunk[1], $to->trunk[1])],
            $turn($from->head, $to->head),
            [$turn($from->arm[0], $to->arm[0]), $turn($from->arm[1], $to->arm[1]), $turn($from->arm[2], $to->arm[2])],
            [$turn($from->farArm[0], $to->farArm[0]), $turn($from->farArm[1], $to->farArm[1]), $turn($from->farArm[2], $to->farArm[2])],
            [$turn($from->leg[0], $to->leg[0]), $turn($from->leg[1], $to->leg[1]), $turn($from->leg[2], $to->leg[2])],
            [$turn($from->farLeg[0], $to->farLeg[0]), $turn($from->farLeg[1], $to->farLeg[1]), $turn($from->farLeg[2], $to->farLeg[2])],
            $lengths,
        );
    }
}
