<?php

declare(strict_types=1);

namespace App\Bench;

use App\Formulas\Draft;
use App\Formulas\DraftReader;
use App\Models\Formula;
use App\Pantry\AtHand;
use Illuminate\Support\Carbon;
use Ilvane\Core\Evaluation\Evaluator;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Reformulation\Substitutes;

/** Builds what Wishes shows. */
final readonly class WishesFactory
{
    public function __construct(
        private Evaluator $evaluator,
        private Catalogue $catalogue,
        private DraftReader $draftReader,
    ) {
    }

    public function about(Formula $formula): Wishes
    {
        [$read] = $this->draftReader->read(Draft::fromStored($formula->draft));

        return new Wishes(
            $this->evaluator->assess($read, madeOn: Carbon::now()->toDateTimeImmutable()),
            AtHand::cupboard(),
            new Substitutes($this->catalogue),
        );
    }
}
