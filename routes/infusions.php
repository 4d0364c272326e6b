<?php

use App\Infusions\JarController;
use App\Infusions\JarPlanController;
use App\Infusions\SecondDrawController;
use Illuminate\Support\Facades\Route;

Route::post('/pantry/{lot}/again', SecondDrawController::class)->name('lot.again');
Route::get('/infusions', [JarController::class, 'all'])->name('infusions');
Route::post('/infusions', [JarPlanController::class, 'begin'])->name('infusion.begin');
Route::controller(JarPlanController::class)->prefix('/infusions/{jar}')->whereNumber('jar')->group(function (): void {
    Route::post('/', 'change')->name('infusion.change');
    Route::post('/start', 'start')->name('infusion.start');
    Route::post('/drop', 'drop')->name('infusion.drop');
    Route::post('/again', 'again')->name('infusion.again');
});
Route::controller(JarController::class)->prefix('/infusions/{jar}')->whereNumber('jar')->group(function (): void {
    Route::get('/', 'show')->name('infusion');
    Route::post('/shake', 'shake')->name('infusion.shake');
    Route::post('/look', 'look')->name('infusion.look');
    Route::post('/pot', 'pot')->name('infusion.pot');
    Route::post('/move', 'move')->name('infusion.move');
    Route::get('/foresee', 'foresee')->name('infusion.foresee');
    Route::post('/strain', 'strain')->name('infusion.strain');
    Route::post('/discard', 'discard')->name('infusion.discard');
    Route::post('/undo/{entry}', 'undo')->whereNumber('entry')->name('infusion.undo');
    Route::get('/label', 'label')->name('infusion.label');
});
