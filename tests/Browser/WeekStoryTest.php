<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys as Key;

/** A week is laid out: by keys for one who has none, by mouse for one whose sessions clash. */
final class WeekStoryTest extends BrowserTestCase
{
    public function test_a_session_is_placed_moved_into_a_clash_and_mended_by_keyboard_alone(): void
    {
        $browser = $this->signIn()->visit($this->addressOf('Tam Oakrigg', 'week'))->see('Press a session to place it');
        $this->tabTo('After ringing');
        $browser->keys(Key::ENTER)->see('Monday evening.')->see('Saved')->see('effort 6')->see('on its own');
        $browser->waitUntil(fn(): bool => $this->placeInFocus() === 'Monday evening', 'the new session in focus');
        // Beside the ringing of Tuesday evening it becomes a finisher; before it, at midday, it clashes.
        $browser->keys(Key::ARROW_RIGHT)->see('finisher');
        $browser->waitUntil(fn(): bool => $this->placeInFocus() === 'Tuesday evening', 'the focus goes with it');
        $browser->keys(Key::ARROW_UP)->see('comes before sport that day');
        self::assertSame('Tuesday midday', $this->placeInFocus());
        $browser->keys('1')->doesNotSee('comes before sport that day')->keys('u')->see('comes before sport that day')->keys('r')->doesNotSee('comes before sport that day');

        $browser->keys('e')->keys('n')->see('What each demand gets');
        $browser->driver->navigate()->refresh();
        $browser->see('What each demand gets')->doesNotSee('comes before sport that day');
        $this->noComplaints();
    }

    public function test_sessions_are_dragged_days_are_away_and_a_sore_trunk_is_told_by_mouse(): void
    {
        $browser = $this->signIn()->visit($this->addressOf('Corvin Strake', 'week'))->see('within six hours before heavy lifting');
        $this->isAccessible('the week');
        self::assertGreaterThan(0, (int) $browser->driver->executeScript('return document.querySelectorAll("main svg path[stroke-dasharray]").length'), 'a line between what clashes');
        $this->drag('slot-3', 'Friday evening');
        $browser->doesNotSee('within six hours before heavy lifting')->see('finisher')->press('undo')->see('within six hours before heavy lifting');

        $browser->press('Only this week')->click('//button[contains(., "on Friday")][@aria-pressed]');
        $browser->waitUntil(fn(): bool => $browser->has('//button[@data-slot="slot-3"][contains(., "away")]'), 'the session of Friday away');
        $browser->press('undo');
        $browser->waitUntil(fn(): bool => ! $browser->has('//button[@data-slot="slot-3"][contains(., "away")]'), 'back');

        $browser->click('//select[contains(@aria-label, "Soreness")]/option[text()="5"]')->see('activation only')->click('//button[contains(., "Soreness in the trunk")]')->see('week.soreness');
        $this->noComplaints();
    }

    public function test_a_week_starts_from_a_shape_and_the_person_picks_three_of_five_by_keyboard_alone(): void
    {
        $browser = $this->signIn()->visit($this->addressOf('Corvin Strake', 'week'))->see('What each demand gets');
        $browser->keys('s')->see('Start the week from a shape');
        self::assertSame([], $browser->accessibilityProblems(), 'the shapes');
        $browser->keys('3')->see('Five exercises, of which the person picks three each time')->see('Saved');
        // Undo brings back what stood there before, redo the shape.
        $browser->keys('u')->see('Lock-house floor')->keys('r')->see('Five exercises, of which the person picks three each time');
        // A clock time is typed where a session is chosen.
        $browser->click('//button[@data-slot][contains(., "Any three of five")]');
        $browser->label('Starts at')->sendKeys('25:99'.Key::TAB);
        $browser->see('A clock time is written as 17:30.');
        $browser->label('Starts at')->clear();
        $browser->label('Starts at')->sendKeys('6.15'.Key::TAB);
        $browser->see('06:15 · ')->doesNotSee('A clock time is written as 17:30.');

        $session = $browser->find('//a[text()="Open the session"]')->getAttribute('href');
        $browser->visit((string) parse_url((string) $session, PHP_URL_PATH).'?'.parse_url((string) $session, PHP_URL_QUERY))->see('any 3 of 5');
        $browser->visit($this->addressOf('Corvin Strake', 'sheet').'?'.parse_url((string) $session, PHP_URL_QUERY))->see('Any three of these five.');
        $browser->visit($this->addressOf('Corvin Strake', 'coach').'?'.parse_url((string) $session, PHP_URL_QUERY))->see('not asked today')->press('not asked today')->see('Pick 3 of these 5')->see('Push-away, knees, 2 × 8');
        self::assertSame([], $browser->accessibilityProblems(), 'picking');
        $boxes = $browser->driver->findElements(\Facebook\WebDriver\WebDriverBy::cssSelector('section[aria-label="Pick for today"] input'));
        foreach ([0, 2, 4] as $at) {
            $boxes[$at]->sendKeys(Key::SPACE);
        }
        self::assertFalse($boxes[1]->isEnabled(), 'three are enough');
        $browser->press('Train these')->doesNotSee('Pick 3 of these 5')->see('Start');
        // What was picked stays picked after a reload.
        $browser->driver->navigate()->refresh();
        $browser->see('8:00 left')->press('not asked today')->see('Start')->doesNotSee('Pick 3 of these 5');
        $this->noComplaints();
    }

    public function test_the_plan_goes_into_a_calendar_and_its_address_is_taken_back(): void
    {
        $browser = $this->signIn()->visit($this->addressOf('Corvin Strake', 'week'))->see('What each demand gets')->press('calendar')->see('Save the calendar file');
        $browser->label('Evening at')->sendKeys(str_repeat(Key::BACKSPACE, 5).'19:30');
        $browser->press('Keep these times')->see('Times are kept');
        self::assertSame([], $browser->accessibilityProblems(), 'the calendar dialog');
        $browser->press('Make a private address')->see('It is shown only now');
        $address = trim($browser->find('//*[@role="dialog"]//p[contains(., "/calendar/")]')->getText());
        $read = (string) file_get_contents($address);
        self::assertStringContainsString('BEGIN:VEVENT', $read);
        self::assertMatchesRegularExpression('/DTSTART;TZID=Europe\/Vienna:\d{8}T(1230|1930)00/', $read);

        $browser->press('Take it back')->see('no longer answers')->isGone('//*[@role="dialog"]//p[contains(., "/calendar/")]');
        self::assertFalse(@file_get_contents($address));
        $this->noComplaints();
    }

    private function placeInFocus(): string
    {
        $label = $this->browser->driver->executeScript('return document.activeElement.dataset.slot ? document.activeElement.textContent : ""');

        return preg_match('/(\w+day (?:morning|midday|evening))/', is_string($label) ? $label : '', $found) === 1 ? $found[1] : '';
    }

    private function drag(string $slot, string $onto): void
    {
        $chip = $this->browser->find("//button[@data-slot='{$slot}']");
        $cell = $this->browser->find("//div[@role='group'][starts-with(@aria-label, '{$onto}')]");
        $this->browser->driver->action()->clickAndHold($chip)->moveByOffset(0, 8)->moveToElement($cell)->perform();
        $this->browser->waitUntil(fn(): bool => $this->browser->has("//div[@data-over][starts-with(@aria-label, '{$onto}')]"), 'over the cell');
        $this->browser->driver->action()->release()->perform();
    }
}
