<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\TrainingSession;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;

final class SessionTest extends ApiTestCase
{
    private string $person;

    protected function setUp(): void
    {
        parent::setUp();
        $this->person = $this->person();
        foreach (['front-plank/forearms-toes', 'side-bridge/knees-bent', 'all-fours/opposite-short', 'press-out/tall-kneeling'] as $rung) {
            $this->place($this->person, $rung);
        }
    }

    public function test_the_four_working_rungs_become_a_session_that_begins_at_half_their_leaving_marks(): void
    {
        $draft = $this->postJson("/api/people/{$this->person}/sessions/start", ['from' => 'board'])->assertOk();

        self::assertSame(['3x(2x10s/5)', '2x10s/side', '2x5/side', '1x8/side'], array_map(static fn(array $block): string => $block['items'][0]['dose'], $draft->json('preview.blocks')));
        self::assertSame([], $draft->json('notes'));
        // (3·25 + 2·30) + 20 + (2·25 + 45) + 20 + (2·50 + 45) + 30 + (2·32 + 5)
        self::assertSame(135 + 20 + 95 + 20 + 145 + 30 + 69, $draft->json('preview.totals.total'));
    }

    public function test_a_demand_that_is_not_placed_is_left_open_and_said(): void
    {
        $other = $this->person();
        $this->place($other, 'press-out/seated');
        $draft = $this->postJson("/api/people/{$other}/sessions/start", ['from' => 'board'])->assertOk();

        self::assertCount(1, (array) $draft->json('preview.blocks'));
        self::assertStringContainsString('Front: no working rung yet, so it is left open', (string) $draft->json('notes.0.sentence'));
    }

    public function test_a_second_session_takes_of_each_demand_what_the_first_one_has_not(): void
    {
        $this->place($this->person, 'dead-bug/alternating-lifts');
        $this->writtenSession($this->person, ['front-plank/forearms-toes' => '2x20s']);
        $short = [...self::fields($this->person), 'version' => 1, 'minutes' => 3];
        $this->putJson("/api/people/{$this->person}", $short)->assertOk();
        $draft = $this->postJson("/api/people/{$this->person}/sessions/start", ['from' => 'board'])->assertOk();

        $rungs = array_map(static fn(array $block): string => $block['items'][0]['rung'], $draft->json('preview.blocks'));
        self::assertContains('dead-bug/alternating-lifts', $rungs);
        self::assertNotContains('front-plank/forearms-toes', $rungs);
        self::assertStringEndsWith(' of 3:00: 4 of the 5 ladders of the board. For another day: front-plank.', (string) $draft->json('notes.0.sentence'));
    }

    public function test_a_session_begun_from_another_of_the_person_is_told_apart_by_its_title(): void
    {
        $first = $this->writtenSession($this->person, ['front-plank/forearms-toes' => '2x20s']);
        $begun = fn(): mixed => $this->postJson("/api/people/{$this->person}/sessions/start", ['from' => 'session', 'session' => $first])->assertOk()->json('title');

        self::assertSame('Lock-house floor 2', $begun());
        $this->postJson("/api/people/{$this->person}/sessions", ['id' => self::id(), 'version' => 0, 'title' => 'Lock-house floor 2', 'minutes' => null, 'blocks' => self::blocks(['front-plank/forearms-toes' => '2x20s'])])->assertCreated();
        self::assertSame('Lock-house floor 3', $begun());
    }

    public function test_a_lower_rung_that_was_written_on_purpose_has_not_moved_on_until_the_person_stands_elsewhere(): void
    {
        $this->place($this->person, 'front-plank/forearms-toes');
        $blocks = self::blocks(['front-plank/forearms-low-step' => '2x10s']);
        $session = $this->writtenSession($this->person, ['front-plank/forearms-low-step' => '2x10s']);
        $movedOn = fn(): mixed => $this->postJson("/api/people/{$this->person}/sessions/fit", ['id' => $session, 'blocks' => $blocks])->assertOk()->json('movedOn.reason.sentence');
        $row = TrainingSession::query()->findOrFail($session);
        $kept = $row->blocks;

        self::assertNull($movedOn());
        $row->update(['blocks' => $blocks]);
        self::assertSame('One exercise has moved on since this was written.', $movedOn(), 'of a session kept before it is not known where somebody stood');
        $row->update(['blocks' => $kept]);

        $this->place($this->person, 'front-plank/tight-plank');
        $this->putJson("/api/people/{$this->person}/sessions/{$session}", ['id' => $session, 'version' => 1, 'title' => 'Lock-house floor, easy', 'minutes' => null, 'blocks' => self::blocks(['front-plank/forearms-low-step' => '3x10s'])])->assertOk();
        self::assertSame('One exercise has moved on since this was written.', $movedOn(), 'another title and dose write it no more than it was');
    }

    public function test_where_the_sides_differ_the_session_takes_the_weaker_rung_and_begins_there(): void
    {
        $this->travel(1)->seconds();
        $this->place($this->person, 'side-bridge/top-leg-straight', 'left');
        $draft = $this->postJson("/api/people/{$this->person}/sessions/start", ['from' => 'board'])->assertOk();

        self::assertSame('side-bridge/knees-bent', $draft->json('preview.blocks.1.items.0.rung'));
        $first = array_values(array_filter((array) $draft->json('preview.segments'), static fn(array $segment): bool => $segment['item'] === 'side-bridge-knees-bent' && $segment['stretch'] === 'work'))[0];
        self::assertSame('right', $first['side']);
    }

    public function test_a_session_is_let_go_of_and_brought_back_and_says_where_it_comes_from(): void
    {
        $session = $this->writtenSession($this->person, ['front-plank/forearms-toes' => '2x20s']);
        $line = $this->getJson("/api/people/{$this->person}/sessions")->json('sessions.0');
        self::assertSame(['2026-06-01', '1:25'], [$line['madeOn'], $line['length']]);

        $this->deleteJson("/api/people/{$this->person}/sessions/{$session}")->assertNoContent();
        $this->getJson("/api/people/{$this->person}/sessions")->assertJsonPath('sessions', [])->assertJsonPath('deleted.0.id', $session);
        $this->getJson("/api/people/{$this->person}/sessions/{$session}")->assertNotFound();
        // An address that still names it makes no new one in its place.
        $this->postJson("/api/people/{$this->person}/sessions", ['id' => $session, 'version' => 0, 'title' => 'Again', 'minutes' => null, 'blocks' => self::blocks(['front-plank/forearms-toes' => '2x20s'])])->assertConflict();

        $this->postJson("/api/people/{$this->person}/sessions/{$session}/restore")->assertOk();
        $this->getJson("/api/people/{$this->person}/sessions")->assertJsonPath('deleted', [])->assertJsonPath('sessions.0.id', $session);
        $this->deleteJson("/api/people/{$this->person}/sessions/{$session}");
        $this->travel(31)->days();
        $this->postJson("/api/people/{$this->person}/sessions/{$session}/restore")->assertNotFound();
    }

    public function test_a_session_that_stands_in_the_week_is_not_let_go_of(): void
    {
        $session = $this->writtenSession($this->person, ['press-out/tall-kneeling' => '1x8/side']);
        $slot = ['id' => 'a', 'session' => $session, 'day' => 3, 'part' => 'evening', 'placement' => 'own-day', 'effort' => 6];
        $week = $this->putJson("/api/people/{$this->person}/weeks/2026-06-01", ['version' => 0, 'slots' => [[...$slot, 'only' => null]], 'moves' => [], 'away' => []])->assertOk();
        $this->deleteJson("/api/people/{$this->person}/sessions/{$session}")->assertConflict()->assertJsonPath('code', 'placed');

        // In a single week it is held only until that week is past.
        $this->putJson("/api/people/{$this->person}/weeks/2026-06-01", ['version' => $week->json('version'), 'slots' => [[...$slot, 'only' => '2026-06-01']], 'moves' => [], 'away' => []])->assertOk();
        $this->deleteJson("/api/people/{$this->person}/sessions/{$session}")->assertConflict();
        $this->travelTo('2026-06-08 09:00:00');
        $this->deleteJson("/api/people/{$this->person}/sessions/{$session}")->assertNoContent();
    }

    public function test_what_was_done_counts_although_the_session_was_let_go_of_meanwhile(): void
    {
        $session = $this->writtenSession($this->person, ['press-out/tall-kneeling' => '1x8/side']);
        $this->deleteJson("/api/people/{$this->person}/sessions/{$session}")->assertNoContent();
        $this->postJson("/api/people/{$this->person}/logs", ['id' => self::id(), 'session' => $session, 'seconds' => 90, 'sets' => [self::set('press-out/tall-kneeling', 1, 8)]])->assertCreated();
    }

    public function test_17_30_through_the_preview(): void
    {
        $items = array_map(static fn(int $n): array => ['id' => "s{$n}", 'rung' => 'front-plank/forearms-toes', 'dose' => '2x60s on'], range(1, 6));
        $preview = $this->preview([['kind' => 'circuit', 'items' => $items, 'gapSeconds' => array_fill(0, 5, 30), 'roundRestSeconds' => 30]])->assertOk();

        self::assertSame('17:30', $preview->json('totals.totalText'));
        self::assertSame(2, $preview->json('blocks.0.rounds'));
    }

    public function test_a_dose_that_cannot_be_read_keeps_its_text_and_says_where(): void
    {
        $preview = $this->preview(self::blocks(['front-plank/forearms-toes' => '3x30s', 'press-out/standing' => '3x10/side 3-1-x1-9']))->assertOk();

        self::assertFalse($preview->json('complete'));
        self::assertSame('3x10/side 3-1-x1-9', $preview->json('blocks.1.items.0.dose'));
        self::assertStringContainsString('third part, lifting', (string) $preview->json('blocks.1.items.0.problem'));
        self::assertSame(180, $preview->json('totals.total'), 'the other exercise still counts: 3 × 30 s and 2 × 45 s of rest');
    }

    public function test_a_session_with_rubbish_in_a_dose_is_not_half_saved(): void
    {
        $this->postJson("/api/people/{$this->person}/sessions", ['id' => self::id(), 'version' => 0, 'title' => 'Monday', 'blocks' => self::blocks(['front-plank/forearms-toes' => '3x30s', 'press-out/standing' => 'lots'])])
            ->assertUnprocessable()->assertJsonPath('code', 'invalid');

        self::assertSame(0, DB::table('training_sessions')->count());
    }

    public function test_a_session_without_exercises_is_refused(): void
    {
        $answer = $this->postJson("/api/people/{$this->person}/sessions", ['id' => self::id(), 'version' => 0, 'title' => 'Monday', 'blocks' => []])->assertUnprocessable();

        self::assertSame(['A session needs at least one exercise.'], $answer->json('fields.blocks'));
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function brokenShapes(): iterable
    {
        $item = ['id' => 'a', 'rung' => 'front-plank/forearms-toes', 'dose' => '3x30s'];
        $block = ['kind' => 'straight', 'items' => [$item], 'gapSeconds' => [], 'roundRestSeconds' => 0];
        yield 'a kind nobody knows' => [[...$block, 'kind' => 'pyramid'], 'blocks.0.kind'];
        yield 'no exercise in a block' => [[...$block, 'items' => []], 'blocks.0.items'];
        yield 'one id twice' => [[...$block, 'items' => [$item, $item]], 'blocks.0.items.1.id'];
        yield 'an id with a space' => [[...$block, 'items' => [[...$item, 'id' => 'a b']]], 'blocks.0.items.0.id'];
        yield 'a dose that is a list' => [[...$block, 'items' => [[...$item, 'dose' => ['3x30s']]]], 'blocks.0.items.0.dose'];
        yield 'a dose of a thousand characters' => [[...$block, 'items' => [[...$item, 'dose' => str_repeat('3', 1000)]]], 'blocks.0.items.0.dose'];
        yield 'a gap below zero' => [[...$block, 'kind' => 'circuit', 'gapSeconds' => [-5]], 'blocks.0.gapSeconds'];
        yield 'a round rest of a day' => [[...$block, 'roundRestSeconds' => 86400], 'blocks.0.roundRestSeconds'];
    }

    /** @param array<string, mixed> $block */
    #[DataProvider('brokenShapes')]
    public function test_a_block_of_the_wrong_shape_names_its_field(array $block, string $field): void
    {
        self::assertSame([$field], array_keys((array) $this->preview([$block])->assertUnprocessable()->json('fields')));
    }

    public function test_a_rung_that_does_not_exist_gets_a_sentence(): void
    {
        $this->preview(self::blocks(['front-plank/on-the-moon' => '3x30s']))->assertUnprocessable()->assertJsonPath('code', 'unknown-rung');
    }

    public function test_saving_twice_saves_one_and_two_tabs_get_both_states(): void
    {
        $id = self::id();
        $body = ['id' => $id, 'version' => 0, 'title' => 'Monday', 'blocks' => self::blocks(['front-plank/forearms-toes' => '3 × 30 s'])];
        $this->postJson("/api/people/{$this->person}/sessions", $body)->assertCreated();
        $this->postJson("/api/people/{$this->person}/sessions", $body)->assertCreated();
        self::assertSame(1, DB::table('training_sessions')->count());

        $this->putJson("/api/people/{$this->person}/sessions/{$id}", [...$body, 'version' => 1, 'title' => 'Tab one'])->assertOk()->assertJsonPath('version', 2);
        $this->getJson("/api/people/{$this->person}/sessions/{$id}")->assertJsonPath('preview.blocks.0.items.0.dose', '3x30s');
        $this->putJson("/api/people/{$this->person}/sessions/{$id}", [...$body, 'version' => 1, 'title' => 'Tab two'])
            ->assertConflict()->assertJsonPath('present.title', 'Tab one');
        $this->getJson("/api/people/{$this->person}/sessions/{$id}")->assertJsonPath('title', 'Tab one');
    }

    public function test_warnings_name_a_gap_shorter_than_the_change_over_and_a_rung_above_the_working_one(): void
    {
        $preview = $this->preview([[
            'kind' => 'circuit', 'roundRestSeconds' => 30, 'gapSeconds' => [10],
            'items' => [['id' => 'a', 'rung' => 'front-plank/forearms-toes', 'dose' => '2x20s'], ['id' => 'b', 'rung' => 'press-out/standing', 'dose' => '2x10/side']],
        ]])->assertOk();

        self::assertStringContainsString('shorter than the change-over', (string) $preview->json('warnings.0.reason.sentence'));
        self::assertStringContainsString('1.2 above the working rung', (string) $preview->json('blocks.0.items.1.warnings.0.reason.sentence'));
        self::assertSame(['kind' => 'swap', 'items' => ['b'], 'rung' => 'press-out/tall-kneeling', 'dose' => '2x8/side', 'seconds' => null, 'part' => null, 'byTable' => false], $preview->json('blocks.0.items.1.warnings.0.repair.edits.0'));
        self::assertSame(['label' => 'Make the gap 30 s', 'edits' => [['kind' => 'gap', 'items' => ['a'], 'rung' => null, 'dose' => null, 'seconds' => 30, 'part' => null, 'byTable' => false]]], $preview->json('warnings.0.repair'));
    }

    public function test_the_sheet_says_the_dose_in_plain_words_with_cues_fallback_and_cautions(): void
    {
        $person = $this->person(['limits' => [['state' => 'wrist-pain', 'side' => 'left', 'note' => '']]]);
        $session = $this->writtenSession($person, ['press-out/standing' => '3x10/side 2-1-2-0 r40']);
        $sheet = $this->getJson("/api/people/{$person}/sessions/{$session}/sheet")->assertOk();

        self::assertSame('3 × 10 each side', $sheet->json('items.0.doseText'));
        self::assertSame('2 s out, 1 s hold, 2 s back', $sheet->json('items.0.tempoText'));
        self::assertSame('rest 40 s between sets', $sheet->json('items.0.restText'));
        self::assertSame(['Wrist pain, left: No weight on a flat hand: fists or forearms.'], $sheet->json('cautions'));
    }

    /** Strung together they are held against the clock in tests/Core/CueSheetTest.php and in the front end. */
    public function test_the_cue_sheet_has_the_pieces_of_the_session(): void
    {
        $session = $this->writtenSession($this->person, ['front-plank/forearms-toes' => '3x(4x10s/5)', 'press-out/standing' => '2x10/side']);
        $cues = $this->getJson("/api/people/{$this->person}/sessions/{$session}/cues")->assertOk();
        $seconds = static fn(int $way): array => array_map(static fn(array $set): int => array_sum(array_column($set, 'seconds')), (array) $cues->json("ways.{$way}.pieces"));
        $written = array_keys(array_filter((array) $cues->json('ways.*.easier'), is_null(...)));

        self::assertSame([55, 55, 55], $seconds($written[0]));
        self::assertSame([40, 40, 40], $cues->json('ways.0.targets'));
        self::assertCount(5, (array) $cues->json('steps'));
        self::assertCount(count((array) $cues->json('ways')), (array) $cues->json('changeOvers.0'));
    }

    /**
     * @param list<array<string, mixed>> $blocks
     *
     * @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function preview(array $blocks): \Illuminate\Testing\TestResponse
    {
        return $this->postJson("/api/people/{$this->person}/sessions/preview", ['blocks' => $blocks]);
    }
}
