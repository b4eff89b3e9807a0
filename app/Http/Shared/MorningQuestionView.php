<?php

declare(strict_types=1);

namespace App\Http\Shared;

use App\Records\PersonFile;
use EvenRungs\Person\MorningQuestion;

/** A ladder of the last session whose next morning has not been asked for. */
final readonly class MorningQuestionView
{
    public function __construct(
        public string $log,
        public string $ladder,
        public string $name,
        public string $doneOn,
        public ?int $pain,
    ) {}

    /** @return list<self> */
    public static function all(PersonFile $file): array
    {
        return array_map(static fn(MorningQuestion $question): self => new self(
            log: $question->log->id,
            ladder: $question->ladder,
            name: $file->record->library->ladder($question->ladder)->name,
            doneOn: $question->log->on->iso(),
            pain: $question->pain,
        ), $file->record->morningsToAsk());
    }
}
