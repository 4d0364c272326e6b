<?php

declare(strict_types=1);

namespace App\Papers;

use App\Make\Container;
use App\Make\Containers;
use App\Make\JarLabel;
use App\Make\JarLabelFactory;
use App\Models\Batch;

/** Labels of a batch that stands in several containers, each with its own place and date. */
final readonly class ContainerLabels
{
    public function __construct(private JarLabelFactory $jarLabels)
    {
    }

    /** The one a label is for: the one asked for, else the first there is; null for all of it. */
    public static function chosen(Containers $is, string $letter): ?Container
    {
        return $is->all[$letter] ?? ($is->hasRest() ? null : $is->standing()[0] ?? null);
    }

    /** @return array<string, JarLabel> one of each kind that stands, by its letter; "" for what is in none */
    public function each(Batch $batch): array
    {
        $is = Containers::of($batch->load('shelfEntries'));
        $labels = $is->hasRest() || ! $is->isSplit() ? ['' => $this->jarLabels->of($batch)] : [];
        foreach ($is->standing() as $one) {
            $labels[$one->letter] = $this->jarLabels->of($batch, $one);
        }

        return $labels;
    }

    /**
     * So many labels: one for each container in turn, with its own place and date.
     *
     * @return list<JarLabel>
     */
    public function of(Batch $batch, int $count): array
    {
        $is = Containers::of($batch);
        $of = array_merge(...array_map(
            static fn (Container $one): array => array_fill(0, (int) ceil($one->countLeft()), $one),
            $is->standing(),
        ));
        $labels = [];
        $known = [];
        for ($i = 0; $i < $count; $i++) {
            $in = $of === [] || ($is->hasRest() && $i >= count($of)) ? null : $of[$i % count($of)];
            $labels[] = $known[$in->letter ?? ''] ??= $this->jarLabels->of($batch, $in);
        }

        return $labels;
    }
}
