<?php

declare(strict_types=1);

namespace Ilvane\Core\Microbiology;

use Ilvane\Core\Material\PreservativeComponent;
use Ilvane\Core\Measure\Band;

/** One component of the preservatives in a product against what the regulation allows of it. */
final readonly class ComponentDose
{
    /**
     * @param  Band  $percent  of the finished batch, as the limit counts it (as acid where it says so)
     * @param  float|null  $limit  percent of the finished batch; null where the regulation lists none
     * @param  list<int>  $lines
     */
    public function __construct(
        public PreservativeComponent $component,
        public Band $percent,
        public ?float $limit,
        public array $lines,
    ) {
    }
}
