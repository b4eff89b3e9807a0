<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Accounts\TimedCode;
use Database\Seeders\DemoSeeder;
use Facebook\WebDriver\WebDriverKeys as Key;
use Tests\Browser\Support\Chromium;

/** A trainer comes to a practice by a letter, forgets a password, and goes: with them what their device kept. */
final class AccountStoryTest extends BrowserTestCase
{
    private const ODO = 'odo@tarn-row.example';

    public function test_a_trainer_is_invited_joins_by_the_link_and_is_let_go_with_what_the_device_kept(): void
    {
        self::post();
        $owner = $this->signIn()->visit('/practice')->see('Who works here');
        $this->isAccessible('the practice');
        $this->tabToField('Invite somebody: their e-mail');
        $owner->keys(DemoSeeder::EMAIL, Key::ENTER)->see('This address is in your practice already.');
        $owner->keys(Key::CONTROL.'a'.Key::NULL, self::ODO, Key::ENTER)->see('A link is on its way to '.self::ODO)->see('invited');
        $owner->press('sign out')->see('Forgotten the password?');

        $odo = $this->browser->visit($this->linkTo(self::ODO))->see('You were invited as '.self::ODO);
        self::assertStringNotContainsString('token', $odo->driver->getCurrentURL(), 'the link lies in no history');
        $this->isAccessible('joining');
        $this->tabToField('Your name');
        $odo->keys('Odo Marrick', Key::TAB, 'too short', Key::ENTER)->see('A password has at least 10 characters.');
        $odo->label('Password')->sendKeys(Key::CONTROL.'a'.Key::NULL.'the heron walks late'.Key::ENTER);
        $odo->see('Corvin Strake')->visit('/practice')->see('Signed in as '.self::ODO)->doesNotSee('Who works here');
        $odo->visit('/')->see('Corvin Strake')->driver->executeAsyncScript('navigator.serviceWorker.ready.then(arguments[0])');
        $odo->press('Keep today’s people on this device')->see('A code for this device');
        $odo->label('Device code, 6 figures or more')->sendKeys('246810');
        $odo->label('The same once more')->sendKeys('246810'.Key::ENTER);
        $odo->see('Kept on this device until');
        self::assertGreaterThan(0, $this->keptAnswers());

        $elsewhere = Chromium::at(self::$base);
        try {
            $elsewhere->signIn(DemoSeeder::EMAIL, DemoSeeder::PASSWORD)->see('Bench')->visit('/practice')->see('Odo Marrick');
            $elsewhere->click('//li[contains(., "Odo Marrick")]//button[normalize-space()="end access"]')->see('End the access of Odo Marrick?');
            $elsewhere->press('End it')->see('The access of Odo Marrick has ended.')->see('let in again');
        } finally {
            $elsewhere->quit();
        }

        $odo->visit('/people')->see('Your access to this practice was ended. What this device kept of it is let go of.');
        self::assertSame(0, $this->keptAnswers());
        $odo->label('E-mail')->sendKeys(self::ODO);
        $odo->label('Password')->sendKeys('the heron walks late'.Key::ENTER);
        $odo->see('Ask the owner of the practice');
    }

    public function test_the_owner_takes_a_copy_of_a_record_ends_it_and_takes_that_back(): void
    {
        $browser = $this->signIn()->visit($this->addressOf('Edda Quillon', 'person'))->see('The whole record');
        $copy = $browser->driver->executeAsyncScript('fetch([...document.links].find((link) => link.innerText.trim() === "take a copy").href).then(async (answer) => arguments[0]([answer.status, answer.headers.get("content-type"), (await answer.arrayBuffer()).byteLength > 500]))');
        self::assertSame([200, 'application/zip', true], $copy);

        $this->tabTo('erase it');
        $browser->keys(Key::ENTER)->see('Erase the record of Edda Quillon?');
        $this->isAccessible('the end of a record');
        $this->tabTo('Erase it in thirty days');
        $browser->keys(Key::ENTER)->see('Edda Quillon is put away, and erased on')->see('To be erased on')->doesNotSee('put this person away');
        self::assertSame(1, self::rows('people', 'erase_on IS NOT NULL AND archived_at IS NOT NULL'));
        $browser->visit('/practice')->see('Erasure')->see('Edda Quillon: to be erased on');
        $this->isAccessible('the practice with its records');
        $browser->press('keep this record')->see('The record of Edda Quillon stays.')->see('A record is copied or erased in the Person step');
        self::assertSame(0, self::rows('people', 'erase_on IS NOT NULL'));

        $browser->visit($this->addressOf('Edda Quillon', 'person'))->doesNotSee('To be erased on')->click('//a[normalize-space()="who read it"]');
        $browser->see('Of Edda Quillon alone.')->see('changed person 2 times; took a copy');
        $browser->click('//a[normalize-space()="Everybody’s"]')->doesNotSee('alone.');
        $this->noComplaints();
    }

    public function test_a_second_step_is_set_up_asked_for_and_switched_off(): void
    {
        $browser = $this->signIn()->visit('/practice')->see('Second step');
        $this->tabTo('Set up a second step');
        $browser->keys(Key::ENTER)->see('Present password')->keys(DemoSeeder::PASSWORD, Key::ENTER)->see('Code it shows');
        $this->isAccessible('what an authenticator reads');
        $browser->keys('000000', Key::ENTER)->see('This code is not right');
        $browser->keys(Key::CONTROL.'a'.Key::NULL, $this->shownCode(), Key::ENTER)->see('Codes on paper');
        $this->isAccessible('codes on paper');
        $codes = (array) $browser->driver->executeScript('return [...document.querySelectorAll("[aria-label=\'Codes on paper\'] li")].map((code) => code.innerText)');
        $browser->keys(Key::ESCAPE)->see('I have kept them');
        $this->tabTo('I have kept them');
        $browser->keys(Key::ENTER)->see('8 codes on paper are left');
        $browser->waitUntil(static fn(): bool => $browser->driver->executeScript('return document.activeElement.innerText') === 'Second step', 'the keyboard is at its heading');
        $browser->press('sign out')->see('Forgotten the password?');

        $browser->label('E-mail')->sendKeys(DemoSeeder::EMAIL);
        $browser->label('Password')->sendKeys(DemoSeeder::PASSWORD.Key::ENTER);
        $browser->see('As your authenticator shows it, or one of those you keep on paper.');
        $this->isAccessible('the code of the second step');
        $browser->keys('111111', Key::ENTER)->see('This code is not right')->keys(Key::CONTROL.'a'.Key::NULL, is_string($codes[0] ?? null) ? $codes[0] : '', Key::ENTER)->see('Corvin Strake');
        $browser->visit('/practice')->see('7 codes on paper are left');
        $this->tabTo('Switch it off');
        $browser->keys(Key::ENTER)->see('Switch the second step off?')->keys(DemoSeeder::PASSWORD, Key::ENTER)->see('The second step is off')->see('Set up a second step');
        self::assertSame(0, self::rows('users', 'second_secret IS NOT NULL'));
    }

    /** As an authenticator shows it that has read the letters on the page. */
    private function shownCode(): string
    {
        $letters = (string) $this->browser->driver->executeScript('return document.querySelector("[role=dialog] p.font-mono").innerText');
        $bits = implode('', array_map(static fn(string $letter): string => sprintf('%05b', strpos('ABCDEFGHIJKLMNOPQRSTUVWXYZ234567', $letter)), str_split(str_replace(' ', '', $letters))));

        return TimedCode::of(implode('', array_map(static fn(string $byte): string => chr((int) bindec($byte)), str_split($bits, 8))), TimedCode::step(time()));
    }

    public function test_a_forgotten_password_is_set_anew_and_ones_own_is_changed(): void
    {
        self::post();
        $browser = $this->browser->visit('/sign-in')->see('Forgotten the password?');
        $this->tabTo('Forgotten the password?');
        $browser->keys(Key::ENTER)->see('Send me a link');
        $this->isAccessible('a forgotten password');
        $browser->label('Your e-mail')->sendKeys(DemoSeeder::EMAIL.Key::ENTER);
        $browser->see('a link is on its way');
        $link = $this->linkTo(DemoSeeder::EMAIL);
        $browser->visit($link)->see('Set it, and sign in')->label('Password')->sendKeys('the heron walks late'.Key::ENTER);
        $browser->see('Corvin Strake');
        $browser->visit($link)->see('Set it, and sign in')->label('Password')->sendKeys('the heron walks late'.Key::ENTER);
        $browser->see('This link does not hold any more.')->see('Ask for a new one');

        $browser->visit('/practice')->see('Present password')->label('Present password')->sendKeys('a guess');
        $browser->label('New password')->sendKeys(DemoSeeder::PASSWORD.Key::ENTER);
        $browser->see('This is not your present password.');
        $browser->label('Present password')->sendKeys(Key::CONTROL.'a'.Key::NULL.'the heron walks late'.Key::ENTER);
        $browser->see('Your password is changed.')->visit('/')->see('Corvin Strake');
    }

    /** In the newest message to somebody. */
}
