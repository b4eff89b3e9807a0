<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Http\Home\HomeDoor;
use Illuminate\Support\Facades\Auth;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;

/** Somebody with a session, their trainer, and the device on which their own page is opened. */
abstract class HomeTestCase extends ApiTestCase
{
    protected const RUNG = 'press-out/standing';

    protected string $person;

    protected string $session;

    protected function setUp(): void
    {
        parent::setUp();
        $this->withCredentials();
        $this->person = $this->person(['notes' => 'Sleeps badly before concerts.', 'limits' => [['state' => 'wrist-pain', 'side' => 'left', 'note' => 'since the tour', 'since' => '2026-04-02']]]);
        $this->place($this->person, self::RUNG);
        $this->session = $this->writtenSession($this->person, [self::RUNG => '2x10/side']);
    }

    protected function link(): string
    {
        $this->actingAs($this->trainer);
        $address = $this->postJson("/api/people/{$this->person}/home-links")->assertCreated()->json('address');
        Auth::logout();
        session()->flush();

        return substr((string) parse_url(is_string($address) ? $address : '', PHP_URL_PATH), 3);
    }

    /** @return TestResponse<Response> */
    protected function open(string $token): TestResponse
    {
        $opened = $this->postJson('/api/home/open', ['token' => $token])->assertNoContent();
        $cookie = $opened->getCookie(HomeDoor::COOKIE);
        if ($cookie !== null) {
            self::assertTrue($cookie->isHttpOnly());
            $this->withCookie(HomeDoor::COOKIE, (string) $cookie->getValue());
        }

        return $opened;
    }

    /** At another device. */
    protected function away(): void
    {
        $this->defaultCookies = [];
    }

    protected function closed(): void
    {
        $this->getJson('/api/home')->assertUnauthorized()->assertJsonPath('code', 'home-closed')->assertJsonPath('sentence', 'This page does not open any more. Ask your practice for a new link.');
    }

    protected function codeSeen(): string
    {
        $this->actingAs($this->trainer);
        $code = $this->getJson("/api/people/{$this->person}/home-links")->assertOk()->json('devices.0.code');
        Auth::logout();
        session()->flush();

        return is_string($code) ? $code : '';
    }

    /** @return TestResponse<Response> */
    protected function tell(string $training, ?string $session = null, int $pain = 0): TestResponse
    {
        $sets = array_map(static fn(int $number): array => ['id' => self::id(), 'kind' => 'set', 'instead' => [], 'moments' => [60 * $number], 'item' => str_replace('/', '-', self::RUNG), 'number' => $number, 'set' => [...self::set(self::RUNG, $number, 10, ['pain' => $pain]), 'rung' => null, 'dose' => null]], [1, 2]);
        $now = 1000 * now()->getTimestamp();

        return $this->postJson("/api/home/trainings/{$training}", ['session' => $session ?? $this->session, 'device' => self::id(), 'on' => now('Europe/Vienna')->toDateString(), 'byHand' => false, 'startedAt' => $now, 'sentAt' => $now, 'events' => [...$sets, ['id' => self::id(), 'kind' => 'ended', 'instead' => [], 'moments' => []]]]);
    }

    protected function atTheDesk(): void
    {
        $this->actingAs($this->trainer);
    }

    /** @param list<int> $days of the week on which the session stands, in the evening */
    protected function plan(array $days): void
    {
        $this->atTheDesk();
        $slots = array_map(fn(int $day): array => ['id' => "slot-{$day}", 'session' => $this->session, 'day' => $day, 'part' => 'evening', 'placement' => 'own-day', 'effort' => 5, 'only' => null, 'time' => null], $days);
        $this->putJson("/api/people/{$this->person}/weeks/2026-06-01", ['version' => 0, 'slots' => $slots, 'moves' => [], 'away' => [], 'shape' => null])->assertOk();
        Auth::logout();
        session()->flush();
    }

    protected static function text(mixed $value): string
    {
        return is_string($value) ? $value : '';
    }
}
