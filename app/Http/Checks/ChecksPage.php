<?php

declare(strict_types=1);

namespace App\Http\Checks;

use App\Http\Shared\ReasonView;
use App\Models\AlignmentCheck;
use App\Models\BraceTest;
use App\Models\Climb;
use App\Models\TimedHold;
use App\Records\Dossier;
use EvenRungs\Assessment\BraceCheck;
use EvenRungs\Assessment\BraceSample;
use EvenRungs\Assessment\ClimbTest;
use EvenRungs\Assessment\HoldComparison;
use EvenRungs\Assessment\HoldKind;
use EvenRungs\Assessment\HoldReport;
use EvenRungs\Assessment\Start;
use EvenRungs\Body\Side;
use EvenRungs\Ladder\Ladder;

/** A dossier as the Checks view shows it. */
final readonly class ChecksPage
{
    public function __construct(private Dossier $dossier) {}

    public function view(): ChecksView
    {
        $dossier = $this->dossier;
        $report = $dossier->holdReport();
        $open = array_values(array_filter($dossier->library->ladders(), static fn(Ladder $ladder): bool => $dossier->circumstances()->highestOpen($ladder) !== null));

        return new ChecksView(
            array_map(fn(HoldKind $kind): HoldTestView => $this->hold($kind, $report), HoldKind::cases()),
            ReasonView::all($report->notes),
            array_values($dossier->person->climbs->reverse()->map(static fn(Climb $row): ClimbView => new ClimbView($row->id, $row->ladder, $row->side, $row->working_rung, $row->sentence, $row->tested_on))->all()),
            array_map(static fn(Ladder $ladder): ClimbableView => new ClimbableView($ladder->slug, ClimbTest::isSided($ladder), $dossier->workingRung($ladder->slug)?->slug), $open),
            array_map($this->start(...), $dossier->starts()),
            array_values($dossier->person->braceTests->map(self::brace(...))->all()),
            array_values($dossier->person->alignments->map(fn(AlignmentCheck $row): AlignmentRowView => new AlignmentRowView(
                $row->id,
                $row->view,
                $row->photo_id,
                AlignmentView::of(ReadAlignment::of($row->view, $row->marks, $row->scale, $dossier->method())),
                $row->note ?? '',
                $row->tested_on,
            ))->all()),
            BraceBandView::make(),
        );
    }

    private static function brace(BraceTest $row): BraceRowView
    {
        $samples = array_map(static fn(array $sample): BraceSample => new BraceSample($sample[0], $sample[1] / 10), $row->samples);

        return new BraceRowView($row->id, BraceView::of(BraceCheck::of($samples)), $row->tested_on);
    }

    private function hold(HoldKind $kind, HoldReport $report): HoldTestView
    {
        return new HoldTestView(
            $kind->value,
            $kind->label(),
            $kind->setUp(),
            $kind->endsWhen(),
            $kind->stopAtSeconds(),
            array_map(fn(Side $side): HoldStandingView => $this->side($kind, $side, $report), $kind->sides()),
            array_map(static fn(Side $side): string => $side->value, $report->inTurn($kind, $this->dossier->circumstances()->limits)),
        );
    }

    private function side(HoldKind $kind, Side $side, HoldReport $report): HoldStandingView
    {
        $found = array_values(array_filter($report->standings, static fn(HoldComparison $standing): bool => $standing->last->isOf($kind, $side)))[0] ?? null;
        $objection = $kind->ruledOut($this->dossier->circumstances()->limits, $side);
        $rows = $this->dossier->person->holds->filter(static fn(TimedHold $row): bool => $row->kind === $kind->value && $row->side === $side->value)->reverse();

        return new HoldStandingView(
            $side->value,
            $objection === null ? null : ReasonView::of($objection),
            $found?->last->seconds,
            $found?->best->seconds,
            $found?->norm === null ? null : new NormView($found->norm->mean, $found->norm->sd, round($found->norm->minimalDetectableChange(), 1)),
            $found?->percentile === null ? null : (int) round($found->percentile),
            $found === null ? null : ReasonView::of($found->reason),
            $found?->change === null ? null : ReasonView::of($found->change),
            array_values($rows->map(static fn(TimedHold $row): HoldRowView => new HoldRowView($row->id, $row->seconds, $row->end, $row->note ?? '', $row->tested_on))->all()),
        );
    }

    private function start(Start $start): StartView
    {
        $here = array_values(array_filter($this->dossier->on($start->rung->ladder), static fn(\App\Records\Standpoint $stand): bool => $stand->side->meets($start->side)));

        return new StartView(
            $start->rung->ladder,
            $start->side->value,
            $start->rung->slug,
            $start->support?->slug,
            ReasonView::all($start->reasons),
            $here === [] ? null : $here[0]->rung->slug,
        );
    }
}
