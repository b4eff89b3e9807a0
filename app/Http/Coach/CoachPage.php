<?php

declare(strict_types=1);

namespace App\Http\Coach;

use App\Http\Problem;
use App\Http\Shared\AlsoToldView;
use App\Http\Shared\CautionLines;
use App\Http\Shared\ChoiceView;
use App\Http\Shared\MorningQuestionView;
use App\Http\Shared\ReasonView;
use App\Models\SorenessAnswer;
use App\Models\TrainingSession;
use App\Records\PersonFile;
use App\Records\TrainingEvents;
use EvenRungs\Dose\DoseLine;
use EvenRungs\Dose\DoseWords;
use EvenRungs\Progress\Felt;
use EvenRungs\Progress\FormQuestion;
use EvenRungs\Progress\Pain;
use EvenRungs\Progress\PainPlace;
use EvenRungs\Reason\Reason;
use EvenRungs\Session\Cue;
use EvenRungs\Session\CueSheet;
use EvenRungs\Session\Item;
use EvenRungs\Session\Session;
use EvenRungs\Session\Totals;
use EvenRungs\Week\Soreness;

/** A saved session as the player plays it: its cue sheet. */
final readonly class CoachPage
{
    private Session $session;

    /** @var list<Reason> */
    private array $leftOut;

    public function __construct(private PersonFile $file, private TrainingSession $row)
    {
        $permitted = $file->record->permitted($row->inCore()->blocks) ?? throw Problem::emptySession();
        $this->leftOut = $permitted->leftOut;
        $this->session = $permitted->session ?? throw Problem::conflict('nothing-left', 'Nothing of this session can be trained today. '.$this->leftOut[0]->sentence);
    }

    public function cueSheet(): CueSheetView
    {
        foreach ($this->session->items() as $item) {
            if ($this->file->record->isStopped($item->rung->ladder)) {
                throw Problem::conflict('stopped-ladder', "“{$item->rung->name}” is on a ladder that was stopped after pain: take it out of the session, or reopen it on the board, with a reason, first.");
            }
        }
        $easier = [];
        foreach ($this->session->items() as $item) {
            $below = $this->file->record->library->ladder($item->rung->ladder)->below($item->rung, $this->file->record->method);
            $easier[$item->id] = $below?->name;
        }

        return new CueSheetView(
            session: $this->row->id,
            title: $this->row->title,
            totalText: Totals::clock($this->session->timeline()->totals()->total()),
            cues: CueSheet::of($this->session->timeline())->cues,
            items: array_map(fn(Item $item): CueItemView => $this->item($item, $easier[$item->id]), $this->session->items()),
            cautions: CautionLines::of($this->file->record),
            leftOut: ReasonView::all($this->leftOut),
            mornings: MorningQuestionView::all($this->file),
            painPlaces: array_map(PainPlaceView::of(...), PainPlace::cases()),
            underWay: array_map(AlsoToldView::of(...), TrainingEvents::underWay($this->row, $this->file->record->today)),
            activationOnly: $this->activationOnly(),
            painStopsAbove: Pain::STOPS_ABOVE,
        );
    }

    private function activationOnly(): ?ReasonView
    {
        $ofTen = SorenessAnswer::toldOn($this->file->person->id, $this->file->record->today);
        $reason = $ofTen === null ? null : Soreness::against($ofTen);

        return $reason === null ? null : ReasonView::of($reason);
    }

    private function item(Item $item, ?string $easier): CueItemView
    {
        $questions = FormQuestion::asked($item->rung->asksForBreathing($item->dose), $this->file->record->circumstances()->watchDoming(), ! $item->isOneSided());

        return new CueItemView(
            id: $item->id,
            rung: $item->rung->slug,
            name: $item->rung->name,
            dose: DoseLine::print($item->dose),
            doseText: DoseWords::of($item->dose, $this->file->record->method->counting()),
            sets: $item->dose->allSets(),
            unit: $item->dose->unit()->value,
            targets: array_map(static fn(int $set): int => $item->dose->body($set)->target(), range(1, $item->dose->allSets())),
            sides: array_map(static fn(int $set): string => $item->dose->perSide ? $item->dose->sideOf($set)->value ?? 'each' : 'both', range(1, $item->dose->allSets())),
            cues: $item->rung->cues($this->file->record->circumstances()),
            faults: $item->rung->coaching()->faults,
            fallback: $item->rung->coaching()->fallback,
            setUp: $this->file->setUp($item->rung->slug),
            easier: $easier,
            questions: array_map(static fn(FormQuestion $question): ChoiceView => new ChoiceView(value: $question->value, label: $question->question()), $questions),
            felt: $item->rung->coaching()->felt,
            places: array_map(static fn(Felt $felt): ChoiceView => new ChoiceView(value: $felt->value, label: $felt->label()), Felt::cases()),
            figure: $item->rung->figure(),
        );
    }
}
