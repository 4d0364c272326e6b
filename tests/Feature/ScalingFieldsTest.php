<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Formulas\Draft;
use App\Models\Formula;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\AppCase;
use Tests\Support\SoundFormula;

/** The scaling buttons beside a formula: what they make of it, and what they leave alone. */
final class ScalingFieldsTest extends AppCase
{
    private function scaled(Formula $formula, string $to, array $fields): Draft
    {
        $this
            ->post(
                "/formulas/$formula->id",
                $this->form($formula, ['do' => "scale:$to", ...$fields]),
                ['X-Live' => '1'],
            )
            ->assertOk();

        return Draft::fromStored($formula->refresh()->draft);
    }

    /** @param  array<string, string>  $fields */
    #[DataProvider('askedFor')]
    public function test_the_batch_comes_out_as_asked(string $to, array $fields, float $batch): void
    {
        $draft = $this->scaled($this->formulaOf(SoundFormula::document()), $to, $fields);
        self::assertEqualsWithDelta($batch, (float) $draft->text('batch'), 0.006);
        self::assertSame(
            ['to 100', '3 %', '4 %', '8 %', '0.9 %'],
            array_column($draft->lines(), 'amount'),
            'percentages are of the batch, whatever its size',
        );
    }

    public static function askedFor(): iterable
    {
        yield 'grams' => ['grams', ['to_grams' => '350'], 350.0];
        yield 'grams with a comma' => ['grams', ['to_grams' => '350,5'], 350.5];
        yield 'twice' => ['factor', ['factor' => '2'], 400.0];
        yield 'a third' => ['factor', ['factor' => '0.3333333333'], 66.67];
        yield 'all the almond oil there is, 16 g being for 200' => [
            'supply',
            ['scarce' => 'sweet-almond-oil', 'at_hand' => '12'],
            150.0,
        ];
        yield 'of something that is not in it' => ['supply', ['scarce' => 'argan-oil', 'at_hand' => '12'], 200.0];
        yield 'no container chosen' => ['containers', ['container' => '', 'count' => '2'], 200.0];
        yield 'a container nobody knows' => ['containers', ['container' => 'bathtub', 'count' => '1'], 200.0];
        yield 'something else than was offered' => ['moon', ['factor' => '2'], 200.0];
    }

    public function test_air_whipped_in_takes_less_of_the_mix(): void
    {
        $formula = $this->formulaOf(SoundFormula::document());
        $still = (float) $this
            ->scaled($formula, 'containers', ['container' => 'pp-jar-100', 'count' => '3'])
            ->text('batch');
        $whipped = (float) $this
            ->scaled($formula, 'containers', ['container' => 'pp-jar-100', 'count' => '3', 'overrun' => '60'])
            ->text('batch');
        self::assertEqualsWithDelta($still / 1.6, $whipped, 0.02);
        self::assertSame(['pp-jar-100', 3], Draft::fromStored($formula->refresh()->draft)->packaging());
    }

    public function test_weighed_lines_grow_and_the_shares_stay(): void
    {
        $document = [
            'format' => 'ilvane.formula/1',
            'name' => 'Two oils',
            'family' => 'hair_oil',
            'lines' => [
                ['ingredient' => 'olive-oil', 'amount' => '30 g'],
                ['ingredient' => 'jojoba-oil', 'amount' => '1 tbsp'],
                ['ingredient' => 'honey', 'amount' => 'some'],
            ],
        ];
        $formula = $this->formulaOf($document);
        $before = $this->shares($formula);
        $draft = $this->scaled($formula, 'factor', ['factor' => '3']);
        self::assertSame(['90 g', '3 tbsp', 'some'], array_column($draft->lines(), 'amount'));
        $after = $this->shares($formula->refresh());
        foreach ($before as $i => $share) {
            self::assertEqualsWithDelta($share, $after[$i], 0.05);
        }
    }

    public function test_a_formula_without_a_total_is_left_alone(): void
    {
        $formula = $this->formulaOf([
            ...SoundFormula::document(),
            'lines' => [['ingredient' => 'honey', 'amount' => 'some']],
            'batch' => ['grams' => 100.0],
        ]);
        self::assertSame('some', $this->scaled($formula, 'grams', ['to_grams' => '500'])->lines()[0]['amount']);
    }

    /** The fields beside the buttons are not the formula's: sending them saves nothing. */
    public function test_what_stands_in_the_fields_is_not_the_formula(): void
    {
        $formula = $this->formulaOf(SoundFormula::document());
        $before = $formula->draft;
        $this
            ->post(
                "/formulas/$formula->id",
                $this->form(
                    $formula,
                    ['to_grams' => '999', 'factor' => '7', 'scarce' => 'argan-oil', 'overrun' => '<i>x'],
                ),
                ['X-Live' => '1'],
            )
            ->assertOk()
            ->assertDontSee('<i>x', false);
        self::assertSame($before['lines'][0]['amount'], $formula->refresh()->draft['lines'][0]['amount']);
        self::assertSame('200', $formula->draft['text']['batch']);
    }

    /** @return list<float> percent by line, as the page shows them */
    private function shares(Formula $formula): array
    {
        preg_match_all(
            '/<span class="num share">([\d.]+)</',
            (string) $this->get("/formulas/$formula->id")->getContent(),
            $found,
        );

        return array_map(floatval(...), $found[1]);
    }
}
