<?php

use App\Bench\OwnPreparationController;
use App\Preparations\PreparationController;
use Illuminate\Support\Facades\Route;

Route::post('/preparations/own', OwnPreparationController::class)->name('preparation.own');
Route::controller(PreparationController::class)->prefix('/preparations')->group(function (): void {
    Route::get('/', 'all')->name('preparations');
    Route::post('/', 'plan')->name('preparation.plan');
    Route::get('/{preparation}', 'show')->whereNumber('preparation')->name('preparation');
    Route::post('/{preparation}/made', 'made')->whereNumber('preparation')->name('preparation.made');
    Route::post('/{preparation}/plant', 'plant')->whereNumber('preparation')->name('preparation.plant');
    Route::post('/{preparation}/drop', 'drop')->whereNumber('preparation')->name('preparation.drop');
});
