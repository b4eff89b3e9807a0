<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverKeys as Key;

/** One person from intake to a decided session: once by keyboard alone, once by mouse where it is used. */
final class StoryTest extends BrowserTestCase
{
    public function test_intake_board_and_session_by_keyboard_alone(): void
    {
        $browser = $this->signIn()->visit('/people/new')->see('Add a person');
        $browser->label('Name')->click();
        $browser->keys('Tilda <b>Marrow</b>', Key::TAB, 'pastry cook on her feet all day', Key::TAB, '1990');
        $this->tabToField('Minutes for core work');
        $browser->keys(Key::BACKSPACE, Key::BACKSPACE, '15', Key::TAB, Key::SPACE);
        $this->tabTo('Add, then ask the danger signs');
        $browser->keys(Key::ENTER)->see('Danger signs')->see('Tilda <b>Marrow</b>');

        // N to each of the nineteen questions; the last one leads to the button.
        $browser->keys(...array_fill(0, 19, 'n'))->see('Save: no to every question');
        $browser->waitUntil(fn(): bool => str_starts_with((string) $browser->driver->switchTo()->activeElement()->getText(), 'Save: no to every'), 'the keyboard on the button');
        $browser->keys(Key::ENTER)->see('On to the checks');
        // Saving the answers leaves the focus on the next step.
        $browser->keys(Key::ENTER)->see('Nothing tested yet.');
        $this->tabTo('Board');
        $browser->keys(Key::ENTER)->see('no spread yet');

        // A rail, up the rungs, Enter; then the next demand.
        $this->walkToRail('Front-plank ladder');
        $browser->keys(Key::HOME, Key::ARROW_UP, Key::ARROW_UP)->see('Front plank, forearms, knees down')->keys(Key::ENTER)->see('stands on “Front plank, forearms, knees down”');
        $browser->keys(Key::PAGE_DOWN, Key::HOME, Key::ENTER)->see('stands on “Side lean on the wall”')->see('spread 1.4');
        $browser->keys('u')->see('Taken back.')->see('no spread yet');
        $this->walkToRail('Side-bridge ladder');
        $browser->keys(Key::HOME, Key::ARROW_UP, Key::ARROW_UP, Key::ARROW_UP, Key::ENTER)->see('stands on “Side bridge, knees bent”')->keys('l')->doesNotSee('Not saved');
        $browser->keys(Key::PAGE_DOWN, Key::HOME, Key::ENTER)->see('stands on “All fours, brace and breathe”');
        // Without a band the press-outs are ruled out and say so.
        $browser->keys(Key::PAGE_DOWN, Key::HOME)->see('needs band and anchor, cable or partner');

        $browser->visit(str_replace(self::$base, '', str_replace('/board', '/session', $browser->driver->getCurrentURL())))->see('Front plank, forearms, knees down')->see('Rotation: no working rung yet');
        $browser->keys('/')->waitUntil(fn(): bool => $browser->driver->switchTo()->activeElement()->getAttribute('value') === '1x(5x3s/5)', 'the first dose under the keyboard, of the bracing');
        $all = Key::CONTROL.'a'.Key::NULL;
        $browser->keys($all, '3x30s 3-1-x1-9')->see('third part, lifting, of the tempo is “x1”');
        $browser->keys($all, '2 × 45 s r30', Key::ENTER)->see('2 × 45 s · 30 s rest')->see('Saved');
        $browser->find('//input[@value="2x45s r30"]');
        $browser->keys(Key::ESCAPE)->driver->executeScript('document.activeElement.blur()');
        $browser->keys('c')->see('Circuit, 3 rounds');
        usleep(1_200_000);
        $browser->driver->navigate()->refresh();
        $browser->see('Circuit, 3 rounds')->see('2 × 45 s');
        $this->noComplaints();
    }

    public function test_sheet_coach_and_decision(): void
    {
        $browser = $this->signIn();
        $session = $this->addressOf('Corvin Strake', 'session');
        $browser->visit($session)->see('Lock-house floor')->press('Hand it over')->see('Easier today')->see('Tuesday, Friday');
        $browser->press('Coach it')->see('morning after')->press('Nothing anywhere')->see('Start');

        $browser->press('Start')->see('kept on this device')->press('Pause');
        $sets = 9;
        for ($set = 1; $set <= $sets; $set++) {
            // On to the end of the set, then the check: effort 6, all clean.
            for ($cue = 0; $cue < 40 && ! $browser->has('//button[starts-with(normalize-space(), "All clean")]'); $cue++) {
                $browser->press('Skip');
            }
            $browser->press('effort 6')->press('All clean')->see($set === $sets ? "{$sets} of {$sets} sets logged" : "{$set} of {$sets} sets kept");
            if ($set === 4) {
                // The log is on the device: a reload loses nothing.
                $browser->driver->navigate()->refresh();
                $browser->see('Go on');
            }
        }
        $browser->see("{$sets} of {$sets} sets logged")->press('Save the log')->click(self::TIME_IS_RIGHT)->see('Review')->see('Confirm');

        // The rules say stay (effort and reps are fine now, but it is the first clean session): decide otherwise.
        $browser->see('1 of 2 clean sessions running');
        $browser->click('(//li[contains(., "Press-out ladder")]//button[normalize-space()="Climb"])[1]');
        $browser->label('Why (kept with the decision)')->sendKeys('moves well');
        $browser->press('Climb instead')->see('Otherwise than proposed: moves well');
        $browser->press('Confirm all')->see('Nothing waits.');
        // What is written follows the decisions by one press more, or the board shows them.
        $browser->see('moved on since it was written')->find('//a[starts-with(normalize-space(), "Bring")]');
        $browser->press('See the board')->see('Board');
        $browser->click('//button[starts-with(@aria-label, "Open Press-out ladder")]');
        $browser->find('//div[@role="option"][@aria-selected="true"][contains(@aria-label, "Press-out, standing, height 4.0")]');
        $this->noComplaints();
    }

    public function test_how_the_morning_was_is_asked_on_the_day_after_and_not_before(): void
    {
        $today = new \DateTimeImmutable('today 16:00');
        $this->itIs($today);
        $browser = $this->signIn();
        $coach = $this->addressOf('Corvin Strake', 'coach');
        $browser->visit($coach)->press('not asked today')->press('Start')->see('kept on this device');
        for ($cue = 0; $cue < 20 && ! $browser->has('//button[starts-with(normalize-space(), "All clean")]'); $cue++) {
            $browser->press('Skip');
        }
        $browser->press('All clean')->press('end here');
        $browser->press('Save the log')->click(self::TIME_IS_RIGHT)->see('Confirm');
        $browser->visit($coach)->see('in all')->doesNotSee('morning after');

        $browser->leave();
        $this->itIs($today->modify('+1 day'));
        $this->signIn();
        $browser->visit($coach)->see('morning after');
    }

    public function test_a_practice_makes_a_rung_of_its_own_and_lets_go_of_it_again(): void
    {
        $browser = $this->signIn()->visit('/library?ladder=squat')->see('as shipped');
        $browser->click('//li//button[contains(., "Box squat")]')->press('Copy it')->see('Box squat, own version');
        $name = $browser->label('Name');
        $name->sendKeys([Key::CONTROL, 'a']);
        $name->sendKeys('Sit to the hive');
        $browser->label('Short name')->sendKeys([Key::CONTROL, 'a']);
        $browser->label('Short name')->sendKeys('box');
        $browser->see('Two rungs have the short name “box”.');
        $browser->label('Short name')->sendKeys(' two');
        $browser->doesNotSee('Nothing is kept until');
        $browser->waitUntil(fn(): bool => str_contains($browser->find('//ol')->getText(), 'Sit to the hive'), 'the new name under its figure');
        $browser->press('Keep as your own version')->see('your own version of a shipped ladder');

        $browser->visit($this->addressOf('Corvin Strake', 'board'))->see('Gate');
        $browser->click('//button[starts-with(@aria-label, "Open Integrated squat")] | //button[@aria-expanded="false"][contains(., "Integrated")]')->see('box two');

        $browser->visit('/library?ladder=squat')->press('Back to the shipped ladder')->see('as shipped')->doesNotSee('Sit to the hive');
        $this->noComplaints();
    }

    public function test_a_practice_writes_a_ladder_of_its_own_from_nothing(): void
    {
        $browser = $this->signIn()->visit('/library?ladder=bridge')->see('as shipped')->press('New ladder')->see('“First rung”: The required properties')->press('Add a fault')->press('Add a fault');
        foreach ([
            'Purpose, one line' => 'Breath and brace on the jetty.', 'Check by' => 'A hand on the ribs.', 'Breathing' => 'Quietly through the nose.', 'Felt' => 'Round the waist.',
            'Not felt' => 'In the neck.', 'Easier now' => 'Half as long.', 'Way out' => 'Roll to one side.', 'Relief position' => 'On the back, legs up.',
            'Cues, one a line (3 to 5)' => "Lie down.\nLet the ribs sink.\nBreathe on.",
            'Fault 1, seen' => 'The ribs rise.', 'Fault 1, mended by' => 'Breathe out first.', 'Fault 2, seen' => 'The breath stops.', 'Fault 2, mended by' => 'Count aloud.',
        ] as $field => $text) {
            $browser->label($field)->sendKeys($text);
        }
        $browser->label('Fault 1, drawn as')->sendKeys('Ribs');
        $browser->doesNotSee('Nothing is kept until');
        // The picture of the fault stands beside its words.
        $browser->find('//figure[contains(., "The ribs rise")]//*[local-name()="svg"]');
        $browser->press('the ladder itself');
        $name = $browser->find('//aside//input[@id=//label[normalize-space()="Name of the ladder"]/@for]');
        $name->sendKeys([Key::CONTROL, 'a']);
        $name->sendKeys('Jetty ladder');
        $browser->press('lateral')->press('Keep as your own version')->see('your own ladder');

        $browser->visit($this->addressOf('Corvin Strake', 'board'))->see('Gate')->see('own');
        $browser->visit('/library')->press('Jetty')->see('your own ladder')->press('Take the ladder out')->see('The ladder is taken out.')->doesNotSee('Jetty');
        $browser->press('Take back')->see('Jetty ladder');
        $this->noComplaints();
    }

    public function test_a_rung_is_hidden_by_keyboard_alone(): void
    {
        $browser = $this->signIn()->visit('/library?ladder=activation')->see('as shipped');
        $this->tabTo('2.0 Deep back-muscle');
        $browser->keys(Key::ENTER)->see('Hide it');
        $this->tabTo('Hide it');
        $browser->keys(Key::ENTER)->see('Show it');
        $this->tabTo('Keep as your own version');
        $browser->keys(Key::ENTER)->see('your own version of a shipped ladder')->see('(hidden)');
        $this->tabTo('Back to the shipped ladder');
        $browser->keys(Key::ENTER)->see('as shipped')->doesNotSee('(hidden)');
        $this->noComplaints();
    }

    public function test_the_working_rung_is_dragged_and_the_path_is_played_back(): void
    {
        $this->signIn();
        // A rung that another view led to has the keyboard.
        $browser = $this->browser->visit(($board = $this->addressOf('Maud Ferrick', 'board')).'?rung=front-plank%2Fforearms-knees')->see('Gate');
        $browser->waitUntil(fn(): bool => str_contains((string) $browser->driver->executeScript('return document.activeElement.ariaLabel ?? ""'), 'Front plank, forearms, knees down'), 'the keyboard on the rung');

        $browser->visit($board)->see('Gate')->click('//button[starts-with(@aria-label, "Open Press-out ladder")]');
        [$x, $from, $to] = $browser->driver->executeScript(<<<'JS'
            const box = (element) => element.getBoundingClientRect();
            const marker = box(document.querySelector('[data-drag="press-out/split-stance"] rect'));
            const path = document.querySelector('[role=listbox] svg path.fill-rung');
            const tops = path.getAttribute('d').match(/M[^h]+/g).map((start) => new DOMPoint(...start.slice(1).split(' ').map(Number)).matrixTransform(path.getScreenCTM()).y);
            return [marker.x + marker.width / 2, marker.y + marker.height / 2, Math.min(...tops.filter((top) => top > marker.y + 20))];
            JS);
        $tools = new \Facebook\WebDriver\Chrome\ChromeDevToolsDriver($browser->driver);
        foreach ([['mousePressed', $from], ['mouseMoved', $from + 10], ['mouseMoved', ($from + $to) / 2], ['mouseMoved', $to + 2], ['mouseReleased', $to + 2]] as [$type, $y]) {
            $tools->execute('Input.dispatchMouseEvent', ['type' => $type, 'x' => $x, 'y' => $y, 'button' => 'left', 'buttons' => 1, 'clickCount' => 1]);
        }
        $browser->see('stands on “Press-out,');
        $browser->waitUntil(fn(): bool => (float) $browser->find('//aside//h2/span')->getText() < 4.2, 'a rung below where it stood');

        $browser->keys('h')->see('back to today')->see('Down to “Press-out');
        $browser->press('Play from the start')->see('as it stood on');
        $browser->keys(Key::ESCAPE)->doesNotSee('as it stood on');
        $browser->keys('u')->see('Taken back.');
        $browser->keys('h')->see('taken back');
        $this->noComplaints();
    }

    public function test_a_danger_sign_closes_every_step_until_the_clearance(): void
    {
        $browser = $this->signIn();
        $person = $this->addressOf('Osk Brannoch', 'person');
        foreach (['session', 'sheet', 'coach', 'review'] as $step) {
            $browser->visit(str_replace('/person', "/{$step}", $person))->see('To be cleared by a clinician before training')->see('licensed clinician’s clearance');
        }
        $browser->visit($person)->see('Print the referral note')->press('Record the clearance')->see('Say who cleared it.');
        $browser->label('Who cleared it')->sendKeys('Dr. Ferris Oll, physician');
        $browser->label('For what')->sendKeys('bracing and carries, no bending');
        foreach (['From' => '1.1.2026', 'Until' => '1 jan 2036'] as $label => $date) {
            $browser->label($label)->sendKeys($date);
        }
        $browser->press('Record the clearance')->see('training is open');
        $browser->visit(str_replace('/person', '/session', $person))->see('Where the work falls');
    }

    public function test_two_tabs_editing_one_session_see_both_versions(): void
    {
        $browser = $this->signIn();
        $browser->visit($this->addressOf('Maud Ferrick', 'session'))->see('Hive-lifting days');
        // The other tab: the same session, saved by the same application.
        $browser->driver->executeAsyncScript(<<<'JS'
            const done = arguments[arguments.length - 1];
            const token = decodeURIComponent(/XSRF-TOKEN=([^;]+)/.exec(document.cookie)[1]);
            const person = location.pathname.split('/')[2];
            const get = (path) => fetch('/api/people/' + person + path, { headers: { Accept: 'application/json' } }).then((r) => r.json());
            get('/sessions').then(({ sessions }) => get('/sessions/' + sessions[0].id)).then((s) => fetch('/api/people/' + person + '/sessions/' + s.id, {
              method: 'PUT', headers: { Accept: 'application/json', 'Content-Type': 'application/json', 'X-XSRF-TOKEN': token },
              body: JSON.stringify({ id: s.id, version: s.version, title: 'From the other tab', minutes: null, blocks: s.preview.blocks.map((b) => ({ kind: b.kind, part: b.part, gapSeconds: b.gapSeconds, roundRestSeconds: b.roundRestSeconds, items: b.items.map(({ id, rung, dose }) => ({ id, rung, dose })) })) }),
            })).then((r) => done(r.status));
            JS);
        $browser->label('Title of the session')->sendKeys(', mine');
        $browser->see('Changed somewhere else in the meantime')->see('From the other tab')->see('Hive-lifting days, mine');
        $browser->press('Save mine over it')->see('Saved');
        usleep(300_000);
        $browser->driver->navigate()->refresh();
        $browser->waitUntil(fn(): bool => $browser->label('Title of the session')->getAttribute('value') === 'Hive-lifting days, mine', 'my title');
    }

    public function test_every_main_view_is_accessible_in_light_and_dark_and_nothing_complains(): void
    {
        $browser = $this->signIn();
        $views = ['/' => 'Ilse Torvane', '/people/new' => 'Where, and with what kit', '/people' => 'put away', '/library?ladder=side-bridge' => 'Your own rungs', '/method' => 'in this session'];
        foreach (['person' => 'Where, and with what kit', 'checks' => 'Where to start', 'board' => 'Gate', 'session' => 'Where the work falls', 'sheet' => 'Easier today', 'coach' => 'morning after', 'review' => 'Confirm'] as $step => $wait) {
            $views[$this->addressOf('Maud Ferrick', $step)] = $wait;
        }
        $views[$this->addressOf('Osk Brannoch', 'person')] = 'Record the clearance';
        foreach ($views as $path => $wait) {
            $browser->visit($path)->see($wait);
            $this->isAccessible($path);
        }
        $browser->visit($this->addressOf('Edda Quillon', 'checks'))->see('Place on all')->keys('t')->see('leave the test');
        $this->isAccessible('the clock of a hold');
        $browser->keys(Key::ESCAPE)->see('Place on all')->keys('c')->see('Front-plank')->press('Front-plank')->see('What was lost?');
        $this->isAccessible('a climb test');
        $browser->keys(Key::ESCAPE)->see('Place on all')->keys('a')->press('Try it on a drawing')->see('Mark the ankle');
        $this->isAccessible('marks on a picture');
        self::cuff();
        $browser->keys(Key::ESCAPE)->see('Place on all')->keys('b')->see('Begin the minute');
        $this->isAccessible('the brace check');
        $browser->visit($this->addressOf('Maud Ferrick', 'session'))->see('Hive-lifting days');
        foreach (['t' => 'exercises ·', 'o' => 'the method’s own', 'n' => 'Travelling, no kit', 'a' => 'Side-bridge ladder'] as $key => $wait) {
            $browser->keys($key)->see($wait);
            $this->isAccessible("the session, {$wait}");
            $browser->keys(Key::ESCAPE)->doesNotSee($wait);
        }
        $this->noComplaints();
    }

    /** To a rail by keyboard: Tab into the board, then from rail to rail. */
    private function walkToRail(string $ladder): void
    {
        $focused = fn(): RemoteWebElement => $this->browser->driver->switchTo()->activeElement();
        for ($tab = 0; $tab < 60 && $focused()->getAttribute('role') !== 'option'; $tab++) {
            $this->browser->keys(Key::TAB);
        }
        for ($step = 0; $step < 25 && ! $this->browser->has("//div[@role='listbox'][@aria-label='{$ladder}']"); $step++) {
            $this->browser->keys(Key::ARROW_RIGHT);
        }
        self::assertSame('option', $focused()->getAttribute('role'));
        $this->browser->find("//div[@role='listbox'][@aria-label='{$ladder}']");
    }

    public function test_a_person_is_gone_to_from_anywhere_by_keys(): void
    {
        $this->signIn()->keys(Key::CONTROL.'k')->find('//*[@role="combobox"]');
        $this->browser->waitUntil(fn(): bool => $this->browser->driver->executeScript('return document.activeElement.role') === 'combobox', 'the keyboard in the search');
        $this->browser->keys('Perrin')->find('//*[@role="option"][@aria-selected="true"][contains(., "Perrin Vask")]');
        $this->browser->keys(Key::ENTER)->see('works overhead · 3 × 25 min');
        self::assertStringContainsString('/people/', $this->browser->driver->getCurrentURL());
        // Left without going anywhere, it gives the keyboard back.
        $this->browser->visit($this->addressOf('Perrin Vask', 'person'))->see('Where, and with what kit');
        $name = $this->browser->label('Name');
        $name->click();
        $this->browser->keys(Key::CONTROL.'k')->find('//*[@role="combobox"]');
        $this->browser->keys(Key::ESCAPE)->isGone('//*[@role="combobox"]')->waitUntil(fn(): bool => $this->browser->driver->switchTo()->activeElement()->equals($name), 'the keyboard in the name again');
        $this->noComplaints();
    }
}
