<?php

declare(strict_types=1);

namespace App\Http\Session;

use App\Api\ListOf;
use EvenRungs\Ladder\Rung;
use EvenRungs\Session\TextLine;
use OpenApi\Attributes as OA;

/** How one line of a session in text was understood. */
#[OA\Schema]
final readonly class TextLineView
{
    /** @param list<string> $choices names of what else the words could mean, where they are not sure */
    public function __construct(
        #[OA\Property(description: 'from 1')]
        public int $number,
        #[OA\Property]
        public string $text,
        #[OA\Property(description: 'what is taken; null where the line is no exercise')]
        public ?string $name,
        #[ListOf('string')]
        public array $choices,
        #[OA\Property(description: 'the part of the line that is the dose, as typed')]
        public string $dose,
        #[OA\Property(description: 'the dose that is taken')]
        public string $written,
        #[OA\Property]
        public ?string $problem,
        #[OA\Property(description: 'where in the line reading stopped, from 0')]
        public ?int $position,
    ) {}

    public static function of(TextLine $line): self
    {
        return new self($line->number, $line->text, $line->rung?->name, array_map(static fn(Rung $rung): string => $rung->name, $line->choices), $line->dose, $line->written, $line->problem, $line->position);
    }
}
