<?php

declare(strict_types=1);

namespace Tests\Core;

use EvenRungs\Calendar\Day;
use EvenRungs\Person\LoggedSession;
use EvenRungs\Person\LoggedSet;
use EvenRungs\Person\MorningByLadder;
use EvenRungs\Progress\MorningPain;
use EvenRungs\Progress\PainPlace;
use PHPUnit\Framework\TestCase;

/** One answer about the morning after, for every ladder that was trained (our own choice, see docs/decisions/026). */
final class MorningTest extends TestCase
{
    public function test_nothing_anywhere_is_nothing_on_every_ladder(): void
    {
        self::assertSame(['front-plank' => [0, false], 'press-out' => [0, false]], self::told());
    }

    public function test_the_back_counts_everywhere_and_a_joint_where_it_was_loaded(): void
    {
        self::assertSame(['front-plank' => [3, false], 'press-out' => [3, false]], self::told(new MorningPain(PainPlace::LowBack, null, 3, false)));
        self::assertSame(['front-plank' => [2, true], 'press-out' => [0, false]], self::told(new MorningPain(PainPlace::Shoulder, null, 2, true)));
    }

    public function test_what_no_ladder_loaded_holds_nothing_back_unless_it_is_worse_or_above_five(): void
    {
        $knee = static fn(int $pain, bool $worse): array => self::told(new MorningPain(PainPlace::Knee, null, $pain, $worse));

        self::assertSame(['front-plank' => [0, false], 'press-out' => [0, false]], $knee(5, false));
        self::assertSame(['front-plank' => [6, false], 'press-out' => [6, false]], $knee(6, false));
        self::assertSame(['front-plank' => [1, true], 'press-out' => [1, true]], $knee(1, true));
    }

    /** @return array<string, array{int, bool}> pain, and whether worse, by ladder */
    private static function told(MorningPain ...$pains): array
    {
        $set = static fn(string $rung, string $dose): LoggedSet => new LoggedSet($rung, $rung, $dose, 20, null, null, [], 0, 6, false, null);
        $log = new LoggedSession('log', 'session', Day::parse('2026-06-01'), 1, null, [$set('front-plank/forearms-toes', '1x20s'), $set('press-out/standing', '1x10/side')], []);

        return array_column(array_map(static fn(MorningByLadder $one): array => ['ladder' => $one->ladder, 'told' => [$one->morning->pain, $one->morning->worse]], MorningByLadder::of($log, ShippedLibrary::get(), array_values($pains))), 'told', 'ladder');
    }
}
