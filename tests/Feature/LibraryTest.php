<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Library\LibraryFiles;
use EvenRungs\Body\Demand;
use EvenRungs\Ladder\Sketch;

/** The library and the method as a practice reads them. */
final class LibraryTest extends ApiTestCase
{
    public function test_what_is_known_of_unread_rungs_is_what_they_say_once_read(): void
    {
        $library = app(LibraryFiles::class)->shelf()->library();
        $seen = 0;
        foreach (Demand::cases() as $demand) {
            $read = array_map(Sketch::of(...), $library->meeting($demand));
            self::assertEquals($read, $library->sketches($demand), $demand->value);
            $seen += count($read);
        }
        self::assertGreaterThan(200, $seen);
    }

    public function test_the_library_tells_everything_about_its_rungs(): void
    {
        $library = $this->getJson('/api/library')->assertOk();
        $rungs = array_merge(...array_column((array) $library->json('ladders'), 'rungs'));
        $bridge = array_values(array_filter($rungs, static fn(mixed $rung): bool => is_array($rung) && $rung['slug'] === 'bridge/short-top'))[0];

        self::assertCount(19, (array) $library->json('ladders'));
        self::assertSame(['lift', 'hold', 'down'], array_column($bridge['tempo'], 'word'));
        self::assertSame('The seat.', $bridge['felt']);
    }

    public function test_the_method_changes_cues_and_steps_and_says_what_it_does(): void
    {
        $this->putJson('/api/method', ['version' => 1, 'answer' => 'trunk-technique/navel-in'])->assertOk();
        $this->putJson('/api/method', ['version' => 2, 'answer' => 'side-plank-feet/stacked'])->assertOk();
        $questions = array_column((array) $this->getJson('/api/method')->json('questions'), null, 'question');

        self::assertSame('Puts away 1 rung: “All-round brace, breathing on”. The cue is: draw the navel gently in.', $questions['trunk-technique']['effect']);
        self::assertSame('Climbing passes by “Side bridge, top foot in front”; it stands beside the ladder.', $questions['side-plank-feet']['effect']);
        self::assertContains('Draw the navel gently in.', $this->rung('leg-slide/flat-slide')['cues']);
        self::assertTrue($this->rung('side-bridge/top-foot-front')['branch']);
    }

    public function test_the_default_answer_leaves_no_trace(): void
    {
        $this->putJson('/api/method', ['version' => 1, 'answer' => 'side-plank-feet/stacked'])->assertOk();
        $this->putJson('/api/method', ['version' => 2, 'answer' => 'side-plank-feet/top-foot-in-front'])->assertOk();

        self::assertSame([], $this->trainer->practice->refresh()->method);
    }

    public function test_two_trainers_do_not_overwrite_each_others_method(): void
    {
        $this->putJson('/api/method', ['version' => 1, 'answer' => 'side-plank-feet/stacked'])->assertOk();
        $this->putJson('/api/method', ['version' => 1, 'answer' => 'side-plank-feet/by-ability'])->assertConflict()->assertJsonPath('present.version', 2);
        $this->putJson('/api/method', ['version' => 2, 'answer' => 'side-plank-feet/sideways'])->assertUnprocessable();
        $this->putJson('/api/method', ['version' => 2, 'answer' => 'shoe-size/stacked'])->assertUnprocessable();
    }

    public function test_another_practice_keeps_its_own_method(): void
    {
        $this->putJson('/api/method', ['version' => 1, 'answer' => 'side-plank-feet/stacked'])->assertOk();
        $this->actingAs($this->practiceWithTrainer('Mere End Studio', 'odo@mere-end.example'));

        $this->getJson('/api/method')->assertOk()->assertJsonPath('version', 1)->assertJsonPath('questions.1.chosen', 'side-plank-feet/top-foot-in-front');
    }

    /** @return array<string, mixed> */
    private function rung(string $slug): array
    {
        foreach ((array) $this->getJson('/api/library')->json('ladders') as $ladder) {
            foreach ($ladder['rungs'] as $rung) {
                if ($rung['slug'] === $slug) {
                    return $rung;
                }
            }
        }
        self::fail("The library has no rung {$slug}.");
    }
}
