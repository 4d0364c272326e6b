<?php

declare(strict_types=1);

namespace App\Ground;

use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Material\ChoiceRole;
use Ilvane\Core\Measure\Band;
use Ilvane\Core\Measure\Learned;
use Ilvane\Core\Measure\Tools;
use Ilvane\Core\Measure\Unit;
use Ilvane\Core\Measure\UnitSystem;

/**
 * What this maker measures with: which spoons and cups are meant, and the weights of their own drop and spoons.
 *
 * @phpstan-type Values array{units: string, drops: string, drops_grams: string, drops_of: string, tablespoon: string,
 *   teaspoon: string}
 */
final readonly class OwnMeasures
{
    private const NAME = 'measures';

    private const LEARNED = 'learned_drops';

    /** Weighing spoons of water once leaves so much doubt: how level it was, and the scale. Common practice. */
    private const SPOON_ERROR = 0.03;

    /** Counting drops goes wrong by one or two. Common practice. */
    private const MISCOUNTED = 1.5;

    public const BLANK = [
        'units' => '',
        'drops' => '20',
        'drops_grams' => '',
        'drops_of' => '',
        'tablespoon' => '',
        'teaspoon' => '',
    ];

    public function __construct(private Catalogue $catalogue)
    {
    }

    /** @return Values as typed */
    public function values(): array
    {
        /** @var Values $all */
        $all = [
            ...self::BLANK,
            'units' => config()->string('ilvane.units'),
            ...array_filter(Settings::values(self::NAME), is_string(...)),
        ];

        return $all;
    }

    /** @param  Values  $values already checked */
    public function keep(array $values): void
    {
        Settings::keep(self::NAME, $values);
    }

    public function tools(): Tools
    {
        $values = $this->values();
        $own = [];
        $learned = self::learnedDrop();
        $drop = $this->dropMl($values) ?? ($learned->count > 0 ? $learned->value : null);
        if ($drop !== null) {
            $own[Unit::Drop->value] = $drop;
        }
        foreach (['tablespoon' => Unit::Tablespoon, 'teaspoon' => Unit::Teaspoon] as $field => $unit) {
            $grams = self::number($values[$field]);
            if ($grams > 0) {
                $own[$unit->value] = Band::around(
                    $grams / $this->densityOf($this->catalogue->choice(ChoiceRole::Water)->key),
                    self::SPOON_ERROR,
                );
            }
        }

        return new Tools(UnitSystem::tryFrom($values['units']) ?? UnitSystem::UsCustomary, ownMl: $own);
    }

    /**
     * Millilitres of one drop from drops weighed once.
     *
     * @param  Values  $values
     */
    public function dropMl(array $values): ?Band
    {
        $count = self::number($values['drops']);
        $grams = self::number($values['drops_grams']);
        if ($count < 1 || $grams <= 0) {
            return null;
        }
        $ingredient = $this->catalogue->named($values['drops_of']);

        return Band::around(
            $grams / $count / $this->densityOf($ingredient->key ?? $this->catalogue->choice(ChoiceRole::Water)->key),
            min(0.5, self::MISCOUNTED / $count + Tools::DEFAULT_SCALE_G / 2 / $grams),
        );
    }

    /** Millilitres of one drop, as counted and weighed at the hob; what was weighed for its own sake goes before it. */
    public static function learnedDrop(): Learned
    {
        $records = Settings::values(self::LEARNED)['ml'] ?? [];

        return Learned::from(
            Band::of(...Tools::DROP_ML),
            array_values(array_map(floatval(...), array_filter(is_array($records) ? $records : [], is_numeric(...)))),
        )->pinnedTo(LearnedPins::of('drops'));
    }

    /** @param  list<float>  $ml  of a drop, oldest first */
    public static function learnDrops(array $ml): void
    {
        $records = Settings::values(self::LEARNED)['ml'] ?? [];
        if ($ml !== []) {
            Settings::keep(
                self::LEARNED,
                ['ml' => array_slice([...is_array($records) ? array_values($records) : [], ...$ml], -Learned::LAST)],
            );
        }
    }

    public static function forgetDrops(): void
    {
        Settings::keep(self::LEARNED, []);
    }

    private function densityOf(string $key): float
    {
        return $this->catalogue->get($key)->bulk->density ?? 1.0;
    }

    private static function number(string $typed): float
    {
        $typed = str_replace(',', '.', trim($typed));

        return is_numeric($typed) ? (float) $typed : 0.0;
    }
}
