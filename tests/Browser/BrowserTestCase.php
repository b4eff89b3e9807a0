<?php

declare(strict_types=1);

namespace Tests\Browser;

use Database\Seeders\DemoSeeder;
use Facebook\WebDriver\WebDriverKeys as Key;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;
use Tests\Browser\Support\Chromium;
use Tests\Browser\Support\Daemon;
use Tests\Browser\Support\Snapshot;

/**
 * Tests in a real browser against a server and a database of their own, filled with the demo.
 * A test that fails leaves a picture in storage/logs.
 */
abstract class BrowserTestCase extends TestCase
{
    /** So short a training is asked about: what was counted is right, or on a quick machine nothing was. */
    protected const TIME_IS_RIGHT = '//button[normalize-space()="It is right so" or normalize-space()="Nobody knows"]';

    protected const CLEAN = '//button[starts-with(normalize-space(), "All clean")]';

    private static ?Daemon $server = null;

    private static int $port = 0;

    /** @var list<Daemon> what one story started; it ends with the story, also where that fails */
    private static array $helpers = [];

    private static ?int $cuffPort = null;

    /** @var array{int, int}|null of what catches messages: for mail, and for its page */
    private static ?array $postPorts = null;

    private static ?Snapshot $demo = null;

    protected static string $base = '';

    protected Chromium $browser;

    protected function setUp(): void
    {
        parent::setUp();
        self::serve();
        self::demo();
        $this->browser = Chromium::knowing(self::$base);
    }

    protected function tearDown(): void
    {
        @unlink(self::clock());
        array_map(static fn(Daemon $helper) => $helper->stop(), self::$helpers);
        self::$helpers = [];
        if ($this->status()->isFailure() || $this->status()->isError()) {
            $this->browser->picture(dirname(__DIR__, 2)."/storage/logs/failed-{$this->name()}.png");
        }
        Chromium::quitAll();
        parent::tearDown();
    }

    protected function signIn(): Chromium
    {
        return self::signedIn($this->browser);
    }

    protected static function signedIn(Chromium $browser): Chromium
    {
        return $browser->signIn(DemoSeeder::EMAIL, DemoSeeder::PASSWORD)->see('Bench');
    }

    /** Address of a step of a person of the demo. */
    protected function addressOf(string $name, string $step): string
    {
        $id = $this->browser->visit('/')->see($name)->driver->executeScript(
            'return [...document.querySelectorAll("main li a")].find((a) => a.textContent === arguments[0]).pathname.split("/")[2]',
            [$name],
        );

        return '/people/'.(is_string($id) ? $id : '').'/'.$step;
    }

    /** No problem of reach in either theme. */
    protected function isAccessible(string $what): void
    {
        // The dark is the same page in other colours.
        foreach (['light' => [], 'dark' => ['color-contrast', 'link-in-text-block']] as $theme => $rules) {
            $this->browser->driver->executeScript('document.documentElement.dataset.theme = arguments[0]', [$theme]);
            self::assertSame([], $this->browser->accessibilityProblems($rules), "{$what} in {$theme}");
        }
        $this->browser->driver->executeScript('document.documentElement.dataset.theme = "light"');
    }

    protected function noComplaints(): void
    {
        self::assertSame([], $this->browser->complaints());
    }

    /**
     * Tab by tab until the button has the focus, as the keyboard does it.
     *
     * @param non-empty-string $button
     */
    protected function tabTo(string $button): void
    {
        $focused = fn(): string => (string) $this->browser->driver->executeScript('return (document.activeElement.innerText ?? document.activeElement.textContent).trim()');
        for ($tab = 0; $tab < 160 && ! str_starts_with($focused(), $button); $tab++) {
            $this->browser->keys(Key::TAB);
        }
        self::assertStringStartsWith($button, $focused());
    }

    /** Tab by tab until the field with this label has the focus. */
    protected function tabToField(string $label): void
    {
        $focused = fn(): mixed => $this->browser->driver->executeScript('return document.activeElement.ariaLabel ?? document.activeElement.labels?.[0]?.innerText ?? ""');
        for ($tab = 0; $tab < 160 && $focused() !== $label; $tab++) {
            $this->browser->keys(Key::TAB);
        }
        self::assertSame($label, $focused());
    }

    /** From here on it is this moment, for the server and for the browser; time stands still until it is moved again. */
    protected function itIs(\DateTimeImmutable $moment): void
    {
        file_put_contents(self::clock(), $moment->format(\DateTimeInterface::ATOM));
        $this->browser->now($moment);
    }

    /** Cue by cue until the check of a set is there. */
    protected function skipToTheCheck(): void
    {
        for ($cue = 0; $cue < 40 && ! $this->browser->has(self::CLEAN); $cue++) {
            $this->browser->press('Skip');
        }
        $this->browser->find(self::CLEAN);
    }

    /** The sign-in is over on the server, as after a night; what was still being answered is waited for. */
    protected function signInRunsOut(): void
    {
        // An answer on its way would write the session anew.
        $this->browser->find('//header[@aria-busy="false"]');
        $this->browser->waitUntil(function (): bool {
            self::database()->exec('DELETE FROM `'.self::environment()['DB_DATABASE'].'`.sessions');

            return $this->browser->driver->executeAsyncScript('const done = arguments[arguments.length - 1]; fetch("/api/me", { headers: { Accept: "application/json" } }).then((answer) => done(answer.status))') === 401;
        }, 'nobody is signed in');
    }

    /** How many answers about people lie on this device. */
    protected function keptAnswers(?Chromium $on = null): int
    {
        $count = ($on ?? $this->browser)->driver->executeAsyncScript('const done = arguments[0]; const request = indexedDB.open("even-rungs"); request.onsuccess = () => { const db = request.result; db.transaction("answers").objectStore("answers").count().onsuccess = ({ target }) => { db.close(); done(target.result); }; };');

        return is_int($count) ? $count : -1;
    }

    /** How many rows a table of the demo has. */
    protected static function rows(string $table, string $where = '1'): int
    {
        $rows = self::database()->query('SELECT count(*) FROM '.self::named($table)." WHERE {$where}");

        return is_numeric($count = $rows === false ? null : $rows->fetchColumn()) ? (int) $count : 0;
    }

    /** A table of the demo, by its full name. */
    protected static function named(string $table): string
    {
        return '`'.self::environment()['DB_DATABASE']."`.{$table}";
    }

    private static function database(): \PDO
    {
        $settings = parse_ini_file(dirname(__DIR__, 2).'/.env', false, INI_SCANNER_RAW) ?: [];

        return new \PDO('mysql:unix_socket='.($settings['DB_SOCKET'] ?? ''), (string) ($settings['DB_USERNAME'] ?? ''), (string) ($settings['DB_PASSWORD'] ?? ''));
    }

    private static function clock(): string
    {
        return sys_get_temp_dir().'/even-rungs-now-'.getmypid();
    }

    private static function serve(): void
    {
        if (self::$server === null) {
            self::startServing();
        }
    }

    /** The server is killed, as where there is no network. */
    protected static function stopServing(): void
    {
        self::$server?->stop();
        self::$server = null;
    }

    /**
     * A server at the same address as before, where there was one.
     *
     * @param array<string, string> $with more of its environment
     */
    protected static function startServing(array $with = []): void
    {
        self::$port = self::$port === 0 ? Daemon::freePort() : self::$port;
        $port = self::$port;
        self::$base = "http://127.0.0.1:{$port}";
        self::$server = Daemon::start(
            [PHP_BINARY, '-d', 'opcache.enable=1', '-d', 'memory_limit=256M', '-S', "127.0.0.1:{$port}", '-t', 'public', 'bin/router.php'],
            [...self::environment(), 'PHP_CLI_SERVER_WORKERS' => '3', 'APP_URL' => self::$base, ...$with],
        );
        // It answers before its database is there, and says so.
        $answers = stream_context_create(['http' => ['ignore_errors' => true]]);
        self::$server->waitFor(static fn(): ?bool => @file_get_contents(self::$base.'/up', false, $answers) === false ? null : true, 15, 'The server');
    }

    /** The demo as it was loaded: made once, then put back row by row. */
    private static function demo(): void
    {
        $demo = self::$demo;
        if ($demo !== null) {
            self::nothingIsAnswered();
            $demo->putBack();

            return;
        }
        $server = self::database();
        $server->exec('CREATE DATABASE IF NOT EXISTS `'.self::environment()['DB_DATABASE'].'`');
        self::artisan('migrate:fresh', '--force', '--quiet');
        self::artisan('demo:load');
        self::$demo = Snapshot::of($server, self::environment()['DB_DATABASE']);
    }

    /** What the story before still sent is answered although its browser is gone, and would write among the rows of the next. */
    private static function nothingIsAnswered(): void
    {
        $here = sprintf('/^ *\d+: [0-9A-F]{8}:%04X \S+ (01|08) /m', self::$port); // established, or left by the other side
        for ($end = microtime(true) + 30; preg_match($here, (string) file_get_contents('/proc/net/tcp')) === 1; usleep(20_000)) {
            if (microtime(true) > $end) {
                throw new \RuntimeException('The server still answers what the story before asked.');
            }
        }
    }

    /** A simulated cuff where the page looks for one, until the story ends. */
    protected static function cuff(): void
    {
        self::$helpers[] = $cuff = Daemon::start(['node', 'bin/cuff'], self::environment());
        $cuff->waitFor(static fn(string $printed): ?bool => str_contains($printed, 'speaks at') ? true : null, 10, 'The cuff');
    }

    /** What catches messages, where the server sends them, until the story ends. */
    protected static function post(): void
    {
        self::$helpers[] = $post = Daemon::start(['node', 'bin/post'], self::environment());
        $post->waitFor(static fn(string $printed): ?bool => str_contains($printed, 'Messages of the demo') ? true : null, 10, 'The post');
    }

    /** The first link of the newest message to an address. */
    protected function linkTo(string $address): string
    {
        $link = null;
        $this->browser->waitUntil(static function () use ($address, &$link): bool {
            $messages = json_decode((string) file_get_contents(self::postAddress().'/messages'), true);
            foreach (is_array($messages) ? $messages : [] as $message) {
                if (is_array($message) && ($message['to'] ?? '') === $address && preg_match('~https?://\S+~', is_string($message['text'] ?? null) ? $message['text'] : '', $found) === 1) {
                    $link = $found[0];

                    return true;
                }
            }

            return false;
        }, "a message to {$address}");
        $at = parse_url((string) $link);

        return ($at['path'] ?? '').'?'.($at['query'] ?? '');
    }

    /** Page of the messages that were caught. */
    protected static function postAddress(): string
    {
        return self::environment()['POST_ADDRESS'];
    }

    protected static function artisan(string ...$command): void
    {
        (new Process([PHP_BINARY, 'artisan', ...array_values($command)], dirname(__DIR__, 2), self::environment(), null, 120))->mustRun();
    }

    /** @return array<string, string> */
    private static function environment(): array
    {
        self::$postPorts ??= [Daemon::freePort(), Daemon::freePort()];

        return [
            'APP_ENV' => 'testing', // A database for each process, where several run the stories side by side.
            'DB_DATABASE' => rtrim('even_rungs_test_browser_'.getenv('TEST_TOKEN'), '_'), 'SESSION_DRIVER' => 'database',
            'CACHE_STORE' => 'array', 'BCRYPT_ROUNDS' => '4', 'CLOCK_FILE' => self::clock(), 'SESSION_COOKIE' => 'even_rungs_browser_test', 'CUFF_ADDRESS' => 'ws://127.0.0.1:'.(self::$cuffPort ??= Daemon::freePort()),
            // Sent at once.
            'QUEUE_CONNECTION' => 'sync', 'MAIL_MAILER' => 'smtp', 'MAIL_HOST' => '127.0.0.1', 'MAIL_PORT' => (string) self::$postPorts[0], 'POST_ADDRESS' => 'http://127.0.0.1:'.self::$postPorts[1],
            'MESSAGES_AT_ONCE' => 'true', 'TEXT_URL' => 'http://127.0.0.1:'.self::$postPorts[1].'/texts',
        ];
    }
}
