<?php

declare(strict_types=1);

namespace App\Http\Session;

/** The shape of a written session: blocks, their exercises and rests. What a dose means is the core's. */
final class BlocksShape
{
    private const MOST = 40;

    /** @return array<string, string> sentence by path of the field; empty when the shape is right */
    public static function problems(mixed $blocks): array
    {
        $problems = $seen = [];
        foreach (is_array($blocks) ? $blocks : [] as $at => $block) {
            $path = "blocks.{$at}";
            if (! is_array($block) || ! in_array($block['kind'] ?? null, ['straight', 'circuit'], true)) {
                $problems["{$path}.kind"] = 'A block is straight sets or a circuit.';

                continue;
            }
            if (! in_array($block['part'] ?? 'main', ['primer', 'main', 'finisher'], true)) {
                $problems["{$path}.part"] = 'A block is in the primer, the main part or the finisher.';
            }
            $items = $block['items'] ?? null;
            if (! is_array($items) || ! array_is_list($items) || $items === [] || count($items) > self::MOST) {
                $problems["{$path}.items"] = 'A block has from 1 to '.self::MOST.' exercises.';

                continue;
            }
            foreach ($items as $number => $item) {
                $id = is_array($item) ? $item['id'] ?? null : null;
                if (! is_array($item) || ! is_string($id) || preg_match('/^[a-z0-9-]{1,40}$/', $id) !== 1 || isset($seen[$id])) {
                    $problems["{$path}.items.{$number}.id"] = 'Each exercise of a session needs an id of its own, of small letters, digits and dashes.';

                    continue;
                }
                $seen[$id] = true;
                if (! is_string($item['rung'] ?? null) || strlen($item['rung']) > 130) {
                    $problems["{$path}.items.{$number}.rung"] = 'This is not the name of a rung.';
                }
                if (! is_array($item['fields'] ?? [])) {
                    $problems["{$path}.items.{$number}.fields"] = 'The dose by fields cannot be read.';
                }
                if (! is_string($item['dose'] ?? '') || mb_strlen($item['dose'] ?? '') > 120) {
                    $problems["{$path}.items.{$number}.dose"] = 'A dose line has at most 120 characters.';
                }
            }
            $gaps = $block['gapSeconds'] ?? null;
            if (! is_array($gaps) || ! array_is_list($gaps) || array_filter($gaps, self::isRest(...)) !== $gaps) {
                $problems["{$path}.gapSeconds"] = 'A gap in a circuit is from 0 to 600 whole seconds.';
            }
            if (! self::isRest($block['roundRestSeconds'] ?? null)) {
                $problems["{$path}.roundRestSeconds"] = 'The rest between rounds is from 0 to 600 whole seconds.';
            }
        }

        return $problems;
    }

    private static function isRest(mixed $value): bool
    {
        return is_int($value) && $value >= 0 && $value <= 600;
    }
}
