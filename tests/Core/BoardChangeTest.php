<?php

declare(strict_types=1);

namespace Tests\Core;

use EvenRungs\Balance\BoardChange;
use EvenRungs\Balance\Position;
use EvenRungs\Body\Demand;
use EvenRungs\Body\Kit;
use EvenRungs\Body\Limit;
use EvenRungs\Body\Side;
use EvenRungs\Ladder\Circumstances;
use EvenRungs\Method\Method;
use EvenRungs\Screening\State;
use PHPUnit\Framework\TestCase;

/** What a new limit or lost kit would do to the whole board. */
final class BoardChangeTest extends TestCase
{
    public function test_a_sore_shoulder_moves_planks_and_leaves_the_press_out(): void
    {
        $change = $this->change(['front-plank/forearms-toes', 'press-out/standing'], [State::ShoulderPain->limit(Side::Both)], Kit::cases());

        self::assertCount(1, $change->displaced);
        self::assertSame('front-plank/forearms-toes', $change->displaced[0]->stand->rung->slug);
        self::assertSame('dead-bug/ninety-heel-digs', $change->displaced[0]->instead?->instead->slug);
        self::assertStringEndsWith('rungs. One working rung changes. Nothing is left for shoulder girdle.', $change->inWords());
    }

    public function test_what_fits_instead_is_none_above_where_they_stand_on_its_ladder(): void
    {
        $instead = fn(string ...$stands): ?string => $this->change(['front-plank/forearms-toes', ...array_values($stands)], [State::ShoulderPain->limit(Side::Both)], Kit::cases())->displaced[0]->instead?->instead->slug;

        self::assertSame('dead-bug/ninety-heel-digs', $instead());
        self::assertSame('dead-bug/ninety-both-arms', $instead('dead-bug/ninety-both-arms'));
    }

    public function test_a_limit_on_one_side_displaces_only_the_stand_of_that_side(): void
    {
        $rung = ShippedLibrary::rung('side-bridge/knees-bent');
        $change = BoardChange::between(ShippedLibrary::get(), [new Position($rung, Side::Left), new Position($rung, Side::Right)], $this->with([], Kit::cases()), $this->with([State::ShoulderPain->limit(Side::Left)], Kit::cases()));

        self::assertSame([Side::Left], array_map(static fn($one): Side => $one->stand->side, $change->displaced));
    }

    public function test_lost_kit_closes_and_found_kit_opens(): void
    {
        $without = array_values(array_filter(Kit::cases(), static fn(Kit $kit): bool => $kit !== Kit::Wheel));
        $lost = BoardChange::between(ShippedLibrary::get(), [], $this->with([], Kit::cases()), $this->with([], $without));
        $found = BoardChange::between(ShippedLibrary::get(), [], $this->with([], $without), $this->with([], Kit::cases()));

        self::assertCount(5, $lost->closing, 'every rung of the wheel');
        self::assertEquals($lost->closing, $found->opening);
        self::assertSame('This closes 5 rungs. The working rungs stay as they are.', $lost->inWords());
    }

    public function test_nothing_changed_says_so(): void
    {
        $change = $this->change(['front-plank/forearms-toes'], [], Kit::cases());

        self::assertSame('This changes no rung of the board.', $change->inWords());
        self::assertNotContains(Demand::AntiExtension, $change->leftOpen);
    }

    /**
     * @param list<string> $stands
     * @param list<Limit>  $limits
     * @param list<Kit>    $kit
     */
    private function change(array $stands, array $limits, array $kit): BoardChange
    {
        return BoardChange::between(
            ShippedLibrary::get(),
            array_map(static fn(string $slug): Position => new Position(ShippedLibrary::rung($slug), Side::Both), $stands),
            $this->with([], Kit::cases()),
            $this->with($limits, $kit),
        );
    }

    /**
     * @param list<Limit> $limits
     * @param list<Kit>   $kit
     */
    private function with(array $limits, array $kit): Circumstances
    {
        return new Circumstances($limits, $kit, Method::default());
    }
}
