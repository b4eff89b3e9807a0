<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\Attributes\TestWith;

/** Starts, templates, lines of text, orders, fit to time and next doses, through the HTTP interface. */
final class ComposingTest extends ApiTestCase
{
    private string $person;

    protected function setUp(): void
    {
        parent::setUp();
        $this->person = $this->person(['minutes' => 12]);
        foreach (['front-plank/forearms-toes', 'side-bridge/knees-bent', 'all-fours/opposite-short', 'press-out/tall-kneeling', 'bridge/short-top'] as $rung) {
            $this->place($this->person, $rung);
        }
    }

    /** Worked figures: rules of dose and time, §12 of the rules. */
    #[TestWith(['6 stations 60/30 x2: plank; side bridge; bird dog; press-out; bridge; clam', '17:30'])]
    #[TestWith(['front plank 3x(4x10s/5) r30', '3:45'])]
    #[TestWith(['front plank (6-5-4x10s/5) r30', '4:30'])]
    #[TestWith(['Side bridge with hip dips 3x12/side 2-1-2-3 r45', '11:21'])]
    #[TestWith(['Two-hand carry 1x60s on', '1:00'])]
    #[TestWith(['front plank 1x(120s by 45s/30)', '3:00'])]
    #[TestWith(['Bridge, 3 up – 3 down, light touch 3x8 3-1-3-1 r60', '5:12'])]
    #[TestWith(["1x{\nplank 60s on r0\nside bridge 60s on r30\nbird dog 60s on r0\npress-out 60s on r0\nbridge 60s on r30\nclam 60s on\n}", '7:00'])]
    #[TestWith(['One-side carry, up to 20 % of body weight 3x20m/side r60', '4:27'])]
    #[TestWith(['Side bridge, knees bent 1x60s on', '1:00'])]
    #[TestWith(["3x{\nBridge, 3 up – 3 down, light touch 8 3-1-3-1 r15\nfront plank (4x10s/5)\n} r45", '8:12'])]
    #[TestWith(["Bridge, 3 up – 3 down, light touch 3x8 3-1-3-1 r45\nfront plank 3x(4x10s/5) r45", '9:17'])]
    public function test_worked_figures_hold_for_typed_lines(string $text, string $total): void
    {
        $this->text($text)->assertOk()->assertJsonPath('preview.totals.totalText', $total);
    }

    public function test_names_are_matched_to_the_persons_rungs_and_unsure_ones_show_their_choices(): void
    {
        $read = $this->text("plank 2x20s\npress-out kneeling 2x8/side\nxylophone 3x10\n")->assertOk();

        self::assertSame(['Front plank, forearms and toes', 'Press-out, tall kneeling', null], $read->json('lines.*.name'));
        self::assertSame([], $read->json('lines.0.choices'));
        self::assertSame('No exercise is called anything like “xylophone”.', $read->json('lines.2.problem'));
        $read->assertJsonPath('blocks.0.items.0.dose', '2x20s')->assertJsonCount(2, 'blocks');
    }

    public function test_what_the_preview_copies_out_reads_back_as_the_same_session(): void
    {
        $first = $this->text("Primer\nclam 1x8/side\nMain part\n3x{\nplank 20s r25\nside bridge 15s/side\n} r50\nfinisher\nbridge 2x12 +1");
        $lines = fn(\Illuminate\Testing\TestResponse $read): string => (string) $this->sums($read->json('blocks'))->json('text');
        $again = $this->text($lines($first));

        self::assertSame($first->json('preview.totals'), $again->json('preview.totals'));
        self::assertSame($lines($first), $lines($again));
        self::assertSame(['primer', 'main', 'finisher'], $again->json('blocks.*.part'));
        self::assertNotSame('', $again->json('preview.optionalText'));
    }

    public function test_a_text_that_is_far_too_long_is_refused_with_a_sentence(): void
    {
        $this->text(str_repeat('x', 20_001))->assertUnprocessable()->assertJsonPath('fields.text.0', 'A session in text has at most 20000 characters.');
        $this->text('')->assertOk()->assertJsonPath('blocks', []);
    }

    public function test_every_template_becomes_a_session_of_the_persons_own_rungs(): void
    {
        $offers = $this->getJson("/api/people/{$this->person}/sessions/templates")->assertOk();
        self::assertGreaterThanOrEqual(8, count((array) $offers->json('templates')));
        foreach ((array) $offers->json('templates.*.slug') as $slug) {
            $start = $this->start(['from' => 'template', 'template' => $slug])->assertOk();
            self::assertTrue($start->json('preview.complete'), $slug);
            self::assertNotSame([], $start->json('preview.blocks'), $slug);
        }
        $floor = $this->start(['from' => 'template', 'template' => 'four-demand-floor']);
        self::assertContains('front-plank/forearms-toes', $floor->json('preview.blocks.*.items.0.rung'));
    }

    public function test_a_template_or_session_that_is_not_there_is_refused_with_a_sentence(): void
    {
        $this->start(['from' => 'template', 'template' => 'nonsense'])->assertUnprocessable()->assertJsonPath('fields.template.0', 'There is no template of this name.');
        $this->start(['from' => 'template'])->assertUnprocessable()->assertJsonPath('fields.template.0', 'Say which template.');
        $this->start(['from' => 'session', 'session' => self::id()])->assertUnprocessable()->assertJsonPath('fields.session.0', 'This session is not there any more.');
        $this->start(['from' => 'thin air'])->assertUnprocessable();
        $this->start(['from' => 'empty'])->assertOk()->assertJsonPath('preview.blocks', []);
        $this->sums([])->assertOk()->assertJsonPath('sums', [])->assertJsonPath('text', '');
    }

    public function test_another_persons_session_comes_on_the_rungs_of_this_one(): void
    {
        $other = $this->person();
        $session = $this->writtenSession($other, ['front-plank/foot-lift' => '2x8/side', 'press-out/standing' => '2x10/side']);
        $start = $this->start(['from' => 'session', 'session' => $session])->assertOk();

        self::assertSame(['front-plank/forearms-toes', 'press-out/tall-kneeling'], $start->json('preview.blocks.*.items.0.rung'));
        self::assertStringContainsString('in place of', implode(' ', (array) $start->json('notes.*.sentence')));
        // On the same rung what the other can do is not what is due here.
        $harder = $this->writtenSession($other, ['front-plank/forearms-toes' => '4x60s', 'press-out/tall-kneeling' => '4x12/side']);
        $due = $this->start(['from' => 'session', 'session' => $harder])->assertOk();
        self::assertSame($start->json('preview.blocks.*.items.0.dose'), $due->json('preview.blocks.*.items.0.dose'));
        self::assertStringContainsString('in place of 4x60s, as it is due here.', implode(' ', (array) $due->json('notes.*.sentence')));
    }

    public function test_of_another_person_the_newest_session_of_each_name_is_offered_and_all_of_ones_own(): void
    {
        $other = $this->person();
        $this->writtenSession($other, ['press-out/standing' => '2x8/side']);
        $own = [$this->writtenSession($this->person, ['press-out/standing' => '2x8/side']), $this->writtenSession($this->person, ['press-out/standing' => '2x10/side'])];
        $newest = $this->writtenSession($other, ['press-out/standing' => '2x10/side']);

        $offered = (array) $this->getJson("/api/people/{$this->person}/sessions/templates")->json('sessions');
        self::assertSame([[$newest, false], [$own[1], true], [$own[0], true]], array_map(static fn(array $line): array => [$line['id'], $line['own']], $offered));
    }

    public function test_a_session_of_another_practice_is_no_start(): void
    {
        $other = $this->person();
        $session = $this->writtenSession($other, ['press-out/standing' => '2x10/side']);
        $this->actingAs($this->practiceWithTrainer('Mere End Studio', 'odo@mere-end.example'));
        $stranger = $this->person();

        $this->postJson("/api/people/{$stranger}/sessions/start", ['from' => 'session', 'session' => $session])->assertUnprocessable();
        $this->getJson("/api/people/{$stranger}/sessions/templates")->assertJsonPath('sessions', []);
    }

    public function test_a_session_that_is_too_long_gets_steps_that_bring_it_inside_the_minutes(): void
    {
        $blocks = $this->text("plank 4x(6x10s/5)\nside bridge 3x20s/side\nbird dog 3x6/side\npress-out 3x8/side\nbridge 3x10")->json('blocks');
        $fit = $this->postJson("/api/people/{$this->person}/sessions/fit", ['id' => self::id(), 'blocks' => $blocks])->assertOk();
        $steps = (array) $fit->json('steps');

        self::assertTrue($fit->json('fits'));
        self::assertGreaterThan(0, $fit->json('over'));
        $last = $steps[count($steps) - 1];
        $this->preview($last['blocks'])->assertJsonPath('totals.total', $last['totalSeconds']);
        self::assertLessThanOrEqual(720, $last['totalSeconds']);
        self::assertSame($fit->json('over') + 720, $last['totalSeconds'] + array_sum(array_column($steps, 'savedSeconds')));
    }

    public function test_time_left_goes_to_the_weakest_demand(): void
    {
        $blocks = $this->text("plank 2x20s\npress-out 2x8/side")->json('blocks');
        $fit = $this->postJson("/api/people/{$this->person}/sessions/fit", ['id' => self::id(), 'blocks' => $blocks])->assertOk();

        self::assertSame([], $fit->json('steps'));
        self::assertStringStartsWith('It fits:', (string) $fit->json('sentence'));
        self::assertStringContainsString('Rotation is the weakest', (string) $fit->json('offer.reason.sentence'));
        self::assertSame('4x12/side', $fit->json('offer.repair.edits.0.dose'), 'the session is well under its minutes');
    }

    public function test_what_the_stations_of_a_circuit_are_due_more_of_is_offered_in_one_step(): void
    {
        $circuit = static fn(int $seconds): array => [['kind' => 'circuit', 'part' => 'main', 'items' => [['id' => 'plank', 'rung' => 'front-plank/forearms-toes', 'dose' => "2x{$seconds}s on"], ['id' => 'press', 'rung' => 'press-out/tall-kneeling', 'dose' => "2x{$seconds}s on"]], 'gapSeconds' => [40], 'roundRestSeconds' => 40]];
        $this->postJson("/api/people/{$this->person}/sessions", ['id' => $id = self::id(), 'title' => 'By the clock', 'version' => 0, 'blocks' => $circuit(20)])->assertCreated();
        $fit = fn(int $seconds): \Illuminate\Testing\TestResponse => $this->postJson("/api/people/{$this->person}/sessions/fit", ['id' => $id, 'blocks' => $circuit($seconds)])->assertOk();
        $fit(20)->assertJsonPath('stations', null);

        $sets = array_map(static fn(int $number): array => self::set('front-plank/forearms-toes', $number, 20, ['item' => 'plank', 'both' => 20, 'left' => null, 'right' => null]), [1, 2]);
        $this->postJson("/api/people/{$this->person}/logs", ['id' => self::id(), 'session' => $id, 'seconds' => 300, 'sets' => $sets])->assertCreated();
        $fit(20)->assertJsonPath('stations.reason.sentence', 'One station is due more than is written.')
            ->assertJsonPath('stations.repair.edits.0.dose', '2x30s on')->assertJsonPath('stations.repair.edits.1.seconds', 30);
        $fit(30)->assertJsonPath('stations', null);
    }

    public function test_what_is_left_out_until_it_is_decided_or_reopened_is_marked_where_it_is_written(): void
    {
        $session = $this->writtenSession($this->person, ['front-plank/forearms-toes' => '2x20s', 'press-out/tall-kneeling' => '2x8/side']);
        $this->postJson("/api/people/{$this->person}/logs", ['id' => $log = self::id(), 'session' => $session, 'seconds' => 120, 'sets' => [self::set('front-plank/forearms-toes', 1, 20, ['both' => 20, 'left' => null, 'right' => null, 'pain' => 7])]])->assertCreated();
        $blocks = $this->getJson("/api/people/{$this->person}/sessions/{$session}")->assertOk()->json('preview.blocks');
        $written = array_map(static fn(array $block): array => ['kind' => 'straight', 'items' => array_map(static fn(array $item): array => array_intersect_key($item, ['id' => 1, 'rung' => 1, 'dose' => 1]), $block['items']), 'gapSeconds' => [], 'roundRestSeconds' => 0, 'part' => 'main'], is_array($blocks) ? $blocks : []);
        $fit = fn(): \Illuminate\Testing\TestResponse => $this->postJson("/api/people/{$this->person}/sessions/fit", ['id' => $session, 'minutes' => 12, 'blocks' => $written])->assertOk();
        self::assertSame([['front-plank-forearms-toes', 'pain.waits']], array_map(static fn(array $one): array => [$one['item'], $one['reason']['rule']], (array) $fit()->json('waits')));

        $this->postJson("/api/people/{$this->person}/decisions", ['id' => self::id(), 'log' => $log, 'ladder' => 'front-plank', 'side' => 'both', 'choice' => 'stop-ladder', 'reason' => ''])->assertCreated();
        $fit()->assertJsonPath('waits', []);
        $this->getJson("/api/people/{$this->person}/sessions/{$session}")->assertJsonPath('preview.blocks.0.items.0.leftOut', 'both')->assertJsonPath('preview.blocks.1.items.0.leftOut', null);
    }

    public function test_a_session_may_have_minutes_of_its_own(): void
    {
        $blocks = $this->text('plank 2x20s')->json('blocks');
        $id = self::id();
        $write = ['id' => $id, 'title' => 'Short', 'blocks' => $blocks];
        $this->postJson("/api/people/{$this->person}/sessions", [...$write, 'version' => 0, 'minutes' => 6])->assertCreated();
        $this->getJson("/api/people/{$this->person}/sessions/{$id}")->assertJsonPath('minutes', 6)->assertJsonPath('preview.targetSeconds', 360)->assertJsonPath('preview.targetText', '6:00');
        $this->putJson("/api/people/{$this->person}/sessions/{$id}", [...$write, 'version' => 1, 'minutes' => null])->assertOk();
        $this->getJson("/api/people/{$this->person}/sessions/{$id}")->assertJsonPath('minutes', null)->assertJsonPath('preview.targetText', '12:00');
        $this->postJson("/api/people/{$this->person}/sessions/fit", ['id' => $id, 'minutes' => 1, 'blocks' => $blocks])->assertOk()->assertJsonPath('over', 25);
        $this->postJson("/api/people/{$this->person}/sessions/preview", ['minutes' => 0, 'blocks' => $blocks])->assertUnprocessable()->assertJsonPath('fields.minutes.0', 'A session lasts from 1 to 180 minutes.');
    }

    public function test_of_a_session_to_pick_from_the_longest_choice_counts(): void
    {
        $blocks = $this->text("plank 2x20s\nside bridge 3x20s/side\npress-out 3x8/side")->json('blocks');
        $id = self::id();
        $whole = $this->preview($blocks)->assertJsonPath('lengthText', $this->preview($blocks)->json('totals.totalText'))->json('totals.total');
        $two = $this->postJson("/api/people/{$this->person}/sessions/preview", ['picks' => 2, 'minutes' => null, 'blocks' => $blocks])->assertOk()->assertJsonPath('totals.total', $whole);
        self::assertMatchesRegularExpression('/^\d+:\d\d–\d+:\d\d$/', (string) $two->json('lengthText'));
        self::assertStringContainsString("Any two of these three. {$two->json('lengthText')}; by the longest choice ", (string) $two->json('clockReason.sentence'));
        $longest = explode('–', (string) $two->json('lengthText'))[1];

        $this->postJson("/api/people/{$this->person}/sessions", ['id' => $id, 'title' => 'Two of three', 'version' => 0, 'minutes' => null, 'picks' => 2, 'blocks' => $blocks])->assertCreated();
        $this->getJson("/api/people/{$this->person}/sessions")->assertJsonPath('sessions.0.length', $longest)->assertJsonPath('sessions.0.isToPick', true);
        $this->getJson("/api/people/{$this->person}/sessions/{$id}")->assertJsonPath('preview.lengthText', $two->json('lengthText'));

        $seconds = 60 * (int) $longest + (int) substr($longest, -2);
        $minutes = intdiv($seconds + 59, 60);
        $this->postJson("/api/people/{$this->person}/sessions/fit", ['id' => $id, 'minutes' => $minutes, 'picks' => 2, 'blocks' => $blocks])->assertOk()->assertJsonPath('over', $seconds - 60 * $minutes);
        $this->postJson("/api/people/{$this->person}/sessions/preview", ['picks' => 0, 'minutes' => null, 'blocks' => $blocks])->assertUnprocessable()->assertJsonPath('fields.picks.0', 'From one exercise on are picked.');
    }

    public function test_five_orders_with_what_each_does_to_the_clock(): void
    {
        $blocks = $this->text("press-out 2x8/side\nplank 2x20s\nside bridge 2x15s/side")->json('blocks');
        $orders = $this->postJson("/api/people/{$this->person}/sessions/orders", ['blocks' => $blocks])->assertOk();

        self::assertSame(['base first', 'carry first', 'bottom-up', 'fewest moves', 'weakest first'], $orders->json('orders.*.label'));
        self::assertSame([true, false, false, false, false], $orders->json('orders.*.ofMethod'));
        foreach ((array) $orders->json('orders') as $order) {
            $now = $this->preview($blocks)->json('totals.total');
            $this->preview($order['blocks'])->assertJsonPath('totals.total', $now - $order['savedSeconds']);
        }
        $this->postJson("/api/people/{$this->person}/sessions/orders", ['blocks' => []])->assertOk()->assertJsonPath('orders', []);
    }

    public function test_after_a_clean_session_the_next_dose_is_proposed_and_the_board_starts_with_it(): void
    {
        $session = $this->writtenSession($this->person, ['press-out/tall-kneeling' => '2x8/side']);
        $this->postJson("/api/people/{$this->person}/logs", ['id' => self::id(), 'session' => $session, 'seconds' => 300, 'sets' => [self::set('press-out/tall-kneeling', 1, 8), self::set('press-out/tall-kneeling', 2, 8)]])->assertCreated();

        $next = $this->getJson("/api/people/{$this->person}/sessions/next-doses")->assertOk();
        self::assertSame('press-out/tall-kneeling', $next->json('doses.0.rung'));
        // Rungs that were never trained have a first dose, which is no rise.
        self::assertSame([true, false, false, false, false], $next->json('doses.*.rises'));
        $next->assertJsonPath('doses.0.dose', '2x10/side')->assertJsonPath('doses.0.rises', true);
        self::assertContains('2x10/side', $this->start(['from' => 'board'])->json('preview.blocks.*.items.0.dose'));
    }

    public function test_17_where_the_next_weight_at_hand_is_too_far_up_repetitions_rise(): void
    {
        // Two over the target at two sessions running with 12 kg: 12.24 to 13.2 kg would be right, 14 kg is 16.7 % up.
        foreach (['' => '2x8 @12.5kg', '8, 12, 14 kg' => '2x14 @12kg', '12, 13, 14' => '2x8 @13kg'] as $weights => $next) {
            $person = $this->person(['places' => [['name' => 'here', 'kit' => ['bench', 'dumbbell'], 'weights' => $weights]]]);
            $this->place($person, 'squat/box');
            $session = $this->writtenSession($person, ['squat/box' => '2x12 @12kg']);
            foreach (['2026-06-01', '2026-06-04'] as $date) {
                $this->travelTo("{$date} 09:00:00");
                $sets = array_map(static fn(int $set): array => self::set('squat/box', $set, 0, ['both' => 14, 'left' => null, 'right' => null, 'effort' => 6]), [1, 2]);
                $this->postJson("/api/people/{$person}/logs", ['id' => self::id(), 'session' => $session, 'seconds' => 300, 'sets' => $sets])->assertCreated();
            }
            $this->getJson("/api/people/{$person}/sessions/next-doses")->assertJsonPath('doses.0.dose', $next);
            self::assertSame(str_replace(' kg', '', (string) $weights), $this->getJson("/api/people/{$person}")->json('places.0.weights'));
        }
    }

    public function test_with_movements_counted_doses_are_shown_and_read_so_and_stored_as_ever(): void
    {
        $this->putJson('/api/method', ['version' => 1, 'answer' => 'counting-reps/movements'])->assertOk();
        $read = $this->text('press-out 2x16');
        $read->assertJsonPath('blocks.0.items.0.dose', '2x16 moves')->assertJsonPath('preview.blocks.0.items.0.doseText', '2 × 16 movements');
        $id = self::id();
        $this->postJson("/api/people/{$this->person}/sessions", ['id' => $id, 'version' => 0, 'title' => 'Counted', 'blocks' => $read->json('blocks')])->assertCreated();
        $this->getJson("/api/people/{$this->person}/sessions/{$id}")
            ->assertJsonPath('preview.blocks.0.items.0.dose', '2x16 moves')->assertJsonPath('preview.blocks.0.items.0.fields.count', 16);

        $this->assertDatabaseHas('training_sessions', ['id' => $id]);
        $this->putJson('/api/method', ['version' => 2, 'answer' => 'counting-reps/each-side'])->assertOk();
        $this->getJson("/api/people/{$this->person}/sessions/{$id}")->assertJsonPath('preview.blocks.0.items.0.dose', '2x8/side');
    }

    public function test_every_answer_of_the_method_is_tried_on_the_newest_session(): void
    {
        $this->writtenSession($this->person, ['front-plank/forearms-toes' => '3x(4x10s/5)', 'press-out/tall-kneeling' => '2x8/side']);
        $trial = $this->getJson("/api/people/{$this->person}/method")->assertOk();
        $of = static fn(string $question, int $choice, string $what): mixed => $trial->json('questions.'.array_search($question, (array) $trial->json('questions.*.question'), true).".choices.{$choice}.{$what}");

        self::assertSame([], $of('hold-strategy', 0, 'changes'));
        self::assertSame(['Front plank, forearms and toes: 3x(4x10s/5) → 2x20s.'], $of('hold-strategy', 1, 'changes'));
        self::assertStringContainsString('2x20s', (string) json_encode($of('hold-strategy', 1, 'text')));
        self::assertSame($trial->json('text'), $of('hold-strategy', 0, 'text'));
        self::assertSame(array_column((array) $this->getJson('/api/method')->json('questions'), 'question'), $trial->json('questions.*.question'));
    }

    public function test_every_kind_of_dose_comes_apart_into_fields(): void
    {
        $read = $this->text("plank (6-5-4x10s/5)\nplank 1x(120s by 45s/30)\nFront plank with a small rock from the ankles 2xmax~20<=30\nplank 2xmax~40s\nplank 2x30s on");
        $fields = array_map(static fn(array $block): array => $block['items'][0]['fields'], (array) $read->json('preview.blocks'));

        self::assertSame(['falling', 'gathered', 'open', 'open', 'timed'], array_column($fields, 'kind'));
        self::assertSame(['6-5-4', 10, 5], [$fields[0]['counts'], $fields[0]['seconds'], $fields[0]['gapSeconds']]);
        self::assertSame([120, 45, 30], [$fields[1]['count'], $fields[1]['seconds'], $fields[1]['gapSeconds']]);
        self::assertSame([20, 30, false], [$fields[2]['count'], $fields[2]['cap'], $fields[2]['forTime']]);
        self::assertSame([40, null, true], [$fields[3]['count'], $fields[3]['cap'], $fields[3]['forTime']]);
    }

    public function test_parts_out_of_their_order_and_unknown_parts_are_refused(): void
    {
        $block = static fn(string $id, string $part): array => ['kind' => 'straight', 'part' => $part, 'items' => [['id' => $id, 'rung' => 'bridge/touch', 'dose' => '1x10']], 'gapSeconds' => [], 'roundRestSeconds' => 0];

        $this->preview([$block('a', 'main'), $block('b', 'primer')])->assertUnprocessable();
        $this->preview([$block('a', 'dessert')])->assertUnprocessable()->assertJsonPath('fields', ['blocks.0.part' => ['A block is in the primer, the main part or the finisher.']]);
    }

    public function test_every_figure_of_the_preview_opens_its_sum(): void
    {
        $read = $this->text("plank 3x(4x10s/5) r30\nside bridge 2x15s/side");
        $sums = array_column((array) $this->sums($read->json('blocks'))->assertOk()->json('sums'), 'reason', 'of');

        self::assertStringEndsWith('= 3:45.', $sums[$read->json('blocks.0.items.0.id')]['sentence']);
        self::assertSame('3:45', $read->json('preview.blocks.0.items.0.totals.totalText'));
        self::assertSame([['name' => 'Front plank, forearms and toes', 'value' => '2:00'], ['name' => 'Side bridge, knees bent', 'value' => '1:00']], $sums['work']['inputs']);
        self::assertStringContainsString('0:30', $sums['change-over']['sentence']);
        self::assertStringContainsString('Front: 120 s of', $sums['anti-extension']['sentence']);
        self::assertSame(['left', 'front', 'static', 'floor'], $read->json('preview.mix.*.first'));
    }

    /** @return \Illuminate\Testing\TestResponse<\Illuminate\Http\JsonResponse> */
    private function sums(mixed $blocks): \Illuminate\Testing\TestResponse
    {
        return $this->postJson("/api/people/{$this->person}/sessions/sums", ['minutes' => null, 'blocks' => $blocks]);
    }

    /** @return \Illuminate\Testing\TestResponse<\Illuminate\Http\JsonResponse> */
    private function text(string $text): \Illuminate\Testing\TestResponse
    {
        return $this->postJson("/api/people/{$this->person}/sessions/text", ['text' => $text]);
    }

    /**
     * @param array<string, string> $from
     *
     * @return \Illuminate\Testing\TestResponse<\Illuminate\Http\JsonResponse>
     */
    private function start(array $from): \Illuminate\Testing\TestResponse
    {
        return $this->postJson("/api/people/{$this->person}/sessions/start", $from);
    }

    /** @return \Illuminate\Testing\TestResponse<\Illuminate\Http\JsonResponse> */
    private function preview(mixed $blocks): \Illuminate\Testing\TestResponse
    {
        return $this->postJson("/api/people/{$this->person}/sessions/preview", ['blocks' => $blocks]);
    }
}
