<?php

declare(strict_types=1);

// For opcache.preload: classes that answer requests are compiled and linked once, when PHP starts, instead of by every
// request. The list is written by `php artisan preload:list FILE`; PRELOADED names it.
$list = getenv('PRELOADED') ?: __DIR__.'/cache/preload.php';
foreach (is_file($list) ? (array) require $list : [] as $file) {
    if (is_string($file) && is_file($file)) {
        opcache_compile_file($file);
    }
}
