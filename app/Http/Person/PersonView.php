<?php

declare(strict_types=1);

namespace App\Http\Person;

use App\Api\ListOf;
use App\Api\MapOf;
use App\Api\OneOf;
use App\Http\Shared\OtherTrainingView;
use App\Http\Shared\ReasonView;
use EvenRungs\Balance\Aim;
use EvenRungs\Body\Sex;
use EvenRungs\Body\Side;
use OpenApi\Attributes as OA;

/** A person with what the frame and the Person view show. */
#[OA\Schema]
final readonly class PersonView
{
    /**
     * @param list<int>           $trainingDays 1 Monday to 7 Sunday
     * @param object              $shares       parts of work asked for, by demand; those of the aim unless the person has own ones
     * @param list<PlaceView>     $places
     * @param list<string>        $kit          at the place planning looks at
     * @param list<OtherTrainingView> $week
     * @param list<LimitView>     $limits       as noted
     * @param list<CautionView>   $cautions     of the limits and of age
     * @param list<ReasonView>    $dayWarnings  training days that a limit does not allow
     * @param list<ClearanceView> $clearances
     * @param list<StepView>      $steps
     */
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $about,
        #[OneOf(Aim::class)]
        public string $aim,
        #[OA\Property]
        public string $aimText,
        #[MapOf('integer')]
        public object $shares,
        #[OA\Property(description: 'whether the shares are the person’s own')]
        public bool $ownShares,
        #[OA\Property(nullable: true)]
        public ?int $birthYear,
        #[OneOf(Sex::class, nullable: true)]
        public ?string $sex,
        #[OneOf(Side::class, nullable: true)]
        public ?string $hand,
        #[OneOf(Side::class, nullable: true)]
        public ?string $injuredSide,
        #[ListOf('integer')]
        public array $trainingDays,
        #[OA\Property]
        public int $minutes,
        #[ListOf(PlaceView::class)]
        public array $places,
        #[OA\Property(description: 'which of the places planning looks at')]
        public int $place,
        #[ListOf('string')]
        public array $kit,
        #[ListOf(OtherTrainingView::class)]
        public array $week,
        #[ListOf(LimitView::class)]
        public array $limits,
        #[ListOf(CautionView::class)]
        public array $cautions,
        #[ListOf(ReasonView::class)]
        public array $dayWarnings,
        #[OA\Property]
        public string $notes,
        #[OA\Property]
        public ?string $consentedOn,
        #[OA\Property]
        public ?string $archivedOn,
        #[OA\Property(ref: '#/components/schemas/ReasonView', description: 'why the danger signs are to be asked for again', nullable: true)]
        public ?ReasonView $rescreen,
        #[OA\Property(ref: '#/components/schemas/ReasonView', description: 'why a re-test is due', nullable: true)]
        public ?ReasonView $retest,
        #[OA\Property]
        public AdmissionView $standing,
        #[OA\Property(ref: '#/components/schemas/ScreeningView', nullable: true)]
        public ?ScreeningView $screening,
        #[ListOf(ClearanceView::class)]
        public array $clearances,
        #[ListOf(StepView::class)]
        public array $steps,
        #[OA\Property]
        public int $version,
    ) {}
}
