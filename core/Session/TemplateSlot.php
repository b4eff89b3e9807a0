<?php

declare(strict_types=1);

namespace EvenRungs\Session;

use EvenRungs\Body\Demand;
use EvenRungs\Body\Height;
use EvenRungs\Body\Position;
use EvenRungs\Ladder\Rung;

/** A place in a template: a demand and how high, never a fixed exercise. */
final readonly class TemplateSlot
{
    /**
     * @param bool|null             $dynamic     moving or still; null for either
     * @param bool|null             $standing    standing or on the floor; null for either
     * @param int                   $belowTenths so far below the working rung
     * @param Height|null           $atMost      never higher than this
     * @param bool                  $noKit       nothing but the floor, a mat and a wall
     * @param list<string>          $ladders     ladders to take it from first, where they fit
     * @param bool                  $half        half the default dose
     * @param array<string, string> $doses       lines by kind of set: `hold`, `reps`, `carry`; the default where absent
     */
    public function __construct(
        public Demand $demand,
        public ?bool $dynamic = null,
        public ?bool $standing = null,
        public int $belowTenths = 0,
        public ?Height $atMost = null,
        public bool $noKit = false,
        public array $ladders = [],
        public bool $half = false,
        public array $doses = [],
    ) {}

    /**
     * @param array<array-key, mixed> $data an entry of the templates file
     *
     * @throws \InvalidArgumentException
     */
    public static function read(array $data): self
    {
        $text = static fn(mixed $value): string => is_string($value) ? $value : throw new \InvalidArgumentException('A word is expected in a template.');
        $doses = [];
        foreach (is_array($data['dose'] ?? null) ? $data['dose'] : [] as $kind => $line) {
            $doses[(string) $kind] = $text($line);
        }
        $known = ['demand', 'kind', 'where', 'below', 'at_most', 'no_kit', 'ladders', 'half', 'dose'];
        if (array_diff(array_keys($data), $known) !== []) {
            throw new \InvalidArgumentException('A template has no “'.implode('”, “', array_diff(array_map(strval(...), array_keys($data)), $known)).'”.');
        }

        return new self(
            Demand::from($text($data['demand'] ?? null)),
            isset($data['kind']) ? $text($data['kind']) === 'dynamic' : null,
            isset($data['where']) ? $text($data['where']) === 'standing' : null,
            is_int($data['below'] ?? null) ? $data['below'] : 0,
            is_int($data['at_most'] ?? null) ? Height::ofTenths($data['at_most']) : null,
            ($data['no_kit'] ?? false) === true,
            array_values(array_map($text, is_array($data['ladders'] ?? null) ? $data['ladders'] : [])),
            ($data['half'] ?? false) === true,
            $doses,
        );
    }

    /** Whether a rung is of the kind asked for; `$strictly` false leaves out what may give way. */
    public function accepts(Rung $rung, bool $strictly): bool
    {
        $stands = in_array($rung->position, [Position::Standing, Position::Walking, Position::Hanging], true);

        return $rung->demand === $this->demand
            && ($this->atMost === null || $rung->height->above($this->atMost) <= 0)
            && (! $this->noKit || Template::needsNothing($rung))
            && (! $strictly || (($this->dynamic === null || $rung->dynamic === $this->dynamic) && ($this->standing === null || $stands === $this->standing)));
    }

    /** "a standing exercise", "a still exercise on the floor" */
    public function inWords(): string
    {
        return ($this->dynamic === null ? 'an' : 'a').match ($this->dynamic) {
            true => ' moving',
            false => ' still',
            null => '',
        }.' exercise'.match ($this->standing) {
            true => ' standing up',
            false => ' on the floor',
            null => '',
        };
    }
}
