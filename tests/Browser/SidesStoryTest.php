<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys as Key;

/** A sore side rests while the other works; pain has a place; whose method it is; how far a movement goes. */
final class SidesStoryTest extends BrowserTestCase
{
    public function test_a_sore_side_is_marked_in_the_draft_and_rests_on_sheet_and_floor(): void
    {
        $browser = $this->signIn();
        $this->soreLeftShoulder();
        $browser->visit($this->addressOf('Corvin Strake', 'session'))->see('The left side: on no sheet')->see('Draft only')->see('on the sheet');
        $this->isAccessible('a draft with what is left out');

        // The plank is allowed with a reason, by the keyboard alone; without one it is asked for.
        $this->tabTo('allow it, with a reason');
        $browser->keys(Key::ENTER)->see('Why it is allowed here');
        $this->isAccessible('allowing a rung');
        $browser->keys(Key::ENTER);
        $browser->see('Say why it is allowed');
        $browser->keys('Free of pain on the forearms.'.Key::ENTER);
        $browser->isGone('//*[@role="dialog"]')->see('The trainer allowed it')->see('Free of pain on the forearms.')->doesNotSee('Draft only');
        $browser->press('Take back')->see('Draft only');

        // The open side by one key, undone again.
        $browser->keys('2')->see('right side only')->doesNotSee('The left side: on no sheet');
        $browser->press('Undo')->see('The left side: on no sheet');

        $browser->visit($this->addressOf('Corvin Strake', 'sheet'))->see('2 things of this session are left out')->see('right side only')->doesNotSee('Front plank, forearms and toes, each');
        $browser->visit($this->addressOf('Corvin Strake', 'coach'))->press('not asked today')->see('things of this session are left out');
        $this->noComplaints();
    }

    public function test_pain_before_the_first_set_is_told_once_and_offered_after_the_sets(): void
    {
        $browser = $this->signIn();
        $browser->visit($this->addressOf('Corvin Strake', 'coach'))->press('not asked today')->see('Pain before the first set?');
        $browser->press('there is some')->press('shoulder')->press('left');
        $this->isAccessible('pain before the first set');
        $browser->press('pain before 2')->see('Pain before the first set: left shoulder 2');
        // A reload keeps it: it stands on the device.
        $browser->visit($this->addressOf('Corvin Strake', 'coach'))->press('not asked today')->see('Pain before the first set: left shoulder 2');
        // Too much to load the place: what does is left out for the day, also after a reload, and taken in again.
        $browser->press('another place')->press('shoulder')->press('left')->press('pain before 6')->see('what loads its place waits for another day');
        $this->isAccessible('what loads the place that hurts');
        $browser->press('Leave them out today')->see('Left out today: “Front plank')->doesNotSee('Front plank, forearms and toes, each');
        $browser->visit($this->addressOf('Corvin Strake', 'coach'))->press('not asked today')->see('Left out today: “Front plank')->press('with them all the same');
        $browser->press('another place')->press('shoulder')->press('left')->press('pain before 2')->doesNotSee('waits for another day');
        for ($skipped = 0; $skipped < 40 && ! $browser->has(self::CLEAN); $skipped++) {
            $browser->press('Skip');
        }
        $browser->press('pain 2')->press('shoulder, began at 2')->see('All clean but for the pain');
        $this->isAccessible('pain with its place');
        $this->noComplaints();
    }

    public function test_a_person_has_a_method_of_their_own_and_inherits_the_rest(): void
    {
        $browser = $this->signIn();
        $browser->visit($this->addressOf('Corvin Strake', 'board'))->see('Leaving mark');
        $browser->keys('m')->see('They hold for this person');
        $this->isAccessible('the method of a person');
        $browser->click('//fieldset[contains(., "eaving a rung")]//label[contains(., "as soon as clean")]//input');
        $browser->waitUntil(static fn(): bool => $browser->driver->executeScript('return [...document.querySelectorAll("input[name=leaving-a-rung]")].findIndex((one) => one.checked)') === 2, 'the answer stands');
        $browser->press('Practice')->see('They hold for everybody in the practice');
        $browser->waitUntil(static fn(): bool => $browser->driver->executeScript('return [...document.querySelectorAll("input[name=leaving-a-rung]")].findIndex((one) => one.checked)') === 0, 'the practice keeps its own');
        $browser->press('Mine')->see('They hold for the people you train')->press('Person')->see('inherited:');
        $browser->click('//fieldset[contains(., "eaving a rung")]//label[contains(., "inherited")]//input');
        $browser->waitUntil(static fn(): bool => $browser->driver->executeScript('return [...document.querySelectorAll("input[name=leaving-a-rung]")].findIndex((one) => one.checked)') === 0, 'it is inherited again');
        $this->noComplaints();
    }

    public function test_a_range_is_written_by_fields_and_refused_where_there_is_none(): void
    {
        $browser = $this->signIn();
        $browser->visit($this->addressOf('Tam Oakrigg', 'session'))->see('Where the work falls');
        $browser->keys('a');
        $browser->keys('dead-bug opposite arm and leg');
        $browser->see('Dead-bug, opposite arm and leg');
        $browser->keys(Key::ENTER);
        $browser->see('a third of the way');
        $browser->click('//button[@aria-label="Fields of the dose of Dead-bug, opposite arm and leg"]');
        $browser->find('//label[contains(., "Range")]//select')->sendKeys('half');
        $browser->see('half the way');
        $browser->keys(Key::ESCAPE);
        $plank = $browser->find('//input[@aria-label="Dose of Front plank, forearms and toes"]');
        $plank->sendKeys(Key::END.' 30cm');
        $browser->see('has no range of its own');
        $this->noComplaints();
    }

    private function soreLeftShoulder(): void
    {
        $this->browser->visit($this->addressOf('Corvin Strake', 'person'))->see('What for')->press('Add a limit');
        $this->browser->find('//label[normalize-space()="What"]/following::select[1]')->sendKeys('shoulder pain');
        $this->browser->find('//label[normalize-space()="Side"]/following::select[1]')->sendKeys('left');
        $this->browser->see('What the limits ask')->see('Shoulder pain, left');
    }
}
