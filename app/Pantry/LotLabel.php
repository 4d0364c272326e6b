<?php

declare(strict_types=1);

namespace App\Pantry;

use App\Drawing\Section;
use App\Ground\Wording;
use App\Models\Lot;
use Ilvane\Core\Formula\Application;
use Ilvane\Core\Formula\FormulaDocument;
use Ilvane\Core\Formula\Weighing;
use Ilvane\Core\Label\ContentsList;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Material\MaterialDocument;
use Ilvane\Core\Measure\Tools;
use Ilvane\Core\Scent\Declaration;

/** What stands on the bottle of a strained oil, a tea or anything else in the pantry. */
final readonly class LotLabel
{
    /**
     * @param  list<string>  $contents  INCI names, what there is most of first
     * @param  list<string>  $allergens  in words
     * @param  array<string, bool>  $declared  fragrance allergens: true where they must be named, false where they may
     *   need to be
     * @param  bool  $isUnnamed  a plant in it has no name yet
     */
    private function __construct(
        public Lot $lot,
        public string $name,
        public array $contents,
        public array $allergens,
        public array $declared,
        public bool $isUnnamed,
        public Section $vessel,
    ) {
    }

    public static function of(
        Lot $lot,
        LotPageFactory $pages,
        Catalogue $catalogue,
        Tools $tools,
        Wording $wording,
    ): self {
        // lots of before material was kept with them: as the catalogue has it
        $material = $lot->material ?? ($catalogue->has((string) $lot->ingredient)
            ? MaterialDocument::of($catalogue->get((string) $lot->ingredient))
            : []);
        $names = array_column(is_array($material['inci'] ?? null) ? $material['inci'] : [], 'name');
        $groups = array_column(is_array($material['allergens'] ?? null) ? $material['allergens'] : [], 'group');

        return new self(
            $lot,
            $pages->nameOf($lot, $wording),
            array_values(array_filter($names, is_string(...))),
            array_map(static fn (mixed $group): string => say("words.allergen.$group"), $groups),
            $lot->document === null ? [] : Declaration::ofAll(
                (new Weighing($catalogue, $tools))->of(FormulaDocument::read($lot->document)),
                Application::LeaveOn,
                $catalogue,
            ),
            array_filter($names, ContentsList::isToBeNamed(...)) !== [],
            $pages->vessel($lot, 90),
        );
    }

    /** @return list<string> fragrance allergens that may need to be named */
    public function mayDeclare(): array
    {
        return array_keys(array_filter($this->declared, static fn (bool $isCertain): bool => ! $isCertain));
    }
}
