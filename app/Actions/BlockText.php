<?php

declare(strict_types=1);

namespace App\Actions;

/** A block as it is written and stored. */
final readonly class BlockText
{
    /**
     * @param list<ItemText> $items
     * @param list<int>      $gapSeconds
     */
    public function __construct(public bool $isCircuit, public array $items, public array $gapSeconds, public int $roundRestSeconds) {}

    /** @param array<array-key, mixed> $data validated at the edge, or as stored */
    public static function read(array $data): self
    {
        $items = [];
        foreach (is_array($data['items'] ?? null) ? $data['items'] : [] as $item) {
            if (is_array($item)) {
                $items[] = new ItemText(self::text($item['id'] ?? ''), self::text($item['rung'] ?? ''), self::text($item['dose'] ?? ''));
            }
        }
        $gaps = is_array($data['gapSeconds'] ?? null) ? $data['gapSeconds'] : [];
        $rest = $data['roundRestSeconds'] ?? 0;

        return new self(
            ($data['kind'] ?? '') === 'circuit',
            $items,
            array_map(static fn(mixed $gap): int => is_numeric($gap) ? (int) $gap : 0, array_values($gaps)),
            is_numeric($rest) ? (int) $rest : 0,
        );
    }

    /** @return array{kind: string, items: list<array{id: string, rung: string, dose: string}>, gapSeconds: list<int>, roundRestSeconds: int} */
    public function toArray(): array
    {
        return [
            'kind' => $this->isCircuit ? 'circuit' : 'straight',
            'items' => array_map(static fn(ItemText $item): array => ['id' => $item->id, 'rung' => $item->rung, 'dose' => $item->dose], $this->items),
            'gapSeconds' => $this->gapSeconds,
            'roundRestSeconds' => $this->roundRestSeconds,
        ];
    }

    private static function text(mixed $value): string
    {
        return is_string($value) ? $value : '';
    }
}
