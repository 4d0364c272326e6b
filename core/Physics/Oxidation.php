<?php

declare(strict_types=1);

namespace Ilvane\Core\Physics;

use Ilvane\Core\Formula\Composition;
use Ilvane\Core\Formula\Formula;
use Ilvane\Core\Formula\Storage;
use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Material\Container;
use Ilvane\Core\Material\Kind;
use Ilvane\Core\Material\Material;
use Ilvane\Core\Measure\Polyline;
use Ilvane\Core\Process\Conditions;

/**
 * How long a blend of fats stays sweet. How fast it turns goes by its fatty acids: oleic 1, linoleic 10.3, linolenic
 * 21.6 (Fatemi and Hammond 1980, recalled), mixed by weight; the life of such a mix once opened, cool and dark, is a
 * curve through what the trade says of thirty oils; what an oil brings of its own against it (sesamol, oryzanol) is
 * told by its own opened life. Then what tocopherol, the jar and the place do to it. An estimate, no test: smell
 * decides.
 */
final readonly class Oxidation
{
    /** Relative pace of oleic, linoleic and linolenic acid. */
    /** Oils of one kind differ by origin, age and press: days may be so many times more or fewer. A guess. */
    public const OFF = 1.5;

    private const PACE = [1.0, 10.3, 21.6];

    /** 1/months = a + b·r + c·r². Fitted to opened lives: olive 12 months, sunflower 5, rosehip 2 to 3, flax 2. */
    private const LIFE = [0.02, 0.026, 0.0007];

    public const DAYS_PER_MONTH = 30.4375;

    /** Ten degrees colder: 2.5 to 3.4 times as long near room temperature. Textbook, recalled. */
    public const Q10 = 2.8;

    /** The usual rule of ageing tests (ASTM F1980, recalled). */
    public const AGEING_Q10 = 2.0;

    /** Tocopherol at its best, or another antioxidant within its dose. Common practice, 1.3 to 1.5. */
    public const ANTIOXIDANT = 1.4;

    /**
     * Tocopherol in the fat, ppm, and what it does: best at 200 to 1,000; much more of it works the other way.
     * Textbook, recalled.
     *
     * @var non-empty-list<array{float, float}>
     */
    private const TOCOPHEROL = [[0.0, 1.0], [200.0, 1.4], [1000.0, 1.4], [2000.0, 1.2], [5000.0, 1.0]];

    private const TOCOPHEROL_NAME = 'Tocopherol';

    /** Clear glass in the light. Common practice. */
    public const CLEAR = 0.6;

    private const CLEAR_GLASS = 'clear_glass';

    private function __construct(
        private float $life,
        public string $fastest,
        private float $protection,
        public bool $isClear,
        public float $celsius,
        private float $fridge,
        public bool $hasAntioxidant,
    ) {
    }

    public static function of(
        Formula $formula,
        Composition $composition,
        Storage $storage,
        ?Container $container = null,
    ): ?self {
        $fats = $composition->linesWith(static fn (Material $ingredient): bool => $ingredient->kind->isLipid());
        $all = Composition::shareOfLines($fats)->likely;
        $pace = $worst = $own = 0.0;
        $fastest = '';
        foreach ($fats as $line) {
            $life = $line->ingredient?->openedMonths;
            if ($line->ingredient === null || $life === null || $life <= 0 || $all <= 0) {
                return null;
            }
            $part = $line->part() / $all;
            $is = self::paceOf($line->ingredient) ?? self::paceFor($life);
            $pace += $part * $is;
            $own += $part * log($life / self::months($is));
            if ($part / $life > $worst) {
                [$worst, $fastest] = [$part / $life, $line->ingredient->key];
            }
        }
        if ($fats === [] || $fastest === '') {
            return null;
        }
        $conditions = $formula->process->conditions;
        $fridge = $conditions->fridge ?? Conditions::FRIDGE_C;

        return new self(
            self::months($pace) * exp($own) * self::DAYS_PER_MONTH,
            $fastest,
            self::protection($composition, $all),
            $container?->material === self::CLEAR_GLASS,
            match ($storage) {
                Storage::Room => max(Conditions::ROOM_C, $conditions->room()),
                Storage::Fridge => $fridge,
                Storage::Freezer => Conditions::FREEZER_C,
            },
            $fridge,
            $composition->ofKind(Kind::Antioxidant) !== [],
        );
    }

    /** How fast a fat turns, oleic acid 1; null where its fatty acids are not known. */
    public static function paceOf(Material $fat): ?float
    {
        if ($fat->fattyAcids === null) {
            return null;
        }
        $pace = 0.0;
        foreach (self::PACE as $i => $relative) {
            $pace += $relative * $fat->fattyAcids[$i];
        }

        return $pace;
    }

    /** Months a mix of such a pace keeps once opened, cool and dark. */
    public static function months(float $pace): float
    {
        [$a, $b, $c] = self::LIFE;

        return 1 / ($a + $b * $pace + $c * $pace * $pace);
    }

    /** The pace of a fat that keeps so many months. */
    private static function paceFor(float $months): float
    {
        [$a, $b, $c] = self::LIFE;
        $wanted = max(0.0, 1 / $months - $a);

        return (-$b + sqrt($b * $b + 4 * $c * $wanted)) / (2 * $c);
    }

    public function days(): float
    {
        $light = $this->isClear ? self::CLEAR : 1.0;

        return $this->life * $this->protection * $light
            * self::Q10 ** ((Conditions::ROOM_C - $this->celsius) / 10);
    }

    /** Peroxide value, meq/kg, of a fresh refined oil, and where it starts to smell. Textbook, recalled. */
    public const FRESH = 2.0;

    public const TURNED = 10.0;

    /**
     * Peroxide value after so many days, meq/kg: it feeds itself, so it rises by the same factor each week. Only the
     * time it takes is the model's own.
     */
    public function peroxides(float $days): float
    {
        return self::FRESH * (self::TURNED / self::FRESH) ** ($days / $this->days());
    }

    public function withAntioxidant(): self
    {
        return $this->but(protection: self::ANTIOXIDANT);
    }

    public function inTheDark(): self
    {
        return $this->but(isClear: false);
    }

    public function inClearGlass(): self
    {
        return $this->but(isClear: true);
    }

    public function isInTheFridge(): bool
    {
        return $this->celsius <= $this->fridge;
    }

    public function inTheFridge(): self
    {
        return $this->but(celsius: $this->fridge);
    }

    private function but(?float $protection = null, ?bool $isClear = null, ?float $celsius = null): self
    {
        return new self(
            $this->life,
            $this->fastest,
            $protection ?? $this->protection,
            $isClear ?? $this->isClear,
            $celsius ?? $this->celsius,
            $this->fridge,
            $this->hasAntioxidant || $protection !== null,
        );
    }

    /** Days a test at another temperature stands for, and the other way round: Q10^((Ta - Tr)/10). */
    public static function ageingFactor(
        float $testCelsius,
        float $roomCelsius,
        float $q10 = self::AGEING_Q10,
    ): float {
        return $q10 ** (($testCelsius - $roomCelsius) / 10);
    }

    /** What antioxidants do: tocopherol by how much there is in the fat, others within their dose. */
    private static function protection(Composition $composition, float $fat): float
    {
        $tocopherol = 0.0;
        $protection = 1.0;
        foreach ($composition->ofKind(Kind::Antioxidant) as $line) {
            $fraction = $line->ingredient->contents[self::TOCOPHEROL_NAME] ?? 0.0;
            $tocopherol += $line->part() * $fraction;
            $protection = $fraction === 0.0 && self::isWithinItsDose($line) ? self::ANTIOXIDANT : $protection;
        }

        return max($protection, self::byTocopherol(1e6 * $tocopherol / max(1e-9, $fat)));
    }

    public static function byTocopherol(float $ppm): float
    {
        return Polyline::at(self::TOCOPHEROL, $ppm);
    }

    private static function isWithinItsDose(WeighedLine $line): bool
    {
        $percent = $line->percent();
        $range = $line->ingredient?->use;

        return $percent !== null
            && $range !== null
            && $percent->likely >= $range->min
            && $percent->likely <= $range->max;
    }
}
