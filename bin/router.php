<?php

declare(strict_types=1);

// Router of PHP's built-in server: built files as they are, all else to index.php.
// The built-in server is for trying and testing; production is nginx with php-fpm.
$path = parse_url($_SERVER['REQUEST_URI'], PHP_URL_PATH);
$public = realpath(dirname(__DIR__).'/public');
$file = is_string($path) ? realpath($public.urldecode($path)) : false;

if ($file !== false && is_file($file) && str_starts_with($file, $public.'/') && ! str_ends_with($file, '.php')) {
    $types = ['js' => 'text/javascript', 'css' => 'text/css', 'woff2' => 'font/woff2', 'svg' => 'image/svg+xml', 'txt' => 'text/plain', 'json' => 'application/json', 'png' => 'image/png', 'webmanifest' => 'application/manifest+json'];
    header('Content-Type: '.($types[pathinfo($file, PATHINFO_EXTENSION)] ?? 'application/octet-stream'));
    header('X-Content-Type-Options: nosniff');
    header(str_starts_with((string) $path, '/build/assets/') ? 'Cache-Control: public, max-age=31536000, immutable' : 'Cache-Control: no-cache');
    readfile($file);
    if ($path === '/sw.js' && is_string($version = getenv('APP_VERSION')) && $version !== '') {
        echo "\n// {$version}"; // another version is another worker
    }

    return true;
}

$_SERVER['SCRIPT_FILENAME'] = $public.'/index.php';
$_SERVER['SCRIPT_NAME'] = '/index.php';
require $public.'/index.php';
