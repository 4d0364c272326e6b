<?php

declare(strict_types=1);

namespace Tests\Core\Formula;

use Ilvane\Core\Exchange\DocumentRefused;
use Ilvane\Core\Formula\FormulaDocument;
use Ilvane\Core\Formula\Regime;
use Ilvane\Core\Label\ContentsList;
use Tests\Support\CoreCase;

/** A formula of the maker's own as an ingredient of another: opened out in composition, contents and regime. */
final class SubFormulaTest extends CoreCase
{
    private static function tea(): array
    {
        return ['format' => 'ilvane.formula/1', 'name' => 'Rosemary tea', 'family' => 'water_spray', 'lines' => [
            ['ingredient' => 'distilled-water', 'amount' => '95 %'],
            ['ingredient' => 'glycerin', 'amount' => '5 %'],
            ['ingredient' => 'rosemary-dried', 'amount' => '3 g', 'phase' => 'infusion'],
        ]];
    }

    private static function milk(string $amount = '40 %'): array
    {
        $document = self::sound();
        $document['lines'][] = ['formula' => self::tea(), 'amount' => $amount, 'phase' => 'water'];

        return $document;
    }

    public function test_it_is_opened_out_in_shares_water_and_contents(): void
    {
        $composition = self::weigh(self::milk());
        self::assertNull($composition->lines[9]->unread);
        self::assertEqualsWithDelta(80.0, $composition->lines[9]->grams?->likely, 1e-9);
        $contents = ContentsList::of($composition);
        self::assertEqualsWithDelta(1.0, array_sum($contents->shares), 1e-6);
        self::assertEqualsWithDelta(
            0.03 + 0.4 * 0.05,
            $contents->shares['Glycerin'],
            1e-9,
            'glycerin outside and inside are one',
        );
        self::assertSame('Aqua', $contents->names()[0]);
        self::assertSame([], self::seriousCodes(self::milk()));
    }

    public function test_what_is_inside_counts_for_every_check(): void
    {
        $oil = self::document([['olive-oil', '90 g']], ['family' => 'hair_oil', 'batch' => null]);
        $oil['lines'][] = ['formula' => self::tea(), 'amount' => '10 g'];
        self::assertSame(Regime::Fresh, self::evaluate($oil)->assessment->preservation->regime);
        self::assertContains('emulsion.water_in_butter', self::seriousCodes($oil));
    }

    public function test_a_spoon_of_it_is_weighed_by_its_own_density(): void
    {
        $grams = self::weigh([...self::milk('1 tbsp')])->lines[9]->grams;
        self::assertEqualsWithDelta(14.787 / (0.95 / 0.998 + 0.05 / 1.26), $grams?->likely, 0.01);
    }

    public function test_formulas_inside_formulas_inside_formulas(): void
    {
        $blend = [
            'format' => 'ilvane.formula/1',
            'name' => 'Blend',
            'family' => 'gel',
            'lines' => [
                ['formula' => self::tea(), 'amount' => '50 %'],
                ['ingredient' => 'aloe-juice', 'amount' => '50 %'],
            ],
        ];
        $document = self::document([['distilled-water', 'to 100']], ['family' => 'gel']);
        $document['lines'][] = ['formula' => $blend, 'amount' => '50 %'];
        $shares = ContentsList::of(self::weigh($document))->shares;
        self::assertEqualsWithDelta(0.5 * 0.5 * 0.05, $shares['Glycerin'], 1e-9);
        self::assertEqualsWithDelta(1.0, array_sum($shares), 1e-6);
    }

    public function test_a_ring_is_refused_by_name(): void
    {
        $ring = self::tea();
        $ring['lines'][] = [
            'formula' => [
                'format' => 'ilvane.formula/1',
                'name' => 'Middle',
                'family' => 'gel',
                'lines' => [['formula' => self::tea(), 'amount' => '5 g']],
            ],
            'amount' => '5 g',
        ];
        try {
            FormulaDocument::read($ring);
            self::fail('read');
        } catch (DocumentRefused $refusal) {
            self::assertSame(
                ['ring', '/lines/3/formula/lines/0/formula/name', 'rosemary tea → middle → rosemary tea'],
                [$refusal->reason, $refusal->path, $refusal->parameters['ring']],
            );
        }
    }

    public function test_an_empty_one_is_said_to_be(): void
    {
        $document = self::milk();
        $document['lines'][9]['formula']['lines'] = [];
        self::assertSame('formula_empty', self::weigh($document)->lines[9]->unread);
    }
}
