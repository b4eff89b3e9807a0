<?php

declare(strict_types=1);

namespace EvenRungs\Person;

use EvenRungs\Body\Side;
use EvenRungs\Ladder\Rung;
use EvenRungs\Session\WrittenBlock;
use EvenRungs\Session\WrittenItem;

/**
 * Where the person stood when an exercise was written: a lower rung that was written while they stood as they do now, as from
 * an easy template or for another day's variation, is lower on purpose; one they have left behind since is not.
 */
final class StoodThen
{
    /**
     * Exercises with where the person stands on their ladders as they are written; what stood there already keeps what it was
     * written with, also where that is not known, as of sessions kept before this was.
     *
     * @param list<WrittenBlock> $blocks
     * @param int                $at     order in time of now
     * @param list<WrittenBlock> $before the same session as it was kept last
     *
     * @return list<WrittenBlock>
     */
    public static function on(array $blocks, PersonRecord $record, int $at, array $before = []): array
    {
        $kept = array_column(array_merge([], ...array_map(static fn(WrittenBlock $block): array => $block->items, $before)), null, 'id');
        $written = static function (WrittenItem $item) use ($record, $at, $kept): WrittenItem {
            $was = $kept[$item->id] ?? null;

            return $was?->rung === $item->rung
                ? $item->written($was->stood, $was->at)
                : $item->written(self::now($item->rung, $record), $at);
        };

        return array_map(static fn(WrittenBlock $block): WrittenBlock => $block->withItems(array_map($written, $block->items)), $blocks);
    }

    /** Whether they stand as they did then, and have not gone past it since; what was written before this was known, and off their ladders, is not. */
    public static function isNow(WrittenItem $item, PersonRecord $record): bool
    {
        return $item->stood !== null && $item->stood === self::now($item->rung, $record)
            && ! in_array($item->rung, GonePast::of($record, $item->at), true);
    }

    /** The rung a session takes of its ladder, or what stands in where that is ruled out. */
    private static function now(string $slug, PersonRecord $record): ?string
    {
        $written = $record->library->has($slug) ? $record->library->rung($slug) : null;

        return $written === null ? null : self::rung($written->ladder, $record)?->slug;
    }

    /** What is done where a session takes the working rung of a ladder: that one, or what stands in where it is ruled out; null where nothing does. */
    public static function rung(string $ladder, PersonRecord $record): ?Rung
    {
        $working = $record->workingRung($ladder);
        if ($working === null || $record->circumstances()->rule($working)->openOn(Side::Both)) {
            return $working;
        }

        return $record->circumstances()->nextOpen($record->library->ladder($working->ladder), $working, up: false, on: Side::Both);
    }
}
