<?php

declare(strict_types=1);

namespace App\Http\Review;

use App\Http\Coach\CoachPage;
use App\Http\Shared\GateView;
use App\Http\Shared\ReasonView;
use App\Models\Decision;
use App\Records\Dossier;
use App\Records\PendingDecision;
use App\Records\PlannedLoads;
use App\Records\ProgramAtHand;
use EvenRungs\Dose\DoseWords;
use EvenRungs\Dose\Unit;
use EvenRungs\Load\LoadAhead;
use EvenRungs\Load\LoadReport;
use EvenRungs\Progress\Decision as ProgressDecision;
use EvenRungs\Progress\FormQuestion;
use EvenRungs\Progress\SetLog;

/** The decision queue and what was decided before. */
final readonly class ReviewPage
{
    public function __construct(private Dossier $dossier) {}

    public function view(): ReviewView
    {
        $newest = $this->dossier->person->decisions->last();

        return new ReviewView(
            array_map($this->pending(...), self::mostSeriousFirst($this->dossier->pending())),
            array_values($this->dossier->person->decisions->reverse()->map(fn(Decision $row): DecisionView => $this->decision($row, $row === $newest))->all()),
            CoachPage::morningsOf($this->dossier),
            $this->load(),
        );
    }

    private function load(): LoadView
    {
        $behind = LoadReport::upTo($this->dossier->today(), $this->dossier->loads());

        return LoadView::of($behind, LoadAhead::of($behind, $this->dossier->today(), $this->dossier->standing()->open ? PlannedLoads::ahead(ProgramAtHand::of($this->dossier)) : []));
    }

    /**
     * @param list<PendingDecision> $pending
     *
     * @return list<PendingDecision>
     */
    private static function mostSeriousFirst(array $pending): array
    {
        $rank = static fn(PendingDecision $one): int => match ($one->proposal->choice) {
            ProgressDecision::Refer => 0,
            ProgressDecision::StopLadder => 1,
            ProgressDecision::StepDown => 2,
            ProgressDecision::Climb => 3,
            ProgressDecision::Stay => 4,
        };
        usort($pending, static fn(PendingDecision $a, PendingDecision $b): int => $rank($a) <=> $rank($b));

        return $pending;
    }

    private function pending(PendingDecision $pending): PendingView
    {
        $proposal = $pending->proposal;
        $rung = $pending->rung;

        return new PendingView(
            $pending->log->id,
            $pending->ladder->slug,
            $pending->ladder->name,
            $pending->side->value,
            $rung->slug,
            $rung->name,
            $rung->height->label(),
            DoseWords::of($pending->session->dose),
            $pending->log->done_on,
            $proposal->choice->value,
            $proposal->to?->slug,
            $proposal->to?->name,
            $proposal->to?->height->label(),
            $pending->reopened,
            ReasonView::all($proposal->reasons),
            GateView::of($proposal->gate),
            array_map(
                static fn(int $index, SetLog $set): EvidenceView => self::evidence($index + 1, $set, $pending->session->dose->unit()),
                array_keys($pending->session->sets),
                $pending->session->sets,
            ),
            $pending->session->morning?->pain,
            $this->dossier->circumstances()->nextOpen($pending->ladder, $rung, up: true)?->slug,
            $this->dossier->circumstances()->nextOpen($pending->ladder, $rung, up: false)?->slug,
        );
    }

    private static function evidence(int $number, SetLog $set, Unit $unit): EvidenceView
    {
        $done = array_map(static fn(?int $done): string => $done === null ? '–' : (string) $done, $set->done);

        return new EvidenceView(
            $number,
            implode(' / ', $done).match ($unit) {
                Unit::Reps => '',
                Unit::Seconds => ' s',
                Unit::Metres => ' m',
            },
            array_map(static fn(FormQuestion $question): string => $question->question(), $set->faults()),
            $set->pain,
            $set->effort,
        );
    }

    private function decision(Decision $row, bool $newest): DecisionView
    {
        $library = $this->dossier->library;
        $sentences = [];
        foreach ($row->reasons as $reason) {
            $sentences[] = is_string($reason['sentence'] ?? null) ? $reason['sentence'] : '';
        }

        return new DecisionView(
            $row->id,
            $row->decided_on,
            $library->ladder($row->ladder)->name,
            $row->side,
            is_string($row->rung_snapshot['name'] ?? null) ? $row->rung_snapshot['name'] : $row->rung,
            $row->proposed,
            $row->choice,
            ProgressDecision::from($row->choice)->inWords(),
            $row->to_rung === null ? null : $library->rung($row->to_rung)->name,
            $row->choice_reason,
            $sentences,
            $row->taken_back_at !== null,
            $newest && $row->taken_back_at === null,
        );
    }
}
