<?php

declare(strict_types=1);

namespace App\Http\Bench;

use App\Api\Reads;
use App\Api\Writes;
use App\Models\User;
use App\Records\OpenPerson;
use App\Time\PracticeClock;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;

final class BenchController
{
    #[Reads('/api/bench', 'bench', BenchView::class)]
    public function show(#[CurrentUser] User $user, OpenPerson $open): JsonResponse
    {
        return new JsonResponse(new BenchView(today: PracticeClock::of($user)->today()->iso(), lines: BenchPage::lines($open, $user)));
    }

    /** A bare answer in the same middleware group: what bin/bench compares the preview with. */
    #[Writes('/api/ping', 'ping', PingView::class)]
    public function ping(): JsonResponse
    {
        return new JsonResponse(new PingView(true));
    }
}
