<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\WebDriverKeys as Key;

/** Writing a session, start to end, in a real browser. */
final class ComposerStoryTest extends BrowserTestCase
{
    private const SIX_STATIONS = "# Six on the lock\n6 stations 60/30 x2: plank; press-out; bird dog; side bridge; bridge touch; clam";

    public function test_a_six_station_circuit_is_typed_fitted_repaired_saved_and_reloaded_by_keyboard_alone(): void
    {
        $browser = $this->signIn();
        $browser->visit($this->addressOf('Corvin Strake', 'session'))->see('Lock-house floor');
        $browser->keys('n')->see('From a template');
        $this->tabTo('Empty');
        $browser->keys(Key::ENTER)->see('A session needs at least one exercise.');

        // Typed key by key: at 200 characters a minute, a slow typist needs less than half of 90 seconds.
        $keys = str_replace("\n", Key::SHIFT.Key::ENTER.Key::NULL, self::SIX_STATIONS);
        self::assertLessThan(90 * 200 / 60, mb_strlen(self::SIX_STATIONS) + 20);
        $began = microtime(true);
        $browser->keys('t')->see('The session as lines');
        foreach (mb_str_split($keys) as $key) {
            $browser->keys($key);
        }
        $browser->see('6 exercises · 17:30 of 25:00');
        $this->tabTo('Put in place of the session');
        $browser->keys(Key::ENTER)->see('Circuit, 2 rounds')->see('17:30');
        self::assertLessThan(90, microtime(true) - $began);

        // Twelve minutes today: the steps are proposed, least harm first, and taken in one press.
        $this->tabToField('Minutes of this session');
        $browser->keys(Key::CONTROL.'a'.Key::NULL, '12')->see('5:30 over 12 minutes.');
        $this->tabTo('Fit to time');
        $browser->keys(Key::ENTER)->see('Least harm first')->see('Take all');
        $browser->keys(Key::ENTER)->see('steps taken.')->doesNotSee('over 12 minutes');
        $browser->waitUntil(fn(): bool => preg_match('/\b1[01]:\d\d\b|\b12:00\b/', $browser->text()) === 1, 'a length of twelve minutes at most');

        // Two exercises stand below the person's rungs: one key each.
        $browser->see('Bridge, 3 up – 3 down, light touch')->see('Swap to the working rung');
        $browser->driver->executeScript('document.activeElement.blur()');
        $browser->keys('1')->see('Bridge, band round the knees')->doesNotSee('stands 2.2 below');
        $browser->waitUntil(fn(): bool => substr_count($browser->text(), 'Swap to the working rung') === 1, 'one warning left');
        $browser->keys('1')->doesNotSee('Swap to the working rung')->see('Saved');

        $before = $this->written();
        self::assertStringContainsString('Banded leg lift', $before);
        $browser->waitUntil(fn(): bool => $browser->driver->executeScript('return Object.keys(localStorage).filter((key) => key.startsWith("even-rungs.session.")).length') === 0, 'everything is with the server');
        $browser->driver->navigate()->refresh();
        $browser->see('Circuit, 2 rounds');
        $browser->waitUntil(fn(): bool => $this->written() === $before, 'the same session after a reload');
        $browser->waitUntil(fn(): bool => $browser->label('Minutes of this session')->getAttribute('value') === '12', 'its own minutes');
        $this->noComplaints();
    }

    public function test_what_was_changed_at_the_moment_the_page_goes_is_with_the_server(): void
    {
        $browser = $this->signIn()->visit($this->addressOf('Corvin Strake', 'session'))->see('Lock-house floor');
        self::assertSame(0, self::rows('training_sessions', 'minutes = 17'));
        $browser->label('Minutes of this session')->sendKeys(Key::CONTROL.'a'.Key::NULL.'17');
        $browser->driver->get('about:blank');
        $browser->waitUntil(static fn(): bool => self::rows('training_sessions', 'minutes = 17') === 1, 'the change, on the server');

        // The device still had it, and sent it again: it is known, and nothing is in its way.
        $browser->visit($this->addressOf('Corvin Strake', 'session'))->see('Lock-house floor');
        $browser->waitUntil(fn(): bool => $browser->driver->executeScript('return Object.keys(localStorage).filter((key) => key.startsWith("even-rungs.session.")).length') === 0, 'nothing waits on the device');
        self::assertSame('17', $browser->label('Minutes of this session')->getAttribute('value'));
        $browser->label('Minutes of this session')->sendKeys(Key::CONTROL.'a'.Key::NULL.'18');
        $browser->see('Saved')->waitUntil(static fn(): bool => self::rows('training_sessions', 'minutes = 18') === 1, 'what was written next');
        self::assertFalse($browser->has('//*[@role="dialog"]'), 'nobody else changed it');
        $this->noComplaints();
    }

    public function test_who_lets_a_sheet_grow_right_after_a_change_is_not_somebody_else(): void
    {
        $browser = $this->signIn();
        $browser->visit($this->addressOf('Corvin Strake', 'session'))->see('Lock-house floor')->see('one exercise a week, then the next');
        $browser->lagging(250);
        // Written, not saved yet, and pressed at once.
        $browser->driver->executeScript(<<<'JS'
            const press = (name) => [...document.querySelectorAll('main button')].find((one) => (one.ariaLabel ?? one.textContent).startsWith(name)).click();
            press('Move Press-out');
            press('one exercise a week');
            JS);
        $browser->see('Counted from')->doesNotSee('The session is written anew')->doesNotSee('Saved meanwhile');
        $browser->waitUntil(fn(): bool => $browser->driver->executeScript('return document.querySelectorAll("[data-row]").length') === 1, 'one exercise is left for now');
        $browser->driver->executeScript('document.querySelector("[aria-label^=\"Dose of\"]").focus()');
        $browser->keys(Key::CONTROL.'a'.Key::NULL, '2x(2x10s/5)', Key::TAB)->see('Saved')->doesNotSee('Saved meanwhile');

        // And back: a stage that was taken out, then all of them, with what was written on meanwhile.
        $stages = static fn(): int => self::rows('sheet_stages', 'deleted_at IS NULL AND together IS NOT NULL');
        $coming = $stages();
        $this->tabTo('take out');
        $browser->keys(Key::ENTER)->see('Taken out.')->waitUntil(static fn(): bool => $stages() === $coming - 1, 'one less to come');
        $browser->waitUntil(fn(): bool => $browser->driver->executeScript('return document.activeElement.id') === 'stages', 'the keyboard is at the list, not at the top of the page');
        $browser->press('Take back')->see('It comes again.')->press('all exercises at once again')->see('Press a day');
        $browser->waitUntil(fn(): bool => $browser->driver->executeScript('return document.querySelectorAll("[data-row]").length') === $coming + 1, 'all of it again');
        self::assertContains('2x(2x10s/5)', $browser->driver->executeScript('return [...document.querySelectorAll("[aria-label^=\"Dose of\"]")].map((one) => one.value)'));
        $this->noComplaints();
    }

    public function test_exercises_are_picked_grouped_dragged_and_taken_back_by_mouse(): void
    {
        $browser = $this->signIn()->visit($this->addressOf('Maud Ferrick', 'session'))->see('Hive-lifting days');
        $first = $this->order();
        self::assertGreaterThan(3, count($first));
        $browser->press("Pick {$first[0]}")->press("Pick {$first[2]}")->see('2 picked')->press('Superset')->see('Superset, ');
        $browser->waitUntil(fn(): bool => array_slice($this->order(), 0, 2) === [$first[0], $first[2]], 'the two next to each other');
        $browser->press('Undo')->waitUntil(fn(): bool => $this->order() === $first, 'as it was');

        $this->drag($first[0], $first[2]);
        $browser->waitUntil(fn(): bool => array_slice($this->order(), 0, 3) === [$first[1], $first[2], $first[0]], 'the first below the third');
        $browser->press('Undo')->waitUntil(fn(): bool => $this->order() === $first, 'as it was');

        $browser->press("Pick {$first[1]}")->see('1 picked')->press('Primer')->see('Main part')->see('too hard for a primer');
        $browser->press('none')->press('Swap to ')->doesNotSee('too hard for a primer');
        $browser->press('Undo')->see('too hard for a primer')->press('Undo')->doesNotSee('Main part');

        // Every figure opens its sum.
        $browser->click('(//div[@data-row]//button[@title="Why?"])[1]')->see('Time of ')->see('each')->keys(Key::ESCAPE)->see('Where the work falls');
        $browser->press('Order')->see('the method’s own')->press('Take it')->doesNotSee('Order of the main part');
        $browser->waitUntil(fn(): bool => $this->order() !== $first, 'another order');
        $this->noComplaints();
    }

    public function test_lines_are_pasted_choices_are_shown_and_another_persons_session_is_taken_over(): void
    {
        $browser = $this->signIn()->visit($this->addressOf('Maud Ferrick', 'session'))->see('Hive-lifting days');
        $count = count($this->order());
        $browser->driver->executeScript(<<<'JS'
            const data = new DataTransfer();
            data.setData('text/plain', 'press-out kneeling 2x8/side\nclam 2x10 reps');
            window.dispatchEvent(new ClipboardEvent('paste', { clipboardData: data, bubbles: true }));
            JS);
        $browser->see('perhaps Press-out, tall kneeling')->see('leave the word out')->press('Press-out, half-kneeling, wide')->doesNotSee('perhaps');
        $browser->press('Add to it')->waitUntil(fn(): bool => count($this->order()) === $count + 2, 'two more');
        $browser->see('leave the word out');
        $browser->label('Dose of Clam')->sendKeys([Key::CONTROL, 'a']);
        $browser->label('Dose of Clam')->sendKeys('2x10');
        $browser->see('This exercise is done one side at a time')->keys(Key::ARROW_DOWN, Key::ARROW_DOWN, Key::TAB)->doesNotSee('leave the word out')->see('Saved');

        $browser->keys(Key::ESCAPE)->driver->executeScript('document.activeElement.blur()');
        $browser->keys('n')->see('From an earlier session')->press('Lock-house floor')->see('How it started')->see('the working rung here');
        $this->noComplaints();
    }

    public function test_what_is_written_without_a_network_is_kept_and_sent_once_it_is_back(): void
    {
        $browser = $this->signIn()->visit($this->addressOf('Maud Ferrick', 'session'))->see('Hive-lifting days');
        $tools = new ChromeDevToolsDriver($browser->driver);
        $tools->execute('Network.enable');
        $network = fn(bool $offline): array => (array) $tools->execute('Network.emulateNetworkConditions', ['offline' => $offline, 'latency' => 0, 'downloadThroughput' => -1, 'uploadThroughput' => -1]);
        $network(true);
        $browser->label('Title of the session')->sendKeys(', in the shed');
        $browser->press('Move '.$this->order()[0].' down')->see('kept on this device');
        $moved = $this->order();
        $network(false);
        $browser->see('Saved')->doesNotSee('The server cannot be reached');
        $browser->driver->navigate()->refresh();
        $browser->waitUntil(fn(): bool => $browser->label('Title of the session')->getAttribute('value') === 'Hive-lifting days, in the shed' && $this->order() === $moved, 'what was written offline');

        // A draft that never reached the server, written over a version that has changed since, shows both.
        $browser->driver->executeScript(<<<'JS'
            const [, , person] = location.pathname.split('/');
            return fetch('/api/people/' + person + '/sessions', { headers: { Accept: 'application/json' } }).then((r) => r.json())
              .then(({ sessions }) => fetch('/api/people/' + person + '/sessions/' + sessions[0].id, { headers: { Accept: 'application/json' } })).then((r) => r.json())
              .then((s) => localStorage.setItem('even-rungs.session.' + person + '.' + s.id, JSON.stringify({ id: s.id, version: s.version - 1, draft: {
                title: 'From the other shed', minutes: null,
                blocks: s.preview.blocks.slice(0, 1).map((b) => ({ kind: b.kind, part: b.part, gapSeconds: b.gapSeconds, roundRestSeconds: b.roundRestSeconds, items: b.items.map(({ id, rung, dose }) => ({ id, rung, dose })) })),
              } })));
            JS);
        usleep(500_000);
        $browser->driver->navigate()->refresh();
        $browser->see('Changed somewhere else in the meantime')->see('From the other shed')->see('Hive-lifting days, in the shed')->press('Take theirs');
        $browser->waitUntil(fn(): bool => $browser->label('Title of the session')->getAttribute('value') === 'Hive-lifting days, in the shed', 'their version');
    }

    public function test_a_template_becomes_the_persons_session_and_the_method_is_tried_before_it_is_chosen(): void
    {
        $browser = $this->signIn()->visit($this->addressOf('Corvin Strake', 'session'))->see('Lock-house floor');
        $browser->press('New')->see('Travelling, no kit')->press('Travelling, no kit')->see('Where the work falls');
        $browser->waitUntil(fn(): bool => $browser->label('Title of the session')->getAttribute('value') === 'Travelling, no kit', 'the template’s name')->see('Saved');

        $browser->visit('/method')->see('Tried on a session of');
        $browser->find('//select')->sendKeys('Corvin');
        $browser->see('Travelling, no kit')->see('things in this session');
        $browser->click('//fieldset[contains(., "hold strategy")]//label[contains(., "long holds")]')->see('Sets the default dose of holds.');
        $browser->waitUntil(fn(): bool => $browser->driver->executeScript('return [...document.querySelectorAll("fieldset")].find((set) => set.innerText.toLowerCase().includes("hold strategy")).querySelectorAll("input")[2].checked') === true, 'long holds chosen');
        $browser->visit($this->addressOf('Maud Ferrick', 'session').'?s=01kzzzzzzzzzzzzzzzzzzzzzzz&from=template&template=four-demand-floor')->see('Where the work falls');
        $browser->waitUntil(fn(): bool => $browser->has('//input[@value="3x(5x12s/5)"]'), 'the next dose under long holds, the same seconds in fewer and longer ones');
        $this->noComplaints();
    }

    /** The session as it stands in the fields: exercises and doses in their order. */
    private function written(): string
    {
        $text = $this->browser->driver->executeScript('return JSON.stringify([...document.querySelectorAll("[data-row]")].map((row) => [row.querySelector("p").innerText, row.querySelector("input[role=combobox]")?.value]))');

        return is_string($text) ? $text : '';
    }

    /** @return list<string> names of the exercises in their order */
    private function order(): array
    {
        $names = $this->browser->driver->executeScript('return [...document.querySelectorAll("[data-row] [role=checkbox]")].map((pick) => pick.getAttribute("aria-label").replace("Pick ", ""))');

        return is_array($names) ? array_values(array_filter($names, is_string(...))) : [];
    }

    private function drag(string $name, string $onto): void
    {
        $at = fn(string $row): array => (array) $this->browser->driver->executeScript('const box = [...document.querySelectorAll("[role=checkbox]")].find((pick) => pick.getAttribute("aria-label") === "Pick " + arguments[0]).getBoundingClientRect(); return [box.x + box.width / 2, box.y + box.height / 2]', [$row]);
        // Rows change their height once the answer of the server is there: first let them come to rest.
        $this->browser->waitUntil(function () use ($at, $name, $onto): bool {
            $before = [$at($name), $at($onto)];
            usleep(600_000);

            return $before === [$at($name), $at($onto)];
        }, 'rows at rest');
        [$x, $from] = $at($name);
        [, $to] = $at($onto);
        $tools = new ChromeDevToolsDriver($this->browser->driver);
        $mouse = static fn(string $type, mixed $y): array => (array) $tools->execute('Input.dispatchMouseEvent', ['type' => $type, 'x' => $x, 'y' => $y, 'button' => 'left', 'buttons' => 1, 'clickCount' => 1]);
        $mouse('mousePressed', $from);
        $mouse('mouseMoved', $from + 12);
        // On until the row it is dropped on has noticed: a busy machine takes its time between two frames.
        $this->browser->waitUntil(function () use ($mouse, $to, $onto): bool {
            static $step = 0;
            $mouse('mouseMoved', $to + 4 + ($step++ % 5));
            usleep(100_000);

            return $this->browser->driver->executeScript('return [...document.querySelectorAll("[data-row]")].some((row) => row.dataset.over && row.querySelector("[role=checkbox]").getAttribute("aria-label") === "Pick " + arguments[0])', [$onto]) === true;
        }, "{$name} over {$onto}");
        $mouse('mouseReleased', $to + 6);
    }
}
