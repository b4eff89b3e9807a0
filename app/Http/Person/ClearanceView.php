<?php

declare(strict_types=1);

namespace App\Http\Person;

use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class ClearanceView
{
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $clinician,
        #[OA\Property]
        public string $scope,
        #[OA\Property]
        public string $from,
        #[OA\Property]
        public string $until,
        #[OA\Property]
        public string $recordedOn,
    ) {}
}
