<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys as Key;

/** The weeks are made by keys for one who has no program, and changed by mouse for one who has. */
final class WeeksStoryTest extends BrowserTestCase
{
    public function test_a_program_is_made_fixed_taken_over_and_written_into_the_week_by_keyboard_alone(): void
    {
        $browser = $this->signIn()->visit($this->addressOf('Tam Oakrigg', 'weeks'))->see('A program begins where Tam Oakrigg stands');
        $browser->keys('m')->see('Make it the program')->see('easier')->see('re-test');
        // From the head of the first week down to a ladder and on to the second week.
        $this->tabTo('week');
        $browser->keys(Key::ARROW_DOWN, Key::ARROW_RIGHT)->see('Rung from this week on');
        $browser->keys('k')->see('let it go')->keys('u')->see('keep it as it is')->keys('r')->see('let it go');
        $browser->keys('a')->see('The program holds.')->see('Write it into the week');
        // The notice of the program offers a way back too, as long as it is there.
        $browser->keys('w')->see('are written and placed')->click('//li[contains(., "are written and placed")]//button[contains(., "Take back")]')->see('Taken out of the week again; it is laid out as before.')->see('Write it into the week');
        $browser->keys('w')->see('are written and placed')->see('Open this week');
        $browser->driver->navigate()->refresh();
        $browser->see('Write it into the week')->doesNotSee('Make it the program');
        // Also later, where it was done: the week is taken out again, and then the program itself, the first one.
        $this->tabTo('week');
        $browser->keys(Key::ARROW_DOWN, Key::ARROW_RIGHT)->press('take out of the week again')->see('Taken out of the week again; it is laid out as before.')->see('Write it into the week');
        $browser->press('take it back')->see('there is no program')->see('A program begins where Tam Oakrigg stands');
        $this->noComplaints();
    }

    public function test_what_has_moved_on_since_a_session_was_written_is_told_on_the_floor_and_brought_up_to_date_by_one_key(): void
    {
        $browser = $this->signIn();
        $coach = $this->addressOf('Corvin Strake', 'coach');
        $browser->visit($coach)->press('not asked today')->see('4 exercises have moved on since this was written.');
        $this->tabTo('Bring them up to date');
        $browser->keys(Key::ENTER)->see('Bring all 4 up to date')->see('next 2x8/side');
        $browser->driver->executeScript('document.activeElement.blur()');
        $browser->keys('b')->doesNotSee('have moved on since')->see('Saved');
        self::assertSame('2x8/side', $browser->label('Dose of Opposite arm and leg, short holds')->getAttribute('value'));
        $browser->visit($coach)->press('not asked today')->see('Trained without the device')->doesNotSee('moved on since');
        $this->noComplaints();
    }

    public function test_a_cell_is_changed_what_follows_is_seen_taken_over_in_part_and_taken_back_by_mouse(): void
    {
        $browser = $this->signIn()->visit($this->addressOf('Perrin Vask', 'weeks'))->see('Versions')->see('of 3 done');
        $this->isAccessible('the weeks');
        $third = $this->monday(3);
        $browser->click("//button[@data-cell='front-plank {$third}']")->see('Rung from this week on');
        $browser->click('//aside//select/option[contains(., "forearms, knees down")]')->see('Fixed by the trainer from this week on')->see('differ from the program that holds');
        $browser->press('only this week')->see('One week is taken over.')->isGone('//button[contains(., "Take it over")]');
        $browser->waitUntil(fn(): bool => $browser->has("//button[@data-cell='front-plank {$third}'][contains(., 'knees down')]"), 'the cell as taken over');
        $browser->press('Take back')->see('the version before holds again')->isGone("//button[@data-cell='front-plank {$third}'][contains(., 'knees down')]");

        // An earlier version is compared, and left alone.
        $browser->press('compare')->see('Take this version again')->press('back to the one that holds')->isGone('//button[contains(., "Take this version again")]');

        // No day at all is told in a sentence; undo brings the days back.
        foreach ([1, 2, 3] as $left) {
            $browser->click('//section[@aria-label="What the program is asked to be"]//button[contains(., "min")]')->see('A session of every week')->press('take this session out')->isGone('//*[@role="dialog"]');
        }
        $browser->see('There is no day for core work yet')->press('undo')->doesNotSee('There is no day for core work yet')->see('min');
        $this->noComplaints();
    }

    /** A Monday so many weeks from this one. */
    private function monday(int $weeks): string
    {
        return (new \DateTimeImmutable('now', new \DateTimeZone('Europe/Vienna')))->modify('monday this week')->modify("+{$weeks} weeks")->format('Y-m-d');
    }
}
