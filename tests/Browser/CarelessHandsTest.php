<?php

declare(strict_types=1);

namespace Tests\Browser;

use Tests\Browser\Support\Chromium;
use Tests\Browser\Support\Hands;

/**
 * Whatever is pressed and typed, in any order: no view breaks, no server fails, nobody is told that somebody else was there
 * where nobody was, and what is kept about the people afterwards is what their records say. Seeded; `bin/hands` goes on for longer.
 */
final class CarelessHandsTest extends BrowserTestCase
{
    /** The page at home once an emergency sign was told: nothing to press. */
    private const CLOSED = '//main[not(.//button)]//*[@role="alert"]';

    private const VIEWS = ['/', '/people', '/library', '/method', '/practice', '/people/new'];

    private const STEPS = ['person', 'checks', 'board', 'session', 'week', 'weeks', 'sheet', 'coach', 'coach?afterwards', 'review'];

    private const SIZES = [[1280, 800], [390, 844]];

    private Hands $hands;

    private int $count;

    private int $lag;

    protected function setUp(): void
    {
        parent::setUp();
        // Messages are sent at once here, where elsewhere they wait until they can be.
        self::post();
        $this->hands = new Hands((int) (getenv('HANDS_SEED') ?: 1));
        $this->count = (int) (getenv('HANDS_COUNT') ?: 60);
        // What is done before the answer to what was done before is what finds most.
        $this->lag = (int) (getenv('HANDS_LAG') ?: 250);
    }

    public function test_no_press_and_no_word_breaks_a_view(): void
    {
        $people = $this->people();
        for ($act = 0; $act < $this->count; $act++) {
            if ($act % 30 === 0) {
                $this->browser->lagging($this->lag)->size(...$this->hands->one(self::SIZES));
                $this->hands->visit($this->browser, $this->hands->one([...self::VIEWS, ...array_map(fn(string $step): string => $this->hands->one($people).$step, [...self::STEPS, ...self::STEPS])]));
            }
            $this->withoutNetwork($this->browser, $act);
            $this->hands->act($this->browser);
        }
        $this->nothingIsWrong($this->count);
    }

    public function test_no_press_and_no_word_breaks_the_page_at_home(): void
    {
        $desk = $this->signIn()->visit($this->addressOf('Corvin Strake', 'sheet'))->see('A link for home');
        $link = $desk->keys('h')->see('Make a link')->press('Make a link')->see('It is shown only now')->find('//*[@role="dialog"]//p[contains(., "/h/")]')->getText();
        $phone = Chromium::at(self::$base, 390, 844);
        try {
            $phone->visit((string) parse_url($link, PHP_URL_PATH))->see('This week');
            for ($act = 0, $count = intdiv($this->count, 3); $act < $count; $act++) {
                // Hands that told an emergency sign have nothing to press until somebody has cleared it.
                if ($act % 20 === 0 || $phone->has(self::CLOSED)) {
                    $this->home($phone->lagging($this->lag), $desk);
                }
                $this->withoutNetwork($phone, $act);
                $this->hands->act($phone);
            }
        } finally {
            $phone->quit();
        }
        $this->nothingIsWrong($count);
    }

    public function test_two_devices_with_one_person_break_nothing_of_each_others(): void
    {
        $people = $this->people();
        $other = Chromium::knowing(self::$base);
        try {
            self::signedIn($other);
            for ($act = 0, $count = intdiv($this->count, 3); $act < $count; $act++) {
                if ($act % 20 === 0) {
                    $at = $this->hands->one($people).$this->hands->one(self::STEPS);
                    foreach ([$this->browser, $other] as $device) {
                        $device->lagging($this->lag)->size(...$this->hands->one(self::SIZES));
                        $this->hands->visit($device, $at);
                    }
                }
                $this->hands->did($act % 2 === 0 ? 'one:' : 'other:');
                $this->hands->act($act % 2 === 0 ? $this->browser : $other, alone: false);
            }
        } finally {
            $other->quit();
        }
        $this->nothingIsWrong($count);
    }

    /** A sign that was told at the last moment, or without a network, arrives only now, and voids what was cleared before. */
    private function home(Chromium $phone, Chromium $desk): void
    {
        do {
            $phone->visit('/home')->find(self::CLOSED.' | //main//button | //main//a | //main//input');
            $isClosed = $phone->has(self::CLOSED);
            if ($isClosed) {
                $this->clear($desk);
            }
        } while ($isClosed);
        $this->hands->did('→ /home');
    }

    private function clear(Chromium $desk): void
    {
        $person = explode('/', (string) parse_url($desk->driver->getCurrentURL(), PHP_URL_PATH))[2];
        $id = strtolower((string) \Symfony\Component\Uid\Ulid::generate());
        self::assertSame(201, $desk->post("/api/people/{$person}/clearances", ['id' => $id, 'clinician' => 'Dr. Ferris Oll, physician', 'scope' => 'core work as before', 'from' => '2026-01-01', 'until' => '2036-01-01']));
        $this->hands->did('cleared at the desk');
    }

    private function withoutNetwork(Chromium $browser, int $act): void
    {
        if ($act % 30 === 20) {
            $browser->offline(true);
            $this->hands->did('the network goes');
        }
    }

    private function nothingIsWrong(int $acts): void
    {
        self::assertSame([], $this->hands->wrong());
        self::assertGreaterThan($acts / 3, $this->hands->pressed());
        self::artisan('records:check');
    }

    /** @return non-empty-list<string> addresses of the demo's people */
    private function people(): array
    {
        $people = $this->signIn()->see('Corvin Strake')->driver->executeScript('return [...new Set([...document.querySelectorAll("main li a")].map(({ pathname }) => /^\/people\/[^/]{26}\//.exec(pathname)?.[0]).filter(Boolean))]');
        $people = array_values(array_filter(is_array($people) ? $people : [], is_string(...)));

        return $people === [] ? throw new \RuntimeException('Nobody is on the bench.') : $people;
    }
}
