<?php

declare(strict_types=1);

namespace Tests\Architecture;

use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** The rule that core imports nothing outward holds only if a deliberately broken class is caught by it. */
final class LayersTest extends TestCase
{
    public function test_a_core_class_that_uses_the_framework_is_caught(): void
    {
        $root = dirname(__DIR__, 2);
        $phpstan = new Process([PHP_BINARY, '-d', 'memory_limit=1G', 'vendor/bin/phpstan', 'analyse', '-c', 'tests/Architecture/broken.neon', '--no-progress', '--error-format=raw'], $root);
        $phpstan->setTimeout(120)->run();

        self::assertSame(1, $phpstan->getExitCode(), $phpstan->getOutput().$phpstan->getErrorOutput());
        self::assertStringContainsString('ReachesOutward should not depend on Illuminate\Support\Str', $phpstan->getOutput());
    }
}
