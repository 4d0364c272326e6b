<?php

use App\Shelf\BatchController;
use App\Shelf\ObservationController;
use App\Shelf\ShelfController;
use Illuminate\Support\Facades\Route;

Route::controller(ShelfController::class)->group(function (): void {
    Route::get('/shelf', 'all')->name('shelf');
    Route::post('/batches/{batch}/leaves', 'leaves')->name('shelf.leaves');
    Route::post('/batches/{batch}/move', 'move')->name('shelf.move');
    Route::post('/batches/{batch}/split', 'split')->name('shelf.split');
    Route::post('/batches/{batch}/{letter}/thaw', 'thaw')->where('letter', '[A-Z]')->name('container.thaw');
    Route::post('/batches/{batch}/{letter}/move', 'moveContainer')->where('letter', '[A-Z]')->name('container.move');
    Route::post('/batches/{batch}/hair', 'hair')->name('shelf.hair');
    Route::post('/batches/{batch}/state', 'decide')->name('shelf.decide');
    Route::post('/batches/{batch}/shelf/{entry}/undo', 'undo')->whereNumber('entry')->name('shelf.undo');
    Route::get('/batches/{batch}/price', 'price')->name('price');
    Route::get('/batches/{batch}/trace', 'traceBatch')->name('trace.batch');
    Route::get('/pantry/{lot}/trace', 'traceLot')->name('trace.lot');
    Route::get('/infusions/by-code/{code}', 'jar')->where('code', '[A-Z0-9-]{6,20}')->name('trace.jar');
});
Route::get('/batches/{batch}', [BatchController::class, 'record'])->name('batch');
Route::post('/batches/{batch}/observations', [ObservationController::class, 'saw'])->name('observations.saw');
Route::get('/photos/{photo}', [ObservationController::class, 'photo'])->whereNumber('photo')->name('photo');
Route::post('/batches/{batch}/observations/{observation}/undo', [ObservationController::class, 'undo'])
    ->whereNumber('observation')
    ->name('observations.undo');
