<?php

use App\Papers\LabelController;
use App\Papers\PapersController;
use Illuminate\Support\Facades\Route;

Route::get('/formulas/{formula}/formula.{format}', [PapersController::class, 'file'])
    ->whereNumber('formula')
    ->whereIn('format', ['xlsx', 'ods', 'csv', 'json', 'svg', 'pdf'])
    ->name('formula.file');
Route::get('/formulas/{formula}/how-to', [PapersController::class, 'howTo'])->whereNumber('formula')->name('how-to');
Route::controller(LabelController::class)->group(function (): void {
    Route::get('/batches/{batch}/label', 'label')->name('label');
    Route::post('/batches/{batch}/label/name', 'name')->name('label.name');
    Route::get('/batches/{batch}/label.pdf', 'pdf')->name('label.pdf');
    Route::get('/batches/{batch}/record.{format}', 'record')->whereIn('format', ['pdf'])->name('batch.file');
    Route::get('/batches/{batch}/papers.zip', 'seller')->name('batch.seller');
    Route::get('/labels', 'all')->name('labels');
    Route::post('/labels/maker', 'maker')->name('labels.maker');
});
