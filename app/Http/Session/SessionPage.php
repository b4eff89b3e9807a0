<?php

declare(strict_types=1);

namespace App\Http\Session;

use App\Http\Shared\KindMixView;
use App\Http\Shared\ReasonView;
use App\Models\TrainingSession;
use App\Records\PersonFile;
use EvenRungs\Balance\KindMix;
use EvenRungs\Balance\Mix;
use EvenRungs\Balance\Quality;
use EvenRungs\Balance\WorkShares;
use EvenRungs\Body\Demand;
use EvenRungs\Body\Side;
use EvenRungs\Dose\DoseCompletion;
use EvenRungs\Dose\DoseFields;
use EvenRungs\Dose\DoseLine;
use EvenRungs\Dose\DoseWords;
use EvenRungs\Dose\InvalidDoseLine;
use EvenRungs\Dose\Range;
use EvenRungs\Dose\Unit;
use EvenRungs\Ladder\Rung;
use EvenRungs\Method\Counting;
use EvenRungs\Person\Withheld;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;
use EvenRungs\Session\Circuit;
use EvenRungs\Session\ItemSum;
use EvenRungs\Session\Permitted;
use EvenRungs\Session\ReadItem;
use EvenRungs\Session\ReadSession;
use EvenRungs\Session\Segment;
use EvenRungs\Session\SessionLength;
use EvenRungs\Session\SessionSums;
use EvenRungs\Session\SessionText;
use EvenRungs\Session\Timeline;
use EvenRungs\Session\Totals;
use EvenRungs\Session\Warnings;
use EvenRungs\Session\WrittenBlock;

/** A written session, computed by the core and put into the composer's terms. */
final readonly class SessionPage
{
    private Warnings $warnings;

    private Counting $counting;

    /**
     * @param int|null $minutes of the session at hand; the person's own when null
     * @param int|null $picks   so many of its exercises the person picks; null for all
     */
    public function __construct(private PersonFile $file, private ?int $minutes = null, private ?int $picks = null)
    {
        $this->counting = $file->record->method->counting();
        $this->warnings = $file->record->warnings();
    }

    public function saved(TrainingSession $row): SessionView
    {
        return new SessionView(
            id: $row->id,
            title: $row->title,
            version: $row->version,
            changedAt: (string) $row->updated_at?->toIso8601ZuluString(),
            minutes: $row->minutes,
            picks: $row->picks,
            preview: (new self($this->file, $row->minutes, $row->picks))->preview(array_map(WrittenBlock::read(...), $row->blocks)),
        );
    }

    /** @param list<WrittenBlock> $blocks */
    public function preview(array $blocks): PreviewView
    {
        return $this->of($this->read($blocks));
    }

    /** @param list<WrittenBlock> $blocks */
    public function sums(array $blocks): SumsView
    {
        $session = $this->read($blocks)->session;
        if ($session === null) {
            return new SumsView(sums: [], text: '');
        }
        $timeline = $session->timeline();
        $own = $timeline->byItem();
        $whole = SessionSums::of($timeline);
        $shares = WorkShares::of($session, $timeline);
        $sums = ['work' => $whole->work(), 'rest' => $whole->rest(), 'change-over' => $whole->changeOver()];
        foreach (Demand::withShare() as $demand) {
            $sums[$demand->value] = $shares->reasonFor($demand, $session->items(), array_map(Totals::of(...), $own), $this->file->record->targets());
        }
        foreach ($session->items() as $item) {
            $sums[$item->id] = ItemSum::of($item, $own[$item->id] ?? []);
        }

        return new SumsView(
            sums: array_map(static fn(string|int $of, Reason $reason): SumView => new SumView(of: (string) $of, reason: ReasonView::of($reason)), array_keys($sums), $sums),
            text: SessionText::print($session, $this->file->record->method),
        );
    }

    /** @param list<WrittenBlock> $blocks */
    public function read(array $blocks): ReadSession
    {
        return ReadSession::of($blocks, $this->file->record->library, $this->file->record->firstSide(...), $this->counting);
    }

    private function of(ReadSession $read): PreviewView
    {
        $session = $read->session;
        $timeline = $session?->timeline();
        $own = $timeline?->byItem() ?? [];
        $totals = $timeline?->totals() ?? Totals::of([]);
        $target = 60 * ($this->minutes ?? $this->file->person->minutes);
        $length = SessionLength::of($session, $this->picks);
        $aim = $this->file->record->targets();
        $shares = $session === null || $timeline === null ? WorkShares::ofWork([]) : WorkShares::of($session, $timeline);
        $optional = $session === null ? 0 : Timeline::optionalSeconds($session);

        $warnings = $session === null ? $this->warnings : $this->warnings->in($session);
        $permitted = $session === null ? null : Permitted::of($session, $this->file->record->circumstances(), fn(Rung $rung): ?Reason => Withheld::stopped($rung, $this->file->record));

        return new PreviewView(
            complete: $read->isComplete(),
            blocks: array_map(fn(int $number): BlockView => $this->block($read, $number, $timeline, $own, $warnings), array_keys($read->blocks)),
            totals: TotalsView::of($totals),
            lengthText: $length->text(),
            isOver: $length->longest > $target,
            targetSeconds: $target,
            targetText: Totals::clock($target),
            segments: $timeline === null ? [] : array_map(SegmentView::of(...), $timeline->segments),
            shares: array_map(static fn(Demand $demand): ShareView => new ShareView(demand: $demand->value, shortName: $demand->shortName(), share: $shares->perMille($demand), target: $aim->perMille($demand)), Demand::withShare()),
            agreement: $shares->agreementPerMille($aim),
            sharesReason: ReasonView::of($shares->reason($aim)),
            clockReason: ReasonView::of($this->clock($totals, $length, $target)),
            mix: $timeline === null ? [] : Mix::of($timeline),
            reachesText: $permitted === null || $permitted->leftOut === [] ? '' : SessionLength::of($permitted->session, $this->picks)->text(),
            optionalText: $optional === 0 ? '' : Totals::clock($optional),
            warnings: $session === null ? [] : WarningView::all($this->warnings->aboutAll($session), $this->counting),
            qualities: $session === null || $timeline === null ? [] : QualityView::all($session, $timeline),
            kinds: $session === null ? null : KindMixView::of(KindMix::in($session), $this->file->record),
        );
    }

    /** @param array<string, non-empty-list<Segment>> $own stretches of each exercise */
    private function block(ReadSession $read, int $number, ?Timeline $timeline, array $own, Warnings $warnings): BlockView
    {
        $block = $read->blocks[$number];
        $rounds = 1;
        $seconds = [];
        foreach ($read->numbers as $core => $written) {
            if ($written === $number && $timeline !== null && $read->session !== null) {
                $seconds[] = array_filter($timeline->segments, static fn(Segment $segment): bool => $segment->block === $core && $segment->stretch !== \EvenRungs\Session\TimeKind::ChangeOver);
                $coreBlock = $read->session->blocks[$core];
                $rounds = $coreBlock instanceof Circuit ? $coreBlock->rounds() : $rounds;
            }
        }

        return new BlockView(
            kind: $block->isCircuit ? 'circuit' : 'straight',
            part: $block->part,
            items: array_map(fn(ReadItem $item): ItemView => $this->item($item, $own[$item->text->id] ?? [], $block, $warnings), $read->items[$number]),
            gapSeconds: $block->gapSeconds,
            roundRestSeconds: $block->roundRestSeconds,
            rounds: $rounds,
            totals: $seconds === [] ? null : TotalsView::of(Totals::of(array_merge(...array_map(array_values(...), $seconds)))),
        );
    }

    /** @param list<Segment> $own */
    private function item(ReadItem $read, array $own, WrittenBlock $block, Warnings $warnings): ItemView
    {
        $item = $read->item;
        $circumstances = $this->file->record->circumstances();
        $ruling = $circumstances->rule($read->rung);
        $leftOut = match (true) {
            $item === null => null,
            $this->file->record->isStopped($read->rung->ladder) => Side::Both,
            default => Permitted::leftOutOf($item, $circumstances),
        };

        return new ItemView(
            id: $read->text->id,
            rung: $read->rung->slug,
            name: $read->rung->name,
            heightText: $read->rung->at($item?->dose->range)->height->label(),
            demand: $read->rung->demand->value,
            sided: $read->rung->sidedness->countsEachSide(),
            dose: $item === null ? $read->text->dose : DoseLine::print($item->dose, $this->counting),
            doseText: $item === null ? '' : DoseWords::of($item->dose, $this->counting),
            fields: $item === null ? null : DoseFields::of($item->dose, $this->counting),
            totals: $own === [] ? null : TotalsView::of(Totals::of($own)),
            problem: $read->problem?->getMessage(),
            problemPosition: $read->problem instanceof InvalidDoseLine ? $read->problem->position : null,
            restText: $item === null || $item->dose->allSets() === 1 ? '' : "{$item->restSeconds()} s rest",
            tempoText: $item === null ? '' : $read->rung->tempoWords($item->dose),
            ranges: array_map(static fn(Range $range): string => $range->print(), $read->rung->range->steps ?? []),
            pulled: $read->rung->isPulled(),
            leftOut: $leftOut,
            reasons: $leftOut === null ? [] : array_map(ReasonView::of(...), $ruling->reasons),
            mayBeAllowed: $ruling->mayBeAllowed(),
            completions: DoseCompletion::of($read->text->dose, $item?->dose->unit() === Unit::Reps, $read->rung->sidedness->countsEachSide(), $read->rung->isPulled()),
            warnings: $item === null ? [] : WarningView::all($warnings->about($item, $block->part, $block->isCircuit), $this->counting),
            qualities: $item === null ? [] : Quality::of($item),
        );
    }

    private function clock(Totals $totals, SessionLength $length, int $target): Reason
    {
        $left = $target - $length->longest;
        $picked = $length->picking === null ? '' : " {$length->picking->inWords()} {$length->text()}; by the longest choice";

        return Reason::because(
            Rule::Clock,
            'Work '.Totals::clock($totals->work).' + rest '.Totals::clock($totals->rest).' + change-over '.Totals::clock($totals->changeOver).' = '.Totals::clock($totals->total()).'.'.$picked
                .($left >= 0 ? ' '.Totals::clock($left).' left of '.Totals::clock($target).'.' : ' '.Totals::clock(-$left).' over '.Totals::clock($target).'.'),
            [
                'work' => 'time under tension, pauses of the tempo included',
                'rest' => 'rests between sets and gaps between holds',
                'change-over' => 'from one exercise to the next, and from side to side',
            ],
            'Fewer sets, shorter rests inside their band, or two exercises as a circuit.',
        );
    }
}
