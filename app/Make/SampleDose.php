<?php

declare(strict_types=1);

namespace App\Make;

use App\Ground\Refused;
use App\Ground\TypedGrams;
use App\Ground\Wording;
use Ilvane\Core\Measure\Tools;
use Ilvane\Core\Physics\Acidity\Sample;

/** What a small sample took to come to the wished pH, worked out for what is in the bowl. */
final class SampleDose
{
    /** Half of it first, then test. */
    private const FIRST = 0.5;

    public function __construct(private readonly TypedGrams $typedGrams)
    {
    }

    /**
     * @param  string  $tried  of the solution that went into the sample, as typed: grams, or "3 drops"
     * @return string what to put in, worded
     *
     * @throws Refused when the sample or what went into it can't be read
     */
    public function of(MakeState $state, ?float $product, string $tried, Wording $wording): string
    {
        $scale = $state->scale;
        $finest = min($scale, Tools::DEFAULT_SCALE_G);
        if ($product === null || $product <= $finest / 2) {
            throw Refused::sampleProduct('sample');
        }
        $added = $this->typedGrams->read(trim($tried)) ?? throw Refused::sampleTried('tried');
        $dose = Sample::scaledUp(
            max($product, $state->gramsIn() - $state->sumOf('sample') - $product),
            $product,
            $added,
            $finest,
        );

        return say($dose->likely < $scale ? 'make.sample_small' : 'make.sample_dose', [
            'dose' => $wording->weighed($dose->likely, $dose->likely < 10 * $scale ? min($scale, 0.01) : $scale),
            'scale' => $wording->number($scale),
            'low' => $wording->grams($dose->low),
            'high' => $wording->grams($dose->high),
            'first' => $wording->grams(self::FIRST * $dose->low),
        ]);
    }
}
