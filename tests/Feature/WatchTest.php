<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Http\Told;
use App\Models\SorenessAnswer;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Log;

/** For whoever watches over the servers: what works, and what went wrong without a word of people. */
final class WatchTest extends ApiTestCase
{
    public function test_a_server_that_has_no_picture_yet_is_there_all_the_same(): void
    {
        $fresh = sys_get_temp_dir().'/even-rungs-up-'.bin2hex(random_bytes(6));
        $this->app->useStoragePath($fresh);
        try {
            $this->get('/up')->assertOk()->assertJsonPath('disk', true);
        } finally {
            File::deleteDirectory($fresh);
        }
    }

    public function test_up_asks_database_cache_and_disk(): void
    {
        $this->get('/up')->assertOk()->assertExactJson(['database' => true, 'cache' => true, 'disk' => true]);
        Cache::partialMock()->shouldReceive('put')->andThrow(new \RuntimeException('full'));

        $this->get('/up')->assertStatus(503)->assertExactJson(['database' => true, 'cache' => false, 'disk' => true]);
    }

    public function test_a_failed_statement_is_logged_without_what_people_told(): void
    {
        $seen = [];
        Log::partialMock()->shouldReceive('error')->andReturnUsing(static function (string $message) use (&$seen): void {
            $seen[] = $message;
        });
        $person = $this->person();
        SorenessAnswer::creating(static fn(): array => DB::select('select * from nowhere where said = ?', ['Corvin Strake']));
        $answer = $this->postJson("/api/people/{$person}/soreness", ['id' => self::id(), 'ofTen' => 7])->assertStatus(500);
        SorenessAnswer::flushEventListeners();

        self::assertCount(1, $seen);
        self::assertStringContainsString((string) $answer->json('id'), $seen[0]);
        self::assertStringContainsString('select * from nowhere where said = ?', $seen[0]);
        self::assertStringNotContainsString('Corvin', $seen[0]);
        self::assertStringNotContainsString('Corvin', Told::of(new \RuntimeException('Corvin Strake', 3, new \LogicException('Corvin Strake'))));
    }

    public function test_the_log_is_for_the_application_alone(): void
    {
        self::assertSame('daily', config('logging.default'));
        self::assertSame(0600, config('logging.channels.daily.permission'));
    }
}
