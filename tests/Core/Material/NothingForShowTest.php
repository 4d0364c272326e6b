<?php

declare(strict_types=1);

namespace Tests\Core\Material;

use Ilvane\Core\Evaluation\Evaluator;
use Ilvane\Core\Exchange\DocumentRefused;
use Ilvane\Core\Formula\FormulaDocument;
use Ilvane\Core\Formula\Storage;
use Ilvane\Core\Infusion\Infusion;
use Ilvane\Core\Infusion\InfusionPlanDocument;
use Ilvane\Core\Label\ContentsList;
use Ilvane\Core\Material\Allergen;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Material\Caution;
use Ilvane\Core\Material\Charge;
use Ilvane\Core\Material\Kind;
use Ilvane\Core\Material\Material;
use Ilvane\Core\Material\MaterialTrait;
use Ilvane\Core\Measure\Tools;
use Ilvane\Core\Physics\Heat\HeatContent;
use Ilvane\Core\Physics\Oxidation;
use Ilvane\Core\Safety\Infusion\InfusionRules;
use Ilvane\Core\Safety\Rules\IrritantStrong;
use Ilvane\Core\Scent\Declaration;
use PHPUnit\Framework\Attributes\DataProvider;
use ReflectionClass;
use ReflectionProperty;
use Tests\Core\Pins\Judged;
use Tests\Support\CoreCase;

/**
 * Every figure and word of a material that a rule or model needs is needed: taken away, something that was said is not
 * said any more, or otherwise.
 */
final class NothingForShowTest extends CoreCase
{
    /** What a maker is only told on the material's own page, or is used by another room (claims, hair, search). */
    private const ONLY_TOLD = [
        Caution::EyeHazard, Caution::DrugClaimMagnet, Caution::Stains, Caution::Sensitiser, Caution::MouldRisk,
        Caution::ContainsWater,
    ];

    /** Each holds for all below it, so one alone may be missed by nobody. */
    private const NOT_FOR_SOME = [
        Caution::AvoidUnder3, Caution::AvoidUnder6, Caution::RespiratoryChild, Caution::AvoidPregnancy,
    ];

    /** Rare cross-reactions: on the material's own page, and asked for by who wants to leave one out. */
    private const MINOR = [Allergen::Coconut, Allergen::LatexPlant, Allergen::StoneFruit, Allergen::Asteraceae];

    /** Where little time is, each fifth of a kind. */
    private const EACH = 5;

    private const TRAITS_ELSEWHERE = ['heavy_on_hair', 'turns_grainy', 'fruit_flesh', 'sturdy', 'low_acid'];

    #[DataProvider('kinds')]
    public function test_what_is_taken_away_is_missed(Kind $kind): void
    {
        $missed = [];
        $tried = 0;
        $isLong = getenv('ILVANE_LONG') === '1';
        foreach (self::ofKind($kind) as $n => $material) {
            if (! $isLong && $n % self::EACH !== 0) {
                continue;
            }
            foreach (self::withoutOne($material) as $what => $without) {
                $tried++;
                if (self::isNeeded($material, $without)) {
                    continue;
                }
                $missed[] = "$material->key: $what";
            }
        }
        self::assertGreaterThan(0, $tried);
        self::assertSame([], $missed);
    }

    public static function kinds(): iterable
    {
        foreach (Kind::cases() as $kind) {
            if ($kind === Kind::BoughtBase) {
                continue; // a maker's own: none is shipped
            }
            yield $kind->value => [$kind];
        }
    }

    /** @return list<Material> */
    private static function ofKind(Kind $kind): array
    {
        return array_values(array_filter(
            [...self::catalogue()->all()],
            static fn (Material $material): bool => $material->kind === $kind,
        ));
    }

    /** @return iterable<string, array<string, mixed>> changes of a material, each without one thing it has */
    private static function withoutOne(Material $it): iterable
    {
        if ($it->is(MaterialTrait::NotForHome)) {
            yield 'not for home' => ['traits' => []]; // one stop says it all

            return;
        }
        if ($it->use !== null && $it->use->max < 60 && ! $it->kind->isFreshPlant()) {
            yield 'use' => ['use' => null, 'rinseOffMax' => null];
        }
        foreach ([
            'maxProcessTemperature', 'waterFraction', 'requiredHlb', 'fattyAcids', 'coverage', 'meltHigh',
            ...($it->kind === Kind::Preservative ? [] : ['legalMax']), // its parts have limits of their own
            ...($it->leastLoad === 0.18 ? [] : ['leastLoad']), // as where nothing is known
            ...($it->waxStrength === 1.0 ? [] : ['waxStrength']),
            ...($it->bioburden !== null && $it->bioburden->start->likely <= 1.0 ? [] : ['bioburden']),
        ] as $figure) {
            if ($it->{$figure} !== null && $it->{$figure} !== 0.0) {
                yield $figure => [$figure => null, ...($figure === 'meltHigh' ? ['meltLow' => null] : [])];
            }
        }
        foreach (['preservativeComponents', 'blendParts', 'contents', 'solidFat'] as $list) {
            if ($it->{$list} !== []) {
                yield $list => [$list => []];
            }
        }
        $isTold = $it->is(MaterialTrait::WantsNeutralising); // which says more
        if (in_array($it->charge, [Charge::Cationic, Charge::Anionic], true) && ! $isTold) {
            yield 'charge' => ['charge' => Charge::None];
        }
        if ($it->micelles > 0.0) {
            yield 'micelles' => ['micelles' => 0.0];
        }
        if ($it->oilPolarity !== 1.0) {
            yield 'oilPolarity' => ['oilPolarity' => 1.0];
        }
        if (array_udiff($it->allergens, self::MINOR, static fn ($a, $b): int => $a->value <=> $b->value) !== []) {
            yield 'allergens' => ['allergens' => []];
        }
        $isByLaw = in_array($it->kind, [Kind::Preservative, Kind::AcidOrBase], true); // for whom: by the component
        if (! $isByLaw && array_filter($it->cautions, self::isForSomeOnly(...)) !== []) {
            yield 'cautions for some' => ['cautions' => array_values(array_filter(
                $it->cautions,
                static fn (Caution $caution): bool => ! self::isForSomeOnly($caution),
            ))];
        }
        foreach ($it->cautions as $i => $caution) {
            $isOfPlants = $caution !== Caution::Irritant || IrritantStrong::isOne($it);
            if (! in_array($caution, [...self::ONLY_TOLD, ...self::NOT_FOR_SOME], true) && $isOfPlants) {
                yield "caution $caution->value" => [
                    'cautions' => self::but($it->cautions, $i),
                    ...($caution === Caution::Phototoxic ? ['limits' => []] : []),
                ];
            }
        }
        foreach ($it->traits as $i => $trait) {
            if (! in_array($trait->value, self::TRAITS_ELSEWHERE, true)) {
                yield "trait $trait->value" => ['traits' => self::but($it->traits, $i)];
            }
        }
        foreach ($it->limits as $i => $limit) {
            yield "limit $limit->what" => ['limits' => self::but($it->limits, $i)];
        }
    }

    private static function isForSomeOnly(Caution $caution): bool
    {
        return in_array($caution, self::NOT_FOR_SOME, true);
    }

    /**
     * @param  list<mixed>  $list
     * @return list<mixed>
     */
    private static function but(array $list, int $i): array
    {
        unset($list[$i]);

        return array_values($list);
    }

    /** @param  array<string, mixed>  $without */
    private static function isNeeded(Material $material, array $without): bool
    {
        $built = new ReflectionProperty(Catalogue::class, 'built');
        $lacking = (new ReflectionClass($material))->newInstanceArgs([...get_object_vars($material), ...$without]);
        foreach (self::probes($material) as $probe) {
            self::catalogue()->get($material->key);
            $with = $probe();
            $built->setValue(self::catalogue(), [...$built->getValue(self::catalogue()), $material->key => $lacking]);
            try {
                $then = $probe();
            } finally {
                $built->setValue(self::catalogue(), [
                    ...$built->getValue(self::catalogue()), $material->key => $material,
                ]);
            }
            if ($with != $then) {
                return true;
            }
        }

        return false;
    }

    /** @return iterable<callable(): mixed> what is said with it in, in one surrounding after the other */
    private static function probes(Material $it): iterable
    {
        $says = static fn (string $family, array $lines, array $more = []): callable => static function () use (
            $family,
            $lines,
            $more,
        ): mixed {
            $formula = FormulaDocument::read(self::document($lines, ['family' => $family, ...$more]));
            $evaluation = (new Evaluator(self::catalogue()))->evaluate($formula);
            $is = $evaluation->assessment;
            $oxidation = Oxidation::of($formula, $is->composition, Storage::Room);

            return [
                array_map(Judged::brief(...), $evaluation->findings), $is->keeping->days, $is->preservation->regime,
                $is->preservation->effect?->free->reach, $is->preservation->spoilage?->days(8.0, false),
                $is->texture->curve, $oxidation?->days(), $is->hlb->required, $is->emulsion->adequacy,
                ContentsList::of($is->composition)->shares,
                Declaration::of($is->scent->lines, $formula->use, self::catalogue()),
            ];
        };
        $most = $it->use->max ?? 1.0;
        $much = [$it->key, min(70.0, max(0.5, 1.2 * $most)).' %'];
        $some = [$it->key, max(0.02, min(20.0, $it->use->typical ?? 1.0)).' %'];
        $water = ['distilled-water', 'to 100'];
        $wax = ['emulsifying-wax-nf', '4 %'];
        $held = ['phenoxyethanol-ethylhexylglycerin', '0.9 %'];
        $hot = ['process' => ['heat_to_c' => 119.0]];
        yield $says('water_spray', [$water, $much]);
        yield $says('leave_in_emulsion', [$water, $wax, ['olive-oil', '12 %'], $some, $held], ['ph' => 5.0]);
        yield $says('leave_in_emulsion', [$water, $wax, ['olive-oil', '12 %'], [...$some, 'oil'], $held], $hot);
        yield $says('leave_in_emulsion', [$water, ['btms-50', '5 %'], ['olive-oil', '9 %'], [$it->key, '4 %'], $held]);
        yield $says('leave_in_emulsion', [$water, ['olive-oil', '12 %'], $some]);
        yield $says('leave_in_emulsion', [$water, ['olive-oil', '12 %'], ['carbomer', '0.3 %'], $some]);
        yield $says('leave_in_emulsion', [
            $water, ['sodium-coco-sulfate', '5 %'], ['olive-oil', '5 %'], [$it->key, '3 %'],
        ]);
        yield $says('leave_in_emulsion', [$water, ['stearic-acid', '3 %'], ['btms-50', '3 %'], $some]);
        yield $says('hair_oil', [['olive-oil', 'to 100'], $some]);
        yield $says('hair_oil', [['jojoba-oil', 'to 100'], $much], ['use' => 'rinse_off']);
        yield $says('hair_oil', [['olive-oil', 'to 100'], ['beeswax', '15 %'], [$it->key, '50 %']]);
        yield $says('pomade', [['cocoa-butter', '40 %'], ['olive-oil', 'to 100'], [$it->key, '40 %']]);
        yield $says('leave_in_emulsion', [$water, ['jojoba-oil', '12 %'], ['castor-oil', '6 %'], [$it->key, '4 %']]);
        yield $says('leave_in_emulsion', [$water, ['btms-50', '4 %'], ['olive-oil', '9 %'], [$it->key, '30 %']]);
        yield $says('pomade', [['coconut-oil', '20 %'], ['olive-oil', 'to 100'], [$it->key, '45 %']], $hot);
        yield $says('water_spray', [$water, $some], ['for' => ['audience' => 'pregnant']]);
        yield $says('water_spray', [$water, $some], ['for' => ['audience' => 'child_under_3']]);
        yield $says('hair_oil', [['olive-oil', 'to 100'], $some], ['for' => ['audience' => 'child_under_6']]);
        yield $says('fresh_mask', [['yoghurt', 'to 100'], [$it->key, '40 %', 'water']], ['use' => 'rinse_off']);
        yield $says('fresh_mask', [$water, [$it->key, '4 %', 'water'], $held], ['use' => 'rinse_off', 'ph' => 5.0]);
        yield $says('gel', [$water, ['hydroxyethylcellulose', '1 %'], $some, $held]);
        yield $says('gel', [$water, ['carbomer', '0.4 %'], [$it->key, '4 %'], $held]);
        yield $says('gel', [$water, ['carbomer', '0.4 %'], $some, ['btms-50', '1 %'], $held]);
        yield $says('water_spray', [$water, ['polysorbate-20', '2 %'], $some], ['ph' => 4.5]);
        yield static fn (): mixed => HeatContent::of([[self::catalogue()->get($it->key), 100.0]])->at(90.0);
        if ($it->kind->isPlant()) {
            foreach ([['leave_on', 5.0, null], ['rinse_off', 160.0, null], ['rinse_off', 100.0, 360.0]] as $plan) {
                yield static function () use ($it, $plan): mixed {
                    [$use, $grams, $fresh] = $plan;
                    try {
                        $infusion = Infusion::of(InfusionPlanDocument::read([
                            'format' => 'ilvane.infusion-plan/1', 'name' => 'Probe', 'method' => 'warm_bath',
                            'plants' => [array_filter([
                                'ingredient' => $it->key, 'amount' => "$grams g", 'fresh_g' => $fresh,
                            ])],
                            'oils' => [['ingredient' => 'olive-oil', 'amount' => '300 g']], 'use' => $use,
                        ]), self::catalogue(), new Tools);

                        return [
                            array_map(Judged::brief(...), InfusionRules::examine($infusion)),
                            $infusion->yield->likely, $infusion->waterToDriveOut(), $infusion->earliestDay,
                        ];
                    } catch (DocumentRefused $problem) {
                        return $problem->reason;
                    }
                };
            }
        }
    }
}
