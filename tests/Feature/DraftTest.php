<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Formulas\Draft;
use Illuminate\Support\Arr;
use Ilvane\Core\Formula\Family;
use Ilvane\Core\Formula\FormulaDocument;
use Ilvane\Core\Material\Catalogue;
use Tests\Support\AppCase;
use Tests\Support\RandomFormulas;
use Tests\Support\SoundFormula;

/** What lies on the bench goes out and in again without a change. */
final class DraftTest extends AppCase
{
    public function test_a_document_survives_the_bench(): void
    {
        $full = [
            ...SoundFormula::document(),
            'for' => ['audience' => 'pregnant', 'region' => 'EU'],
            'keeping' => ['intended' => 'preserved', 'storage' => 'fridge'],
            'process' => ['heat_to_c' => 72.0],
            'packaging' => ['container' => 'pet-pump-250', 'count' => 2],
            'notes' => "two\nlines",
        ];
        foreach ([
            $full,
            ...iterator_to_array(RandomFormulas::seeded(41, 60, app(Catalogue::class)), false),
        ] as $document) {
            $before = FormulaDocument::write(FormulaDocument::read($document));
            $draft = Draft::fromStored(json_decode(
                (string) json_encode(Draft::fromDocument($before)->toStored()),
                true,
            ));
            [$formula, $problems] = $draft->settled(app(Catalogue::class))->formula();
            $after = FormulaDocument::write($formula);
            self::assertSame([], $problems);
            $plain = static fn (array $lines): array => array_map(
                static fn (array $line): array => [$line['ingredient'], $line['amount']],
                $lines,
            );
            self::assertEqualsCanonicalizing($plain($before['lines']), $plain($after['lines']));
            $lanes = array_map(
                static fn (array $line): int => (int) array_search(
                    $line['phase'],
                    ['water', 'oil', 'cooldown', 'infusion'],
                    true,
                ),
                $after['lines'],
            );
            self::assertSame($lanes, array_values(Arr::sort($lanes)), 'the order kept is the order shown');
            foreach ([
                'name',
                'family',
                'batch',
                'ph',
                'process',
                'packaging',
                'keeping',
                'notes',
                'directions',
                'scale_resolution_g',
            ] as $field) {
                self::assertEquals($before[$field] ?? null, $after[$field] ?? null, $field);
            }
        }
    }

    public function test_a_patch_keeps_every_line_that_it_does_not_touch(): void
    {
        $draft = Draft::fromDocument(SoundFormula::document());
        $keys = array_column($draft->lines(), 'key');
        $patched = $draft->patched([
            ['op' => 'remove', 'path' => '/lines/1'],
            ['op' => 'add', 'path' => '/lines/-', 'value' => ['ingredient' => 'honey', 'amount' => '1 %']],
            ['op' => 'replace', 'path' => '/lines/0/amount', 'value' => '80 %'],
            ['op' => 'add', 'path' => '/ph', 'value' => 4.5],
        ]);
        $now = array_column($patched->lines(), 'key');
        self::assertSame([$keys[0], $keys[2], $keys[3], $keys[4]], array_values(array_intersect($now, $keys)));
        self::assertSame(['80 %', '4.5'], [$patched->lines()[0]['amount'], $patched->text('ph')]);
        self::assertContains('honey', array_column($patched->lines(), 'ingredient'));
        self::assertSame($keys, array_column($draft->lines(), 'key'), 'the draft before is untouched');
    }

    public function test_what_can_not_be_read_stays_and_is_named(): void
    {
        $draft = Draft::blank('', Family::Gel)->withForm([
            'name' => '  ',
            'batch' => '-20',
            'ph' => 'sour',
            'scale' => '0,01',
            'family' => 'soup',
        ]);
        [$formula, $problems] = $draft->formula();
        self::assertSame(
            ['batch' => 'negative', 'ph' => 'not_a_number_ph', 'name' => 'no_name'],
            ['batch' => $problems['batch'], 'ph' => $problems['ph'], 'name' => $problems['name']],
        );
        self::assertSame(['-20', 'sour'], [$draft->text('batch'), $draft->text('ph')]);
        self::assertSame([0.01, null], [$formula->scaleResolutionG, $formula->batchGrams]);
    }

    public function test_an_emptied_field_is_emptied(): void
    {
        $draft = Draft::fromDocument(SoundFormula::document());
        $key = $draft->lines()[1]['key'];
        $next = $draft->withForm([
            'directions' => '',
            'lines' => [$key => [
                'ingredient' => 'glycerin',
                'name' => '',
                'amount' => '',
                'phase' => 'water',
                'prepared' => '',
            ]],
        ]);
        self::assertSame('', $next->text('directions'));
        self::assertSame(
            ['', '', ''],
            array_values(array_intersect_key($next->lines()[1], ['ingredient' => 1, 'name' => 1, 'amount' => 1])),
        );
        self::assertCount(count($draft->lines()), $next->lines(), 'a row the form does not hold stays as it is');
        self::assertSame($draft->lines()[2], $next->lines()[2]);
    }

    public function test_moving_through_all_lanes_and_back_comes_home(): void
    {
        $draft = Draft::fromDocument(SoundFormula::document());
        $order = array_column($draft->lines(), 'key');
        $moving = $order[0];
        $next = $draft;
        for ($i = 0; $i < 12; $i++) {
            $next = $next->moved($moving, 1);
        }
        self::assertSame('cooldown', array_column($next->lines(), 'phase', 'key')[$moving]);
        for ($i = 0; $i < 14; $i++) {
            $next = $next->moved($moving, -1);
        }
        self::assertSame($order, array_column($next->lines(), 'key'));
        self::assertSame('water', $next->lines()[0]['phase']);
        self::assertSame($draft->lines(), $draft->moved('nobody', 1)->lines());
    }

    public function test_scaling_there_and_back_comes_home(): void
    {
        $document = [
            ...SoundFormula::document(),
            'lines' => [
                ['ingredient' => 'distilled-water', 'amount' => '1 1/2 cups'],
                ['ingredient' => 'lavender-essential-oil', 'amount' => '10-12 drops'],
                ['ingredient' => 'glycerin', 'amount' => '5 g'],
                ['ingredient' => 'honey', 'amount' => 'some'],
                ['ingredient' => 'olive-oil', 'amount' => '3 %'],
            ],
        ];
        $scaled = Draft::fromDocument($document)->scaled(2.0);
        self::assertSame(['3 cup', '20-24 drop', '10 g', 'some', '3 %'], array_column($scaled->lines(), 'amount'));
        self::assertSame('400', $scaled->text('batch'));
        self::assertSame(
            ['1.5 cup', '10-12 drop', '5 g', 'some', '3 %'],
            array_column($scaled->scaled(0.5)->lines(), 'amount'),
        );
    }
}
