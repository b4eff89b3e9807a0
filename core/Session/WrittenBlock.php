<?php

declare(strict_types=1);

namespace EvenRungs\Session;

use EvenRungs\Dose\DoseFields;
use EvenRungs\Method\Counting;

/** A block as it is written and stored. */
final readonly class WrittenBlock
{
    /**
     * @param list<WrittenItem> $items
     * @param list<int>         $gapSeconds
     */
    public function __construct(
        public bool $isCircuit,
        public array $items,
        public array $gapSeconds = [],
        public int $roundRestSeconds = 0,
        public Part $part = Part::Main,
    ) {}

    public static function straight(WrittenItem $item, Part $part = Part::Main): self
    {
        return new self(false, [$item], part: $part);
    }

    public static function of(Block $block, Counting $counting = Counting::EachSide): self
    {
        $items = array_map(static fn(Item $item): WrittenItem => WrittenItem::of($item, $counting), $block->items());

        return $block instanceof Circuit
            ? new self(true, $items, $block->gapSeconds, $block->roundRestSeconds, $block->part())
            : new self(false, $items, part: $block->part());
    }

    /** @return list<self> */
    public static function all(Session $session, Counting $counting = Counting::EachSide): array
    {
        return array_map(static fn(Block $block): self => self::of($block, $counting), $session->blocks);
    }

    /** @param list<WrittenItem> $items */
    public function withItems(array $items): self
    {
        return new self($this->isCircuit, $items, $this->gapSeconds, $this->roundRestSeconds, $this->part);
    }

    /**
     * The same with only these of its exercises: one that is left of a circuit stands on its own; null where none is.
     *
     * @param list<WrittenItem> $items
     */
    public function withOnly(array $items): ?self
    {
        $ids = array_map(static fn(WrittenItem $item): string => $item->id, $items);
        $kept = array_keys(array_filter($this->items, static fn(WrittenItem $item): bool => in_array($item->id, $ids, true)));

        return $items === [] ? null : new self($this->isCircuit && count($items) > 1, $items, $this->isCircuit ? Circuit::gapsOf($this->gapSeconds, $kept) : [], $this->roundRestSeconds, $this->part);
    }

    /** @param array<array-key, mixed> $data validated at the edge, or as stored */
    public static function read(array $data): self
    {
        $items = [];
        foreach (is_array($data['items'] ?? null) ? $data['items'] : [] as $item) {
            if (is_array($item)) {
                $items[] = new WrittenItem(self::text($item['id'] ?? ''), self::text($item['rung'] ?? ''), is_array($item['fields'] ?? null) ? DoseFields::read($item['fields'])->line() : self::text($item['dose'] ?? ''), is_string($item['stood'] ?? null) ? $item['stood'] : null, is_int($item['at'] ?? null) ? $item['at'] : 0);
            }
        }
        $gaps = is_array($data['gapSeconds'] ?? null) ? $data['gapSeconds'] : [];
        $rest = $data['roundRestSeconds'] ?? 0;

        return new self(
            ($data['kind'] ?? '') === 'circuit',
            $items,
            array_map(static fn(mixed $gap): int => is_numeric($gap) ? (int) $gap : 0, array_values($gaps)),
            is_numeric($rest) ? (int) $rest : 0,
            Part::tryFrom(self::text($data['part'] ?? '')) ?? Part::Main,
        );
    }

    /** @return array{kind: string, part: string, items: list<array{id: string, rung: string, dose: string, stood?: string, at?: int}>, gapSeconds: list<int>, roundRestSeconds: int} */
    public function toArray(): array
    {
        return [
            'kind' => $this->isCircuit ? 'circuit' : 'straight',
            'part' => $this->part->value,
            'items' => array_map(static fn(WrittenItem $item): array => ['id' => $item->id, 'rung' => $item->rung, 'dose' => $item->dose, ...($item->stood === null ? [] : ['stood' => $item->stood, 'at' => $item->at])], $this->items),
            'gapSeconds' => $this->gapSeconds,
            'roundRestSeconds' => $this->roundRestSeconds,
        ];
    }

    private static function text(mixed $value): string
    {
        return is_string($value) ? $value : '';
    }
}
