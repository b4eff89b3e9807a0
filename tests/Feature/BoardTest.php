<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\DB;

final class BoardTest extends ApiTestCase
{
    public function test_the_trainer_writes_another_leaving_mark_with_a_reason_and_takes_it_back(): void
    {
        $person = $this->person();
        $this->place($person, 'side-bridge/top-foot-front');
        $mark = fn(): array => (array) $this->getJson("/api/people/{$person}/board")->assertOk()->json('demands.1.ladders.0.stands.0.mark');
        $write = fn(?int $target, string $reason): \Illuminate\Testing\TestResponse => $this->putJson("/api/people/{$person}/marks", ['rung' => 'side-bridge/top-foot-front', 'target' => $target, 'reason' => $reason]);
        self::assertSame([20, 's', null], [$mark()['target'], $mark()['unit'], $mark()['reason']]);

        $write(30, 'Carries hives on one side.')->assertOk()->assertJsonPath('target', 30);
        self::assertSame(['2 sets of 30 s', 'Carries hives on one side.'], [$mark()['words'], $mark()['reason']]);
        foreach ([0, 10_000] as $odd) {
            self::assertStringContainsString('The seconds of a leaving mark', (string) $write($odd, 'odd')->assertUnprocessable()->json('fields.target.0'));
        }
        self::assertStringContainsString('needs a reason', (string) $write(25, '')->assertUnprocessable()->json('fields.reason.0'));
        self::assertSame(30, $mark()['target']);
        $write(null, '')->assertOk();
        self::assertSame([20, null], [$mark()['target'], $mark()['reason']]);
        // Every one is kept, and the reason is unreadable in the database.
        self::assertSame([30, null], DB::table('rung_marks')->orderBy('sequence')->pluck('target')->all());
        self::assertStringNotContainsString('hives', (string) DB::table('rung_marks')->orderBy('sequence')->value('reason'));
    }

    public function test_a_placing_moves_the_board_and_can_be_taken_back(): void
    {
        $id = $this->person();
        $first = $this->place($id, 'press-out/seated');
        $this->travel(1)->seconds();
        $second = $this->place($id, 'press-out/standing');
        self::assertSame(['press-out/standing'], $this->stands($id, 'press-out'));

        $this->deleteJson("/api/people/{$id}/placements/{$second}")->assertNoContent();
        self::assertSame(['press-out/seated'], $this->stands($id, 'press-out'));
        $this->deleteJson("/api/people/{$id}/placements/{$first}")->assertNoContent();
        self::assertSame([], $this->stands($id, 'press-out'));
        self::assertSame(2, DB::table('placements')->count(), 'nothing that happened is deleted');
    }

    public function test_a_big_jump_is_asked_about_once_and_says_why(): void
    {
        $id = $this->person();
        $this->place($id, 'press-out/seated');
        $far = ['id' => self::id(), 'rung' => 'press-out/split-stance', 'side' => 'both', 'reason' => ''];
        $said = $this->postJson("/api/people/{$id}/placements", $far)->assertConflict()->assertJsonPath('code', 'big-jump');
        self::assertStringContainsString('above “Press-out, seated”, the last rung that was clean: a big jump.', (string) $said->json('sentence'));
        self::assertSame(['press-out/seated'], $this->stands($id, 'press-out'));

        $this->postJson("/api/people/{$id}/placements", [...$far, 'far' => true])->assertCreated();
        self::assertSame(['press-out/split-stance'], $this->stands($id, 'press-out'));
    }

    public function test_left_and_right_may_stand_on_different_rungs(): void
    {
        $id = $this->person();
        $this->place($id, 'side-bridge/knees-bent');
        $this->travel(1)->seconds();
        $this->place($id, 'side-bridge/top-leg-straight', 'left');

        self::assertSame(['side-bridge/top-leg-straight', 'side-bridge/knees-bent'], $this->stands($id, 'side-bridge'));
    }

    public function test_the_spread_and_the_weakest_come_with_their_reason(): void
    {
        $id = $this->person();
        foreach (['front-plank/forearms-toes', 'side-bridge/knees-bent', 'all-fours/opposite-short', 'press-out/tall-kneeling'] as $rung) {
            $this->place($id, $rung);
        }
        $board = $this->getJson("/api/people/{$id}/board")->assertOk();

        self::assertSame('1.2', $board->json('spreadText'));
        self::assertStringContainsString('4.0 − 2.8 = 1.2', (string) $board->json('spreadReason.sentence'));
        self::assertSame(['anti-rotation'], array_column(array_filter((array) $board->json('demands'), static fn(mixed $demand): bool => is_array($demand) && $demand['weakest']), 'value'));
    }

    public function test_a_guess_makes_nobody_uneven_until_it_was_trained(): void
    {
        $id = $this->person();
        $this->place($id, 'front-plank/forearms-toes');
        $this->place($id, 'side-bridge/top-foot-front');
        $this->place($id, 'press-out/tall-kneeling', guessed: true);
        $demand = fn(): array => array_column(array_filter((array) $this->getJson("/api/people/{$id}/board")->assertOk()->json('demands'), static fn(mixed $one): bool => is_array($one) && $one['value'] === 'anti-rotation'), null, 'value')['anti-rotation'];

        $board = $this->getJson("/api/people/{$id}/board")->assertOk()->assertJsonPath('spreadText', '0.0');
        self::assertSame(['2.8', true, false], [$demand()['heightText'], $demand()['guessed'], $demand()['weakest']]);
        self::assertStringContainsString('2.8 (guessed)', implode(' ', (array) $board->json('spreadReason.inputs.*.value')));

        $session = $this->writtenSession($id, ['press-out/tall-kneeling' => '2x8/side']);
        $this->postJson("/api/people/{$id}/logs", ['id' => self::id(), 'session' => $session, 'seconds' => 300, 'sets' => [self::set('press-out/tall-kneeling', 1, 8)]])->assertCreated();
        $this->getJson("/api/people/{$id}/board")->assertOk()->assertJsonPath('spreadText', '1.2');
        self::assertSame([false, true], [$demand()['guessed'], $demand()['weakest']]);
    }

    public function test_a_ruled_out_rung_cannot_be_placed_and_names_its_reason_and_substitute(): void
    {
        $id = $this->person(['limits' => [['state' => 'wrist-pain', 'side' => 'both', 'note' => '']]]);
        $this->postJson("/api/people/{$id}/placements", ['id' => self::id(), 'rung' => 'front-plank/hands-toes', 'side' => 'both', 'reason' => ''])
            ->assertUnprocessable()->assertJsonPath('fields.rung.0', '“Front plank, on the hands” is ruled out by wrist pain: it loads the wrist.');

        $closed = $this->ladder($id, 'front-plank')['closed'];
        $hands = array_values(array_filter($closed, static fn(array $rung): bool => $rung['slug'] === 'front-plank/hands-toes'))[0];
        self::assertFalse($hands['openLeft'] || $hands['openRight']);
        self::assertSame(['dead-bug/ninety-both-arms', 'front-plank/forearms-low-step', 'head-lift/elbows-up'], array_column((array) $this->getJson("/api/people/{$id}/instead/front-plank/hands-toes")->assertOk()->json('substitutes'), 'slug'));
    }

    public function test_a_limit_is_tried_on_the_whole_board_before_it_is_saved(): void
    {
        $id = $this->person();
        foreach (['front-plank/forearms-toes', 'side-bridge/knees-bent', 'press-out/standing'] as $rung) {
            $this->place($id, $rung);
        }
        $kit = (array) $this->getJson("/api/people/{$id}")->json('kit');
        $effect = $this->postJson("/api/people/{$id}/board/preview", ['kit' => $kit, 'limits' => [['state' => 'shoulder-pain', 'side' => 'both']]])->assertOk();

        self::assertMatchesRegularExpression('/^This closes \d+ rungs\. 2 working rungs change\. Nothing is left for lateral and shoulder girdle\.$/', (string) $effect->json('sentence'), 'there is nothing to carry in the kit');
        self::assertSame(['front-plank', 'side-bridge'], array_column((array) $effect->json('changes'), 'ladder'));
        self::assertSame('dead-bug/ninety-heel-digs', $effect->json('changes.0.to.slug'), 'front work on the back fits');
        self::assertSame(0, DB::table('person_limits')->count(), 'nothing is saved');

        $this->postJson("/api/people/{$id}/board/preview", ['kit' => $kit, 'limits' => []])->assertOk()->assertJsonPath('sentence', 'This changes no rung of the board.');
        $this->postJson("/api/people/{$id}/board/preview", ['kit' => ['rocket'], 'limits' => []])->assertUnprocessable();
    }

    public function test_the_board_remembers_where_a_person_stood_four_weeks_ago(): void
    {
        $id = $this->person();
        $this->place($id, 'press-out/seated');
        $this->travel(30)->days();
        $this->place($id, 'press-out/standing');

        self::assertSame([['ladder' => 'press-out', 'side' => 'both', 'rung' => 'press-out/seated']], $this->ladder($id, 'press-out')['ghosts']);
        $this->travel(30)->days();
        self::assertSame([], $this->ladder($id, 'press-out')['ghosts']);
    }

    public function test_the_path_keeps_every_move_with_who_when_and_why_and_the_board_after_it(): void
    {
        $id = $this->person();
        $this->place($id, 'press-out/seated');
        $this->travel(3)->days();
        $this->place($id, 'front-plank/forearms-toes');
        $this->travel(1)->seconds();
        $back = $this->place($id, 'press-out/walking');
        $this->deleteJson("/api/people/{$id}/placements/{$back}")->assertNoContent();
        $this->travel(1)->days();
        $this->place($id, 'press-out/standing');
        $moves = (array) $this->getJson("/api/people/{$id}/path")->assertOk()->json('moves');

        self::assertSame(['Placed on “Press-out, seated” (2.2)', 'Placed on “Front plank, forearms and toes” (4.0)', 'Up to “Press-out, walking” (7.8)', 'Up to “Press-out, standing” (4.0)'], array_column($moves, 'sentence'));
        self::assertSame([false, false, true, false], array_column($moves, 'takenBack'));
        self::assertSame(['2026-06-01', '2026-06-04', '2026-06-04', '2026-06-05'], array_column($moves, 'on'));
        self::assertSame(array_fill(0, 4, 'Wren Aldous'), array_column($moves, 'by'));
        self::assertSame([null, '1.8', null, '0.0'], array_column($moves, 'spreadText'));
        self::assertSame([1, 2, 0, 2], array_map(static fn(mixed $move): int => count((array) $move['stands']), $moves));
    }

    public function test_the_board_names_the_rung_a_climb_leads_to_with_the_method_and_past_what_is_closed(): void
    {
        $id = $this->person();
        $this->place($id, 'front-plank/forearms-toes');
        self::assertSame(['front-plank/tight-plank'], array_column($this->ladder($id, 'front-plank')['stands'], 'next'));

        $this->putJson('/api/method', ['version' => 1, 'answer' => 'front-plank-next-step/hands'])->assertOk();
        self::assertSame(['front-plank/hands-toes'], array_column($this->ladder($id, 'front-plank')['stands'], 'next'));

        $sore = $this->person(['limits' => [['state' => 'wrist-pain', 'side' => 'both', 'note' => '']]]);
        $this->place($sore, 'front-plank/forearms-toes');
        self::assertSame(['front-plank/tight-plank'], array_column($this->ladder($sore, 'front-plank')['stands'], 'next'), 'hands are closed');
    }

    public function test_a_rung_the_method_puts_away_cannot_be_placed_until_the_method_says_so(): void
    {
        $id = $this->person();
        $place = fn() => $this->postJson("/api/people/{$id}/placements", ['id' => self::id(), 'rung' => 'trunk-flexion/curl-up', 'side' => 'both', 'reason' => '']);
        $place()->assertUnprocessable()->assertJsonPath('fields.rung.0', '“Curl-up” is put away by the method: movements allowed, “resist movement only”.');
        self::assertTrue($this->ladder($id, 'trunk-flexion')['putAway']);

        $this->putJson('/api/method', ['version' => 1, 'answer' => 'movements-allowed/all-trained'])->assertOk()->assertJsonPath('version', 2);
        $place()->assertCreated();
        self::assertFalse($this->ladder($id, 'trunk-flexion')['putAway']);
    }

    public function test_a_rung_that_does_not_exist_gets_a_sentence(): void
    {
        $id = $this->person();
        $this->postJson("/api/people/{$id}/placements", ['id' => self::id(), 'rung' => 'front-plank/on-the-moon', 'side' => 'both', 'reason' => ''])
            ->assertUnprocessable()->assertJsonPath('sentence', 'The library has no rung “front-plank/on-the-moon”.');
    }

    public function test_a_two_sided_rung_has_no_left(): void
    {
        $id = $this->person();
        $this->postJson("/api/people/{$id}/placements", ['id' => self::id(), 'rung' => 'front-plank/forearms-toes', 'side' => 'left', 'reason' => ''])
            ->assertUnprocessable()->assertJsonPath('code', 'invalid');
    }

    /** @return list<string> */
    private function stands(string $person, string $ladder): array
    {
        return array_column($this->ladder($person, $ladder)['stands'], 'rung');
    }

    /** @return array<string, mixed> */
    private function ladder(string $person, string $ladder): array
    {
        foreach ((array) $this->getJson("/api/people/{$person}/board")->assertOk()->json('demands') as $demand) {
            foreach ($demand['ladders'] as $one) {
                if ($one['slug'] === $ladder) {
                    return $one;
                }
            }
        }
        self::fail("The board has no ladder {$ladder}.");
    }

    public function test_an_own_set_up_of_a_rung_goes_to_board_sheet_and_player_and_is_encrypted(): void
    {
        $id = $this->person();
        $this->place($id, 'press-out/standing');
        $write = fn(string $text, int $version) => $this->putJson("/api/people/{$id}/set-ups", ['rung' => 'press-out/standing', 'text' => $text, 'version' => $version]);
        $write('Left toe out by a hand, band at the lock beam.', 0)->assertOk()->assertJsonPath('version', 1);

        $this->getJson("/api/people/{$id}/board")->assertJsonPath('setUps.0.text', 'Left toe out by a hand, band at the lock beam.');
        $session = $this->writtenSession($id, ['press-out/standing' => '2x10/side']);
        $this->getJson("/api/people/{$id}/sessions/{$session}/sheet")->assertOk()->assertJsonPath('items.0.setUp', 'Left toe out by a hand, band at the lock beam.');
        $this->getJson("/api/people/{$id}/sessions/{$session}/cues")->assertOk()->assertJsonPath('ways.0.setUp', 'Left toe out by a hand, band at the lock beam.');
        self::assertStringNotContainsString('lock beam', (string) json_encode(\Illuminate\Support\Facades\DB::table('set_ups')->get()));

        $write('Left toe out by a hand, band at the lock beam.', 0)->assertOk()->assertJsonPath('version', 1);
        $write('Another trainer’s words.', 0)->assertConflict()->assertJsonPath('present.text', 'Left toe out by a hand, band at the lock beam.');
        $write('', 1)->assertOk();
        $this->getJson("/api/people/{$id}/sessions/{$session}/cues")->assertJsonPath('ways.0.setUp', '');
        $this->putJson("/api/people/{$id}/set-ups", ['rung' => 'sky/hook', 'text' => 'x', 'version' => 0])->assertUnprocessable();
    }
}
