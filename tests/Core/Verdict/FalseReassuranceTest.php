<?php

declare(strict_types=1);

namespace Tests\Core\Verdict;

use Ilvane\Core\Safety\Severity;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\CoreCase;

/**
 * Formulas that once were told to keep for months, or to be sound, and were neither. What has to be said of each, by
 * hand: the codes that must stand, gravest severity, and the most days it may be given.
 */
final class FalseReassuranceTest extends CoreCase
{
    private const PE = 'phenoxyethanol-ethylhexylglycerin';

    private const DHA = 'benzyl-alcohol-dehydroacetic-acid';

    private const PAIR = 'sodium-benzoate-potassium-sorbate';

    /** @return iterable<string, array{array<string, mixed>, list<string>, string, float|null}> */
    public static function probes(): iterable
    {
        $of = static fn (array $lines, string $family, array $more = []): array => self::document($lines, [
            'family' => $family, ...$more,
        ]);
        $water = ['distilled-water', 'to 100'];
        yield 'raw egg and banana with a supplier’s dose' => [
            $of([['egg-yolk', '40 %'], ['banana-flesh', '59 %'], [self::PE, '1 %']], 'fresh_mask'),
            ['preservation.food'], 'mind', 2.0,
        ];
        yield 'avocado and yoghurt with it' => [
            $of([
                ['avocado-flesh', '60 %'], ['yoghurt', '25 %'], ['olive-oil', '9 %'], [self::PE, '1 %'],
                ['honey', '5 %'],
            ], 'fresh_mask'),
            ['preservation.food'], 'mind', 2.0,
        ];
        yield 'an avocado mask with an acid system and no pH' => [
            $of([
                ['avocado-flesh', '60 %'], ['yoghurt', '25 %'], ['olive-oil', '14.1 %'], [self::DHA, '0.9 %'],
            ], 'fresh_mask'),
            ['preservation.food'], 'mind', 2.0,
        ];
        yield 'wilted garlic in olive oil, in a room' => [
            $of([
                ['olive-oil', '200 g', 'oil'], ['garlic-fresh', '40 g', 'infusion', ['prepared' => 'wilted']],
            ], 'infused_oil', ['batch' => null]),
            ['plant.fresh_in_oil', 'plant.low_acid_in_oil'], 'stop', null,
        ];
        yield 'wilted rosemary in oil' => [
            $of([
                ['olive-oil', '200 g', 'oil'], ['rosemary-fresh', '40 g', 'infusion', ['prepared' => 'wilted']],
            ], 'infused_oil', ['batch' => null]),
            ['plant.fresh_in_oil'], 'stop', null,
        ];
        yield 'benzoate and sorbate in water, no acid, no pH' => [
            $of([$water, [self::PAIR, '1 %']], 'water_spray'), ['preservation.ph_unsuited'], 'stop', null,
        ];
        yield 'the same with bicarbonate' => [
            $of([$water, [self::PAIR, '1 %'], ['sodium-bicarbonate', '1 %']], 'water_spray'),
            ['preservation.ph_unsuited'], 'stop', null,
        ];
        yield 'benzoate and radish ferment' => [
            $of([
                $water, ['sodium-benzoate', '0.3 %'], ['radish-root-ferment-filtrate', '2 %'], ['citric-acid', '0.2 %'],
            ], 'water_spray', ['ph' => 5.0]),
            ['preservation.not_free'], 'mind', 90.0,
        ];
        yield 'gluconolactone and benzoate at 5.5 in half aloe juice' => [
            $of([
                $water, ['aloe-juice', '50 %'], ['gluconolactone-sodium-benzoate', '1 %'],
            ], 'water_spray', ['ph' => 5.5]),
            ['preservation.not_free'], 'stop', null,
        ];
        yield 'flax gel with the least dose' => [
            $of([['flaxseed-gel', 'to 100'], [self::PE, '0.5 %']], 'gel', ['ph' => 5.5]), ['preservation.not_free'],
            'mind', 90.0,
        ];
        yield 'half a percent beside fifteen of polysorbate' => [
            $of([$water, ['polysorbate-20', '15 %'], [self::PE, '0.5 %']], 'water_spray', ['ph' => 5.0]),
            ['preservation.not_free'], 'stop', null,
        ];
        yield 'a fifth of flaxseed oil' => [
            $of([['jojoba-oil', '80 %'], ['flaxseed-oil', '20 %']], 'hair_oil'), [], 'note', 92.0,
        ];
        yield 'a formaldehyde releaser left on' => [
            $of([
                $water, ['btms-50', '5 %'], ['sunflower-oil', '10 %'],
                ['propylene-glycol-diazolidinyl-urea-parabens', '0.8 %'],
            ], 'leave_in_emulsion', ['ph' => 5.0]),
            ['preservation.formaldehyde'], 'note', 180.0,
        ];
        yield 'essential oil in plain water' => [
            $of([$water, ['lavender-essential-oil', '0.5 %'], [self::PE, '1 %']], 'water_spray', ['ph' => 5.5]),
            ['solubility.floats'], 'stop', 180.0,
        ];
    }

    /**
     * @param  array<string, mixed>  $document
     * @param  list<string>  $codes
     * @param  string  $severity  of the gravest of them
     * @param  float|null  $days  at most; null: no date at all
     */
    #[DataProvider('probes')]
    public function test_what_has_to_be_said(array $document, array $codes, string $severity, ?float $days): void
    {
        $evaluation = self::evaluate($document);
        foreach ($codes as $code) {
            self::assertContains($code, $evaluation->codes());
        }
        $gravest = null;
        foreach ($codes as $code) {
            $finding = self::finding($evaluation, $code);
            $gravest = $gravest === null || ($finding?->severity->rank() ?? 9) < $gravest->rank()
                ? $finding?->severity
                : $gravest;
        }
        self::assertSame($codes === [] ? Severity::Note : Severity::from($severity), $gravest ?? Severity::Note);
        if ($days === null) {
            self::assertFalse($evaluation->isDated(), 'no date');
        } else {
            self::assertNotNull($evaluation->assessment->keeping->days);
            self::assertLessThanOrEqual($days, $evaluation->assessment->keeping->days);
        }
        if ($severity !== 'note') {
            self::assertNotSame('ready', $evaluation->verdict()->value);
        }
    }
}
