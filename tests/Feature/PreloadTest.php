<?php

declare(strict_types=1);

namespace Tests\Feature;

use Carbon\CarbonPeriod;
use EvenRungs\Session\Timeline;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Artisan;
use Tests\TestCase;

/** What opcache keeps linked from the start of PHP. */
final class PreloadTest extends TestCase
{
    public function test_what_answers_requests_is_preloaded_and_nothing_of_the_workshop(): void
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'preload');
        self::assertSame(0, Artisan::call('preload:list', ['file' => $file]));
        /** @var list<string> $files */
        $files = require $file;
        unlink($file);

        foreach ([Timeline::class, Request::class] as $class) {
            self::assertContains((new \ReflectionClass($class))->getFileName(), $files);
        }
        // What stands on a class that its package declares only as it runs would be told as a warning at every start.
        self::assertNotContains((new \ReflectionClass(CarbonPeriod::class))->getFileName(), $files);
        self::assertSame([], array_values(array_filter($files, static fn(string $one): bool => str_contains($one, '/Console/') || str_contains($one, '/vendor/phpunit/') || ! is_file($one))));
    }
}
