<?php

declare(strict_types=1);

namespace App\Http\Practice;

use App\Api\ListOf;
use App\Http\Shared\ChoiceView;
use App\Http\Shared\DangerSignView;
use EvenRungs\Balance\Aim;
use EvenRungs\Body\Demand;
use EvenRungs\Body\Kit;
use EvenRungs\Body\Load;
use EvenRungs\Body\Position;
use EvenRungs\Body\Side;
use EvenRungs\Dose\DoseKind;
use EvenRungs\Figure\Pose;
use EvenRungs\Ladder\Lever;
use EvenRungs\Screening\DangerSign;
use EvenRungs\Screening\State;
use EvenRungs\Week\TrainingKind;
use OpenApi\Attributes as OA;

/** The closed lists that forms choose from, in the words of the core. */
#[OA\Schema]
final readonly class CatalogueView
{
    /**
     * @param list<ChoiceView>     $aims
     * @param list<ChoiceView>     $kit
     * @param list<StateView>      $states
     * @param list<DangerSignView> $dangerSigns
     * @param list<ChoiceView>     $positions
     * @param list<ChoiceView>     $levers
     * @param list<string>         $doseKinds
     * @param list<ChoiceView>     $loads
     * @param list<string>         $poses that figures may start from
     * @param list<ChoiceView>     $trainingKinds
     * @param list<AimSharesView>  $aimShares
     * @param list<ChoiceView>     $demands
     * @param list<string>         $segments that a figure may draw short
     */
    public function __construct(
        #[ListOf(ChoiceView::class)]
        public array $aims,
        #[ListOf(ChoiceView::class)]
        public array $kit,
        #[ListOf(StateView::class)]
        public array $states,
        #[ListOf(DangerSignView::class)]
        public array $dangerSigns,
        #[ListOf(ChoiceView::class)]
        public array $positions,
        #[ListOf(ChoiceView::class)]
        public array $levers,
        #[ListOf('string')]
        public array $doseKinds,
        #[ListOf(ChoiceView::class)]
        public array $loads,
        #[ListOf('string')]
        public array $poses,
        #[ListOf(ChoiceView::class)]
        public array $trainingKinds,
        #[ListOf(AimSharesView::class)]
        public array $aimShares,
        #[ListOf(ChoiceView::class)]
        public array $demands,
        #[ListOf('string')]
        public array $segments,
    ) {}

    /** @param list<string> $poses */
    public static function make(array $poses): self
    {
        return new self(
            array_map(static fn(Aim $aim): ChoiceView => new ChoiceView($aim->value, $aim->label()), Aim::cases()),
            array_map(static fn(Kit $kit): ChoiceView => new ChoiceView($kit->value, $kit->label()), Kit::cases()),
            array_map(static fn(State $state): StateView => new StateView($state->value, $state->label(), $state->isSided(), $state->limit(Side::Both)->caution, $state->canBeCleared()), array_values(array_filter(State::cases(), static fn(State $state): bool => ! $state->isByAge()))),
            array_map(static fn(DangerSign $sign): DangerSignView => new DangerSignView($sign->value, $sign->question(), $sign->urgency()->value, $sign->urgency()->inWords()), DangerSign::cases()),
            array_map(static fn(Position $position): ChoiceView => new ChoiceView($position->value, $position->inWords()), Position::cases()),
            array_map(static fn(Lever $lever): ChoiceView => new ChoiceView($lever->value, $lever->inWords()), array_filter(Lever::cases(), static fn(Lever $lever): bool => $lever !== Lever::Start)),
            array_map(static fn(DoseKind $kind): string => $kind->value, DoseKind::cases()),
            array_map(static fn(Load $load): ChoiceView => new ChoiceView($load->value, $load->inWords()), Load::cases()),
            $poses,
            array_map(static fn(TrainingKind $kind): ChoiceView => new ChoiceView($kind->value, $kind->label()), TrainingKind::cases()),
            array_map(static fn(Aim $aim): AimSharesView => new AimSharesView($aim->value, (object) $aim->targets()->toArray()), Aim::cases()),
            array_map(static fn(Demand $demand): ChoiceView => new ChoiceView($demand->value, $demand->shortName()), Demand::cases()),
            Pose::SHORTENED,
        );
    }
}
