<?php

declare(strict_types=1);

namespace App\Pantry;

use App\Ground\Typed;
use App\Ground\TypedTime;
use App\Models\Lot;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Writes down how a hot oil felt. */
final class SkinDiaryController
{
    public function __construct(private readonly SkinDiary $diary, private readonly TypedTime $times)
    {
    }

    public function __invoke(Request $request, Lot $lot): RedirectResponse
    {
        $this->diary->tell(
            $lot,
            Typed::decimal($request, 'minutes'),
            Typed::text($request, 'felt', 12),
            Typed::text($request, 'note', 300),
            $this->times->at(Typed::text($request, 'when'), $lot->made_at),
            Typed::key($request),
        );

        return redirect()->to(route('lot', $lot).'#skin')->with('said', say('pantry.done'));
    }
}
