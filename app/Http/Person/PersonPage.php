<?php

declare(strict_types=1);

namespace App\Http\Person;

use App\Http\Shared\DangerSignView;
use App\Http\Shared\OtherTrainingView;
use App\Http\Shared\ReasonView;
use App\Models\Clearance;
use App\Models\PersonLimit;
use App\Models\Screening;
use App\Records\PersonFile;
use EvenRungs\Balance\Aim;
use EvenRungs\Body\Limit;
use EvenRungs\Body\Side;
use EvenRungs\Calendar\Day;
use EvenRungs\Dose\DoseLine;
use EvenRungs\Person\Step;
use EvenRungs\Person\StepState;
use EvenRungs\Screening\Answers;
use EvenRungs\Screening\DangerSign;
use EvenRungs\Screening\Respondent;
use EvenRungs\Screening\State;
use EvenRungs\Week\TrainingDays;

/** A person as the Person view and the frame show them. */
final readonly class PersonPage
{
    public function __construct(private PersonFile $file) {}

    public function view(): PersonView
    {
        $person = $this->file->person;
        $aim = Aim::from($person->aim);

        $rescreen = $this->file->record->rescreen();
        $retest = $this->file->record->retest();

        return new PersonView(
            id: $person->id,
            name: $person->name,
            about: $person->about,
            trainer: $person->trainer_id,
            aim: $aim,
            aimText: $aim->label(),
            shares: new \ArrayObject($this->file->record->targets()->toArray()),
            ownShares: $person->shares !== null,
            birthYear: $person->birth_year,
            stature: $person->stature === null ? null : (int) $person->stature,
            mass: $person->mass === null ? null : (int) $person->mass,
            sex: $this->file->record->profile->sex,
            hand: Side::tryFrom($person->hand ?? ''),
            injuredSide: Side::tryFrom($person->injured_side ?? ''),
            trainingDays: $person->training_days,
            minutes: $person->minutes,
            places: array_map(static fn(array $place): PlaceView => new PlaceView(name: $place['name'], kit: $place['kit'], weights: implode(', ', array_map(DoseLine::kilograms(...), $place['weights'] ?? []))), $person->places),
            place: $person->place,
            kit: $person->kit(),
            week: array_map(OtherTrainingView::of(...), $person->otherTraining()),
            limits: array_map(
                static fn(PersonLimit $row): LimitView => new LimitView(id: $row->id, state: State::from($row->state), label: State::from($row->state)->label(), side: Side::from($row->side), note: $row->note ?? '', since: $row->since, cleared: $row->cleared),
                array_values($person->limits->where('lifted_on', null)->all()),
            ),
            cautions: array_map(static fn(Limit $limit): CautionView => new CautionView(name: $limit->name, origin: $limit->origin, caution: $limit->caution, effects: $limit->effects()), $this->file->record->circumstances()->limits),
            dayWarnings: ReasonView::all(TrainingDays::against($this->file->record->circumstances()->limits, $person->training_days)),
            notes: $person->notes ?? '',
            consentedOn: $person->consented_on,
            archivedOn: $person->archived_at?->format('Y-m-d'),
            eraseOn: $person->erase_on,
            rescreen: $rescreen === null ? null : ReasonView::of($rescreen),
            retest: $retest === null ? null : ReasonView::of($retest->reason),
            standing: $this->standing(),
            screening: $this->screening(),
            closing: self::signs($this->file->closingSigns()),
            takenBack: $this->takenBack(),
            clearances: array_values($person->clearances->map(static fn(Clearance $row): ClearanceView => new ClearanceView(id: $row->id, clinician: $row->clinician, scope: $row->scope, from: $row->from, until: $row->until, recordedOn: $row->recorded_on))->reverse()->all()),
            steps: $this->steps(),
            version: $person->version,
        );
    }

    private function standing(): AdmissionView
    {
        $standing = $this->file->record->admission();

        return new AdmissionView(
            open: $standing->open,
            urgency: $standing->urgency?->value,
            urgencyText: $standing->urgency?->inWords(),
            reason: $standing->reason === null ? null : ReasonView::of($standing->reason),
        );
    }

    private function screening(): ?ScreeningView
    {
        $latest = $this->file->person->screenings->last()?->loadMissing('user');

        return $latest === null ? null : new ScreeningView(
            id: $latest->id,
            answeredOn: $latest->answered_on,
            asked: Respondent::tryFrom($latest->asked ?? '')?->inWords(),
            by: $latest->user->name,
            signs: self::signs(array_map(DangerSign::from(...), $latest->answers)),
            mayTakeBack: $latest->answers !== [] && Answers::mayBeTakenBack($latest->user_id === $this->file->clock->by()->id, Day::parse($latest->answered_on), $this->file->record->today),
        );
    }

    /**
     * @param list<DangerSign> $signs
     *
     * @return list<DangerSignView>
     */
    private static function signs(array $signs): array
    {
        return array_map(
            static fn(DangerSign $sign): DangerSignView => new DangerSignView(value: $sign->value, question: $sign->question(), urgency: $sign->urgency(), urgencyText: $sign->urgency()->inWords()),
            $signs,
        );
    }

    /** @return list<TakenBackView> */
    private function takenBack(): array
    {
        $rows = Screening::query()->where('person_id', $this->file->person->id)->whereNotNull('withdrawn_at')->with('withdrawer')->orderByDesc('sequence')->get();

        return array_values($rows->map(static fn(Screening $row): TakenBackView => new TakenBackView(answeredOn: $row->answered_on, by: $row->withdrawer->name ?? '', reason: $row->withdrawn_because ?? ''))->all());
    }

    /** @return list<StepView> */
    private function steps(): array
    {
        $waiting = count($this->file->record->judgement()->pending());
        $states = StepState::all($this->file->record, $this->file->program(), $this->file->person->trainingSessions()->exists());

        return array_map(static fn(Step $step): StepView => new StepView(key: $step, state: $states[$step->value], count: $step === Step::Review ? $waiting : 0), Step::cases());
    }
}
