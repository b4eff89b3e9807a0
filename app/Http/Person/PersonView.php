<?php

declare(strict_types=1);

namespace App\Http\Person;

use App\Http\Shared\DangerSignView;
use App\Http\Shared\OtherTrainingView;
use App\Http\Shared\ReasonView;
use EvenRungs\Balance\Aim;
use EvenRungs\Body\Sex;
use EvenRungs\Body\Side;

/** A person with what the frame and the Person view show. */
final readonly class PersonView
{
    /**
     * @param string|null             $trainer      whose level of method holds
     * @param \ArrayObject<string, int>      $shares       parts of work asked for, by demand; those of the aim unless the person has own ones
     * @param bool                    $ownShares    whether the shares are the person’s own
     * @param list<int>               $trainingDays 1 Monday to 7 Sunday
     * @param list<PlaceView>         $places
     * @param int                     $place        which of the places planning looks at
     * @param list<string>            $kit          at the place planning looks at
     * @param list<OtherTrainingView> $week
     * @param list<LimitView>         $limits       as noted
     * @param list<CautionView>       $cautions     of the limits and of age
     * @param list<ReasonView>        $dayWarnings  training days that a limit does not allow
     * @param ReasonView|null         $rescreen     why the danger signs are to be asked for again
     * @param ReasonView|null         $retest       why a re-test is due
     * @param ScreeningView|null      $screening    the newest answers to the danger signs
     * @param list<DangerSignView>    $closing      danger signs that keep training closed; none when it is open
     * @param list<TakenBackView>     $takenBack    mistaken answers, the newest first
     * @param list<ClearanceView>     $clearances
     * @param list<StepView>          $steps
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $about,
        public ?string $trainer,
        public Aim $aim,
        public string $aimText,
        public \ArrayObject $shares,
        public bool $ownShares,
        public ?int $birthYear,
        public ?int $stature,
        public ?int $mass,
        public ?Sex $sex,
        public ?Side $hand,
        public ?Side $injuredSide,
        public array $trainingDays,
        public int $minutes,
        public array $places,
        public int $place,
        public array $kit,
        public array $week,
        public array $limits,
        public array $cautions,
        public array $dayWarnings,
        public string $notes,
        public ?string $consentedOn,
        public ?string $archivedOn,
        public ?string $eraseOn,
        public ?ReasonView $rescreen,
        public ?ReasonView $retest,
        public AdmissionView $standing,
        public ?ScreeningView $screening,
        public array $closing,
        public array $takenBack,
        public array $clearances,
        public array $steps,
        public int $version,
    ) {}
}
