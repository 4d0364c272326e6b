<?php

declare(strict_types=1);

namespace App\Learn;

use App\Drawing\Curves;
use App\Ground\Wording;
use Illuminate\Support\Arr;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Material\Caution;
use Ilvane\Core\Material\Kind;
use Ilvane\Core\Material\Material;
use Ilvane\Core\Material\PreservativeComponent;
use Ilvane\Core\Physics\Acidity\Acid;
use Ilvane\Core\Physics\Emulsion\Emulsion;
use Ilvane\Core\Physics\Oxidation;
use Ilvane\Core\ShelfLife\ShelfLife;

/** The handbook's tables, row by row from the catalogue and the models. */
final readonly class Tables
{
    private const ROOM_C = 20;

    private const PH = [3.0, 3.5, 4.0, 4.5, 5.0, 5.5, 6.0, 6.5, 7.0];

    private const NONE = '–';

    public function __construct(
        private Catalogue $catalogue,
        private Wording $wording,
        private Models $models,
    ) {
    }

    /** @return list<list<string>> the first cell names the row */
    public function of(string $table): array
    {
        return match ($table) {
            'preservatives' => $this->each([Kind::Preservative], $this->preservative(...)),
            'emulsifiers' => $this->each([Kind::Emulsifier, Kind::Solubiliser], $this->emulsifier(...)),
            'fats' => $this->each([Kind::Butter, Kind::CarrierOil, Kind::WaxOrFattyAlcohol], $this->fat(...)),
            'scents' => $this->each([Kind::EssentialOil], $this->scent(...)),
            'undissociated' => array_map($this->awake(...), self::PH),
            'days' => $this->days(),
            default => $this->models->rows($table),
        };
    }

    /**
     * @param  list<Kind>  $kinds
     * @param  callable(Material): list<string>  $row
     * @return list<list<string>>
     */
    private function each(array $kinds, callable $row): array
    {
        $rows = [];
        foreach ($this->catalogue->all() as $ingredient) {
            if (in_array($ingredient->kind, $kinds, true)) {
                $rows[] = [$this->wording->ingredient($ingredient->key), ...$row($ingredient)];
            }
        }
        usort($rows, static fn (array $a, array $b): int => strcoll($a[0], $b[0]));

        return $rows;
    }

    /** @return list<string> */
    private function preservative(Material $ingredient): array
    {
        $strength = static fn (int $grade): string => say("handbook.strength.$grade");
        $coverage = $ingredient->coverage;
        $limits = array_map(
            fn (PreservativeComponent $part): string => $part->inci
                .' '
                .($part->leaveOnLimit === null ? self::NONE : say(
                    'handbook.legal_as',
                    [
                        'limit' => $this->wording->percent($part->leaveOnLimit),
                        'as' => say($part->limitIsAsAcid() ? 'words.limit_as_acid' : 'words.limit_as_such'),
                    ],
                )),
            $ingredient->preservativeComponents,
        );

        return [
            $this->range($ingredient),
            $ingredient->phMin === null && $ingredient->phMax === null
                ? self::NONE
                : $this->wording
                    ->number($ingredient->phMin ?? 3.0).' – '.$this->wording
                    ->number($ingredient->phMax ?? 8.0),
            $this->celsius($ingredient->maxProcessTemperature),
            $coverage === null
                ? self::NONE
                : implode(' / ', array_map($strength, [$coverage->bacteria, $coverage->yeast, $coverage->mould])),
            implode('; ', $limits) ?: self::NONE,
        ];
    }

    /** @return list<string> */
    private function emulsifier(Material $ingredient): array
    {
        return [
            $this->range($ingredient),
            $this->wording->percent(100 * Emulsion::leastLoad($ingredient)),
            $this->figure($ingredient->hlb),
            say("handbook.charges.{$ingredient->charge->value}"),
        ];
    }

    /** @return list<string> */
    private function fat(Material $ingredient): array
    {
        $melts = array_unique(array_filter(
            [$ingredient->meltLow, $ingredient->meltHigh],
            static fn (?float $celsius): bool => $celsius !== null,
        ));
        $solid = $ingredient->solidFat[self::ROOM_C] ?? null;

        return [
            $melts === [] ? self::NONE : implode(' – ', array_map($this->wording->number(...), $melts)).' °C',
            $solid === null ? self::NONE : $this->wording->percent($solid),
            $this->figure($ingredient->requiredHlb),
            $ingredient->openedDays() === null ? self::NONE : $this->wording->days($ingredient->openedDays()),
        ];
    }

    /** @return list<string> */
    private function scent(Material $ingredient): array
    {
        $cautions = array_map(
            static fn (Caution $caution): string => say("handbook.cautions.$caution->value"),
            array_filter(
                $ingredient->cautions,
                static fn (Caution $caution): bool => in_array(
                    $caution,
                    [
                        Caution::Phototoxic,
                        Caution::Sensitiser,
                        Caution::AvoidPregnancy,
                        Caution::AvoidUnder3,
                        Caution::AvoidUnder6,
                    ],
                    true,
                ),
            ),
        );

        return [
            $ingredient->use === null ? self::NONE : $this->wording->percent($ingredient->use->max),
            $ingredient->rinseOffMax === null ? self::NONE : $this->wording->percent($ingredient->rinseOffMax),
            implode(', ', $cautions) ?: self::NONE,
        ];
    }

    /** @return array<string, Acid> by name, in the order of the table's columns */
    private static function acids(): array
    {
        $names = array_slice(Arr::wrap(__('handbook.tables.undissociated.columns')), 1);

        return array_combine($names, [Acid::benzoic(), Acid::sorbic(), Acid::dehydroacetic(), Acid::salicylic()]);
    }

    /** What is drawn above a table; null where a table says it all. */
    public function picture(string $table): ?Curves
    {
        return $table === 'undissociated' ? Curves::acids(self::acids()) : $this->models->picture($table);
    }

    /** @return list<string> */
    private function awake(float $ph): array
    {
        return [
            $this->wording->number($ph, 1, 1),
            ...array_map(
                fn (Acid $acid): string => $this->wording->percent(100 * $acid->undissociated($ph)),
                array_values(self::acids()),
            ),
        ];
    }

    /** @return list<list<string>> */
    private function days(): array
    {
        $times = fn (float $factor): string => say('handbook.days.times', ['times' => $this->wording->number($factor)]);

        return [
            [say('handbook.days.preserved'), $this->wording->days(ShelfLife::PRESERVED_DAYS)],
            [
                say(
                    'handbook.days.plant_rich',
                    ['share' => $this->wording->percent(100 * ShelfLife::PLANT_RICH_SHARE)],
                ),
                $this->wording->days(ShelfLife::PRESERVED_PLANT_RICH_DAYS),
            ],
            [say('handbook.days.emulsion'), $this->wording->days(ShelfLife::EMULSION_FRESH_DAYS)],
            [say('handbook.days.mask'), $this->wording->days(ShelfLife::MASK_FRESH_DAYS)],
            [say('handbook.days.room'), $this->wording->days(ShelfLife::ROOM_FRESH_DAYS)],
            [say('handbook.days.frozen'), $this->wording->days(ShelfLife::FROZEN_DAYS)],
            [say('handbook.days.antioxidant'), $times(Oxidation::ANTIOXIDANT)],
            [say('handbook.days.clear'), $times(Oxidation::CLEAR)],
            [say('handbook.days.colder'), $times(Oxidation::Q10)],
            [say('handbook.days.longest'), $this->wording->days(ShelfLife::LONGEST_DAYS)],
        ];
    }

    private function range(Material $ingredient): string
    {
        return $ingredient->use === null
            ? self::NONE
            : $this->wording->number($ingredient->use->min).' – '.$this->wording->percent($ingredient->use->max);
    }

    private function celsius(?float $celsius): string
    {
        return $celsius === null ? self::NONE : $this->wording->celsius($celsius);
    }

    private function figure(?float $value): string
    {
        return $value === null ? self::NONE : $this->wording->number($value, 1);
    }
}
