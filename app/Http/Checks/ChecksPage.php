<?php

declare(strict_types=1);

namespace App\Http\Checks;

use App\Http\Shared\ReasonView;
use App\Models\AlignmentCheck;
use App\Models\BraceTest;
use App\Models\Climb;
use App\Models\TimedHold;
use App\Records\PersonFile;
use EvenRungs\Assessment\ClimbTest;
use EvenRungs\Assessment\HoldComparison;
use EvenRungs\Assessment\HoldEnd;
use EvenRungs\Assessment\HoldKind;
use EvenRungs\Assessment\HoldReport;
use EvenRungs\Assessment\Start;
use EvenRungs\Balance\Position;
use EvenRungs\Body\Side;
use EvenRungs\Dose\DoseWords;
use EvenRungs\Ladder\Ladder;

/** A person as the Checks view shows them. */
final readonly class ChecksPage
{
    public function __construct(private PersonFile $file) {}

    public function view(): ChecksView
    {
        $file = $this->file;
        $report = $file->record->holdReport();
        $tested = $file->record->fromTests();
        $open = array_values(array_filter($file->record->library->ladders(), static fn(Ladder $ladder): bool => $file->record->circumstances()->highestOpen($ladder) !== null));

        return new ChecksView(
            holds: array_map(fn(HoldKind $kind): HoldTestView => $this->hold($kind, $report), HoldKind::cases()),
            notes: ReasonView::all($report->notes),
            climbs: array_values($file->person->climbs->reverse()->map(static fn(Climb $row): ClimbView => new ClimbView(id: $row->id, ladder: $row->ladder, side: Side::from($row->side), workingRung: $row->working_rung, sentence: $row->sentence, testedOn: $row->tested_on))->all()),
            ladders: array_map(static fn(Ladder $ladder): ClimbableView => new ClimbableView(ladder: $ladder->slug, sided: ClimbTest::isSided($ladder), guess: $file->record->workingRung($ladder->slug)?->slug), $open),
            starts: array_map($this->start(...), $tested->starts),
            stays: ReasonView::all($tested->stays),
            waiting: ReasonView::all($tested->waiting),
            braces: array_values($file->person->braceTests->map(self::brace(...))->all()),
            alignments: array_values($file->person->alignments->map(fn(AlignmentCheck $row): AlignmentRowView => new AlignmentRowView(
                id: $row->id,
                view: $row->view,
                photo: $row->photo_id,
                found: AlignmentView::of(ReadAlignment::of($row->view, $row->marks, $row->scale, $file->record->method)),
                note: $row->note ?? '',
                testedOn: $row->tested_on,
            ))->all()),
            braceBand: BraceBandView::make(),
        );
    }

    private static function brace(BraceTest $row): BraceRowView
    {
        return new BraceRowView(id: $row->id, found: BraceView::of($row->check()), testedOn: $row->tested_on);
    }

    private function hold(HoldKind $kind, HoldReport $report): HoldTestView
    {
        return new HoldTestView(
            kind: $kind,
            label: $kind->label(),
            setUp: $kind->setUp(),
            endsWhen: $kind->endsWhen(),
            stopAt: $kind->stopAtSeconds(),
            sides: array_map(fn(Side $side): HoldStandingView => $this->side($kind, $side, $report), $kind->sides()),
            inTurn: array_map(static fn(Side $side): string => $side->value, $report->inTurn($kind, $this->file->record->circumstances()->limits)),
        );
    }

    private function side(HoldKind $kind, Side $side, HoldReport $report): HoldStandingView
    {
        $found = array_values(array_filter($report->standings, static fn(HoldComparison $standing): bool => $standing->last->isOf($kind, $side)))[0] ?? null;
        $objection = $kind->ruledOut($this->file->record->circumstances()->limits, $side);
        $rows = $this->file->person->holds->filter(static fn(TimedHold $row): bool => $row->kind === $kind->value && $row->side === $side->value)->reverse();

        return new HoldStandingView(
            side: $side,
            ruledOut: $objection === null ? null : ReasonView::of($objection),
            last: $found?->last->seconds,
            best: $found?->best->seconds,
            norm: $found?->norm === null ? null : new NormView(mean: $found->norm->mean, sd: $found->norm->sd, detectable: round($found->norm->minimalDetectableChange(), 1)),
            percentile: $found?->percentile === null ? null : (int) round($found->percentile),
            reason: $found === null ? null : ReasonView::of($found->reason),
            change: $found?->change === null ? null : ReasonView::of($found->change),
            history: array_values($rows->map(static fn(TimedHold $row): HoldRowView => new HoldRowView(id: $row->id, seconds: $row->seconds, end: HoldEnd::from($row->end), note: $row->note ?? '', testedOn: $row->tested_on))->all()),
        );
    }

    private function start(Start $start): StartView
    {
        $here = array_values(array_filter($this->file->record->on($start->rung->ladder), static fn(Position $stand): bool => $stand->side->meets($start->side)));

        $first = $this->file->record->doses()->first($start->rung, $start->side);

        return new StartView(
            ladder: $start->rung->ladder,
            side: $start->side,
            guessed: $start->testedAt === null,
            rung: $start->rung->slug,
            support: $start->support?->slug,
            reasons: ReasonView::all($start->reasons),
            standsOn: $here === [] ? null : $here[0]->rung->slug,
            dose: DoseWords::of($first->dose, $this->file->record->method->counting()),
            whyDose: ReasonView::of($first->reason),
        );
    }
}
