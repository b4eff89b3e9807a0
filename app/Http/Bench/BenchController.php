<?php

declare(strict_types=1);

namespace App\Http\Bench;

use App\Api\Reads;
use App\Api\Writes;
use App\Http\Shared\PageRequest;
use App\Records\PersonLines;
use Illuminate\Http\JsonResponse;

final class BenchController
{
    /** What needs the trainer today, most urgent first; page by page. */
    #[Reads('/api/bench', 'bench', BenchView::class, queries: ['after'])]
    public function show(PageRequest $input, PersonLines $lines): JsonResponse
    {
        return new JsonResponse((new BenchPage($input->by()))->view($lines, $input->page()));
    }

    /** A bare answer in the same middleware group: what bin/bench compares the preview with. */
    #[Writes('/api/ping', 'ping', PingView::class)]
    public function ping(): JsonResponse
    {
        return new JsonResponse(new PingView(true));
    }
}
