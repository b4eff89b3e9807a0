<?php

declare(strict_types=1);

namespace App\Http\Coach;

use App\Http\Problem;
use App\Http\Shared\ChoiceView;
use App\Http\Shared\FaultView;
use App\Http\Shared\FigureView;
use App\Http\Shared\MorningQuestionView;
use App\Http\Shared\ReasonView;
use App\Http\Shared\TempoPartView;
use App\Http\Sheet\SheetItemView;
use App\Http\Sheet\SheetView;
use App\Models\SorenessAnswer;
use App\Models\TrainingSession;
use App\Records\Dossier;
use EvenRungs\Body\Limit;
use EvenRungs\Body\Need;
use EvenRungs\Calendar\Day;
use EvenRungs\Dose\DoseLine;
use EvenRungs\Dose\DoseWords;
use EvenRungs\Dose\SetBody;
use EvenRungs\Ladder\Fault;
use EvenRungs\Progress\FormQuestion;
use EvenRungs\Session\Circuit;
use EvenRungs\Session\Cue;
use EvenRungs\Session\CuePhase;
use EvenRungs\Session\CueSheet;
use EvenRungs\Session\Item;
use EvenRungs\Session\ReadSession;
use EvenRungs\Session\Session;
use EvenRungs\Session\Totals;
use EvenRungs\Session\WrittenBlock;
use EvenRungs\Week\Soreness;

/** A saved session as the person reads it (sheet) and as the player plays it (cue sheet). */
final readonly class CoachPage
{
    private Session $session;

    public function __construct(private Dossier $dossier, private TrainingSession $row)
    {
        $read = ReadSession::of(array_map(WrittenBlock::read(...), $row->blocks), $dossier->library, $dossier->firstSide(...));
        $this->session = $read->session ?? throw Problem::conflict('empty-session', 'This session has no exercise that can be read.');
    }

    public function cueSheet(): CueSheetView
    {
        foreach ($this->session->items() as $item) {
            if ($this->dossier->isStopped($item->rung->ladder)) {
                throw Problem::conflict('stopped-ladder', "“{$item->rung->name}” is on a ladder that was stopped after pain: take it out of the session, or reopen it on the board, with a reason, first.");
            }
        }
        $easier = [];
        foreach ($this->session->items() as $item) {
            $below = $this->dossier->library->ladder($item->rung->ladder)->below($item->rung, $this->dossier->method());
            $easier[$item->id] = $below?->name;
        }

        return new CueSheetView(
            $this->row->id,
            $this->row->title,
            Totals::clock($this->session->timeline()->totals()->total()),
            array_map(static fn(Cue $cue): CueView => new CueView(
                $cue->stretch->value,
                $cue->seconds,
                $cue->itemId,
                $cue->set,
                $cue->side->value,
                $cue->target,
                $cue->repetitions,
                array_map(static fn(CuePhase $phase): TempoPartView => new TempoPartView($phase->word, $phase->seconds, $phase->isPause), $cue->phases),
                $cue->endsSet,
            ), CueSheet::of($this->session->timeline())->cues),
            array_map(fn(Item $item): CueItemView => $this->item($item, $easier[$item->id]), $this->session->items()),
            $this->cautions(),
            $this->mornings(),
            $this->activationOnly(),
        );
    }

    private function activationOnly(): ?ReasonView
    {
        $ofTen = SorenessAnswer::toldOn($this->dossier->person->id, $this->dossier->today());
        $reason = $ofTen === null ? null : Soreness::against($ofTen);

        return $reason === null ? null : ReasonView::of($reason);
    }

    /** @return list<MorningQuestionView> */
    public static function morningsOf(Dossier $dossier): array
    {
        return array_map(
            static fn(array $question): MorningQuestionView => new MorningQuestionView(
                $question[0]->id,
                $question[1],
                $dossier->library->ladder($question[1])->name,
                $question[0]->done_on,
                $question[2],
            ),
            $dossier->morningsToAsk(),
        );
    }

    public function sheet(): SheetView
    {
        $items = $circuits = [];
        foreach ($this->session->blocks as $block) {
            $circuit = 0;
            if ($block instanceof Circuit) {
                $circuit = count($circuits) + 1;
                $gap = array_unique($block->gapSeconds);
                $circuits[] = 'Circuit: '.$block->rounds().' rounds, '.(count($gap) === 1 ? "{$block->gapSeconds[0]} s" : implode(', ', $block->gapSeconds).' s')." between stations, {$block->roundRestSeconds} s between rounds.";
            }
            foreach ($block->items() as $item) {
                $items[] = new SheetItemView(
                    $item->rung->name,
                    $item->rung->position->inWords(),
                    DoseWords::of($item->dose, $this->dossier->method()->counting()),
                    $item->rung->tempoWords($item->dose),
                    $circuit > 0 || $item->dose->sets() === 1 ? '' : "rest {$item->restSeconds()} s between sets",
                    $item->rung->cues($this->dossier->circumstances()),
                    array_map(static fn(Fault $fault): FaultView => new FaultView($fault->seen, $fault->fix), $item->rung->coaching()->faults),
                    $item->rung->coaching()->fallback,
                    $this->dossier->setUp($item->rung->slug),
                    implode(', ', array_map(static fn(Need $need): string => $need->label(), $item->rung->kit)),
                    $circuit,
                    FigureView::of($item->rung->figure()),
                    $item->rung->coaching()->felt,
                    "{$item->rung->coaching()->wayOut} {$item->rung->coaching()->relief}",
                );
            }
        }
        $days = array_map(static fn(int $day): string => ['', 'Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'][$day] ?? '', $this->dossier->person->training_days);

        return new SheetView(
            $this->dossier->person->name,
            $this->row->title,
            Day::parse($this->dossier->today()->iso())->inWords(),
            Totals::clock($this->session->timeline()->totals()->total()),
            implode(', ', $days),
            $items,
            $circuits,
            $this->cautions(),
        );
    }

    private function item(Item $item, ?string $easier): CueItemView
    {
        $questions = FormQuestion::asked($item->rung->asksForBreathing($item->dose), $this->dossier->circumstances()->watchDoming());

        return new CueItemView(
            $item->id,
            $item->rung->slug,
            $item->rung->name,
            DoseLine::print($item->dose),
            DoseWords::of($item->dose, $this->dossier->method()->counting()),
            $item->dose->sets(),
            $item->dose->unit()->value,
            array_map(static fn(SetBody $body): int => $body->target(), $item->dose->bodies),
            $item->dose->perSide,
            $item->rung->cues($this->dossier->circumstances()),
            array_map(static fn(Fault $fault): FaultView => new FaultView($fault->seen, $fault->fix), $item->rung->coaching()->faults),
            $item->rung->coaching()->fallback,
            $this->dossier->setUp($item->rung->slug),
            $easier,
            array_map(static fn(FormQuestion $question): ChoiceView => new ChoiceView($question->value, $question->question()), $questions),
            FigureView::of($item->rung->figure()),
        );
    }

    /** @return list<string> */
    private function cautions(): array
    {
        return array_map(static fn(Limit $limit): string => ucfirst($limit->name).': '.$limit->caution, $this->dossier->circumstances()->limits);
    }

    /** @return list<MorningQuestionView> */
    private function mornings(): array
    {
        return self::morningsOf($this->dossier);
    }
}
