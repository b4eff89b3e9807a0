<?php

declare(strict_types=1);

namespace Tests\Browser;

use Tests\Browser\Support\Chromium;

/** The log on the gym floor: on the device before the screen moves on, with the server as soon as it can be, and counted once. */
final class LogStoryTest extends BrowserTestCase
{
    public function test_without_a_network_the_log_waits_and_is_sent_by_itself_when_it_is_back(): void
    {
        $browser = $this->coached();
        $browser->offline(true);
        $this->skipToTheCheck();
        $browser->press('All clean')->see('1 of 9 sets kept');
        $browser->press('end here')->see('Day of training')->press('Save the log')->see('is sent by itself')->see('you can leave this page');
        $this->isAccessible('the log on its way');
        $browser->press('To the bench')->see('On this device, not sent yet')->see('Corvin Strake, Lock-house floor')->see('2 answers wait');
        $this->isAccessible('what waits on this device');

        // Sent by itself, its time is still asked about, and then the device need not keep it.
        $browser->offline(false)->doesNotSee('not sent yet')->see('How long was it?');
        $this->isAccessible('a time that is asked about later');
        $browser->click(self::TIME_IS_RIGHT)->doesNotSee('How long was it?');
        $browser->visit($this->addressOf('Corvin Strake', 'review'))->see('Confirm');
        self::assertSame([], $this->kept(), 'the server has it: the device need not keep it');
    }

    public function test_two_tabs_on_one_session_are_one_log(): void
    {
        $browser = $this->coached();
        $coach = (string) parse_url($browser->driver->getCurrentURL(), PHP_URL_PATH);
        $first = $browser->driver->getWindowHandle();
        $browser->driver->switchTo()->newWindow();
        $second = $browser->driver->getWindowHandle();
        $browser->size(1280, 800)->visit($coach)->press('not asked today')->see('Start');
        $this->skipToTheCheck();
        $browser->press('All clean')->see('1 of 9 sets kept');

        // What one tab logs is logged in the other, too.
        $browser->driver->switchTo()->window($first);
        $browser->see('1 of 9 sets kept');
        $this->skipToTheCheck();
        $browser->press('All clean')->see('2 of 9 sets kept');
        $browser->driver->switchTo()->window($second);
        $browser->see('2 of 9 sets kept');
        self::assertSame(1, self::rows('trainings'));
    }

    public function test_two_devices_on_one_session_are_asked_whether_it_is_one_training(): void
    {
        $browser = $this->coached();
        $this->skipToTheCheck();
        $browser->press('effort 5')->press('All clean')->see('1 of 9 sets kept');
        $this->waitForEvents(1);

        $phone = $this->browser = Chromium::at(self::$base, 390, 844);
        $this->signIn();
        $phone->visit($this->addressOf('Corvin Strake', 'coach'))->see('Another device tells of this session too')->see('one set');
        $this->isAccessible('a question about two devices');
        $phone->press('The same one')->see('1 of 9 sets kept');
        $this->skipToTheCheck();
        $phone->press('All clean')->see('2 of 9 sets kept')->press('end here')->press('Save the log')->click(self::TIME_IS_RIGHT)->see('Confirm');
        self::assertSame([1, 2], [self::rows('session_logs', 'id IN (SELECT id FROM '.self::named('trainings').')'), self::rows('set_logs', 'session_log_id IN (SELECT id FROM '.self::named('trainings').')')]);
        $phone->quit();

        // What the first device still tells belongs to the same log; where both told of a set, somebody says which holds.
        $this->browser = $browser;
        $this->skipToTheCheck();
        $browser->press('effort 9')->press('All clean')->see('was told in different ways')->press('40 done')->doesNotSee('was told in different ways');
        $this->noComplaints();
    }

    public function test_an_expired_sign_in_interrupts_no_training_and_loses_nothing(): void
    {
        $browser = $this->coached();
        $this->signInRunsOut();
        $this->skipToTheCheck();
        $browser->press('All clean')->see('1 of 9 sets kept')->doesNotSee('Sign in again');
        $browser->press('end here')->press('Save the log')->see('You have been signed out.')->press('Sign in and send it')->see('Sign in again');
        $browser->label('Password of wren@tarn-row.example')->sendKeys('even-rungs-demo');
        $browser->press('Sign in and go on')->click(self::TIME_IS_RIGHT)->see('Confirm');
    }

    public function test_signing_out_sends_what_waits_and_where_it_cannot_offers_it_as_a_file(): void
    {
        $browser = $this->coached();
        $browser->offline(true);
        $this->skipToTheCheck();
        $browser->press('All clean')->see('1 of 9 sets kept')->press('bench')->see('not sent yet')->press('sign out')->see('Not everything is sent')->see('of Corvin Strake could not be sent');
        $this->isAccessible('signing out with something that waits');
        $file = $browser->saved(fn() => $browser->click('//*[@role="dialog"]//button[starts-with(normalize-space(), "Save as a file")]'));
        $browser->find('//button[normalize-space()="Sign out, it is in the file"][not(@disabled)]');
        $browser->press('Sign out, it is in the file')->see('Still signed in');
        $browser->offline(false)->click('//*[@role="dialog"]//button[starts-with(normalize-space(), "Try again")]')->see('Sign in')->isGone('//*[@role="dialog"]');
        self::assertSame([], $this->kept(), 'signed out, the device keeps nothing');

        // Read in after all, everything in it still counts once.
        $this->signIn();
        $browser->find('//input[@type="file"]')->sendKeys($file);
        $browser->see('One answer read in.')->doesNotSee('not sent yet');
        self::assertSame(1, self::rows('training_events'));
    }

    public function test_another_user_of_the_device_sees_and_sends_nothing_of_the_first(): void
    {
        $browser = $this->coached();
        $browser->offline(true);
        $this->skipToTheCheck();
        $browser->press('All clean')->see('1 of 9 sets kept');
        $browser->leave()->offline(false);
        $browser->signIn('odo@mere-end.example', 'even-rungs-demo')->see('Bench')->doesNotSee('not sent yet');
        self::assertSame(0, self::rows('training_events'));

        $browser->leave();
        $this->signIn();
        $this->waitForEvents(1);
    }

    public function test_a_device_that_is_full_says_so_and_sends_all_the_same(): void
    {
        $browser = $this->coached();
        $browser->driver->executeScript('IDBObjectStore.prototype.put = () => { throw new DOMException("full", "QuotaExceededError"); };');
        $this->skipToTheCheck();
        $browser->press('All clean')->see('this device cannot keep the log');
        $this->waitForEvents(1);
    }

    public function test_the_day_of_training_can_be_set_and_a_wrong_clock_is_put_right(): void
    {
        $this->itIs($now = new \DateTimeImmutable('today 16:00'));
        $browser = $this->coached();
        $browser->now($now->modify('-3 years'));
        $browser->driver->navigate()->refresh();
        $browser->press('not asked today');
        $this->skipToTheCheck();
        $browser->press('All clean')->see('1 of 9 sets kept');
        $this->waitForEvents(1);
        $browser->press('end here')->see('The clock of this device is');
        self::assertSame(1, self::rows('trainings', "done_on = '{$now->format('Y-m-d')}'"));

        $day = $browser->label('Day of training');
        $day->clear();
        $day->sendKeys($now->modify('-1 day')->format('d.m.Y'));
        $browser->press('Save the log')->click(self::TIME_IS_RIGHT)->see('Review');
        self::assertSame(1, self::rows('trainings', "ended AND done_on = '{$now->modify('-1 day')->format('Y-m-d')}'"));
    }

    public function test_what_was_not_ended_is_asked_about_the_next_day(): void
    {
        $this->itIs($now = new \DateTimeImmutable('today 16:00'));
        $browser = $this->coached();
        $this->skipToTheCheck();
        $browser->press('All clean')->see('1 of 9 sets kept');
        $this->waitForEvents(1);
        $browser->leave();
        $this->itIs($now->modify('+1 day'));
        $this->signIn()->see('was not ended: one set logged.')->click('//a[normalize-space()="Settle it"]');
        $browser->see('Until it has ended it counts for nothing.')->press('It ended there')->see('Confirm');
        $this->noComplaints();
    }

    /** The player of a person of the demo, before the first set. */
    private function coached(): Chromium
    {
        $browser = $this->signIn();

        return $browser->visit($this->addressOf('Corvin Strake', 'coach'))->press('not asked today')->see('Start');
    }

    private function waitForEvents(int $count): void
    {
        $this->browser->waitUntil(static fn(): bool => self::rows('training_events') >= $count, 'the server has it');
    }

    /** @return list<string> what the browser keeps of trainings, by kind */
    private function kept(): array
    {
        $kept = $this->browser->driver->executeAsyncScript('const done = arguments[0]; const request = indexedDB.open("even-rungs"); request.onsuccess = () => { const db = request.result; const found = []; const deal = db.transaction(["trainings", "events"]); for (const kind of ["trainings", "events"]) deal.objectStore(kind).count().onsuccess = ({ target }) => { for (let at = 0; at < target.result; at++) found.push(kind); }; deal.oncomplete = () => { db.close(); done(found); }; };');

        return is_array($kept) ? array_values(array_filter($kept, is_string(...))) : [];
    }
}
