<?php

declare(strict_types=1);

namespace App\Pantry;

use App\Ground\ShippedCatalogue;
use App\Ground\Wording;
use App\Models\Formula;
use App\Models\Lot;
use App\Models\OwnIngredient;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Str;
use Illuminate\View\View;
use Ilvane\Core\Material\Catalogue;

/** Ingredients of one's own and figures from one's own sheets. */
final readonly class OwnIngredientController
{
    public function __construct(private ShippedCatalogue $shipped)
    {
    }

    public function all(Request $request, Catalogue $catalogue, Wording $wording): View
    {
        $key = $request->string('key')->limit(80, '')->value();

        return view('pantry.own', ['page' => OwnIngredientPage::of($key, $catalogue, $this->shipped, $wording)]);
    }

    public function keep(OwnIngredientRequest $request, Catalogue $catalogue): RedirectResponse
    {
        $of = $request->string('of')->value();
        $known = OwnIngredient::query()->find($of);
        $isOwn = $of === '' || $known?->is_own === true;
        $key = $of !== '' ? $of : self::newKey($request->string('name')->value(), $catalogue);
        OwnIngredient::query()->updateOrCreate(['key' => $key], ['is_own' => $isOwn, 'fields' => $request->fields()]);

        return redirect()
            ->route('own-ingredients', $of === '' ? ['key' => $key] : [])
            ->with('said', say($of === '' ? 'own_ingredients.begun' : 'own_ingredients.kept'));
    }

    public function drop(string $key): RedirectResponse
    {
        $own = OwnIngredient::query()->findOrFail($key);
        $isUsed = $own->is_own
            && (Lot::query()->where('ingredient', $key)->exists() || Formula::query()->where(
                'draft',
                'like',
                '%"'.addcslashes($key, '%_\\').'"%',
            )->exists());
        if ($isUsed) {
            return redirect()->route('own-ingredients')->with('refused', say('own_ingredients.errors.used'));
        }
        $own->delete();

        return redirect()->route('own-ingredients')->with('said', say('own_ingredients.dropped'));
    }

    private static function newKey(string $name, Catalogue $catalogue): string
    {
        $slug = 'own-'.(Str::limit(Str::slug($name), 60, '') ?: 'ingredient');
        for ($key = $slug, $i = 2; $catalogue->has($key); $i++) {
            $key = "$slug-$i";
        }

        return $key;
    }
}
