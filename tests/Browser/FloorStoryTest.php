<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys as Key;

/** A trainer walks into a cellar: the server is gone, and everything of today is on the device. */
final class FloorStoryTest extends BrowserTestCase
{
    private const CODE = '246813';

    public function test_with_the_server_killed_today_is_coached_from_a_cold_start_and_sent_afterwards(): void
    {
        $browser = $this->signIn();
        $coach = $this->addressOf('Corvin Strake', 'coach');
        $this->placeToday($coach);
        $this->keepHere();
        self::stopServing();

        // Opened anew, nothing answers but the device; and nobody reads it without the code.
        $browser->visit('/')->see('The server cannot be reached')->see('Device code of Wren Aldous');
        $this->isAccessible('the device is locked');
        $browser->label('Device code of Wren Aldous')->sendKeys('000000'.Key::ENTER);
        $browser->see('This is not the code of this device.');
        $browser->label('Device code of Wren Aldous')->sendKeys(self::CODE.Key::ENTER);
        $browser->see('No network')->see('Corvin Strake')->see('Kept on this device until');
        $this->isAccessible('the bench without a network');

        // A squad goes round its stations, too, with what was written for them last.
        $browser->click('//header//a[.="squads"]')->click('//a[.="Tarn Row fell-rescue team"]')->see('Merrin Stoake')->press('To the clock')->see('their sessions are as they were last written')->see('To your stations');
        $browser->click('//a[.="squad"]')->see('To the clock')->click('//header/a[contains(., "Even Rungs")]');

        $this->open('Corvin Strake', 'Sheet')->see('Easier today');
        $this->open('Corvin Strake', 'Coach');
        $browser->press('not asked today')->see('Start');
        $this->skipToTheCheck();
        $browser->press('effort 6')->press('All clean')->see('1 of 9 sets kept on this device');
        // The browser is killed in the middle: opened again it is locked, and the set is still there.
        $browser = $this->browser = $browser->killed();
        $browser->visit($coach);
        $browser->label('Device code of Wren Aldous')->sendKeys(self::CODE.Key::ENTER);
        $browser->see('1 of 9 sets kept on this device');
        $this->skipToTheCheck();
        $browser->press('All clean')->see('2 of 9 sets kept on this device')->press('end here')->press('Save the log')->see('is sent by itself');

        self::startServing();
        // Killed, the browser lost the sign-in.
        $browser->press('Try again')->press('Sign in and send it')->label('Password of wren@tarn-row.example')->sendKeys(\Database\Seeders\DemoSeeder::PASSWORD);
        $browser->press('Sign in and go on')->click(self::TIME_IS_RIGHT)->see('Confirm')->doesNotSee('No network');
        self::assertSame([1, 2], [self::rows('trainings'), self::rows('set_logs', 'session_log_id IN (SELECT id FROM '.self::named('trainings').')')]);
    }

    public function test_the_chosen_theme_holds_where_the_page_comes_from_the_device(): void
    {
        $browser = $this->signIn();
        $browser->driver->executeAsyncScript('navigator.serviceWorker.ready.then(arguments[0])');
        $theme = fn(): mixed => $browser->driver->executeScript('return document.documentElement.dataset.theme ?? ""');
        foreach (['dark', 'light'] as $chosen) {
            while ($theme() !== $chosen) {
                $browser->press('light/dark');
            }
            $browser->visit('/people')->see('Corvin Strake');
            self::assertTrue($browser->driver->executeScript('return performance.getEntriesByType("navigation")[0].workerStart > 0'), 'the page came from the device');
            self::assertSame($chosen, $theme());
        }
    }

    public function test_what_is_kept_is_wiped_by_ten_wrong_codes_and_by_signing_out(): void
    {
        $browser = $this->signIn();
        $this->keepHere();
        $browser->driver->navigate()->refresh();
        $browser->see('and locked.');
        for ($try = 1; $try <= 10; $try++) {
            $browser->label('Device code of Wren Aldous')->sendKeys('wrong'.Key::ENTER);
            $browser->waitUntil(fn(): bool => $browser->has('//button[normalize-space()="Unlock"][not(@disabled)]') || $browser->has('//button[starts-with(., "Keep today")]'), 'the code was tried');
        }
        $browser->see('Keep today’s people on this device');
        self::assertSame(0, $this->keptAnswers());

        $this->keepHere();
        self::assertGreaterThan(0, $this->keptAnswers());
        self::assertStringNotContainsString('Corvin', $this->rawAnswers());
        $browser->press('sign out')->see('Password');
        self::assertSame(0, $this->keptAnswers());
    }

    /** Everybody of today and tomorrow is kept, and the application opens without a server from here on. */
    private function keepHere(): void
    {
        $browser = $this->browser->visit('/');
        $browser->driver->executeAsyncScript('navigator.serviceWorker.ready.then(arguments[0])');
        $browser->press('Keep today’s people on this device')->see('A code for this device');
        $this->isAccessible('a code for this device');
        foreach (['12' => 'At least 6 figures or letters.', self::CODE => 'Kept on this device until'] as $code => $answer) {
            $browser->label('Device code, 6 figures or more')->sendKeys(Key::CONTROL.'a'.Key::NULL.$code);
            $browser->label('The same once more')->sendKeys(Key::CONTROL.'a'.Key::NULL.$code.Key::ENTER);
            $browser->see($answer);
        }
    }

    /** The session at hand of a person is placed on today. */
    private function placeToday(string $path): void
    {
        $placed = $this->browser->driver->executeAsyncScript(<<<'JS'
            const [path, done] = arguments, person = path.split('/')[2];
            const token = decodeURIComponent(document.cookie.match(/XSRF-TOKEN=([^;]+)/)[1]);
            const get = async (what) => (await fetch(`/api/people/${person}/${what}`, { headers: { Accept: 'application/json' } })).json();
            (async () => {
              // Of the practice: the browser's own may be another.
              const { today: date } = await (await fetch('/api/bench', { headers: { Accept: 'application/json' } })).json();
              const { next } = await get('sessions');
              const week = await get(`weeks/${date}`);
              const slot = { id: 'today', session: next, day: new Date(`${date}T12:00:00`).getDay() || 7, part: 'evening', placement: 'own-day', effort: 5, only: null };
              const answer = await fetch(`/api/people/${person}/weeks/${date}`, { method: 'PUT', headers: { Accept: 'application/json', 'Content-Type': 'application/json', 'X-XSRF-TOKEN': token },
                body: JSON.stringify({ version: week.version, slots: [slot], moves: [], away: [] }) });
              done(answer.status);
            })();
            JS, [$path]);
        self::assertSame(200, $placed);
    }

    /** From wherever we are to a step of a person, within the page. */
    private function open(string $person, string $step): \Tests\Browser\Support\Chromium
    {
        if (! $this->browser->has("//a[starts-with(normalize-space(), '{$step}')]")) {
            $this->browser->click("//main//a[normalize-space()='{$person}']");
        }

        return $this->browser->click("//nav//a[contains(normalize-space(), '{$step}')]");
    }

    private function rawAnswers(): string
    {
        $raw = $this->browser->driver->executeAsyncScript('const done = arguments[0]; const request = indexedDB.open("even-rungs"); request.onsuccess = () => { const db = request.result; db.transaction("answers").objectStore("answers").getAll().onsuccess = ({ target }) => { db.close(); done(target.result.map(({ sealed }) => new TextDecoder("latin1").decode(sealed.data)).join("")); }; };');

        return is_string($raw) ? $raw : '';
    }

    public function test_a_page_of_an_earlier_version_hears_of_the_new_one_and_a_view_that_breaks_leads_to_it(): void
    {
        $b = $this->signIn();
        try {
            self::stopServing();
            self::startServing(['APP_VERSION' => 'the next one']);
            $b->click('//header//a[.="people"]')->find('//button[.="new version: load it"]');

            // An answer of the new version that the page of before does not understand.
            $b->driver->executeScript('const real = window.fetch; window.fetch = (asked, ...more) => /\/api\/library$/.test(asked.url ?? asked) ? Promise.resolve(Response.json({})) : real(asked, ...more)');
            $b->click('//header//a[.="library"]')->see('This view could not be shown')->see('this page is of the one before: load it');
            // Another view is not touched by it.
            $b->click('//header//a[.="people"]')->isGone('//h1[.="This view could not be shown"]')->click('//header//a[.="library"]')->see('This view could not be shown');
            $b->click('//button[.="Load the new version"]')->isGone('//h1[.="This view could not be shown"]')->find('//nav[@aria-label="Ladders"]');
            $b->isGone('//button[.="new version: load it"]')->complaints();
        } finally {
            self::stopServing();
        }
    }
}
