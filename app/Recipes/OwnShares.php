<?php

declare(strict_types=1);

namespace App\Recipes;

use App\Formulas\Draft;
use App\Models\Formula;
use Ilvane\Core\Exchange\DocumentRefused;
use Ilvane\Core\Formula\Family;
use Ilvane\Core\Formula\Weighing;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Measure\Tools;

/** Which share each ingredient has in the maker's own formulas of a kind. */
final readonly class OwnShares
{
    /** The latest tell how somebody works now. */
    private const LOOKED_AT = 40;

    public function __construct(private Catalogue $catalogue, private Tools $tools)
    {
    }

    /** @return array<string, list<float>> percent, by catalogue key */
    public function of(Family $family): array
    {
        $shares = [];
        $weighing = new Weighing($this->catalogue, $this->tools);
        foreach (Formula::query()->orderByDesc('updated_at')->limit(self::LOOKED_AT)->get() as $formula) {
            $draft = Draft::fromStored($formula->draft);
            if ($draft->family() !== $family) {
                continue;
            }
            try {
                $composition = $weighing->of($draft->plain());
            } catch (DocumentRefused) {
                continue;
            }
            $total = $composition->total->likely ?? 0.0;
            foreach ($total > 0 ? $composition->lines : [] as $line) {
                if ($line->ingredient !== null && $line->grams !== null) {
                    $shares[$line->ingredient->key][] = 100 * $line->grams->likely / $total;
                }
            }
        }

        return $shares;
    }
}
