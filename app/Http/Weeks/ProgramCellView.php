<?php

declare(strict_types=1);

namespace App\Http\Weeks;

use App\Http\Shared\ReasonView;
use OpenApi\Attributes as OA;

/** One ladder in one week of a program. */
#[OA\Schema]
final readonly class ProgramCellView
{
    public function __construct(
        #[OA\Property(description: 'Monday of the week')]
        public string $monday,
        #[OA\Property(description: 'number of the week in the wish that is edited; 0 where nothing can be asked for')]
        public int $week,
        #[OA\Property]
        public string $rung,
        #[OA\Property]
        public string $rungName,
        #[OA\Property]
        public string $shortName,
        #[OA\Property(description: 'height in tenths')]
        public int $tenths,
        #[OA\Property(description: 'typed line')]
        public string $dose,
        #[OA\Property]
        public string $doseWords,
        #[OA\Property(description: 'in all sessions of the week')]
        public int $sets,
        #[OA\Property]
        public bool $locked,
        #[OA\Property(description: 'the rung is another than the week before')]
        public bool $climbs,
        #[OA\Property(description: 'what is different from the program that holds; empty when nothing')]
        public string $change,
        #[OA\Property(description: 'sets done in a week that has begun; null before', nullable: true)]
        public ?int $setsDone,
        #[OA\Property(description: 'the rung they were done on, when it is another', nullable: true)]
        public ?string $doneOn,
        #[OA\Property(ref: '#/components/schemas/ReasonView', nullable: true)]
        public ?ReasonView $reason,
        #[OA\Property(ref: '#/components/schemas/ReasonView', nullable: true)]
        public ?ReasonView $whySets,
    ) {}
}
