<?php

declare(strict_types=1);

namespace EvenRungs\Program;

/** A version of a person's program as it is kept; its weeks are read when they are asked for. */
final class KeptProgram
{
    /** @var list<WrittenWeek>|null */
    private ?array $weeks = null;

    /**
     * @param array<array-key, mixed>                         $wish      as kept
     * @param list<array<array-key, mixed>>                   $written   weeks as kept
     * @param array<string, array{name: string, tenths: int}> $rungNames by slug, as they were then
     * @param string                                          $madeOn    date
     */
    public function __construct(
        public readonly string $id,
        private readonly array $wish,
        private readonly array $written,
        public readonly array $rungNames,
        public readonly string $why,
        public readonly string $madeOn,
        public readonly bool $takenBack = false,
    ) {}

    public function request(): WrittenRequest
    {
        return WrittenRequest::read($this->wish);
    }

    /** @return list<WrittenWeek> */
    public function weeks(): array
    {
        return $this->weeks ??= array_map(WrittenWeek::read(...), $this->written);
    }

    public function weekCount(): int
    {
        return count($this->written);
    }
}
