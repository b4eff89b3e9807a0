<?php

declare(strict_types=1);

namespace Tests\Core;

use EvenRungs\Balance\Mix;
use EvenRungs\Reason\Input;
use EvenRungs\Reason\Rule;
use EvenRungs\Session\Circuit;
use EvenRungs\Session\ItemSum;
use EvenRungs\Session\Segment;
use EvenRungs\Session\Session;
use EvenRungs\Session\SessionSums;
use EvenRungs\Session\StraightSets;
use EvenRungs\Session\TimeKind;
use EvenRungs\Session\Timeline;
use PHPUnit\Framework\TestCase;

/** Every figure opens its sum, down to each second. */
final class SumTest extends TestCase
{
    public function test_6_a_one_sided_exercise_shows_its_sides_its_change_and_its_rests(): void
    {
        // Worked figure 6: set 2·12·8 + 5 = 197; three of them and two rests of 45 are 681.
        $sum = $this->sum('side-bridge/hip-dips', '3x12/side 2-1-2-3 r45');

        self::assertSame(['sets 1–3, each' => 'work 12 × 8 s + 12 × 8 s = 192 s, side change 5 s; together 197 s', 'rests' => '2 × 45 s = 90 s'], $sum['inputs']);
        self::assertStringEndsWith('work 9:36 + rest 1:30 + side changes 0:15 = 11:21.', $sum['sentence']);
    }

    public function test_3_short_holds_show_holds_and_gaps(): void
    {
        // Worked figure 3.
        self::assertSame(['sets 1–3, each' => 'work 4 × 10 s = 40 s, gaps 3 × 5 s = 15 s; together 55 s', 'rests' => '2 × 30 s = 60 s'], $this->sum('front-plank/forearms-toes', '3x(4x10s/5)')['inputs']);
    }

    public function test_4_falling_sets_are_shown_one_by_one(): void
    {
        self::assertSame(['set 1', 'set 2', 'set 3', 'rests'], array_keys($this->sum('front-plank/forearms-toes', '(6-5-4x10s/5) r30')['inputs']));
    }

    public function test_8_the_second_that_cannot_be_shared_out_is_named(): void
    {
        self::assertSame('work 2 × 27 s = 54 s, side change 5 s, left over 1 s; together 60 s', $this->sum('side-bridge/knees-bent', '1x60s on')['inputs']['set 1']);
        self::assertSame(['sets 1–2, each' => 'work 2 × 27 s = 54 s, side change 5 s, left over 1 s; together 60 s', 'rests' => '30 s'], $this->sum('side-bridge/knees-bent', '2x60s on r30')['inputs']);
    }

    public function test_the_numbers_in_every_sum_add_up_to_its_total(): void
    {
        mt_srand(11);
        for ($round = 0; $round < 200; $round++) {
            $session = RandomSession::make(3);
            $timeline = $session->timeline();
            foreach ($session->items() as $item) {
                $own = array_values(array_filter($timeline->segments, static fn(Segment $segment): bool => $segment->item->id === $item->id && $segment->stretch !== TimeKind::ChangeOver));
                $seconds = 0;
                foreach (ItemSum::of($item, $own)->inputs as $input) {
                    preg_match('/^sets? (\d+)(?:–(\d+))?/u', $input->name, $range);
                    $times = $range === [] ? 1 : (int) ($range[2] ?? $range[1]) - (int) $range[1] + 1;
                    preg_match('/(\d+) s$/', $input->value, $last);
                    $seconds += $times * (int) ($last[1] ?? 0);
                }
                self::assertSame($timeline->totalsByItem()[$item->id]->total(), $seconds, $item->rung->slug);
            }
        }
    }

    public function test_optional_sets_are_counted_apart(): void
    {
        $plain = new Session([new StraightSets(ShippedLibrary::item('bridge/touch', '2x10 2-0-2-0 r40'))]);
        $more = new Session([new StraightSets(ShippedLibrary::item('bridge/touch', '2x10 +2 2-0-2-0 r40'))]);

        self::assertSame($plain->timeline()->totals()->total(), $more->timeline()->totals()->total());
        self::assertSame(0, Timeline::optionalSeconds($plain));
        self::assertSame(2 * (40 + 40), Timeline::optionalSeconds($more));
    }

    public function test_change_over_shows_its_pairs_and_the_side_changes(): void
    {
        $session = new Session([new StraightSets(ShippedLibrary::item('front-plank/forearms-toes', '2x20s')), new StraightSets(ShippedLibrary::item('side-bridge/knees-bent', '2x20s/side'))]);
        $reason = SessionSums::of($session->timeline())->changeOver();

        self::assertSame(Rule::ChangeOver, $reason->rule);
        self::assertStringContainsString('one for each pair of neighbours', $reason->sentence);
        self::assertNotSame([], $reason->inputs);
    }

    public function test_in_a_circuit_the_gap_belongs_to_the_station_before_it(): void
    {
        $circuit = Circuit::evenly([ShippedLibrary::item('front-plank/forearms-toes', '2x20s', 'a'), ShippedLibrary::item('bridge/touch', '2x5 2-0-2-0', 'b')], 30, 60);
        $own = array_values(array_filter((new Session([$circuit]))->timeline()->segments, static fn(Segment $segment): bool => $segment->item->id === 'a'));

        self::assertSame('2 × 30 s = 60 s', self::inputs(ItemSum::of($circuit->stations[0], $own)->inputs)['rests']);
    }

    public function test_work_falls_on_left_and_right_front_and_back_still_and_moving_floor_and_standing(): void
    {
        $session = new Session([
            new StraightSets(ShippedLibrary::item('front-plank/forearms-toes', '1x30s')),
            new StraightSets(ShippedLibrary::item('side-bridge/knees-bent', '1x10s/side')),
            new StraightSets(ShippedLibrary::item('carry/one-side-light', '1x10m/side')),
            new StraightSets(ShippedLibrary::item('all-fours/brace-breathe', '1x10s')),
        ]);
        $mix = [];
        foreach (Mix::of($session->timeline()) as $of) {
            $mix["{$of->first} : {$of->second}"] = [$of->percent, $of->firstSeconds, $of->secondSeconds];
        }

        self::assertSame(['left : right' => [50, 40, 40], 'front : back' => [75, 30, 10], 'static : dynamic' => $mix['static : dynamic'], 'floor : standing' => [75, 60, 20]], $mix);
        self::assertSame(80, $mix['static : dynamic'][1] + $mix['static : dynamic'][2]);
        $frontAndBack = static fn(string ...$lines): Mix => Mix::of((new Session(array_map(static fn(string $line): StraightSets => new StraightSets(ShippedLibrary::item(...explode(' ', $line, 2))), array_values($lines))))->timeline())[1];
        $bridge = $frontAndBack('front-plank/forearms-toes 1x20s', 'bridge/touch 1x5 2-0-2-0');
        self::assertSame([67, 20, 10], [$bridge->percent, $bridge->firstSeconds, $bridge->secondSeconds], 'the back is its second demand, which counts by half as in the shares');
        self::assertNull($frontAndBack('carry/one-side-light 1x10m/side')->percent, 'neither front nor back');
    }

    /** @return array{sentence: string, inputs: array<string, string>} */
    private function sum(string $rung, string $dose): array
    {
        $item = ShippedLibrary::item($rung, $dose);
        $reason = ItemSum::of($item, (new Session([new StraightSets($item)]))->timeline()->segments);

        return ['sentence' => $reason->sentence, 'inputs' => self::inputs($reason->inputs)];
    }

    /**
     * @param list<Input> $inputs
     *
     * @return array<string, string>
     */
    private static function inputs(array $inputs): array
    {
        $named = [];
        foreach ($inputs as $input) {
            $named[$input->name] = $input->value;
        }

        return $named;
    }
}
