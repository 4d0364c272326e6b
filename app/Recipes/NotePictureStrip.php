<?php

declare(strict_types=1);

namespace App\Recipes;

use App\Models\Formula;
use App\Models\Jar;
use Illuminate\View\View;

/** The pictures kept with a formula or a jar ("of"), for the partial that shows them. */
final class NotePictureStrip
{
    public function compose(View $view): void
    {
        $of = $view->getData()['of'] ?? null;
        $view->with('uids', $of instanceof Formula || $of instanceof Jar ? NotePictures::with($of) : []);
    }
}
