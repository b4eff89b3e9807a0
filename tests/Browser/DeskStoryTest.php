<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys as Key;

/** What a trainer relies on at the desk and on the floor: seen, kept, found, asked, and never done by accident. */
final class DeskStoryTest extends BrowserTestCase
{
    public function test_the_player_can_be_read_in_every_state_and_both_themes(): void
    {
        $browser = $this->signIn();
        $browser->visit($this->addressOf('Corvin Strake', 'coach'))->see('morning after');
        $this->isAccessible('the morning question');
        $browser->press('not asked today')->see('Start');
        $this->isAccessible('before the start');
        $browser->press('Start')->see('Pause');
        $browser->press('Pause')->see('Go on');
        $this->isAccessible('paused');
        $this->skipToTheCheck();
        $this->isAccessible('the form check');
        $browser->press('pain 6')->see('Stop this exercise now');
        $browser->click('//fieldset[contains(., "Or answer one by one")]//button[1]')->press('low back')->see('All clean but for');
        $this->isAccessible('a set that was lost, with pain');
        $browser->press('Save with what was lost')->press('end here')->see('1 of 9 sets logged');
        $this->isAccessible('done');
        $browser->press('Save the log')->see('How long was it?');
        $this->isAccessible('an odd time');
        $this->noComplaints();
    }

    public function test_another_leaving_mark_is_written_where_the_gate_stands_and_taken_back(): void
    {
        $browser = $this->signIn();
        $browser->visit($board = $this->addressOf('Maud Ferrick', 'board'))->see('Leaving mark');
        $before = $browser->find('//p[starts-with(., "Leaving mark")]')->getText();
        $browser->press('another mark')->see('Every mark that was written is kept');
        // Bad input gets its sentence at its place, and what was typed stays.
        $browser->label('Why')->sendKeys('Lifts full hives all summer.');
        $field = $browser->find('//*[@role="dialog"]//input');
        $field->clear();
        $field->sendKeys('0'.Key::ENTER);
        $browser->see('of a leaving mark');
        $this->isAccessible('a mark that cannot be');
        $field = $browser->find('//*[@role="dialog"]//input');
        $field->sendKeys(Key::CONTROL.'a'.Key::NULL.'7'.Key::ENTER);
        $browser->isGone('//*[@role="dialog"]')->see('Lifts full hives all summer.');
        self::assertNotSame($before, $browser->find('//p[starts-with(., "Leaving mark")]')->getText());
        $browser->press('another mark')->press('The table’s mark again')->isGone('//*[@role="dialog"]')->doesNotSee('Lifts full hives all summer.');
        self::assertSame($before, $browser->find('//p[starts-with(., "Leaving mark")]')->getText());
        $this->noComplaints();
    }

    public function test_a_set_logged_without_start_is_kept_and_so_is_a_check_in_part(): void
    {
        $browser = $this->signIn();
        $browser->visit($coach = $this->addressOf('Corvin Strake', 'coach'))->press('not asked today')->see('Start');
        $this->skipToTheCheck();
        $browser->press('All clean')->see('1 of 9 sets kept on this device');
        $this->skipToTheCheck();
        $browser->press('effort 8')->find('//main[@aria-busy="false"]');
        $browser->driver->navigate()->refresh();
        $browser->see('1 of 9 sets kept on this device')->find('//button[@aria-label="effort 8"][@aria-pressed="true"]');
        $browser->press('All clean')->see('2 of 9 sets kept');
        $browser->visit('/')->visit($coach)->see('2 of 9 sets kept');
    }

    public function test_only_minutes_in_which_something_was_done_count_and_an_odd_time_is_asked_about(): void
    {
        $this->itIs($now = new \DateTimeImmutable('today 16:00'));
        $browser = $this->signIn();
        $browser->visit($this->addressOf('Corvin Strake', 'coach'))->press('not asked today')->see('Start');
        $this->skipToTheCheck();
        $browser->press('All clean')->see('1 of 9 sets kept');
        // The page is left open for an hour.
        $this->itIs($now->modify('+1 hour'));
        $browser->driver->navigate()->refresh();
        $browser->see('1 of 9 sets kept')->press('end here')->press('Save the log')->see('Counted:')->see('as written these sets take');
        self::assertStringNotContainsString('3601', $browser->text());
        $browser->label('Minutes of training')->sendKeys('2');
        $browser->press('Save the minutes')->see('Review');
    }

    public function test_add_finds_what_was_typed_and_never_takes_something_else(): void
    {
        $browser = $this->signIn();
        $browser->visit($this->addressOf('Maud Ferrick', 'session'))->see('Hive-lifting days')->keys('a')->see('Side-bridge ladder');
        $option = static fn(int $place): string => "(//*[@role='option'])[{$place}]";
        $browser->keys('side br')->waitUntil(fn(): bool => str_contains($browser->find($option(1))->getText(), 'Side bridge'), 'a side bridge first');
        $browser->find('(//*[@role="option"])[1][contains(., "stands here")][@aria-selected="true"]');
        $browser->keys(Key::CONTROL.'a'.Key::NULL, 'bridge');
        foreach ([1, 2, 3] as $place) {
            $browser->waitUntil(fn(): bool => str_starts_with($browser->find($option($place))->getText(), 'Bridge'), "bridge {$place}");
        }
        $browser->keys(Key::CONTROL.'a'.Key::NULL, 'brdge')->see('No exercise is called that');
        $before = $browser->driver->executeScript('return document.querySelectorAll("main li").length');
        $browser->keys(Key::ENTER)->see('No exercise is called that');
        $browser->keys(Key::ESCAPE)->isGone('//*[@role="dialog"]');
        self::assertSame($before, $browser->driver->executeScript('return document.querySelectorAll("main li").length'));
        $this->noComplaints();
    }

    public function test_each_danger_sign_is_answered_by_somebody_and_a_mistaken_yes_is_taken_back(): void
    {
        $browser = $this->signIn()->visit('/people/new')->see('Add a person');
        $browser->label('Name')->sendKeys('Linnet Ashdown');
        $browser->press('Mon')->press('Add, then ask the danger signs')->see('Danger signs')->see('19 of 19 not answered');
        self::assertFalse($browser->find('//button[@data-done]')->isEnabled());
        $browser->keys('n', 'j', 'n', 'k', 'k', 'n')->see('16 of 19 not answered');
        // Left and come back: what was answered is still there.
        $browser->driver->navigate()->refresh();
        $browser->see('16 of 19 not answered')->see('Answers from before are still here');
        $browser->driver->executeScript('document.querySelector("[data-question=\'18\']").scrollIntoView()');
        $browser->press('The rest no: 16')->see('Save: no to every question');
        $browser->click('//*[@data-question="3"]//label[normalize-space()="yes"]')->press('Yes to 1: close training')->see('Emergency')->see('Training is closed: yes to 1');
        self::assertStringNotContainsString('no to every question', mb_strtolower($browser->text()));
        $browser->press('the yes was a mistake');
        $browser->label('Why the yes is taken back')->sendKeys('pressed the wrong one'.Key::ENTER);
        $browser->see('was taken back by Wren Aldous: pressed the wrong one')->see('19 of 19 not answered');
        $this->noComplaints();
    }

    public function test_going_to_a_person_by_name_enter_enter_decides_nothing(): void
    {
        $browser = $this->signIn();
        $browser->visit('/')->see('Ilse Torvane')->keys(Key::CONTROL.'k')->find('//*[@role="combobox"]');
        $browser->waitUntil(fn(): bool => $browser->driver->executeScript('return document.activeElement.role') === 'combobox', 'the keyboard in the search');
        $browser->keys('ilse')->find('//*[@role="option"][@aria-selected="true"][contains(., "Ilse Torvane")]');
        $browser->keys(Key::ENTER, Key::ENTER)->see('Ilse Torvane')->waitUntil(fn(): bool => $browser->driver->executeScript('return document.activeElement.tagName') === 'H1', 'the keyboard on the heading');
        $browser->visit($this->addressOf('Maud Ferrick', 'review'))->see('Confirm')->waitUntil(fn(): bool => $browser->driver->executeScript('return document.activeElement.tagName') === 'H1', 'the keyboard on the heading');
        $waiting = '//li[@data-pending]';
        $count = count($browser->driver->findElements(\Facebook\WebDriver\WebDriverBy::xpath($waiting)));
        $browser->keys(Key::ENTER, Key::ENTER);
        self::assertCount($count, $browser->driver->findElements(\Facebook\WebDriver\WebDriverBy::xpath($waiting)));
        $browser->keys('j', Key::ENTER)->waitUntil(fn(): bool => count($browser->driver->findElements(\Facebook\WebDriver\WebDriverBy::xpath($waiting))) === $count - 1, 'one decided');
        // The keyboard is on the next proposal: Enter after Enter goes through the queue.
        $onCard = fn(): bool => $browser->driver->executeScript('return document.activeElement.matches("[data-pending]")') === true;
        $browser->waitUntil($onCard, 'the keyboard on the next')->keys(Key::ENTER)->waitUntil(fn(): bool => count($browser->driver->findElements(\Facebook\WebDriver\WebDriverBy::xpath($waiting))) === $count - 2, 'the next decided');
        $this->noComplaints();
    }

    public function test_keys_one_after_the_other_keep_their_place_on_the_board_on_a_slow_device_and_a_closed_rung_says_why(): void
    {
        $browser = $this->signIn()->visit($this->addressOf('Corvin Strake', 'board'))->see('Gate')->slowed(4);
        $browser->driver->executeScript('document.querySelector("[role=option][tabindex=\"0\"]").focus()');
        $place = static fn(): string => (string) $browser->driver->executeScript('return document.activeElement.role === "option" ? document.activeElement.ariaLabel : ""');
        $began = $place();
        for ($time = 0; $time < 3; $time++) {
            $browser->keys(str_repeat(Key::ARROW_RIGHT, 7).str_repeat(Key::ARROW_LEFT, 7));
            self::assertSame($began, $place());
        }

        // Up to one that is ruled out, and Enter at once: the pane tells of it first, and then the keyboard is at its reason.
        for ($step = 0; $step < 30 && ! str_contains($place(), 'ruled out'); $step++) {
            $browser->keys(Key::ARROW_UP);
        }
        [$name] = explode(':', $place());
        $browser->keys(Key::ARROW_DOWN)->see('Place on')->keys(Key::ARROW_UP.Key::ENTER)->waitUntil(static fn(): bool => $browser->driver->executeScript('return document.activeElement.closest("aside") !== null') === true, 'the keyboard at the reason');
        self::assertStringContainsString($name, (string) $browser->driver->executeScript('return document.querySelector("aside").innerText'));
        $this->noComplaints();
    }

    public function test_the_review_reads_apart_on_a_phone(): void
    {
        $browser = $this->signIn();
        $browser->size(390, 844)->visit($this->addressOf('Maud Ferrick', 'review'))->see('Confirm');
        $gaps = $browser->driver->executeScript(<<<'JS'
            return [...document.querySelectorAll('main table tr')].flatMap((row) => {
              const text = (cell) => { const range = document.createRange(); range.selectNodeContents(cell); return range.getBoundingClientRect(); };
              const cells = [...row.children].map(text);
              return cells.slice(1).map((box, at) => box.left - cells[at].right);
            });
            JS);
        self::assertIsArray($gaps);
        self::assertNotSame([], $gaps);
        self::assertGreaterThan(8, min([1000, ...$gaps]), 'pixels between what stands side by side');
    }

    public function test_what_is_typed_about_a_person_is_saved_as_one_goes_and_undone(): void
    {
        $browser = $this->signIn();
        $browser->visit($person = $this->addressOf('Brida Holm', 'person'))->see('Saved as you go.');
        $about = static fn(): string => (string) $browser->label('Work, hobby or sport')->getAttribute('value');
        $before = $about();
        $browser->label('Work, hobby or sport')->sendKeys(', and on Sundays');
        // Gone before a moment has passed, and back.
        $browser->visit('/')->see('Bench')->visit($person)->see('Saved as you go.');
        self::assertSame("{$before}, and on Sundays", $about());
        $browser->waitUntil(fn(): bool => $browser->driver->executeScript('return Object.keys(localStorage).filter((key) => key.startsWith("even-rungs.person.")).length') === 0, 'nothing waits on the device');
        $browser->label('Work, hobby or sport')->sendKeys(' too');
        $browser->waitUntil(static fn(): bool => self::rows('people', "about LIKE '%and on Sundays too'") === 1, 'what was written next');
        self::assertFalse($browser->has('//*[@role="dialog"]'), 'nobody else changed it');
        $browser->label('Name')->sendKeys(Key::CONTROL.'a'.Key::NULL.Key::BACKSPACE);
        $browser->see('A person needs a name.')->see('Not saved: see above.')->press('undo')->see('Saved as you go.');
        self::assertSame('Brida Holm', $browser->label('Name')->getAttribute('value'));
        // A limit that says nothing yet rules nothing out.
        $browser->press('Add a limit')->see('choose what');
        $this->noComplaints();
    }

    public function test_who_leaves_while_it_is_being_saved_goes_on_from_their_own_words(): void
    {
        $browser = $this->signIn();
        $person = $this->addressOf('Corvin Strake', 'person');
        $notes = fn(): string => (string) $browser->label('Notes (encrypted)')->getAttribute('value');
        $browser->visit($person)->see('Saved as you go')->lagging(1500);
        $browser->label('Notes (encrypted)')->sendKeys(' First.');
        $browser->see('Saving …');
        $browser->label('Notes (encrypted)')->sendKeys(' Second.');
        $browser->lagging(0)->visit($person)->see('Saved as you go');
        self::assertStringEndsWith('First. Second.', $notes());
        $browser->label('Notes (encrypted)')->sendKeys(' Third.');
        $browser->waitUntil(fn(): bool => $browser->has('//*[@role="dialog"]') || $browser->driver->executeScript('return Object.keys(localStorage).filter((key) => key.startsWith("even-rungs.person.")).length') === 0, 'nothing waits on the device');
        self::assertFalse($browser->has('//*[@role="dialog"]'), 'nobody else changed it');
        $browser->visit($person)->see('Saved as you go');
        self::assertStringEndsWith('First. Second. Third.', $notes());
    }

    public function test_a_draft_of_a_person_never_goes_over_what_somebody_else_saved_since(): void
    {
        $browser = $this->signIn();
        $browser->visit($this->addressOf('Brida Holm', 'person'))->see('Saved as you go.');
        $kept = 'const key = Object.keys(localStorage).find((name) => name.startsWith("even-rungs.person.")); return key ? [key, localStorage[key]] : null';
        $browser->label('Work, hobby or sport')->sendKeys('!');
        $draft = $browser->driver->executeScript($kept);
        self::assertIsArray($draft);
        // It is saved; then the same draft turns up again, as on a device that had been away.
        $browser->waitUntil(fn(): bool => $browser->driver->executeScript($kept) === null, 'the server has it');
        $browser->driver->executeScript('localStorage[arguments[0]] = arguments[1].replace("Brida Holm", "Brida Holm, stale")', $draft);
        $browser->driver->navigate()->refresh();
        $browser->see('Changed somewhere else in the meantime')->see('Brida Holm, stale')->press('Take theirs')->doesNotSee('stale');
        self::assertSame('Brida Holm', $browser->label('Name')->getAttribute('value'));
    }

    public function test_a_sign_in_that_runs_out_is_renewed_where_one_is_and_the_work_goes_on(): void
    {
        $browser = $this->signIn();
        $session = $this->addressOf('Maud Ferrick', 'session');
        $browser->visit($session)->see('Hive-lifting days');
        $this->signInRunsOut();
        $browser->label('Title of the session')->sendKeys(', late');
        $browser->see('Sign in again')->see('What you entered is still here');
        $browser->find('//input[@name="password"]')->sendKeys('wrong'.Key::ENTER);
        $browser->see('do not go together');
        $browser->find('//input[@name="password"]')->sendKeys(Key::CONTROL.'a'.Key::NULL.\Database\Seeders\DemoSeeder::PASSWORD.Key::ENTER);
        $browser->doesNotSee('Sign in again')->see('Saved');
        $browser->waitUntil(fn(): bool => $browser->driver->executeScript('return Object.keys(localStorage).filter((key) => key.startsWith("even-rungs.session.")).length') === 0, 'the server has it');

        // A deep link survives signing in.
        $browser->find('//header[@aria-busy="false"]');
        // What was still on its way while leaving may bring the sign-in back: then it is left again.
        $browser->waitUntil(static function () use ($browser, $session): bool {
            $browser->leave()->visit($session);
            $browser->waitUntil(static fn(): bool => $browser->has('//input[@name="password"]') || $browser->has('//nav//a[starts-with(normalize-space(), "Board")]'), 'the page is there');

            return $browser->has('//input[@name="password"]');
        }, 'the password is asked for');
        $browser->label('E-mail')->sendKeys(\Database\Seeders\DemoSeeder::EMAIL);
        $browser->label('Password')->sendKeys(\Database\Seeders\DemoSeeder::PASSWORD.Key::ENTER);
        $browser->see('Where the work falls')->waitUntil(fn(): bool => $browser->label('Title of the session')->getAttribute('value') === 'Hive-lifting days, late', 'the session the link named');
    }

    public function test_lines_that_were_typed_and_closed_are_offered_back_and_undo_outlives_a_reload(): void
    {
        $browser = $this->signIn();
        $browser->visit($this->addressOf('Maud Ferrick', 'session'))->see('Hive-lifting days')->keys('t')->see('exercises ·');
        $browser->find('//*[@role="dialog"]//textarea')->sendKeys(Key::CONTROL.'a'.Key::NULL.'front plank 2x20s');
        $browser->see('1 exercise ·')->keys(Key::ESCAPE)->isGone('//*[@role="dialog"]');
        $browser->driver->navigate()->refresh();
        $browser->see('Hive-lifting days')->keys('t')->see('What was typed here before is still there.')->see('1 exercise ·');
        $browser->press('Put in place of the session')->see('2 × 20 s')->see('Saved');
        $browser->waitUntil(fn(): bool => $browser->driver->executeScript('return Object.keys(localStorage).filter((key) => key.startsWith("even-rungs.session.")).length') === 0, 'the server has it');
        $browser->driver->navigate()->refresh();
        $browser->see('2 × 20 s')->press('Undo')->see('Press-out, split stance');
        $this->noComplaints();
    }

    public function test_a_session_is_let_go_of_and_brought_back_and_an_address_makes_none(): void
    {
        $browser = $this->signIn();
        $session = $this->addressOf('Maud Ferrick', 'session');
        $browser->visit($session.'?s=01aaaaaaaaaaaaaaaaaaaaaaaa')->see('There is no session at this address')->press('To the session at hand')->see('Hive-lifting days')->see('from the board');
        $browser->press('let go of it')->see('can be brought back for 30 days')->press('Bring back')->see('Hive-lifting days')->see('let go of it');

        $browser->visit(str_replace('/session', '/week?w=garbage', $session))->see('“garbage” in the address is no date');
        $browser->visit('/people/01aaaaaaaaaaaaaaaaaaaaaaaa/board')->see('There is no such thing in this practice.')->see('To the bench');
        $browser->visit('/nowhere/at/all')->see('There is nothing at this address');
    }

    public function test_the_steps_are_walked_by_keys_and_one_key_goes_to_the_main_action(): void
    {
        $browser = $this->signIn();
        $browser->visit($this->addressOf('Maud Ferrick', 'board'))->see('Gate');
        $heading = fn(string $text) => $browser->waitUntil(fn(): bool => $browser->driver->executeScript('return document.activeElement.tagName + document.activeElement.textContent') === "H1{$text}", "the keyboard on “{$text}”");
        $browser->keys(']')->see('Where the work falls');
        self::assertStringContainsString('Maud Ferrick · Session · Even Rungs', $browser->driver->getTitle());
        $browser->keys('.')->waitUntil(fn(): bool => $browser->driver->executeScript('return document.activeElement.textContent') === 'Hand it over', 'the keyboard on the main action');
        $browser->keys('[', '[')->see('Where to start');
        $heading('Checks');
        $browser->keys('g', '9')->see('Decided before');
        $heading('Review');
        $browser->keys('g', '0')->see('Ilse Torvane');
        $heading('Bench');
        // The skip link is the first stop of a page.
        $browser->driver->executeScript('document.body.tabIndex = -1; document.body.focus()');
        $browser->keys(Key::TAB)->waitUntil(fn(): bool => $browser->driver->executeScript('return document.activeElement.textContent') === 'To the main part', 'the skip link');
        $browser->keys(Key::ENTER);
        $heading('Bench');
        $this->noComplaints();
    }

    public function test_what_takes_the_keyboard_is_never_under_a_bar_or_half_out_of_a_list(): void
    {
        $browser = $this->signIn();
        $session = $this->addressOf('Perrin Vask', 'session');
        $board = str_replace('/session', '/board', $session);
        foreach ([[1280, [$session => 'in line with the aim']], [390, ['/people/new' => 'Norms of', $session => 'in line with the aim', $board => 'At the leaving mark', str_replace('/session', '/sheet', $session) => 'Print']]] as [$width, $views]) {
            $browser->size($width, $width === 390 ? 844 : 800);
            foreach ($views as $view => $shows) {
                $browser->visit($view)->see($shows);
                self::assertSame([], $this->covered(), "{$view} at {$width}");
            }
        }
    }

    /** @return list<string> what cannot be seen in the middle while it has the focus, walked by Tab from the heading to the end */
    private function covered(): array
    {
        $covered = [];
        for ($stops = 0; $stops < 200; $stops++) {
            $this->browser->keys(Key::TAB);
            $said = $this->browser->driver->executeScript(<<<'JS'
                const at = document.activeElement;
                if (at === document.body || at.walked) return null;
                at.walked = true;
                const { left, right, top, height } = at.getBoundingClientRect();
                const there = document.elementFromPoint((left + right) / 2, top + Math.min(height / 2, 30));
                return there && (at.contains(there) || there.contains(at)) ? '' : at.textContent || at.getAttribute('aria-label') || at.tagName;
                JS);
            if (! is_string($said)) {
                break;
            }
            if ($said !== '') {
                $covered[] = $said;
            }
        }
        self::assertGreaterThan(15, $stops);

        return $covered;
    }
}
