<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\TrainingSession;
use EvenRungs\Session\WrittenBlock;
use EvenRungs\Session\WrittenItem;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;

/** A sheet that grows on its own days, and holds back what limits or decisions forbid by then. */
final class StagesTest extends HomeTestCase
{
    private const MORE = 'dead-bug/one-knee-lift';

    protected function setUp(): void
    {
        parent::setUp();
        $this->atTheDesk();
    }

    public function test_on_day_five_an_exercise_comes_to_the_sheet_and_the_person_reads_why(): void
    {
        $this->stage(['message' => 'Now the legs join in.'])->assertCreated()->assertJsonPath('stages.0.when', 'day 5')->assertJsonPath('stages.0.dueOn', '2026-06-05')->assertJsonPath('stages.0.cameOn', null);
        $this->open($this->link());
        $this->travelTo('2026-06-04 09:00:00');
        $this->getJson('/api/home')->assertJsonPath('news', []);
        $this->cues(1);

        $this->travelTo('2026-06-05 00:30:00');
        $this->getJson('/api/home')->assertJsonPath('news.0', 'New on your sheet: On the back, one bent-knee lift. Now the legs join in.');
        $this->cues(2);
        $this->travelTo('2026-06-20 09:00:00');
        $this->getJson('/api/home')->assertJsonPath('news', []);
        $this->atTheDesk();
        $this->getJson("/api/people/{$this->person}/sessions/{$this->session}")->assertJsonPath('version', 2);
        $this->getJson($this->stages())->assertJsonPath('stages.0.cameOn', '2026-06-05');
    }

    public function test_whoever_only_looks_at_a_sheet_that_grows_writes_nothing(): void
    {
        $this->stage([])->assertCreated();
        $records = fn(): mixed => DB::table('people')->where('id', $this->person)->value('records');
        $before = $records();
        $this->getJson($this->stages())->assertOk();
        $this->open($this->link());
        $this->getJson('/api/home')->assertOk();
        $this->atTheDesk();
        // A link that was made is a writing of its own.
        self::assertSame($before + 1, $records());
        self::assertSame(0, Artisan::call('records:check'));
    }

    public function test_it_comes_by_the_round_too_and_only_once(): void
    {
        $this->stage(['after' => 'days', 'count' => 2]);
        $this->travel(1)->days();
        Artisan::call('home:round');
        Artisan::call('home:round');
        $this->getJson($this->stages())->assertJsonPath('stages.0.cameOn', '2026-06-02')->assertJsonCount(2, 'items');
    }

    public function test_after_so_many_sessions_the_dose_is_another(): void
    {
        $item = str_replace('/', '-', self::RUNG);
        $this->stage(['kind' => 'dose', 'after' => 'sessions', 'count' => 2, 'item' => $item, 'rung' => null, 'dose' => '3x12/side'])->assertCreated()->assertJsonPath('stages.0.when', 'after 2 sessions')->assertJsonPath('stages.0.dueOn', null);
        $this->open($this->link());
        $this->tell(self::id())->assertOk();
        $this->getJson('/api/home');
        $this->atTheDesk();
        $this->getJson($this->stages())->assertJsonPath('items.0.dose', '2x10/side');
        Auth::logout();
        session()->flush();

        $this->travel(1)->days();
        $this->tell(self::id())->assertOk();
        $this->getJson('/api/home')->assertJsonPath('news.0', 'Your sheet has changed.');
        $this->atTheDesk();
        $this->getJson($this->stages())->assertJsonPath('items.0.dose', '3x12/side')->assertJsonPath('items.0.id', $item);
    }

    public function test_another_version_takes_the_place_of_the_first_and_keeps_its_number(): void
    {
        $item = str_replace('/', '-', self::RUNG);
        $this->stage(['kind' => 'variation', 'count' => 3, 'item' => $item, 'rung' => 'press-out/half-kneeling-wide', 'dose' => '2x8/side'])->assertCreated();
        $this->travel(2)->days();
        Artisan::call('home:round');
        $this->getJson($this->stages())->assertJsonCount(1, 'items')->assertJsonPath('items.0.id', $item)->assertJsonPath('items.0.rung', 'press-out/half-kneeling-wide');
        $blocks = json_decode(self::text(DB::table('training_sessions')->where('id', DB::table('sheet_stages')->value('training_session_id'))->value('blocks')), true);
        self::assertSame(DB::table('sheet_stages')->value('sequence'), data_get($blocks, '0.items.0.at'), 'it was written when it was planned');
    }

    public function test_what_a_limit_forbids_by_then_is_held_back_and_told_and_comes_once_it_is_lifted(): void
    {
        $this->stage(['rung' => 'front-plank/hands-toes', 'dose' => '3x20s'])->assertUnprocessable()->assertJsonStructure(['fields' => ['rung']]);
        $this->stage([]);
        $this->getJson($this->stages())->assertJsonPath('stages.0.warning', null);
        $stage = DB::table('sheet_stages')->value('id');
        // A limit noted since, of what this one loads.
        DB::table('sheet_stages')->where('id', $stage)->update(['rung' => 'front-plank/hands-toes', 'dose' => '3x20s']);
        self::assertIsString($this->getJson($this->stages())->json('stages.0.warning'));
        $this->travel(5)->days();
        Artisan::call('home:round');
        $held = self::text($this->getJson($this->stages())->assertJsonPath('stages.0.cameOn', null)->assertJsonCount(1, 'items')->json('stages.0.held'));
        self::assertStringContainsString('wrist', mb_strtolower($held));
        $this->getJson('/api/bench')->assertJsonPath('lines.0.sentence', "The stage of day 5 was held back: {$held}")->assertJsonPath('lines.0.step', 'session');

        $again = $this->stages().'/'.self::text($stage).'/again';
        $this->postJson($again)->assertOk()->assertJsonPath('stages.0.held', $held);
        DB::table('person_limits')->update(['lifted_on' => '2026-06-06']);
        $this->postJson($again)->assertOk()->assertJsonPath('stages.0.held', null)->assertJsonPath('stages.0.cameOn', '2026-06-06')->assertJsonCount(2, 'items');
    }

    public function test_nothing_comes_while_training_is_closed(): void
    {
        $this->stage(['count' => 2]);
        $this->postJson("/api/people/{$this->person}/screenings", self::answers('leg-pain'))->assertCreated();
        $this->travel(3)->days();
        Artisan::call('home:round');
        self::assertNull(DB::table('sheet_stages')->value('came_on'));
        self::assertSame(0, Artisan::call('records:check'));
    }

    public function test_a_follow_up_comes_to_the_bench_until_it_is_seen_to(): void
    {
        $this->stage(['kind' => 'follow-up', 'rung' => null, 'dose' => null, 'message' => ''])->assertUnprocessable()->assertJsonPath('fields.message.0', 'A follow-up needs a few words.');
        $this->stage(['kind' => 'follow-up', 'rung' => null, 'dose' => null, 'count' => 3, 'message' => 'We look at the shoulder together.'])->assertCreated();
        $this->travel(2)->days();
        Artisan::call('home:round');
        $this->getJson('/api/bench')->assertJsonPath('lines.0.sentence', 'A follow-up is due. “We look at the shoulder together.”');
        $this->postJson($this->stages().'/'.self::text(DB::table('sheet_stages')->value('id')).'/again')->assertOk();
        $this->getJson('/api/bench')->assertJsonPath('lines.0.step', 'coach');
    }

    public function test_one_exercise_a_week_then_the_next(): void
    {
        $this->session = $this->writtenSession($this->person, [self::RUNG => '2x10/side', self::MORE => '2x8/side', 'bridge/touch' => '3x10']);
        $this->postJson($this->stages().'/one-a-week', $spread = ['id' => self::id()])->assertCreated()->assertJsonCount(1, 'items')->assertJsonPath('stages.0.when', 'day 8')->assertJsonPath('stages.1.when', 'day 15');
        $this->postJson($this->stages().'/one-a-week', $spread)->assertCreated()->assertJsonCount(2, 'stages');
        $this->postJson($this->stages().'/one-a-week', ['id' => self::id()])->assertConflict();
        $this->travel(7)->days();
        Artisan::call('home:round');
        $this->getJson($this->stages())->assertJsonCount(2, 'items')->assertJsonPath('items.1.rung', self::MORE);
    }

    public function test_one_exercise_a_week_is_taken_back_as_it_was_and_where_some_came_the_rest_joins_in(): void
    {
        $this->session = self::id();
        $items = static fn(string $first): array => [['id' => 'press', 'rung' => self::RUNG, 'dose' => $first], ['id' => 'bug', 'rung' => self::MORE, 'dose' => '2x8/side'], ['id' => 'bridge', 'rung' => 'bridge/touch', 'dose' => '2x10']];
        $circuit = static fn(string $first): array => [['kind' => 'circuit', 'part' => 'main', 'items' => $items($first), 'gapSeconds' => [20, 30], 'roundRestSeconds' => 40]];
        $this->postJson("/api/people/{$this->person}/sessions", ['id' => $this->session, 'version' => 0, 'title' => 'Lock-house floor', 'blocks' => $circuit('2x10/side')])->assertCreated();
        // Where the person stood when each was written is kept beside it, and no part of what was written.
        $written = static fn(WrittenBlock $block): array => $block->withItems(array_map(static fn(WrittenItem $item): WrittenItem => $item->written(null, 0), $block->items))->toArray();
        $blocks = fn(): array => array_map($written, TrainingSession::query()->findOrFail($this->session)->inCore()->blocks);
        $this->getJson($this->stages())->assertJsonPath('isSpread', false);
        $this->postJson($this->stages().'/one-a-week', ['id' => self::id()])->assertCreated()->assertJsonPath('isSpread', true);
        // Its first exercise was written on meanwhile.
        $this->putJson("/api/people/{$this->person}/sessions/{$this->session}", ['id' => $this->session, 'version' => 2, 'title' => 'Lock-house floor', 'blocks' => [['kind' => 'straight', 'part' => 'main', 'items' => [$items('2x12/side')[0]], 'gapSeconds' => [], 'roundRestSeconds' => 0]]])->assertOk();
        $this->deleteJson($this->stages().'/one-a-week')->assertOk()->assertJsonPath('stages', [])->assertJsonPath('isSpread', false);
        self::assertSame($circuit('2x12/side'), $blocks());
        $this->deleteJson($this->stages().'/one-a-week')->assertOk();
        self::assertSame($circuit('2x12/side'), $blocks(), 'pressed twice it is the same');

        $this->postJson($this->stages().'/one-a-week', ['id' => self::id()])->assertCreated();
        $this->travel(7)->days();
        Artisan::call('home:round');
        $this->deleteJson($this->stages().'/one-a-week')->assertOk()->assertJsonCount(1, 'stages')->assertJsonPath('items.*.rung', [self::RUNG, self::MORE, 'bridge/touch']);
        $this->travel(7)->days();
        Artisan::call('home:round');
        $this->getJson($this->stages())->assertJsonCount(3, 'items');
        self::assertSame(0, Artisan::call('records:check'));
    }

    public function test_a_stage_that_was_taken_out_comes_back_as_it_was(): void
    {
        $this->stage(['message' => 'Now the legs join in.', 'count' => 3])->assertCreated();
        $stage = self::text($this->getJson($this->stages())->json('stages.0.id'));
        $this->travel(1)->days();
        $this->deleteJson($this->stages()."/{$stage}")->assertOk()->assertJsonPath('stages', []);
        $this->postJson("/api/people/{$this->person}/taken-back/stages/{$stage}")->assertNoContent();
        $this->getJson($this->stages())->assertOk()->assertJsonPath('beginsOn', '2026-06-01')->assertJsonPath('stages.0.dueOn', '2026-06-03')->assertJsonPath('stages.0.message', 'Now the legs join in.');
        $this->postJson("/api/people/{$this->person}/taken-back/stages/".self::id())->assertNotFound();
    }

    public function test_a_stage_still_to_come_is_taken_out_and_one_that_came_is_not(): void
    {
        $this->stage(['count' => 2]);
        $this->stage(['count' => 9, 'kind' => 're-test', 'rung' => null, 'dose' => null]);
        $this->travel(1)->days();
        Artisan::call('home:round');
        $this->deleteJson($this->stages().'/'.self::text($this->getJson($this->stages())->json('stages.0.id')))->assertConflict();
        $this->deleteJson($this->stages().'/'.self::text($this->getJson($this->stages())->json('stages.1.id')))->assertOk()->assertJsonCount(1, 'stages');
    }

    public function test_bad_input_gets_its_sentence(): void
    {
        $this->stage(['count' => 1])->assertUnprocessable()->assertJsonPath('fields.count.0', 'A stage comes from day 2 to day 84.');
        $this->stage(['dose' => 'three of some'])->assertUnprocessable()->assertJsonStructure(['fields' => ['dose']]);
        $this->stage(['rung' => 'no/such'])->assertUnprocessable()->assertJsonPath('fields.rung.0', 'Its exercise is not in the library any more.');
        $this->stage(['kind' => 'dose', 'item' => 'gone', 'rung' => null])->assertUnprocessable()->assertJsonPath('fields.dose.0', 'The exercise it changes is not in the session any more.');
    }

    /**
     * @param array<string, mixed> $change
     *
     * @return TestResponse<Response>
     */
    private function stage(array $change): TestResponse
    {
        return $this->postJson($this->stages(), ['id' => self::id(), 'kind' => 'addition', 'after' => 'days', 'count' => 5, 'item' => null, 'rung' => self::MORE, 'dose' => '2x8/side', 'message' => null, ...$change]);
    }

    private function stages(): string
    {
        return "/api/people/{$this->person}/sessions/{$this->session}/stages";
    }

    private function cues(int $exercises): void
    {
        $blocks = $this->getJson("/api/home/sessions/{$this->session}/cues")->assertOk()->json('blocks');
        self::assertSame($exercises, count(array_merge(...array_map(static fn(mixed $block): array => (array) data_get($block, 'items'), (array) $blocks))));
    }
}
