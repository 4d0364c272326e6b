<?php

declare(strict_types=1);

namespace App\Infusions;

use App\Ground\Refused;
use App\Ground\Wording;
use App\Models\Jar;
use App\Models\Lot;
use Ilvane\Core\Infusion\InPart;

/**
 * A second draw from spent plants: planned as so much fresh plant as the model says is still in them. That they hold
 * oil already is left out; it comes back with the second oil.
 */
final readonly class SecondDraw
{
    /** Less than this of a plant's worth is not worth a jar, share of what went in. A guess. */
    private const WORTH = 0.02;

    public function __construct(
        private JarBook $jars,
        private JarStoryFactory $stories,
        private Wording $wording,
    ) {
    }

    /** @throws Refused where nothing is left to draw, or it is no press cake of a jar */
    public function plan(Lot $cake): Jar
    {
        $first = Lot::query()->where('code', (string) $cake->left_of)->with('jar.entries')->first()?->jar;
        if ($first === null || $cake->gone_at !== null) {
            throw Refused::noLot('lot');
        }
        $story = $this->stories->of($first);
        $state = $story->state();
        $rows = ['plants' => [], 'oils' => []];
        $left = $all = 0.0;
        foreach ($story->life->contents->plants as $i => $plant) {
            $share = $state->leftIn($i);
            $all += $plant->grams->likely;
            if ($share >= self::WORTH) {
                $left += $share * $plant->grams->likely;
                $rows['plants'][] = [
                    'ingredient' => $plant->ingredient->key,
                    'amount' => round($share * $plant->grams->likely, 1).' g',
                    'form' => $plant->form->value ?? '',
                ];
            }
        }
        if ($rows['plants'] === []) {
            throw Refused::nothingToDraw('lot');
        }
        $rows['oils'] = array_map(static fn (InPart $oil): array => [
            'ingredient' => $oil->ingredient->key,
            'amount' => round($oil->grams->likely, 1).' g',
        ], $story->life->contents->oils);

        return $this->jars->begin(PlanDraft::noted([
            'name' => mb_substr(say('infusions.second.named', ['name' => $first->name]), 0, 120),
            'method' => $story->plan->method->value,
            'use' => $story->plan->use->value,
            'spent' => $cake->code,
            'note' => say('infusions.second.note', [
                'code' => $cake->code,
                'left' => $this->wording->grams(round($left, 1)),
                'all' => $this->wording->grams(round($all, 1)),
            ]),
        ], $rows));
    }
}
