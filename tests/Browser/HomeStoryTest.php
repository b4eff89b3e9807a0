<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys as Key;
use Tests\Browser\Support\Chromium;

/** A trainer gives a link; the person opens it on a phone, trains alone, offline in between, and it comes back to the bench. */
final class HomeStoryTest extends BrowserTestCase
{
    public function test_a_person_trains_at_home_by_a_link_offline_in_between_and_the_trainer_decides(): void
    {
        // The trainer gets a letter.
        self::post();
        $desk = $this->signIn()->visit($this->addressOf('Corvin Strake', 'sheet'))->see('A link for home');
        $desk->keys('h')->see('Make a link')->press('Make a link')->see('It is shown only now');
        $this->isAccessible('a link for home');
        $link = $this->link($desk);

        $phone = Chromium::at(self::$base);
        try {
            $phone->size(390, 844)->visit($link)->see('Corvin')->see('This week');
            self::assertStringEndsWith('/home', $phone->driver->getCurrentURL(), 'the link lies in no address bar');
            self::assertSame([], $phone->accessibilityProblems(), 'the page of one’s own');
            $phone->press('Something is wrong')->see('Is it one of these?');
            self::assertSame([], $phone->accessibilityProblems(), 'what is wrong');
            $phone->press('None of these')->driver->executeAsyncScript('navigator.serviceWorker.ready.then(arguments[0])');
            $phone->waitUntil(fn(): bool => $this->keptAnswers($phone) >= 2, 'the week lies on the phone');
            // From cold, without a server.
            self::stopServing();
            $phone->visit('/home')->see('No network: as of')->see('This week');
            $phone->click('//a[normalize-space()="Begin"]')->see('in all');
            $ofSession = strstr($phone->driver->getCurrentURL(), '/home');
            if ($phone->has('//button[normalize-space()="not now"]')) {
                $phone->press('not now');
            }
            $phone->press('Start')->see('kept on this device')->doesNotSee('on a wall');
            for ($cue = 0; $cue < 40 && ! $phone->has(self::CLEAN); $cue++) {
                $phone->press('Skip');
            }
            $phone->click(self::CLEAN)->see('1 of');
            $phone->press('end here')->see('No effort was told.')->press('Tell the effort')->click('//button[contains(@aria-label, ": effort 6")]')->find('//button[contains(@aria-label, ": effort 6")][@aria-pressed="true"]');
            // It ended for pain: how much is told at the set.
            $phone->press('pain')->see('In which set did it hurt')->click('(//*[@aria-label="The set in which it hurt"]//button)[last()]')->click('//button[@aria-label="pain 7"]');
            $phone->press('All clean but for the pain')->see('1 of')->doesNotSee('In which set did it hurt');
            $phone->see('Save it')->doesNotSee('then decide')->press('Save it')->see('is sent by itself');
            // Until it is, the sheet on the phone does not know what hurt.
            $ended = $phone->driver->getWindowHandle();
            $phone->driver->switchTo()->newWindow();
            $phone->visit((string) $ofSession)->see('your practice does not know yet')->doesNotSee('Start')->press('Back to your page');
            $phone->see('your practice does not know yet')->doesNotSee('Begin')->doesNotSee('Once more')->driver->close();
            $phone->driver->switchTo()->window($ended);
            self::startServing();
            $phone->press('Try again')->click(self::TIME_IS_RIGHT)->see('This week');
            // What hurt is not asked again before the trainer has seen it.
            $phone->click('//a[normalize-space()="Begin" or normalize-space()="Once more"]')->see('is left out until your trainer has seen what you told.')->press('back')->see('This week');
            // A link opens also where the application is kept on the device.
            $phone->visit('/home')->see('This week')->driver->executeAsyncScript('navigator.serviceWorker.ready.then(arguments[0])');
            $phone->visit($link)->see('This week');
            $phone->complaints();
        } finally {
            $phone->quit();
        }

        $desk->visit($this->addressOf('Corvin Strake', 'review'))->see('Done at home, and told by the person.')->see('Pain 7 of 10, above 5: stop this ladder.')->find('//td[normalize-space()="6"]');
        $desk->visit($this->addressOf('Corvin Strake', 'sheet'))->see('A link for home')->keys('h')->see('last seen')->press('take all links back')->see('Make a link');
        $desk->complaints();
    }

    public function test_a_letter_a_training_a_morning_a_decision_and_on_day_five_the_sheet_has_grown(): void
    {
        $first = (new \DateTimeImmutable('tomorrow', new \DateTimeZone('Europe/Vienna')))->setTime(10, 0);
        self::post();
        $this->itIs($first);
        $desk = $this->signIn()->visit($this->addressOf('Corvin Strake', 'session'))->see('A sheet that grows');
        $desk->keys('l')->see('A stage of the sheet');
        $this->isAccessible('a stage');
        $desk->label('What comes')->sendKeys('another dose');
        $desk->label('Dose')->sendKeys('3x(5x10s/5)');
        $desk->label('What the person is told')->sendKeys('One hold more in the plank.');
        $desk->press('Put it on the strip')->see('day 5')->see('One hold more in the plank.');
        $this->isAccessible('the strip of stages');
        $desk->visit($this->addressOf('Corvin Strake', 'sheet'))->see('PDF')->keys('h')->see('note how they agree to be written to');
        $desk->press('note how they agree to be written to')->click('//label[contains(., "by mail")]');
        $desk->label('Mail address')->sendKeys('corvin@home.example');
        $desk->press('Save')->see('Nobody is written to without having agreed')->click('//label[contains(., "Corvin agreed to this")]');
        $this->isAccessible('how somebody agrees to be written to');
        $desk->press('Save')->see('to mail to corvin@home.example')->press('Send a link')->see('A link is on its way.');

        $phone = Chromium::at(self::$base);
        try {
            $phone->size(390, 844)->now($first);
            $phone->visit($this->linkTo('corvin@home.example'))->see('no more messages')->driver->executeAsyncScript('navigator.serviceWorker.ready.then(arguments[0])');
            $phone->waitUntil(fn(): bool => $this->keptAnswers($phone) >= 2, 'the week lies on the phone');
            self::stopServing();
            $phone->visit('/home')->see('No network: as of')->click('//a[normalize-space()="I have done it already"]')->see('What you did');
            $phone->click('(//button[contains(., "as written")])[1]');
            $phone->press('Save it')->see('is sent by itself');
            self::startServing();
            $phone->press('Try again')->waitUntil(static fn(): bool => self::rows('session_logs', 'at_home = 1 AND seconds IS NULL') === 1, 'the training is with the practice');

            $this->itIs($first->modify('+1 day'));
            $phone->now($first->modify('+1 day'));
            $phone->visit('/home')->see('How was the morning after')->press('Nothing anywhere')->waitUntil(static fn(): bool => self::rows('mornings', 'event_id IS NOT NULL') > 0, 'the morning is told');

            $this->signIn()->see('Told from home.');
            $desk->visit($this->addressOf('Corvin Strake', 'review'))->see('Done at home, and told by the person.')->press('correct a typing error')->see('Put it right');
            $this->isAccessible('a typing error');
            $desk->press('Back')->keys('j', Key::ENTER)->see('Decided.');

            $this->itIs($first->modify('+4 days'));
            $phone->now($first->modify('+4 days'));
            $phone->visit('/home')->see('One hold more in the plank.');
            self::assertSame([], $phone->accessibilityProblems(), 'the page on day five');
            $phone->press('no more messages')->isGone('//button[normalize-space()="no more messages"]');
            $phone->complaints();
        } finally {
            $phone->quit();
        }
        $this->signIn()->visit($this->addressOf('Corvin Strake', 'session'))->see('came ')->see('5 holds of 10 s');
        self::assertNotSame('', $this->linkTo('corvin@home.example'), 'the stage was told by mail too');
        $desk->complaints();
    }

    public function test_not_today_is_asked_from_home_and_the_trainer_takes_the_day_that_was_found_by_one_key(): void
    {
        // On a Tuesday the session of that evening stands first. One to come: the browser's clock lets go of cookies that have run out.
        $tuesday = (new \DateTimeImmutable('next tuesday', new \DateTimeZone('Europe/Vienna')))->setTime(10, 0);
        $this->itIs($tuesday);
        $desk = $this->signIn()->visit($this->addressOf('Corvin Strake', 'week'))->see('link for home')->keys('h')->see('Make a link')->press('Make a link')->see('It is shown only now');
        $link = $this->link($desk);
        $phone = Chromium::at(self::$base);
        try {
            $phone->size(390, 844)->now($tuesday);
            $phone->visit($link)->see('not today')->press('not today')->see('Why not today?')->press('Ask for another day')->see('Press what it is first.');
            self::assertSame([], $phone->accessibilityProblems(), 'not today');
            $phone->click('//label[contains(., "o time")]');
            $phone->label('A few words, if you like')->sendKeys('The sluices wait.');
            $phone->press('Ask for another day')->see('You asked for another day: no time.');
            $phone->label('A few words to your practice')->sendKeys('My left side feels weak.');
            $phone->press('Send it')->see('Your practice has it.');

            $desk->visit('/')->see('“The sluices wait.”')->visit($this->addressOf('Corvin Strake', 'week'))->see('“The sluices wait.”');
            $this->isAccessible('what was asked from home');
            $desk->keys('m')->see('Undo')->isGone('//aside//*[contains(., "The sluices wait.")]');
            $desk->visit($this->addressOf('Corvin Strake', 'review'))->see('My left side feels weak.');
            $this->isAccessible('what came from home');
            $desk->label('A few words to Corvin')->sendKeys('We look at it on Friday.');
            $desk->press('Answer')->see('reads it at the next opening');

            $phone->visit('/home')->see('We look at it on Friday.')->doesNotSee('You asked for another day');
            $phone->complaints();
        } finally {
            $phone->quit();
        }
        $desk->complaints();
    }

    public function test_a_second_device_is_let_in_by_a_code_and_a_danger_sign_closes_training(): void
    {
        $desk = $this->signIn()->visit($this->addressOf('Maud Ferrick', 'sheet'))->see('A link for home')->keys('h')->see('Make a link');
        $desk->press('Make a link')->see('It is shown only now');
        $link = $this->link($desk);
        $first = Chromium::at(self::$base);
        $first->visit($link)->see('Something is wrong')->quit();

        $phone = Chromium::at(self::$base);
        try {
            $phone->size(390, 844)->visit($link)->see('Another device');
            self::assertSame([], $phone->accessibilityProblems(), 'another device');
            $desk->see('A second device asks');
            $code = $desk->find('//li[contains(., "A second device asks")]//strong')->getText();
            $phone->label('Code of six figures')->sendKeys($code);
            $phone->press('Open my page here')->see('Something is wrong')->driver->executeAsyncScript('navigator.serviceWorker.ready.then(arguments[0])');
            $phone->waitUntil(fn(): bool => $this->keptAnswers($phone) >= 1, 'the page lies on the phone');
            $phone->press('Something is wrong')->see('Is it one of these?');
            $phone->click('//label[contains(., "Fever together with back pain")]')->press('Tell my practice, and stop training')->see('Please do not train now.');
            // It is closed on the phone as well, where the network goes just then.
            $phone->offline(true)->visit('/home')->see('Please do not train now.')->doesNotSee('Begin');
            $phone->offline(false)->visit('/home')->see('Please do not train now.')->doesNotSee('Begin');
            $phone->complaints();
        } finally {
            $phone->quit();
        }
        $desk->visit('/')->see('Maud Ferrick');
        self::assertStringContainsString('Maud Ferrick', $desk->find('//main//ol/li[1]')->getText(), 'first on the bench');
        $desk->complaints();
    }

    private function link(Chromium $desk): string
    {
        return (string) parse_url($desk->find('//*[@role="dialog"]//p[contains(., "/h/")]')->getText(), PHP_URL_PATH);
    }
}
