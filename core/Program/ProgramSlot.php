<?php

declare(strict_types=1);

namespace EvenRungs\Program;

use EvenRungs\Week\Cell;
use EvenRungs\Week\DayPart;
use EvenRungs\Week\SessionRole;

/** A place for a core session in each week of a program: when, and how many minutes there are. */
final readonly class ProgramSlot
{
    public const LEAST_MINUTES = 3;

    public const MOST_MINUTES = 90;

    /** @throws \InvalidArgumentException */
    public function __construct(public string $id, public Cell $cell, public SessionRole $placement, public int $minutes, public int $effort)
    {
        if ($minutes < self::LEAST_MINUTES || $minutes > self::MOST_MINUTES) {
            throw new \InvalidArgumentException('A session has '.self::LEAST_MINUTES.' to '.self::MOST_MINUTES.' minutes.');
        }
    }

    public function inWords(): string
    {
        return $this->cell->inWords();
    }

    /**
     * @param array<array-key, mixed> $data validated at the edge, or as kept
     *
     * @throws \InvalidArgumentException|\ValueError
     */
    public static function read(array $data): self
    {
        $word = static fn(string $key): string => is_string($data[$key] ?? null) ? $data[$key] : throw new \InvalidArgumentException("{$key} has to be text.");
        $whole = static fn(string $key): int => is_numeric($data[$key] ?? null) ? (int) $data[$key] : throw new \InvalidArgumentException("{$key} has to be a number.");

        return new self($word('id'), new Cell($whole('day'), DayPart::from($word('part'))), SessionRole::from($word('placement')), $whole('minutes'), $whole('effort'));
    }

    /** @return array{id: string, day: int, part: string, placement: string, minutes: int, effort: int} */
    public function toArray(): array
    {
        return ['id' => $this->id, 'day' => $this->cell->day, 'part' => $this->cell->part->value, 'placement' => $this->placement->value, 'minutes' => $this->minutes, 'effort' => $this->effort];
    }
}
