<?php

declare(strict_types=1);

namespace App\Http\Bench;

use App\Api\Changes;
use App\Api\Reads;
use App\Api\Writes;
use App\Http\Shared\PageRequest;
use App\Http\Shared\SavedView;
use App\Models\PersonLine;
use App\Models\User;
use App\Records\PersonLines;
use App\Records\SessionsAtHand;
use App\Time\PracticeClock;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;

final class BenchController
{
    /** So many people a device keeps at most. */
    private const KEPT = 40;

    /** What needs the trainer today, most urgent first; page by page. */
    #[Reads('/api/bench', 'bench', BenchView::class, queries: ['after'])]
    public function show(PageRequest $input, PersonLines $lines): JsonResponse
    {
        return new JsonResponse((new BenchPage($input->by()))->view($lines, $input->page()));
    }

    /** Whom a device keeps for where there is no network: those whose session is placed today or tomorrow. */
    #[Reads('/api/floor', 'floor', FloorView::class)]
    public function floor(#[CurrentUser] User $user, PersonLines $lines): JsonResponse
    {
        $lines->freshen($user, PersonLines::FRESHEN_MS);
        $today = PracticeClock::of($user)->today();
        $rows = PersonLine::query()->where('archived', false)->where('stop', false)->where('next_on', '<=', $today->plusDays(1)->iso())->orderBy('next_on')->orderBy('name')->limit(self::KEPT)->get();
        $sessions = SessionsAtHand::of(array_values($rows->map(static fn(PersonLine $row): string => $row->person_id)->all()), $today);

        return new JsonResponse(new FloorView($today->iso(), array_values($rows->map(static fn(PersonLine $row): FloorPersonView => new FloorPersonView($row->person_id, $row->name, (string) $row->next_on, $sessions[$row->person_id] ?? null))->all()), $user->practice->kept_days));
    }

    /** For how many days people stay on devices of the practice. */
    #[Changes('/api/floor/days', 'setKeptDays', SavedView::class, KeptDaysRequest::class)]
    public function days(KeptDaysRequest $input): JsonResponse
    {
        $practice = $input->by()->practice;
        $practice->update(['kept_days' => $input->integer('days')]);

        return new JsonResponse(new SavedView($practice->id));
    }

    /** A bare answer in the same middleware group: what bin/bench compares the preview with. */
    #[Writes('/api/ping', 'ping', PingView::class)]
    public function ping(): JsonResponse
    {
        return new JsonResponse(new PingView(true));
    }
}
