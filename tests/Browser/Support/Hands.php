<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use Facebook\WebDriver\Exception\WebDriverException;
use Facebook\WebDriver\Remote\JsonWireCompat;
use Facebook\WebDriver\Remote\RemoteExecuteMethod;
use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverKeys as Key;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Hands that press and type whatever there is, in any order, and remember what they did last. The same for the same seed, as far as pages are as quick. */
final class Hands
{
    private const TEXTS = ['20', '3x8/side', 'plank 3x20s', '0', '-1', '99999', 'twenty', ' ', '1.5', '12:30', '2026-12-01', '“x” <b>', '3x8@2-1-2-0', 'e7 p3'];

    private const KEYS = ['u', 'r', 'a', 'n', 't', 'f', 'o', 'c', 'h', 'l', 'm', 's', 'd', 'p', 'e', 'g', '[', ']', '.', '/', '?', '1', '2', ' ', Key::ARROW_DOWN, Key::ARROW_UP, Key::ARROW_LEFT, Key::ARROW_RIGHT, Key::ENTER, Key::ESCAPE, Key::TAB, Key::DELETE, Key::BACKSPACE];

    /** What somebody may press or type into; not what leaves the app, reads a file or signs out. */
    private const ANYTHING = <<<'JS'
        const all = [...document.querySelectorAll('main, aside, [role=dialog]')].flatMap((part) => [...part.querySelectorAll('button, input, select, textarea, a, summary, [role=option]')])
          .filter((one) => one.checkVisibility() && !one.disabled && one.type !== 'file' && !/sign out/i.test(one.textContent)
            && !(one.tagName === 'A' && (one.target || one.download || one.origin !== location.origin || one.pathname.startsWith('/api'))));
        const inFront = all.filter((one) => one.closest('[role=dialog]'));
        const from = inFront.length > 0 ? inFront : all;
        return from[Math.floor(arguments[0] * from.length)] ?? null;
        JS;

    /** What a page says that no person can have meant. */
    private const STATE = <<<'JS'
        const { innerText: text } = document.body;
        const odd = /\b(NaN|undefined|Infinity)\b|\[object [^\n]{0,40}|This view could not be shown/.exec(text)?.[0];
        return [odd && `says ${odd}`, arguments[0] && /was changed somewhere else|Saved meanwhile|Someone else wrote/.exec(text)?.[0], document.scrollingElement.scrollWidth > innerWidth && 'is wider than the window'].filter(Boolean);
        JS;

    /** @var list<string> the last things done, oldest first */
    private array $done = [];

    private int $pressed = 0;

    /** @var array<string, string> what broke, with what was done before it */
    private array $wrong = [];

    private readonly Randomizer $random;

    public function __construct(int $seed)
    {
        $this->random = new Randomizer(new Mt19937($seed));
    }

    /** Something to press once the page at this address is there. */
    public function visit(Chromium $browser, string $address): void
    {
        $browser->visit($address)->find('//main//button | //main//a | //main//input');
        $this->did("→ {$address}");
    }

    /** @param bool $alone whether nobody else is there: then nobody may be told of somebody else */
    public function act(Chromium $browser, bool $alone = true): void
    {
        $this->touch($browser);
        foreach ($this->faults($browser, $alone) as $fault) {
            $this->wrong[$fault] ??= "{$fault}, after ".implode(' · ', $this->done);
        }
    }

    /** @return list<string> */
    public function wrong(): array
    {
        return array_values($this->wrong);
    }

    /** How often there was something to press or to type into. */
    public function pressed(): int
    {
        return $this->pressed;
    }

    public function did(string $what): void
    {
        $this->done = [...array_slice($this->done, -11), (string) preg_replace('/\s+/', ' ', $what)];
    }

    /**
     * @template T
     *
     * @param non-empty-list<T> $of
     *
     * @return T
     */
    public function one(array $of): mixed
    {
        return $of[$this->random->getInt(0, count($of) - 1)];
    }

    private function touch(Chromium $browser): void
    {
        if ($this->random->getInt(1, 100) <= 22) {
            $key = $this->one(self::KEYS);
            $this->did('key '.(strlen($key) === 1 ? $key : dechex(mb_ord($key))));
            $browser->keys($key);

            return;
        }
        $found = $browser->driver->executeScript(self::ANYTHING, [$this->part()]);
        $id = is_array($found) ? ($found[JsonWireCompat::WEB_DRIVER_ELEMENT_IDENTIFIER] ?? null) : null;
        if (! is_string($id)) {
            $this->did('nothing to press');
            // Still on its way: hands come back to it.
            usleep(100_000);

            return;
        }
        try {
            $this->use($browser, new RemoteWebElement(new RemoteExecuteMethod($browser->driver), $id, true));
            $this->pressed++;
        } catch (WebDriverException) {
            $this->did('out of reach');
        }
    }

    private function use(Chromium $browser, RemoteWebElement $element): void
    {
        $tag = $element->getTagName();
        $this->did($tag.' '.mb_substr(trim(($element->getAttribute('aria-label') ?? '').' '.$element->getText()), 0, 40));
        if ($tag === 'select') {
            $browser->driver->executeScript('const [field, part] = arguments; const all = [...field.options].filter((one) => !one.disabled); Object.getOwnPropertyDescriptor(HTMLSelectElement.prototype, "value").set.call(field, all[Math.floor(part * all.length)]?.value); field.dispatchEvent(new Event("change", { bubbles: true }))', [$element, $this->part()]);

            return;
        }
        $element->click();
        if ($this->random->getInt(1, 100) <= 15) {
            $element->click();
        }
        if ($tag === 'textarea' || ($tag === 'input' && ! in_array($element->getAttribute('type'), ['checkbox', 'radio', 'range'], true))) {
            $text = $this->one(self::TEXTS);
            $this->did("“{$text}”");
            $browser->keys(Key::CONTROL.'a', $text);
        }
    }

    /** @return list<string> what a person would call broken */
    private function faults(Chromium $browser, bool $alone): array
    {
        $state = $browser->driver->executeScript(self::STATE, [$alone]);
        // That something typed cannot be taken is an answer; that a server fails is none.
        $refused = array_filter($browser->refusals(), static fn(string $refusal): bool => str_starts_with($refusal, '5'));

        return [
            ...array_filter(is_array($state) ? array_values($state) : [], is_string(...)),
            ...array_values($refused),
            // A cuff is not there.
            ...array_values(array_filter($browser->complaints(), static fn(string $complaint): bool => ! str_contains($complaint, 'WebSocket'))),
        ];
    }

    /** From 0 to below 1. */
    private function part(): float
    {
        return $this->random->getInt(0, 9999) / 10_000;
    }
}
