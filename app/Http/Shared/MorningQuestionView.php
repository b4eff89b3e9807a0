<?php

declare(strict_types=1);

namespace App\Http\Shared;

use App\Records\PersonFile;

/** The last session, whose next morning has not been asked for. */
final readonly class MorningQuestionView
{
    /** @param int|null $pain highest told in the session */
    public function __construct(
        public string $log,
        public string $doneOn,
        public ?int $pain,
    ) {}

    public static function of(PersonFile $file): ?self
    {
        $question = $file->record->morningToAsk();

        return $question === null ? null : new self(log: $question->log->id, doneOn: $question->log->on->iso(), pain: $question->pain);
    }
}
