<?php

declare(strict_types=1);

namespace Tests\Core;

use EvenRungs\Dose\AccumulatedHold;
use EvenRungs\Dose\Carry;
use EvenRungs\Dose\Dose;
use EvenRungs\Dose\Holds;
use EvenRungs\Dose\Open;
use EvenRungs\Dose\Reps;
use EvenRungs\Dose\Tempo;
use EvenRungs\Dose\Timed;
use EvenRungs\Dose\Unit;
use EvenRungs\Ladder\Rung;
use EvenRungs\Session\Block;
use EvenRungs\Session\Circuit;
use EvenRungs\Session\Item;
use EvenRungs\Session\Part;
use EvenRungs\Session\Session;
use EvenRungs\Session\StraightSets;

/** Sessions as no trainer would write them, for statements that have to hold for all of them. Seeded by the caller. */
final class RandomSession
{
    /** @var list<Rung>|null */
    private static ?array $rungs = null;

    public static function make(int $mostBlocks = 6): Session
    {
        $blocks = [];
        $id = 0;
        $places = [];
        for ($number = mt_rand(1, $mostBlocks); $number > 0; $number--) {
            $places[] = mt_rand(0, 5) === 0 ? mt_rand(0, 2) : 1;
        }
        sort($places);
        foreach ($places as $place) {
            $stations = [];
            for ($station = mt_rand(0, 2) === 0 ? mt_rand(2, 4) : 1; $station > 0; $station--) {
                $stations[] = self::item('i'.$id++);
            }
            $blocks[] = self::block($stations, Part::cases()[$place]);
        }

        return new Session($blocks);
    }

    /** @param non-empty-list<Item> $stations */
    private static function block(array $stations, Part $part): Block
    {
        return count($stations) === 1 ? new StraightSets($stations[0], $part) : new Circuit($stations, array_map(static fn(): int => mt_rand(0, 60), array_slice($stations, 1)), mt_rand(0, 120), $part);
    }

    public static function item(string $id): Item
    {
        $rung = self::rung();

        return new Item($id, $rung, self::dose($rung));
    }

    public static function rung(): Rung
    {
        self::$rungs ??= array_merge(...array_map(static fn($ladder): array => $ladder->rungs, ShippedLibrary::get()->ladders()));

        return self::$rungs[mt_rand(0, count(self::$rungs) - 1)];
    }

    /** Any dose that can be written for a rung. */
    public static function dose(Rung $rung): Dose
    {
        $side = $rung->sidedness->countsEachSide();
        $rest = mt_rand(0, 1) === 0 ? null : mt_rand(0, 120);
        $load = mt_rand(0, 3) === 0 ? mt_rand(1, 400) * 100 : null;
        $optional = mt_rand(0, 4) === 0 ? mt_rand(1, 2) : 0;
        if (mt_rand(0, 7) === 0) {
            return Dose::falling(array_slice([6, 5, 4, 3, 2], mt_rand(0, 2), mt_rand(2, 3)), mt_rand(3, 12), mt_rand(0, 10), $side, null, $rest, $load, $optional);
        }
        $body = match (mt_rand(0, 6)) {
            0 => Holds::of(mt_rand(1, 6), mt_rand(1, 60), mt_rand(0, 10)),
            1 => AccumulatedHold::of(mt_rand(30, 180), mt_rand(10, 30), mt_rand(0, 30)),
            2 => Carry::of(mt_rand(1, 60)),
            3 => Timed::of(mt_rand(10, 90)),
            4 => Open::of($estimate = mt_rand(1, 30), mt_rand(0, 1) === 0 ? null : $estimate + mt_rand(0, 20), mt_rand(0, 1) === 0 ? Unit::Reps : Unit::Seconds),
            default => Reps::of(mt_rand(1, 200)),
        };
        $tempo = mt_rand(0, 1) === 0 && ($body->unit() === Unit::Reps || $body instanceof Timed) ? Tempo::parse(mt_rand(1, 5).'-'.mt_rand(0, 4).'-'.['X', '2', '3'][mt_rand(0, 2)].'-'.mt_rand(0, 10)) : null;

        return Dose::of(mt_rand(1, 5), $body, $side && ! $body instanceof Timed, $tempo, $rest, $load, $optional);
    }
}
