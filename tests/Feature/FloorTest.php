<?php

declare(strict_types=1);

namespace Tests\Feature;

/** Whom a device keeps for where there is no network: those whose session is placed today or tomorrow. */
final class FloorTest extends ApiTestCase
{
    public function test_today_and_tomorrow_are_kept_until_they_are_done_moved_or_closed(): void
    {
        [$today, $tomorrow, $later, $none] = [$this->placed('Ilse Torvane', 1), $this->placed('Maud Ferrick', 2), $this->placed('Perrin Vask', 3), $this->person(['name' => 'Osk Brannoch'])];
        self::assertSame([$today[0], $tomorrow[0]], $this->kept());
        self::assertSame($today[1], $this->getJson('/api/floor')->json('people.0.session'));

        // Done, the next one is a week away.
        $this->postJson("/api/people/{$today[0]}/logs", ['id' => self::id(), 'session' => $today[1], 'seconds' => 60, 'sets' => [self::set('press-out/standing', 1, 10)]])->assertCreated();
        self::assertSame([$tomorrow[0]], $this->kept());
        // Moved to the day after tomorrow; then closed by a danger sign; then a day on.
        $this->putJson("/api/people/{$tomorrow[0]}/weeks/2026-06-01", self::plan($tomorrow[1], 2, ['moves' => [['slot' => 'x', 'monday' => '2026-06-01', 'day' => 3, 'part' => 'evening', 'placement' => null, 'effort' => null]], 'version' => 1]))->assertOk();
        self::assertSame([], $this->kept());
        $this->travelTo('2026-06-02 09:00:00');
        self::assertSame([$tomorrow[0], $later[0]], $this->kept());
        $this->postJson("/api/people/{$later[0]}/screenings", self::answers('saddle-numbness'))->assertCreated();
        self::assertSame([$tomorrow[0]], $this->kept());
        self::assertNotContains($none, $this->kept());
    }

    /** @return list<mixed> */
    private function kept(): array
    {
        return array_values((array) $this->getJson('/api/floor')->assertOk()->json('people.*.id'));
    }

    public function test_a_practice_says_for_how_many_days_people_stay_on_its_devices(): void
    {
        $this->getJson('/api/floor')->assertJsonPath('days', 3);
        $this->putJson('/api/floor/days', ['days' => 1])->assertOk();
        $this->getJson('/api/floor')->assertJsonPath('days', 1);
        foreach ([0, 15, '2', null] as $days) {
            $this->putJson('/api/floor/days', ['days' => $days])->assertUnprocessable();
        }
        $this->getJson('/api/floor')->assertJsonPath('days', 1);
    }

    /** @return array{string, string} person and session, which is placed on a day of every week */
    private function placed(string $name, int $day): array
    {
        $person = $this->person(['name' => $name]);
        $this->place($person, 'press-out/standing');
        $session = $this->writtenSession($person, ['press-out/standing' => '1x10/side']);
        $this->putJson("/api/people/{$person}/weeks/2026-06-01", self::plan($session, $day))->assertOk();

        return [$person, $session];
    }

    /**
     * @param array<string, mixed> $change
     *
     * @return array<string, mixed>
     */
    private static function plan(string $session, int $day, array $change = []): array
    {
        return ['version' => 0, 'slots' => [['id' => 'x', 'session' => $session, 'day' => $day, 'part' => 'evening', 'placement' => 'own-day', 'effort' => 5, 'only' => null]], 'moves' => [], 'away' => [], ...$change];
    }
}
