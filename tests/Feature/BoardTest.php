<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\DB;

final class BoardTest extends ApiTestCase
{
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

    public function test_a_ruled_out_rung_cannot_be_placed_and_names_its_reason_and_substitute(): void
    {
        $id = $this->person(['limits' => [['state' => 'wrist-pain', 'side' => 'both', 'note' => '']]]);
        $this->postJson("/api/people/{$id}/placements", ['id' => self::id(), 'rung' => 'front-plank/hands-toes', 'side' => 'both', 'reason' => ''])
            ->assertUnprocessable()->assertJsonPath('fields.rung.0', '“Front plank, on the hands” is ruled out by wrist pain: it loads the wrist.');

        $demands = (array) $this->getJson("/api/people/{$id}/board")->json('demands');
        $front = $demands[0]['ladders'][0]['rungs'];
        $hands = array_values(array_filter($front, static fn(array $rung): bool => $rung['slug'] === 'front-plank/hands-toes'))[0];
        self::assertSame('front-plank/forearms-low-step', $hands['substitute']['slug']);
        self::assertTrue($demands[2]['nothingFits'], 'all fours is closed by the wrist: the demand stays open');
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
        foreach ((array) $this->getJson("/api/people/{$person}/board")->assertOk()->json('demands') as $demand) {
            foreach ($demand['ladders'] as $one) {
                if ($one['slug'] === $ladder) {
                    return array_column($one['stands'], 'rung');
                }
            }
        }

        return [];
    }
}
