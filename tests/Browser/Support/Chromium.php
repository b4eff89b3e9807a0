<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Exception\ElementClickInterceptedException;
use Facebook\WebDriver\Exception\ElementNotInteractableException;
use Facebook\WebDriver\Exception\JavascriptErrorException;
use Facebook\WebDriver\Exception\ScriptTimeoutException;
use Facebook\WebDriver\Exception\StaleElementReferenceException;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\DriverCommand;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverElement;
use Facebook\WebDriver\WebDriverKeys;
use Illuminate\Filesystem\Filesystem;
use PHPUnit\Framework\Assert;

/** A real headless browser with an empty profile: what a trainer does with keys and mouse. */
final class Chromium
{
    /**
     * The text of the page once it has these words, or as it is after a second: read where something has changed, not again and
     * again, and laid out for it only where the words are somewhere in the page.
     */
    private const SEEN = <<<'JS'
        const [words, done] = arguments, until = performance.now() + 1000;
        const bare = (text) => text.replace(/\s+/g, "").toLowerCase();
        let changed = true;
        const changes = new MutationObserver(() => { changed = true; });
        changes.observe(document, { subtree: true, childList: true, characterData: true, attributes: true });
        const look = () => {
          const over = performance.now() > until;
          if (changed || over) {
            changed = false;
            const text = over || bare(document.body?.textContent ?? "").includes(bare(words)) ? (document.body?.innerText ?? "") : "";
            if (over || text.replaceAll("\u00a0", " ").includes(words)) { changes.disconnect(); done(text); return; }
          }
          setTimeout(look, 30);
        };
        look();
        JS;

    private static ?Daemon $chromedriver = null;

    private static string $driverUrl = '';

    /** @var array<string, string> profile of a browser in which the app was opened once, by its address */
    private static array $opened = [];

    /** @var array<string, self> what runs now, by profile */
    private static array $running = [];

    /** @var list<string> read from the console and not asked for yet */
    private array $complaints = [];

    /** @var list<string> */
    private array $refusals = [];

    private function __construct(public readonly RemoteWebDriver $driver, private readonly string $base, private readonly string $profile) {}

    /** One in which the app was opened before, and nobody has signed in: its code and its worker are there, as on any day but the first. */
    public static function knowing(string $base): self
    {
        self::$opened[$base] ??= self::openedOnce($base);
        $profile = self::newProfile();
        (new Filesystem)->copyDirectory(self::$opened[$base], $profile);

        return self::at($base, profile: $profile);
    }

    private static function openedOnce(string $base): string
    {
        $first = self::at($base)->visit('/sign-in')->see('Sign in');
        $first->driver->executeAsyncScript('navigator.serviceWorker.ready.then(arguments[0])');
        // Served by the worker, so that its code is kept as it is run.
        $first->driver->navigate()->refresh();
        $first->see('Sign in')->driver->quit();
        unset(self::$running[$first->profile]); // its profile stays
        register_shutdown_function(static fn(): bool => (new Filesystem)->deleteDirectory($first->profile));

        return $first->profile;
    }

    private static function newProfile(): string
    {
        return sys_get_temp_dir().'/even-rungs-browser-'.bin2hex(random_bytes(6));
    }

    /** @param string|null $profile of a browser that ended; one that was never used where null */
    public static function at(string $base, int $width = 1280, int $height = 800, ?string $profile = null): self
    {
        if (self::$chromedriver === null) {
            // The clock of a tablet at the practice; one far from it may have another day: BROWSER_ZONE=Pacific/Honolulu.
            self::$chromedriver = Daemon::start(['/usr/bin/chromedriver', '--port=0'], ['TZ' => getenv('BROWSER_ZONE') ?: 'Europe/Vienna']);
            $port = self::$chromedriver->waitFor(static fn(string $out): ?string => preg_match('/started successfully on port (\d+)/', $out, $found) === 1 ? $found[1] : null, 15, 'chromedriver');
            self::$driverUrl = "http://127.0.0.1:{$port}";
        }
        $profile ??= self::newProfile();
        is_dir($profile) || mkdir($profile);
        $options = (new ChromeOptions)->setBinary(self::binary())->addArguments([
            '--headless', '--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking',
            '--disable-component-update', '--disable-sync', "--user-data-dir={$profile}",
        ]);
        $options->setExperimentalOption('prefs', ['credentials_enable_service' => false]);
        $capabilities = DesiredCapabilities::chrome();
        $capabilities->setCapability(ChromeOptions::CAPABILITY, $options);
        $capabilities->setCapability('goog:loggingPrefs', ['browser' => 'ALL']);
        self::$running[$profile] = $browser = new self(RemoteWebDriver::create(self::$driverUrl, $capabilities, 20_000, 60_000), $base, $profile);
        $browser->size($width, $height)->slowed((int) getenv('BROWSER_SLOWED'));

        return $browser;
    }

    /** A processor so many times slower, as of a phone or an old tablet: what only works on a quick one is found so. */
    public function slowed(int $times): self
    {
        if ($times > 1) {
            (new ChromeDevToolsDriver($this->driver))->execute('Emulation.setCPUThrottlingRate', ['rate' => $times]);
        }

        return $this;
    }

    /** The one without windows where there is one: it begins in a fifth of the time, and two of them fit where one did. */
    private static function binary(): string
    {
        return is_executable('/usr/bin/chromium-headless-shell') ? __DIR__.'/headless-chromium' : '/usr/bin/chromium';
    }

    /** The page's own size, not the window's. */
    public function size(int $width, int $height): self
    {
        (new ChromeDevToolsDriver($this->driver))->execute('Emulation.setDeviceMetricsOverride', ['width' => $width, 'height' => $height, 'deviceScaleFactor' => 1, 'mobile' => false]);

        return $this;
    }

    /** The clock of every page opened from here on: it begins at this moment and goes on from there. */
    public function now(\DateTimeImmutable $moment): self
    {
        $source = sprintf('(() => { const Real = Date, ahead = %d - Real.now(); window.Date = class extends Real { constructor(...given) { given.length === 0 ? super(Real.now() + ahead) : super(...given); } static now() { return Real.now() + ahead; } }; })()', 1000 * $moment->getTimestamp());
        (new ChromeDevToolsDriver($this->driver))->execute('Page.addScriptToEvaluateOnNewDocument', ['source' => $source]);

        return $this;
    }

    /**
     * The file the browser saves when something is done.
     *
     * @param callable(): mixed $do
     */
    public function saved(callable $do): string
    {
        (new ChromeDevToolsDriver($this->driver))->execute('Browser.setDownloadBehavior', ['behavior' => 'allow', 'downloadPath' => $this->profile]);
        $saved = fn(): array => array_filter(glob("{$this->profile}/*.json") ?: [], static fn(string $file): bool => filesize($file) > 0);
        $before = $saved();
        $do();
        $this->waitUntil(fn(): bool => array_diff($saved(), $before) !== [], 'a file');

        return array_values(array_diff($saved(), $before))[0];
    }

    /** Every answer comes so many milliseconds later, as over a poor network. */
    public function lagging(int $milliseconds): self
    {
        return $this->network(false, $milliseconds);
    }

    /** Without a network, or with one again. */
    public function offline(bool $offline): self
    {
        return $this->network($offline);
    }

    private function network(bool $offline, int $latency = 0): self
    {
        $tools = new ChromeDevToolsDriver($this->driver);
        $tools->execute('Network.enable');
        $tools->execute('Network.emulateNetworkConditions', ['offline' => $offline, 'latency' => $latency, 'downloadThroughput' => -1, 'uploadThroughput' => -1]);

        return $this;
    }

    /** Away from the page and signed out, as overnight: what the page was still asking must not meet the next day's sign-in. */
    public function leave(): self
    {
        $tools = new ChromeDevToolsDriver($this->driver);
        // Before it is left, too: what a page still sends as it goes is sent by nobody.
        $tools->execute('Network.clearBrowserCookies');
        $this->driver->get('about:blank');
        $tools->execute('Network.clearBrowserCookies');

        return $this;
    }

    public function visit(string $path): self
    {
        $this->driver->get($this->base.$path);

        return $this;
    }

    public function signIn(string $email, string $password): self
    {
        $this->visit('/sign-in')->see('Sign in');
        $this->label('E-mail')->sendKeys($email);
        $this->label('Password')->sendKeys($password.WebDriverKeys::ENTER);

        return $this->waitUntil(fn(): bool => ! str_contains($this->driver->getCurrentURL(), 'sign-in'), 'signed in');
    }

    /** Waits until the page shows the text. */
    public function see(string $text): self
    {
        $seen = '';
        $this->waitUntil(function () use ($text, &$seen): bool {
            try {
                $seen = self::plain($this->driver->executeAsyncScript(self::SEEN, [$text]));
            } catch (JavascriptErrorException|ScriptTimeoutException) {
                // The page went while it was being read.
                return false;
            }

            return str_contains($seen, $text);
        }, "“{$text}” on the page");
        // Of what was read then: what is shown a moment later may be the next view.
        Assert::assertStringContainsString($text, $seen);

        return $this;
    }

    public function doesNotSee(string $text): self
    {
        return $this->waitUntil(fn(): bool => ! str_contains($this->text(), $text), "no “{$text}” on the page");
    }

    public function text(): string
    {
        return self::plain($this->driver->executeScript('return document.body.innerText'));
    }

    private static function plain(mixed $text): string
    {
        return is_string($text) ? str_replace("\u{a0}", ' ', $text) : '';
    }

    /** The field with this label. */
    public function label(string $label): WebDriverElement
    {
        return $this->find("//*[@id=//label[normalize-space()='{$label}']/@for] | //*[@aria-label='{$label}'] | //label[starts-with(normalize-space(), '{$label}')]//input");
    }

    public function press(string $button): self
    {
        return $this->click("//button[starts-with(normalize-space(), '{$button}') or @aria-label='{$button}'] | //a[starts-with(normalize-space(), '{$button}')] | //label[starts-with(normalize-space(), '{$button}')]");
    }

    public function click(string $xpath): self
    {
        $tries = 0;
        while (true) {
            try {
                $this->find($xpath)->click();

                return $this;
            } catch (StaleElementReferenceException|ElementNotInteractableException|ElementClickInterceptedException $moved) {
                if (++$tries > 20) {
                    throw $moved;
                }
                // Not laid out yet, or under a bar that stays at the edge: a moment later, and further into the page, as a hand would scroll.
                $this->driver->executeScript('arguments[0].isConnected && arguments[0].scrollIntoView({ block: "center" })', [$this->find($xpath)]);
                usleep(100_000);
            }
        }
    }

    /** Keys to whatever has the focus. A key that acts on a view waits, as an eye does, until the view is drawn. */
    public function keys(string ...$keys): self
    {
        foreach ($keys as $key) {
            if (mb_strlen($key) === 1 && ctype_graph($key)) {
                $this->driver->executeAsyncScript('const done = arguments[0]; document.activeElement.matches("input, textarea, select") ? done() : requestAnimationFrame(() => requestAnimationFrame(() => setTimeout(done)))');
            }
            $this->type($key);
        }

        return $this;
    }

    /** Key by key down and up, as a keyboard sends them; a modifier stays down until the end of the text, or until NULL. */
    private function type(string $text): void
    {
        $held = '';
        $events = [];
        foreach (mb_str_split($text.WebDriverKeys::NULL) as $key) {
            if ($key === WebDriverKeys::NULL) {
                $events = [...$events, ...array_map(static fn(string $up): array => ['type' => 'keyUp', 'value' => $up], mb_str_split($held))];
                $held = '';

                continue;
            }
            $events[] = ['type' => 'keyDown', 'value' => $key];
            if (in_array($key, [WebDriverKeys::SHIFT, WebDriverKeys::CONTROL, WebDriverKeys::ALT, WebDriverKeys::META], true)) {
                $held .= $key;
            } else {
                $events[] = ['type' => 'keyUp', 'value' => $key];
            }
        }
        $this->driver->execute(DriverCommand::ACTIONS, ['actions' => [['type' => 'key', 'id' => 'keyboard', 'actions' => $events]]]);
    }

    /**
     * Sends something as the person who is signed in here, past the views.
     *
     * @param array<string, mixed> $body
     *
     * @return int status of the answer
     */
    public function post(string $address, array $body): int
    {
        $status = $this->driver->executeAsyncScript(
            'const [address, body, done] = arguments; fetch(address, { method: "POST", body: JSON.stringify(body), headers: { "Content-Type": "application/json", Accept: "application/json", "X-XSRF-TOKEN": decodeURIComponent(document.cookie.match(/XSRF-TOKEN=([^;]+)/)[1]) } }).then((answer) => done(answer.status))',
            [$address, $body],
        );

        return is_int($status) ? $status : 0;
    }

    public function find(string $xpath): WebDriverElement
    {
        $found = [];
        $this->waitUntil(function () use ($xpath, &$found): bool {
            $found = $this->driver->findElements(WebDriverBy::xpath($xpath));

            return $found !== [];
        }, $xpath);

        return $found[0];
    }

    /** Whether it is on the page at this moment; what is on its way is waited for with `find` or `isGone`. */
    public function has(string $xpath): bool
    {
        return $this->driver->findElements(WebDriverBy::xpath($xpath)) !== [];
    }

    /** Waits until nothing on the page answers to it. */
    public function isGone(string $xpath): self
    {
        return $this->waitUntil(fn(): bool => ! $this->has($xpath), "no {$xpath}");
    }

    /** @param callable(): bool $true */
    public function waitUntil(callable $true, string $what, float $seconds = 45): self
    {
        $end = microtime(true) + $seconds;
        do {
            if ($true()) {
                return $this;
            }
            usleep(50_000);
        } while (microtime(true) < $end);
        throw new \RuntimeException("Not within {$seconds} s: {$what}. The page says: ".mb_substr($this->text(), 0, 1500));
    }

    /**
     * What the browser's console complained about since it was last asked; what a server refused is no complaint.
     *
     * @return list<string>
     */
    public function complaints(): array
    {
        $this->readConsole();
        [$complaints, $this->complaints] = [$this->complaints, []];

        return $complaints;
    }

    /**
     * What the server refused since it was last asked, as a status and where; identifiers are left out.
     *
     * @return list<string>
     */
    public function refusals(): array
    {
        $this->readConsole();
        [$refusals, $this->refusals] = [$this->refusals, []];

        return $refusals;
    }

    private function readConsole(): void
    {
        foreach ((array) $this->driver->manage()->getLog('browser') as $line) {
            if (! is_array($line) || ($line['level'] ?? '') !== 'SEVERE' || ! is_string($line['message'] ?? null)) {
                continue;
            }
            if (preg_match('~^https?://[^/]+(\S*) .*Failed to load resource.* status of (\d+)~', $line['message'], $found) === 1) {
                $this->refusals[] = "{$found[2]} ".preg_replace('~/[0-9a-z]{26}\b~', '/…', $found[1]);
            } elseif (! str_contains($line['message'], 'Failed to load resource')) {
                $this->complaints[] = $line['message'];
            }
        }
    }

    /**
     * Accessibility problems by the rules of axe.
     *
     * @param list<string> $rules only these; all that hold by default where empty
     *
     * @return list<string>
     */
    public function accessibilityProblems(array $rules = []): array
    {
        if ($this->driver->executeScript('return "axe" in window') !== true) {
            $this->driver->executeScript((string) file_get_contents(dirname(__DIR__, 3).'/node_modules/axe-core/axe.min.js'));
        }
        $problems = $this->driver->executeAsyncScript('const [rules, done] = arguments; axe.run({ resultTypes: ["violations"], ...(rules.length > 0 && { runOnly: rules }) }).then((r) => done(r.violations.map((v) => v.id + ": " + v.nodes.slice(0, 3).map((n) => n.target.join(" ") + " " + (n.any[0]?.message ?? "")).join("; "))));', [$rules]);

        return is_array($problems) ? array_values(array_filter($problems, is_string(...))) : [];
    }

    public function picture(string $file): void
    {
        $this->driver->takeScreenshot($file);
    }

    /** A picture of the page once nothing on it changes any more; of one that goes on changing, as a clock does, after some seconds. */
    public function stillPicture(string $file): void
    {
        $before = '';
        for ($look = 0; $look < 8; $look++) {
            usleep(500_000);
            $now = $this->driver->takeScreenshot($file);
            if ($now === $before) {
                return;
            }
            $before = $now;
        }
    }

    /** Killed in the middle of things, and opened again with what it had kept: cookies are written now and then, and count as lost. */
    public function killed(): self
    {
        exec('pkill -KILL -f '.escapeshellarg("user-data-dir={$this->profile}"));
        foreach (['SingletonLock', 'SingletonSocket', 'SingletonCookie', 'Default/Cookies', 'Default/Network/Cookies'] as $left) {
            @unlink("{$this->profile}/{$left}");
        }

        return self::at($this->base, profile: $this->profile);
    }

    public function quit(): void
    {
        unset(self::$running[$this->profile]);
        try {
            $this->driver->quit();
        } finally {
            (new Filesystem)->deleteDirectory($this->profile);
        }
    }

    /** Also those a story opened beside its own and did not come to the end with. */
    public static function quitAll(): void
    {
        foreach (self::$running as $browser) {
            $browser->quit();
        }
    }
}
