<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Person;
use App\Models\Squad;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;

/** One session for several people at once: each on their own rung, on one clock. */
final class SquadTest extends ApiTestCase
{
    private const BEGINNER = ['front-plank/forearms-knees', 'side-bridge/knees-bent', 'press-out/standing-short', 'all-fours/opposite-short', 'bridge/long-top'];

    public function test_a_squad_begins_with_stations_and_a_clock_for_its_people_each_on_their_own_rung(): void
    {
        [$tam, $ilse] = [$this->placed('Tam Oakrigg', self::BEGINNER), $this->placed('Ilse Torvane', ['front-plank/forearms-wall', 'side-bridge/top-leg-lifted', 'press-out/standing'])];
        $squad = $this->squad([$tam, $ilse]);

        $view = $this->getJson("/api/squads/{$squad}")->assertOk();
        self::assertSame(['front-plank', 'side-bridge'], array_slice(array_column((array) $view->json('stations'), 'ladder'), 0, 2));
        $view->assertJsonPath('work', 30)->assertJsonPath('change', 30)->assertJsonPath('rounds', 2)->assertJsonPath('lengthText', '10:00')->assertJsonPath('proposal', null)
            ->assertJsonPath('members.0.name', 'Tam Oakrigg')->assertJsonPath('members.0.start', 0)->assertJsonPath('members.0.places.0.rung', 'front-plank/forearms-knees')->assertJsonPath('members.0.session', null)
            ->assertJsonPath('members.1.start', 1)->assertJsonPath('members.1.places.0.rung', 'front-plank/forearms-wall')->assertJsonPath('members.1.places.0.work', 20)->assertJsonPath('members.1.places.0.notes.0.rule', 'squad.clock');
        $this->getJson('/api/squads')->assertOk()->assertJsonPath('squads.0.people', 2)->assertJsonPath('squads.0.stations', 5);
    }

    public function test_of_a_squad_are_people_with_records_of_every_kind(): void
    {
        $people = [];
        foreach (['Tam Oakrigg', 'Ilse Torvane', 'Osk Brannoch'] as $name) {
            $people[] = $person = $this->placed($name, self::BEGINNER);
            $this->postJson("/api/people/{$person}/home-links")->assertCreated();
            $this->postJson("/api/people/{$person}/home-notes", ['id' => self::id(), 'text' => 'Well done.'])->assertCreated();
            $this->postJson("/api/people/{$person}/allowances", ['id' => self::id(), 'rung' => 'front-plank/hands-toes', 'reason' => 'on the fists']);
            $this->putJson("/api/people/{$person}/marks", ['rung' => 'front-plank/forearms-knees', 'target' => 30, 'reason' => 'Long tours.'])->assertOk();
            $this->putJson("/api/people/{$person}/set-ups", ['rung' => 'press-out/standing-short', 'version' => 0, 'text' => 'band at the chest'])->assertOk();
            $this->postJson("/api/people/{$person}/brace", ['id' => self::id(), 'samples' => [], 'seconds' => 60])->assertCreated();
            $session = $this->writtenSession($person, ['front-plank/forearms-knees' => '1x20s']);
            $this->postJson("/api/people/{$person}/logs", ['id' => self::id(), 'session' => $session, 'seconds' => 60, 'sets' => [self::set('front-plank/forearms-knees', 1, 20, ['both' => 20, 'left' => null, 'right' => null])]])->assertCreated();
            $this->postJson("/api/people/{$person}/programs", ['id' => self::id(), 'wish' => self::wish(), 'replaces' => null, 'mondays' => null, 'why' => ''])->assertCreated();
        }
        $squad = $this->squad($people);

        $this->getJson("/api/squads/{$squad}")->assertOk()->assertJsonCount(3, 'members')->assertJsonPath('members.0.places.3.setUp', 'band at the chest');
        $this->postJson("/api/squads/{$squad}/sessions")->assertOk();
        $this->change($squad, ['work' => 40])->assertOk();
    }

    public function test_where_a_squad_trains_there_is_its_own_kit_and_so_there_is_on_the_sheets_of_its_session(): void
    {
        $tam = $this->placed('Tam Oakrigg', self::BEGINNER);
        Person::query()->findOrFail($tam)->update(['places' => [['name' => 'Home', 'kit' => []]]]);
        $squad = $this->squad([$tam]);
        $bands = fn(?TestResponse $view = null): array => array_values(array_filter((array) ($view ?? $this->getJson("/api/squads/{$squad}"))->assertOk()->json('members.0.places.*.rung'), static fn(mixed $rung): bool => is_string($rung) && str_starts_with($rung, 'press-out/')));

        self::assertSame([null, []], [$this->getJson("/api/squads/{$squad}")->json('kit'), $bands()], 'squads of before go by the place of each');
        self::assertSame(['press-out/standing-short'], $bands($this->change($squad, ['kit' => ['band', 'mat']])->assertJsonPath('kit', ['mat', 'band'])));
        $session = $this->postJson("/api/squads/{$squad}/sessions")->assertOk()->json('members.0.session');
        self::assertIsString($session);
        foreach (['cues' => 'ways.*.rung', 'sheet' => 'items.*.kit'] as $page => $names) {
            self::assertStringContainsString($page === 'cues' ? 'press-out/standing-short' : 'band and anchor', implode(' ', array_filter((array) $this->getJson("/api/people/{$tam}/sessions/{$session}/{$page}")->assertOk()->json($names), is_string(...))));
        }
        $before = $this->body($squad);
        unset($before['kit']);
        $this->putJson("/api/squads/{$squad}", [...$before, 'work' => 40])->assertOk()->assertJsonPath('kit', ['mat', 'band']);
        self::assertSame([], $bands($this->change($squad, ['kit' => []])), 'nothing but the floor');
        $this->change($squad, ['kit' => ['anvil']])->assertUnprocessable();
        $this->change($squad, ['kit' => ['mat', 'mat']])->assertUnprocessable();
    }

    public function test_of_a_station_a_side_that_works_alone_does_its_part_and_is_told_by_it(): void
    {
        $tam = $this->person(['name' => 'Tam Oakrigg', 'limits' => [['state' => 'shoulder-pain', 'side' => 'left', 'note' => '']]]);
        $this->place($tam, 'side-bridge/knees-bent', 'right');
        $squad = $this->squad([$tam]);
        $this->change($squad, ['stations' => ['side-bridge', 'front-plank', 'press-out'], 'work' => 20])->assertOk()
            ->assertJsonPath('members.0.places.0.words', '10 s, right side alone')->assertJsonPath('members.0.places.0.sides', ['right', 'right'])->assertJsonPath('members.0.places.0.targets', [10, 10])
            ->assertJsonPath('stations.2.next', 0)->assertJsonPath('members.0.way', [0, 1, 2])->assertJsonPath('turns.0.kind', 'ready');
        $session = $this->postJson("/api/squads/{$squad}/sessions")->assertOk()->json('members.0.session');
        self::assertIsString($session);

        // Of a station of 20 s a side has 7, which is less than a clock asks for: the sheet could not be opened at all.
        $this->getJson("/api/people/{$tam}/sessions/{$session}/cues")->assertOk()->assertJsonPath('ways.0.dose', '2x10s on/right');
    }

    public function test_who_is_away_today_leaves_the_line_until_tomorrow(): void
    {
        $people = [$this->placed('Tam Oakrigg', self::BEGINNER), $this->placed('Ilse Torvane', self::BEGINNER)];
        $squad = $this->squad($people);
        $this->change($squad, ['members' => [['person' => $people[0], 'here' => false], ['person' => $people[1], 'here' => true]]])->assertOk()
            ->assertJsonPath('members.0.here', false)->assertJsonPath('members.0.start', null)->assertJsonPath('members.1.start', 0)->assertJsonPath('version', 2);

        $this->travel(1)->days();
        $this->getJson("/api/squads/{$squad}")->assertOk()->assertJsonPath('members.0.here', true)->assertJsonPath('members.1.start', 1);
    }

    public function test_for_everybody_who_is_here_their_own_session_is_written_once_and_brought_up_to_date(): void
    {
        $people = [$this->placed('Tam Oakrigg', self::BEGINNER), $this->placed('Ilse Torvane', self::BEGINNER)];
        $squad = $this->squad($people);
        $view = $this->postJson("/api/squads/{$squad}/sessions")->assertOk();
        [$first, $second] = array_column((array) $view->json('members'), 'session');
        $session = $this->getJson("/api/people/{$people[1]}/sessions/{$second}")->assertOk()->assertJsonPath('title', 'Fell rescue')->assertJsonPath('version', 1);
        self::assertSame(['side-bridge/knees-bent', 'all-fours'], [$session->json('preview.blocks.0.items.0.rung'), explode('/', (string) $session->json('preview.blocks.0.items.1.rung'))[0]], 'the second begins at the second station');
        $this->getJson("/api/people/{$people[0]}/sessions/{$first}/cues")->assertOk();

        $this->postJson("/api/squads/{$squad}/sessions")->assertOk()->assertJsonPath('members.0.session', $first);
        $this->getJson("/api/people/{$people[0]}/sessions/{$first}")->assertJsonPath('version', 1);
        $this->place($people[0], 'front-plank/forearms-toes');
        $this->postJson("/api/squads/{$squad}/sessions")->assertOk();
        $this->getJson("/api/people/{$people[0]}/sessions/{$first}")->assertJsonPath('version', 2)->assertJsonPath('preview.blocks.0.items.0.rung', 'front-plank/forearms-toes');
        self::assertSame(2, DB::table('training_sessions')->count());
        self::assertSame('3', DB::table('accesses')->where('person_id', $people[1])->selectRaw("JSON_VALUE(wrote, '$.squad') AS times")->value('times'), 'it is in the trail of each');
    }

    public function test_at_hand_is_the_session_of_a_squad_only_where_there_is_none_of_their_own(): void
    {
        [$tam, $ilse] = [$this->placed('Tam Oakrigg', self::BEGINNER), $this->placed('Ilse Torvane', self::BEGINNER)];
        $own = $this->writtenSession($tam, ['front-plank/forearms-knees' => '2x20s']);
        $view = $this->postJson("/api/squads/{$this->squad([$tam, $ilse])}/sessions")->assertOk();

        $this->getJson("/api/people/{$tam}/sessions")->assertOk()->assertJsonPath('next', $own)->assertJsonCount(2, 'sessions');
        $this->getJson("/api/people/{$ilse}/sessions")->assertOk()->assertJsonPath('next', $view->json('members.1.session'));
        $lines = array_column((array) $this->getJson('/api/bench')->assertOk()->json('lines'), 'sentence', 'name');
        self::assertStringStartsWith('Ready to coach: Fell rescue.', (string) $lines['Ilse Torvane']);
    }

    public function test_who_is_not_admitted_to_training_has_no_place_and_nothing_is_written_for_them(): void
    {
        $people = [$this->placed('Tam Oakrigg', self::BEGINNER), $this->placed('Osk Brannoch', self::BEGINNER)];
        $squad = $this->squad($people);
        $this->postJson("/api/people/{$people[1]}/screenings", self::answers('saddle-numbness'))->assertCreated();

        $view = $this->postJson("/api/squads/{$squad}/sessions")->assertOk()->assertJsonPath('members.1.start', null)->assertJsonPath('members.1.places', [])->assertJsonPath('members.1.session', null);
        self::assertNotNull($view->json('members.1.closed'));
        $this->change($squad, ['members' => [['person' => $people[1], 'here' => true]]])->assertOk();
        $this->postJson("/api/squads/{$squad}/sessions")->assertConflict()->assertJsonPath('code', 'nobody-trains');
    }

    public function test_two_who_change_a_squad_at_once_both_hear_of_it_and_a_lost_answer_is_ones_own(): void
    {
        $squad = $this->squad([$this->placed('Tam Oakrigg', self::BEGINNER)]);
        $this->change($squad, ['work' => 40])->assertOk()->assertJsonPath('version', 2);
        $this->change($squad, ['work' => 40], version: 1)->assertOk()->assertJsonPath('version', 2);
        $this->change($squad, ['work' => 50], version: 1)->assertConflict()->assertJsonPath('code', 'changed-meanwhile')->assertJsonPath('present.work', 40);
    }

    public function test_what_makes_no_squad_is_refused_with_a_sentence(): void
    {
        $tam = $this->placed('Tam Oakrigg', self::BEGINNER);
        $squad = $this->squad([$tam]);
        $this->change($squad, ['stations' => ['front-plank']])->assertJsonPath('fields.stations.0', 'A squad goes round at least two stations.');
        $this->change($squad, ['stations' => ['front-plank', 'nowhere']])->assertUnprocessable();
        $this->change($squad, ['stations' => ['front-plank', 'front-plank']])->assertUnprocessable();
        $this->change($squad, ['work' => 600])->assertUnprocessable();
        $this->change($squad, ['members' => [['person' => self::id(), 'here' => true]]])->assertUnprocessable();
        $this->change($squad, ['members' => [['person' => $tam, 'here' => true], ['person' => $tam, 'here' => true]]])->assertUnprocessable();
        $this->postJson('/api/squads', ['id' => self::id(), 'name' => '', 'people' => [$tam]])->assertUnprocessable();
    }

    public function test_a_squad_can_be_let_go_of_and_brought_back_and_what_was_done_stays(): void
    {
        $tam = $this->placed('Tam Oakrigg', self::BEGINNER);
        $squad = $this->squad([$tam]);
        $this->postJson("/api/squads/{$squad}/sessions")->assertOk();
        $this->deleteJson("/api/squads/{$squad}")->assertNoContent();
        $this->getJson("/api/squads/{$squad}")->assertNotFound();
        $this->getJson("/api/people/{$tam}/sessions")->assertJsonCount(1, 'sessions');
        $this->postJson("/api/squads/{$squad}/restore")->assertOk();
        $this->getJson("/api/squads/{$squad}")->assertOk();
        $this->deleteJson("/api/squads/{$squad}")->assertNoContent();
        $this->travel(Squad::DAYS_KEPT + 1)->days();
        $this->postJson("/api/squads/{$squad}/restore")->assertNotFound();
    }

    public function test_who_is_put_away_is_of_the_squad_again_once_they_are_back(): void
    {
        $people = [$this->placed('Tam Oakrigg', self::BEGINNER), $this->placed('Ilse Torvane', self::BEGINNER)];
        $squad = $this->squad($people);
        $this->postJson("/api/people/{$people[0]}/archive")->assertOk();
        $this->getJson("/api/squads/{$squad}")->assertJsonCount(1, 'members');
        $this->change($squad, ['members' => [['person' => $people[1], 'here' => true]]])->assertOk()->assertJsonCount(1, 'members');
        $this->change($squad, [], version: 1)->assertOk()->assertJsonPath('version', 2);
        $this->deleteJson("/api/people/{$people[0]}/archive")->assertOk();
        $this->getJson("/api/squads/{$squad}")->assertJsonPath('members.*.name', ['Ilse Torvane', 'Tam Oakrigg']);
    }

    public function test_the_squads_of_another_practice_are_not_there(): void
    {
        $tam = $this->placed('Tam Oakrigg', self::BEGINNER);
        $squad = $this->squad([$tam]);
        $body = $this->body($squad);
        $this->actingAs($this->practiceWithTrainer('Mere End Studio', 'odo@mere-end.example'));

        $this->getJson('/api/squads')->assertOk()->assertJsonPath('squads', []);
        $this->getJson("/api/squads/{$squad}")->assertNotFound();
        $this->getJson("/api/squads/{$squad}/times")->assertNotFound();
        $this->putJson("/api/squads/{$squad}", $body)->assertNotFound();
        $this->deleteJson("/api/squads/{$squad}")->assertNotFound();
        $this->postJson("/api/squads/{$squad}/sessions")->assertNotFound();
        $this->postJson("/api/squads/{$squad}/restore")->assertNotFound();
        $this->postJson('/api/squads', ['id' => self::id(), 'name' => 'Mine', 'people' => [$tam]])->assertUnprocessable();
    }

    public function test_who_looks_at_a_squad_is_noted_with_each_of_its_people(): void
    {
        $tam = $this->placed('Tam Oakrigg', self::BEGINNER);
        $squad = $this->squad([$tam]);
        $this->actingAs($pell = $this->colleague());
        $this->getJson("/api/squads/{$squad}")->assertOk();

        self::assertSame('{}', DB::table('accesses')->where(['person_id' => $tam, 'user_id' => $pell->id])->value('wrote'));
    }

    public function test_a_squad_stands_in_the_week_of_each_of_its_people_whenever_it_meets(): void
    {
        [$tam, $ilse, $maud] = [$this->placed('Tam Oakrigg', self::BEGINNER), $this->placed('Ilse Torvane', self::BEGINNER), $this->placed('Maud Ferrick', self::BEGINNER)];
        $squad = $this->squad([$tam, $ilse]);
        self::assertSame([[], []], [$this->getJson("/api/squads/{$squad}")->json('meets'), $this->week($tam)], 'squads of before stand in nobody’s week');

        $this->change($squad, ['meets' => [self::meets(5, '18:30'), self::meets(2)]])->assertOk()->assertJsonPath('meets.*.text', ['Tuesday evening', 'Friday at 18:30'])->assertJsonPath('meets.*.without', [[], []]);
        self::assertSame([[2, 'evening', null, 6, 'Fell rescue', $squad], [5, 'evening', '18:30', 6, 'Fell rescue', $squad]], $this->week($tam));
        self::assertSame($this->week($tam), $this->week($ilse));

        // Who comes to it has it too, and who leaves has it no more.
        $this->change($squad, ['members' => [['person' => $ilse, 'here' => true], ['person' => $maud, 'here' => true]]])->assertOk();
        self::assertSame([[], 2, 2], [$this->week($tam), count($this->week($ilse)), count($this->week($maud))]);
        $this->change($squad, ['meets' => [self::meets(5, '19:00', 7)]])->assertOk();
        self::assertSame([[5, 'evening', '19:00', 7, 'Fell rescue', $squad]], $this->week($maud));

        $this->deleteJson("/api/squads/{$squad}")->assertNoContent();
        self::assertSame([], $this->week($maud));
        $this->postJson("/api/squads/{$squad}/restore")->assertOk();
        self::assertCount(1, $this->week($maud));
    }

    public function test_on_the_day_it_meets_a_squad_stands_on_the_bench_until_it_is_told(): void
    {
        $squad = $this->squad([$tam = $this->placed('Tam Oakrigg', self::BEGINNER), $this->placed('Ilse Torvane', self::BEGINNER)]);
        $this->getJson('/api/bench')->assertOk()->assertJsonPath('squads', []);
        // The first of June 2026 is a Monday.
        $this->change($squad, ['meets' => [self::meets(1, '18:30'), self::meets(2)]])->assertOk();
        $this->getJson('/api/bench')->assertOk()->assertJsonPath('squads', [['id' => $squad, 'name' => 'Fell rescue', 'sentence' => 'Meets today at 18:30: 2 people, 5 stations.']]);
        $session = $this->getJson("/api/squads/{$squad}")->json('members.0.session');
        $this->postJson("/api/people/{$tam}/logs", ['id' => self::id(), 'session' => $session, 'seconds' => 60, 'sets' => [[...self::set('front-plank/forearms-knees', 1, 20, ['both' => 20, 'left' => null, 'right' => null]), 'item' => 'station-1']]])->assertCreated();
        $this->getJson('/api/bench')->assertOk()->assertJsonPath('squads', []);
        // Twice a day is told twice.
        $this->change($squad, ['meets' => [self::meets(1, '18:30'), [...self::meets(1), 'part' => 'morning']]])->assertOk();
        $this->getJson('/api/bench')->assertOk()->assertJsonPath('squads.*.sentence', ['Meets today at 18:30: 2 people, 5 stations.']);
        // Whether that is today is for the device to say, whose day may be another than the practice's.
        $this->getJson("/api/squads/{$squad}")->assertOk()->assertJsonPath('members.*.toldOn', ['2026-06-01', null]);
    }

    public function test_what_a_trainer_does_with_a_meeting_in_one_week_of_one_person_stays(): void
    {
        [$tam, $ilse] = [$this->placed('Tam Oakrigg', self::BEGINNER), $this->placed('Ilse Torvane', self::BEGINNER)];
        $squad = $this->squad([$tam, $ilse]);
        $this->change($squad, ['meets' => [self::meets(2), self::meets(5)]])->assertOk();
        // Tam cannot come on Fridays, and Ilse comes alone on Wednesdays.
        $this->layOut($tam, static fn(array $slots): array => array_values(array_filter($slots, static fn(array $slot): bool => $slot['day'] !== 5)));
        $this->layOut($ilse, static fn(array $slots): array => array_map(static fn(array $slot): array => $slot['day'] === 2 ? [...$slot, 'day' => 3] : $slot, $slots));

        $this->change($squad, ['work' => 40, 'meets' => [self::meets(2, '17:00'), self::meets(5, effort: 7)]])->assertOk()->assertJsonPath('meets.*.without', [['Ilse Torvane'], ['Tam Oakrigg']]);
        self::assertSame([[2, 'evening', '17:00', 6, 'Fell rescue', $squad]], $this->week($tam));
        self::assertSame([[3, 'evening', null, 6, 'Fell rescue', null], [5, 'evening', null, 7, 'Fell rescue', $squad]], $this->week($ilse));
        $this->change($squad, ['meets' => []])->assertOk()->assertJsonPath('meets', []);
        self::assertSame([[], []], [$this->week($tam), $this->week($ilse)], 'where it meets no more nobody is sent');
    }

    public function test_who_has_nothing_at_any_station_yet_has_its_meetings_from_when_they_do(): void
    {
        $squad = $this->squad([$tam = $this->placed('Tam Oakrigg', self::BEGINNER), $edda = $this->placed('Edda Quillon', [])]);
        $this->postJson("/api/people/{$edda}/screenings", self::answers('saddle-numbness'))->assertCreated();
        $this->change($squad, ['meets' => [self::meets(2)]])->assertOk()->assertJsonPath('meets.0.without', ['Edda Quillon']);
        DB::table('screenings')->where('person_id', $edda)->delete();
        $this->postJson("/api/squads/{$squad}/sessions")->assertOk()->assertJsonPath('meets.0.without', []);

        self::assertSame([1, 1], [count($this->week($tam)), count($this->week($edda))]);
    }

    public function test_a_program_that_is_written_into_a_week_leaves_the_squad_in_it(): void
    {
        $tam = $this->placed('Tam Oakrigg', self::BEGINNER);
        $squad = $this->squad([$tam]);
        $this->change($squad, ['meets' => [self::meets(7)]])->assertOk();
        $notes = array_column((array) $this->postJson("/api/people/{$tam}/program/proposal", ['wish' => self::wish()])->assertOk()->json('notes'), 'sentence', 'rule');
        self::assertStringStartsWith('What the squad does counts: 1 session a week.', (string) ($notes['program.beside'] ?? ''));
        $this->postJson("/api/people/{$tam}/programs", ['id' => $program = self::id(), 'wish' => self::wish(), 'replaces' => null, 'mondays' => null, 'why' => ''])->assertCreated();
        $monday = DB::table('programs')->where('id', $program)->value('begins_on');
        self::assertIsString($monday);
        $this->postJson("/api/people/{$tam}/program/weeks/{$monday}")->assertSuccessful();

        $against = fn(): array => array_values(array_filter((array) $this->getJson("/api/people/{$tam}/program")->assertOk()->json('against.*.sentence'), static fn(mixed $sentence): bool => is_string($sentence) && str_contains($sentence, 'squad')));
        self::assertSame([], $against());
        $this->change($squad, ['meets' => [self::meets(7), self::meets(3)]])->assertOk();
        self::assertSame(['The program counts on 1 session a week with a squad; by now there are 2.'], $against());
        $this->change($squad, ['meets' => [self::meets(7)]])->assertOk();

        $view = $this->getJson("/api/people/{$tam}/weeks/{$monday}")->assertOk();
        self::assertSame(['planned'], array_column(array_filter((array) $view->json('placed'), static fn(mixed $slot): bool => ((array) $slot)['squad'] !== null), 'state'));
        self::assertGreaterThan(1, count((array) $view->json('placed')));
    }

    public function test_what_was_moved_in_every_week_for_one_person_is_theirs_and_steps_back_for_a_program(): void
    {
        $tam = $this->placed('Tam Oakrigg', self::BEGINNER);
        $squad = $this->squad([$tam]);
        $this->change($squad, ['meets' => [self::meets(2), self::meets(7)]])->assertOk();
        $this->layOut($tam, static fn(array $slots): array => array_map(static fn(array $slot): array => $slot['day'] === 2 ? [...$slot, 'day' => 3] : $slot, $slots));
        $this->postJson("/api/people/{$tam}/programs", ['id' => $program = self::id(), 'wish' => self::wish(), 'replaces' => null, 'mondays' => null, 'why' => ''])->assertCreated();
        $monday = DB::table('programs')->where('id', $program)->value('begins_on');
        self::assertIsString($monday);
        $this->postJson("/api/people/{$tam}/program/weeks/{$monday}")->assertSuccessful();

        $slots = array_values((array) $this->getJson("/api/people/{$tam}/weeks/{$monday}")->assertOk()->json('placed'));
        $ofSquad = array_values(array_filter(array_map(static fn(mixed $slot): array => (array) $slot, $slots), static fn(array $slot): bool => str_starts_with((string) $slot['id'], 'squad-')));
        self::assertSame([[3, 'left-out'], [7, 'planned']], array_map(static fn(array $slot): array => [$slot['day'], $slot['state']], $ofSquad));
    }

    public function test_a_week_that_is_full_has_no_meeting_more(): void
    {
        $tam = $this->placed('Tam Oakrigg', self::BEGINNER);
        $own = $this->writtenSession($tam, ['front-plank/forearms-knees' => '2x20s']);
        $squad = $this->squad([$tam]);
        $this->postJson("/api/squads/{$squad}/sessions")->assertOk();
        $slot = static fn(int $at, ?string $only): array => ['id' => self::id(), 'session' => $own, 'day' => 1 + intdiv($at, 3), 'part' => ['morning', 'midday', 'evening'][$at % 3], 'placement' => 'own-day', 'effort' => 5, 'only' => $only, 'time' => null];
        $this->layOut($tam, static fn(): array => [...array_map(static fn(int $at): array => $slot($at, null), range(0, 19)), $slot(20, '2026-11-30')]);

        $this->change($squad, ['meets' => [self::meets(7)]])->assertOk()->assertJsonPath('meets.0.without', ['Tam Oakrigg']);
        $this->layOut($tam, static fn(array $slots): array => $slots);
    }

    public function test_when_it_could_meet_is_asked_of_everybodys_week(): void
    {
        $tam = $this->person(['name' => 'Tam Oakrigg', 'trainingDays' => [1, 2, 4], 'week' => [['what' => 'lifting', 'heavy' => true, 'day' => 2, 'part' => 'evening', 'every' => 1, 'from' => null, 'time' => null]]]);
        $this->place($tam, 'front-plank/forearms-knees');
        $squad = $this->squad([$tam, $this->placed('Ilse Torvane', self::BEGINNER)]);
        $times = $this->getJson("/api/squads/{$squad}/times")->assertOk()->assertJsonPath('asked', 2)->assertJsonPath('effort', 6)->assertJsonCount(21, 'times');
        $midday = ((array) $times->json('times'))[4];

        self::assertSame([2, 'midday', 1, ['Tam Oakrigg']], [$midday['day'], $midday['part'], $midday['fits'], array_column($midday['against'], 'name')]);
        $times->assertJsonPath('times.4.against.0.reasons.0.rule', 'week.before-heavy-lifting')->assertJsonPath('times.8.against.0.reasons.0.rule', 'squad.meeting');
        self::assertSame([2, 'evening', 2], [$times->json("times.{$times->json('best')}.day"), $times->json("times.{$times->json('best')}.part"), $times->json("times.{$times->json('best')}.fits")]);
        $this->change($squad, ['meets' => [self::meets(4, effort: 8)]])->assertOk();
        $this->getJson("/api/squads/{$squad}/times")->assertOk()->assertJsonPath('effort', 8);
    }

    public function test_meetings_that_are_none_are_refused_with_a_sentence(): void
    {
        $squad = $this->squad([$this->placed('Tam Oakrigg', self::BEGINNER)]);
        $this->change($squad, ['meets' => [self::meets(2), self::meets(2, '18:00')]])->assertUnprocessable()->assertJsonPath('fields.meets.0', 'A squad meets once in a part of a day.');
        $this->change($squad, ['meets' => [self::meets(8)]])->assertUnprocessable();
        $this->change($squad, ['meets' => [self::meets(2, '25:00')]])->assertUnprocessable();
        $this->change($squad, ['meets' => array_map(self::meets(...), range(1, 7))])->assertOk();
        $this->change($squad, ['meets' => [...array_map(self::meets(...), range(1, 7)), self::meets(1, '07:00')]])->assertUnprocessable();
        $before = $this->body($squad);
        unset($before['meets']);
        $this->putJson("/api/squads/{$squad}", $before)->assertOk()->assertJsonCount(7, 'meets');
    }

    /** @return array{day: int, part: string, time: string|null, effort: int} */
    private static function meets(int $day, ?string $time = null, int $effort = 6): array
    {
        return ['day' => $day, 'part' => 'evening', 'time' => $time, 'effort' => $effort];
    }

    /** @return list<list<mixed>> day, part, time, effort, title and squad of what stands in the week of somebody */
    private function week(string $person): array
    {
        $view = $this->getJson("/api/people/{$person}/weeks/2026-11-25")->assertOk();

        return array_map(static fn(mixed $slot): array => array_map(static fn(string $field): mixed => ((array) $slot)[$field], ['day', 'part', 'time', 'effort', 'title', 'squad']), array_values((array) $view->json('placed')));
    }

    /** @param \Closure(list<array<array-key, mixed>>): list<array<array-key, mixed>> $change */
    private function layOut(string $person, \Closure $change): void
    {
        $view = $this->getJson("/api/people/{$person}/weeks/2026-11-25")->assertOk();
        $this->putJson("/api/people/{$person}/weeks/2026-11-25", ['version' => $view->json('version'), 'slots' => $change(array_map(static fn(mixed $slot): array => (array) $slot, array_values((array) $view->json('slots')))), 'moves' => [], 'away' => [], 'shape' => null])->assertOk();
    }

    /** @param list<string> $rungs */
    private function placed(string $name, array $rungs): string
    {
        $person = $this->person(['name' => $name]);
        foreach ($rungs as $rung) {
            $this->place($person, $rung);
        }

        return $person;
    }

    /** @param list<string> $people */
    private function squad(array $people): string
    {
        $this->postJson('/api/squads', ['id' => $id = self::id(), 'name' => 'Fell rescue', 'people' => $people])->assertCreated();

        return $id;
    }

    /** @return array<string, mixed> as it is */
    private function body(string $squad): array
    {
        $view = $this->getJson("/api/squads/{$squad}")->assertOk();
        $members = array_map(static fn(mixed $member): array => ['person' => ((array) $member)['person'], 'here' => ((array) $member)['here']], (array) $view->json('members'));

        return ['version' => $view->json('version'), 'name' => $view->json('name'), 'members' => $members, 'stations' => array_column((array) $view->json('stations'), 'ladder'), 'work' => $view->json('work'), 'change' => $view->json('change'), 'rounds' => $view->json('rounds'), 'roundRest' => $view->json('roundRest'), 'kit' => $view->json('kit'), 'meets' => array_map(static fn(mixed $at): array => array_intersect_key((array) $at, ['day' => 1, 'part' => 1, 'time' => 1, 'effort' => 1]), (array) $view->json('meets'))];
    }

    /**
     * @param array<string, mixed> $change
     *
     * @return TestResponse<Response>
     */
    private function change(string $squad, array $change, ?int $version = null): TestResponse
    {
        return $this->putJson("/api/squads/{$squad}", [...$this->body($squad), ...$change, ...$version === null ? [] : ['version' => $version]]);
    }

    private function colleague(): User
    {
        return User::query()->create(['id' => self::id(), 'practice_id' => $this->trainer->practice_id, 'name' => 'Pell Sorrin', 'email' => 'pell@tarn-row.example', 'password' => 'even-rungs-demo', 'role' => 'trainer']);
    }
}
