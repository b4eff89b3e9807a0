<?php

declare(strict_types=1);

namespace App\Http\Session;

use EvenRungs\Ladder\Rung;
use EvenRungs\Session\TextLine;

/** How one line of a session in text was understood. */
final readonly class TextLineView
{
    /**
     * @param int          $number   from 1
     * @param string|null  $name     what is taken; null where the line is no exercise
     * @param list<string> $choices  names of what else the words could mean, where they are not sure
     * @param string       $dose     the part of the line that is the dose, as typed
     * @param string       $written  the dose that is taken
     * @param int|null     $position where in the line reading stopped, from 0
     */
    public function __construct(
        public int $number,
        public string $text,
        public ?string $name,
        public array $choices,
        public string $dose,
        public string $written,
        public ?string $problem,
        public ?int $position,
    ) {}

    public static function of(TextLine $line): self
    {
        return new self(number: $line->number, text: $line->text, name: $line->rung?->name, choices: array_map(static fn(Rung $rung): string => $rung->name, $line->choices), dose: $line->dose, written: $line->written, problem: $line->problem, position: $line->position);
    }
}
