<?php

declare(strict_types=1);

return (new PhpCsFixer\Config())
    ->setRiskyAllowed(true)
    ->setRules([
        '@PER-CS' => true,
        'declare_strict_types' => true,
        'no_unused_imports' => true,
        'ordered_imports' => true,
        'single_quote' => true,
        'no_superfluous_phpdoc_tags' => ['allow_mixed' => true],
        'not_operator_with_successor_space' => true,
        'concat_space' => ['spacing' => 'none'],
        'new_with_parentheses' => false,
    ])
    ->setFinder(PhpCsFixer\Finder::create()->in([__DIR__.'/app', __DIR__.'/core', __DIR__.'/tests', __DIR__.'/database', __DIR__.'/routes', __DIR__.'/config', __DIR__.'/bootstrap'])->exclude('cache'));
