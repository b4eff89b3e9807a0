<?php

declare(strict_types=1);

namespace App\Http\Shared;

use App\Api\ListOf;
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
        #[ListOf('integer')]
        public array $trunk,
        #[OA\Property]
        public int $head,
        #[ListOf('integer')]
        public array $arm,
        #[ListOf('integer')]
        public array $farArm,
        #[ListOf('integer')]
        public array $leg,
        #[ListOf('integer')]
        public array $farLeg,
        #[ListOf('string')]
        public array $short,
    ) {}

    public static function of(Pose $pose): self
    {
        return new self($pose->trunk, $pose->head, $pose->arm, $pose->farArm, $pose->leg, $pose->farLeg, $pose->short);
    }
}
