<?php

declare(strict_types=1);

namespace Ilvane\Core\Physics\Acidity;

/**
 * A weak acid by its constants at 25 °C and zero ionic strength: CRC Handbook, Dissociation constants (recalled).
 * Dehydroacetic acid: CIR assessment 1985 (recalled, 5.26 to 5.53 in the literature).
 */
final readonly class Acid
{
    /**
     * @param  non-empty-list<float>  $pKa
     * @param  float  $molarMass  g/mol of the free acid
     */
    private function __construct(public array $pKa, public float $molarMass)
    {
    }

    public static function benzoic(): self
    {
        return new self([4.204], 122.123);
    }

    public static function sorbic(): self
    {
        return new self([4.76], 112.128);
    }

    public static function dehydroacetic(): self
    {
        return new self([5.27], 168.148);
    }

    public static function salicylic(): self
    {
        return new self([2.98], 138.122);
    }

    public static function citric(): self
    {
        return new self([3.128, 4.761, 6.396], 192.124);
    }

    public static function lactic(): self
    {
        return new self([3.86], 90.078);
    }

    public static function acetic(): self
    {
        return new self([4.756], 60.052);
    }

    public static function phosphoric(): self
    {
        return new self([2.148, 7.198, 12.35], 97.994);
    }

    public static function gluconic(): self
    {
        return new self([3.70], 196.155);
    }

    public static function carbonic(): self
    {
        return new self([6.35, 10.33], 62.025);
    }

    public static function phthalic(): self
    {
        return new self([2.950, 5.408], 166.131);
    }

    /** A unit of the polymer; its constant rises as it is neutralised, about 5 in the middle. Textbook, recalled. */
    public static function polyacrylic(): self
    {
        return new self([5.0], 72.06);
    }

    /** Oleic acid as soap in micelles, where it holds its proton far more than in water. Textbook, recalled. */
    public static function fatty(): self
    {
        return new self([7.8], 282.46);
    }

    /** The acid a preservative of this INCI name gives; null for what is none. */
    public static function ofPreservative(string $inci): ?self
    {
        return match ($inci) {
            'Benzoic Acid', 'Sodium Benzoate' => self::benzoic(),
            'Sorbic Acid', 'Potassium Sorbate' => self::sorbic(),
            'Dehydroacetic Acid', 'Sodium Dehydroacetate' => self::dehydroacetic(),
            'Salicylic Acid' => self::salicylic(),
            default => null,
        };
    }

    /** Share that is whole at a pH, 0 to 1, without activity corrections: Henderson-Hasselbalch. */
    public function undissociated(float $ph): float
    {
        return 1 / array_sum(self::steps($this->pKa, $ph));
    }

    /**
     * Amounts of the species, the whole acid first, relative to it.
     *
     * @param  non-empty-list<float>  $pKa
     * @return non-empty-list<float>
     */
    public static function steps(array $pKa, float $ph): array
    {
        $steps = [1.0];
        $product = 1.0;
        foreach ($pKa as $constant) {
            $product *= 10 ** ($ph - $constant);
            $steps[] = $product;
        }

        return $steps;
    }
}
