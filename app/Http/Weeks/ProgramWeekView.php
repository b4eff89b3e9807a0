<?php

declare(strict_types=1);

namespace App\Http\Weeks;

use App\Api\ListOf;
use App\Api\OneOf;
use App\Http\Shared\ReasonView;
use EvenRungs\Program\WeekKind;
use OpenApi\Attributes as OA;

/** A week of a program. */
#[OA\Schema]
final readonly class ProgramWeekView
{
    /**
     * @param list<ProgramSessionView> $sessions
     * @param list<ReasonView>         $notes
     */
    public function __construct(
        #[OA\Property]
        public string $monday,
        #[OA\Property(description: 'number in its program; 0 for a week away and for what an earlier program left')]
        public int $number,
        #[OneOf(WeekKind::class)]
        public string $kind,
        #[OA\Property]
        public bool $retests,
        #[OA\Property(description: 'what leads in it, such as “still 54 %”; empty where there is no work')]
        public string $phase,
        #[OA\Property(enum: ['past', 'now', 'ahead'])]
        public string $when,
        #[OA\Property(description: 'agreement of the work with the target shares, in per cent; empty where it is not known')]
        public string $agreement,
        #[OA\Property(description: 'of all sessions')]
        public string $clock,
        #[OA\Property(description: 'planned: effort × minutes')]
        public int $load,
        #[OA\Property(description: 'of a week that has begun; null before', nullable: true)]
        public ?int $loadDone,
        #[ListOf(ProgramSessionView::class)]
        public array $sessions,
        #[OA\Property(description: 'sessions done in the week, of the program or not')]
        public int $done,
        #[ListOf(ReasonView::class)]
        public array $notes,
        #[OA\Property(description: 'what is different from the program that holds; empty when nothing')]
        public string $change,
    ) {}
}
