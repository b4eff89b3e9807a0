<?php

declare(strict_types=1);

namespace App\Http\Session;

use App\Http\Shared\ReasonView;
use App\Models\Person;
use App\Models\TrainingSession;
use App\Records\Dossier;
use App\Records\SessionStart;
use App\Records\WeekAtHand;
use EvenRungs\Balance\FitStep;
use EvenRungs\Balance\TimeFit;
use EvenRungs\Balance\TimeLeft;
use EvenRungs\Ladder\NameIndex;
use EvenRungs\Method\Question;
use EvenRungs\Reason\Reason;
use EvenRungs\Session\Item;
use EvenRungs\Session\Ordering;
use EvenRungs\Session\OrderSchool;
use EvenRungs\Session\Session;
use EvenRungs\Session\SessionText;
use EvenRungs\Session\Template;
use EvenRungs\Session\Totals;
use EvenRungs\Session\WrittenBlock;

/** What the composer offers beside the writing itself. */
final readonly class ComposerPage
{
    private SessionPage $page;

    private int $minutes;

    /** @param int|null $minutes of the session at hand; the person's own when null */
    public function __construct(private Dossier $dossier, ?int $minutes = null)
    {
        $this->minutes = $minutes ?? $dossier->person->minutes;
        $this->page = new SessionPage($dossier, $minutes);
    }

    /** @param array<string, Template> $templates */
    public function templates(array $templates): TemplatesView
    {
        $target = 60 * $this->minutes;
        $views = [];
        foreach ($templates as $template) {
            $start = SessionStart::fromTemplate($template, $this->dossier);
            $session = $this->page->read($start->blocks)->session;
            $total = $session?->timeline()->totals()->total() ?? 0;
            $views[] = new TemplateView(
                $template->slug,
                $template->name,
                $template->purpose,
                Totals::clock($total),
                $total <= $target,
                $session === null ? [] : array_map(static fn(Item $item): string => $item->rung->name, $session->items()),
                array_map(static fn(Reason $note): string => $note->sentence, $start->notes),
            );
        }
        $names = Person::query()->where('archived_at', null)->get()->pluck('name', 'id');

        return new TemplatesView($views, array_values(TrainingSession::query()->get(['id', 'person_id', 'title', 'updated_at'])
            ->filter(static fn(TrainingSession $row): bool => isset($names[$row->person_id]))->sortByDesc('updated_at')->take(60)
            ->map(fn(TrainingSession $row): EarlierSessionView => new EarlierSessionView($row->id, $row->title, self::name($names[$row->person_id] ?? ''), $row->person_id === $this->dossier->person->id, (string) $row->updated_at?->toIso8601ZuluString()))->all()));
    }

    public function text(string $text): SessionTextView
    {
        $read = SessionText::read($text, new NameIndex($this->dossier->library->ladders()), $this->dossier->workingRungs(), $this->dossier->method());
        $preview = $this->page->preview($read['blocks']);

        return new SessionTextView($read['title'], array_map(TextLineView::of(...), $read['lines']), WrittenBlockView::all($this->page->read($read['blocks'])->writtenAs($this->dossier->method()->counting())), $preview);
    }

    /** @param list<WrittenBlock> $blocks */
    public function orders(array $blocks): OrdersView
    {
        $session = $this->page->read($blocks)->session;
        if ($session === null) {
            return new OrdersView([]);
        }
        $heights = $this->dossier->evenness()->heights;
        $ofMethod = $this->dossier->method()->choice(Question::Order);

        return new OrdersView(array_map(function (OrderSchool $school) use ($session, $heights, $ofMethod): OrderView {
            $ordering = Ordering::of($session, $school, $heights);

            return new OrderView(
                $school->value,
                $school->value === $ofMethod,
                $ordering->isPresent,
                $ordering->savedSeconds,
                ReasonView::of($ordering->reason),
                array_map(static fn(Item $item): string => $item->rung->name, $ordering->session->items()),
                $this->blocks($ordering->session),
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
            return new FitView(-$target, true, 'There is nothing to fit yet.', [], null);
        }
        $over = $session->timeline()->totals()->total() - $target;
        $weakest = $this->dossier->evenness()->weakest;
        if ($over <= 0) {
            $offer = TimeLeft::offer($session, $target, $weakest, $this->dossier->method()->counting());

            return new FitView($over, true, 'It fits: '.Totals::clock(-$over).' left.', [], $offer === null ? null : WarningView::of($offer, $this->dossier->method()->counting()));
        }
        $steps = TimeFit::propose($session, $target, $this->dossier->targets(), $weakest, $this->dossier->circumstances()->limits, $this->elsewhere($own));
        $left = ($steps === [] ? $over + $target : $steps[count($steps) - 1]->totalSeconds) - $target;

        return new FitView(
            $over,
            $left <= 0,
            Totals::clock($over)." over {$this->minutes} minutes. ".match (true) {
                $steps === [] => 'Nothing can go without leaving a demand open: it needs more minutes, or a choice of yours.',
                $left > 0 => 'All of this together still leaves '.Totals::clock($left).' too much: it needs more minutes, or a choice of yours.',
                default => 'Least harm first; take as many steps as you like.',
            },
            array_map(fn(FitStep $step): FitStepView => new FitStepView(ReasonView::of($step->reason), $step->savedSeconds, $step->totalSeconds, Totals::clock($step->totalSeconds), $this->blocks($step->session)), $steps),
            null,
        );
    }

    /**
     * Seconds of work by demand in the other sessions of this week; in all others where no week is laid out.
     *
     * @return array<string, int>
     */
    private function elsewhere(string $own): array
    {
        $placed = WeekAtHand::of($this->dossier, $this->dossier->today())->placedSessions();
        $others = $this->dossier->person->trainingSessions()->get()->filter(static fn(TrainingSession $row): bool => $row->id !== $own && ($placed === [] || in_array($row->id, $placed, true)));

        return TimeFit::workIn(array_values(array_filter(array_map(
            fn(TrainingSession $row): ?Session => $this->page->read(array_map(WrittenBlock::read(...), $row->blocks))->session,
            $others->values()->all(),
        ))));
    }

    /** @return list<WrittenBlockView> */
    private function blocks(Session $session): array
    {
        return WrittenBlockView::all(WrittenBlock::all($session, $this->dossier->method()->counting()));
    }

    private static function name(mixed $name): string
    {
        return is_string($name) ? $name : '';
    }
}
