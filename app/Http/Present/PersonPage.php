<?php

declare(strict_types=1);

namespace App\Http\Present;

use App\Actions\Dossier;
use App\Http\Views\BenchLineView;
use App\Http\Views\ClearanceView;
use App\Http\Views\DangerSignView;
use App\Http\Views\LimitView;
use App\Http\Views\PersonView;
use App\Http\Views\ReasonView;
use App\Http\Views\ScreeningView;
use App\Http\Views\StandingView;
use App\Http\Views\StepView;
use App\Models\Clearance;
use App\Models\PersonLimit;
use EvenRungs\Balance\Aim;
use EvenRungs\Body\Demand;
use EvenRungs\Body\Height;
use EvenRungs\Body\Side;
use EvenRungs\Screening\DangerSign;
use EvenRungs\Screening\State;

/** A dossier as the Person view, the frame and the bench show it. */
final readonly class PersonPage
{
    public function __construct(private Dossier $dossier) {}

    public function view(): PersonView
    {
        $person = $this->dossier->person;
        $aim = Aim::from($person->aim);

        return new PersonView(
            $person->id,
            $person->name,
            $person->about,
            $aim->value,
            $aim->label(),
            $person->training_days,
            $person->minutes,
            $person->kit,
            array_map(static function (PersonLimit $row): LimitView {
                $limit = State::from($row->state)->limit(Side::from($row->side));

                return new LimitView($row->id, $row->state, $limit->name, $row->side, $row->note ?? '', $row->since, $limit->caution);
            }, $this->dossier->activeLimits()),
            $this->standing(),
            $this->screening(),
            array_values($person->clearances->map(static fn(Clearance $row): ClearanceView => new ClearanceView($row->id, $row->clinician, $row->scope, $row->from, $row->until, $row->recorded_on))->reverse()->all()),
            $this->steps(),
            $person->version,
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
        $session = $dossier->person->trainingSessions->first();
        $open = $this->openDemands();

        [$urgency, $status, $sentence, $action, $step] = match (true) {
            ! $standing->open => [0, 'stop', ($standing->urgency?->inWords() ?? 'Closed').'. Nothing is planned until then.', 'Record the clearance', 'person'],
            $pending > 0 => [1, 'watch', $pending === 1 ? 'One decision waits.' : "{$pending} decisions wait.", 'Decide', 'review'],
            $dossier->person->screenings->isEmpty() => [2, 'information', 'New: the danger signs have not been asked for.', 'Ask the danger signs', 'person'],
            $dossier->standpoints() === [] => [3, 'information', 'Not placed on any ladder yet.', 'Place on the board', 'board'],
            $session === null => [4, 'information', 'Placed; no session written yet.', 'Write the session', 'session'],
            $mornings !== [] => [5, 'ready', "Ready to coach: {$session->title}. The next morning is asked first.", 'Coach', 'coach'],
            $open !== [] => [6, 'ready', "Ready to coach: {$session->title}. Open demand: ".implode(', ', $open).'.', 'Coach', 'coach'],
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

    private function standing(): StandingView
    {
        $standing = $this->dossier->standing();

        return new StandingView(
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
            new StepView('person', ! $open ? 'attention' : ($screened ? 'done' : 'open'), 0),
            new StepView('board', $placed ? 'done' : 'open', 0),
            new StepView('session', $state($session), 0),
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
