<?php

declare(strict_types=1);

namespace App\Infusions;

use App\Models\Lot;
use Illuminate\Http\RedirectResponse;

/** Plans a second, weaker draw from plants that were strained out and kept. */
final class SecondDrawController
{
    public function __construct(private readonly SecondDraw $secondDraw)
    {
    }

    public function __invoke(Lot $lot): RedirectResponse
    {
        return redirect()->route('infusion', $this->secondDraw->plan($lot));
    }
}
