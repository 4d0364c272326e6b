<?php

use App\Projects\ProjectController;
use Illuminate\Support\Facades\Route;

Route::controller(ProjectController::class)
    ->prefix('/formulas/{formula}/project')
    ->whereNumber('formula')
    ->where(['part' => '[a-z0-9][a-z0-9-]{0,39}'])
    ->group(function (): void {
        Route::get('/', 'show')->name('project');
        Route::post('/', 'plan')->name('project.plan');
        Route::post('/drop', 'drop')->name('project.drop');
        Route::post('/make', 'make')->name('project.make');
        Route::post('/{part}/begin', 'begin')->name('project.begin');
        Route::post('/{part}/made', 'made')->name('project.made');
        Route::post('/{part}/take', 'take')->name('project.take');
        Route::post('/{part}/back', 'takeBack')->name('project.back');
    });
