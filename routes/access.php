<?php

use App\Access\AccessController;
use Illuminate\Support\Facades\Route;

Route::controller(AccessController::class)->group(function (): void {
    Route::get('/sign-in', 'show')->name('sign-in');
    Route::post('/sign-in', 'signIn')->name('sign-in.try');
    Route::get('/come-in', 'invited')->name('sign-in.invited');
    Route::post('/come-in', 'comeIn')->name('sign-in.come-in');
    Route::get('/authority', 'authority')->name('authority');
    Route::get('/authority/certificate', 'certificate')->name('authority.certificate');
    Route::get('/on-the-phone', 'phone')->name('phone');
    Route::post('/settings/passphrase', 'setPassphrase')->name('settings.passphrase');
    Route::post('/settings/devices/{device}/end', 'end')->whereNumber('device')->name('device.end');
});
