<?php

declare(strict_types=1);

namespace Ilvane\Core\Physics\Acidity;

use Ilvane\Core\Measure\Band;
use InvalidArgumentException;

/**
 * What brought a small weighed sample to the wished pH, scaled up: dose = added · (batch / product in the sample). The
 * band carries what the scale and the counting of drops leave open. Common practice; the sample is usually diluted 1:5,
 * which moves a pH by little and cancels here.
 */
final class Sample
{
    /**
     * @param  float  $batch  grams of product to correct
     * @param  float  $product  grams of product in the sample, water aside
     * @param  Band  $added  grams of the correcting solution that went into the sample
     * @param  float  $scale  grams the scale shows at the least
     * @return Band grams of the same solution for the batch
     */
    public static function scaledUp(float $batch, float $product, Band $added, float $scale): Band
    {
        if ($product <= $scale / 2 || $batch <= 0 || $added->low < 0) {
            throw new InvalidArgumentException('A sample is weighed, and less than nothing can’t be added.');
        }

        return Band::of(
            $batch * $added->low / ($product + $scale / 2),
            $batch * $added->likely / $product,
            $batch * $added->high / ($product - $scale / 2),
        );
    }
}
