<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys as Key;
use Tests\Browser\Support\Chromium;

/** On the floor nothing goes as written: form is lost, a station is taken, somebody can do one more, time runs out. */
final class PlayerStoryTest extends BrowserTestCase
{
    private const PLANK = 'front-plank/forearms-toes';
    private const KNEES = 'front-plank/forearms-knees';
    private const PRESS = 'press-out/standing';

    public function test_form_is_lost_an_easier_version_takes_the_rest_and_it_ends_early_with_a_reason(): void
    {
        $browser = $this->coached([self::PLANK => '3x20s r30', self::PRESS => '2x5/side 2-1-2-0 r30']);
        $this->skipToTheCheck();
        $browser->press('All clean')->see('1 of 5 sets kept')->see('then set 2');
        // No bar of the desk once it runs, and with keys alone: easier now, from the next set on.
        self::assertFalse($browser->driver->executeScript('return document.querySelector("header[data-desk]").checkVisibility()'));
        $browser->keys('e')->see('From set 2 on');
        $this->isAccessible('what can be changed');
        $browser->press(self::nameOf(self::KNEES))->see('easier version');
        $this->skipToTheCheck();
        $browser->press('All clean')->see('2 of 5 sets kept');
        $browser->driver->navigate()->refresh();
        $browser->see('easier version')->press('end here')->see('Ended before the last set')->see('2 of 5 sets logged');
        $this->isAccessible('what was done beside what was planned');
        // Where it ended for pain, how much is asked at the set.
        $browser->press('pain')->see('In which set did it hurt, and how much?');
        $browser->press('form was lost')->press('Save the log')->click(self::TIME_IS_RIGHT)->see('One more set in an easier version')->see('The training ended before its last set: form was lost.');

        self::assertSame([1, 1], array_map(static fn(string $rung): int => self::rows('set_logs', "rung = '{$rung}' AND session_log_id IN (SELECT id FROM ".self::named('trainings').')'), [self::PLANK, self::KNEES]));
        $this->noComplaints();
    }

    public function test_a_station_is_taken_a_rest_is_too_short_and_a_set_is_done_once_more(): void
    {
        $browser = $this->coached([self::PLANK => '2x20s r30', self::PRESS => '2x5/side 2-1-2-0 r30']);
        $this->skipToTheCheck();
        $browser->press('All clean')->see('1 of 4 sets kept')->keys('+')->find('//p[normalize-space()="45"]');
        $browser->keys('o')->press(self::nameOf(self::PRESS))->see('Next: '.self::nameOf(self::PRESS))->see('then set 1, left');
        $browser->press('Redo')->see('set 1 of 2')->see('0 of 4 sets kept');
        $this->skipToTheCheck();
        $browser->press('All clean')->see('1 of 4 sets kept');
        for ($set = 2; $set <= 4; $set++) {
            $this->skipToTheCheck();
            $browser->press('All clean')->see($set < 4 ? "{$set} of 4 sets kept" : '4 of 4 sets logged');
        }
        $browser->see('Done')->doesNotSee('Why here?');
    }

    public function test_an_open_set_is_counted_up_and_ended_by_a_press_and_a_clean_one_offers_one_more(): void
    {
        $browser = $this->coached([self::PLANK => '1xmax~3s<=60s +1']);
        $browser->press('Start')->see('as long as it is clean');
        $browser->waitUntil(static fn(): bool => $browser->has('//p[normalize-space()="3"]'), 'three seconds are counted');
        $browser->press('That was it')->find(self::CLEAN);
        $counted = (int) $browser->driver->executeScript('return document.querySelector("output").textContent');
        self::assertGreaterThanOrEqual(3, $counted);
        self::assertLessThan(30, $counted, 'what was counted, not what was estimated');

        $browser->press('All clean')->see('1 of 1 set logged')->press('One more set')->see('one set on top');
        $this->skipToTheCheck();
        $browser->press('All clean')->see('2 of 2 sets logged')->doesNotSee('One more set');
        // Decided later: back on the bench, where the decision waits.
        $right = '//button[normalize-space()="It is right so"]';
        $browser->keys('l')->waitUntil(static fn(): bool => $browser->has($right) || $browser->has('//h1[normalize-space()="Bench"]'), 'the time is asked about, or it is the bench');
        if ($browser->has($right)) {
            $browser->click(self::TIME_IS_RIGHT);
        }
        $browser->see('Ilse Torvane');
        $this->noComplaints();
    }

    public function test_a_training_without_the_device_is_told_afterwards_in_a_line_and_in_fields_without_a_network(): void
    {
        $browser = $this->coached([self::PLANK => '2x20s r30', self::PRESS => '2x5/side 2-1-2-0 r30']);
        $browser->press('Trained without the device')->see('Log it afterwards');
        $this->isAccessible('a training told afterwards');
        $browser->press('Save the log')->see('Nothing is told yet');
        $browser->label('In a line')->sendKeys('yesterday 14 min · thing 5/4 5 e7 p0 clean'.Key::ENTER);
        $browser->see('“thing” is unclear: taken as '.self::nameOf(self::PRESS))->see('2 of 4 sets told');

        // Without a network the fields go on; what was put in is still there after the page was closed.
        $browser->find('//main[@aria-busy="false"]');
        $browser->driver->navigate()->refresh();
        $browser->see('2 of 4 sets told')->offline(true);
        $browser->label('In a line')->sendKeys('plank 20'.Key::ENTER);
        $browser->see('The line needs the network')->label(self::nameOf(self::PLANK).', set 1')->sendKeys('twenty');
        $browser->see('A whole number from 0 to 2000')->press('Save the log')->see('Something that was typed is no number');
        $browser->label(self::nameOf(self::PLANK).', set 1')->sendKeys(Key::CONTROL.'a'.Key::NULL.'20');
        $browser->see('3 of 4 sets told')->find('//main[@aria-busy="false"]');
        $browser->press('Save the log')->see('is sent by itself')->offline(false)->see('Confirm');

        // The date is the device's own.
        $yesterday = $browser->driver->executeScript('return new Date(Date.now() - 86400000).toLocaleDateString("sv-SE")');
        self::assertSame(1, self::rows('session_logs', sprintf("seconds = 840 AND done_on = '%s'", is_string($yesterday) ? $yesterday : '')));
        self::assertSame(3, self::rows('set_logs', 'session_log_id IN (SELECT id FROM '.self::named('trainings').')'));
    }

    public function test_a_window_on_a_wall_follows_the_player_and_has_nothing_to_press(): void
    {
        $browser = $this->coached([self::PLANK => '2x20s r30', self::PRESS => '2x5/side 2-1-2-0 r30']);
        $player = $browser->driver->getWindowHandle();
        $browser->press('Start')->press('on a wall');
        $browser->waitUntil(static fn(): bool => count($browser->driver->getWindowHandles()) === 2, 'the window on the wall');
        $wall = array_values(array_diff($browser->driver->getWindowHandles(), [$player]))[0];
        $browser->driver->switchTo()->window($wall);
        $browser->see(self::nameOf(self::PLANK))->see('work')->see('then rest 30 s');
        self::assertFalse($browser->has('//main//button | //main//a'));
        $this->isAccessible('the wall');

        $browser->driver->switchTo()->window($player);
        $browser->press('Pause');
        $this->skipToTheCheck();
        $browser->press('Other order')->press(self::nameOf(self::PRESS))->see('Next: '.self::nameOf(self::PRESS));
        $browser->driver->switchTo()->window($wall);
        $browser->see('Next: '.self::nameOf(self::PRESS))->see('Paused');
    }

    /**
     * The player of a session with these doses.
     *
     * @param array<string, string> $doses by rung
     */
    private function coached(array $doses): Chromium
    {
        $browser = $this->signIn();
        $coach = $this->addressOf('Corvin Strake', 'coach');
        $person = explode('/', $coach)[2];
        $blocks = array_map(static fn(string $rung, string $dose): array => ['kind' => 'straight', 'items' => [['id' => str_replace('/', '-', $rung), 'rung' => $rung, 'dose' => $dose]], 'gapSeconds' => [], 'roundRestSeconds' => 0], array_keys($doses), $doses);
        $session = $this->id();
        self::assertSame(201, $browser->post("/api/people/{$person}/sessions", ['id' => $session, 'version' => 0, 'title' => 'Lock-house floor', 'blocks' => $blocks]));

        return $browser->visit("{$coach}?s={$session}")->press('not asked today')->see('Start');
    }

    private function id(): string
    {
        return strtolower((string) \Symfony\Component\Uid\Ulid::generate());
    }

    private static function nameOf(string $rung): string
    {
        return \Tests\Core\ShippedLibrary::rung($rung)->name;
    }
}
