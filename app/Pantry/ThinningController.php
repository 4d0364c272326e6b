<?php

declare(strict_types=1);

namespace App\Pantry;

use App\Ground\Refused;
use App\Ground\Typed;
use App\Models\Lot;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;

/** Thins a strong oil at one press: what comes of it is a lot of its own. */
final class ThinningController
{
    public function __construct(private readonly Thinning $thinning)
    {
    }

    public function __invoke(Request $request, Lot $lot): RedirectResponse
    {
        $thinned = $this->thinning->thin(
            $lot,
            Typed::grams($request, 'thin_grams'),
            Typed::decimal($request, 'thin_strength') ?? throw Refused::noNumber('thin_strength'),
            Typed::text($request, 'thin_oil', 80),
            max(Carbon::now(), $lot->made_at),
            Typed::key($request),
        );

        return redirect()
            ->route('lot', $thinned)
            ->with('said', say('pantry.put', ['name' => $thinned->name, 'code' => $thinned->code]));
    }
}
