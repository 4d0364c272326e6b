<?php

declare(strict_types=1);

namespace App\Make;

use App\Models\Batch;
use App\Models\Enums\BatchEntryKind;
use Ilvane\Core\Formula\FormulaDocument;
use Ilvane\Core\Formula\Weighing;
use Ilvane\Core\Making\Plan;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Measure\Tools;

/** Builds what MakeState shows. */
final readonly class MakeStateFactory
{
    public function __construct(
        private Tools $tools,
        private Catalogue $catalogue,
    ) {
    }

    public function of(Batch $batch): MakeState
    {
        $formula = FormulaDocument::read($batch->document);
        $tools = $this->tools;
        $composition = (new Weighing($this->catalogue, $tools))->of($formula);
        $newest = [];
        $factor = 1.0;
        foreach ($batch->entries as $entry) {
            $newest["{$entry->kind->value} $entry->step $entry->subject"] = $entry;
            $factor *= $entry->kind === BatchEntryKind::Rescale ? (float) $entry->value : 1.0;
        }
        $plan = Plan::of($formula, $composition);

        return new MakeState(
            $batch,
            $formula,
            $composition,
            $factor === 1.0 ? $plan : $plan->scaled($factor),
            $formula->scaleResolutionG ?? $tools->scaleResolutionG,
            $newest,
            $factor,
            Taken::of($composition, $batch->entries, $factor),
        );
    }
}
