<?php

declare(strict_types=1);

namespace Tests\Core;

use EvenRungs\Assessment\BraceCheck;
use EvenRungs\Assessment\Braced;
use EvenRungs\Assessment\Hold;
use EvenRungs\Assessment\HoldEnd;
use EvenRungs\Assessment\HoldKind;
use EvenRungs\Assessment\Start;
use EvenRungs\Balance\Aim;
use EvenRungs\Body\Kit;
use EvenRungs\Body\Side;
use EvenRungs\Calendar\Day;
use EvenRungs\Method\Method;
use EvenRungs\Person\FromTests;
use EvenRungs\Person\History;
use EvenRungs\Person\PersonRecord;
use EvenRungs\Person\Placing;
use EvenRungs\Person\Profile;
use EvenRungs\Person\Safety;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;
use PHPUnit\Framework\TestCase;

/** A re-test of somebody who stands somewhere already (our own choice: a hold moves nobody down from where it cannot reach). */
final class FromTestsTest extends TestCase
{
    public function test_who_stands_higher_than_a_hold_can_say_stays(): void
    {
        $tests = self::after([self::hold(HoldKind::FrontPlank, Side::Both, 90), ...self::sides(58, 71)], ['front-plank/foot-lift' => Side::Both, 'side-bridge/reach-under' => Side::Both]);

        self::assertSame([], self::starts($tests, 'front-plank', 'side-bridge'));
        self::assertSame([
            '“Front plank with alternate foot lift” stays: this test leads to “Tight front plank, elbows drawn to the toes” at most.',
        ], self::sentences($tests, 'front plank'));
        self::assertEqualsCanonicalizing([Rule::PlacingFromPlank, Rule::PlacingFromHold], array_map(static fn(Reason $reason): Rule => $reason->rule, $tests->stays));
    }

    public function test_a_hold_below_its_last_step_moves_down(): void
    {
        self::assertSame(['front-plank/forearms-toes both', 'side-bridge/top-leg-straight both'], self::starts(self::after([self::hold(HoldKind::FrontPlank, Side::Both, 20), ...self::sides(12, 12)], ['front-plank/foot-lift' => Side::Both, 'side-bridge/top-foot-front' => Side::Both]), 'front-plank', 'side-bridge'));
    }

    public function test_of_two_sides_only_the_one_that_stands_no_higher_is_moved(): void
    {
        $tests = self::after(self::sides(40, 40), ['side-bridge/reach-under' => Side::Left, 'side-bridge/knees-bent' => Side::Right]);

        self::assertSame(['side-bridge/hip-dips right'], self::starts($tests, 'side-bridge'));
    }

    public function test_a_test_of_one_side_moves_nobody_on_the_other(): void
    {
        self::assertSame(['side-bridge/top-leg-straight left'], self::starts(self::after([self::hold(HoldKind::SidePlank, Side::Left, 12)], ['side-bridge/top-foot-front' => Side::Both]), 'side-bridge'));
    }

    public function test_a_brace_that_tires_moves_down_whatever_was_held(): void
    {
        $tests = self::after([self::hold(HoldKind::FrontPlank, Side::Both, 90)], ['front-plank/foot-lift' => Side::Both], new Braced(BraceCheck::timed(20), 9));

        self::assertSame(['front-plank/forearms-bench both'], self::starts($tests, 'front-plank'));
    }

    /** @return list<string> */
    private static function starts(FromTests $tests, string ...$ladders): array
    {
        $starts = array_filter($tests->starts, static fn(Start $start): bool => in_array($start->rung->ladder, $ladders, true));
        $said = array_map(static fn(Start $start): string => "{$start->rung->slug} {$start->side->value}", $starts);
        sort($said);

        return $said;
    }

    /** @return list<string> */
    private static function sentences(FromTests $tests, string $of): array
    {
        return array_values(array_filter(array_map(static fn(Reason $reason): string => $reason->sentence, $tests->stays), static fn(string $sentence): bool => str_contains(lcfirst(substr($sentence, 3)), $of)));
    }

    /**
     * @param list<Hold>          $holds
     * @param array<string, Side> $stands by rung, placed before the tests
     */
    private static function after(array $holds, array $stands, ?Braced $brace = null): FromTests
    {
        $day = Day::parse('2026-06-01');
        $placings = array_map(static fn(string $rung, Side $side): Placing => new Placing("p {$rung}", explode('/', $rung)[0], $side, $rung, false, 1, $day), array_keys($stands), $stands);

        return (new PersonRecord(ShippedLibrary::get(), Method::default(), $day->plusDays(42), new Profile(Aim::Even, null, 1980, null, [2, 5], 30, [Kit::Mat, Kit::Wall, Kit::Bench, Kit::Step], null, []), new Safety([], [], [], $day), History::of($placings, [], [], $holds, [], $day, $brace)))->fromTests();
    }

    /** @return list<Hold> */
    private static function sides(int $left, int $right): array
    {
        return [self::hold(HoldKind::SidePlank, Side::Left, $left), self::hold(HoldKind::SidePlank, Side::Right, $right)];
    }

    private static function hold(HoldKind $kind, Side $side, int $seconds): Hold
    {
        return Hold::of($kind, $side, $seconds, HoldEnd::FormLost, Day::parse('2026-07-13'), 8);
    }
}
