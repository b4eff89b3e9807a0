<?php

declare(strict_types=1);

namespace Tests\Core;

use EvenRungs\Balance\Aim;
use EvenRungs\Body\Demand;
use EvenRungs\Body\Kit;
use EvenRungs\Body\Side;
use EvenRungs\Body\Sidedness;
use EvenRungs\Calendar\Day;
use EvenRungs\Dose\Dose;
use EvenRungs\Dose\DoseLine;
use EvenRungs\Ladder\Circumstances;
use EvenRungs\Ladder\Rung;
use EvenRungs\Method\Method;
use EvenRungs\Person\History;
use EvenRungs\Person\PersonRecord;
use EvenRungs\Person\Placing;
use EvenRungs\Person\Profile;
use EvenRungs\Person\Safety;
use EvenRungs\Person\SessionStart;
use EvenRungs\Reason\Reason;
use EvenRungs\Reason\Rule;
use EvenRungs\Screening\State;
use EvenRungs\Session\Circuit;
use EvenRungs\Session\Footing;
use EvenRungs\Session\Item;
use EvenRungs\Session\Part;
use EvenRungs\Session\Primer;
use EvenRungs\Session\Session;
use EvenRungs\Session\StraightSets;
use EvenRungs\Session\Template;
use EvenRungs\Session\TemplateSlot;
use EvenRungs\Session\WrittenBlock;
use EvenRungs\Session\WrittenItem;
use EvenRungs\Session\WrittenSession;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Yaml\Yaml;

/** Templates name demands and heights; for a person they become that person's rungs. */
final class TemplateTest extends TestCase
{
    /** @return array<string, array{Template}> */
    public static function templates(): array
    {
        $templates = [];
        foreach ((array) Yaml::parseFile(dirname(__DIR__, 2).'/library/templates.yaml') as $data) {
            $template = Template::read((array) $data);
            $templates[$template->slug] = [$template];
        }

        return $templates;
    }

    public function test_at_least_eight_ship_each_under_a_name_of_its_own(): void
    {
        $names = array_map(static fn(array $entry): string => $entry[0]->name, self::templates());

        self::assertGreaterThanOrEqual(8, count($names));
        self::assertSame($names, array_unique($names));
    }

    #[DataProvider('templates')]
    public function test_for_a_placed_person_every_place_is_filled_at_or_below_the_working_rung(Template $template): void
    {
        $working = self::working();
        $here = $this->resolve($template, $working);

        foreach ($here['items'] as $item) {
            $stands = max(24, ...array_map(static fn(Rung $rung): int => $rung->demand === $item->rung->demand ? $rung->height->tenths : 0, array_values($working)));
            self::assertLessThanOrEqual($stands, $item->rung->height->tenths, $item->rung->name);
        }
        self::assertSame(array_sum(array_map(static fn($block): int => count($block->slots), $template->blocks)), count($here['items']), implode(' ', $here['notes']));
    }

    #[DataProvider('templates')]
    public function test_whatever_the_limits_and_the_kit_no_ruled_out_rung_comes_in_and_every_gap_is_said(Template $template): void
    {
        mt_srand(5);
        for ($round = 0; $round < 25; $round++) {
            $limits = array_map(static fn(State $state) => $state->limit(Side::Both), array_filter(State::cases(), static fn(): bool => mt_rand(0, 4) === 0));
            $circumstances = new Circumstances(array_values($limits), array_values(array_filter(Kit::cases(), static fn(): bool => mt_rand(0, 1) === 0)), Method::default());
            $here = $this->resolve($template, mt_rand(0, 1) === 0 ? self::working() : [], $circumstances);

            foreach ($here['items'] as $item) {
                self::assertTrue($circumstances->rule($item->rung)->openOn(Side::Both));
            }
            $places = array_sum(array_map(static fn($block): int => count($block->slots), $template->blocks));
            $left = count(array_filter($here['notes'], static fn(string $note): bool => str_contains($note, 'the place is left empty')));
            self::assertSame($places, count($here['items']) + $left);
        }
    }

    public function test_a_ruled_out_working_rung_is_replaced_and_the_reason_said(): void
    {
        $circumstances = new Circumstances([State::ShoulderPain->limit(Side::Both)], Kit::cases(), Method::default());
        $here = $this->resolve(self::templates()['four-demand-floor'][0], self::working(), $circumstances);

        self::assertNotSame('front-plank', $here['items'][1]->rung->ladder);
        self::assertStringContainsString('Front: “'.$here['items'][1]->rung->name.'” stands in for the working rung. “Front plank, forearms and toes” is ruled out by shoulder pain', implode(' ', $here['notes']));
    }

    public function test_someone_not_placed_yet_begins_low_and_is_told_so(): void
    {
        $here = $this->resolve(self::templates()['travel-no-kit'][0], []);

        foreach ($here['items'] as $item) {
            self::assertLessThanOrEqual(24, $item->rung->height->tenths);
        }
        self::assertStringContainsString('Rotation: not placed yet, so it begins low', implode(' ', $here['notes']));
    }

    /** As a start from tests is: a ladder nobody placed them on is begun 1.0 below where they stand for the same demand (our own choice). */
    public function test_a_ladder_they_are_not_placed_on_is_begun_carefully_and_said(): void
    {
        $footing = self::footing(['front-plank' => ShippedLibrary::rung('front-plank/foot-lift')]);
        [$rung, $notes] = Template::choose(new TemplateSlot(Demand::AntiExtension, ladders: ['dead-bug']), ShippedLibrary::get(), $footing, ['front-plank/foot-lift']);

        self::assertSame('dead-bug', $rung?->ladder);
        self::assertGreaterThanOrEqual(10, ShippedLibrary::rung('front-plank/foot-lift')->height->above($rung->height));
        self::assertSame(Rule::Template, $notes[0]->rule);
        self::assertStringContainsString("Not placed on “Dead-bug ladder”: “{$rung->name}” is a careful start", $notes[0]->sentence);

        // Nothing of it is so far below: then the lowest there is.
        $low = ShippedLibrary::rung('all-fours/leg-lift');
        [$lowest, $said] = Template::choose(new TemplateSlot(Demand::AntiFlexion, standing: true, ladders: ['hinge']), ShippedLibrary::get(), self::footing(['all-fours' => $low]), []);
        self::assertSame('hinge/dowel', $lowest?->slug);
        self::assertStringContainsString('is the lowest that fits (2.0; they stand at '.$low->height->label(), implode(' ', array_map(static fn(Reason $note): string => $note->sentence, $said)));
    }

    /** The primer's own rule (common practice): well below the working rung, or the lowest open rung at half the dose. */
    public function test_who_stands_low_has_no_empty_place_where_a_template_asks_for_something_far_below(): void
    {
        $low = array_map(ShippedLibrary::rung(...), ['dead-bug' => 'dead-bug/both-arms-reach', 'all-fours' => 'all-fours/leg-slide', 'side-bridge' => 'side-bridge/hip-lift', 'bridge' => 'bridge/short-top']);
        foreach (['activation-before-training', 'first-day-back'] as $slug) {
            $template = self::templates()[$slug][0];
            $here = $this->resolve($template, $low);

            self::assertCount(count($template->blocks[0]->slots), $here['items'], implode(' ', $here['notes']));
            foreach ($here['items'] as $item) {
                self::assertLessThanOrEqual(isset($low[$item->rung->ladder]) ? $low[$item->rung->ladder]->height->tenths : 24, $item->rung->height->tenths);
            }
        }
        self::assertStringContainsString('Lateral: nothing open is 1.0 below “Side-lying hip lift, short”, so the lowest is taken, “Side lean on the wall”.', implode(' ', $here['notes']));
    }

    /** However high they stand on another ladder of the same demand: what wakes them up is easy on its own. */
    public function test_a_primer_is_well_below_where_they_stand_on_its_own_ladder(): void
    {
        $working = array_map(ShippedLibrary::rung(...), ['front-plank' => 'front-plank/body-saw', 'dead-bug' => 'dead-bug/ninety-heel-digs']);
        $others = array_filter(ShippedLibrary::get()->meeting(Demand::AntiExtension), static fn(Rung $rung): bool => $rung->ladder !== 'dead-bug');
        [$rung] = Template::choose(new TemplateSlot(Demand::AntiExtension, belowTenths: 20), ShippedLibrary::get(), self::footing($working), array_column($others, 'slug'));

        self::assertSame('dead-bug', $rung?->ladder);
        self::assertGreaterThanOrEqual(20, $working['dead-bug']->height->above($rung->height));
    }

    public function test_a_stopped_ladder_gives_nothing(): void
    {
        $here = $this->resolve(self::templates()['four-demand-floor'][0], array_diff_key(self::working(), ['front-plank' => true]), stopped: ['front-plank']);

        self::assertNotContains('front-plank', array_map(static fn(Item $item): string => $item->rung->ladder, $here['items']));
    }

    public function test_the_travel_session_needs_nothing_but_floor_and_wall(): void
    {
        foreach ($this->resolve(self::templates()['travel-no-kit'][0], self::working())['items'] as $item) {
            self::assertTrue(Template::needsNothing($item->rung), $item->rung->name);
        }
    }

    public function test_the_activation_is_a_primer_well_below_the_working_rungs(): void
    {
        $here = $this->resolve(self::templates()['activation-before-training'][0], self::working());
        $session = new Session($here['blocks']);

        self::assertCount(count($here['blocks']), $session->of(Part::Primer));
        self::assertLessThanOrEqual(480, $session->timeline()->totals()->total());
        foreach ($here['items'] as $item) {
            if ($item->rung->demand !== Demand::Activation) {
                self::assertLessThanOrEqual(30, $item->rung->height->tenths);
            }
        }
    }

    /** Common practice by level: 20 s of work and 40 s of rest once, 30/30 twice, 45/30 twice, 60/30 twice. */
    public function test_the_six_stations_work_and_rest_by_the_level_of_their_exercises(): void
    {
        $seconds = fn(?string $pressOut = null): int => (new Session($this->resolve(
            self::templates()['six-station-circuit'][0],
            [...self::working(), ...$pressOut === null ? [] : ['press-out' => ShippedLibrary::rung($pressOut)]],
        )['blocks']))->timeline()->totals()->total();

        // All are beginners: 2 × (6 × 30 + 5 × 30) + 60 = 720 s
        self::assertSame(720, $seconds());

        // The press-out comes second. Of foundation: (20 + 5 × 30) + (4 × 30 + 40), 60, then 5 × 30 + 4 × 30 = 660 s
        self::assertSame(660, $seconds('press-out/tall-kneeling'));
        // Of intermediate: 2 × (5 × 30 + 45 + 5 × 30) + 60 = 750 s
        self::assertSame(750, $seconds('press-out/feet-together'));
        // Of advanced: 2 × (5 × 30 + 60 + 5 × 30) + 60 = 780 s
        self::assertSame(780, $seconds('press-out/walking'));
    }

    public function test_a_squad_has_one_clock_and_nobody_works_longer_than_their_level(): void
    {
        $squad = static fn(string $bridge): WrittenBlock => array_values(array_filter(self::templates()['squad-circuit'][0]->for(ShippedLibrary::get(), self::footing([...self::working(), 'bridge' => ShippedLibrary::rung($bridge)]))['blocks'], static fn(WrittenBlock $block): bool => $block->isCircuit))[0];
        $works = static fn(WrittenBlock $block): array => array_column($block->items, 'dose');

        $beginners = $squad('bridge/long-top');
        // Three rounds of five stations, 30 s each and 30 s between: 3 × (5 × 30 + 4 × 30) + 2 × 30 = 870 s
        self::assertSame([array_fill(0, 5, '3x30s on'), [30, 30, 30, 30], 30], [$works($beginners), $beginners->gapSeconds, $beginners->roundRestSeconds]);
        $low = $squad('bridge/touch');
        self::assertSame(['3x30s on', '3x30s on', '3x30s on', '3x20s on', '3x30s on'], $works($low));
        self::assertSame([30, 30, 30, 40], $low->gapSeconds, 'the clock goes on for everybody');
    }

    public function test_the_clock_of_a_squad_goes_on_for_who_has_nothing_to_do_at_a_station(): void
    {
        // Nothing of the back is open to them: 30 s of work and the 30 s after it are rested behind the side bridge, too.
        $here = self::templates()['squad-circuit'][0]->for(ShippedLibrary::get(), self::footing(self::working(), stopped: ['all-fours', 'prone-extension', 'hinge']));
        $circuit = array_values(array_filter($here['blocks'], static fn(WrittenBlock $block): bool => $block->isCircuit))[0];

        self::assertSame(['front-plank', 'side-bridge', 'bridge', 'floor-anti-rotation'], array_map(static fn(WrittenItem $item): string => (string) strstr($item->rung, '/', true), $circuit->items));
        self::assertSame([30, 90, 30], $circuit->gapSeconds);
    }

    public function test_no_set_is_added_to_what_was_too_much(): void
    {
        foreach ([[[], '2x6'], [['bridge/touch'], '1x6']] as [$most, $line]) {
            $here = self::templates()['first-day-back'][0]->for(ShippedLibrary::get(), self::footing(self::working(), doses: ['bridge/touch' => DoseLine::parse('1x8 2-0-2-2', Sidedness::Both)], most: $most));
            $bridge = array_values(array_filter($here['blocks'], static fn(WrittenBlock $block): bool => $block->items[0]->rung === 'bridge/touch'));

            self::assertSame($line, $bridge[0]->items[0]->dose);
        }
    }

    public function test_falling_sets_of_what_was_too_much_are_written_as_they_are_due(): void
    {
        $due = DoseLine::parse('(3-2x8s/5)', Sidedness::Both);
        $line = static function (string ...$most) use ($due): string {
            $here = self::templates()['short-finisher'][0]->for(ShippedLibrary::get(), self::footing(['head-lift' => ShippedLibrary::rung('head-lift/long-holds')], doses: ['head-lift/long-holds' => $due], most: array_values($most)));

            return $here['blocks'][0]->items[0]->dose;
        };

        self::assertSame(['2x(3x10s/5)', '(3-2x8s/5)'], [$line(), $line('head-lift/long-holds')]);
    }

    public function test_another_persons_circuit_by_the_clock_is_worked_no_longer_than_the_level_here(): void
    {
        $today = Day::parse('2026-06-01');
        $here = new PersonRecord(ShippedLibrary::get(), Method::default(), $today, new Profile(Aim::Even, null, null, null, [1], 30, Kit::cases(), null, []), new Safety([], [], [], $today), History::of([new Placing('p1', 'press-out', Side::Both, 'press-out/seated', false, 1, $today), new Placing('p2', 'bridge', Side::Both, 'bridge/one-leg', false, 2, $today)], [], [], [], [], null));
        $stations = [new WrittenItem('a', 'press-out/walking', '2x60s on'), new WrittenItem('b', 'bridge/one-leg', '2x40s on')];
        $start = SessionStart::fromAnother(new WrittenSession('of another', 'Circuit', [new WrittenBlock(true, $stations, [30], 30, Part::Main)], null, null, null), $here);

        self::assertSame(['press-out/seated' => '2x20s on', 'bridge/one-leg' => '2x40s on'], array_column($start->blocks[0]->items, 'dose', 'rung'));
    }

    public function test_a_template_with_an_unknown_word_is_refused(): void
    {
        $this->expectException(\InvalidArgumentException::class);
        $this->expectExceptionMessage('A template has no “demnad”.');
        Template::read(['slug' => 'x', 'name' => 'X', 'purpose' => 'y', 'blocks' => [['slots' => [['demand' => 'activation', 'demnad' => 1]]]]]);
    }

    public function test_a_block_with_an_unknown_word_is_refused(): void
    {
        $this->expectExceptionMessage('A block of a template has no “worck”.');
        Template::read(['slug' => 'x', 'name' => 'X', 'purpose' => 'y', 'blocks' => [['worck' => 30, 'slots' => [['demand' => 'activation']]]]]);
    }

    public function test_what_a_template_asks_of_everybody_is_no_more_in_a_set_than_what_is_due(): void
    {
        $plank = static fn(string $due): string => array_values(array_filter(
            array_merge(...array_map(static fn(WrittenBlock $block): array => $block->items, self::templates()['short-finisher'][0]->for(ShippedLibrary::get(), self::footing(self::working(), doses: ['front-plank/forearms-toes' => DoseLine::parse($due, Sidedness::Both)]))['blocks'])),
            static fn(WrittenItem $item): bool => $item->rung === 'front-plank/forearms-toes',
        ))[0]->dose;

        self::assertSame('2x5s', $plank('3x5s'), 'after weeks away');
        self::assertSame('2x(3x10s/5)', $plank('3x(4x10s/5)'));
    }

    public function test_a_rung_that_was_never_trained_begins_with_its_first_dose_and_a_primer_with_half_of_its_table(): void
    {
        $today = Day::parse('2026-06-01');
        $new = new PersonRecord(ShippedLibrary::get(), Method::default(), $today, new Profile(Aim::Even, null, null, null, [1], 30, Kit::cases(), null, []), new Safety([], [], [], $today), History::of([new Placing('p1', 'front-plank', Side::Both, 'front-plank/forearms-toes', false, 1, $today)], [], [], [], [], null));
        $written = static fn(string $slug): array => array_map(static fn(WrittenBlock $block): array => [$block->items[0]->rung, $block->items[0]->dose], SessionStart::fromTemplate(self::templates()[$slug][0], $new)->blocks);

        foreach ($written('four-demand-floor') as [$rung, $dose]) {
            self::assertSame(DoseLine::print($new->doses()->first(ShippedLibrary::rung($rung))->dose), $dose, $rung);
        }
        [, [$rung, $dose]] = $written('activation-before-training');
        self::assertSame(DoseLine::print(Primer::halved(ShippedLibrary::rung($rung)->defaultDose(Method::default()))), $dose);
    }

    /**
     * @param array<string, Rung> $working
     * @param list<string>        $stopped
     * @param array<string, Dose> $doses
     * @param list<string>        $most
     */
    private static function footing(array $working, ?Circumstances $circumstances = null, array $stopped = [], array $doses = [], array $most = []): Footing
    {
        return new Footing($circumstances ?? new Circumstances([], Kit::cases(), Method::default()), $working, $stopped, static fn(Rung $rung): ?Dose => $doses[$rung->slug] ?? null, static fn(Rung $rung): bool => in_array($rung->slug, $most, true));
    }

    /** @return array<string, Rung> */
    private static function working(): array
    {
        $working = [];
        foreach (['front-plank/forearms-toes', 'side-bridge/top-foot-front', 'all-fours/opposite-short', 'press-out/standing', 'floor-anti-rotation/hover-taps', 'bridge/long-top', 'carry/one-side-light', 'hinge/blocks-two-hands', 'shoulder-girdle/push-away-knees', 'hip-side/side-steps', 'activation/brace-standing'] as $slug) {
            $working[(string) strstr($slug, '/', true)] = ShippedLibrary::rung($slug);
        }

        return $working;
    }

    /**
     * @param array<string, Rung> $working
     * @param list<string>        $stopped
     *
     * @return array{blocks: non-empty-list<StraightSets|Circuit>, items: list<Item>, notes: list<string>}
     */
    private function resolve(Template $template, array $working, ?Circumstances $circumstances = null, array $stopped = []): array
    {
        $here = $template->for(ShippedLibrary::get(), self::footing($working, $circumstances, $stopped));
        $blocks = $items = [];
        foreach ($here['blocks'] as $block) {
            $stations = array_map(static fn($written): Item => new Item($written->id, ShippedLibrary::rung($written->rung), DoseLine::parse($written->dose, ShippedLibrary::rung($written->rung)->sidedness)), $block->items);
            $items = [...$items, ...$stations];
            $blocks[] = $block->isCircuit && $stations !== [] ? new Circuit($stations, $block->gapSeconds, $block->roundRestSeconds, $block->part) : new StraightSets($stations[0], $block->part);
        }
        if ($blocks === []) {
            $blocks = [new StraightSets(ShippedLibrary::item('bridge/touch', '1x1'))];
        }

        return ['blocks' => $blocks, 'items' => $items, 'notes' => array_map(static fn(Reason $note): string => $note->sentence, $here['notes'])];
    }
}
