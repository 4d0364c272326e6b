<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Ground\ShippedCatalogue;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Material\PreservativeComponent;
use Ilvane\Core\Measure\Alligation;
use Ilvane\Core\Measure\Band;
use Ilvane\Core\Measure\Tools;
use Ilvane\Core\Measure\Unit;
use Ilvane\Core\Measure\UnitSystem;
use Ilvane\Core\Microbiology\AsAcid;
use Ilvane\Core\Physics\Acidity\Acid;
use Ilvane\Core\Physics\Acidity\Solution;
use Ilvane\Core\Physics\Emulsion\Hlb;
use Ilvane\Core\Physics\Heat\Steam;
use Ilvane\Core\Physics\Oxidation;
use Ilvane\Core\Physics\WaterActivity;
use Ilvane\Core\Safety\Rules\InnerPhaseHigh;
use Tests\Published\AcidityTest;
use Tests\Published\AlligationTest;
use Tests\Published\BalanceTest;
use Tests\Published\DensitiesTest;
use Tests\Published\FoodsTest;
use Tests\Published\HeatTest;
use Tests\Published\OutsideReadingsTest;
use Tests\Published\PreservativeLimitsTest;
use Tests\Published\UnitsTest;

/**
 * docs/checks.md: every published value the tests hold us to, ours, and the difference; made from the tests' own data.
 */
final class ChecksTable
{
    private const HEAD = <<<'MD'
        # Values from outside, and ours

        Made by `bin/checks` from the data of `tests/Published`; a test fails when this page and the tests part. The
        published values are recalled, not looked up, unless a page says otherwise; the source stands above each table
        and beside each test.

        MD;

    private readonly Catalogue $catalogue;

    public function __construct()
    {
        $this->catalogue = new Catalogue(new ShippedCatalogue(
            dirname(__DIR__, 2).'/data',
            sys_get_temp_dir().'/ilvane-checks-'.getmypid().'/catalogue.php',
        ));
    }

    public function markdown(): string
    {
        $page = self::HEAD;
        $tables = [...$this->tables(), ...$this->more()];
        foreach (['outside', 'arithmetic'] as $part) {
            $page .= self::PARTS[$part];
            foreach ($tables as $title => $rows) {
                [$name, $source] = explode(' | ', $title);
                if (in_array($name, self::ARITHMETIC, true) === ($part === 'arithmetic')) {
                    $page .= self::table($name, $source, $rows, $part === 'outside' ? 'Outside' : 'Recomputed');
                }
            }
        }

        return $page;
    }

    /** @param  list<array{string, float|string, float|null}>  $rows */
    private static function table(string $name, string $source, array $rows, string $theirs): string
    {
        $table = "\n### $name\n\n$source\n\n| What | $theirs | Ours | Difference |\n|---|---:|---:|---:|\n";
        foreach ($rows as [$what, $published, $ours]) {
            $table .= sprintf(
                "| %s | %s | %s | %s |\n",
                $what,
                self::figure($published),
                self::figure($ours),
                is_float($published) && is_float($ours)
                    ? self::figure($ours - $published)
                    : ($ours === null ? '' : 'within'),
            );
        }

        return $table;
    }

    private const PARTS = [
        'outside' => "\n## Values from outside\n\nSomeone else measured or fixed these; ours may differ.\n",
        'arithmetic' => "\n## Verified arithmetic\n\nThe same equation calculated again, or a figure ours was set by: "
            ."a slip would show, a wrong\nequation would not.\n",
    ];

    /** Tables that verify our arithmetic and say nothing of the world. */
    private const ARITHMETIC = [
        'pH by charge balance, ideal', 'Water activity', 'Ageing factors', 'Close packing', 'Salt to acid by molar mass',
        'Alligation, strong to weak', 'What a spoon or cup weighs, g',
    ];

    /** @return array<string, list<array{string, float|string, float|null}>> title and source => rows */
    private function more(): array
    {
        return [
            'Vapour pressure of water, kPa | IAPWS-IF97, as printed in steam tables; python3-iapws agrees (HeatTest).' => $this
                ->rows(
                    HeatTest::pressures(),
                    static fn (float $celsius, float $kPa): array => [$kPa, Steam::pressure($celsius)],
                ),
            'Readings kept aside, and the band we draw around ours'
                .' | Recalled; no model here was set by them.' => array_map(
                    static fn (string $what, array $reading): array => [
                        $what.sprintf(' (band %.4g to %.4g)', $reading[2], $reading[3]), $reading[0], $reading[1],
                    ],
                    array_keys(OutsideReadingsTest::readings()),
                    array_values(OutsideReadingsTest::readings()),
                ),
            'Water in foods, g in 100 g | Indian Food Composition Tables 2017.' => $this->rows(
                FoodsTest::waters(),
                fn (string $key, string $food): array => [
                    FoodsTest::theirs($food)['water'],
                    100 * ($this->catalogue->get($key)->waterFraction ?? 0.0),
                ],
            ),
            'Fat in seeds, g in 100 g | Indian Food Composition Tables 2017.' => $this->rows(
                FoodsTest::fats(),
                fn (string $key, string $food): array => [
                    FoodsTest::theirs($food)['fat'],
                    100 * ($this->catalogue->get($key)->contents['Fat'] ?? 0.0),
                ],
            ),
        ];
    }

    /** @return array<string, list<array{string, float|string, float|null}>> title and source => rows */
    private function tables(): array
    {
        return [
            'Undissociated share, % | Lück and Jager; Davidson, Sofos and Branen (printed tables, rounded, pKa 4.19 to 4.20 and 4.76); tenths recomputed where they print none.' => $this
                ->rows(
                    AcidityTest::undissociated(),
                    static fn (Acid $acid, float $ph, float $exact, ?float $printed): array => [
                        (float) ($printed ?? $exact),
                        100 * $acid->undissociated($ph),
                    ],
                ),
            'pH by charge balance, ideal | CRC constants, recomputed by hand; SciPy agrees to 1e-6 on 80 random mixes (AcidityTest).' => $this
                ->rows(
                    AcidityTest::solutions(),
                    static fn (Solution $solution, ?float $ideal): array => [(float) $ideal, $solution->idealPh()],
                ),
            'pH of standard buffers | IUPAC 2002, NIST SP 260-53; ours with Davies activities.' => $this->rows(
                array_filter(
                    iterator_to_array(AcidityTest::solutions()),
                    static fn (array $row): bool => $row[3] !== null,
                ),
                static fn (
                    Solution $solution,
                    ?float $ideal,
                    ?float $davies,
                    ?float $certified,
                ): array => [(float) $certified, $solution->ph()],
            ),
            'Water activity | Norrish 1966; K of Chirife and others 1980, recomputed.' => $this->rows(
                BalanceTest::activities(),
                static fn (
                    float $share,
                    float $mass,
                    float $k,
                    float $aw,
                ): array => [$aw, WaterActivity::norrish($share, $mass, $k)],
            ),
            'HLB of mixes | Martin; Aulton; ICI Americas, The HLB System.' => $this->rows(
                BalanceTest::blends(),
                static fn (array $parts, float $hlb): array => [$hlb, Hlb::blend($parts)],
            ),
            'Ageing factors | ASTM F1980, Q10^((Ta − Tr)/10).' => array_map(
                static fn (array $row): array => [
                    "$row[0] °C for $row[1] °C, Q10 $row[2]",
                    $row[3],
                    Oxidation::ageingFactor($row[0], $row[1], $row[2]),
                ],
                [
                    [55, 22, 2.0, 9.8492],
                    [60, 22, 2.0, 13.9288],
                    [40, 20, 2.0, 4.0],
                    [55, 25, 1.8, 5.832],
                    [55, 25, 2.5, 15.625],
                ],
            ),
            'Close packing | Geometry, pi/(3·sqrt 2).' => [[
                'share of the volume, %',
                round(100 * M_PI / (3 * M_SQRT2), 4),
                100 * InnerPhaseHigh::CLOSE_PACKING,
            ]],
            'Most of a preservative’s component, left on, % | Regulation (EC) No 1223/2009, Annex V.' => $this->rows(
                PreservativeLimitsTest::annexV(),
                fn (string $key, string $inci, float $leaveOn): array => [$leaveOn, $this->limit($key, $inci)],
            ),
            'Salt to acid by molar mass | IUPAC standard atomic weights.' => $this->rows(
                PreservativeLimitsTest::asAcid(),
                static fn (string $inci, float $factor): array => [$factor, AsAcid::factor($inci)],
                0,
            ),
            'Alligation, strong to weak | Textbooks of pharmaceutical calculation.' => $this->rows(
                AlligationTest::parts(),
                static fn (float $weak, float $strong, float $wanted, float $ratio): array => [
                    $ratio,
                    Alligation::parts(
                        $weak,
                        $strong,
                        $wanted,
                    )['strong'] / Alligation::parts($weak, $strong, $wanted)['weak'],
                ],
            ),
            'Volumes, mL | NIST Handbook 44; UK Weights and Measures Act; definitions.' => $this->rows(
                UnitsTest::volumes(),
                static fn (Unit $unit, UnitSystem $system, float $ml): array => [$ml, $unit->millilitres($system)],
            ),
            'Densities of oils, g/mL | Codex Alimentarius CXS 210-1999 and CXS 33-1981, relative to water at 20 °C: a range.' => $this
                ->rows(
                    DensitiesTest::codex(),
                    fn (string $key, float $low, float $high): array => [
                        "$low to $high",
                        $this->catalogue->get($key)->bulk->density,
                    ],
                ),
            'What a spoon or cup weighs, g | USDA National Nutrient Database, household weights: within our band.' => $this
                ->rows(
                    DensitiesTest::cups(),
                    fn (string $key, float $grams, Unit $unit = Unit::Cup): array => [
                        (float) $grams,
                        (new Tools)->grams(Band::exact(1.0), $unit, $this->catalogue->get($key)->bulk)?->likely,
                    ],
                ),
        ];
    }

    /**
     * @param  iterable<int|string, array<mixed>>  $cases
     * @param  callable(mixed ...): array{float|string, float|null}  $values
     * @param  int|null  $named  where a case without a name has it
     * @return list<array{string, float|string, float|null}>
     */
    private function rows(iterable $cases, callable $values, ?int $named = null): array
    {
        $rows = [];
        foreach ($cases as $name => $case) {
            $rows[] = [
                is_string($name)
                    ? $name
                    : ($named === null ? implode(' ', array_filter($case, is_scalar(...))) : (string) $case[$named]),
                ...$values(...array_values($case)),
            ];
        }

        return $rows;
    }

    private function limit(string $key, string $inci): ?float
    {
        $parts = array_filter(
            $this->catalogue->get($key)->preservativeComponents,
            static fn (PreservativeComponent $part): bool => $part->inci === $inci,
        );

        return array_values($parts)[0]->leaveOnLimit ?? null;
    }

    private static function figure(float|string|null $value): string
    {
        if (! is_float($value)) {
            return (string) $value;
        }
        $text = rtrim(rtrim(number_format($value, 4, '.', ''), '0'), '.');

        return $text === '-0' ? '0' : $text;
    }
}
