<?php

declare(strict_types=1);

// Frames a second on the board with all its rungs drawn: at rest, while the working rung is dragged up and down
// its rail, and while the keyboard walks from rail to rail. Printed, never asserted.
use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Tests\Browser\Support\Chromium;

require dirname(__DIR__, 2).'/vendor/autoload.php';

[, $base] = $argv;
$browser = Chromium::at($base);
try {
    $browser->size(1280, 800)->signIn('wren@tarn-row.example', 'even-rungs-demo')->see('Corvin Strake');
    $path = $browser->driver->executeScript('return [...document.querySelectorAll("main li a")].find((a) => a.textContent === "Corvin Strake").pathname.replace(/\/[^/]*$/, "/board")');
    $browser->visit($path)->see('Gate');
    $tools = new ChromeDevToolsDriver($browser->driver);
    $mouse = static fn(string $type, float $x, float $y) => $tools->execute('Input.dispatchMouseEvent', ['type' => $type, 'x' => $x, 'y' => $y, 'button' => 'left', 'buttons' => 1, 'clickCount' => 1]);
    $box = $browser->driver->executeScript('const box = document.querySelector("[data-drag] rect").getBoundingClientRect(); return [box.x + box.width / 2, box.y + box.height / 2]');
    $rungs = $browser->driver->executeScript('return [...document.querySelectorAll("main svg path.stroke-rung-edge:not([stroke-dasharray])")].reduce((sum, path) => sum + path.getAttribute("d").split("M").length - 1, 0)');

    $frames = static function (callable $do) use ($browser): array {
        $browser->driver->executeScript('window.frames_ = []; window.counting_ = true; (function next(now) { window.frames_.push(now); if (window.counting_) requestAnimationFrame(next); })(performance.now())');
        $do();
        $times = $browser->driver->executeScript('window.counting_ = false; return window.frames_');
        $gaps = array_map(static fn(int $i): float => $times[$i] - $times[$i - 1], range(2, count($times) - 1));
        sort($gaps);

        return [1000 * count($gaps) / array_sum($gaps), $gaps[(int) (0.99 * (count($gaps) - 1))]];
    };
    $rest = $frames(static fn() => usleep(1_500_000));
    $drag = $frames(static function () use ($mouse, $box): void {
        $mouse('mousePressed', $box[0], $box[1]);
        for ($step = 0; $step < 150; $step++) {
            $mouse('mouseMoved', $box[0], $box[1] - 160 * sin($step / 12));
        }
        // Let go where it was taken up, so that nothing is moved.
        $mouse('mouseMoved', $box[0], $box[1]);
        $mouse('mouseReleased', $box[0], $box[1]);
    });
    $browser->driver->executeScript('document.querySelector("[role=option][tabindex=\"0\"]").focus()');
    $walk = $frames(static function () use ($browser): void {
        for ($step = 0; $step < 40; $step++) {
            $browser->keys(Facebook\WebDriver\WebDriverKeys::ARROW_RIGHT);
        }
    });
    printf("board, %d rungs drawn: frames a second at rest              %.0f\n", $rungs, $rest[0]);
    printf("board, while a rung is dragged (99 %% within)             %.0f (%.0f ms; aim: above 50)\n", $drag[0], $drag[1]);
    printf("board, while walking the rails (99 %% within)             %.0f (%.0f ms)\n", $walk[0], $walk[1]);
    printf("drag : rest                                              %.2f\n", $drag[0] / $rest[0]);
} finally {
    $browser->quit();
}
