<?php

use App\Simulation\SimulationController;
use Illuminate\Support\Facades\Route;

Route::controller(SimulationController::class)
    ->prefix('/formulas/{formula}')
    ->whereNumber('formula')
    ->group(function (): void {
        Route::get('/simulation', 'show')->name('simulation');
        Route::post('/simulation', 'plan')->name('simulation.plan');
        Route::get('/set-out', 'setOut')->name('set-out');
    });
