<?php

declare(strict_types=1);

namespace EvenRungs\Balance;

use EvenRungs\Body\Demand;
use EvenRungs\Body\Position;
use EvenRungs\Body\Side;
use EvenRungs\Session\Segment;
use EvenRungs\Session\TimeKind;
use EvenRungs\Session\Timeline;

/** How the work falls on two ends of something: left and right, front and back, static and dynamic, floor and standing. */
final readonly class Mix
{
    /** @param int<0, 100>|null $percent of the first end; null where there is no such work */
    private function __construct(public string $first, public string $second, public ?int $percent, public int $firstSeconds, public int $secondSeconds) {}

    /** @return list<self> */
    public static function of(Timeline $timeline): array
    {
        $half = array_fill_keys(['left', 'right', 'front', 'back', 'static', 'dynamic', 'floor', 'standing'], 0);
        foreach ($timeline->segments as $segment) {
            if ($segment->stretch !== TimeKind::Work) {
                continue;
            }
            $rung = $segment->item->rung;
            // Both sides at once load each of them: half a second each.
            $half['left'] += self::onSide($segment, Side::Left);
            $half['right'] += self::onSide($segment, Side::Right);
            $half[$rung->dynamic ? 'dynamic' : 'static'] += 2 * $segment->seconds;
            $half[in_array($rung->position, [Position::Standing, Position::Walking, Position::Hanging], true) ? 'standing' : 'floor'] += 2 * $segment->seconds;
            // As the shares count it: a secondary demand by half.
            foreach (['front' => Demand::AntiExtension, 'back' => Demand::AntiFlexion] as $end => $demand) {
                $half[$end] += $segment->seconds * (2 * (int) ($rung->demand === $demand) + (int) in_array($demand, $rung->secondary, true));
            }
        }

        return array_map(
            static fn(array $ends): self => self::between($ends[0], $ends[1], $half[$ends[0]], $half[$ends[1]]),
            [['left', 'right'], ['front', 'back'], ['static', 'dynamic'], ['floor', 'standing']],
        );
    }

    private static function onSide(Segment $segment, Side $side): int
    {
        return match ($segment->side) {
            Side::Both => $segment->seconds,
            $side => 2 * $segment->seconds,
            default => 0,
        };
    }

    private static function between(string $first, string $second, int $one, int $other): self
    {
        $sum = $one + $other;
        $percent = $sum === 0 ? null : max(0, min(100, intdiv(200 * $one + $sum, 2 * $sum)));

        return new self($first, $second, $percent, intdiv($one, 2), intdiv($other, 2));
    }
}
