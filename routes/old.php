<?php

// Addresses of before 29 November 2026: bookmarks and printed codes still find their page.
use Illuminate\Support\Facades\Route;

$moved = [
    '/jars' => '/infusions',
    '/jars/{rest}' => '/infusions/{rest}',
    '/intake' => '/recipe',
    '/frames' => '/ready-made',
    '/safe' => '/backups',
    '/door' => '/sign-in',
    '/formulas/{formula}/rehearsal' => '/formulas/{formula}/simulation',
    '/formulas/{formula}/propose' => '/formulas/{formula}/suggest',
    '/formulas/{formula}/instead/{line}' => '/formulas/{formula}/substitute/{line}',
];
foreach ($moved as $old => $new) {
    Route::permanentRedirect($old, $new)->where('rest', '.*');
}
