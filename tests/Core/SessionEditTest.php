<?php

declare(strict_types=1);

namespace Tests\Core;

use EvenRungs\Body\Side;
use EvenRungs\Dose\DoseLine;
use EvenRungs\Session\Edit;
use EvenRungs\Session\EditKind;
use EvenRungs\Session\ReadSession;
use EvenRungs\Session\WrittenBlock;
use EvenRungs\Session\WrittenItem;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * What an edit does to a session. The composer does the same at once, before the server answers: its test in
 * resources/js/session reads the same cases.
 *
 * @phpstan-type Written list<list<string|int>>
 */
final class SessionEditTest extends TestCase
{
    /** @return iterable<string, array{Written, array{kind: string, items: list<string>, rung: string|null, dose: string|null, seconds: int|null}, Written}> */
    public static function cases(): iterable
    {
        $cases = json_decode((string) file_get_contents(dirname(__DIR__).'/Cases/session-edits.json'), true, flags: JSON_THROW_ON_ERROR);
        /** @var list<array{says: string, blocks: Written, edit: array{kind: string, items: list<string>, rung: string|null, dose: string|null, seconds: int|null}, after: Written}> $cases */
        foreach ($cases as $case) {
            yield $case['says'] => [$case['blocks'], $case['edit'], $case['after']];
        }
    }

    /**
     * @param Written                                                                                            $blocks
     * @param array{kind: string, items: list<string>, rung: string|null, dose: string|null, seconds: int|null} $edit
     * @param Written                                                                                            $after
     */
    #[DataProvider('cases')]
    public function test_an_edit_does_this(array $blocks, array $edit, array $after): void
    {
        $number = 0;
        $written = array_map(static function (array $block) use (&$number): WrittenBlock {
            return self::block($block, static function () use (&$number): string {
                return 'e'.++$number;
            });
        }, $blocks);
        $session = ReadSession::of($written, ShippedLibrary::get(), static fn(): Side => Side::Left)->session;
        self::assertNotNull($session);

        $done = $this->edit($edit)->appliedTo($session);

        self::assertSame($after, $done === null ? [] : array_map(self::lines(...), WrittenBlock::all($done)));
    }

    /** @param array{kind: string, items: list<string>, rung: string|null, dose: string|null, seconds: int|null} $edit */
    private function edit(array $edit): Edit
    {
        $rung = $edit['rung'] === null ? null : ShippedLibrary::rung($edit['rung']);
        $rung ??= ShippedLibrary::rung('press-out/standing');
        $dose = DoseLine::parse($edit['dose'] ?? '2x8/side', $rung->sidedness);

        return match (EditKind::from($edit['kind'])) {
            EditKind::Swap => Edit::swap($edit['items'][0], $rung, $dose),
            EditKind::Dose => Edit::dose($edit['items'][0], $dose),
            EditKind::Gap => Edit::gapAfter($edit['items'][0], $edit['seconds'] ?? 0),
            EditKind::Order => Edit::order($edit['items']),
            EditKind::Remove => Edit::remove($edit['items'][0]),
            EditKind::Add => Edit::add($rung, $dose),
        };
    }

    /**
     * Part, then exercises; in a circuit with the gap behind each, and the rest between rounds last.
     *
     * @param list<string|int>   $block
     * @param callable(): string $id
     */
    private static function block(array $block, callable $id): WrittenBlock
    {
        $items = $rests = [];
        foreach (array_slice($block, 1) as $entry) {
            if (is_int($entry)) {
                $rests[] = $entry;
            } else {
                $items[] = new WrittenItem($id(), ...explode(' ', $entry, 2));
            }
        }

        return new WrittenBlock(count($items) > 1, $items, array_slice($rests, 0, -1), $rests === [] ? 0 : $rests[count($rests) - 1], \EvenRungs\Session\Part::from((string) $block[0]));
    }

    /** @return list<string|int> */
    private static function lines(WrittenBlock $block): array
    {
        $lines = [$block->part->value];
        foreach ($block->items as $at => $item) {
            $lines[] = "{$item->id} {$item->rung} {$item->dose}";
            if ($block->isCircuit) {
                $lines[] = $block->gapSeconds[$at] ?? $block->roundRestSeconds;
            }
        }

        return $lines;
    }
}
