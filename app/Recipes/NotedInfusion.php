<?php

declare(strict_types=1);

namespace App\Recipes;

use App\Infusions\PlanDraft;
use Ilvane\Core\Infusion\InfusionPlanDocument;
use Ilvane\Core\Infusion\Method;
use Ilvane\Core\Infusion\PlantForm;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Material\Kind;
use Ilvane\Core\Reading\Hint;
use Ilvane\Core\Reading\Recipe;

/** A note that is nothing but plants in oil, as the infusion it is. */
final readonly class NotedInfusion
{
    private const PLANTS = [Kind::DriedBotanical, Kind::FreshBotanical, Kind::PowderBotanical];

    private const OILS = [Kind::CarrierOil, Kind::Butter];

    private const MINUTES_A_DAY = 1440;

    /** Words by which a note tells its way of infusing, in this order. */
    private const WAYS = [
        'sunny_sill' => '/\b(?:sun|sunny|sill|windowsill|window|soleil|fenêtre|vitre)\b/iu',
        'low_oven' => '/\b(?:oven|four)\b/iu',
        'cook_out' => '/\b(?:crisp|fry|frying|brown|sizzl\w*|croustillant\w*|frémir|dor[ée]\w*)\b/iu',
        'warm_bath' => '/\b(?:bath|bain|crock|slow cooker|double boiler|mijoteuse|simmer\w*|heat|warm|chauff\w*)\b/iu',
    ];

    public function __construct(private Catalogue $catalogue)
    {
    }

    public function is(Recipe $recipe): bool
    {
        $plants = $oils = 0;
        foreach ($recipe->lines as $line) {
            $kind = $line->ingredient === null ? null : $this->catalogue->get($line->ingredient)->kind;
            if ($kind === null || ! in_array($kind, [...self::PLANTS, ...self::OILS], true)) {
                return false;
            }
            in_array($kind, self::OILS, true) ? $oils++ : $plants++;
        }

        return $plants > 0 && $oils > 0 && $recipe->parts === []
            && max($plants, $oils) <= InfusionPlanDocument::MAX_PARTS;
    }

    /** @param  array<string, mixed>  $document  of the note, with what the maker put right */
    public function draft(Recipe $recipe, array $document): PlanDraft
    {
        $parts = ['plants' => [], 'oils' => []];
        foreach (is_array($document['lines']) ? $document['lines'] : [] as $line) {
            $key = (string) ($line['ingredient'] ?? '');
            $kind = $key === '' ? null : $this->catalogue->get($key)->kind;
            $isOil = $kind !== null && in_array($kind, self::OILS, true);
            $parts[$isOil ? 'oils' : 'plants'][] = [
                'ingredient' => $key,
                'name' => (string) ($line['name'] ?? ''),
                'amount' => (string) ($line['amount'] ?? '') === 'some' ? '' : (string) ($line['amount'] ?? ''),
                'form' => $kind === Kind::PowderBotanical ? PlantForm::Powder->value : '',
            ];
        }
        $method = Method::ColdDark;
        foreach (self::WAYS as $way => $pattern) {
            if (preg_match($pattern, $recipe->text) === 1) {
                $method = Method::from($way);

                break;
            }
        }
        $lasts = $this->minutes($recipe);

        return PlanDraft::noted([
            'name' => (string) $document['name'],
            'method' => $method->value,
            'lasts' => match (true) {
                $lasts === 0.0 => '',
                $lasts < self::MINUTES_A_DAY => round($lasts).' min',
                default => round($lasts / self::MINUTES_A_DAY, 1).' '.say('words.unit.days'),
            },
            'celsius' => $recipe->heatTo === null ? '' : (string) round($recipe->heatTo),
            ...(isset($document['use']) ? ['use' => (string) $document['use']] : []),
            'note' => mb_substr($recipe->text, 0, 10_000),
        ], $parts);
    }

    /** The longest time the note tells for the making; nought where it tells none. */
    private function minutes(Recipe $recipe): float
    {
        $claims = array_column($recipe->claims(), 'text');

        return max([0.0, ...array_map(
            static fn (Hint $hint): float => match (true) {
                array_filter($claims, static fn (string $text): bool => str_contains($text,
                    $hint->span->of($recipe->text))) !== [] => 0.0,
                $hint->kind === 'overnight' => self::MINUTES_A_DAY / 2,
                $hint->kind === 'minutes' => (float) $hint->value,
                default => 0.0,
            },
            $recipe->hints,
        )]);
    }
}
