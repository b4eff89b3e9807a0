<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route as Routes;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;

/** A clinician or assistant of the practice: sees of people what is shared with them, and writes notes. */
final class ReadingTest extends ApiTestCase
{
    private const ALL = ['health', 'tests', 'board', 'plan', 'done'];

    public function test_a_reader_sees_whom_they_are_shown_and_the_parts_that_are_shared_and_nothing_else(): void
    {
        [$osk, $ilse] = [$this->person(['name' => 'Osk Brannoch']), $this->person(['name' => 'Ilse Torvane'])];
        $this->place($osk, 'press-out/standing');
        $reader = $this->reader();
        $this->share($osk, $reader, ['board', 'health'])->assertOk()->assertJsonPath('readers.0.parts', ['health', 'board']);

        $this->actingAs($reader);
        $this->getJson('/api/reading')->assertOk()->assertJsonCount(1, 'people')->assertJsonPath('people.0.name', 'Osk Brannoch')->assertJsonPath('people.0.by', $this->trainer->name);
        $page = $this->getJson("/api/reading/{$osk}")->assertOk();
        self::assertSame(['health', 'board'], array_column((array) $page->json('parts'), 'part'));
        self::assertStringContainsString('Press-out, standing', (string) $page->getContent());
        $this->getJson("/api/reading/{$ilse}")->assertNotFound();
        $this->postJson("/api/reading/{$ilse}/notes", ['id' => self::id(), 'text' => 'Who is this?'])->assertNotFound();
    }

    public function test_what_is_shared_ends_when_it_is_ended_when_its_last_day_is_over_and_with_the_person(): void
    {
        $osk = $this->person(['name' => 'Osk Brannoch']);
        $reader = $this->reader();
        $isSeen = function () use ($osk, $reader): bool {
            $this->actingAs($reader->refresh());
            $seen = $this->getJson("/api/reading/{$osk}")->getStatusCode() === 200;
            self::assertSame($seen ? 1 : 0, count((array) $this->getJson('/api/reading')->assertOk()->json('people')));
            $this->actingAs($this->trainer->refresh());

            return $seen;
        };
        $this->share($osk, $reader, self::ALL)->assertOk();
        self::assertTrue($isSeen());
        $this->deleteJson("/api/people/{$osk}/readers/{$reader->id}")->assertOk()->assertJsonPath('readers.0.parts', []);
        self::assertFalse($isSeen(), 'ended');
        $this->share($osk, $reader, self::ALL, '2026-06-02')->assertOk();
        $this->travelTo('2026-06-02 12:00:00');
        self::assertTrue($isSeen(), 'the last day counts');
        $this->travelTo('2026-06-03 12:00:00');
        self::assertFalse($isSeen(), 'that day is over');
        $this->getJson("/api/people/{$osk}/readers")->assertOk()->assertJsonPath('readers.0.isOver', true);
        $this->share($osk, $reader, self::ALL, '2026-06-02')->assertUnprocessable();
        $this->share($osk, $reader, self::ALL)->assertOk();
        $this->postJson("/api/people/{$osk}/archive")->assertOk();
        self::assertFalse($isSeen(), 'put away');
        $this->deleteJson("/api/people/{$osk}/archive")->assertOk();
        self::assertTrue($isSeen(), 'back');
        $this->deleteJson("/api/practice/trainers/{$reader->id}")->assertOk();
        $this->postJson("/api/practice/trainers/{$reader->id}/access")->assertOk();
        self::assertFalse($isSeen(), 'let in again, and shown people anew');
        self::assertSame(3, DB::table('readerships')->whereNotNull('ended_at')->count(), 'what was shared when stays known');
    }

    public function test_a_reader_is_refused_whatever_is_for_trainers_and_trainers_what_is_for_readers(): void
    {
        $osk = $this->person();
        $session = $this->writtenSession($osk, ['press-out/standing' => '2x10/side']);
        $reader = $this->reader();
        $this->share($osk, $reader, self::ALL)->assertOk();
        $this->actingAs($reader);
        $asked = 0;
        foreach (Routes::getRoutes()->getRoutes() as $route) {
            $middleware = $route->gatherMiddleware();
            if (! in_array('can:train', $middleware, true) && ! in_array('can:run-practice', $middleware, true)) {
                continue;
            }
            $uri = '/'.preg_replace(['/\{person\}/', '/\{session\}/', '/\{date\}/', '/\{\w+\}/'], [$osk, $session, '2026-06-01', self::id()], $route->uri());
            $answer = $this->json($route->methods()[0], $uri);
            self::assertContains($answer->status(), [403, 404], "{$route->methods()[0]} {$uri} answers {$answer->status()}");
            $asked += (int) ($answer->status() === 403);
        }
        self::assertGreaterThan(90, $asked, 'refused, and not only unknown');
        $open = array_filter(Routes::getRoutes()->getRoutes(), static fn(\Illuminate\Routing\Route $route): bool => in_array('auth', $route->gatherMiddleware(), true) && array_intersect(['can:train', 'can:run-practice', 'can:read'], $route->gatherMiddleware()) === []);
        self::assertEqualsCanonicalizing(['signOut', 'me', 'changeMe', 'changePassword', 'beginSecondStep', 'confirmSecondStep', 'endSecondStep', 'rules'], array_values(array_map(static fn(\Illuminate\Routing\Route $route): ?string => $route->getName(), $open)), 'what is for everybody is named here');

        $this->actingAs($this->trainer);
        $this->getJson('/api/reading')->assertForbidden();
        $this->getJson("/api/reading/{$osk}")->assertForbidden();
    }

    public function test_a_note_waits_for_the_trainer_and_each_reader_sees_their_own_alone(): void
    {
        $osk = $this->person(['name' => 'Osk Brannoch']);
        [$hale, $ines] = [$this->reader(), $this->reader('Ines Corrow', 'ines@tarn-row.example')];
        foreach ([$hale, $ines] as $one) {
            $this->share($osk, $one, self::ALL)->assertOk();
        }
        $this->actingAs($hale);
        $note = ['id' => $id = self::id(), 'text' => 'Seen today: the leg is not the back. May train below shoulder height.'];
        $this->postJson("/api/reading/{$osk}/notes", ['id' => self::id(), 'text' => ''])->assertUnprocessable();
        $this->postJson("/api/reading/{$osk}/notes", $note)->assertCreated();
        $this->postJson("/api/reading/{$osk}/notes", $note)->assertCreated()->assertJsonCount(1, 'notes')->assertJsonPath('notes.0.isMine', true);
        self::assertStringNotContainsString('leg', (string) DB::table('reader_notes')->value('text'), 'encrypted at rest');

        $this->actingAs($ines);
        $this->getJson("/api/reading/{$osk}")->assertOk()->assertJsonPath('notes', []);
        $this->deleteJson("/api/reading/{$osk}/notes/{$id}")->assertNotFound();

        $this->actingAs($this->trainer);
        $line = fn(): mixed => $this->getJson('/api/bench')->assertOk()->json('lines.0.sentence');
        self::assertSame('Hale Brunmoor wrote a note.', $line());
        $this->deleteJson("/api/people/{$osk}/notes/{$id}")->assertNotFound();
        $this->putJson("/api/people/{$osk}/notes/{$id}", ['read' => true])->assertOk()->assertJsonPath('notes.0.isRead', true)->assertJsonPath('waiting', []);
        self::assertNotSame('Hale Brunmoor wrote a note.', $line());
        $this->putJson("/api/people/{$osk}/notes/{$id}", ['read' => false])->assertOk()->assertJsonPath('waiting.0.id', $id);
        self::assertSame('Hale Brunmoor wrote a note.', $line());
        $this->postJson("/api/people/{$osk}/readers/{$hale->id}/notes", ['id' => $answer = self::id(), 'text' => 'Thank you. Until when?'])->assertCreated()->assertJsonPath('notes.1.isRead', true);
        self::assertNotSame('Hale Brunmoor wrote a note.', $line(), 'who answers has read');

        $this->actingAs($hale);
        $this->getJson('/api/reading')->assertOk()->assertJsonPath('people.0.unread', 1);
        $this->getJson("/api/reading/{$osk}")->assertOk()->assertJsonPath('notes.0.text', 'Thank you. Until when?')->assertJsonPath('notes.0.isMine', false)->assertJsonPath('notes.0.isRead', false);
        $this->getJson('/api/reading')->assertOk()->assertJsonPath('people.0.unread', 0);
        $this->postJson("/api/reading/{$osk}/notes", ['id' => $second = self::id(), 'text' => 'Until July.'])->assertCreated();
        $this->deleteJson("/api/reading/{$osk}/notes/{$second}")->assertOk()->assertJsonCount(2, 'notes');
        $this->postJson("/api/reading/{$osk}/notes", ['id' => $second, 'text' => 'Until July.'])->assertCreated()->assertJsonCount(3, 'notes');

        $this->actingAs($this->trainer);
        $this->deleteJson("/api/people/{$osk}/notes/{$answer}")->assertConflict()->assertJsonPath('code', 'read-already');
        $this->deleteJson("/api/people/{$osk}/readers/{$hale->id}")->assertOk()->assertJsonCount(3, 'notes');
        $this->postJson("/api/people/{$osk}/readers/{$hale->id}/notes", ['id' => self::id(), 'text' => 'Still there?'])->assertConflict();
    }

    public function test_while_training_is_closed_the_bench_says_that_a_note_came(): void
    {
        $osk = $this->person(['name' => 'Osk Brannoch']);
        $reader = $this->reader();
        $this->share($osk, $reader, ['health'])->assertOk();
        $this->postJson("/api/people/{$osk}/screenings", self::answers('leg-pain'))->assertCreated();
        $this->actingAs($reader);
        $page = $this->getJson("/api/reading/{$osk}")->assertOk()->assertJsonPath('parts.0.entries.0.isStop', true);
        self::assertStringStartsWith('Yes: ', (string) $page->json('parts.0.entries.0.lines.1'));
        $this->postJson("/api/reading/{$osk}/notes", ['id' => self::id(), 'text' => 'Seen today.'])->assertCreated();

        $this->actingAs($this->trainer);
        $line = (array) $this->getJson('/api/bench')->assertOk()->json('lines.0');
        self::assertSame(['stop', 'Record the clearance'], [$line['status'], $line['action']]);
        self::assertStringEndsWith('Nothing is planned until then. Hale Brunmoor wrote a note.', (string) $line['sentence']);
        $this->getJson("/api/people/{$osk}")->assertOk()->assertJsonPath('standing.open', false);
    }

    public function test_what_was_trained_hurt_and_decided_is_told_in_words(): void
    {
        $osk = $this->person();
        $this->place($osk, 'press-out/standing');
        $session = $this->writtenSession($osk, ['press-out/standing' => '2x10/side']);
        $this->putJson("/api/people/{$osk}/weeks/2026-06-01", ['version' => 0, 'slots' => [['id' => self::id(), 'session' => $session, 'day' => 4, 'part' => 'evening', 'placement' => 'own-day', 'effort' => 6, 'only' => null]], 'moves' => [], 'away' => []])->assertOk();
        $this->postJson("/api/people/{$osk}/holds", ['id' => self::id(), 'kind' => 'front-plank', 'side' => 'both', 'seconds' => 40, 'end' => 'form-lost', 'note' => ''])->assertCreated();
        $this->postJson("/api/people/{$osk}/logs", ['id' => $log = self::id(), 'session' => $session, 'seconds' => 300, 'sets' => [self::set('press-out/standing', 1, 10), self::set('press-out/standing', 2, 8, ['pain' => 4, 'effort' => 8])]])->assertCreated();
        $this->postJson("/api/people/{$osk}/decisions", ['id' => self::id(), 'log' => $log, 'ladder' => 'press-out', 'side' => 'both', 'choice' => 'stay', 'reason' => 'A better grip first.'])->assertCreated();
        $reader = $this->reader();
        $this->share($osk, $reader, ['tests', 'plan', 'done'])->assertOk();

        $this->actingAs($reader);
        $parts = collect((array) $this->getJson("/api/reading/{$osk}")->assertOk()->json('parts'))->pluck('entries', 'part');
        self::assertStringStartsWith('40 s', (string) data_get($parts, 'tests.0.lines.0'));
        self::assertSame('2026-06-01', data_get($parts, 'tests.0.on'));
        self::assertStringStartsWith('Lock-house floor, ', (string) data_get($parts, 'plan.0.what'));
        self::assertStringStartsWith('Press-out, standing: ', (string) data_get($parts, 'plan.0.lines.0'));
        self::assertSame('2026-06-04', data_get($parts, 'plan.0.on'));
        self::assertSame(['Stay on “Press-out, standing”.', 'A better grip first.'], data_get($parts, 'done.0.lines'));
        self::assertSame(['1 exercise, 2 sets, effort 7 to 8.', 'Pain: 4 of 10 in “Press-out, standing”.'], data_get($parts, 'done.1.lines'));
    }

    public function test_that_a_reader_read_and_wrote_is_in_the_trail_and_all_of_it_in_the_copy(): void
    {
        $osk = $this->person();
        $reader = $this->reader();
        $this->share($osk, $reader, ['done'])->assertOk();
        $this->actingAs($reader);
        $this->getJson("/api/reading/{$osk}")->assertOk();
        $this->postJson("/api/reading/{$osk}/notes", ['id' => self::id(), 'text' => 'Seen.'])->assertCreated();

        $this->actingAs($this->trainer);
        $line = collect((array) $this->getJson('/api/practice/access')->assertOk()->json('lines'))->firstWhere('by', 'Hale Brunmoor');
        self::assertSame(['reading' => 1], data_get($line, 'wrote'));
    }

    public function test_the_owner_invites_a_reader_who_is_nobodys_trainer(): void
    {
        $osk = $this->person();
        $invited = fn(string $email, string $role): TestResponse => $this->postJson('/api/practice/trainers', ['id' => self::id(), 'email' => $email, 'role' => $role]);
        $invited('hale@tarn-row.example', 'owner')->assertUnprocessable();
        $invited('hale@tarn-row.example', 'trainer')->assertCreated();
        $invited('hale@tarn-row.example', 'trainer')->assertUnprocessable();
        // Invited as the wrong one: asked again as the right one, until they join.
        $invited('hale@tarn-row.example', 'reader')->assertCreated();
        $hale = User::query()->where('email', 'hale@tarn-row.example')->firstOrFail();
        self::assertSame('reader', $hale->role);
        $this->getJson("/api/people/{$osk}/readers")->assertOk()->assertJsonPath('readers', []);
        $hale->update(['invited_at' => null, 'name' => 'Hale Brunmoor']);
        $invited('hale@tarn-row.example', 'trainer')->assertUnprocessable();
        $this->getJson("/api/people/{$osk}/readers")->assertOk()->assertJsonPath('readers.0.name', 'Hale Brunmoor');
        self::assertSame([$this->trainer->name], array_column((array) $this->getJson('/api/me')->assertOk()->json('trainers'), 'label'));
        $this->putJson("/api/people/{$osk}", [...self::fields($osk), 'version' => 1, 'trainer' => $hale->id])->assertUnprocessable()->assertJsonPath('fields.trainer.0', 'This practice has no such trainer.');
        $this->putJson("/api/people/{$osk}/readers/{$this->trainer->id}", ['parts' => ['done'], 'until' => null])->assertNotFound();
    }

    public function test_the_owner_says_what_somebody_may_do_and_an_owner_is_always_left(): void
    {
        $osk = $this->person();
        $hale = $this->reader();
        $this->share($osk, $hale, self::ALL)->assertOk();
        $may = fn(string $role): TestResponse => $this->putJson("/api/practice/trainers/{$hale->id}/role", ['role' => $role]);
        $may('guest')->assertUnprocessable();
        $may('trainer')->assertOk();
        $this->actingAs($hale->refresh());
        $this->getJson("/api/people/{$osk}")->assertOk();
        $this->getJson('/api/reading')->assertForbidden();
        $may('owner')->assertForbidden();

        $this->actingAs($this->trainer);
        $may('reader')->assertOk();
        $this->actingAs($hale->refresh());
        $this->getJson('/api/reading')->assertOk()->assertJsonPath('people', []);

        $this->actingAs($this->trainer);
        $may('owner')->assertOk();
        $this->putJson("/api/practice/trainers/{$this->trainer->id}/role", ['role' => 'trainer'])->assertConflict();
        // Two owners take each other's rights: the second finds that it is none any more.
        $stale = $this->trainer;
        $this->actingAs($hale->refresh());
        $this->putJson("/api/practice/trainers/{$stale->id}/role", ['role' => 'trainer'])->assertOk();
        $this->actingAs($stale);
        self::assertSame('owner', $stale->role, 'as it was when its request began');
        $may('trainer')->assertConflict()->assertJsonPath('code', 'no-owner');
        self::assertSame(1, User::query()->where('practice_id', $stale->practice_id)->where('role', 'owner')->count());
    }

    private function reader(string $name = 'Hale Brunmoor', string $email = 'hale@tarn-row.example'): User
    {
        return User::query()->create(['id' => self::id(), 'practice_id' => $this->trainer->practice_id, 'name' => $name, 'email' => $email, 'password' => 'even-rungs-demo', 'role' => 'reader']);
    }

    /**
     * @param list<string> $parts
     *
     * @return TestResponse<Response>
     */
    private function share(string $person, User $reader, array $parts, ?string $until = null): TestResponse
    {
        return $this->putJson("/api/people/{$person}/readers/{$reader->id}", ['parts' => $parts, 'until' => $until]);
    }
}
