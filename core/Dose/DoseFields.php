<?php

declare(strict_types=1);

namespace EvenRungs\Dose;

use EvenRungs\Body\Side;
use EvenRungs\Method\Counting;

/** A dose taken apart for editing by fields. */
final readonly class DoseFields
{
    /**
     * @param 'reps'|'hold'|'falling'|'gathered'|'carry'|'timed'|'open' $kind
     * @param int                                                       $count   repetitions, holds or metres
     * @param int                                                       $seconds of a hold or a timed set; 0 where there is none
     * @param string                                                    $counts  holds of each falling set, such as 6-5-4; empty elsewhere
     * @param int|null                                                  $cap     of an open set
     * @param bool                                                      $forTime an open set held for time, not counted
     * @param 'both'|'left'|'right'                                     $works   which side works; `both` where each does, or both at once
     * @param 'left'|'right'|null                                       $extraSide which the extra sets are of; null without any
     * @param string|null                                               $range   as it is written, such as 45cm or half
     * @param string|null                                               $pull    of a band, as it is written: light, middle, strong or 80N
     * @param '/side'|' pairs'|' moves'                                 $suffix  how repetitions of two sides are counted here: what stands behind the count
     */
    public function __construct(
        public string $kind,
        public int $sets,
        public int $count,
        public int $seconds,
        public int $gapSeconds,
        public bool $perSide,
        public ?string $tempo,
        public ?int $restSeconds,
        public ?string $kilograms,
        public string $counts,
        public ?int $cap,
        public bool $forTime,
        public int $optionalSets,
        public string $suffix,
        public string $works = 'both',
        public int $extraSets = 0,
        public ?string $extraSide = null,
        public ?string $range = null,
        public ?string $pull = null,
    ) {}

    public static function of(Dose $dose, Counting $counting): self
    {
        $body = $dose->first();
        // Repetitions with two sides are written the way they are counted here.
        $written = static fn(int $count): int => $dose->perSide && $dose->only === null && $dose->unit() === Unit::Reps ? $counting->written($count) : $count;
        [$kind, $count, $seconds, $gap] = match (true) {
            $body instanceof Holds => [$dose->isFalling() ? 'falling' : 'hold', $body->count, $body->seconds, $body->gapSeconds],
            $body instanceof AccumulatedHold => ['gathered', $body->totalSeconds, $body->boutSeconds, $body->gapSeconds],
            $body instanceof Carry => ['carry', $body->metres, 0, 0],
            $body instanceof Timed => ['timed', 1, $body->seconds, 0],
            $body instanceof Open => ['open', $written($body->estimate), 0, 0],
            default => ['reps', $written($body->target()), 0, 0],
        };
        $cap = $body instanceof Open && $body->cap !== null ? $written($body->cap) : null;
        $counts = $dose->isFalling() ? implode('-', array_map(static fn(SetBody $body): string => $body instanceof Holds ? (string) $body->count : '', $dose->bodies)) : '';
        $suffix = $dose->unit() === Unit::Reps ? $counting->suffix() : Counting::EachSide->suffix();

        return new self(kind: $kind, sets: $dose->sets(), count: $count, seconds: $seconds, gapSeconds: $gap, perSide: $dose->perSide, tempo: $dose->tempo?->print(), restSeconds: $dose->restSeconds, kilograms: $dose->loadGrams === null ? null : DoseLine::kilograms($dose->loadGrams), counts: $counts, cap: $cap, forTime: $body instanceof Open && $dose->unit() === Unit::Seconds, optionalSets: $dose->optionalSets, suffix: $suffix, works: self::side($dose->only) ?? 'both', extraSets: $dose->extraSets, extraSide: self::side($dose->extraSide), range: $dose->range?->print(), pull: $dose->pull?->print());
    }

    /** @return 'left'|'right'|null */
    private static function side(?Side $side): ?string
    {
        return match ($side) {
            Side::Left => 'left',
            Side::Right => 'right',
            default => null,
        };
    }

    /** @param array<array-key, mixed> $data as sent; what is missing or of another type is empty */
    public static function read(array $data): self
    {
        $whole = static fn(string $name): ?int => is_int($data[$name] ?? null) ? $data[$name] : null;
        $text = static fn(string $name): ?string => is_string($data[$name] ?? null) ? mb_substr($data[$name], 0, 40) : null;
        /** @var 'reps'|'hold'|'falling'|'gathered'|'carry'|'timed'|'open' $kind */
        $kind = in_array($data['kind'] ?? null, ['hold', 'falling', 'gathered', 'carry', 'timed', 'open'], true) ? $data['kind'] : 'reps';
        $suffix = array_values(array_filter(Counting::cases(), static fn(Counting $counting): bool => $counting->suffix() === ($data['suffix'] ?? '')))[0] ?? Counting::EachSide;

        return new self($kind, $whole('sets') ?? 0, $whole('count') ?? 0, $whole('seconds') ?? 0, $whole('gapSeconds') ?? 0, ($data['perSide'] ?? false) === true, $text('tempo'), $whole('restSeconds'), $text('kilograms'), $text('counts') ?? '', $whole('cap'), ($data['forTime'] ?? false) === true, $whole('optionalSets') ?? 0, $suffix->suffix(), self::side(Side::tryFrom($text('works') ?? '')) ?? 'both', $whole('extraSets') ?? 0, self::side(Side::tryFrom($text('extraSide') ?? '')), $text('range'), $text('pull'));
    }

    /** The typed line for fields that were edited one by one; whether it can be read, reading it says. */
    public function line(): string
    {
        $side = match (true) {
            $this->works !== 'both' => "/{$this->works}",
            $this->perSide => $this->suffix,
            default => '',
        };
        $unit = $this->forTime ? 's' : '';
        $body = match ($this->kind) {
            'reps' => "{$this->count}{$side}",
            'hold' => $this->count === 1 ? "{$this->seconds}s{$side}" : "({$this->count}x{$this->seconds}s/{$this->gapSeconds}){$side}",
            'falling' => "({$this->counts}x{$this->seconds}s/{$this->gapSeconds}){$side}",
            'gathered' => "({$this->count}s by {$this->seconds}s/{$this->gapSeconds}){$side}",
            'carry' => "{$this->count}m{$side}",
            'timed' => "{$this->seconds}s on".($this->works === 'both' ? '' : $side),
            'open' => "max~{$this->count}{$unit}".($this->cap === null ? '' : "<={$this->cap}{$unit}").$side,
        };

        return implode(' ', array_filter([
            $this->kind === 'falling' ? $body : "{$this->sets}x{$body}",
            $this->extraSets > 0 && $this->works === 'both' ? "+{$this->extraSets} ".($this->extraSide ?? 'left') : '',
            $this->optionalSets > 0 ? "+{$this->optionalSets}" : '',
            $this->range ?? '',
            $this->tempo ?? '',
            $this->restSeconds === null ? '' : "r{$this->restSeconds}",
            $this->kilograms === null ? '' : "@{$this->kilograms}kg",
            $this->pull === null ? '' : "@{$this->pull}",
        ], static fn(string $part): bool => $part !== ''));
    }
}
