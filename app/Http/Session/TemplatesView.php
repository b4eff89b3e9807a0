<?php

declare(strict_types=1);

namespace App\Http\Session;

use App\Api\ListOf;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class TemplatesView
{
    /**
     * @param list<TemplateView>       $templates
     * @param list<EarlierSessionView> $sessions
     */
    public function __construct(
        #[ListOf(TemplateView::class)]
        public array $templates,
        #[ListOf(EarlierSessionView::class)]
        public array $sessions,
    ) {}
}
