<?php

use App\Make\MakeController;
use App\Make\MakesController;
use App\Make\StepController;
use Illuminate\Support\Facades\Route;

Route::get('/make', [MakesController::class, 'all'])->name('makes');
Route::controller(MakeController::class)->prefix('/make/{batch}')->group(function (): void {
    Route::get('/', 'now')->name('make');
    Route::post('/practise', 'practise')->name('make.practise');
    Route::post('/drop', 'drop')->name('make.drop');
    Route::post('/resume', 'resume')->name('make.resume');
    Route::get('/follow', 'follow')->name('make.follow');
    Route::post('/{step}/reading', 'reading')->name('make.reading');
    Route::get('/{step}/ahead', 'ahead')->name('make.ahead');
    Route::get('/{step}', 'step')->name('make.step');
});
Route::post('/make/{batch}/{step}', [StepController::class, 'record'])->name('make.record');
