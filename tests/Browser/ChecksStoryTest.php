<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys as Key;

/** From a first test to the first rungs, by keys; and the list of people, by mouse. */
final class ChecksStoryTest extends BrowserTestCase
{
    public function test_danger_signs_a_timed_hold_and_the_first_placing_by_keyboard_alone(): void
    {
        $browser = $this->signIn()->visit($this->addressOf('Brida Holm', 'checks'))->see('nothing is tested before that');
        $this->tabTo('Ask the danger signs');
        $browser->keys(Key::ENTER)->see('Numbness around the saddle')->keys(...array_fill(0, 19, 'n'));
        $browser->keys(Key::ENTER)->see('no to every question')->see('On to the checks');
        $browser->keys(Key::ENTER)->see('Nothing tested yet.');

        // Three seconds into position, then the hold; a reload in its middle loses nothing.
        $browser->keys('t')->see('Front plank, toes')->keys(Key::SPACE)->see('into position')->see('hold');
        usleep(1_200_000);
        $browser->driver->navigate()->refresh();
        $browser->see('Stop');
        $browser->keys(Key::PAGE_DOWN)->see('Why did it end?');
        $held = (int) $browser->find('//section//p[contains(@class, "font-mono")]')->getText();
        self::assertGreaterThanOrEqual(1, $held);
        self::assertLessThan(20, $held);
        $browser->keys('1')->see("Front plank, toes: {$held} s.")->see('Place on all');

        $browser->keys('p')->see('Placed on')->see('Placed since the last test.');
        $this->tabTo('On to the board');
        $browser->keys(Key::ENTER)->see('spread');
        $this->noComplaints();
    }

    public function test_a_side_is_tested_after_the_other_and_a_time_can_be_typed(): void
    {
        $browser = $this->signIn()->visit($this->addressOf('Edda Quillon', 'checks'))->press('Again: Side plank')->see('right');
        $browser->label('Or seconds by hand')->sendKeys('7000');
        $browser->press('Keep')->see('“Side plank” is stopped at 600 s; 7000 s cannot be right.');
        $browser->label('Or seconds by hand')->sendKeys([Key::BACKSPACE, Key::BACKSPACE, Key::BACKSPACE, Key::BACKSPACE]);
        $browser->label('Or seconds by hand')->sendKeys('16');
        $browser->press('Keep')->see('Side plank, right: 16 s.')->see('rest, then the left')->press('Start the left side')->see('last 14 s');
        $browser->press('leave the test')->see('Timed holds')->see('16 s');
        $this->noComplaints();
    }

    public function test_a_ladder_is_climbed_by_keys_until_form_fails(): void
    {
        $browser = $this->signIn()->visit($this->addressOf('Edda Quillon', 'checks'))->see('Place on all');
        $browser->keys('c')->see('Side-bridge');
        $this->tabTo('Side-bridge');
        $browser->keys(Key::ENTER)->see('Side lean on the wall')->see('10 s on the left');
        $browser->keys(Key::ENTER)->see('Side-lying hip lift')->keys(Key::ENTER)->see('Side bridge, knees bent');
        $browser->keys('2')->see('Not clean');
        // The test is still there after a reload, with the trials that were done and what was ticked of the one under way.
        $browser->driver->navigate()->refresh();
        $browser->see('✓ 2.4')->see('Not clean')->keys(Key::ENTER)->see('was the last clean rung')->see('The gate: ribs stay down.');
        $browser->keys(Key::ENTER)->see('The climb test is kept.')->see('on the right');
        $browser->keys(Key::ESCAPE)->see('Climb tests')->see('Side-bridge, left');
        $browser->see('Side-lying hip lift');
        $this->noComplaints();
    }

    public function test_marks_on_a_drawing_are_measured_by_mouse_and_moved_by_keys(): void
    {
        $browser = $this->signIn()->visit($this->addressOf('Tam Oakrigg', 'checks'))->see('Where to start');
        $browser->keys('a')->see('Hold the camera level')->press('Try it on a drawing')->see('Mark the ankle');
        foreach ([[0.17, 0.72], [0.28, 0.66], [0.475, 0.60], [0.70, 0.50], [0.77, 0.46]] as [$across, $down]) {
            $this->clickInPicture($across, $down);
        }
        $browser->see('In line: the hip is');
        // Down with the hip: Shift and the arrow move it ten pixels a time.
        $browser->click('//li/button[contains(., "hip")]');
        usleep(200_000);
        $browser->keys(...array_fill(0, 4, Key::SHIFT.Key::ARROW_DOWN.Key::NULL));
        $browser->see('The hip sags')->press('Keep the result')->see('From the side')->see('The hip sags');
        $this->noComplaints();
    }

    public function test_a_picture_that_is_none_is_refused_and_a_real_one_is_marked(): void
    {
        $browser = $this->signIn()->visit($this->addressOf('Tam Oakrigg', 'checks'))->see('Where to start')->keys('a')->see('Hold the camera level');
        $words = (string) tempnam(sys_get_temp_dir(), 'words');
        file_put_contents($words, 'no picture at all');
        $browser->find('//input[@type="file"]')->sendKeys($words);
        $browser->see('This is not a picture that can be read');

        $picture = "{$words}.png";
        imagepng(imagecreatetruecolor(900, 600) ?: throw new \LogicException('No picture.'), $picture);
        $browser->find('//input[@type="file"]')->sendKeys($picture);
        $browser->see('Mark the ankle');
        $browser->waitUntil(fn(): bool => $browser->driver->executeScript('return document.querySelector("main img")?.naturalWidth') === 900, 'the picture as it was kept');
        foreach ([[0.1, 0.5], [0.3, 0.5], [0.5, 0.5], [0.7, 0.5], [0.8, 0.5]] as [$across, $down]) {
            $this->clickInPicture($across, $down);
        }
        $browser->see('In line: the hip is 0.0 degrees')->press('Keep the result')->see('From the side')->press('picture')->see('The picture that was marked');
        $browser->press('Take the picture out')->see('The picture is taken out for good.')->see('In line: the hip is 0.0 degrees');
        $browser->isGone('//button[normalize-space()="picture"]');

        $browser->keys('a')->see('Hold the camera level');
        $browser->press('from behind')->press('Try it on a drawing')->see('Mark the left hip bone');
        $this->clickInPicture(0.45, 0.52);
        $this->clickInPicture(0.55, 0.52);
        $browser->see('Level: the pelvis tilts by 0.0 degrees.');
        array_map(unlink(...), [$words, $picture]);
        $this->noComplaints();
    }

    public function test_the_brace_is_checked_with_the_simulated_cuff_and_without_one_the_page_says_so(): void
    {
        $browser = $this->signIn()->visit($checks = $this->addressOf('Tam Oakrigg', 'checks'))->see('Where to start')->keys('b')->see('No cuff answers.');
        $this->isAccessible('no cuff answers');
        self::cuff();
        $browser->keys(Key::SPACE)->see('Begin the minute')->keys(Key::SPACE)->see('in the band');
        usleep(2_500_000);
        $browser->keys(Key::SPACE)->see('Stopped before the minute: foundation work first.')->keys(Key::ENTER)->see('Timed holds');
        $browser->visit($checks)->see('Stopped before the minute');
    }

    public function test_people_are_found_filtered_put_away_and_brought_back(): void
    {
        $browser = $this->signIn()->press('All people')->see('everyone 16');
        $browser->keys('viola')->see('Ilse Torvane')->doesNotSee('Osk Brannoch');
        $browser->keys(...array_fill(0, 5, Key::BACKSPACE));
        $browser->press('stop')->see('Osk Brannoch')->doesNotSee('Ilse Torvane');
        $browser->press('put away')->see('Nobody here.')->press('show everyone')->see('Ilse Torvane');
        $browser->click('//li[contains(., "Maud Ferrick")]//button')->see('Maud Ferrick is put away; everything is kept.')->see('everyone 15');
        $browser->press('put away 1')->see('put away')->click('//li[contains(., "Maud Ferrick")]//button')->see('Maud Ferrick is back.')->see('put away 0');
        $browser->visit('/')->see('Maud Ferrick');
        $this->noComplaints();
    }

    /** A press at a part of the picture's width and height. */
    private function clickInPicture(float $across, float $down): void
    {
        [$x, $y] = $this->browser->driver->executeScript('const box = document.querySelector(\'svg[aria-label="Picture with marks"]\').getBoundingClientRect(); return [box.left + arguments[0] * box.width, box.top + arguments[1] * box.height]', [$across, $down]);
        $tools = new \Facebook\WebDriver\Chrome\ChromeDevToolsDriver($this->browser->driver);
        foreach (['mousePressed', 'mouseReleased'] as $type) {
            $tools->execute('Input.dispatchMouseEvent', ['type' => $type, 'x' => $x, 'y' => $y, 'button' => 'left', 'buttons' => 1, 'clickCount' => 1]);
        }
    }
}
