<?php

use App\Http\Controllers\BatchController;
use App\Http\Controllers\CatalogueController;
use App\Http\Controllers\FormulaController;
use App\Http\Controllers\IntakeController;
use App\Http\Controllers\MakeController;
use App\Http\Controllers\SettingsController;
use App\Http\Controllers\ShelfController;
use Illuminate\Support\Facades\Route;

Route::get('/', [ShelfController::class, 'shelf'])->name('shelf');
Route::get('/formulas', [ShelfController::class, 'formulas'])->name('formulas');
Route::get('/catalogue/search', [CatalogueController::class, 'search'])->name('catalogue.search');

Route::get('/settings', [SettingsController::class, 'show'])->name('settings');
Route::post('/settings', [SettingsController::class, 'keep'])->name('settings.keep');
Route::controller(IntakeController::class)->group(function (): void {
    Route::get('/intake', 'paste')->name('intake');
    Route::post('/intake', 'read')->name('intake.read');
    Route::post('/intake/open', 'open')->name('intake.open');
});

Route::post('/formulas', [FormulaController::class, 'begin'])->name('formula.begin');
Route::controller(FormulaController::class)->prefix('/formulas/{formula}')->whereNumber('formula')->group(function (): void {
    Route::get('/', 'bench')->name('bench');
    Route::post('/', 'change')->name('bench.change');
    Route::post('/keep', 'keep')->name('formula.keep');
    Route::post('/make', 'make')->name('formula.make');
    Route::get('/versions/{number}', 'version')->whereNumber('number')->name('version');
    Route::post('/versions/{number}/reopen', 'reopen')->whereNumber('number')->name('version.reopen');
});

Route::controller(MakeController::class)->prefix('/make/{batch}')->group(function (): void {
    Route::get('/', 'now')->name('make');
    Route::get('/{step}', 'step')->name('make.step');
    Route::post('/{step}', 'record')->name('make.record');
});

if (config('ilvane.bench')) {
    Route::post('/bench/empty', fn () => response('<p>nothing</p>'));
}

Route::get('/batches/{batch}', [BatchController::class, 'record'])->name('batch');
Route::get('/batches/{batch}/label', [BatchController::class, 'label'])->name('label');
