<?php

declare(strict_types=1);

namespace Ilvane\Core\Physics\Acidity;

/**
 * pH of water with weak acids, their salts and strong base in it: the charge balance, with activity coefficients by
 * Davies (A 0.509, 25 °C), solved by bisection on 0 to 14 (the balance only falls). Good to about 0.05 for simple
 * buffers
 * up to 0.1 mol/L; a first guess for anything with plants in it, whose own acids nobody knows.
 */
final readonly class Solution
{
    private const PKW = 13.995;

    private const DAVIES_A = 0.509;

    private const DAVIES_B = 0.3;

    /** Above this the equation is outside its range, mol/L. */
    private const DAVIES_MOST = 0.5;

    /**
     * @param  list<array{Acid, float}>  $acids  mol/L of each, in all its forms
     * @param  float  $cations  mol/L of sodium, potassium and the like that salts and alkali brought
     */
    public function __construct(private array $acids, private float $cations = 0.0)
    {
    }

    /** @param  float  $molar mol/L */
    public function with(Acid $acid, float $molar, float $cations = 0.0): self
    {
        return new self([...$this->acids, [$acid, $molar]], $this->cations + $cations);
    }

    /** @param  float  $molar mol/L of a strong base */
    public function alkaline(float $molar): self
    {
        return new self($this->acids, $this->cations + $molar);
    }

    /** Activity corrections off: the textbook's ideal solution. */
    public function idealPh(): float
    {
        return $this->root(0.0, 0.0, 14.0);
    }

    public function ph(): float
    {
        $strength = 0.0;
        $ph = $this->idealPh();
        // ionic strength and pH settle together within a few rounds
        for ($i = 0; $i < 40; $i++) {
            $strength = $this->ionicStrength($ph, $strength);
            $next = $this->root($strength, max(0.0, $ph - self::NEAR), min(14.0, $ph + self::NEAR));
            if (abs($next - $ph) < 1e-6) {
                return $next;
            }
            $ph = $next;
        }

        return $ph;
    }

    /** Ionic strength moves a pH by no more than this from round to round. */
    private const NEAR = 0.6;

    /** mol of strong acid or base a litre takes for one pH: how stubborn the mix is. */
    public function bufferCapacity(?float $ph = null): float
    {
        $ph ??= $this->ph();
        $step = 0.01;
        $strength = $this->ionicStrength($ph, 0.0);

        return abs($this->charge($ph + $step, $strength) - $this->charge($ph - $step, $strength)) / (2 * $step);
    }

    /**
     * mol/L of an acid to add to come down to a pH, or null when it can't be reached with it.
     *
     * @param  float  $most  mol/L at the most
     */
    public function toReach(float $ph, Acid $acid, float $most = 2.0): ?float
    {
        $molar = $strength = 0.0;
        // at one ionic strength the balance is linear in what is added; the two settle within a few rounds
        for ($i = 0; $i < 60; $i++) {
            $strength = $this->with($acid, $molar)->ionicStrength($ph, $strength);
            $needed = $this->charge($ph, $strength) / self::chargeOf($acid, $ph, self::logGamma($strength));
            if ($needed <= 0.0) {
                return 0.0;
            }
            if ($needed > $most) {
                return null;
            }
            if (abs($needed - $molar) < 1e-12) {
                break;
            }
            $molar = $needed;
        }

        return $molar;
    }

    /** mol/L of a strong base to add to come up to a pH; 0 where it is as high already. */
    public function baseToReach(float $ph): float
    {
        $molar = $strength = 0.0;
        for ($i = 0; $i < 60; $i++) {
            $strength = $this->alkaline($molar)->ionicStrength($ph, $strength);
            $needed = max(0.0, -$this->charge($ph, $strength));
            if (abs($needed - $molar) < 1e-12) {
                break;
            }
            $molar = $needed;
        }

        return $molar;
    }

    /**
     * Where the charges balance at an ionic strength, by Ridders' method: a bracket that closes from both sides, the
     * last digits within a few steps. The balance falls with pH.
     */
    private function root(float $strength, float $low, float $high): float
    {
        $log = self::logGamma($strength);
        $acids = $this->conditionals($log);
        $balance = fn (float $ph): float => $this->balance($acids, $ph, $log);
        [$atLow, $atHigh] = [$balance($low), $balance($high)];
        if ($atLow <= 0.0 || $atHigh >= 0.0) {
            if ($low > 0.0 || $high < 14.0) {
                return $this->root($strength, 0.0, 14.0);
            }

            return $atLow <= 0.0 ? $low : $high;
        }
        $last = INF;
        for ($i = 0; $i < 60; $i++) {
            $middle = ($low + $high) / 2;
            $atMiddle = $balance($middle);
            $root = sqrt($atMiddle * $atMiddle - $atLow * $atHigh);
            if ($root <= 0.0) {
                return $middle;
            }
            $next = $middle + ($middle - $low) * $atMiddle / $root;
            if (abs($next - $last) < 1e-7) {
                return $next;
            }
            $last = $next;
            $atNext = $balance($next);
            foreach ([[$middle, $atMiddle], [$next, $atNext]] as [$ph, $value]) {
                if ($value > 0.0 && $ph > $low) {
                    [$low, $atLow] = [$ph, $value];
                } elseif ($value < 0.0 && $ph < $high) {
                    [$high, $atHigh] = [$ph, $value];
                } elseif ($value === 0.0) {
                    return $ph;
                }
            }
        }

        return ($low + $high) / 2;
    }

    /**
     * Positive less negative charge, mol/L.
     *
     * @param  list<array{non-empty-list<float>, float}>  $acids  constants at this ionic strength, mol/L
     */
    private function balance(array $acids, float $ph, float $log): float
    {
        $balance = $this->cations + 10 ** (-$ph - $log) - 10 ** ($ph - self::PKW - $log);
        foreach ($acids as [$constants, $molar]) {
            $sum = $product = 1.0;
            $charge = 0.0;
            foreach ($constants as $i => $constant) {
                $product *= 10 ** ($ph - $constant);
                $sum += $product;
                $charge += ($i + 1) * $product;
            }
            $balance -= $molar * $charge / $sum;
        }

        return $balance;
    }

    /** Positive less negative charge, mol/L; pH is of activity, concentrations follow from it. */
    private function charge(float $ph, float $strength): float
    {
        $log = self::logGamma($strength);

        return $this->balance($this->conditionals($log), $ph, $log);
    }

    /** @return list<array{non-empty-list<float>, float}> constants at this ionic strength, mol/L */
    private function conditionals(float $log): array
    {
        return array_map(
            static fn (array $acid): array => [self::conditional($acid[0], $log), $acid[1]],
            $this->acids,
        );
    }

    /** Negative charges a mole of it carries. */
    private static function chargeOf(Acid $acid, float $ph, float $log): float
    {
        $steps = Acid::steps(self::conditional($acid, $log), $ph);
        $charge = 0.0;
        foreach ($steps as $z => $amount) {
            $charge += $z * $amount;
        }

        return $charge / array_sum($steps);
    }

    private function ionicStrength(float $ph, float $strength): float
    {
        $log = self::logGamma($strength);
        $sum = $this->cations + 10 ** (-$ph - $log) + 10 ** ($ph - self::PKW - $log);
        foreach ($this->acids as [$acid, $molar]) {
            $steps = Acid::steps(self::conditional($acid, $log), $ph);
            foreach ($steps as $z => $amount) {
                $sum += $z * $z * $molar * $amount / array_sum($steps);
            }
        }

        return min(self::DAVIES_MOST, $sum / 2);
    }

    /** log10 of the activity coefficient of an ion of one charge. */
    private static function logGamma(float $strength): float
    {
        return -self::DAVIES_A * (sqrt($strength) / (1 + sqrt($strength)) - self::DAVIES_B * $strength);
    }

    /**
     * Constants at this ionic strength, for H+ as an activity: pKa' = pKa + (z² − (z − 1)²)·log γ for the step to
     * charge z.
     *
     * @return non-empty-list<float>
     */
    private static function conditional(Acid $acid, float $log): array
    {
        // z² − (z − 1)² = 2z − 1 for the step to charge z = i + 1
        return array_map(
            static fn (float $constant, int $i): float => $constant + (2 * $i + 1) * $log,
            $acid->pKa,
            array_keys($acid->pKa),
        );
    }
}
