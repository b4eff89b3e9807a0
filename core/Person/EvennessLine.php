<?php

declare(strict_types=1);

namespace EvenRungs\Person;

use EvenRungs\Body\Height;

/** How far apart a person's lowest and highest demand stood, week by week up to today. */
final readonly class EvennessLine
{
    private const WEEKS = 12;

    /** @param non-empty-list<int> $tenths spread of each week, the oldest first, today's last */
    private function __construct(public array $tenths) {}

    /** Null while fewer than two demands have a height. */
    public static function of(PersonRecord $record): ?self
    {
        $tenths = [];
        for ($ago = self::WEEKS; $ago > 0; $ago--) {
            $tenths[] = $record->evennessOf($record->positionsOn($record->today->plusDays(-7 * $ago)))->spreadTenths;
        }
        $now = $record->evenness()->spreadTenths;
        $before = array_values(array_filter($tenths, is_int(...)));

        return $now === null ? null : new self([...$before, $now]);
    }

    public function sentence(): string
    {
        $now = $this->tenths[count($this->tenths) - 1];
        $first = $this->tenths[0];
        $weeks = count($this->tenths) - 1;
        $said = 'Your lowest and your highest rung are '.Height::tenthsLabel($now).' apart';

        return match (true) {
            $weeks === 0 => "{$said}.",
            $now === $first => "{$said}, as ".self::ago($weeks).'.',
            default => "{$said}; ".self::ago($weeks).' it was '.Height::tenthsLabel($first).'.',
        };
    }

    private static function ago(int $weeks): string
    {
        return $weeks === 1 ? 'a week ago' : "{$weeks} weeks ago";
    }
}
