<?php

declare(strict_types=1);

namespace EvenRungs\Dose;

/**
 * The pace of one repetition: lowering – pause – lifting – pause, in seconds.
 *
 * The first part is always the lowering, the phase in which the load gains, even where the exercise
 * begins with the lift; the rung's phases say which one it starts with.
 */
final readonly class Tempo
{
    private const NAMES = ['first part, lowering,', 'second part, the pause after lowering,', 'third part, lifting,', 'fourth part, the pause after lifting,'];

    private function __construct(
        public TempoPart $lowering,
        public TempoPart $pauseLow,
        public TempoPart $lifting,
        public TempoPart $pauseHigh,
    ) {}

    /**
     * @param string $text such as `3-1-3-1` or `2-0-X-1`
     *
     * @throws InvalidTempo saying which part is wrong
     */
    public static function parse(string $text): self
    {
        $parts = explode('-', trim($text));
        if (count($parts) !== 4) {
            throw InvalidTempo::notFourParts($text);
        }
        $read = array_map(TempoPart::parse(...), array_map(trim(...), $parts), self::NAMES);
        $tempo = new self($read[0], $read[1], $read[2], $read[3]);
        if ($tempo->repSeconds() === 0) {
            throw InvalidTempo::allZero();
        }

        return $tempo;
    }

    /** Seconds of one repetition, pauses included. */
    public function repSeconds(): int
    {
        return $this->lowering->seconds + $this->pauseLow->seconds + $this->lifting->seconds + $this->pauseHigh->seconds;
    }

    /**
     * The same with another pause after lifting.
     *
     * @throws InvalidTempo
     */
    public function pausingAtTop(int $seconds): self
    {
        return self::parse("{$this->lowering->print()}-{$this->pauseLow->print()}-{$this->lifting->print()}-{$seconds}");
    }

    /**
     * The same with another lowering.
     *
     * @throws InvalidTempo
     */
    public function loweringIn(int $seconds): self
    {
        return self::parse("{$seconds}-{$this->pauseLow->print()}-{$this->lifting->print()}-{$this->pauseHigh->print()}");
    }

    /** The one written form: parse(print()) is the same tempo. */
    public function print(): string
    {
        return "{$this->lowering->print()}-{$this->pauseLow->print()}-{$this->lifting->print()}-{$this->pauseHigh->print()}";
    }
}
