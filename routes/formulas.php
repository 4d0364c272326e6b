<?php

use App\Formulas\FormulasController;
use Illuminate\Support\Facades\Route;

Route::controller(FormulasController::class)->group(function (): void {
    Route::get('/formulas', 'all')->name('formulas');
    Route::post('/formulas', 'begin')->name('formula.begin');
    Route::get('/ready-made', 'readyMade')->name('ready-made');
    Route::post('/ready-made/{key}', 'takeReadyMade')->where('key', '[a-z-]{3,40}')->name('ready-made.take');
});
