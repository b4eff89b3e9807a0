<?php

declare(strict_types=1);

namespace Tests\Browser;

use Tests\Browser\Support\Chromium;

/** A trainer gives a link; the person opens it on a phone, trains alone, offline in between, and it comes back to the bench. */
final class HomeStoryTest extends BrowserTestCase
{
    public function test_a_person_trains_at_home_by_a_link_offline_in_between_and_the_trainer_decides(): void
    {
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
            if ($phone->has('//button[normalize-space()="not now"]')) {
                $phone->press('not now');
            }
            $phone->press('Start')->see('kept on this device')->doesNotSee('on a wall');
            for ($cue = 0; $cue < 40 && ! $phone->has(self::CLEAN); $cue++) {
                $phone->press('Skip');
            }
            $phone->click(self::CLEAN)->see('1 of');
            $phone->press('end here')->see('Save it')->doesNotSee('then decide')->press('Save it')->see('is sent by itself');
            self::startServing();
            $phone->press('Try again')->press('It is right so')->see('This week');
            // A link opens also where the application is kept on the device.
            $phone->visit('/home')->see('This week')->driver->executeAsyncScript('navigator.serviceWorker.ready.then(arguments[0])');
            $phone->visit($link)->see('This week');
            $phone->complaints();
        } finally {
            $phone->quit();
        }

        $desk->visit($this->addressOf('Corvin Strake', 'review'))->see('Done at home, and told by the person.');
        $desk->visit($this->addressOf('Corvin Strake', 'sheet'))->see('A link for home')->keys('h')->see('last seen')->press('take all links back')->see('Make a link');
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
            $phone->press('Open my page here')->see('Something is wrong')->press('Something is wrong')->see('Is it one of these?');
            $phone->click('//label[contains(., "Fever together with back pain")]')->press('Tell my practice, and stop training')->see('Please do not train now.');
            $phone->visit('/home')->see('Please do not train now.')->doesNotSee('Begin');
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
