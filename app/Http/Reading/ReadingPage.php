<?php

declare(strict_types=1);

namespace App\Http\Reading;

use App\Models\Clearance;
use App\Models\Climb;
use App\Models\Decision;
use App\Models\PersonLimit;
use App\Models\Readership;
use App\Models\SessionLog;
use App\Records\LoggedSessions;
use App\Records\PersonFile;
use EvenRungs\Assessment\HoldComparison;
use EvenRungs\Balance\Aim;
use EvenRungs\Balance\Position;
use EvenRungs\Body\Limit;
use EvenRungs\Body\Side;
use EvenRungs\Calendar\Day;
use EvenRungs\Dose\DoseWords;
use EvenRungs\Person\LoggedSession;
use EvenRungs\Person\SharedPart;
use EvenRungs\Person\TrainingInWords;
use EvenRungs\Progress\Decision as Choice;
use EvenRungs\Screening\DangerSign;
use EvenRungs\Screening\Respondent;
use EvenRungs\Screening\State;
use EvenRungs\Session\Circuit;
use EvenRungs\Session\Session;
use EvenRungs\Session\SessionLength;

/** A person for a reader: the parts that are shared, to be read from top to bottom or printed. */
final readonly class ReadingPage
{
    /** So far back what was done and decided is shown, and so much of each at most. */
    private const WEEKS = 6;

    private const MOST = 40;

    public function __construct(private PersonFile $file, private Readership $readership, private ReaderNotes $notes) {}

    public function view(): ReadingView
    {
        $person = $this->file->person;

        return new ReadingView(
            person: $person->id,
            name: $person->name,
            about: $person->about,
            aim: Aim::from($person->aim)->label(),
            by: $this->readership->user->name,
            since: $this->readership->on_day,
            until: $this->readership->until,
            parts: array_map($this->part(...), $this->readership->shown()),
            notes: $this->notes->notes,
            next: $this->notes->next,
        );
    }

    private function part(SharedPart $part): ReadPartView
    {
        [$entries, $none] = match ($part) {
            SharedPart::Health => [$this->health(), 'Nothing was asked or noted yet.'],
            SharedPart::Tests => [$this->tests(), 'Nothing was tested yet.'],
            SharedPart::Board => [$this->board(), 'Not placed on any ladder yet.'],
            SharedPart::Plan => [$this->plan(), 'Nothing is placed in this week.'],
            SharedPart::Done => [$this->done(), 'Nothing in the last '.self::WEEKS.' weeks.'],
        };

        return new ReadPartView(part: $part, title: $part->label(), entries: $entries, none: $none);
    }

    /** @return list<ReadEntryView> */
    private function health(): array
    {
        $record = $this->file->record;
        $admission = $record->admission();
        $asked = $this->file->person->screenings->last();
        $yes = array_map(static fn(DangerSign $sign): string => "Yes: {$sign->question()}", $this->file->closingSigns());
        $entries = $admission->open ? [] : [new ReadEntryView($admission->urgency?->inWords() ?? 'Training is closed', [(string) $admission->reason?->sentence, ...$yes], isStop: true)];
        if ($asked !== null) {
            $who = Respondent::tryFrom($asked->asked ?? '')?->inWords();
            $entries[] = new ReadEntryView('Danger signs', [($asked->answers === [] ? 'No to every question' : 'Yes to '.count($asked->answers)).($who === null ? '.' : ", answered by {$who}.")], $asked->answered_on);
        }

        return [
            ...$entries,
            ...array_values($this->file->person->limits->where('lifted_on', null)->map(static fn(PersonLimit $row): ReadEntryView => new ReadEntryView(ucfirst(self::sided(State::from($row->state)->label(), Side::from($row->side))), array_values(array_filter([$row->note ?? '', $row->cleared ? 'Cleared by a clinician.' : ''])), $row->since))->all()),
            ...array_map(static fn(Limit $limit): ReadEntryView => new ReadEntryView("What “{$limit->name}” asks of training", [$limit->caution, ...array_map(ucfirst(...), $limit->effects())]), $record->circumstances()->limits),
            ...array_values($this->file->person->clearances->reverse()->map(static fn(Clearance $row): ReadEntryView => new ReadEntryView("Cleared by {$row->clinician}", [$row->scope, 'From '.Day::parse($row->from)->inWords().' to '.Day::parse($row->until)->inWords().'.'], $row->recorded_on))->all()),
        ];
    }

    /** @return list<ReadEntryView> */
    private function tests(): array
    {
        $record = $this->file->record;
        $brace = $record->history->brace();
        $climbs = [];
        foreach ($this->file->person->climbs->reverse() as $row) {
            $climbs["{$row->ladder} {$row->side}"] ??= $row;
        }

        return [
            ...array_map(static fn(HoldComparison $one): ReadEntryView => new ReadEntryView(self::sided($one->last->kind->label(), $one->last->side), array_values(array_filter([$one->reason->sentence, $one->change->sentence ?? ''])), $one->last->day->iso()), $record->holdReport()->standings),
            ...array_values(array_map(fn(Climb $row): ReadEntryView => new ReadEntryView(self::sided($this->ladder($row->ladder), Side::from($row->side)), [$row->sentence], $row->tested_on), $climbs)),
            ...($brace === null ? [] : [new ReadEntryView('Brace and breathing', [$brace->check->reason->sentence])]),
        ];
    }

    /** @return list<ReadEntryView> */
    private function board(): array
    {
        $positions = $this->file->record->positions();

        return $positions === [] ? [] : [
            new ReadEntryView('How even', [$this->file->record->evenness()->reason->sentence]),
            ...array_map(fn(Position $here): ReadEntryView => new ReadEntryView(self::sided($this->ladder($here->rung->ladder), $here->side), [($here->range === null ? $here->rung->name : "{$here->rung->name}, {$here->range->inWords()}").", height {$here->rung->height->label()}".($here->stopped ? '. Stopped after pain.' : '')], $here->since?->iso()), $positions),
        ];
    }

    /** @return list<ReadEntryView> in order of time */
    private function plan(): array
    {
        if (! $this->file->record->admission()->open) {
            return [new ReadEntryView('Training is closed', ['Nothing is planned until it is open again.'])];
        }
        $hand = $this->file->week($this->file->record->today);
        $entries = [];
        foreach ($hand->slots() as $slot) {
            $here = $hand->here($slot);
            $written = $hand->sessions[$slot->session] ?? null;
            if ($here !== null && $written !== null && ! $hand->isAway($here->cell->day)) {
                $session = $this->file->alone($written);
                $entries[] = [$here->cell->index(), new ReadEntryView("{$written->title}, ".SessionLength::of($session, $written->picks)->text().' min', $this->exercises($session), $hand->date($here->cell->day)->iso())];
            }
        }
        usort($entries, static fn(array $a, array $b): int => $a[0] <=> $b[0]);

        return array_column($entries, 1);
    }

    /** @return list<string> */
    private function exercises(?Session $session): array
    {
        $lines = [];
        $counting = $this->file->record->method->counting();
        foreach ($session->blocks ?? [] as $block) {
            foreach ($block->items() as $item) {
                $lines[] = "{$item->rung->name}: ".($block instanceof Circuit ? DoseWords::eachRound($item->dose, $block->rounds(), $counting) : DoseWords::of($item->dose, $counting));
            }
        }

        return $lines;
    }

    /** @return list<ReadEntryView> the newest first */
    private function done(): array
    {
        $since = $this->file->record->today->plusDays(-7 * self::WEEKS)->iso();
        $logs = SessionLog::query()->where('person_id', $this->file->person->id)->where('done_on', '>=', $since)->orderByDesc('done_on')->orderByDesc('sequence')->limit(self::MOST)->get(['id', 'title'])->pluck('title', 'id')->all();
        $decisions = Decision::query()->where('person_id', $this->file->person->id)->whereNull('taken_back_at')->where('decided_on', '>=', $since)->orderByDesc('sequence')->limit(self::MOST)->get();
        $entries = [
            // Decided after it was trained, if at the same moment.
            ...array_values($decisions->map(fn(Decision $row): array => [$row->decided_on, $row->sequence, $this->decided($row)])->all()),
            ...array_map(fn(LoggedSession $log): array => [$log->on->iso(), $log->sequence, new ReadEntryView('Trained: '.$logs[$log->id].($log->atHome ? ', at home' : ''), TrainingInWords::of($log, $this->file->record->library), $log->on->iso())], LoggedSessions::whole(array_keys($logs))),
        ];
        usort($entries, static fn(array $a, array $b): int => [$b[0], $b[1]] <=> [$a[0], $a[1]]);

        return array_column($entries, 2);
    }

    private function decided(Decision $row): ReadEntryView
    {
        $library = $this->file->record->library;
        $from = is_string($row->rung_snapshot['name'] ?? null) ? $row->rung_snapshot['name'] : $row->rung;
        $to = $row->to_rung !== null && $row->to_rung !== $row->rung && $library->has($row->to_rung) ? " to “{$library->rung($row->to_rung)->name}”" : '';
        $rule = is_string($row->reasons[0]['sentence'] ?? null) ? $row->reasons[0]['sentence'] : '';
        $why = $row->choice_reason === '' ? $rule : $row->choice_reason;

        return new ReadEntryView('Decided: '.self::sided($this->ladder($row->ladder), Side::from($row->side)), [ucfirst(Choice::from($row->choice)->inWords()).($to === '' ? " on “{$from}”." : " from “{$from}”{$to}."), ...($why === '' ? [] : [$why])], $row->decided_on);
    }

    /** What has left the library is named as it is kept. */
    private function ladder(string $slug): string
    {
        $library = $this->file->record->library;

        return $library->hasLadder($slug) ? $library->ladder($slug)->name : $slug;
    }

    private static function sided(string $what, Side $side): string
    {
        return $side === Side::Both ? $what : "{$what}, {$side->value}";
    }
}
