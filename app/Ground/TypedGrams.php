<?php

declare(strict_types=1);

namespace App\Ground;

use Ilvane\Core\Formula\Family;
use Ilvane\Core\Formula\Formula;
use Ilvane\Core\Formula\FormulaDocument;
use Ilvane\Core\Formula\Weighing;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Material\ChoiceRole;
use Ilvane\Core\Measure\Band;
use Ilvane\Core\Measure\Tools;

/** Reads an amount of a thin watery solution as a maker types it: grams, or "3 drops". */
final readonly class TypedGrams
{
    public function __construct(private Catalogue $catalogue, private Tools $tools)
    {
    }

    /** Grams of a thin watery solution, as wide as it was measured; null where it can't be read. */
    public function read(string $amount): ?Band
    {
        if ($amount === '') {
            return null;
        }
        $text = is_numeric(str_replace(',', '.', $amount)) ? "$amount g" : $amount;
        $line = (new Weighing($this->catalogue, $this->tools))->of(FormulaDocument::read([
            'format' => Formula::FORMAT,
            'name' => '',
            'family' => Family::Gel->value,
            'lines' => [[
                'ingredient' => $this->catalogue->choice(ChoiceRole::Water)->key,
                'amount' => mb_substr($text, 0, 60),
            ]],
        ]))->lines[0];

        return $line->grams !== null && $line->grams->likely > 0 ? $line->grams : null;
    }
}
