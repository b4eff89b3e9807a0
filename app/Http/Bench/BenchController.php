<?php

declare(strict_types=1);

namespace App\Http\Bench;

use App\Api\Reads;
use App\Api\Writes;
use App\Http\Person\PersonPage;
use App\Http\Practice\CatalogueView;
use App\Library\LibraryFiles;
use App\Models\User;
use App\Records\Dossier;
use App\Records\OpenPerson;
use App\Time\PracticeClock;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final class BenchController
{
    #[Reads('/api/bench', 'bench', BenchView::class)]
    public function show(Request $request, OpenPerson $open): JsonResponse
    {
        /** @var User $user */
        $user = $request->user();
        $lines = $open->all($user)->map(static fn(Dossier $dossier): array => (new PersonPage($dossier))->benchLine())->all();
        usort($lines, static fn(array $a, array $b): int => [$a[0], $a[1]->name] <=> [$b[0], $b[1]->name]);

        return new JsonResponse(new BenchView(PracticeClock::of($user)->today()->iso(), array_column($lines, 1)));
    }

    /** A bare answer in the same middleware group: what bin/bench compares the preview with. */
    #[Writes('/api/ping', 'ping', PingView::class)]
    public function ping(): JsonResponse
    {
        return new JsonResponse(new PingView(true));
    }

    #[Reads('/api/catalogue', 'catalogue', CatalogueView::class)]
    public function catalogue(LibraryFiles $files): JsonResponse
    {
        return new JsonResponse(CatalogueView::make($files->shelf()->poses->names()));
    }
}
