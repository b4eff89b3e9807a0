<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\DB;

/** What a limit or missing kit rules out stands in a draft, and reaches no week, sheet, player or log. */
final class LeftOutTest extends ApiTestCase
{
    private const SIDE = 'side-bridge/knees-bent';

    private const PLANK = 'front-plank/forearms-toes';

    public function test_a_draft_keeps_what_is_ruled_out_and_marks_it(): void
    {
        $person = $this->sore();
        $session = $this->writtenSession($person, [self::PLANK => '2x20s', self::SIDE => '2x20s/side r45', 'press-out/standing' => '2x10/side']);
        $blocks = $this->getJson("/api/people/{$person}/sessions/{$session}")->assertOk()->json('preview.blocks');

        self::assertSame(['both', 'left', null], array_map(static fn(array $block): ?string => $block['items'][0]['leftOut'], (array) $blocks));
        self::assertSame([true, true, false], array_map(static fn(array $block): bool => $block['items'][0]['mayBeAllowed'], (array) $blocks));
        self::assertSame([1, 1, 0], array_map(static fn(array $block): int => count($block['items'][0]['reasons']), (array) $blocks), 'an allowance says what it is given against');
        self::assertStringContainsString('on the left side by', $blocks[1]['items'][0]['reasons'][0]['sentence']);
    }

    public function test_sheet_and_player_have_the_side_that_may_work_and_say_what_was_left_out(): void
    {
        $person = $this->sore();
        $session = $this->writtenSession($person, [self::PLANK => '2x20s', self::SIDE => '2x20s/side r45']);

        $sheet = $this->getJson("/api/people/{$person}/sessions/{$session}/sheet")->assertOk();
        self::assertSame(['2 × 20 s, right side only'], array_column((array) $sheet->json('items'), 'doseText'));
        self::assertSame('1:25 min', $sheet->json('totalText'));
        self::assertCount(2, (array) $sheet->json('leftOut'));

        $cues = $this->getJson("/api/people/{$person}/sessions/{$session}/cues")->assertOk();
        self::assertSame(['right'], array_values(array_unique(array_column(array_filter(array_merge(...(array) $cues->json('ways.0.pieces')), static fn(array $cue): bool => $cue['stretch'] === 'work'), 'side'))));
        self::assertSame(['right', 'right'], $cues->json('ways.0.sides'));
        self::assertCount(2, (array) $cues->json('leftOut'));
        self::assertNotContains('sides-alike', array_column((array) $cues->json('ways.0.questions'), 'value'), 'sides done apart are a note');
    }

    public function test_where_nothing_is_left_the_player_says_so_and_the_sheet_is_empty(): void
    {
        $person = $this->sore();
        $session = $this->writtenSession($person, [self::PLANK => '2x20s']);

        $this->getJson("/api/people/{$person}/sessions/{$session}/cues")->assertConflict()->assertJsonPath('code', 'nothing-left');
        $this->getJson("/api/people/{$person}/sessions/{$session}/sheet")->assertOk()->assertJsonPath('items', [])->assertJsonPath('totalText', '0:00 min');
    }

    public function test_the_week_counts_only_what_may_be_trained(): void
    {
        $person = $this->sore();
        $session = $this->writtenSession($person, [self::PLANK => '2x20s', 'press-out/standing' => '2x10/side']);
        $week = $this->putJson("/api/people/{$person}/weeks/2026-06-01", ['version' => 0, 'slots' => [['id' => 'a', 'session' => $session, 'day' => 3, 'part' => 'evening', 'placement' => 'own-day', 'effort' => 6, 'only' => null]], 'moves' => [], 'away' => []])->assertOk();
        $front = array_values(array_filter((array) $week->json('demands'), static fn(array $demand): bool => $demand['demand'] === 'anti-extension'))[0];

        self::assertSame(0, $front['sets']);
        self::assertStringContainsString('Left out: “Front plank', (string) $week->json('sessions.0.leftOut.0.sentence'), 'and says so');
    }

    public function test_a_log_tells_nothing_of_a_side_that_rests(): void
    {
        $person = $this->sore();
        $session = $this->writtenSession($person, [self::SIDE => '1x20s/right']);
        $log = fn(?int $left): array => ['id' => self::id(), 'session' => $session, 'seconds' => 60, 'sets' => [self::set(self::SIDE, 1, 20, ['left' => $left, 'rung' => self::SIDE, 'dose' => '1x20s/right'])]];

        $this->postJson("/api/people/{$person}/logs", $log(20))->assertUnprocessable();
        $this->postJson("/api/people/{$person}/logs", $log(null))->assertCreated();
    }

    public function test_the_session_from_the_board_rests_the_sore_side(): void
    {
        $person = $this->sore();
        $this->place($person, self::SIDE, 'right');
        $draft = $this->postJson("/api/people/{$person}/sessions/start", ['from' => 'board'])->assertOk();

        self::assertStringContainsString('/right', (string) $draft->json('preview.blocks.0.items.0.dose'));
        self::assertStringContainsString('Right side only', (string) $draft->json('notes.0.sentence'));
    }

    public function test_the_trainer_allows_a_rung_with_a_reason_and_takes_it_back(): void
    {
        $person = $this->sore();
        $session = $this->writtenSession($person, [self::PLANK => '2x20s']);
        $allow = fn(array $change = []) => $this->postJson("/api/people/{$person}/allowances", ['id' => self::id(), 'rung' => self::PLANK, 'reason' => 'free of pain on the forearms', ...$change]);

        $allow(['reason' => ''])->assertUnprocessable()->assertJsonPath('fields.reason.0', 'Say why it is allowed: the reason is kept, and stands beside the rung.');
        $allow(['rung' => 'front-plank/nowhere'])->assertUnprocessable();
        $allow(['rung' => 'press-out/standing'])->assertUnprocessable()->assertJsonPath('fields.rung.0', '“Press-out, standing” is open: there is nothing to allow.');
        $id = self::id();
        $allow(['id' => $id])->assertCreated();
        $allow(['id' => $id])->assertCreated();
        $allow(['id' => $id, 'reason' => 'another one'])->assertConflict();
        self::assertSame(1, DB::table('rung_allowances')->count(), 'sent twice, allowed once');
        self::assertStringNotContainsString('free of pain', (string) DB::table('rung_allowances')->value('reason'), 'kept encrypted');

        $this->getJson("/api/people/{$person}/sessions/{$session}/sheet")->assertOk()->assertJsonPath('leftOut', [])->assertJsonPath('items.0.doseText', '2 × 20 s');
        $preview = $this->postJson("/api/people/{$person}/sessions/preview", ['blocks' => self::blocks([self::PLANK => '2x20s'])])->assertOk();
        self::assertNull($preview->json('blocks.0.items.0.leftOut'), 'the composer knows too');
        self::assertStringContainsString('free of pain on the forearms', (string) $preview->json('blocks.0.items.0.warnings.0.reason.sentence'));
        $this->place($person, self::PLANK);

        $this->deleteJson("/api/people/{$person}/allowances/{$id}")->assertNoContent();
        $this->getJson("/api/people/{$person}/sessions/{$session}/sheet")->assertJsonPath('items', []);
        self::assertSame(1, DB::table('rung_allowances')->count(), 'taken back, never deleted');
    }

    public function test_where_a_clinicians_word_is_asked_for_the_trainer_cannot_allow(): void
    {
        $person = $this->person(['limits' => [['state' => 'raised-pressure', 'side' => 'both', 'note' => '']]]);
        $answer = $this->postJson("/api/people/{$person}/allowances", ['id' => self::id(), 'rung' => 'front-plank/tight-plank', 'reason' => 'short ones only'])->assertUnprocessable();

        self::assertStringContainsString('a clinician’s word is asked for', (string) $answer->json('fields.rung.0'));
    }

    private function sore(): string
    {
        return $this->person(['limits' => [['state' => 'shoulder-pain', 'side' => 'left', 'note' => '']]]);
    }
}
