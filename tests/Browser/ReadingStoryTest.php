<?php

declare(strict_types=1);

namespace Tests\Browser;

use Database\Seeders\DemoSeeder;
use Facebook\WebDriver\WebDriverKeys as Key;
use Tests\Browser\Support\Chromium;

/** A clinician of the practice reads what is shared with them, and writes; the trainer reads it, answers, and ends what is shared. */
final class ReadingStoryTest extends BrowserTestCase
{
    public function test_a_clinician_reads_and_writes_and_the_trainer_answers_and_ends_it(): void
    {
        $reader = $this->browser->signIn(DemoSeeder::READER, DemoSeeder::PASSWORD)->see('Shared with you')->see('A new answer')->doesNotSee('Corvin Strake');
        $this->isAccessible('whom a reader is shown');
        foreach (['/', '/people', '/method', '/people/new'] as $elsewhere) {
            $reader->visit($elsewhere)->see('Shared with you')->doesNotSee('Add a person');
        }
        $this->tabTo('Osk Brannoch');
        $reader->keys(Key::ENTER)->see('To be cleared by a clinician before training')->see('Before the quarry');
        self::assertFalse($reader->has('//h2[.="Tests"]'), 'not shared');
        $this->isAccessible('what a reader is shown of a person');
        $this->tabToField('A note for the trainers');
        $reader->keys('Seen today: core work below shoulder height is fine.', Key::TAB, Key::ENTER)->see('The note is kept')->see('not read yet');
        self::assertSame('TEXTAREA', $reader->driver->executeScript('return document.activeElement.tagName'), 'the keyboard stays where it was written');
        $this->tabTo('take back');
        $reader->keys(Key::ENTER)->see('The note is taken back.')->doesNotSee('not read yet')->keys('z')->see('The note stands again.')->see('not read yet');

        $trainer = Chromium::at(self::$base);
        self::signedIn($trainer)->see('Nothing is planned until then. Hale Brunmoor wrote a note.');
        $trainer->click('//li[contains(., "Osk Brannoch")]//*[contains(@class, "look") and contains(., "Record the clearance")]')->see('A note waits')->see('It opens nothing by itself');
        $trainer->press('Read, no answer')->see('The note is read')->doesNotSee('A note waits')->keys('z')->see('A note waits');
        $trainer->label('A few words to Hale Brunmoor')->sendKeys('Thank you. Until when?');
        $trainer->press('Answer')->see('Hale Brunmoor reads it at the next opening.')->doesNotSee('A note waits');
        $trainer->press('change …')->see('What Hale Brunmoor is shown of Osk Brannoch');
        $trainer->click('//label[contains(., "Tests")]')->press('Share this')->see('is shown this of Osk Brannoch from now on');

        $reader->visit('/reading')->see('A new answer')->click('//a[contains(., "Osk Brannoch")]');
        $reader->see('Thank you. Until when?')->see('· new')->see('Nothing was tested yet.')->doesNotSee('not read yet');

        $trainer->press('end')->see('Hale Brunmoor is shown nothing of Osk Brannoch any more.');
        $reader->visit('/reading')->see('Ilse Torvane')->doesNotSee('Osk Brannoch');
    }
}
