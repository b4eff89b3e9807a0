<?php

declare(strict_types=1);

namespace App\Http\Bench;

use App\Http\Shared\PageRequest;
use App\Models\PersonLine;
use App\Models\User;
use App\Records\PersonLines;
use App\Records\SessionsAtHand;
use App\Time\PracticeClock;
use EvenRungs\Body\Demand;
use EvenRungs\Body\Height;
use EvenRungs\Person\Attention;
use EvenRungs\Person\Step;

/** What needs the trainer today, most urgent first. */
final readonly class BenchPage
{
    public function __construct(private User $by) {}

    public function view(PersonLines $lines, ?string $after): BenchView
    {
        $old = $lines->freshen($this->by, PersonLines::FRESHEN_MS);
        $page = PersonLine::query()->where('archived', false)->orderBy('urgency')->orderBy('name')->orderBy('person_id')->cursorPaginate(PageRequest::LINES, ['*'], 'after', $after);
        $rows = array_values($page->items());
        $today = PracticeClock::of($this->by)->today();
        $titles = SessionsAtHand::titles(array_values(array_map(static fn(PersonLine $row): string => $row->person_id, array_filter($rows, static fn(PersonLine $row): bool => $row->said['status'] === 'ready'))), $today);

        return new BenchView(
            today: $today->iso(),
            lines: array_map(static fn(PersonLine $row): BenchLineView => self::line($row, $titles[$row->person_id] ?? null), $rows),
            next: $page->nextCursor()?->encode(),
            old: $old,
        );
    }

    private static function line(PersonLine $row, ?string $session): BenchLineView
    {
        $step = Step::from($row->said['step']);

        return new BenchLineView(
            id: $row->person_id,
            name: $row->name,
            about: $row->about,
            sentence: Attention::said($step, $row->said['sentence'], $session),
            action: $row->said['action'],
            step: $step,
            status: $row->said['status'],
            spread: $row->spread === null ? null : Height::tenthsLabel($row->spread),
            weakest: $row->weakest === null ? null : Demand::from($row->weakest)->shortName(),
            lastDone: $row->last_done,
        );
    }
}
