<?php

use App\Today\CalendarController;
use App\Today\SearchController;
use App\Today\TodayController;
use Illuminate\Support\Facades\Route;

Route::get('/', [TodayController::class, 'today'])->name('today');
// a page that was open too long asks for a new token and sends again; other sites can't read the answer
Route::get('/token', static fn (): array => ['token' => csrf_token()])->name('token');
Route::get('/shelf-line', [TodayController::class, 'line'])->name('shelf-line');
Route::get('/search', [SearchController::class, 'search'])->name('search');
Route::get('/ingredients/{key}', [SearchController::class, 'ingredient'])
    ->where('key', '[a-z0-9-]{2,80}')
    ->name('ingredient');
Route::get('/infusions/{jar}/calendar.ics', [CalendarController::class, 'jar'])
    ->whereNumber('jar')
    ->name('infusion.calendar');
Route::get('/calendar.ics', [CalendarController::class, 'file'])->name('calendar.file');
Route::get('/calendar/{token}.ics', [CalendarController::class, 'feed'])
    ->where('token', '[a-f0-9]{32}')
    ->name('calendar.feed');
Route::post('/calendar', [CalendarController::class, 'make'])->name('calendar.make');
if (config('ilvane.bench')) {
    Route::post('/bench/empty', fn () => response('<p>nothing</p>'));
}
