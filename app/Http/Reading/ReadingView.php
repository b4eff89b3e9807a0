<?php

declare(strict_types=1);

namespace App\Http\Reading;

/** A person as a reader is shown them. */
final readonly class ReadingView
{
    /**
     * @param string               $by    who shared them
     * @param string               $since date
     * @param string|null          $until the last day
     * @param list<ReadPartView>   $parts that are shared
     * @param list<ReaderNoteView> $notes with this reader, the newest first, page by page
     */
    public function __construct(public string $person, public string $name, public string $about, public string $aim, public string $by, public string $since, public ?string $until, public array $parts, public array $notes, public ?string $next) {}
}
