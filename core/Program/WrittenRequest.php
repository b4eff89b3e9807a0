<?php

declare(strict_types=1);

namespace EvenRungs\Program;

use EvenRungs\Calendar\Day;

/** What a program is asked to be, as it is written and kept. */
final readonly class WrittenRequest
{
    /**
     * @param int|null                                                           $rateTenths of height a week; null for the rate of the log, or the usual one
     * @param list<ProgramSlot>                                                  $slots
     * @param list<array{week: int, ladder: string, rung: string}>               $rungs   fixed from a week on
     * @param list<array{week: int, ladder: string, rung: string, dose: string}> $doses   fixed for a week; the rung the line is written for
     * @param list<array{slot: string, ladder: string, sets: int}>               $sets    fixed in every week
     * @param list<string>                                                       $without ladders left out
     * @param int                                                                $done    weeks of the same program that were trained before it
     * @param int                                                                $together sessions a week with a squad that it was made beside
     */
    public function __construct(
        public Day $start,
        public int $weeks,
        public int $seed,
        public ?int $rateTenths,
        public array $slots,
        public array $rungs = [],
        public array $doses = [],
        public array $sets = [],
        public array $without = [],
        public int $done = 0,
        public int $together = 0,
    ) {}

    /**
     * @param array<array-key, mixed> $data validated at the edge, or as kept
     *
     * @throws \InvalidArgumentException|\ValueError
     */
    public static function read(array $data): self
    {
        return new self(
            Day::parse(self::word($data, 'start'))->monday(),
            self::whole($data, 'weeks'),
            self::whole($data, 'seed'),
            ($data['rateTenths'] ?? null) === null ? null : self::whole($data, 'rateTenths'),
            array_map(ProgramSlot::read(...), self::rows($data, 'slots')),
            array_map(static fn(array $row): array => ['week' => self::whole($row, 'week'), 'ladder' => self::word($row, 'ladder'), 'rung' => self::word($row, 'rung')], self::rows($data, 'rungs')),
            array_map(static fn(array $row): array => ['week' => self::whole($row, 'week'), 'ladder' => self::word($row, 'ladder'), 'rung' => self::word($row, 'rung'), 'dose' => self::word($row, 'dose')], self::rows($data, 'doses')),
            array_map(static fn(array $row): array => ['slot' => self::word($row, 'slot'), 'ladder' => self::word($row, 'ladder'), 'sets' => self::whole($row, 'sets')], self::rows($data, 'sets')),
            array_values(array_filter(is_array($data['without'] ?? null) ? $data['without'] : [], is_string(...))),
            is_int($data['done'] ?? null) ? $data['done'] : 0,
            is_int($data['together'] ?? null) ? $data['together'] : 0,
        );
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'start' => $this->start->iso(),
            'weeks' => $this->weeks,
            'seed' => $this->seed,
            'rateTenths' => $this->rateTenths,
            'slots' => array_map(static fn(ProgramSlot $slot): array => $slot->toArray(), $this->slots),
            'rungs' => $this->rungs,
            'doses' => $this->doses,
            'sets' => $this->sets,
            'without' => $this->without,
            'done' => $this->done,
            'together' => $this->together,
        ];
    }

    /**
     * The same for the rest of it: the weeks behind are gone, and what was fixed for them with them.
     *
     * @param int $behind weeks of it that were trained and are past
     */
    public function restFrom(Day $monday, int $behind): self
    {
        $ahead = static fn(array $row): bool => $row['week'] > $behind;

        return new self(
            $monday,
            max(ProgramRequest::leastWeeks($this->done + $behind), $this->weeks - $behind),
            $this->seed,
            $this->rateTenths,
            $this->slots,
            array_map(static fn(array $row): array => [...$row, 'week' => $row['week'] - $behind], array_values(array_filter($this->rungs, $ahead))),
            array_map(static fn(array $row): array => [...$row, 'week' => $row['week'] - $behind], array_values(array_filter($this->doses, $ahead))),
            $this->sets,
            $this->without,
            $this->done + $behind,
            $this->together,
        );
    }

    /** A new program after this one, as long as it was with all its weeks; what was fixed for single weeks is over. */
    public function anew(Day $monday): self
    {
        $weeks = min(ProgramRequest::MOST_WEEKS, max(ProgramRequest::LEAST_WEEKS, $this->done + $this->weeks));

        return new self($monday, $weeks, $this->seed, $this->rateTenths, $this->slots, [], [], $this->sets, $this->without);
    }

    /** The same, as the rest of a program of which so many weeks were trained, beside so many sessions a week with a squad. */
    public function after(int $done, int $together): self
    {
        return new self($this->start, $this->weeks, $this->seed, $this->rateTenths, $this->slots, $this->rungs, $this->doses, $this->sets, $this->without, $done, $together);
    }

    /**
     * @param array<array-key, mixed> $data
     *
     * @return list<array<array-key, mixed>>
     */
    private static function rows(array $data, string $key): array
    {
        return array_values(array_filter(is_array($data[$key] ?? null) ? $data[$key] : [], is_array(...)));
    }

    /** @param array<array-key, mixed> $row */
    private static function word(array $row, string $key): string
    {
        return is_string($row[$key] ?? null) ? $row[$key] : throw new \InvalidArgumentException("{$key} has to be text.");
    }

    /** @param array<array-key, mixed> $row */
    private static function whole(array $row, string $key): int
    {
        return is_numeric($row[$key] ?? null) ? (int) $row[$key] : throw new \InvalidArgumentException("{$key} has to be a number.");
    }
}
