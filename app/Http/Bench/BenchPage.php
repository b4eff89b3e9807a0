<?php

declare(strict_types=1);

namespace App\Http\Bench;

use App\Http\Shared\PageRequest;
use App\Models\PersonLine;
use App\Models\SessionLog;
use App\Models\Squad;
use App\Models\TrainingSession;
use App\Models\User;
use App\Records\PersonLines;
use App\Records\SessionsAtHand;
use App\Time\PracticeClock;
use EvenRungs\Body\Demand;
use EvenRungs\Body\Height;
use EvenRungs\Calendar\Day;
use EvenRungs\Person\Attention;
use EvenRungs\Person\Step;
use EvenRungs\Reason\Words;
use EvenRungs\Week\Meeting;

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
            squads: $after === null ? self::squads($today) : [],
            lines: array_map(static fn(PersonLine $row): BenchLineView => self::line($row, $titles[$row->person_id] ?? null), $rows),
            next: $page->nextCursor()?->encode(),
            old: $old,
        );
    }

    /** @return list<BenchSquadView> */
    private static function squads(Day $today): array
    {
        $meeting = [];
        $squads = Squad::query()->whereNotNull('meets')->withCount('present')->orderBy('name')->get()->filter(static fn(Squad $row): bool => Meeting::toCome($row->meetings(), $today, 0) !== []);
        if ($squads->isEmpty()) {
            return [];
        }
        $told = self::told($squads->modelKeys(), $today);
        foreach ($squads as $row) {
            foreach (Meeting::toCome($row->meetings(), $today, $told[$row->id] ?? 0) as $at) {
                $meeting[] = [$at->cell, $row];
            }
        }
        usort($meeting, static fn(array $a, array $b): int => [$a[0]->index(), $a[0]->minute] <=> [$b[0]->index(), $b[0]->minute]);

        return array_map(
            static fn(array $one): BenchSquadView => new BenchSquadView($one[1]->id, $one[1]->name, 'Meets today '.($one[0]->time() === null ? "in the {$one[0]->part->value}" : "at {$one[0]->time()}").': '.($one[1]->present_count === 1 ? 'one person' : "{$one[1]->present_count} people").', '.Words::counted(count($one[1]->stations), 'station').'.'),
            $meeting,
        );
    }

    /**
     * @param array<int, int|string> $squads
     *
     * @return array<string, int> how often they were told on a day, by squad: as often as of the one of whom it was told most often
     */
    private static function told(array $squads, Day $today): array
    {
        $times = SessionLog::query()->where('done_on', $today->iso())->whereIn('training_session_id', TrainingSession::query()->whereIn('squad_id', $squads)->select('id'))->pluck('training_session_id')->countBy();
        $told = [];
        foreach (TrainingSession::query()->whereKey($times->keys())->get(['id', 'squad_id']) as $row) {
            $told[(string) $row->squad_id] = max($told[(string) $row->squad_id] ?? 0, $times[$row->id]);
        }

        return $told;
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
