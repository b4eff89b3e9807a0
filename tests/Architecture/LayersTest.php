<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** A rule about the layers holds only if a class that breaks it is caught: one such class for every rule, made here. */
final class LayersTest extends TestCase
{
    private string $folder = '';

    protected function setUp(): void
    {
        $this->folder = dirname(__DIR__, 2).'/storage/framework/testing/broken';
        @mkdir($this->folder, 0777, true);
    }

    protected function tearDown(): void
    {
        array_map(unlink(...), glob($this->folder.'/*.php') ?: []);
    }

    public function test_a_class_that_breaks_a_rule_is_caught_for_every_rule(): void
    {
        $expected = [];
        foreach ($this->breaches() as $number => [$from, $to]) {
            file_put_contents("{$this->folder}/Breach{$number}.php", "<?php\n\nnamespace {$from};\n\nfinal class Breach{$number}\n{\n    public function reaches(\\{$to} \$out): void {}\n}\n");
            $expected[] = "{$from}\\Breach{$number} should not depend on {$to}";
        }
        $root = dirname(__DIR__, 2);
        $phpstan = new Process([PHP_BINARY, '-d', 'memory_limit=1G', 'vendor/bin/phpstan', 'analyse', '-c', 'tests/Architecture/broken.neon', '--no-progress', '--error-format=raw'], $root);
        $phpstan->setTimeout(240)->run();

        foreach ($expected as $sentence) {
            self::assertStringContainsString($sentence, $phpstan->getOutput(), $phpstan->getErrorOutput());
        }
    }

    /** @return list<array{string, string}> a namespace, and a class that it must not know */
    private function breaches(): array
    {
        $breaches = [['EvenRungs\Body', \Illuminate\Support\Str::class], ['App\Records', \App\Http\Problem::class], ['App\Http\Shared', self::classIn('app/Http/Board', 'App\Http\Board')]];
        foreach (Layers::FLOORS as $floor => $here) {
            foreach ($here as $room) {
                foreach (Layers::hiddenFrom($floor, $room) as $above) {
                    $breaches[] = ["EvenRungs\\{$room}", self::classIn("core/{$above}", "EvenRungs\\{$above}")];
                }
            }
        }
        foreach (Layers::ROOMS as $at => $room) {
            $other = Layers::ROOMS[($at + 1) % count(Layers::ROOMS)];
            $breaches[] = ["App\\Http\\{$room}", self::classIn("app/Http/{$other}", "App\\Http\\{$other}")];
        }
        return $breaches;
    }

    public function test_every_room_there_is_has_its_place_in_the_rules(): void
    {
        $root = dirname(__DIR__, 2);
        $folders = static fn(string $of): array => array_map(basename(...), glob("{$root}/{$of}/*", GLOB_ONLYDIR) ?: []);

        self::assertEqualsCanonicalizing($folders('core'), array_merge(...Layers::FLOORS));
        self::assertEqualsCanonicalizing(array_diff($folders('app/Http'), ['Middleware', 'Shared']), Layers::ROOMS);
    }

    private static function classIn(string $folder, string $namespace): string
    {
        $files = glob(dirname(__DIR__, 2)."/{$folder}/*.php") ?: [];
        self::assertNotSame([], $files);

        return $namespace.'\\'.basename($files[0], '.php');
    }
}
