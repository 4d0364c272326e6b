<?php

declare(strict_types=1);

namespace App\Bench;

use App\Ground\Typed;
use App\Models\Formula;
use Illuminate\Http\Request;
use Illuminate\View\View;

/** Nothing is stored: what was typed stays in the address. */
final class AcidityController
{
    private const FIELDS = ['batch', 'product', 'added', 'strength', 'wanted'];

    public function __construct(private readonly AcidityPageFactory $acidityPages)
    {
    }

    public function show(Request $request, Formula $formula): View
    {
        return view(
            'bench.acidity',
            ['page' => $this->acidityPages->of(
                $formula,
                array_map(
                    static fn (string $field): string => trim(Typed::text($request, $field, 40)),
                    array_combine(self::FIELDS, self::FIELDS),
                ),
            )],
        );
    }
}
