<?php

declare(strict_types=1);

namespace App\Http\Library;

use App\Api\Reads;
use App\Models\User;
use EvenRungs\Ladder\Library as Ladders;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;

/** The ladders. */
final readonly class LibraryController
{
    public function __construct(private Ladders $library) {}

    #[Reads('/api/library', 'library', LibraryView::class)]
    public function show(#[CurrentUser] User $user): JsonResponse
    {
        return new JsonResponse((new LibraryPage($this->library, $user->practice->method()))->view());
    }

    #[Reads('/api/figures/{ladder}', 'figures', LadderFiguresView::class)]
    public function figures(string $ladder): JsonResponse
    {
        return new JsonResponse(new LadderFiguresView(array_map(RungFigureView::of(...), $this->library->ladder($ladder)->rungs)));
    }

    #[Reads('/api/figures/{ladder}/{rung}', 'figures.faults', RungFaultsView::class)]
    public function faults(string $ladder, string $rung): JsonResponse
    {
        return new JsonResponse(new RungFaultsView($this->library->rung("{$ladder}/{$rung}")->drawnFaults()));
    }
}
