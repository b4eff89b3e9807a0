<?php

declare(strict_types=1);

namespace App\Http\Shared;

use EvenRungs\Figure\Pose;
use OpenApi\Attributes as OA;

/** A body by the absolute angle of each segment, in degrees. */
#[OA\Schema]
final readonly class PoseView
{
    /**
     * @param list<int>    $trunk  hip to waist, waist to shoulder
     * @param list<int>    $arm    upper arm, forearm, hand
     * @param list<int>    $farArm
     * @param list<int>    $leg    thigh, shank, foot
     * @param list<int>    $farLeg
     * @param list<string> $short  segments drawn short, since they point towards the viewer or away
     */
    public function __construct(
        public array $trunk,
        public int $head,
        public array $arm,
        public array $farArm,
        public array $leg,
        public array $farLeg,
        public array $short,
    ) {}

    public static function of(Pose $pose): self
    {
        return new self(trunk: $pose->trunk, head: $pose->head, arm: $pose->arm, farArm: $pose->farArm, leg: $pose->leg, farLeg: $pose->farLeg, short: $pose->short);
    }
}
