<?php

declare(strict_types=1);

namespace App\Http\Session;

final readonly class TemplatesView
{
    /**
     * @param list<TemplateView>       $templates
     * @param list<EarlierSessionView> $sessions
     */
    public function __construct(
        public array $templates,
        public array $sessions,
    ) {}
}
