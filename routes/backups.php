<?php

use App\Backups\BackupController;
use Illuminate\Support\Facades\Route;

Route::controller(BackupController::class)->prefix('/backups')->group(function (): void {
    Route::get('/', 'show')->name('backups');
    Route::post('/copy', 'copy')->name('backups.copy');
    Route::get('/copies/{name}', 'take')->where('name', '[a-z0-9-]+\.sqlite')->name('backups.take');
    Route::post('/copies/{name}', 'putBack')->where('name', '[a-z0-9-]+\.sqlite')->name('backups.put-back');
    Route::post('/restore', 'restore')->name('backups.restore');
    Route::get('/workroom.zip', 'export')->name('backups.export');
    Route::post('/look', 'look')->name('backups.look');
    Route::post('/import/{name}', 'import')->where('name', '[a-z0-9]{16}')->name('backups.import');
});
