<?php

declare(strict_types=1);

namespace App\Bench;

use App\Formulas\Draft;
use App\Formulas\DraftReader;
use App\Ground\Wording;
use App\Models\Formula;
use Illuminate\Support\Carbon;
use Ilvane\Core\Evaluation\Evaluator;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Reformulation\Proposal;

/**
 * Builds what SuggestPage shows.
 *
 * @phpstan-import-type Wish from Wishes
 */
final readonly class SuggestPageFactory
{
    public function __construct(
        private Evaluator $evaluator,
        private Catalogue $catalogue,
        private Preview $preview,
        private Wording $wording,
        private DraftReader $draftReader,
        private WishesFactory $wishess,
        private SideBySideFactory $sideBySides,
    ) {
    }

    /** @param  Wish  $wish */
    public function of(Formula $formula, array $wish): SuggestPage
    {
        $wishes = $this->wishess->about($formula);
        $proposal = $wishes->grant($wish);
        $draft = Draft::fromStored($formula->draft);
        $sides = null;
        if ($proposal?->fix !== null) {
            $evaluator = $this->evaluator;
            [$after] = $this->draftReader->read($draft->patched($proposal->fix->patch)->settled($this->catalogue));
            $now = Carbon::now()->toDateTimeImmutable();
            $sides = $this->sideBySides->of(
                $evaluator->evaluate($this->draftReader->read($draft)[0], madeOn: $now),
                $evaluator->evaluate($after, madeOn: $now),
                say('suggestions.now'),
                say('suggestions.proposed'),
            );
        }

        return new SuggestPage(
            $formula, $wish, $this->offers($wishes->offers(), $wish, $draft), $proposal === null
                ? ''
                : $this->said($proposal), $proposal?->fix !== null, $sides,
            $wishes->it->formula->family->isSolid(), $wishes->hasPrices(),
        );
    }

    /**
     * @param  array<string, Proposal>  $offers
     * @param  Wish  $wish
     * @return list<array{name: string, label: string, preview: string, isShown: bool}>
     */
    private function offers(array $offers, array $wish, Draft $draft): array
    {
        $worded = [];
        foreach ($offers as $name => $proposal) {
            $worded[] = [
                'name' => $name,
                'label' => $this->said($proposal),
                'preview' => $proposal->fix === null ? '' : $this->preview->of($proposal->fix, $draft->lines()),
                'isShown' => $wish['wish'] === 'offer' && $wish['offer'] === $name,
            ];
        }

        return $worded;
    }

    private function said(Proposal $proposal): string
    {
        return say("suggestions.said.$proposal->said", array_map($this->wording->term(...), $proposal->terms));
    }
}
