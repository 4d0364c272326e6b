<?php

declare(strict_types=1);

namespace App\Ground;

use Ilvane\Core\Formula\Region;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Microbiology\Growth;

/**
 * Where and with what this maker makes, whose rules count and what their scale shows: taken for every formula that does
 * not say
 * otherwise itself.
 *
 * @phpstan-type Values array{room_c: string, fridge_c: string, altitude_m: string, water: string, oil: string,
 *   region: string, scale: string, thermometer: string}
 */
final class OwnKitchen
{
    private const NAME = 'kitchen';

    /** Fields that are numbers, and the least and most they may be. */
    private const NUMBERS = [
        'room_c' => [-20.0, 60.0],
        'fridge_c' => [-2.0, 20.0],
        'altitude_m' => [-500.0, 9000.0],
        'scale' => [0.0001, 100.0],
    ];

    private const BLANK = [
        'room_c' => '',
        'fridge_c' => '',
        'altitude_m' => '',
        'water' => '',
        'oil' => '',
        'region' => '',
        'scale' => '',
        'thermometer' => '',
    ];

    /** Whether there is a thermometer; "" where nobody said. */
    private const THERMOMETER = ['yes', 'no'];

    /** @var Values|null */
    private ?array $values = null;

    public function __construct(private readonly Catalogue $catalogue)
    {
    }

    /** @return Values as typed */
    public function values(): array
    {
        if ($this->values === null) {
            /** @var Values $values */
            $values = [
                ...self::BLANK,
                ...array_filter(array_intersect_key(Settings::values(self::NAME), self::BLANK), is_string(...)),
            ];
            $this->values = $values;
        }

        return $this->values;
    }

    /**
     * @param  array<mixed>  $typed
     * @return array<string, string> word key by field that can't be read; nothing is kept while there is one
     */
    public function keep(array $typed): array
    {
        $values = array_map(
            static fn (mixed $value): string => is_string($value) ? trim(mb_substr($value, 0, 30)) : '',
            [...self::BLANK, ...array_intersect_key($typed, self::BLANK)],
        );
        $problems = [];
        foreach (self::NUMBERS as $field => [$least, $most]) {
            $number = self::number($values[$field]);
            if ($values[$field] !== '' && ($number === null || $number < $least || $number > $most)) {
                $problems[$field] = "ui.kitchen.problems.$field";
            }
        }
        foreach (['water', 'oil'] as $pot) {
            $values[$pot] = isset($this->catalogue->vessels()[$values[$pot]]) ? $values[$pot] : '';
        }
        $hasSaid = in_array($values['thermometer'], self::THERMOMETER, true);
        $values['thermometer'] = $hasSaid ? $values['thermometer'] : '';
        $values['region'] = Region::tryFrom($values['region'])->value ?? '';
        if ($problems === []) {
            Settings::keep(self::NAME, $values);
            $this->values = null;
        }

        return $problems;
    }

    /**
     * A formula's process with what it leaves open filled in from this kitchen.
     *
     * @param  array<string, mixed>  $document  ilvane.formula/1
     * @return array<string, mixed>
     */
    public function over(array $document): array
    {
        $own = array_filter([
            'room_c' => self::number($this->values()['room_c']),
            'fridge_c' => self::number($this->values()['fridge_c']),
            'altitude_m' => self::number($this->values()['altitude_m']),
            'vessels' => array_filter(['water' => $this->values()['water'], 'oil' => $this->values()['oil']]),
        ], static fn (mixed $value): bool => $value !== null && $value !== []);
        if ($own === []) {
            return $document;
        }
        $process = is_array($document['process'] ?? null) ? $document['process'] : [];
        $vessels = [...$own['vessels'] ?? [], ...is_array($process['vessels'] ?? null) ? $process['vessels'] : []];

        return [...$document, 'process' => [...$own, ...$process, ...($vessels === [] ? [] : ['vessels' => $vessels])]];
    }

    /**
     * What a new formula begins with: this maker's scale and rules.
     *
     * @param  array<string, mixed>  $document  ilvane.formula/1
     * @return array<string, mixed>
     */
    public function begun(array $document): array
    {
        ['region' => $region, 'scale' => $scale] = $this->values();
        if ($region !== '') {
            $document['for'] = [...is_array($document['for'] ?? null) ? $document['for'] : [], 'region' => $region];
        }

        return self::number($scale) === null ? $document : [...$document, 'scale_resolution_g' => self::number($scale)];
    }

    /** °C in this maker's fridge: as measured, else as fridges usually are. */
    public function fridge(): float
    {
        return self::number($this->values()['fridge_c']) ?? Growth::FRIDGE_C;
    }

    /** Nobody said that there is none. */
    public function hasThermometer(): bool
    {
        return $this->values()['thermometer'] !== 'no';
    }

    private static function number(string $typed): ?float
    {
        $typed = str_replace(',', '.', $typed);

        return is_numeric($typed) && is_finite((float) $typed) ? (float) $typed : null;
    }
}
