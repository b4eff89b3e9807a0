<?php

declare(strict_types=1);

namespace App\Http\Person;

use App\Http\Bench\BenchLineView;
use App\Http\People\PersonLineView;
use App\Http\Shared\DangerSignView;
use App\Http\Shared\OtherTrainingView;
use App\Http\Shared\ReasonView;
use App\Models\Clearance;
use App\Models\PersonLimit;
use App\Records\Dossier;
use App\Records\NextSession;
use App\Records\ProgramAtHand;
use EvenRungs\Balance\Aim;
use EvenRungs\Body\Demand;
use EvenRungs\Body\Height;
use EvenRungs\Body\Limit;
use EvenRungs\Dose\DoseLine;
use EvenRungs\Screening\DangerSign;
use EvenRungs\Screening\State;
use EvenRungs\Week\TrainingDays;

/** A dossier as the Person view, the frame and the bench show it. */
final readonly class PersonPage
{
    public function __construct(private Dossier $dossier) {}

    public function view(): PersonView
    {
        $person = $this->dossier->person;
        $aim = Aim::from($person->aim);

        $rescreen = $this->dossier->rescreen();
        $retest = $this->dossier->retest();

        return new PersonView(
            $person->id,
            $person->name,
            $person->about,
            $aim->value,
            $aim->label(),
            (object) $this->dossier->targets()->toArray(),
            $person->shares !== null,
            $person->birth_year,
            $person->sex,
            $person->hand,
            $person->injured_side,
            $person->training_days,
            $person->minutes,
            array_map(static fn(array $place): PlaceView => new PlaceView($place['name'], $place['kit'], implode(', ', array_map(DoseLine::kilograms(...), $place['weights'] ?? []))), $person->places),
            $person->place,
            $person->kit(),
            array_map(OtherTrainingView::of(...), $person->otherTraining()),
            array_map(
                static fn(PersonLimit $row): LimitView => new LimitView($row->id, $row->state, State::from($row->state)->label(), $row->side, $row->note ?? '', $row->since, $row->cleared),
                $this->dossier->activeLimits(),
            ),
            array_map(static fn(Limit $limit): CautionView => new CautionView($limit->name, $limit->origin, $limit->caution, $limit->effects()), $this->dossier->circumstances()->limits),
            ReasonView::all(TrainingDays::against($this->dossier->circumstances()->limits, $person->training_days)),
            $person->notes ?? '',
            $person->consented_on,
            $person->archived_at?->format('Y-m-d'),
            $rescreen === null ? null : ReasonView::of($rescreen),
            $retest === null ? null : ReasonView::of($retest->reason),
            $this->standing(),
            $this->screening(),
            array_values($person->clearances->map(static fn(Clearance $row): ClearanceView => new ClearanceView($row->id, $row->clinician, $row->scope, $row->from, $row->until, $row->recorded_on))->reverse()->all()),
            $this->steps(),
            $person->version,
        );
    }

    /** The person in the list of all. */
    public function line(): PersonLineView
    {
        $dossier = $this->dossier;
        $evenness = $dossier->evenness();
        $flags = array_keys(array_filter([
            'stop' => ! $dossier->standing()->open,
            'decide' => $dossier->pending() !== [],
            'due' => $dossier->rescreen() !== null || $dossier->retest() !== null,
            'uneven' => $evenness->isUneven() || $dossier->holdReport()->flagged,
        ]));

        return new PersonLineView(
            $dossier->person->id,
            $dossier->person->name,
            $dossier->person->about,
            Aim::from($dossier->person->aim)->label(),
            $flags,
            $evenness->spreadTenths === null ? null : Height::tenthsLabel($evenness->spreadTenths),
            $evenness->weakest?->shortName(),
            $dossier->lastLog()?->done_on,
            $dossier->person->archived_at?->format('Y-m-d'),
        );
    }

    /**
     * The person's line on the bench: how urgent (lower is sooner), and the line.
     *
     * @return array{int, BenchLineView}
     */
    public function benchLine(): array
    {
        $dossier = $this->dossier;
        $standing = $dossier->standing();
        $pending = count($dossier->pending());
        $mornings = $dossier->morningsToAsk();
        $evenness = $dossier->evenness();
        $last = $dossier->lastLog();
        $session = NextSession::of($dossier->person, $dossier->today());
        $open = $this->openDemands();

        [$urgency, $status, $sentence, $action, $step] = match (true) {
            ! $standing->open => [0, 'stop', ($standing->urgency?->inWords() ?? 'Closed').'. Nothing is planned until then.', 'Record the clearance', 'person'],
            $pending > 0 => [1, 'watch', $pending === 1 ? 'One decision waits.' : "{$pending} decisions wait.", 'Decide', 'review'],
            $dossier->rescreen() !== null => [2, $dossier->person->screenings->isEmpty() ? 'information' : 'watch', $dossier->rescreen()->sentence, 'Ask the danger signs', 'person'],
            $dossier->standpoints() === [] && $dossier->lastTest() === null => [3, 'information', 'Nothing tested and not placed yet.', 'Test and place', 'checks'],
            $dossier->standpoints() === [] => [3, 'information', 'Tested; not placed on any ladder yet.', 'Place from the tests', 'checks'],
            $dossier->retest()?->overdue === true => [3, 'watch', $dossier->retest()->reason->sentence, 'Test again', 'checks'],
            $session === null => [4, 'information', 'Placed; no session written yet.', 'Write the session', 'session'],
            $mornings !== [] => [5, 'ready', "Ready to coach: {$session->title}. The next morning is asked first.", 'Coach', 'coach'],
            $open !== [] => [6, 'ready', "Ready to coach: {$session->title}. Open demand: ".implode(', ', $open).'.', 'Coach', 'coach'],
            $evenness->isUneven() => [6, 'ready', "Ready to coach: {$session->title}. Uneven: {$evenness->weakest?->shortName()} sets the pace.", 'Coach', 'coach'],
            default => [6, 'ready', "Ready to coach: {$session->title}.", 'Coach', 'coach'],
        };

        return [$urgency, new BenchLineView(
            $dossier->person->id,
            $dossier->person->name,
            $dossier->person->about,
            $sentence,
            $action,
            $step,
            $status,
            $evenness->spreadTenths === null ? null : Height::tenthsLabel($evenness->spreadTenths),
            $evenness->weakest?->shortName(),
            $last?->done_on,
        )];
    }

    private function standing(): AdmissionView
    {
        $standing = $this->dossier->standing();

        return new AdmissionView(
            $standing->open,
            $standing->urgency?->value,
            $standing->urgency?->inWords(),
            $standing->reason === null ? null : ReasonView::of($standing->reason),
        );
    }

    private function screening(): ?ScreeningView
    {
        $latest = $this->dossier->person->screenings->last();
        if ($latest === null) {
            return null;
        }

        return new ScreeningView($latest->answered_on, array_map(
            static fn(DangerSign $sign): DangerSignView => new DangerSignView($sign->value, $sign->question(), $sign->urgency()->value, $sign->urgency()->inWords()),
            array_map(DangerSign::from(...), $latest->answers),
        ));
    }

    /** @return list<StepView> */
    private function steps(): array
    {
        $dossier = $this->dossier;
        $open = $dossier->standing()->open;
        $screened = $dossier->person->screenings->isNotEmpty();
        $placed = $dossier->standpoints() !== [];
        $session = $dossier->person->trainingSessions->isNotEmpty();
        $logged = $dossier->person->logs->isNotEmpty();
        $pending = count($dossier->pending());
        $state = static fn(bool $done): string => ! $open ? 'closed' : ($done ? 'done' : 'open');

        return [
            new StepView('person', ! $open || ($screened && $dossier->rescreen() !== null) ? 'attention' : ($screened ? 'done' : 'open'), 0),
            new StepView('checks', match (true) {
                ! $open => 'closed',
                $dossier->retest() !== null => 'attention',
                default => $dossier->lastTest() === null ? 'open' : 'done',
            }, 0),
            new StepView('board', $placed ? 'done' : 'open', 0),
            new StepView('session', $state($session), 0),
            new StepView('week', $state(($dossier->person->plan->slots ?? []) !== []), 0),
            new StepView('weeks', $open && ProgramAtHand::of($dossier)->against() !== [] ? 'attention' : $state($dossier->person->programs->isNotEmpty()), 0),
            new StepView('sheet', $state($session), 0),
            new StepView('coach', $state($logged), 0),
            new StepView('review', ! $open ? 'closed' : ($pending > 0 ? 'attention' : ($logged ? 'done' : 'open')), $pending),
        ];
    }

    /**
     * Demands of every week that no placing meets.
     *
     * @return list<string>
     */
    private function openDemands(): array
    {
        $heights = $this->dossier->evenness()->heights;

        return array_values(array_map(
            static fn(Demand $demand): string => $demand->shortName(),
            array_filter(Demand::everyWeek(), static fn(Demand $demand): bool => ! isset($heights[$demand->value])),
        ));
    }
}
