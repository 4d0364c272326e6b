<?php

// For PHP's own server: files from public/ with long cache headers for built assets, everything else to the application.
$path = urldecode(parse_url($_SERVER['REQUEST_URI'], PHP_URL_PATH) ?: '/');
if (str_contains($path, "\0")) {
    http_response_code(400);

    return true;
}
$root = __DIR__.'/public';
$file = realpath($root.$path);
$types = ['css' => 'text/css', 'js' => 'text/javascript', 'woff2' => 'font/woff2', 'svg' => 'image/svg+xml', 'png' => 'image/png', 'ico' => 'image/x-icon', 'txt' => 'text/plain'];

if ($path !== '/' && $file !== false && is_file($file) && str_starts_with($file, $root.DIRECTORY_SEPARATOR)) {
    $type = $types[strtolower(pathinfo($file, PATHINFO_EXTENSION))] ?? null;
    if ($type !== null) {
        header("Content-Type: $type");
        header('X-Content-Type-Options: nosniff');
        header(str_starts_with($path, '/build/assets/') ? 'Cache-Control: public, max-age=31536000, immutable' : 'Cache-Control: no-cache');
        $packs = in_array($type, ['text/css', 'text/javascript', 'image/svg+xml'], true) && str_contains($_SERVER['HTTP_ACCEPT_ENCODING'] ?? '', 'gzip');
        if ($packs) {
            header('Content-Encoding: gzip');
            header('Vary: Accept-Encoding');
            echo gzencode((string) file_get_contents($file), 6);
        } else {
            header('Content-Length: '.filesize($file));
            readfile($file);
        }

        return true;
    }
}

$_SERVER['SCRIPT_NAME'] = '/index.php';
$_SERVER['SCRIPT_FILENAME'] = $root.'/index.php';
chdir($root);
require $root.'/index.php';
