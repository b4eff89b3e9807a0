<?php

declare(strict_types=1);

namespace App\Http\Review;

use App\Http\Shared\GateView;
use App\Http\Shared\MorningQuestionView;
use App\Http\Shared\ReasonView;
use App\Models\Decision;
use App\Records\PersonFile;
use EvenRungs\Calendar\Day;
use EvenRungs\Dose\DoseWords;
use EvenRungs\Dose\Unit;
use EvenRungs\Ladder\InvalidLadder;
use EvenRungs\Load\LoadAhead;
use EvenRungs\Load\LoadReport;
use EvenRungs\Person\Consequences;
use EvenRungs\Person\OpenTraining;
use EvenRungs\Person\OtherWay;
use EvenRungs\Person\PendingDecision;
use EvenRungs\Person\PlannedLoads;
use EvenRungs\Progress\Decision as ProgressDecision;
use EvenRungs\Progress\FormQuestion;
use EvenRungs\Progress\Pain;
use EvenRungs\Progress\SetLog;
use EvenRungs\Progress\StartPain;
use EvenRungs\Screening\Answers;

/** The decision queue and what was decided before. */
final readonly class ReviewPage
{
    /** Decisions of a page. */
    private const DECISIONS = 30;

    public function __construct(private PersonFile $file) {}

    public function view(): ReviewView
    {
        $newest = $this->decisions(null);
        $pending = $this->mostSeriousFirst();

        return new ReviewView(
            pending: array_map($this->pending(...), $pending),
            decisions: $newest->decisions,
            older: $newest->older,
            morning: MorningQuestionView::of($this->file),
            unsettled: array_map(fn(OpenTraining $open): UnsettledView => UnsettledView::of($open, $this->file->record->library), $this->file->record->trainingsToSettle()),
            load: $this->load(),
            // Each decision changes what the next session has.
            movedOn: $pending === [] ? MovedOnView::of($this->file) : null,
        );
    }

    /** @param string|null $after where the page before ended */
    public function decisions(?string $after): DecisionsView
    {
        $page = Decision::query()->with('log:id,at_home')->where('person_id', $this->file->person->id)->orderByDesc('sequence')->orderByDesc('id')->cursorPaginate(self::DECISIONS, ['*'], 'after', $after);

        return new DecisionsView(array_map(fn(Decision $row): DecisionView => $this->decision($row), array_values($page->items())), $page->nextCursor()?->encode());
    }

    private function load(): LoadView
    {
        $behind = LoadReport::upTo($this->file->record->today, $this->file->record->loads());

        $planned = $this->file->record->admission()->open ? PlannedLoads::ahead($this->file->program(), $this->file->week(...)) : [];
        $comparable = $planned === [] ? $behind : LoadReport::upTo($this->file->record->today, PlannedLoads::behind($this->file->record, $this->file->plan()));

        return LoadView::of($behind, LoadAhead::of($comparable, $this->file->record->today, $planned));
    }

    /** @return list<PendingDecision> */
    private function mostSeriousFirst(): array
    {
        $pending = $this->file->record->judgement()->pending();
        usort($pending, static fn(PendingDecision $a, PendingDecision $b): int => $a->urgency() <=> $b->urgency());

        return $pending;
    }

    private function pending(PendingDecision $pending): PendingView
    {
        $proposal = $pending->proposal;
        $rung = $pending->rung;
        $told = $pending->session->asTold();

        return new PendingView(
            log: $pending->log->id,
            ladder: $pending->ladder->slug,
            ladderName: $pending->ladder->name,
            side: $pending->side,
            rung: $rung->slug,
            rungName: $rung->name,
            rungHeight: $rung->height->label(),
            dose: DoseWords::of($told->dose),
            doneOn: $pending->log->on->iso(),
            proposed: $proposal->choice,
            to: $proposal->to?->slug,
            toName: $proposal->to === null ? null : $proposal->to->name.($proposal->toRange === null ? '' : ", {$proposal->toRange->inWords()}"),
            toHeight: $proposal->to?->at($proposal->toRange)->height->label(),
            news: $pending->news,
            reasons: ReasonView::all($proposal->reasons),
            gate: GateView::of($proposal->gate),
            evidence: array_map(
                fn(int $index, SetLog $set): EvidenceView => self::evidence($index + 1, $set, $told->dose->unit(), $this->file->record->circumstances()->highestEffort()),
                array_keys($told->sets),
                $told->sets,
            ),
            besides: $this->besides($pending),
            morningPain: $pending->session->morning?->pain,
            up: $this->file->record->circumstances()->nextOpen($pending->ladder, $rung, up: true)?->slug,
            down: $this->file->record->circumstances()->nextOpen($pending->ladder, $rung, up: false)?->slug,
            otherWay: OtherWayView::of(OtherWay::than($pending, $this->file->record)),
            outcomes: $this->outcomes($pending),
        );
    }

    /** @return list<OutcomeView> */
    private function outcomes(PendingDecision $pending): array
    {
        $consequences = new Consequences($this->file->record, $pending);
        $outcomes = [];
        foreach ([ProgressDecision::Climb, ProgressDecision::Stay, ProgressDecision::StepDown] as $choice) {
            try {
                $next = $consequences->dose($choice);
            } catch (InvalidLadder) {
                continue;
            }
            if ($next !== null) {
                $to = $consequences->destination($choice)?->rung;
                $outcomes[] = new OutcomeView($choice, $to?->slug === $pending->rung->slug ? null : $to?->name, DoseWords::of($next->dose), ReasonView::of($next->reason));
            }
        }

        return $outcomes;
    }

    /** @return list<string> */
    private function besides(PendingDecision $pending): array
    {
        $taken = $pending->takenOver($this->file->record->library);
        $why = $pending->log->endedWhy;
        $done = $pending->session->rung;

        return [
            ...($done->slug === $pending->rung->slug ? [] : ["Done was “{$done->name}”, {$done->height->label()}."]),
            ...($pending->log->atHome ? ['Done at home, and told by the person.'] : []),
            ...($pending->log->before === [] ? [] : ['Pain before the first set: '.implode(', ', array_map(static fn(StartPain $start): string => $start->inWords(), $pending->log->before)).'.']),
            ...array_map(static fn(string $name, int $sets): string => ($sets === 1 ? 'One more set' : "{$sets} more sets")." in an easier version: {$name}.", array_keys($taken), $taken),
            ...($why === null ? [] : ["The training ended before its last set: {$why->label()}.".($pending->log->hidesPain() ? ' How much it hurt was not told: ask before it is trained again.' : '')]),
        ];
    }

    private static function evidence(int $number, SetLog $set, Unit $unit, int $highestEffort): EvidenceView
    {
        $done = array_map(static fn(?int $done): string => $done === null ? '–' : (string) $done, $set->done);

        return new EvidenceView(
            set: $number,
            done: implode(' / ', $done).$unit->suffix(),
            faults: array_map(static fn(FormQuestion $question): string => $question->question(), $set->faults()),
            felt: $set->felt?->isWrong() === true ? "felt {$set->felt->inWords()}" : '',
            pain: $set->keptPain ?? $set->pain,
            painSide: $set->painSide,
            painPlace: $set->painPlace?->label() ?? '',
            painKept: $set->keptPain !== null,
            effort: $set->effort,
            painActs: Pain::acts($set->pain ?? 0),
            tooHard: ($set->effort ?? 0) > $highestEffort,
        );
    }

    /** @param list<string> $stays moves made since on the same ladder, where the decision was just taken back */
    public function decision(Decision $row, array $stays = []): DecisionView
    {
        $library = $this->file->record->library;
        $sentences = [];
        foreach ($row->reasons as $reason) {
            $sentences[] = is_string($reason['sentence'] ?? null) ? $reason['sentence'] : '';
        }

        return new DecisionView(
            id: $row->id,
            decidedOn: $row->decided_on,
            atHome: $row->log->at_home ?? false,
            ladderName: $library->ladder($row->ladder)->name,
            side: $row->side,
            rungName: is_string($row->rung_snapshot['name'] ?? null) ? $row->rung_snapshot['name'] : $row->rung,
            proposed: ProgressDecision::from($row->proposed),
            choice: ProgressDecision::from($row->choice),
            choiceText: ProgressDecision::from($row->choice)->inWords(),
            toName: $row->to_rung === null ? null : $library->rung($row->to_rung)->name,
            choiceReason: $row->choice_reason,
            reasons: $sentences,
            takenBack: $row->taken_back_at !== null,
            canTakeBack: $row->taken_back_at === null && $this->mayBeTakenBack($row),
            stays: $stays,
        );
    }

    /** Any decision can, also later; a referral is like a danger sign, and later only a clearance opens training again. */
    private function mayBeTakenBack(Decision $row): bool
    {
        return ProgressDecision::from($row->choice) !== ProgressDecision::Refer
            || Answers::mayBeTakenBack($row->user_id === $this->file->clock->by()->id, Day::parse($row->decided_on), $this->file->record->today);
    }
}
