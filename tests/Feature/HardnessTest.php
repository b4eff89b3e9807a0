<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Library\PracticeLibrary;
use App\Models\PracticeLadder;
use EvenRungs\Figure\FlatPose;
use Illuminate\Support\Facades\DB;

/** Figures and how hard they are, over the wire. */
final class HardnessTest extends ApiTestCase
{
    public function test_a_ladder_has_its_figures_and_an_unknown_one_none(): void
    {
        $figures = (array) $this->getJson('/api/figures/side-bridge')->assertOk()->json('figures');

        self::assertCount(17, $figures);
        self::assertSame('side-bridge/wall-lean', $figures[0]['rung']);
        self::assertCount(75, $figures[0]['figure']['frames'][0]);
        $this->getJson('/api/figures/nothing')->assertUnprocessable();
    }

    public function test_the_faults_of_a_rung_come_when_it_is_opened(): void
    {
        $faults = (array) $this->getJson('/api/figures/side-bridge/feet-stacked')->assertOk()->json('faults');

        self::assertSame(['Hips sink'], array_column($faults, 'kind'));
        self::assertCount(75, $faults[0]['figure']['frames'][0]);
        $this->getJson('/api/figures/side-bridge/nothing')->assertUnprocessable();
    }

    public function test_the_faults_of_the_rung_being_written_are_drawn_as_its_kinds_say(): void
    {
        $document = app(PracticeLibrary::class)->document('side-bridge');
        $rungs = is_array($document['rungs']) ? $document['rungs'] : [];
        $rungs[3]['faults'] = [['kind' => 'side-sags', 'seen' => 'The hip hangs.', 'fix' => 'Fewer seconds.'], ['kind' => 'breath-held', 'seen' => 'The breath stops.', 'fix' => 'Count.']];
        $check = $this->postJson('/api/ladders/check', ['document' => [...$document, 'rungs' => $rungs], 'rung' => $rungs[3]['slug']])->assertOk();

        self::assertSame(['Side sags'], array_column((array) $check->json('faults'), 'kind'));
        self::assertSame([], $this->postJson('/api/ladders/check', ['document' => $document])->assertOk()->json('faults'));
    }

    public function test_a_rung_stands_beside_where_the_person_stands_on_one_scale(): void
    {
        $person = $this->person();
        $pane = $this->getJson("/api/people/{$person}/hardness/side-bridge/feet-stacked?beside=side-bridge/knees-bent")->assertOk();

        self::assertSame(['backward', 'forward', 'sideways', 'turning'], array_column((array) $pane->json('figures'), 'label'));
        self::assertGreaterThan($pane->json('figures.2.beside'), $pane->json('figures.2.highest'));
        self::assertGreaterThanOrEqual($pane->json('figures.2.highest'), $pane->json('scale'));
        self::assertStringContainsString('being bent sideways', (string) $pane->json('sentences.0'));
        self::assertMatchesRegularExpression('/^About \d\d kg held in one hand/', (string) $pane->json('worth'));
        self::assertStringContainsString('1.70 m and 70 kg', (string) $pane->json('whose'));
    }

    public function test_a_person_who_tells_their_size_is_measured_by_it(): void
    {
        $usual = $this->person();
        $heavy = $this->person(['stature' => 190, 'mass' => 105]);
        $at = fn(string $person): int => (int) $this->getJson("/api/people/{$person}/hardness/front-plank/forearms-toes")->assertOk()->json('figures.0.highest');

        self::assertEqualsWithDelta(1.5 * 1.118 * $at($usual), $at($heavy), 4);
        $this->getJson("/api/people/{$heavy}/hardness/front-plank/forearms-toes")->assertJsonPath('sentences', []);
        self::assertStringContainsString('their height and weight', (string) $this->getJson("/api/people/{$heavy}/hardness/front-plank/forearms-toes")->json('whose'));
        // Health details are not readable in the database.
        self::assertStringNotContainsString('105', (string) DB::table('people')->where('id', $heavy)->value('mass'));
    }

    public function test_a_load_is_said_with_which_the_climb_stays_small(): void
    {
        $person = $this->person();
        $smaller = (string) $this->getJson("/api/people/{$person}/hardness/hinge/blocks-two-hands?beside=hinge/hip-height")->assertOk()->json('smaller');

        self::assertMatchesRegularExpression('/^With about [\d.]+ kg in place of \d+ it asks for hardly more/', $smaller);
        $this->getJson("/api/people/{$person}/hardness/hinge/hip-height?beside=hinge/blocks-two-hands")->assertJsonPath('smaller', null);
        $this->getJson("/api/people/{$person}/hardness/hinge/hip-height")->assertJsonPath('smaller', null);
    }

    public function test_figures_of_a_band_rung_are_of_the_pull_that_was_last_done(): void
    {
        $person = $this->person();
        $this->place($person, 'press-out/standing');
        $url = "/api/people/{$person}/hardness/press-out/standing";
        $before = $this->getJson($url)->assertOk();
        self::assertStringStartsWith('At 40 N of pull; a dose can say another', (string) $before->json('pull'));

        $session = $this->writtenSession($person, ['press-out/standing' => '2x10/side @60N']);
        $this->postJson("/api/people/{$person}/logs", ['id' => self::id(), 'session' => $session, 'seconds' => 300, 'sets' => [self::set('press-out/standing', 1, 10), self::set('press-out/standing', 2, 10)]])->assertCreated();

        $after = $this->getJson($url)->assertOk()->assertJsonPath('pull', 'At 60 N of pull, as it was last done.');
        // The same where another rung, without a band, is looked at beside it.
        self::assertSame($after->json('figures.3.highest'), $this->getJson("/api/people/{$person}/hardness/press-out/corner-bar-arc?beside=press-out/standing")->json('figures.3.beside'));
        self::assertEqualsWithDelta(1.5 * (int) $before->json('figures.3.highest'), (int) $after->json('figures.3.highest'), 2);
    }

    public function test_who_lies_on_the_floor_is_not_measured_and_it_says_why(): void
    {
        $person = $this->person();
        $this->getJson("/api/people/{$person}/hardness/dead-bug/opposite-short")->assertOk()
            ->assertJsonPath('figures', [])
            ->assertJsonPath('unmeasured', 'Not measured: the floor carries the trunk itself, and a still model does not know how much.');
    }

    public function test_an_own_ladder_that_was_drawn_flat_is_read_as_a_body_in_space(): void
    {
        $shipped = app(PracticeLibrary::class)->document('front-plank');
        $rungs = is_array($shipped['rungs']) ? $shipped['rungs'] : [];
        $rungs[0]['figure'] = ['start' => ['trunk' => 69, 'arm' => [340, 70], 'leg' => [249, 249, 340]], 'props' => ['dumbbell@hand'], 'pin' => 'toe'];
        $old = [...$shipped, 'rungs' => $rungs];
        $new = PracticeLibrary::inSpace($old);

        self::assertTrue(FlatPose::isOne($rungs[0]['figure']));
        self::assertFalse(FlatPose::isOne($new['rungs'][0]['figure']));
        self::assertSame($rungs[1], $new['rungs'][1]);
        // A file of before is read, and kept as it is written today.
        $check = $this->postJson('/api/ladders/check', ['document' => $old])->assertOk();
        self::assertSame([], array_values(array_filter((array) $check->json('problems'), static fn(string $problem): bool => ! str_contains($problem, '› figure'))));
        self::assertSame(['front-plank/forearms-wall'], array_column((array) $check->json('figures'), 'rung'));
        self::assertSame(0, PracticeLadder::query()->count());
    }

    public function test_a_figure_that_cannot_be_is_said_at_its_place(): void
    {
        $document = app(PracticeLibrary::class)->document('front-plank');
        $rungs = is_array($document['rungs']) ? $document['rungs'] : [];
        $rungs[5]['figure'] = ['start' => ['like' => 'forearm-plank', 'low-back' => 50, 'mid-back' => 50]];
        $problems = (array) $this->postJson('/api/ladders/check', ['document' => [...$document, 'rungs' => $rungs]])->assertOk()->json('problems');

        self::assertStringContainsString('“Front plank, forearms and toes” › figure: The back as a whole is at', implode(' ', $problems));
    }
}
