<?php

declare(strict_types=1);

namespace App\Http\Coach;

use App\Http\Problem;
use App\Http\Shared\AlsoToldView;
use App\Http\Shared\CautionLines;
use App\Http\Shared\ChoiceView;
use App\Http\Shared\MorningQuestionView;
use App\Http\Shared\PainPlaceView;
use App\Http\Shared\ReasonView;
use App\Models\SorenessAnswer;
use App\Models\TrainingSession;
use App\Records\PersonFile;
use App\Records\TrainingEvents;
use EvenRungs\Body\Side;
use EvenRungs\Dose\DoseLine;
use EvenRungs\Dose\DoseWords;
use EvenRungs\Dose\Holds;
use EvenRungs\Log\EndReason;
use EvenRungs\Person\EasierNow;
use EvenRungs\Person\UpToDate;
use EvenRungs\Progress\Felt;
use EvenRungs\Progress\FormQuestion;
use EvenRungs\Progress\Pain;
use EvenRungs\Progress\PainPlace;
use EvenRungs\Progress\RungSession;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;
use EvenRungs\Session\CueSheet;
use EvenRungs\Session\CueWay;
use EvenRungs\Session\Item;
use EvenRungs\Session\Permitted;
use EvenRungs\Session\Picking;
use EvenRungs\Session\Session;
use EvenRungs\Session\Totals;
use EvenRungs\Week\Soreness;

/** A saved session as the player plays it: its cue sheet. */
final readonly class CoachPage
{
    private Session $session;

    /** @var list<Reason> */
    private array $leftOut;

    /**
     * @param array<string, Reason> $changes what has moved on since it was written, by exercise
     * @param list<Reason>          $leftOut before, as there is nothing lower
     */
    private function __construct(private PersonFile $file, private TrainingSession $row, ?Permitted $permitted, private array $changes, array $leftOut = [])
    {
        $this->leftOut = [...$permitted->leftOut ?? [], ...$leftOut];
        $this->session = $permitted->session ?? throw $this->leftOut === [] ? Problem::emptySession() : Problem::conflict('nothing-left', 'Nothing of this session can be trained today. '.$this->leftOut[0]->sentence);
    }

    /** @param bool $isDone it was trained without the device, and is told */
    public static function atTheDesk(PersonFile $file, TrainingSession $row, bool $isDone): CueSheetView
    {
        $session = $row->inCore();
        $file = $file->at($row);
        $page = new self($file, $row, $file->record->permitted($session->blocks, $isDone), $file->program()->asOfToday()->since($session->blocks, $session)->changes);

        return $page->sheet(CautionLines::of($file->record), ReasonView::all($page->leftOut), ReasonView::all(array_values($page->changes)));
    }

    /** As the person plays it alone: without the names of limits, which are nobody's business on a table at home. */
    public static function atHome(PersonFile $file, TrainingSession $row, bool $isDone): CueSheetView
    {
        $session = $row->inCore();
        $file = $file->at($row);
        $now = $isDone ? UpToDate::asWritten($session->blocks) : $file->program()->asOfToday()->alone($session->blocks, $session);
        $page = new self($file, $row, $file->record->permitted($now->blocks, $isDone), $now->changes, $now->leftOut);

        return $page->sheet($page->saidAtHome(), [], []);
    }

    /** @return list<string> what is not as on the sheet, in plain words */
    private function saidAtHome(): array
    {
        $why = static fn(Rule $rule): ?string => match ($rule) {
            Rule::PainWaits => 'until your trainer has seen what you told.',
            Rule::PainHigh => 'for now, as your trainer decided.',
            Rule::UpToDate => 'for now: ask your trainer what comes in its place.',
            default => null,
        };
        $left = array_map(static fn(Reason $reason): string => "“{$reason->inputs[0]->value}” is left out {$why($reason->rule)}", array_values(array_filter($this->leftOut, static fn(Reason $reason): bool => $why($reason->rule) !== null)));
        $changed = array_filter($this->session->items(), fn(Item $item): bool => isset($this->changes[$item->id]));

        return [...$left, ...array_map(fn(Item $item): string => "“{$item->rung->name}” for now: ".DoseWords::of($item->dose, $this->file->record->method->counting()).', '.$this->comparedWithWritten($item).' than was written.', array_values($changed))];
    }

    /** A hold that a limit cuts up is no less. */
    private function comparedWithWritten(Item $item): string
    {
        $body = $item->dose->first();

        return $this->changes[$item->id]->rule === Rule::LimitCaution && $body instanceof Holds && $body->count > 1 ? 'in shorter holds' : 'less';
    }

    /**
     * @param list<string>     $cautions
     * @param list<ReasonView> $leftOut
     * @param list<ReasonView> $movedOn
     */
    private function sheet(array $cautions, array $leftOut, array $movedOn): CueSheetView
    {
        $easier = [];
        foreach ($this->session->items() as $item) {
            $easier[$item->id] = EasierNow::of($this->file->record, $item);
        }
        $sheet = CueSheet::of($this->session, $easier);

        return new CueSheetView(
            session: $this->row->id,
            title: $this->row->title,
            totalText: Totals::clock($this->session->timeline()->totals()->total()),
            blocks: $sheet->blocks,
            steps: $sheet->steps,
            ways: array_map($this->way(...), $sheet->ways),
            changeOvers: $sheet->changeOvers,
            cautions: $cautions,
            leftOut: $leftOut,
            movedOn: $movedOn,
            morning: MorningQuestionView::of($this->file),
            painPlaces: array_map(PainPlaceView::of(...), PainPlace::cases()),
            feltPlaces: array_map(static fn(Felt $felt): ChoiceView => new ChoiceView(value: $felt->value, label: $felt->label()), Felt::cases()),
            endReasons: array_map(static fn(EndReason $reason): ChoiceView => new ChoiceView(value: $reason->value, label: $reason->label()), EndReason::cases()),
            underWay: array_map(AlsoToldView::of(...), TrainingEvents::underWay($this->row, $this->file->record->today)),
            activationOnly: $this->activationOnly(),
            painStopsAbove: Pain::STOPS_ABOVE,
            picks: Picking::of($this->row->picks, $this->session)?->picks,
        );
    }

    private function activationOnly(): ?ReasonView
    {
        $ofTen = SorenessAnswer::toldOn($this->file->person->id, $this->file->record->today);
        $reason = $ofTen === null ? null : Soreness::against($ofTen);

        return $reason === null ? null : ReasonView::of($reason);
    }

    private function way(CueWay $way): CueWayView
    {
        [$item, $dose] = [$way->item, $way->item->dose];
        $record = $this->file->record;
        $questions = FormQuestion::asked($item->rung->asksForBreathing($dose), $record->circumstances()->watchDoming(), ! $item->isOneSided());
        $before = array_filter($record->rungSessions(Side::Both), static fn(RungSession $one): bool => $one->rung->slug === $item->rung->slug);
        $last = $before === [] ? null : $before[array_key_last($before)];

        return new CueWayView(
            id: $item->id,
            key: $way->key,
            easier: $way->easier,
            rung: $item->rung->slug,
            name: $item->rung->name,
            dose: DoseLine::print($dose),
            doseText: DoseWords::of($dose, $record->method->counting()),
            sets: $dose->allSets(),
            optional: $dose->optionalSets,
            restSeconds: $item->restSeconds(),
            pieces: $way->sets,
            unit: $dose->unit()->value,
            targets: $way->targets(),
            sides: $way->sides(),
            cues: $item->rung->cues($record->circumstances()),
            check: $item->rung->coaching()->check,
            faults: $item->rung->coaching()->faults,
            fallback: EasierNow::inWords($this->file->record, $item->rung),
            setUp: $this->file->setUp($item->rung->slug),
            questions: array_map(static fn(FormQuestion $question): ChoiceView => new ChoiceView(value: $question->value, label: $question->question()), $questions),
            felt: $item->rung->coaching()->felt,
            figure: $item->rung->figure(),
            fault: $item->rung->drawnFault(),
            loads: array_column(PainPlace::loadedBy($item->rung), 'value'),
            lastEffort: $last?->effort(),
            lastFelt: $last?->felt(),
        );
    }
}
