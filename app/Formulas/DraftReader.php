<?php

declare(strict_types=1);

namespace App\Formulas;

use App\Ground\OwnKitchen;
use Ilvane\Core\Exchange\DocumentRefused;
use Ilvane\Core\Formula\Formula;
use Ilvane\Core\Formula\FormulaDocument;

/** What lies on the bench, as the formula it would be in this maker's kitchen. */
final readonly class DraftReader
{
    public function __construct(private OwnKitchen $kitchen)
    {
    }

    /**
     * @return array{Formula, array<string, string>} and a word key for each field that could not be read
     *
     * @throws DocumentRefused for what can be no formula
     */
    public function read(Draft $draft): array
    {
        [$document, $problems] = $draft->document();

        return [FormulaDocument::read($this->kitchen->over($document)), $problems];
    }
}
