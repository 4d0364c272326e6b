<?php

declare(strict_types=1);

namespace Ilvane\Core\Evaluation;

use Ilvane\Core\Formula\FormulaDocument;
use Ilvane\Core\Safety\Evaluation;

/** A whole version of a formula that nothing stands against. */
final readonly class Repair
{
    /** @param  string  $kind  same, dried, emulsion, anhydrous or fresh */
    public function __construct(public string $kind, public Evaluation $after)
    {
    }

    /** @return array<string, mixed> ilvane.formula/1 */
    public function document(): array
    {
        return FormulaDocument::write($this->after->assessment->formula);
    }

    /** Days it is good; null where its oils don't tell. */
    public function days(): ?float
    {
        return $this->after->assessment->keeping->days;
    }
}
