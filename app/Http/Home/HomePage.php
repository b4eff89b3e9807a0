<?php

declare(strict_types=1);

namespace App\Http\Home;

use App\Http\Shared\ChoiceView;
use App\Http\Shared\MorningQuestionView;
use App\Http\Shared\PainPlaceView;
use App\Models\Decision;
use App\Models\HomeContact;
use App\Models\HomeNote;
use App\Models\SessionLog;
use App\Models\SheetStage;
use App\Records\PersonFile;
use App\Records\SessionsAtHand;
use EvenRungs\Body\Need;
use EvenRungs\Calendar\Day;
use EvenRungs\Home\NoteKind;
use EvenRungs\Home\NotToday;
use EvenRungs\Home\Term;
use EvenRungs\Person\EvennessLine;
use EvenRungs\Progress\Decision as Climbs;
use EvenRungs\Progress\Pain;
use EvenRungs\Progress\PainPlace;
use EvenRungs\Screening\DangerSign;
use EvenRungs\Screening\Urgency;
use EvenRungs\Session\Item;
use EvenRungs\Session\SessionLength;
use EvenRungs\Session\WrittenSession;
use EvenRungs\Week\Meeting;

/** A person's own page of today and this week. */
final class HomePage
{
    /** @var array<string, string>|null */
    private ?array $asked = null;

    private const CLIMBS = 6;

    /** Words of the trainer stay so many days, and what is new on the sheet. */
    private const ANSWERED_DAYS = 21;

    private const NEWS_DAYS = 6;

    public function __construct(private readonly PersonFile $file, private readonly string $practice) {}

    public function view(): HomeView
    {
        $record = $this->file->record;
        $isOpen = $record->admission()->open;
        $week = $isOpen ? $this->week() : [];
        $next = $isOpen ? SessionsAtHand::at($this->file->person->id, $record->today) : null;
        $on = $next === null ? null : SessionsAtHand::on($this->file)[0] ?? null;
        if ($next?->squad_id !== null && $on === null) {
            // What a squad does together is nobody's to do alone, unless it stands in their week.
            $next = null;
        }
        $now = array_values(array_filter($week, static fn(HomeSessionView $one): bool => $one->id === $next?->id && $one->on === $record->today->iso()))[0] ?? null;

        return new HomeView(
            name: $this->file->person->name,
            person: $this->file->person->id,
            practice: $this->practice,
            today: $record->today->iso(),
            owner: "home:{$this->file->person->id}",
            closed: $isOpen ? null : self::closed($record->admission()->urgency),
            now: $now ?? ($next === null ? null : $this->session($next->inCore(), $on)),
            week: $week,
            signs: array_map(static fn(DangerSign $sign): ChoiceView => new ChoiceView(value: $sign->value, label: $sign->question()), DangerSign::cases()),
            morning: $isOpen ? MorningQuestionView::of($this->file) : null,
            painPlaces: array_map(PainPlaceView::of(...), PainPlace::cases()),
            painStopsAbove: Pain::STOPS_ABOVE,
            climbs: $this->climbs(),
            evenness: ($line = EvennessLine::of($record)) === null ? null : new HomeEvennessView($line->sentence(), $line->tenths),
            notToday: array_map(static fn(NotToday $reason): ChoiceView => new ChoiceView(value: $reason->value, label: $reason->label()), NotToday::cases()),
            answers: $this->answers(),
            news: $this->news(),
            terms: array_map(static fn(Term $term): ChoiceView => new ChoiceView(value: $term->word, label: $term->means), Term::all()),
            isWritten: (HomeContact::query()->where('person_id', $this->file->person->id)->first()?->ways() ?? []) !== [],
        );
    }

    /** What to do, as the sign says. */
    private static function closed(?Urgency $urgency): string
    {
        return match ($urgency) {
            Urgency::Emergency => 'Please do not train now. What you told can be an emergency: call the emergency services now, then your practice.',
            Urgency::SameDay => 'Please do not train now. What you told is to be seen by a doctor today: call one, then your practice. If it gets worse, call the emergency services.',
            default => 'Please do not train now. Call your practice; they have been told. If it is bad or gets worse, call the emergency services.',
        };
    }

    /** @return list<HomeAnswerView> */
    private function answers(): array
    {
        $rows = HomeNote::query()->with('writer:id,name')->where('person_id', $this->file->person->id)->where('kind', NoteKind::Answer->value)->where('on_day', '>=', $this->file->record->today->plusDays(-self::ANSWERED_DAYS)->iso())->orderByDesc('sequence')->limit(self::CLIMBS)->get();

        return array_values($rows->map(static fn(HomeNote $row): HomeAnswerView => new HomeAnswerView(id: $row->id, by: $row->writer->name, on: $row->on_day, text: $row->text ?? '', isNew: $row->seen_at === null))->all());
    }

    /** @return list<string> */
    private function news(): array
    {
        $library = $this->file->record->library;
        $news = [];
        foreach (SheetStage::query()->where('person_id', $this->file->person->id)->where('came_on', '>=', $this->file->record->today->plusDays(-self::NEWS_DAYS)->iso())->orderByDesc('came_on')->orderByDesc('sequence')->limit(self::CLIMBS)->get() as $stage) {
            $name = $stage->rung !== null && $library->has($stage->rung) ? "New on your sheet: {$library->rung($stage->rung)->name}." : '';
            $news[] = trim("{$name} {$stage->message}") ?: 'Your sheet has changed.';
        }

        return $news;
    }

    /** @return list<HomeClimbView> the newest first; what has left the library is left out */
    private function climbs(): array
    {
        $climbs = [];
        $library = $this->file->record->library;
        foreach (Decision::query()->where('person_id', $this->file->person->id)->where('choice', Climbs::Climb->value)->whereNull('taken_back_at')->whereNotNull('to_rung')->orderByDesc('sequence')->limit(self::CLIMBS)->get(['to_rung', 'decided_on']) as $row) {
            if ($row->to_rung !== null && $library->has($row->to_rung)) {
                $rung = $library->rung($row->to_rung);
                $climbs[] = new HomeClimbView(name: $rung->name, on: $row->decided_on, figure: $rung->figure());
            }
        }

        return $climbs;
    }

    /** @return array<string, string> why another day was asked for, by session and date */
    private function asked(): array
    {
        if ($this->asked === null) {
            $this->asked = [];
            foreach ($this->file->record->history->home->notes as $note) {
                if ($note->kind === NoteKind::NotToday && $note->reason !== null) {
                    $this->asked["{$note->session} {$note->on->iso()}"] = $note->reason->label();
                }
            }
        }

        return $this->asked;
    }

    /** @return list<HomeSessionView> in order of time */
    private function week(): array
    {
        $hand = $this->file->week($this->file->record->today);
        $sessions = [];
        foreach ($hand->slots() as $slot) {
            $here = $hand->here($slot);
            $written = $hand->sessions[$slot->session] ?? null;
            if ($here !== null && $written !== null && ! $hand->isAway($here->cell->day)) {
                $sessions[] = [$here->cell->index(), $this->session($written, $hand->date($here->cell->day)->iso())];
            }
        }
        usort($sessions, static fn(array $a, array $b): int => $a[0] <=> $b[0]);

        return array_column($sessions, 1);
    }

    /** @param string|null $on date; null where it is for no day, and today's counts */
    private function session(WrittenSession $written, ?string $on): HomeSessionView
    {
        $permitted = $this->file->alone($written);
        $kit = array_merge(...array_map(static fn(Item $item): array => array_map(static fn(Need $need): string => $need->label(), $item->rung->kit), $permitted?->items() ?? []), ...[[]]);

        return new HomeSessionView(
            id: $written->id,
            title: $written->title,
            on: $on,
            lengthText: SessionLength::of($permitted, $written->picks)->text(),
            kitText: implode(', ', array_unique($kit)),
            exercises: count($permitted?->items() ?? []),
            isDone: SessionLog::query()->where('person_id', $this->file->person->id)->where('training_session_id', $written->id)->where('done_on', $on ?? $this->file->record->today->iso())->exists(),
            asked: $this->asked()["{$written->id} ".($on ?? $this->file->record->today->iso())] ?? null,
            meets: $on === null ? null : $this->meets($written->id, Day::parse($on)),
        );
    }

    /** When the squad meets with which a session is done on a day. */
    private function meets(string $session, Day $on): ?string
    {
        $hand = $this->file->week($on);
        foreach ($hand->slots() as $slot) {
            $here = $hand->here($slot);
            if ($here !== null && $slot->session === $session && $hand->date($here->cell->day)->equals($on) && Meeting::isAt($slot->id, $here->cell)) {
                return $here->cell->time() === null ? "in the {$here->cell->part->value}" : "at {$here->cell->time()}";
            }
        }

        return null;
    }
}
