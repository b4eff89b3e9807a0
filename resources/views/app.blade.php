<!doctype html>
<html lang="en" @if (in_array(request()->cookie('theme'), ['light', 'dark'], true)) data-theme="{{ request()->cookie('theme') }}" @endif>
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="built" content="{{ \App\Http\BuiltVersion::now() }}">
    <meta name="color-scheme" content="light dark">
    <title>Even Rungs</title>
    <meta name="theme-color" content="#1d2a2c">
    <link rel="icon" href="/icon.svg" type="image/svg+xml">
    <link rel="apple-touch-icon" href="/icon-192.png">
    <link rel="manifest" href="/manifest.webmanifest">
    @viteReactRefresh
    @vite(['resources/css/app.css', 'resources/js/main.tsx'])
</head>
<body>
    <div id="app"></div>
    <noscript>Even Rungs needs JavaScript.</noscript>
</body>
</html>
