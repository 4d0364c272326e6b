<?php

declare(strict_types=1);

namespace Tests\Published;

use Ilvane\Core\Measure\Band;
use Ilvane\Core\Physics\Acidity\Acid;
use Ilvane\Core\Physics\Acidity\Sample;
use Ilvane\Core\Physics\Acidity\Solution;
use InvalidArgumentException;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Scipy;

/**
 * Constants: CRC Handbook, Dissociation constants (recalled). Undissociated shares: tables in Lück and Jager,
 * Antimicrobial
 * Food Additives, and Davidson, Sofos and Branen, Antimicrobials in Food (recalled; they used pKa 4.19 to 4.20 and
 * 4.76),
 * recomputed. Standards: IUPAC Recommendations 2002 (Buck and others), NIST SP 260-53 (recalled).
 */
final class AcidityTest extends TestCase
{
    #[DataProvider('undissociated')]
    public function test_undissociated_shares(Acid $acid, float $ph, float $recomputed, ?float $printed): void
    {
        $percent = 100 * $acid->undissociated($ph);
        self::assertEqualsWithDelta($recomputed, $percent, 0.001);
        if ($printed !== null) {
            self::assertEqualsWithDelta($printed, $percent, 1.6, 'the printed table, to its rounding and its pKa');
        }
    }

    public static function undissociated(): iterable
    {
        yield 'benzoic, pH 3' => [Acid::benzoic(), 3.0, 94.116, 94];
        yield 'benzoic, pH 4' => [Acid::benzoic(), 4.0, 61.532, 60];
        yield 'benzoic, pH 4.5' => [Acid::benzoic(), 4.5, 33.591, null];
        yield 'benzoic, pH 5' => [Acid::benzoic(), 5.0, 13.790, 13];
        yield 'benzoic, pH 5.5' => [Acid::benzoic(), 5.5, 4.815, null];
        yield 'benzoic, pH 6' => [Acid::benzoic(), 6.0, 1.574, 1.5];
        yield 'sorbic, pH 3' => [Acid::sorbic(), 3.0, 98.292, 98];
        yield 'sorbic, pH 4' => [Acid::sorbic(), 4.0, 85.195, 86];
        yield 'sorbic, pH 5' => [Acid::sorbic(), 5.0, 36.526, 37];
        yield 'sorbic, pH 6' => [Acid::sorbic(), 6.0, 5.441, 6];
        yield 'dehydroacetic, pH 4' => [Acid::dehydroacetic(), 4.0, 94.903, 95];
        yield 'dehydroacetic, pH 5' => [Acid::dehydroacetic(), 5.0, 65.060, 65];
        yield 'dehydroacetic, pH 6' => [Acid::dehydroacetic(), 6.0, 15.698, 15.8];
        yield 'salicylic, pH 3' => [Acid::salicylic(), 3.0, 48.849, 49];
        yield 'salicylic, pH 4' => [Acid::salicylic(), 4.0, 8.717, 8.6];
    }

    public function test_free_preservative_acid(): void
    {
        self::assertEqualsWithDelta(0.06895, 0.5 * Acid::benzoic()->undissociated(5.0), 1e-5);
        self::assertEqualsWithDelta(0.09237, 0.6 * Acid::sorbic()->undissociated(5.5), 1e-5);
        self::assertEqualsWithDelta(
            100 / 11,
            100 * Acid::lactic()->undissociated(Acid::lactic()->pKa[0] + 1),
            1e-9,
            'one above its pKa: any text',
        );
    }

    #[DataProvider('solutions')]
    public function test_ph_by_charge_balance(
        Solution $solution,
        ?float $ideal,
        ?float $davies,
        ?float $certified,
    ): void {
        if ($ideal !== null) {
            self::assertEqualsWithDelta($ideal, $solution->idealPh(), 0.0006);
        }
        if ($davies !== null) {
            self::assertEqualsWithDelta($davies, $solution->ph(), 0.0006);
        }
        if ($certified !== null) {
            self::assertEqualsWithDelta(
                $certified,
                $solution->ph(),
                0.02,
                'the certified value, within what Davies can',
            );
        }
    }

    public static function solutions(): iterable
    {
        yield 'citric acid 0.1 M' => [new Solution([[Acid::citric(), 0.1]]), 2.0818, 2.0835, null];
        yield 'citric acid 0.01 M' => [new Solution([[Acid::citric(), 0.01]]), 2.61996, null, null];
        yield 'citric acid half neutralised' => [new Solution([[Acid::citric(), 0.1]], 0.05), 3.1127, null, null];
        yield 'citric acid, one equivalent' => [new Solution([[Acid::citric(), 0.1]], 0.1), 3.9451, null, null];
        yield 'citric acid, two equivalents' => [new Solution([[Acid::citric(), 0.1]], 0.2), 5.5801, null, null];
        yield 'citric acid, three equivalents' => [new Solution([[Acid::citric(), 0.1]], 0.3), 9.6954, null, null];
        yield '0.5 % sodium benzoate' => [new Solution([[Acid::benzoic(), 0.0347]], 0.0347), 8.370, null, null];
        yield 'standard: KH2 citrate 0.05 m' => [new Solution([[Acid::citric(), 0.05]], 0.05), 3.947, null, 3.776];
        yield 'standard: KH phthalate 0.05 m' => [new Solution([[Acid::phthalic(), 0.05]], 0.05), 4.184, null, 4.005];
        yield 'standard: phosphate 1:1' => [new Solution([[Acid::phosphoric(), 0.05]], 0.075), 7.198, null, 6.865];
        yield 'standard: phosphate 1:3.5' => [
            new Solution([[Acid::phosphoric(), 0.039125]], 0.008695 + 2 * 0.03043),
            7.742,
            null,
            7.413,
        ];
    }

    /** Anhydrous citric acid that brings 0.5 % w/v sodium benzoate to a pH, g in 100 mL: recomputed, with Davies. */
    public function test_acid_for_a_target(): void
    {
        $benzoate = new Solution([[Acid::benzoic(), 0.0347]], 0.0347);
        foreach ([[3.5, 0.6673], [4.0, 0.3382], [4.5, 0.1345], [5.0, 0.0433]] as [$ph, $grams]) {
            self::assertEqualsWithDelta(
                $grams,
                ($benzoate->toReach($ph, Acid::citric()) ?? 0.0) * 192.124 / 10,
                0.0003,
            );
        }
        self::assertSame(0.0, $benzoate->toReach(9.0, Acid::citric()));
        self::assertNull($benzoate->toReach(0.5, Acid::citric()), 'no citric acid makes it that sour');
    }

    /** What is said to reach a pH reaches it, in random mixes; a pH further down takes more. */
    public function test_the_acid_worked_out_does_what_it_says(): void
    {
        mt_srand(41);
        $kinds = [Acid::benzoic(), Acid::sorbic(), Acid::lactic(), Acid::acetic()];
        for ($i = 0; $i < 120; $i++) {
            $molar = 10 ** (-mt_rand(10, 30) / 10);
            $solution = new Solution([[$kinds[mt_rand(0, 3)], $molar]], $molar * mt_rand(60, 110) / 100);
            $needed = 0.0;
            foreach ([6.0, 5.0, 4.0, 3.5] as $ph) {
                $molarOfCitric = $solution->toReach($ph, Acid::citric());
                if ($molarOfCitric === null) {
                    continue;
                }
                self::assertGreaterThanOrEqual($needed, $molarOfCitric, "mix $i, pH $ph");
                $needed = $molarOfCitric;
                self::assertEqualsWithDelta(
                    $molarOfCitric === 0.0 ? min($ph, $solution->ph()) : $ph,
                    $solution->with(Acid::citric(), $molarOfCitric)->ph(),
                    1e-6,
                    "mix $i, pH $ph",
                );
            }
        }
    }

    /** Van Slyke 1922: ln 10·C/4 at pH = pKa, ideal. */
    public function test_buffer_capacity(): void
    {
        $buffer = new Solution([[Acid::acetic(), 0.2]], 0.1);
        self::assertEqualsWithDelta(4.756, $buffer->idealPh(), 0.001);
        self::assertEqualsWithDelta(0.11513, $buffer->bufferCapacity(), 0.004);
    }

    /** SciPy's root finder on its own charge balance, ideal, over random mixes. */
    public function test_an_independent_solver_agrees(): void
    {
        mt_srand(88);
        $kinds = [
            Acid::benzoic(),
            Acid::sorbic(),
            Acid::citric(),
            Acid::lactic(),
            Acid::phosphoric(),
            Acid::gluconic(),
        ];
        $cases = $ours = [];
        for ($i = 0; $i < 80; $i++) {
            $acids = array_map(
                static fn (): array => [$kinds[mt_rand(0, 5)], 10 ** (-mt_rand(10, 40) / 10)],
                range(1, mt_rand(1, 4)),
            );
            $cations = mt_rand(0, 100) / 100 * array_sum(array_column($acids, 1));
            $cases[] = [
                'acids' => array_map(
                    static fn (array $acid): array => ['pka' => $acid[0]->pKa, 'c' => $acid[1]],
                    $acids,
                ),
                'na' => $cations,
            ];
            $solution = new Solution($acids, $cations);
            $ours[] = [$solution->idealPh(), $solution->ph()];
        }
        $theirs = Scipy::ask(<<<'PY'
            from scipy.optimize import brentq
            import math
            def balance(ph, case, s):
                lg = -0.509 * (math.sqrt(s) / (1 + math.sqrt(s)) - 0.3 * s)
                q = case['na'] + 10 ** (-ph - lg) - 10 ** (ph - 13.995 - lg)
                ion = case['na'] + 10 ** (-ph - lg) + 10 ** (ph - 13.995 - lg)
                for a in case['acids']:
                    terms = [1.0]
                    for z, pk in enumerate(a['pka'], 1):
                        terms.append(terms[-1] * 10 ** (ph - pk - (2 * z - 1) * lg))
                    q -= a['c'] * sum(z * t for z, t in enumerate(terms)) / sum(terms)
                    ion += a['c'] * sum(z * z * t for z, t in enumerate(terms)) / sum(terms)
                return q, ion / 2
            out = []
            for case in data:
                ideal = brentq(lambda ph: balance(ph, case, 0.0)[0], 0, 14, xtol=1e-13)
                ph, s = ideal, 0.0
                for _ in range(200):
                    s = min(0.5, balance(ph, case, s)[1])
                    ph = brentq(lambda x: balance(x, case, s)[0], 0, 14, xtol=1e-13)
                out.append([ideal, ph])
            print(json.dumps(out))
            PY, $cases);
        foreach ($theirs as $i => $pair) {
            self::assertEqualsWithDelta($pair[0], $ours[$i][0], 1e-6, "case $i");
            self::assertEqualsWithDelta($pair[1], $ours[$i][1], 1e-5, "case $i, with Davies");
        }
    }

    /** Arithmetic, and what the scale leaves open. */
    public function test_a_sample_scaled_up(): void
    {
        $dose = Sample::scaledUp(200.0, 10.0, Band::of(0.18, 0.20, 0.22), 0.01);
        self::assertEqualsWithDelta(4.0, $dose->likely, 1e-12);
        self::assertLessThan(3.6, $dose->low);
        self::assertGreaterThan(4.4, $dose->high);
        self::assertGreaterThan(
            $dose->width(),
            Sample::scaledUp(200.0, 2.0, Band::of(0.036, 0.04, 0.044), 0.1)->width(),
            'a small sample on a coarse scale says less',
        );
        $this->expectException(InvalidArgumentException::class);
        Sample::scaledUp(200.0, 0.04, Band::exact(0.1), 0.1);
    }
}
