<?php

declare(strict_types=1);

namespace App\Learn;

use App\Drawing\Curves;
use App\Ground\Wording;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Material\Material;
use Ilvane\Core\Microbiology\Activities;
use Ilvane\Core\Microbiology\FreePreservative;
use Ilvane\Core\Microbiology\Growth;
use Ilvane\Core\Microbiology\Medium;
use Ilvane\Core\Microbiology\Spoilage;
use Ilvane\Core\Physics\Emulsion\Creaming;
use Ilvane\Core\Physics\Sorption;

/** The handbook's models: each with its picture and its figures, worked out by the model itself. */
final readonly class Models
{
    public const NAMES = ['reach', 'growth', 'sorption', 'solubility', 'creaming'];

    private const NONE = '–';

    /** Fridges and a room to compare, °C. */
    private const WARMTH = [4.0, 8.0, 12.0, 21.0];

    private const DAY = 24.0;

    /** Water in a plant, percent. */
    private const PLANT_WATER = [8, 10, 12, 14, 15, 16, 18, 20, 30];

    /** Droplets across, in thousandths of a millimetre. */
    private const DROPLETS = [0.5, 0.9, 2.0, 5.0, 10.0];

    private const MICRON = 1e-6;

    private const SHARE = 0.10;

    private const LIGHTER = 85.0;

    private const SHOWS = 0.005;

    private const DAY_SECONDS = 86_400.0;

    public function __construct(private Catalogue $catalogue, private Wording $wording)
    {
    }

    /** @return list<list<string>> the first cell names the row */
    public function rows(string $model): array
    {
        return match ($model) {
            'reach' => $this->reach(),
            'growth' => $this->growth(),
            'sorption' => $this->sorption(),
            'solubility' => $this->solubility(),
            'creaming' => $this->creaming(),
            default => [],
        };
    }

    public function picture(string $model): ?Curves
    {
        return match ($model) {
            'reach' => $this->reachOverOil(),
            'growth' => $this->growthOverDays(),
            'sorption' => Curves::model(
                ['' => array_map(
                    static fn (int $percent): array => [$percent, 100 * Sorption::waterActivity($percent / 100)],
                    range(1, 30),
                )],
                [0, 5, 10, 15, 20, 25, 30],
                say('handbook.models.percent_water'),
                [0, 20, 40, 60, 80, 100],
                say('handbook.models.humidity'),
            ),
            default => null,
        };
    }

    /** @return list<list<string>> a substance: its share for oil and micelles, and what it needs alone */
    private function reach(): array
    {
        $rows = [];
        foreach ($this->catalogue->activities() as $inci => $row) {
            if ($row['needs'] === []) {
                continue;
            }
            $need = fn (string $group): string => isset($row['needs'][$group])
                ? $this->wording->percent(round($row['needs'][$group] / 10_000, 3))
                : self::NONE;
            $rows[] = [
                $inci,
                $this->wording->number(round($row['oil'], 2)),
                $this->wording->number($row['micelle']),
                $need('gram_negative'),
                $need('gram_positive'),
                $need('yeast'),
                $need('mould'),
            ];
        }

        return $rows;
    }

    private function reachOverOil(): Curves
    {
        $activities = new Activities($this->catalogue);
        $lines = [];
        foreach (['Phenoxyethanol', 'Methylparaben', 'Propylparaben'] as $inci) {
            $points = [];
            foreach (range(0, 60, 5) as $oil) {
                $free = FreePreservative::of($activities->of([$inci => 0.01]), new Medium(oil: $oil / 100), 6.0);
                $points[] = [(float) $oil, $free->whereItWent([$inci])->free * 10_000];
            }
            $lines[$inci] = $points;
        }

        return Curves::model(
            $lines,
            [0, 10, 20, 30, 40, 50, 60],
            say('handbook.models.percent_oil'),
            [0, 25, 50, 75, 100],
            say('handbook.models.at_work'),
        );
    }

    /** @return list<list<string>> */
    private function growth(): array
    {
        $rows = [];
        foreach ($this->catalogue->preparations() as $method) {
            if ($method->bioburden === null) {
                continue;
            }
            $spoilage = Spoilage::ofBurden($method->bioburden, $method->ph);
            $makers = $this->wording->number($method->fridgeDays);
            $rows[] = [say("preparations.$method->key.name"), $makers, ...array_map(
                function (float $celsius) use ($spoilage): string {
                    $growth = $spoilage->at($celsius);
                    $hours = $growth->hoursTo($growth->limit(false));

                    return $hours === null ? self::NONE : $this->wording->number(round($hours / self::DAY, 1), 1);
                },
                self::WARMTH,
            )];
        }

        return $rows;
    }

    private function growthOverDays(): Curves
    {
        $lines = [];
        foreach ([4.0, 8.0] as $celsius) {
            // boiled flax gel, as the check cases have it
            $growth = Growth::of(100.0, 0.6, false, $celsius, 6.5, 1.0);
            $points = [];
            foreach (range(0, 32) as $quarter) {
                $points[] = [$quarter / 4, log10($growth->after($quarter / 4 * self::DAY))];
            }
            $lines[$this->wording->celsius($celsius)] = $points;
        }

        return Curves::model(
            $lines,
            [0, 1, 2, 3, 4, 5, 6, 7, 8],
            say('handbook.models.days'),
            [0, 2, 4, 6, 8],
            say('handbook.models.zeros'),
        );
    }

    /** @return list<list<string>> */
    private function sorption(): array
    {
        return array_map(fn (int $percent): array => [
            $this->wording->percent($percent),
            $this->wording->number(round(Sorption::waterActivity($percent / 100), 2), 2),
            say('handbook.models.plant_'.Sorption::word($percent / 100)),
        ], self::PLANT_WATER);
    }

    /** @return list<list<string>> what has a figure of its own */
    private function solubility(): array
    {
        $in = fn (string|float|null $much): string => match (true) {
            $much === null => self::NONE,
            is_float($much) => $this->wording->number($much).' g',
            default => say("handbook.models.$much"),
        };
        $rows = [];
        foreach ($this->catalogue->all() as $material) {
            if (array_filter($material->dissolves, is_float(...)) !== []) {
                $rows[] = [$this->wording->ingredient($material->key), ...$this->inThree($material, $in)];
            }
        }
        usort($rows, static fn (array $a, array $b): int => strcoll($a[0], $b[0]));

        return $rows;
    }

    /**
     * @param  callable(string|float|null): string  $in
     * @return list<string>
     */
    private function inThree(Material $material, callable $in): array
    {
        return array_map($in, array_values($material->dissolves));
    }

    /** @return list<list<string>> */
    private function creaming(): array
    {
        return array_map(fn (float $micron): array => [
            $this->wording->number($micron).' µm',
            $this->wording->number(round(
                self::SHOWS
                / Creaming::pace($micron * self::MICRON, self::LIGHTER, self::SHARE)
                / self::DAY_SECONDS,
                2,
            ), 2),
        ], self::DROPLETS);
    }
}
