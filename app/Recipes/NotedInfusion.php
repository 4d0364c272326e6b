<?php

declare(strict_types=1);

namespace App\Recipes;

use App\Infusions\PlanDraft;
use Ilvane\Core\Infusion\PlantForm;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Material\Kind;
use Ilvane\Core\Reading\NotedInfusion as InfusionOfNote;
use Ilvane\Core\Reading\Recipe;

/** A note that is nothing but plants in oil, as the infusion it is, with what the maker put right. */
final readonly class NotedInfusion
{
    private const MINUTES_A_DAY = 1440;

    public function __construct(private Catalogue $catalogue)
    {
    }

    /** @param  array<string, mixed>  $document  of the note, with what the maker put right */
    public function draft(Recipe $recipe, array $document): ?PlanDraft
    {
        $lines = is_array($document['lines']) ? array_values($document['lines']) : [];
        $kinds = array_map($this->kind(...), $lines);
        $infusion = InfusionOfNote::in($recipe, $kinds);
        if ($infusion === null) {
            return null;
        }
        $parts = ['plants' => [], 'oils' => []];
        foreach ($lines as $i => $line) {
            $amount = (string) ($line['amount'] ?? '');
            $parts[$kinds[$i]?->takesPlants() ? 'oils' : 'plants'][] = [
                'ingredient' => (string) $line['ingredient'],
                'name' => (string) ($line['name'] ?? ''),
                'amount' => $amount === 'some' ? '' : $amount,
                'form' => $kinds[$i] === Kind::PowderBotanical ? PlantForm::Powder->value : '',
            ];
        }

        return PlanDraft::noted([
            'name' => (string) $document['name'],
            'method' => $infusion->method->value,
            'lasts' => match (true) {
                $infusion->minutes === null => '',
                $infusion->minutes < self::MINUTES_A_DAY => round($infusion->minutes).' min',
                default => round($infusion->minutes / self::MINUTES_A_DAY, 1).' '.say('words.unit.days'),
            },
            'celsius' => $recipe->heatTo === null ? '' : (string) round($recipe->heatTo),
            ...(isset($document['use']) ? ['use' => (string) $document['use']] : []),
            'note' => mb_substr($recipe->text, 0, 10_000),
        ], $parts);
    }

    /**
     * null for what isn't plainly of the catalogue: a lot's own code and date would be lost in a plan
     *
     * @param  array<string, mixed>  $line
     */
    private function kind(array $line): ?Kind
    {
        return isset($line['lot']) || isset($line['formula']) || ! isset($line['ingredient'])
            ? null
            : $this->catalogue->get((string) $line['ingredient'])->kind;
    }
}
