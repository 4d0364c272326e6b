<?php

use App\Learn\HandbookController;
use App\Learn\LearnController;
use App\Learn\PracticeController;
use Illuminate\Support\Facades\Route;

Route::get('/learn', [LearnController::class, 'all'])->name('learn');
Route::controller(PracticeController::class)->prefix('/practice')->group(function (): void {
    Route::get('/', 'all')->name('practice');
    Route::get('/next/{sort}', 'next')->whereIn('sort', ['repair', 'rescue', 'judge'])->name('practice.next');
    Route::get('/rule/{rule}', 'ofRule')->where('rule', '[a-z0-9_.]{1,60}')->name('practice.rule');
    Route::get('/{code}', 'show')->where('code', '\d{1,3}-\d{1,6}')->name('practice.case');
    Route::post('/{code}', 'answer')->where('code', '\d{1,3}-\d{1,6}')->name('practice.answer');
});
Route::get('/handbook', [HandbookController::class, 'search'])->name('handbook');
Route::get('/handbook/{slug}', [HandbookController::class, 'topic'])->name('handbook.topic');
