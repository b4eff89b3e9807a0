<?php

declare(strict_types=1);

namespace App\Http\Person;

final readonly class ClearanceView
{
    public function __construct(
        public string $id,
        public string $clinician,
        public string $scope,
        public string $from,
        public string $until,
        public string $recordedOn,
    ) {}
}
