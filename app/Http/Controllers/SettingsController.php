<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\MeasuresEntry;
use App\Http\Typed;
use App\Workroom\Kept;
use App\Workroom\Make\OwnMakes;
use App\Workroom\OwnHair;
use App\Workroom\OwnMeasures;
use App\Workroom\Wording;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;
use Ilvane\Core\Catalogue\Catalogue;
use Ilvane\Core\Measure\Learned;

final class SettingsController
{
    public function show(OwnMeasures $measures, Wording $wording): View
    {
        $values = $measures->values();
        $drop = $measures->dropMl($values);

        return view('settings.page', ['values' => $values, 'taught' => array_map(static fn (Learned $learned): array => self::taught($learned, $wording), OwnMakes::learned()), 'cooling' => self::cooling($wording), 'hair' => OwnHair::profile(), 'port' => Kept::values('instruments')['port'] ?? null, 'drop' => $drop === null ? null : $wording->number($drop->likely, 4)]);
    }

    public function keep(MeasuresEntry $request, OwnMeasures $measures): RedirectResponse
    {
        $measures->keep([
            'units' => Typed::text($request, 'units'), 'drops' => Typed::text($request, 'drops'), 'drops_grams' => Typed::text($request, 'drops_grams'),
            'drops_of' => Typed::text($request, 'drops_of'), 'tablespoon' => Typed::text($request, 'tablespoon'), 'teaspoon' => Typed::text($request, 'teaspoon'),
        ]);

        return redirect()->route('settings')->with('said', say('ui.settings.kept'));
    }

    public function keepHair(Request $request): RedirectResponse
    {
        OwnHair::keep($request->all());

        return redirect()->route('settings')->with('said', say('hair.kept'));
    }

    public function keepInstruments(Request $request): RedirectResponse
    {
        $typed = trim(Typed::text($request, 'port', 10));
        if ($typed !== '' && (! ctype_digit($typed) || (int) $typed < 1024 || (int) $typed > 65535)) {
            return redirect()->route('settings')->withInput()->withErrors(['port' => say('make.settings.error')]);
        }
        Kept::keep('instruments', $typed === '' ? [] : ['port' => (int) $typed]);

        return redirect()->route('settings')->with('said', say($typed === '' ? 'make.settings.by_hand' : 'make.settings.kept'));
    }

    public function forget(string $what): RedirectResponse
    {
        OwnMakes::forget($what);

        return redirect()->route('settings')->with('said', say('make.taught.forgotten'));
    }

    /** @return array{words: string, isOwn: bool} */
    private static function taught(Learned $learned, Wording $wording): array
    {
        $percent = static fn (float $part): string => $wording->percent(round(100 * $part, $part < 0.2 ? 1 : 0));

        return [
            'words' => say($learned->count === 0 ? 'make.taught.none' : 'make.taught.own', ['low' => $percent($learned->value->low), 'high' => $percent($learned->value->high), 'mean' => $percent($learned->ownMean ?? 0.0), 'batches' => trans_choice('make.taught.batches', $learned->count)]),
            'isOwn' => $learned->count > 0,
        ];
    }

    /** @return list<string> */
    private static function cooling(Wording $wording): array
    {
        $words = [];
        foreach (OwnMakes::cooling() as $in => $learned) {
            [$vessel, $how] = explode('/', $in);
            $words[] = say('make.taught.cools', ['vessel' => (app(Catalogue::class)->vessels()[$vessel] ?? null)?->name, 'how' => say("rehearsal.how.$how"), 'times' => $wording->number($learned->value->likely, 2), 'batches' => trans_choice('make.taught.batches', $learned->count)]);
        }

        return $words;
    }
}
