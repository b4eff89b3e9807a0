<?php

declare(strict_types=1);

namespace App\Http\Reading;

use App\Http\Shared\ChoiceView;

/** Who of the practice is shown what of a person, and what they wrote. */
final readonly class ReadersView
{
    /**
     * @param list<ReaderView>     $readers of the practice
     * @param list<ChoiceView>     $parts   what can be shared
     * @param list<ReaderNoteView> $waiting of readers, that nobody has read yet, the oldest first
     * @param list<ReaderNoteView> $notes   the newest first, page by page
     */
    public function __construct(public array $readers, public array $parts, public array $waiting, public array $notes, public ?string $next) {}
}
