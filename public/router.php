<?php

declare(strict_types=1);

// For PHP's own server: files that are there are served as they are, everything else is the application.
$path = rawurldecode((string) parse_url((string) $_SERVER['REQUEST_URI'], PHP_URL_PATH));
if ($path !== '/' && ! str_contains($path, '..') && is_file(__DIR__.$path) && ! str_ends_with($path, '.php')) {
    $types = [
        'js' => 'text/javascript; charset=utf-8', 'css' => 'text/css; charset=utf-8', 'wasm' => 'application/wasm',
        'woff2' => 'font/woff2', 'woff' => 'font/woff',
    ];
    $type = $types[pathinfo($path, PATHINFO_EXTENSION)] ?? null;
    if (! str_starts_with($path, '/build/assets/') || $type === null) {
        return false;
    }
    // What is built is named by what is in it: a browser keeps it, and it goes over the line packed.
    header("Content-Type: {$type}");
    header('Cache-Control: public, max-age=31536000, immutable');
    header('X-Content-Type-Options: nosniff');
    if (! str_starts_with($type, 'font/')) {
        ini_set('zlib.output_compression', '1');
    }
    readfile(__DIR__.$path);

    return true;
}
$_SERVER['SCRIPT_NAME'] = '/index.php';
require __DIR__.'/index.php';
