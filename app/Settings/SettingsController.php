<?php

declare(strict_types=1);

namespace App\Settings;

use App\Ground\Languages;
use App\Ground\LearnedMakes;
use App\Ground\LearnedPins;
use App\Ground\OwnHair;
use App\Ground\OwnKitchen;
use App\Ground\OwnMeasures;
use App\Ground\OwnMoney;
use App\Ground\OwnPieces;
use App\Ground\Settings;
use App\Ground\Typed;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\App;
use Illuminate\View\View;

final class SettingsController
{
    public function show(Request $request, SettingsPage $page): View
    {
        return view('settings.page', $page->of($request));
    }

    public function keep(MeasuresRequest $request, OwnMeasures $measures): RedirectResponse
    {
        $measures->keep([
            'units' => Typed::text($request, 'units'),
            'drops' => Typed::text($request, 'drops'),
            'drops_grams' => Typed::text($request, 'drops_grams'),
            'drops_of' => Typed::text($request, 'drops_of'),
            'tablespoon' => Typed::text($request, 'tablespoon'),
            'teaspoon' => Typed::text($request, 'teaspoon'),
        ]);

        $weighs = $request->input('weighs');
        $problems = is_array($weighs) ? OwnPieces::keep($weighs) : [];
        $errors = [];
        foreach (array_keys($problems) as $field) {
            $errors['weighs.'.str_replace('/', '.', (string) $field)] = say('recipes.weighs_problem');
        }

        return $errors === []
            ? redirect()->route('settings')->with('said', say('settings.kept'))
            : redirect()->route('settings')->withInput()->withErrors($errors);
    }

    public function keepLanguage(Request $request): RedirectResponse
    {
        $language = Typed::text($request, 'language', 5);
        if (in_array($language, Languages::ALL, true)) {
            Settings::keep('language', ['is' => $language]);
            App::setLocale($language);
        }

        return redirect()->route('settings')->with('said', say('settings.language_kept'));
    }

    public function keepKitchen(Request $request, OwnKitchen $kitchen): RedirectResponse
    {
        $problems = $kitchen->keep($request->all());

        return $problems === []
            ? redirect()->to(route('settings').'#kitchen')->with('said', say('settings.kept'))
            : redirect()->to(route('settings').'#kitchen')->withInput()->withErrors(array_map(say(...), $problems));
    }

    public function keepHair(Request $request): RedirectResponse
    {
        OwnHair::keep($request->all());

        return redirect()->route('settings')->with('said', say('hair.kept'));
    }

    public function keepMoney(Request $request): RedirectResponse
    {
        OwnMoney::keep(Typed::text($request, 'sign', OwnMoney::LONGEST));

        return redirect()->route('settings')->with('said', say('settings.kept'));
    }

    public function keepInstruments(Request $request): RedirectResponse
    {
        $typed = trim(Typed::text($request, 'port', 10));
        if ($typed !== '' && (! ctype_digit($typed) || (int) $typed < 1024 || (int) $typed > 65535)) {
            return redirect()->route('settings')->withInput()->withErrors(['port' => say('make.settings.error')]);
        }
        Settings::keep('instruments', $typed === '' ? [] : ['port' => (int) $typed]);

        return redirect()
            ->route('settings')
            ->with('said', say($typed === '' ? 'make.settings.by_hand' : 'make.settings.kept'));
    }

    /** A learned figure is fixed as it is now, let go again, or forgotten. */
    public function learned(Request $request, SettingsPage $page): RedirectResponse
    {
        $what = Typed::text($request, 'what', 100);
        $row = array_column($page->taught(), null, 'what')[$what] ?? abort(404);
        match (Typed::text($request, 'do')) {
            'pin' => $row['value'] === null ? null : LearnedPins::set($what, $row['value']),
            'unpin' => LearnedPins::clear($what),
            default => $what === 'drops' ? OwnMeasures::forgetDrops() : LearnedMakes::forget($what),
        };

        return redirect()->to(route('settings').'#taught')->with('said', say('make.taught.done'));
    }
}
