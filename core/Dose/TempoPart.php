<?php

declare(strict_types=1);

namespace EvenRungs\Dose;

/** One of the four parts of a tempo: whole seconds, or as fast as controlled. */
final readonly class TempoPart
{
    private function __construct(public int $seconds, public bool $asFastAsControlled) {}

    /** @throws InvalidTempo naming the part */
    public static function parse(string $text, string $name): self
    {
        if ($text === 'X' || $text === 'x') {
            // One second on the clock: our own choice.
            return new self(1, true);
        }
        if (preg_match('/^\d{1,2}$/', $text) !== 1 || (int) $text > 60) {
            throw InvalidTempo::part($name, $text);
        }

        return new self((int) $text, false);
    }

    public function print(): string
    {
        return $this->asFastAsControlled ? 'X' : (string) $this->seconds;
    }
}
