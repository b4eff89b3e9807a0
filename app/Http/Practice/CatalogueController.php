<?php

declare(strict_types=1);

namespace App\Http\Practice;

use App\Api\Reads;
use App\Library\LibraryFiles;
use Illuminate\Http\JsonResponse;

/** The lists that forms choose from. */
final readonly class CatalogueController
{
    #[Reads('/api/catalogue', 'catalogue', CatalogueView::class)]
    public function show(LibraryFiles $files): JsonResponse
    {
        return new JsonResponse(CatalogueView::make($files->shelf()->poses->names()));
    }
}
