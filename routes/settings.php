<?php

use App\Settings\SettingsController;
use Illuminate\Support\Facades\Route;

Route::get('/settings', [SettingsController::class, 'show'])->name('settings');
Route::post('/settings', [SettingsController::class, 'keep'])->name('settings.keep');
Route::post('/settings/language', [SettingsController::class, 'keepLanguage'])->name('settings.language');
Route::post('/settings/money', [SettingsController::class, 'keepMoney'])->name('settings.money');
Route::post('/settings/instruments', [SettingsController::class, 'keepInstruments'])->name('settings.instruments');
Route::post('/settings/learned', [SettingsController::class, 'learned'])->name('settings.learned');
Route::post('/settings/kitchen', [SettingsController::class, 'keepKitchen'])->name('settings.kitchen');
Route::post('/settings/hair', [SettingsController::class, 'keepHair'])->name('settings.hair');
