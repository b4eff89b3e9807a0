<?php

declare(strict_types=1);

use Rector\CodeQuality\Rector\If_\ExplicitNullableObjectInstanceRector;
use Rector\CodeQuality\Rector\ClassMethod\LocallyCalledStaticMethodToNonStaticRector;
use Rector\Config\RectorConfig;
use Rector\Instanceof_\Rector\Ternary\FlipNegatedTernaryInstanceofRector;

return RectorConfig::configure()
    ->withPaths([__DIR__.'/core', __DIR__.'/app'])
    ->withCache(__DIR__.'/storage/framework/testing/rector')
    ->withPhpSets(php82: true)
    // A null check says what it means, and a private function without state is static.
    ->withSkip([ExplicitNullableObjectInstanceRector::class, FlipNegatedTernaryInstanceofRector::class, LocallyCalledStaticMethodToNonStaticRector::class])
    ->withPreparedSets(deadCode: true, codeQuality: true, typeDeclarations: true);
