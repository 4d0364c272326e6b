<?php

declare(strict_types=1);

namespace App\Bench;

use App\Drawing\Curves;
use App\Models\Formula;
use Ilvane\Core\Measure\Band;
use Ilvane\Core\Physics\Acidity\Sample;

/** Setting a pH: what a small weighed sample took, scaled up to the batch; and a first guess from the formula alone. */
final readonly class AcidityPage
{
    /**
     * @param  array<string, string>  $typed
     * @param  array<string, string>  $problems  by field
     * @param  array{dose: string, band: string, first: string, dry: string, thins: string}|null  $scaled
     * @param  array{ph: string, is_below: bool, plants: bool, grams: string, curve: Curves|null}|null  $guess
     */
    public function __construct(
        public Formula $formula,
        public array $typed,
        public array $problems,
        public ?array $scaled,
        public ?array $guess,
        public ?Curves $awake,
        public string $scale,
    ) {
    }
}
