<?php

declare(strict_types=1);

namespace App\Pantry;

use App\Ground\Typed;
use App\Models\Lot;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Ilvane\Core\Formula\Storage;

/** Keeps what was strained out of a lot. */
final class LeftOverController
{
    public function __construct(private readonly LeftOvers $leftOvers)
    {
    }

    public function __invoke(Request $request, Lot $lot): RedirectResponse
    {
        $kept = $this->leftOvers->keep(
            $lot,
            Typed::grams($request, 'left_grams'),
            Storage::tryFrom(Typed::text($request, 'storage')) ?? Storage::Fridge,
            max(Carbon::now(), $lot->made_at),
        );

        return redirect()
            ->route('lot', $kept)
            ->with('said', say('pantry.put', ['name' => $kept->name, 'code' => $kept->code]));
    }
}
