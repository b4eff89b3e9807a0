<?php

declare(strict_types=1);

namespace App\Http\Practice;

use App\Http\Shared\ChoiceView;
use App\Http\Shared\DangerSignView;
use EvenRungs\Balance\Aim;
use EvenRungs\Body\Demand;
use EvenRungs\Body\Kit;
use EvenRungs\Body\Load;
use EvenRungs\Body\Position;
use EvenRungs\Body\Side;
use EvenRungs\Dose\DoseKind;
use EvenRungs\Figure\Contact;
use EvenRungs\Figure\Hinge;
use EvenRungs\Figure\Joint;
use EvenRungs\Figure\KitKind;
use EvenRungs\Ladder\Lever;
use EvenRungs\Ladder\Topic;
use EvenRungs\Ladder\WorkKind;
use EvenRungs\Ladder\WorksFrom;
use EvenRungs\Screening\DangerSign;
use EvenRungs\Screening\Respondent;
use EvenRungs\Screening\State;
use EvenRungs\Week\TrainingKind;

/** The closed lists that forms choose from, in the words of the core. */
final readonly class CatalogueView
{
    /**
     * @param list<ChoiceView>     $aims
     * @param list<ChoiceView>     $kit
     * @param list<StateView>      $states
     * @param list<DangerSignView> $dangerSigns
     * @param list<ChoiceView>     $respondents   who can answer them
     * @param list<ChoiceView>     $positions
     * @param list<ChoiceView>     $levers
     * @param list<string>         $doseKinds
     * @param list<ChoiceView>     $loads
     * @param list<string>         $poses         that figures may start from
     * @param list<ChoiceView>     $trainingKinds
     * @param list<AimSharesView>  $aimShares
     * @param list<ChoiceView>     $demands
     * @param list<JointView>      $joints        of a figure
     * @param list<string>         $places        of the body that can carry it, hold and meet
     * @param list<string>         $figureKit     that a figure can have
     * @param list<FaultKindView>  $faultKinds
     * @param list<ChoiceView>     $topics        a cue of a rung may be about
     * @param list<ChoiceView>     $workKinds
     * @param list<ChoiceView>     $worksFrom     where the work of a rung may come from, for the bottom-up order
     */
    public function __construct(
        public array $aims,
        public array $kit,
        public array $states,
        public array $dangerSigns,
        public array $respondents,
        public array $positions,
        public array $levers,
        public array $doseKinds,
        public array $loads,
        public array $poses,
        public array $trainingKinds,
        public array $aimShares,
        public array $demands,
        public array $joints,
        public array $places,
        public array $figureKit,
        public array $faultKinds,
        public array $topics,
        public array $workKinds,
        public array $worksFrom,
    ) {}

    /** @param list<string> $poses */
    public static function make(array $poses): self
    {
        return new self(
            aims: array_map(static fn(Aim $aim): ChoiceView => new ChoiceView(value: $aim->value, label: $aim->label()), Aim::cases()),
            kit: array_map(static fn(Kit $kit): ChoiceView => new ChoiceView(value: $kit->value, label: $kit->label()), Kit::cases()),
            states: array_map(static fn(State $state): StateView => new StateView(value: $state->value, label: $state->label(), sided: $state->isSided(), caution: $state->limit(Side::Both)->caution, clearable: $state->canBeCleared()), array_values(array_filter(State::cases(), static fn(State $state): bool => ! $state->isByAge()))),
            dangerSigns: array_map(static fn(DangerSign $sign): DangerSignView => new DangerSignView(value: $sign->value, question: $sign->question(), urgency: $sign->urgency(), urgencyText: $sign->urgency()->inWords()), DangerSign::cases()),
            respondents: array_map(static fn(Respondent $who): ChoiceView => new ChoiceView(value: $who->value, label: $who->inWords()), Respondent::cases()),
            positions: array_map(static fn(Position $position): ChoiceView => new ChoiceView(value: $position->value, label: $position->inWords()), Position::cases()),
            levers: array_map(static fn(Lever $lever): ChoiceView => new ChoiceView(value: $lever->value, label: $lever->inWords()), array_filter(Lever::cases(), static fn(Lever $lever): bool => $lever !== Lever::Start)),
            doseKinds: array_map(static fn(DoseKind $kind): string => $kind->value, DoseKind::cases()),
            loads: array_map(static fn(Load $load): ChoiceView => new ChoiceView(value: $load->value, label: $load->inWords()), Load::cases()),
            poses: $poses,
            trainingKinds: array_map(static fn(TrainingKind $kind): ChoiceView => new ChoiceView(value: $kind->value, label: $kind->label()), TrainingKind::cases()),
            aimShares: array_map(static fn(Aim $aim): AimSharesView => new AimSharesView(aim: $aim, shares: new \ArrayObject($aim->targets()->toArray())), Aim::cases()),
            demands: array_map(static fn(Demand $demand): ChoiceView => new ChoiceView(value: $demand->value, label: $demand->shortName()), Demand::cases()),
            joints: array_map(static fn(Joint $joint): JointView => new JointView(joint: $joint->value, paired: $joint->isPaired(), angles: array_map(static fn(Hinge $hinge): AngleView => new AngleView(name: $hinge->name, min: $hinge->min, max: $hinge->max), $joint->hinges())), Joint::cases()),
            places: [...array_keys(Contact::TOGETHER), ...array_map(static fn(Contact $contact): string => $contact->value, Contact::cases())],
            figureKit: array_map(static fn(KitKind $kind): string => $kind->value, KitKind::cases()),
            faultKinds: FaultKindView::all(),
            topics: array_map(static fn(Topic $topic): ChoiceView => new ChoiceView(value: $topic->value, label: str_replace('-', ' ', $topic->value)), Topic::ofRungs()),
            workKinds: array_map(static fn(WorkKind $kind): ChoiceView => new ChoiceView(value: $kind->value, label: $kind->inWords()), WorkKind::cases()),
            worksFrom: array_map(static fn(WorksFrom $from): ChoiceView => new ChoiceView(value: $from->value, label: str_replace('-', ' ', $from->value)), WorksFrom::cases()),
        );
    }
}
