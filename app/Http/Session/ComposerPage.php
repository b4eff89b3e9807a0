<?php

declare(strict_types=1);

namespace App\Http\Session;

use App\Http\Shared\ReasonView;
use App\Models\Person;
use App\Models\TrainingSession;
use App\Records\PersonFile;
use EvenRungs\Balance\FitStep;
use EvenRungs\Balance\TimeFit;
use EvenRungs\Balance\TimeLeft;
use EvenRungs\Body\Demand;
use EvenRungs\Body\Side;
use EvenRungs\Ladder\NameIndex;
use EvenRungs\Ladder\Rung;
use EvenRungs\Method\Counting;
use EvenRungs\Person\SessionStart;
use EvenRungs\Reason\Reason;
use EvenRungs\Session\Item;
use EvenRungs\Session\Ordering;
use EvenRungs\Session\OrderSchool;
use EvenRungs\Session\Session;
use EvenRungs\Session\SessionLength;
use EvenRungs\Session\SessionText;
use EvenRungs\Session\Template;
use EvenRungs\Session\Totals;
use EvenRungs\Session\Warning;
use EvenRungs\Session\WrittenBlock;
use EvenRungs\Session\WrittenSession;

/** What the composer offers beside the writing itself. */
final readonly class ComposerPage
{
    /** Earlier sessions of the practice that one may start from: of those of a program the newest of each title. */
    private const EARLIER = 60;

    private SessionPage $page;

    private int $minutes;

    /**
     * @param int|null $minutes of the session at hand; the person's own when null
     * @param int|null $picks   so many of its exercises the person picks; null for all
     */
    public function __construct(private PersonFile $file, ?int $minutes = null, private ?int $picks = null)
    {
        $this->minutes = $minutes ?? $file->person->minutes;
        $this->page = new SessionPage($file, $minutes, $picks);
    }

    /** @param array<string, Template> $templates */
    public function templates(array $templates): TemplatesView
    {
        $target = 60 * $this->minutes;
        $views = [];
        foreach ($templates as $template) {
            $start = SessionStart::fromTemplate($template, $this->file->record);
            $session = $this->page->read($start->blocks)->session;
            $total = $session?->timeline()->totals()->total() ?? 0;
            $views[] = new TemplateView(
                slug: $template->slug,
                name: $template->name,
                purpose: $template->purpose,
                totalText: Totals::clock($total),
                fits: $total <= $target,
                exercises: $session === null ? [] : array_map(static fn(Item $item): string => $item->rung->name, $session->items()),
                notes: array_map(static fn(Reason $note): string => $note->sentence, $start->notes),
            );
        }
        // Of another person, and of a program, the newest of each name says it all; those of one's own are told apart by their day.
        $newest = TrainingSession::query()->orderByDesc('updated_at')->orderByDesc('id')->limit(4 * self::EARLIER)->get(['id', 'person_id', 'title', 'program_slot', 'updated_at'])->unique(fn(TrainingSession $row): string => $row->program_slot === null && $row->person_id === $this->file->person->id ? $row->id : "{$row->person_id} {$row->title}")->take(self::EARLIER);
        $names = Person::query()->where('archived_at', null)->whereKey($newest->pluck('person_id')->unique()->all())->pluck('name', 'id');

        return new TemplatesView(templates: $views, sessions: array_values($newest->filter(static fn(TrainingSession $row): bool => isset($names[$row->person_id]))
            ->map(fn(TrainingSession $row): EarlierSessionView => new EarlierSessionView(id: $row->id, title: $row->title, person: self::name($names[$row->person_id] ?? ''), own: $row->person_id === $this->file->person->id, changedAt: (string) $row->updated_at?->toIso8601ZuluString()))->all()));
    }

    public function text(string $text): SessionTextView
    {
        $read = SessionText::read($text, new NameIndex($this->file->record->library->ladders(), $this->file->record->library->names), $this->file->record->workingRungs(), $this->file->record->method);
        $preview = $this->page->preview($read['blocks']);

        return new SessionTextView(title: $read['title'], lines: array_map(TextLineView::of(...), $read['lines']), blocks: WrittenBlockView::all($this->page->read($read['blocks'])->writtenAs($this->file->record->method->counting())), preview: $preview);
    }

    /** @param list<WrittenBlock> $blocks */
    public function orders(array $blocks): OrdersView
    {
        $session = $this->page->read($blocks)->session;
        if ($session === null) {
            return new OrdersView([]);
        }
        $heights = $this->file->record->evenness()->heights;
        $ofMethod = OrderSchool::of($this->file->record->method);

        return new OrdersView(array_map(function (OrderSchool $school) use ($session, $heights, $ofMethod): OrderView {
            $ordering = Ordering::of($session, $school, $heights);

            return new OrderView(
                school: $school,
                label: $school->label(),
                ofMethod: $school === $ofMethod,
                present: $ordering->isPresent,
                savedSeconds: $ordering->savedSeconds,
                reason: ReasonView::of($ordering->reason),
                names: array_map(static fn(Item $item): string => $item->rung->name, $ordering->session->items()),
                blocks: $this->blocks($ordering->session),
            );
        }, OrderSchool::cases()));
    }

    /**
     * @param list<WrittenBlock> $blocks
     * @param string             $own    id of the session itself, so that it is not counted as another one
     */
    public function fit(array $blocks, string $own): FitView
    {
        $session = $this->page->read($blocks)->session;
        $target = 60 * $this->minutes;
        if ($session === null) {
            return new FitView(over: -$target, fits: true, sentence: 'There is nothing to fit yet.', steps: [], offer: null);
        }
        [$movedOn, $stations] = $this->movedOn($blocks, $session, $own);
        $waits = $this->waits($session);
        $over = SessionLength::of($session, $this->picks)->longest - $target;
        $weakest = $this->file->record->evenness()->weakest;
        if ($over <= 0) {
            $minutes = new TimeLeft($session, $target, $this->file->record->targets(), $this->file->record->method->counting(), $this->picks, $this->file->record->doses()->most());
            $offer = $minutes->offer($weakest, fn(): ?Item => $weakest === null ? null : $this->due($weakest));
            $fill = $minutes->fill();

            return new FitView(over: $over, fits: true, sentence: 'It fits: '.Totals::clock(-$over).' left.', steps: [], offer: $this->view($offer), movedOn: $movedOn, waits: $waits, fill: $this->view($fill), stations: $stations);
        }
        $steps = TimeFit::propose($session, $target, $this->file->record->targets(), $weakest, $this->file->record->circumstances()->limits, $this->elsewhere($own), $this->picks, $this->file->record->doses()->inFewer(...));
        $left = ($steps === [] ? $over + $target : $steps[count($steps) - 1]->totalSeconds) - $target;

        return new FitView(
            over: $over,
            fits: $left <= 0,
            sentence: Totals::clock($over)." over {$this->minutes} minutes. ".match (true) {
                $steps === [] => 'Nothing can go without leaving a demand open: it needs more minutes, or a choice of yours.',
                $left > 0 => 'All of this together still leaves '.Totals::clock($left).' too much: it needs more minutes, or a choice of yours.',
                default => 'Least harm first; take as many steps as you like.',
            },
            steps: array_map(fn(FitStep $step): FitStepView => new FitStepView(reason: ReasonView::of($step->reason), savedSeconds: $step->savedSeconds, totalSeconds: $step->totalSeconds, totalText: Totals::clock($step->totalSeconds), blocks: $this->blocks($step->session)), $steps),
            offer: null,
            movedOn: $movedOn,
            waits: $waits,
        );
    }

    /** @return list<WaitingItemView> */
    private function waits(Session $session): array
    {
        $record = $this->file->record;
        $waits = [];
        foreach ($session->items() as $item) {
            // A ladder that was stopped already is marked as it is written.
            $reason = $record->isStopped($item->rung->ladder) ? null : $record->withheld()->against($item->rung);
            if ($reason !== null) {
                $waits[] = new WaitingItemView(item: $item->id, reason: ReasonView::of($reason));
            }
        }

        return $waits;
    }

    /**
     * @param list<WrittenBlock> $blocks
     *
     * @return array{WarningView|null, WarningView|null} what has moved on, and what the stations are due more of
     */
    private function movedOn(array $blocks, Session $session, string $own): array
    {
        $today = $this->file->program()->asOfToday();
        $written = TrainingSession::query()->find($own)?->inCore();

        return [
            $this->view($today->since($this->page->read($blocks)->writtenAs(Counting::EachSide), $written)->warning($this->file->record)),
            $this->view($today->moreAtStations($session, $written)),
        ];
    }

    private function view(?Warning $warning): ?WarningView
    {
        return $warning === null ? null : WarningView::of($warning, $this->file->record->method->counting());
    }

    /** The highest working rung of a demand in the dose that is due; null where nothing of it is open. */
    private function due(Demand $demand): ?Item
    {
        $record = $this->file->record;
        $open = array_filter($record->workingRungs(), static fn(Rung $rung): bool => $rung->demand === $demand && $record->withheld()->against($rung) === null && $record->circumstances()->rule($rung)->openOn(Side::Both));
        usort($open, static fn(Rung $a, Rung $b): int => $b->height->above($a->height));
        $rung = $open[0] ?? null;

        return $rung === null ? null : new Item('due', $rung, $record->doses()->due($rung)->dose ?? $record->doses()->first($rung)->dose);
    }

    /**
     * Slugs of the ladders that the other sessions of this week have.
     *
     * @param string $own id of the session itself
     *
     * @return list<string>
     */
    public function laddersElsewhere(string $own): array
    {
        $items = array_merge(...array_map(static fn(Session $session): array => $session->items(), $this->others($own)));

        return array_values(array_unique(array_map(static fn(Item $item): string => $item->rung->ladder, $items)));
    }

    /**
     * Seconds of work by demand in the other sessions of this week.
     *
     * @return array<string, int>
     */
    private function elsewhere(string $own): array
    {
        return TimeFit::workIn($this->others($own));
    }

    /** @return list<Session> the other sessions of this week; the newest others where no week is laid out */
    private function others(string $own): array
    {
        $week = $this->file->week($this->file->record->today);
        $placed = $week->placedSessions();
        $others = array_filter($week->sessions, static fn(WrittenSession $one): bool => $one->id !== $own && ($placed === [] || in_array($one->id, $placed, true)));

        return array_values(array_filter(array_map(fn(WrittenSession $one): ?Session => $this->page->read($one->blocks)->session, array_values($others))));
    }

    /** @return list<WrittenBlockView> */
    private function blocks(Session $session): array
    {
        return WrittenBlockView::all(WrittenBlock::all($session, $this->file->record->method->counting()));
    }

    private static function name(mixed $name): string
    {
        return is_string($name) ? $name : '';
    }
}
