<?php

use App\Recipes\KeepOwnPieces;
use App\Recipes\RecipeController;
use Illuminate\Support\Facades\Route;

Route::controller(RecipeController::class)->middleware(KeepOwnPieces::class)->group(function (): void {
    Route::get('/recipe', 'paste')->name('recipe');
    Route::post('/recipe', 'read')->name('recipe.read');
    Route::post('/recipe/open', 'open')->name('recipe.open');
    Route::get('/recipe/pictures/{picture:uid}', 'shown')->name('recipe.picture');
});
