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
use Ilvane\Core\Process\Conditions;

/**
 * How long a blend of fats stays sweet: the rates add up, so the part that turns fastest counts most,
 * 1/L = sum of w/L over the fats (w their share of the fat, L the life once opened, cool and dark), times what an
 * antioxidant, the jar and the place do to it. Rate doubles every 10 °C (the usual rule of ageing tests, ASTM F1980,
 * recalled). A rule of thumb from memory, no test: smell decides.
 */
final readonly class Oxidation
{
    public const Q10 = 2.0;

    /** An antioxidant within its dose. Common practice, 1.3 to 1.5. */
    public const ANTIOXIDANT = 1.4;

    /** Clear glass in the light. Common practice. */
    public const CLEAR = 0.6;

    private const CLEAR_GLASS = 'clear_glass';

    private function __construct(
        private float $life,
        public string $fastest,
        public bool $hasAntioxidant,
        public bool $isClear,
        public float $celsius,
    ) {
    }

    public static function of(
        Formula $formula,
        Composition $composition,
        Storage $storage,
        ?Container $container = null,
    ): ?self {
        $fats = $composition->linesWith(static fn (Material $ingredient): bool => $ingredient->kind->isLipid());
        $all = array_sum(array_map(static fn (WeighedLine $line): float => $line->share->likely ?? 0.0, $fats));
        $rate = $worst = 0.0;
        $fastest = '';
        foreach ($fats as $line) {
            $life = $line->ingredient?->openedDays();
            if ($life === null || $life <= 0 || $all <= 0) {
                return null;
            }
            $part = ($line->share->likely ?? 0.0) / $all / $life;
            $rate += $part;
            if ($part > $worst) {
                [$worst, $fastest] = [$part, $line->ingredient->key];
            }
        }
        if ($rate <= 0) {
            return null;
        }
        $room = $formula->process->conditions->room();

        $celsius = match ($storage) {
            Storage::Room => max(Conditions::ROOM_C, $room),
            Storage::Fridge => Conditions::FRIDGE_C,
            Storage::Freezer => Conditions::FREEZER_C,
        };
        $isClear = $container?->material === self::CLEAR_GLASS;

        return new self(1 / $rate, $fastest, self::isProtected($composition), $isClear, $celsius);
    }

    public function days(): float
    {
        $protection = $this->hasAntioxidant ? self::ANTIOXIDANT : 1.0;
        $light = $this->isClear ? self::CLEAR : 1.0;

        return $this->life * $protection * $light * self::Q10 ** ((Conditions::ROOM_C - $this->celsius) / 10);
    }

    public function withAntioxidant(): self
    {
        return new self($this->life, $this->fastest, true, $this->isClear, $this->celsius);
    }

    public function inTheDark(): self
    {
        return new self($this->life, $this->fastest, $this->hasAntioxidant, false, $this->celsius);
    }

    public function inTheFridge(): self
    {
        return new self($this->life, $this->fastest, $this->hasAntioxidant, $this->isClear, Conditions::FRIDGE_C);
    }

    /** Days a test at another temperature stands for, and the other way round: Q10^((Ta - Tr)/10). */
    public static function ageingFactor(float $testCelsius, float $roomCelsius, float $q10 = self::Q10): float
    {
        return $q10 ** (($testCelsius - $roomCelsius) / 10);
    }

    private static function isProtected(Composition $composition): bool
    {
        foreach ($composition->ofKind(Kind::Antioxidant) as $line) {
            $percent = $line->percent();
            $range = $line->ingredient?->use;
            if (
                $percent !== null
                && $range !== null
                && $percent->likely >= $range->min
                && $percent->likely <= $range->max
            ) {
                return true;
            }
        }

        return false;
    }
}
