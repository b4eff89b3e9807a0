<?php

declare(strict_types=1);

namespace App\Http\Sheet;

use App\Http\Problem;
use App\Http\Shared\CautionLines;
use App\Http\Shared\ReasonView;
use App\Models\TrainingSession;
use App\Records\PersonFile;
use EvenRungs\Body\Need;
use EvenRungs\Dose\DoseWords;
use EvenRungs\Person\EasierNow;
use EvenRungs\Session\Circuit;
use EvenRungs\Session\Permitted;
use EvenRungs\Session\SessionLength;
use EvenRungs\Session\Totals;
use EvenRungs\Week\Weekday;

/** A saved session as the person reads it. */
final readonly class SheetPage
{
    /** When to stop: on every sheet, once. */
    public const STOP = 'Stop and tell your trainer when pain goes above 5 of 10, travels down a leg or an arm, or is worse the next morning. Local rules and the advice of a licensed professional come first.';

    private Permitted $permitted;

    private PersonFile $file;

    public function __construct(PersonFile $file, private TrainingSession $row)
    {
        $this->file = $file->at($row);
        $this->permitted = $this->file->record->permitted($row->inCore()->blocks) ?? throw Problem::emptySession();
    }

    public function view(): SheetView
    {
        $items = $circuits = [];
        foreach ($this->permitted->session->blocks ?? [] as $block) {
            $circuit = 0;
            if ($block instanceof Circuit) {
                $circuit = count($circuits) + 1;
                $gap = array_unique($block->gapSeconds);
                $circuits[] = 'Circuit: '.$block->rounds().' rounds, '.(count($gap) === 1 ? "{$block->gapSeconds[0]} s" : implode(', ', $block->gapSeconds).' s')." between stations, {$block->roundRestSeconds} s between rounds.";
            }
            foreach ($block->items() as $item) {
                $items[] = new SheetItemView(
                    name: $item->rung->name,
                    position: $item->rung->position->inWords(),
                    doseText: $block instanceof Circuit ? DoseWords::eachRound($item->dose, $block->rounds(), $this->file->record->method->counting()) : DoseWords::of($item->dose, $this->file->record->method->counting()),
                    tempoText: $item->rung->tempoWords($item->dose),
                    restText: $circuit > 0 || $item->dose->allSets() === 1 ? '' : "rest {$item->restSeconds()} s between sets",
                    cues: $item->rung->cues($this->file->record->circumstances()),
                    check: $item->rung->coaching()->check,
                    faults: $item->rung->coaching()->faults,
                    fallback: EasierNow::inWords($this->file->record, $item->rung),
                    setUp: $this->file->setUp($item->rung->slug),
                    kit: implode(', ', array_map(static fn(Need $need): string => $need->label(), $item->rung->kit)),
                    circuit: $circuit,
                    figure: $item->rung->figure(),
                    fault: $item->rung->drawnFault(),
                    felt: $item->rung->coaching()->felt,
                    wayOut: $item->rung->coaching()->toEnd($this->file->record->circumstances()->limits),
                );
            }
        }

        $session = $this->permitted->session;
        $length = SessionLength::of($session, $this->row->picks);

        return new SheetView(
            person: $this->file->person->name,
            title: $this->row->title,
            date: $this->file->record->today->inWords(),
            totalText: implode(' to ', array_unique([Totals::clock($length->shortest), Totals::clock($length->longest)])).' min',
            daysText: implode(', ', array_map(Weekday::name(...), $this->file->person->training_days)),
            items: $items,
            circuits: $circuits,
            cautions: CautionLines::of($this->file->record),
            leftOut: ReasonView::all($this->permitted->leftOut),
            picksText: $length->picking?->inWords() ?? '',
            days: max(1, count($this->file->person->training_days)),
            stop: self::STOP,
        );
    }
}
