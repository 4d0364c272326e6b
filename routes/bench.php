<?php

use App\Bench\AcidityController;
use App\Bench\BenchController;
use App\Bench\DesignController;
use App\Bench\PourController;
use App\Bench\RepairsController;
use Illuminate\Support\Facades\Route;

Route::controller(BenchController::class)
    ->prefix('/formulas/{formula}')
    ->whereNumber('formula')
    ->group(function (): void {
        Route::get('/', 'bench')->name('bench');
        Route::post('/', 'change')->name('bench.change');
        Route::get('/notes', 'notes')->name('bench.notes');
        Route::post('/keep', 'keep')->name('formula.keep');
        Route::post('/make', 'make')->name('formula.make');
        Route::get('/versions/{number}', 'version')->whereNumber('number')->name('version');
        Route::post('/versions/{number}/reopen', 'reopen')->whereNumber('number')->name('version.reopen');
    });
Route::controller(DesignController::class)
    ->prefix('/formulas/{formula}')
    ->whereNumber('formula')
    ->group(function (): void {
        Route::get('/suggest', 'suggest')->name('suggest');
        Route::post('/suggest', 'take')->name('suggest.take');
        Route::get('/substitute/{line}', 'substitute')->where('line', '[a-z0-9]{4,12}')->name('substitute');
        Route::post('/substitute/{line}', 'swap')->where('line', '[a-z0-9]{4,12}')->name('substitute.swap');
        Route::get('/compare', 'compare')->name('compare');
        Route::post('/versions/{number}/trial', 'trial')->whereNumber('number')->name('trial');
    });
Route::controller(RepairsController::class)
    ->prefix('/formulas/{formula}/repairs')
    ->whereNumber('formula')
    ->group(function (): void {
        Route::get('/', 'show')->name('repairs');
        Route::post('/', 'take')->name('repairs.take');
    });
Route::controller(PourController::class)->whereNumber('formula')->group(function (): void {
    Route::get('/formulas/{formula}/pour', 'show')->name('pour');
    Route::post('/formulas/{formula}/pour', 'pour')->name('pour.done');
});
Route::get('/formulas/{formula}/acidity', [AcidityController::class, 'show'])->whereNumber('formula')->name('acidity');
