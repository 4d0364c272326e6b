<?php

declare(strict_types=1);

namespace Tests\Core\Formula;

use Ilvane\Core\Exchange\DocumentRefused;
use Ilvane\Core\Formula\FormulaDocument;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\CoreCase;
use Tests\Support\RandomFormulas;

final class FormulaDocumentTest extends CoreCase
{
    public function test_reading_and_writing_are_each_others_inverse(): void
    {
        $full = [
            ...self::sound(), 'use' => 'rinse_off', 'for' => ['audience' => 'pregnant', 'region' => 'US'],
            'process' => [
                'heat_to_c' => 72.0,
                'gate_c' => 38.0,
                'cool' => 'ice_bath',
                'covered' => true,
                'vessels' => ['water' => 'glass-jug-500'],
                'steps' => [['do' => 'heat', 'to_c' => 72.0]],
            ],
            'packaging' => ['container' => 'pet-pump-250', 'count' => 2],
            'keeping' => ['intended' => 'fresh', 'storage' => 'fridge', 'claimed_days' => 4.0],
            'stated_yield_g' => 190.0, 'directions' => 'Damp hair.', 'notes' => 'é ½',
        ];
        $full['lines'][0] += ['prepared' => 'strained', 'lot' => 'W-3', 'opened_on' => '2026-11-01'];
        $once = FormulaDocument::write(FormulaDocument::read($full));
        self::assertEquals($once, FormulaDocument::write(FormulaDocument::read($once)));
        foreach (array_keys($full) as $key) {
            self::assertEquals($full[$key], $once[$key] ?? null, $key);
        }
        foreach (RandomFormulas::seeded(3, 50, self::catalogue()) as $document) {
            self::assertEquals($document['lines'], FormulaDocument::write(FormulaDocument::read($document))['lines']);
        }
    }

    public function test_only_four_fields_are_needed(): void
    {
        $formula = FormulaDocument::fromJson(
            '{"format":"ilvane.formula/1","name":"A","family":"fresh_mask","lines":[]}',
        );
        self::assertSame('rinse_off', $formula->use->value);
        self::assertSame('adult', $formula->audience->value);
        self::assertSame('EU', $formula->region->value);
    }

    public function test_an_amount_may_be_value_and_unit(): void
    {
        $formula = FormulaDocument::read([
            ...self::document([]),
            'lines' => [['ingredient' => 'olive-oil', 'amount' => ['value' => 2.5, 'unit' => 'g']]],
        ]);
        self::assertSame('2.5 g', $formula->lines[0]->amount);
    }

    #[DataProvider('refused')]
    public function test_what_is_not_a_formula_is_refused_at_its_path(string $json, string $path, string $reason): void
    {
        try {
            FormulaDocument::fromJson($json);
            self::fail('read');
        } catch (DocumentRefused $refusal) {
            self::assertSame([$path, $reason], [$refusal->path, $refusal->reason]);
        }
    }

    public static function refused(): iterable
    {
        $with = static fn (
            string $more,
            string $lines = '[]',
        ): string => '{"format":"ilvane.formula/1","name":"A","family":"gel","lines":'.$lines.$more.'}';
        yield 'not JSON' => ['{"format"', '', 'not_json'];
        yield 'a list' => ['[1]', '', 'not_an_object'];
        yield 'another format' => [
            '{"format":"ilvane.formula/9","name":"A","family":"gel","lines":[]}',
            '/format',
            'wrong_format',
        ];
        yield 'no name' => ['{"format":"ilvane.formula/1","family":"gel","lines":[]}', '/name', 'missing'];
        yield 'unknown key' => [$with(',"colour":"red"'), '/colour', 'unknown_key'];
        yield 'unknown key in a line' => [$with('', '[{"name":"x","wieght":1}]'), '/lines/0/wieght', 'unknown_key'];
        yield 'unknown family' => [
            '{"format":"ilvane.formula/1","name":"A","family":"soup","lines":[]}',
            '/family',
            'not_one_of',
        ];
        yield 'nothing named' => [$with('', '[{"amount":"3 g"}]'), '/lines/0', 'names_nothing'];
        yield 'named twice' => [$with('', '[{"name":"x","ingredient":"olive-oil"}]'), '/lines/0', 'names_twice'];
        yield 'negative batch' => [$with(',"batch":{"grams":-5}'), '/batch/grams', 'out_of_range'];
        yield 'endless batch' => [$with(',"batch":{"grams":1e999}'), '/batch/grams', 'out_of_range'];
        yield 'pH 15' => [$with(',"ph":15'), '/ph', 'out_of_range'];
        yield 'text for a number' => [$with(',"ph":"5"'), '/ph', 'not_a_number'];
        yield 'no such day' => [
            $with('', '[{"name":"x","opened_on":"2026-02-30"}]'),
            '/lines/0/opened_on',
            'not_a_date',
        ];
        yield 'control characters' => [$with(',"notes":"a\u0000b"'), '/notes', 'control_characters'];
        yield 'null' => [$with(',"ph":null'), '/ph', 'null'];
        yield 'a thousand lines' => [
            $with('', '['.implode(',', array_fill(0, 1000, '{"name":"x","amount":"1 g"}')).']'),
            '/lines',
            'too_many',
        ];
        yield 'too deep' => [str_repeat('[', 100).str_repeat(']', 100), '', 'not_json'];
    }

    public function test_ten_megabytes_are_refused_unread(): void
    {
        $this->expectException(DocumentRefused::class);
        FormulaDocument::fromJson('"'.str_repeat('x', 10_000_000).'"');
    }
}
