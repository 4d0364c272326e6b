<?php

declare(strict_types=1);

namespace App\Bench;

use App\Formulas\Draft;
use App\Formulas\DraftReader;
use App\Ground\SuggestionKey;
use App\Ground\Wording;
use App\Models\Formula;
use Illuminate\Support\Carbon;
use Ilvane\Core\Evaluation\Evaluator;
use Ilvane\Core\Evaluation\TriedFixes;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Reformulation\Proposal;
use Ilvane\Core\Safety\Finding;

/**
 * Builds what SuggestPage shows.
 *
 * @phpstan-import-type Wish from Wishes
 */
final readonly class SuggestPageFactory
{
    public function __construct(
        private Evaluator $evaluator,
        private TriedFixes $tried,
        private Catalogue $catalogue,
        private Preview $preview,
        private Wording $wording,
        private DraftReader $draftReader,
        private WishesFactory $wishFactory,
        private SideBySideFactory $sideBySides,
    ) {
    }

    /** @param  Wish  $wish */
    public function of(Formula $formula, array $wish): SuggestPage
    {
        $wishes = $this->wishFactory->about($formula);
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
            $this->against($draft),
        );
    }

    /** @return list<array{message: string, press: string, label: string}> */
    private function against(Draft $draft): array
    {
        $now = Carbon::now()->toDateTimeImmutable();
        $evaluation = $this->evaluator->evaluate($this->draftReader->read($draft)[0], madeOn: $now);
        $keys = array_column($draft->lines(), 'key');

        return array_map(function (Finding $finding) use ($keys): array {
            $fix = $finding->fixes[0] ?? null;

            return [
                'message' => $this->wording->message($finding),
                'press' => $fix === null ? '' : SuggestionKey::press($finding, $fix, $keys),
                'label' => $fix === null ? (string) $this->wording->ask($finding) : $this->wording->fix($fix),
            ];
        }, $this->tried->of($evaluation, $now)->stops());
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
