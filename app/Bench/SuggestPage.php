<?php

declare(strict_types=1);

namespace App\Bench;

use App\Formulas\Draft;
use App\Ground\Wording;
use App\Models\Formula;
use Illuminate\Support\Carbon;
use Ilvane\Core\Evaluation\Evaluator;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Reformulation\Proposal;

/**
 * Wishes, what is offered unasked, and the one proposal looked at, beside the formula as it is.
 *
 * @phpstan-import-type Wish from Wishes
 */
final readonly class SuggestPage
{
    /**
     * @param  Wish  $wish
     * @param  list<array{name: string, label: string, preview: string, isShown: bool}>  $offers
     */
    private function __construct(
        public Formula $formula,
        public array $wish,
        public array $offers,
        public string $said,
        public bool $isFound,
        public ?SideBySide $sides,
        public bool $isSolid,
        public bool $hasPrices,
    ) {
    }

    /** @param  Wish  $wish */
    public static function of(Formula $formula, array $wish): self
    {
        $wishes = Wishes::about($formula);
        $proposal = $wishes->grant($wish);
        $draft = Draft::fromStored($formula->draft);
        $sides = null;
        if ($proposal?->fix !== null) {
            $evaluator = app(Evaluator::class);
            [$after] = $draft->patched($proposal->fix->patch)->settled(app(Catalogue::class))->formula();
            $now = Carbon::now()->toDateTimeImmutable();
            $sides = SideBySide::of(
                $evaluator->evaluate($draft->formula()[0], madeOn: $now),
                $evaluator->evaluate($after, madeOn: $now),
                say('suggestions.now'),
                say('suggestions.proposed'),
            );
        }

        return new self(
            $formula, $wish, self::offers($wishes->offers(), $wish, $draft), $proposal === null
                ? ''
                : self::said($proposal), $proposal?->fix !== null, $sides,
            $wishes->it->formula->family->isSolid(), $wishes->hasPrices(),
        );
    }

    /**
     * @param  array<string, Proposal>  $offers
     * @param  Wish  $wish
     * @return list<array{name: string, label: string, preview: string, isShown: bool}>
     */
    private static function offers(array $offers, array $wish, Draft $draft): array
    {
        $worded = [];
        foreach ($offers as $name => $proposal) {
            $worded[] = [
                'name' => $name,
                'label' => self::said($proposal),
                'preview' => $proposal->fix === null ? '' : app(Preview::class)->of($proposal->fix, $draft->lines()),
                'isShown' => $wish['wish'] === 'offer' && $wish['offer'] === $name,
            ];
        }

        return $worded;
    }

    private static function said(Proposal $proposal): string
    {
        return say("suggestions.said.$proposal->said", array_map(app(Wording::class)->term(...), $proposal->terms));
    }
}
