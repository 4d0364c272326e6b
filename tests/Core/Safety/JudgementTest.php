<?php

declare(strict_types=1);

namespace Tests\Core\Safety;

use Ilvane\Core\Formula\Patch;
use Ilvane\Core\Physics\Emulsion\Hlb;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\ShelfLife\ShelfLife;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\CoreCase;

/** The rules that weigh one thing against another: pairs, sums, balances, people, words. */
final class JudgementTest extends CoreCase
{
    private static function conditioner(array ...$lines): array
    {
        return self::document(
            [
                ['distilled-water', 'to 100'],
                ['btms-50', '5 %'],
                ['argan-oil', '6 %'],
                ['phenoxyethanol-ethylhexylglycerin', '0.9 %'],
                ...$lines,
            ],
            ['ph' => 5.0],
        );
    }

    /** Textbook, from memory; for the gum common practice. */
    #[DataProvider('pairs')]
    public function test_charges_fall_out_pair_by_pair(array $lines, ?Severity $severity): void
    {
        self::assertSame(
            $severity,
            self::finding(self::evaluate(self::conditioner(...$lines)), 'emulsion.charge_clash')?->severity,
        );
        $nonionic = self::conditioner(...$lines);
        $nonionic['lines'][1]['ingredient'] = 'emulsifying-wax-nf';
        self::assertNull(
            self::finding(self::evaluate($nonionic), 'emulsion.charge_clash'),
            'without the plus there is no clash',
        );
    }

    public static function pairs(): iterable
    {
        yield 'soap' => [[['castile-soap-liquid', '1 %']], Severity::Stop];
        yield 'carbomer' => [[['carbomer', '0.2 %']], Severity::Stop];
        yield 'xanthan, little' => [[['xanthan-gum', '0.2 %', 'water', ['prepared' => 'wetted']]], null];
        yield 'xanthan, more' => [[['xanthan-gum', '0.3 %', 'water', ['prepared' => 'wetted']]], Severity::Mind];
        yield 'stearic acid' => [[['stearic-acid', '1 %']], null];
        yield 'stearic acid and alkali: soap' => [
            [['stearic-acid', '1 %'], ['sodium-bicarbonate', '0.3 %']],
            Severity::Stop,
        ];
        yield 'a gum of the same charge' => [[['cationic-guar', '0.2 %', 'water', ['prepared' => 'wetted']]], null];
        yield 'a gum of none' => [[['hydroxyethylcellulose', '0.5 %']], null];
    }

    /**
     * Shares of what each may be add up: half of one and half of another is the whole (published safety texts,
     * recalled).
     */
    public function test_what_burns_in_the_sun_adds_up(): void
    {
        $oil = static fn (float $bergamot, float $lemon, array $more = []): array => self::document(
            [
                ['jojoba-oil', 'to 100'],
                ['bergamot-essential-oil-expressed', "$bergamot %"],
                ['lemon-essential-oil-expressed', "$lemon %"],
            ],
            ['family' => 'hair_oil', ...$more],
        );
        [$most, $lemon] = [0.4, 2.0];
        self::assertNull(self::finding(self::evaluate($oil($most / 2, $lemon / 2)), 'scent.phototoxic'));
        $over = $oil(0.6 * $most, 0.6 * $lemon);
        $finding = self::finding(self::evaluate($over), 'scent.phototoxic');
        self::assertSame([2, 3], $finding?->lines);
        self::assertNull(self::finding(
            self::evaluate(Patch::apply($over, $finding->fixes[0]->patch)),
            'scent.phototoxic',
        ));
        self::assertNull(
            self::finding(self::evaluate([...$over, 'use' => 'rinse_off']), 'scent.phototoxic'),
            'washed out before the sun',
        );
        self::assertNull(
            self::finding(
                self::evaluate(self::document(
                    [['jojoba-oil', 'to 100'], ['bergamot-essential-oil-fcf', '0.9 %']],
                    ['family' => 'hair_oil'],
                )),
                'scent.phototoxic',
            ),
            'furocoumarins taken out',
        );
    }

    /** Alone, at the edge: percent of what stays on (published safety texts, recalled). */
    #[DataProvider('phototoxicLimits')]
    public function test_at_its_limit_it_is_silent_and_a_hundredth_above_it_speaks(string $oil, float $limit): void
    {
        foreach ([$limit, $limit + 0.01] as $i => $percent) {
            $finding = self::finding(
                self::evaluate(self::document(
                    [['jojoba-oil', 'to 100'], [$oil, "$percent %"]],
                    ['family' => 'hair_oil'],
                )),
                'scent.phototoxic',
            );
            self::assertSame($i === 1, $finding !== null, "$percent %");
        }
    }

    public static function phototoxicLimits(): iterable
    {
        yield ['bergamot-essential-oil-expressed', 0.4];
        yield ['lemon-essential-oil-expressed', 2.0];
        yield ['grapefruit-essential-oil', 4.0];
    }

    /** Annex V states limits; a pH range and a temperature stand in no law. */
    public function test_a_law_is_named_for_what_it_states_and_for_nothing_else(): void
    {
        $milk = static fn (array $more): array => self::document(
            [['distilled-water', 'to 100'], ['btms-50', '5 %'], ['jojoba-oil', '8 %'], ['potassium-sorbate', '0.5 %']],
            $more,
        );
        $range = self::finding(self::evaluate($milk(['ph' => 7.5])), 'preservation.ph_unsuited');
        self::assertStringNotContainsString('1223/2009', (string) ($range?->terms['source']->value ?? 'none'));
        foreach (self::catalogue()->all() as $material) {
            foreach (['ph', 'heat'] as $figure) {
                $isCited = preg_match('/1223\/2009|Annex V\b/', $material->sourceOf($figure)) === 1
                    && ! str_contains($material->sourceOf($figure), 'rest from memory');
                $figures = ['ph' => $material->phMin, 'heat' => $material->maxProcessTemperature];
                self::assertFalse($isCited && $figures[$figure] !== null, "$material->key: $figure");
            }
        }
    }

    /** Whatever the oil asks for, the split offered meets it, with as much emulsifier in all. */
    public function test_the_split_offered_meets_what_the_oils_ask_for(): void
    {
        $met = 0;
        foreach (['castor-oil', 'jojoba-oil', 'soybean-oil', 'sweet-almond-oil', 'grapeseed-oil'] as $oil) {
            foreach ([['0.5 %', '2.5 %'], ['2.6 %', '0.4 %']] as [$oleate, $polysorbate]) {
                $document = self::document(
                    [
                        ['distilled-water', 'to 100'],
                        [$oil, '8 %'],
                        ['sorbitan-oleate', $oleate],
                        ['polysorbate-80', $polysorbate],
                        ['phenoxyethanol-ethylhexylglycerin', '0.9 %'],
                    ],
                    ['ph' => 5.0],
                );
                $before = self::evaluate($document);
                $finding = self::finding($before, 'emulsion.hlb_off');
                if ($finding === null || $finding->fixes === []) {
                    continue;
                }
                $after = self::evaluate(Patch::apply($document, $finding->fixes[0]->patch))->assessment;
                self::assertLessThanOrEqual(0.15, abs($after->hlb->off() ?? 99.0), "$oil $oleate");
                self::assertEqualsWithDelta(
                    $before->assessment->emulsion->emulsifierShare->likely,
                    $after->emulsion->emulsifierShare->likely,
                    2e-4,
                );
                $met++;
            }
        }
        self::assertGreaterThanOrEqual(3, $met);
        self::assertEqualsWithDelta(12.0, Hlb::blend([[50, 9], [50, 15]]), 1e-12);
    }

    /** Published essential-oil safety texts, recalled: who had better not. */
    #[DataProvider('people')]
    public function test_scents_not_for_everyone(string $oil, string $audience, bool $isBarred): void
    {
        $document = self::document(
            [['sunflower-oil-high-oleic', '99.9 %'], [$oil, '0.1 %']],
            ['family' => 'hair_oil', 'for' => ['audience' => $audience]],
        );
        self::assertSame($isBarred, self::finding(self::evaluate($document), 'scent.audience') !== null);
    }

    public static function people(): iterable
    {
        yield ['peppermint-essential-oil', 'child_under_3', true];
        yield ['peppermint-essential-oil', 'adult', false];
        yield ['eucalyptus-essential-oil', 'child_under_6', true];
        yield ['eucalyptus-essential-oil', 'child_under_12', false];
        yield ['clary-sage-essential-oil', 'pregnant', true];
        yield ['lavender-essential-oil', 'pregnant', false];
        yield ['lavender-essential-oil', 'child_under_6', false];
    }

    public function test_a_label_may_not_keep_longer_than_it_does(): void
    {
        $claimed = static fn (float $days): array => [...self::sound(), 'keeping' => ['claimed_days' => $days]];
        $days = self::evaluate(self::sound())->assessment->keeping->days;
        self::assertSame(ShelfLife::PRESERVED_DAYS, $days);
        self::assertNull(self::finding(self::evaluate($claimed($days)), 'keeping.claim_too_long'));
        $finding = self::finding(self::evaluate($claimed($days + 1)), 'keeping.claim_too_long');
        self::assertSame(Severity::Stop, $finding?->severity);
        self::assertNull(self::finding(
            self::evaluate(Patch::apply($claimed($days + 1), $finding->fixes[0]->patch)),
            'keeping.claim_too_long',
        ));
    }

    public function test_words_are_looked_for_in_name_directions_and_notes(): void
    {
        foreach (['name', 'directions', 'notes'] as $field) {
            self::assertSame(
                ['label.claim'],
                self::seriousCodes([...self::sound(), $field => 'Stops hair loss']),
                $field,
            );
        }
        self::assertSame(
            [],
            self::seriousCodes([
                ...self::sound(),
                'directions' => 'Smooth through damp ends. It is no cure for anything.',
            ]),
        );
    }

    /** Whatever the mix, more glycerin never makes water freer, and less of it never binds more. */
    public function test_glycerin_only_binds(): void
    {
        $last = 1.0;
        foreach (range(5, 90, 5) as $percent) {
            $evaluation = self::evaluate(self::document(
                [['distilled-water', 'to 100'], ['glycerin', "$percent %"]],
                ['family' => 'gel'],
            ));
            $it = $evaluation->assessment;
            $activity = \Ilvane\Core\Physics\WaterActivity::of($it->composition) ?? 1.0;
            self::assertLessThan($last, $activity);
            // glycerin in water: perishable under 50 %, kept from 65 % on (common practice, recalled)
            self::assertSame($percent < 50, $it->preservation->isWatery, "$percent %");
            self::assertSame($percent >= 50 && $percent < 65, in_array('preservation.bound', array_map(
                static fn ($finding): string => $finding->code,
                $evaluation->findings,
            ), true), "$percent %");
            $last = $activity;
        }
    }
}
