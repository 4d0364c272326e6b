<?php

declare(strict_types=1);

namespace Ilvane\Core\Material;

use Ilvane\Core\Measure\Band;
use Ilvane\Core\Measure\Bulk;
use Ilvane\Core\Measure\Piece;
use Ilvane\Core\Measure\WithChanges;

/**
 * One entry of the catalogue. Percentages are of the finished batch, densities g/mL, temperatures °C, shelf lives
 * months;
 * null means "not known", never 0. Figures and how sure they are: data/SOURCES.md.
 *
 * @phpstan-import-type SolubilityRow from CatalogueSource
 */
final readonly class Material
{
    use WithChanges;

    /**
     * @param  list<string>  $aliases
     * @param  float|null  $waterFraction  grams of water in a gram
     * @param  float|null  $maxProcessTemperature  hotter than this spoils it
     * @param  float|null  $legalMax  leave-on, percent of this blend
     * @param  array<int, float>  $solidFat  solid fat content in percent by temperature
     * @param  list<Allergen>  $allergens
     * @param  list<Caution>  $cautions
     * @param  list<PreservativeComponent>  $preservativeComponents
     * @param  array<string, Band>  $pieces  grams of one, by the piece that is counted
     * @param  array<string, float>  $blendParts  fraction by INCI name, for blends whose make-up is known
     * @param  float|null  $leastLoad  of an emulsifier: least grams for a gram of fat
     * @param  float|null  $freshDays  days in the fridge once it is in something unpreserved, where they differ from
     *   its own
     * @param  list<MaterialTrait>  $traits
     * @param  list<Limit>  $limits
     * @param  array<string, string>  $sources  of a figure (ph, heat, use), where it is not the row's own
     * @param  float  $oilPolarity  how well an oil dissolves a preservative, 1 for triglycerides
     * @param  float  $micelles  grams of micelle-forming surfactant in a gram
     * @param  SolubilityRow  $dissolves  grams in 100 g of water, oil or alcohol at 20 °C; or miscible, dispersible,
     *   suspended, insoluble; null where nobody has said
     * @param  array{float, float, float}|null  $fattyAcids  fraction of oleic, linoleic and linolenic acid
     * @param  float|null  $waxStrength  how firm a gel it builds in oil, beeswax 1; null for what builds none
     * @param  array<string, float>  $contents  grams of a dissolved substance in a gram, by INCI or chemical name
     */
    public function __construct(
        public string $key,
        public string $nameEn,
        public string $nameFr,
        public array $aliases,
        public string $inci,
        public Kind $kind,
        public Bulk $bulk,
        public ?float $meltLow,
        public ?float $meltHigh,
        public ?float $waterFraction,
        public Phase $defaultPhase,
        public ?float $maxProcessTemperature,
        public ?Range $use,
        public ?float $rinseOffMax,
        public ?float $legalMax,
        public string $legalNote,
        public ?float $phMin,
        public ?float $phMax,
        public Charge $charge,
        public ?float $hlb,
        public ?float $requiredHlb,
        public ?float $iodineValue,
        public ?float $pufaPercent,
        public ?float $unopenedMonths,
        public ?float $openedMonths,
        public string $storage,
        public array $solidFat,
        public ?float $oilUptake,
        public ?float $waterUptake,
        public array $allergens,
        public array $cautions,
        public string $cautionNote,
        public string $source,
        public array $preservativeComponents = [],
        public ?Coverage $coverage = null,
        public array $blendParts = [],
        public array $pieces = [],
        public ?float $leastLoad = null,
        public ?float $freshDays = null,
        public array $traits = [],
        public array $limits = [],
        public array $contents = [],
        public array $sources = [],
        public float $oilPolarity = 1.0,
        public float $micelles = 0.0,
        public ?Bioburden $bioburden = null,
        public array $dissolves = self::DISSOLVES_UNKNOWN,
        public ?array $fattyAcids = null,
        public ?float $waxStrength = null,
    ) {
    }

    public const DISSOLVES_UNKNOWN = ['water' => null, 'oil' => null, 'alcohol' => null];

    /**
     * The same under another INCI name: a tea is known by its plant.
     *
     * @param  array<string, float>  $blendParts  fraction by INCI name
     */
    public function composedOf(string $inci, array $blendParts): self
    {
        return $this->with(inci: $inci, blendParts: $blendParts);
    }

    /** As the making leaves it: boiled things bring fewer microbes than soaked ones. */
    public function madeBy(?PreparationMethod $method): self
    {
        return $method?->bioburden === null ? $this : $this->with(bioburden: $method->bioburden);
    }

    /** INCI name of what is drawn from it, e.g. "Urtica Dioica Leaf Extract". */
    public function inciOfExtract(): string
    {
        return preg_replace('/ (Powder|Extract)$/', '', $this->inci).' Extract';
    }

    /** Grams of oil a gram of the dry plant keeps back once it is strained and pressed. */
    public function oilKept(): Band
    {
        $drained = $this->oilUptake === null
            ? Band::of(...self::UNKNOWN_UPTAKE)
            : Band::around($this->oilUptake, self::UPTAKE_ERROR);
        [$least, $likely, $most] = self::PRESSED_BACK;

        return Band::of($drained->low * (1 - $most), $drained->likely * (1 - $likely), $drained->high * (1 - $least));
    }

    /** The catalogue's uptakes are from memory. */
    private const UPTAKE_ERROR = 0.4;

    /** 1 to 3 g a gram. Common practice. */
    private const UNKNOWN_UPTAKE = [1.0, 2.0, 3.0];

    /** From nothing to half of what drained oil is left in the plant, a quarter likely. A guess. */
    private const PRESSED_BACK = [0.0, 0.25, 0.5];

    public function name(string $language): string
    {
        return $language === 'fr' ? $this->nameFr : $this->nameEn;
    }

    /**
     * Grams of one piece; the only piece it is counted by stands in for an unnamed one. Null where nothing is known.
     */
    public function weightOf(Piece $piece): ?Band
    {
        return $this->pieces[$piece->value]
            ?? ($piece === Piece::Whole && count($this->pieces) === 1 ? array_values($this->pieces)[0] : null);
    }

    /** The most of it a finished batch should hold by law or by use, percent; null for what may be most of it. */
    public function ceiling(bool $isRinsedOff): ?float
    {
        $usual = $isRinsedOff ? $this->rinseOffMax ?? $this->use?->max : $this->use?->max;
        $limits = array_filter(
            [$isRinsedOff ? null : $this->legalMax, $usual],
            static fn (?float $limit): bool => $limit !== null,
        );
        $least = $limits === [] ? null : min($limits);

        return $least === null || $least >= self::BASE_PERCENT ? null : $least;
    }

    /** Whether so much, with all its spread, stays inside what it should be; percent of the finished batch. */
    public function bears(Band $percent, bool $isRinsedOff): bool
    {
        $ceiling = $this->ceiling($isRinsedOff);
        $floor = in_array($this->kind, [Kind::Preservative, Kind::Emulsifier], true) ? $this->use?->min : null;

        return ($ceiling === null || $percent->high <= $ceiling) && ($floor === null || $percent->low >= $floor);
    }

    /** What may be more than half of a batch is a base the rest floats in, and may as well be all of it, percent. */
    public const BASE_PERCENT = 60.0;

    /** Life once opened. */
    public function openedDays(): ?float
    {
        return $this->openedMonths === null ? null : $this->openedMonths * self::DAYS_PER_MONTH;
    }

    private const DAYS_PER_MONTH = 30.4375;

    public function hasCaution(Caution $caution): bool
    {
        return in_array($caution, $this->cautions, true);
    }

    public function is(MaterialTrait $trait): bool
    {
        return in_array($trait, $this->traits, true);
    }

    /**
     * The most of a plant that may be left in, or of what was drawn from it: the limit's own figure, else the usual
     * one.
     *
     * @param  string  $what  left_in or strength
     * @return float|null  percent of the finished product, for strength grams of plant to 100 g; null where none is
     *   known, 0 where it isn't for this use
     */
    public function plantLimit(string $what, bool $isRinsedOff): ?float
    {
        $use = $isRinsedOff ? 'rinse_off' : 'leave_on';
        foreach ($this->limits as $limit) {
            if ($limit->what === $what && in_array($limit->use, ['', $use], true)) {
                return $limit->max;
            }
        }

        $usual = $this->use?->max;

        return match (true) {
            ! $isRinsedOff => $usual,
            $what === 'strength' => $this->rinseOffMax ?? $usual,
            default => $this->rinseOffMax,
        };
    }

    /** Fraction of water; none where none is known. */
    public function water(): float
    {
        return $this->waterFraction ?? 0.0;
    }

    /** Percent of the batch at the most and at the least, and as usual; nothing where its use is not known. */
    public function mostUse(): float
    {
        return $this->use->max ?? 0.0;
    }

    public function leastUse(): float
    {
        return $this->use->min ?? 0.0;
    }

    public function usualUse(): float
    {
        return $this->use->typical ?? 0.0;
    }

    /** @return array{float, float} the pH it works at, from and to; any where none is known */
    public function worksAtPh(): array
    {
        return [$this->phMin ?? 0.0, $this->phMax ?? 14.0];
    }

    /** Grams in 100 g of oil beyond which an oil gets no stronger; null where none is known. */
    public function infuseLimit(): ?float
    {
        return $this->limit(Limit::INFUSE);
    }

    /** Percent of what stays on skin in the sun; null where none is known. */
    public function phototoxicLimit(): ?float
    {
        return $this->limit(Limit::PHOTOTOXIC);
    }

    private function limit(string $what): ?float
    {
        foreach ($this->limits as $limit) {
            if ($limit->what === $what) {
                return $limit->max;
            }
        }

        return null;
    }

    /**
     * Who says a figure: no source says more than it states.
     *
     * @param  string  $figure  ph, heat or use
     */
    public function sourceOf(string $figure): string
    {
        return $this->sources[$figure] ?? (str_contains($this->source, self::LAW) ? self::MEMORY : $this->source);
    }

    /** What the law states of an ingredient are its maxima and conditions: no usual dose, no temperature, no pH. */
    private const LAW = '1223/2009';

    private const MEMORY = 'from memory';

    public function hasAllergen(Allergen $allergen): bool
    {
        return in_array($allergen, $this->allergens, true);
    }

    /**
     * Makes a product perishable. Foods so concentrated that microbes find no free water in them (honey) do not,
     * as long as nothing dilutes them.
     */
    public function bringsFreeWater(): bool
    {
        return ($this->kind->isWatery() || $this->kind === Kind::BoughtBase)
            && ($this->waterFraction ?? 1.0) >= self::FREE_WATER_FRACTION;
    }

    /** Honey at 17 % water has a water activity near 0.6; anything much wetter is perishable. Common practice. */
    private const FREE_WATER_FRACTION = 0.25;

    /** Not solid at any temperature the catalogue knows of. */
    public function isLiquid(): bool
    {
        return $this->meltHigh === null && $this->bulk->spoonDensity === null;
    }
}
