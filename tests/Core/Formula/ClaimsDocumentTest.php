<?php

declare(strict_types=1);

namespace Tests\Core\Formula;

use Ilvane\Core\Exchange\DocumentRefused;
use Ilvane\Core\Formula\Formula;
use Ilvane\Core\Formula\FormulaDocument;
use Tests\Support\CoreCase;
use Tests\Support\SoundFormula;

final class ClaimsDocumentTest extends CoreCase
{
    private static function formula(mixed $claims): Formula
    {
        return FormulaDocument::read([...SoundFormula::document(), 'claims' => $claims]);
    }

    public function test_a_list_and_the_short_form_mean_the_same_and_are_written_as_a_list(): void
    {
        $list = [['what' => 'keeps_days', 'value' => 21.0, 'text' => 'keeps 3 weeks'], ['what' => 'ph', 'value' => [5.0, 5.5]]];
        self::assertSame($list, FormulaDocument::write(self::formula($list))['claims']);
        $short = FormulaDocument::write(self::formula(['keeps_days' => 21, 'ph' => [5, 5.5]]))['claims'];
        self::assertSame([['what' => 'keeps_days', 'value' => 21.0], ['what' => 'ph', 'value' => [5.0, 5.5]]], $short);
        self::assertArrayNotHasKey('claims', FormulaDocument::write(self::formula([])));
    }

    public function test_the_edges_are_taken_and_what_lies_beyond_is_refused_with_its_path(): void
    {
        foreach ([
            ['keeps_days', 0], ['keeps_days', 1_000_000], ['ph', 0], ['ph', 14], ['ph', [5, 5]],
        ] as [$what, $value]) {
            self::assertCount(1, self::formula([['what' => $what, 'value' => $value]])->claims);
        }
        foreach ([
            ['/claims/0/value', ['what' => 'ph', 'value' => 14.01]], ['/claims/0/value', ['what' => 'ph', 'value' => -0.01]],
            ['/claims/0/value', ['what' => 'keeps_days', 'value' => 1_000_001]],
            ['/claims/0/value', ['what' => 'keeps_days', 'value' => [3, 2]]],
            ['/claims/0/value', ['what' => 'keeps_days', 'value' => [3]]],
            ['/claims/0/value', ['what' => 'keeps_days', 'value' => ['x', 2]]],
            ['/claims/0/value', ['what' => 'keeps_days']],
            ['/claims/0/what', ['what' => 'colour', 'value' => 2]],
            ['/claims/0/colour', ['what' => 'ph', 'value' => 5, 'colour' => 'red']],
            ['/claims/0/text', ['what' => 'ph', 'value' => 5, 'text' => str_repeat('x', 301)]],
        ] as [$path, $claim]) {
            try {
                self::formula([$claim]);
                self::fail(json_encode($claim, JSON_THROW_ON_ERROR));
            } catch (DocumentRefused $refusal) {
                self::assertSame($path, $refusal->path);
            }
        }
        self::assertCount(50, self::formula(array_fill(0, 50, ['what' => 'ph', 'value' => 5]))->claims);
        $this->expectException(DocumentRefused::class);
        self::formula(array_fill(0, 51, ['what' => 'ph', 'value' => 5]));
    }
}
