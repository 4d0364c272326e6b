<?php

use App\Pantry\CatalogueController;
use App\Pantry\LeftOverController;
use App\Pantry\OwnIngredientController;
use App\Pantry\PantryController;
use App\Pantry\ShoppingController;
use App\Pantry\SkinDiaryController;
use App\Pantry\ThinningController;
use Illuminate\Support\Facades\Route;

Route::get('/catalogue/search', [CatalogueController::class, 'search'])->name('catalogue.search');
Route::get('/pantry', [PantryController::class, 'all'])->name('pantry');
Route::post('/pantry', [PantryController::class, 'put'])->name('pantry.put');
Route::controller(PantryController::class)->prefix('/pantry/{lot}')->group(function (): void {
    Route::get('/', 'show')->name('lot');
    Route::get('/label', 'label')->name('lot.label');
    Route::post('/use', 'use')->name('lot.use');
    Route::post('/move', 'move')->name('lot.move');
    Route::post('/count', 'count')->name('lot.count');
    Route::post('/open', 'open')->name('lot.open');
    Route::post('/discard', 'discard')->name('lot.discard');
    Route::post('/undo/{entry}', 'undo')->whereNumber('entry')->name('lot.undo');
    Route::post('/remove', 'remove')->name('lot.remove');
    Route::post('/bench', 'bench')->name('lot.bench');
});
Route::post('/pantry/{lot}/left-over', LeftOverController::class)->name('lot.left-over');
Route::post('/pantry/{lot}/skin', SkinDiaryController::class)->name('lot.skin');
Route::post('/pantry/{lot}/thin', ThinningController::class)->name('lot.thin');
Route::controller(ShoppingController::class)->prefix('/shopping')->group(function (): void {
    Route::get('/', 'show')->name('shopping');
    Route::post('/', 'add')->name('shopping.add');
    Route::post('/{plan}/drop', 'drop')->whereNumber('plan')->name('shopping.drop');
});
Route::controller(OwnIngredientController::class)->prefix('/own-ingredients')->group(function (): void {
    Route::get('/', 'all')->name('own-ingredients');
    Route::post('/', 'keep')->name('own-ingredients.keep');
    Route::post('/{key}/drop', 'drop')->where('key', '[a-z0-9-]{2,80}')->name('own-ingredients.drop');
});
