<?php

declare(strict_types=1);

namespace Tests\Core\Pins;

use Ilvane\Core\Formula\Composition;
use Ilvane\Core\Formula\FormulaDocument;
use Ilvane\Core\Formula\Storage;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Measure\Band;
use Ilvane\Core\Physics\Acidity\Acid;
use Ilvane\Core\Physics\Acidity\Acidity;
use Ilvane\Core\Physics\Acidity\Adjustment;
use Ilvane\Core\Physics\Acidity\Sample;
use Ilvane\Core\Physics\Acidity\Solution;
use Ilvane\Core\Physics\Emulsion\Creaming;
use Ilvane\Core\Physics\Heat\Atmosphere;
use Ilvane\Core\Physics\Heat\CoolingRate;
use Ilvane\Core\Physics\Heat\Evaporation;
use Ilvane\Core\Physics\Heat\HeatContent;
use Ilvane\Core\Physics\Heat\Steam;
use Ilvane\Core\Physics\Oxidation;
use Ilvane\Core\Physics\Sorption;
use Ilvane\Core\Physics\Texture\SolidFat;
use Ilvane\Core\Physics\Texture\Whip;
use Ilvane\Core\Physics\WaterActivity;

/** What the physics says, over its range and at its edges. */
final readonly class Physics
{
    public function __construct(private Catalogue $catalogue)
    {
    }

    /** @return iterable<string, mixed> */
    public function steam(): iterable
    {
        foreach ([-60.0, -40.0, -5.0, 0.0, 18.3, 20.0, 37.5, 60.0, 79.9, 80.0, 99.0, 100.0, 104.0] as $celsius) {
            yield "at $celsius °C" => [Steam::pressure($celsius), Steam::latent($celsius)];
        }
        foreach ([0.0, 350.0, 2000.0, 8000.0, 11_000.0, 14_000.0] as $metres) {
            yield "$metres m up" => [Atmosphere::pressure($metres), Atmosphere::boils($metres)];
        }
    }

    /** @return iterable<string, mixed> grams a second */
    public function evaporation(): iterable
    {
        foreach ([0.0, 0.0005, 0.008, 0.03, 0.6] as $surface) {
            foreach ([8.0, 20.0, 22.0, 45.0, 70.0, 95.0, 99.0, 99.7, 104.0] as $celsius) {
                yield "$surface m² at $celsius °C" => [
                    Evaporation::rate($surface, $celsius, 20.0, false),
                    Evaporation::rate($surface, $celsius, 27.0, true),
                    Evaporation::rate($surface, $celsius, 14.0, false, 1.0),
                ];
            }
        }
    }

    /** @return iterable<string, mixed> */
    public function cooling(): iterable
    {
        $falling = static fn (float $rate, float ...$at): array => array_map(
            static fn (float $t): array => [$t, 20 + 50 * exp(-$rate * $t)],
            $at,
        );
        yield 'from three' => CoolingRate::fit($falling(0.001, 0, 60, 120), 20.0);
        yield 'from two' => CoolingRate::fit($falling(0.001, 0, 60), 20.0);
        yield 'over 19.9 s' => CoolingRate::fit($falling(0.001, 0, 10, 19.9), 20.0);
        yield 'over 20 s' => CoolingRate::fit($falling(0.001, 0, 10, 20), 20.0);
        yield 'all near the room' => CoolingRate::fit([[0, 21.5], [60, 21.4], [120, 21.2]], 20.0);
        yield 'just clear of it' => CoolingRate::fit([[0, 21.9], [60, 21.7], [120, 21.51], [180, 21.5]], 20.0);
        yield 'the other side left out' => CoolingRate::fit([[0, 26.0], [60, 24.0], [90, 17.0], [120, 23.0]], 20.0);
        yield 'warming up' => CoolingRate::fit([[0, 5.0], [60, 9.0], [120, 12.0]], 20.0);
        yield 'going away' => CoolingRate::fit([[0, 25.0], [60, 29.0], [120, 33.0]], 20.0);
        yield 'standing still' => CoolingRate::fit([[0, 30.0], [0, 30.0], [30, 30.0]], 20.0);
        $ways = [[70, 40], [40, 70], [40, 40], [70, 20], [70, 15], [20, 20], [20, 30], [10, 15], [15, 10]];
        foreach ($ways as [$a, $b]) {
            yield "from $a to $b" => CoolingRate::secondsTo(0.0008, $a, $b, 20.0);
        }
    }

    /** @return iterable<string, mixed> */
    public function heat(): iterable
    {
        $get = $this->catalogue->get(...);
        $pots = [
            'water' => [[[$get('distilled-water'), 100.0]], 'glass', 0.0],
            'oil in steel' => [[[$get('olive-oil'), 80.0]], 'steel', 150.0],
            'shea in ceramic' => [[[$get('shea-butter-refined'), 120.0]], 'ceramic', 40.0],
            'wax in plastic' => [[[$get('beeswax'), 30.0], [$get('jojoba-oil'), 70.0]], 'PP', 20.0],
            'emulsifier in silicone' => [[[$get('btms-50'), 12.0], [$get('glycerin'), 9.0]], 'silicone', 60.0],
            'something unknown in something unknown' => [[[null, 10.0], [$get('cetyl-alcohol'), 5.0]], 'clay', 100.0],
            'a powder' => [[[$get('xanthan-gum'), 50.0], [$get('shea-butter-unrefined'), 0.0]], 'glass', 0.0],
        ];
        foreach ($pots as $name => [$parts, $wall, $grams]) {
            $heat = HeatContent::of($parts, $wall, $grams);
            foreach ([-40.0, -30.0, -0.75, -0.25, 0.0, 20.0, 33.3, 47.0, 63.0, 71.0, 100.0, 130.0, 150.0] as $celsius) {
                yield "$name, $celsius °C" => [
                    $heat->at($celsius),
                    $heat->capacity($celsius),
                    $heat->celsius($heat->at($celsius)),
                ];
            }
            yield "$name, beyond" => [$heat->celsius(-1e7), $heat->celsius(1e7)];
        }
        foreach (['beeswax', 'shea-butter-refined', 'cetyl-alcohol', 'btms-50', 'olive-oil', 'coconut-oil'] as $key) {
            yield "$key melted" => array_map(
                static fn (int $celsius): float => HeatContent::melted($get($key), $celsius),
                [15, 24, 25, 30, 34, 47, 49, 51, 55, 60, 62, 63, 64, 66, 70],
            );
        }
        yield 'nothing melted' => HeatContent::melted(null, 20.0);
    }

    /** @return iterable<string, mixed> */
    public function acids(): iterable
    {
        foreach ([
            'benzoic', 'sorbic', 'dehydroacetic', 'salicylic', 'citric', 'lactic', 'acetic', 'phosphoric', 'gluconic',
            'carbonic', 'phthalic', 'polyacrylic', 'fatty',
        ] as $name) {
            $acid = Acid::$name();
            $solution = new Solution([[$acid, 0.05]], 0.02);
            yield $name => [
                $acid->molarMass, $acid->undissociated(3.0), $acid->undissociated(7.0), Acid::steps($acid->pKa, 9.0),
                $solution->ph(), $solution->idealPh(), $solution->bufferCapacity(), $solution->baseToReach(7.0),
                $solution->toReach(3.2, Acid::citric()), $solution->alkaline(0.01)->ph(),
            ];
        }
        yield 'pure' => [(new Solution([]))->ph(), (new Solution([]))->idealPh()];
        yield 'strong base' => [(new Solution([], 2.0))->ph(), (new Solution([], 30.0))->ph()];
        yield 'strong acid' => [(new Solution([], -0.1))->ph(), (new Solution([], -30.0))->ph()];
        $borax = new Solution([[Acid::phosphoric(), 0.4]], 0.7);
        yield 'strong in salts' => [$borax->ph(), $borax->toReach(4.0, Acid::citric()), $borax->baseToReach(9.0)];
        yield 'too much to add' => $borax->toReach(4.5, Acid::acetic(), 0.3);
        yield 'not to be reached' => $borax->toReach(1.5, Acid::acetic());
        yield 'there already' => [$borax->toReach(8.0, Acid::citric()), $borax->baseToReach(5.0)];
        foreach (['Benzoic Acid', 'Potassium Sorbate', 'Sodium Dehydroacetate', 'Salicylic Acid', 'Water'] as $inci) {
            yield "preservative $inci" => Acid::ofPreservative($inci)?->pKa;
        }
        $sample = Sample::scaledUp(500.0, 20.0, Band::of(0.1, 0.2, 0.3), 0.1);
        yield 'a sample scaled up' => [$sample->low, $sample->likely, $sample->high];
    }

    /** @return iterable<string, mixed> */
    public function acidity(): iterable
    {
        foreach (Formulas::watery() as $name => $document) {
            $acidity = Acidity::of($this->weigh($document));
            $towards = static fn (float $ph): ?array => ($is = Adjustment::to($ph, $acidity)) === null
                ? null
                : [$is->isAcid, $is->percent->low, $is->percent->likely, $is->percent->high, $is->from];
            yield $name => [
                $acidity->guess, $acidity->isPlantRich, $acidity->lyeFor(7.0), $acidity->citricFor(3.5),
                Adjustment::offBy($acidity), $towards(3.6), $towards(4.5), $towards(7.5),
            ];
        }
    }

    /** @return iterable<string, mixed> */
    public function drying(): iterable
    {
        foreach ([0.0, 0.2, 0.5, 0.62, 0.8, 0.95, 1.0] as $activity) {
            yield "moisture at $activity" => Sorption::moisture($activity);
        }
        foreach ([[0.05, 0.0], [0.12, 0.0], [0.1201, 0.0], [0.15, 0.0], [0.1501, 0.0], [0.06, 0.5], [0.061, 0.5],
            [0.075, 0.5], [0.076, 0.5], [0.6, 0.4], [1.0, 0.0], [0.4, 0.1]] as [$water, $fat]) {
            yield "$water water, $fat fat" => [Sorption::waterActivity($water, $fat), Sorption::word($water, $fat)];
        }
        yield 'what is left' => [
            Sorption::left(100, 30, 0.75), Sorption::left(100, 20, 0.75), Sorption::left(100, 200, 0.75),
            Sorption::left(100, 0, 0.75), Sorption::left(1, 0.5, 0.75),
        ];
        foreach (['calendula-dried', 'rosemary-fresh', 'amla-powder'] as $key) {
            $plant = $this->catalogue->get($key);
            yield $key => [
                Sorption::waterIn($plant, null, null, false), Sorption::waterIn($plant, null, null, true),
                Sorption::waterIn($plant, 100.0, 30.0, true), Sorption::waterIn($plant, 100.0, 0.0, true),
                Sorption::fatIn($plant),
            ];
        }
    }

    /** @return iterable<string, mixed> */
    public function waterActivity(): iterable
    {
        foreach ([0.1, 0.3, 0.49, 0.5, 0.51, 0.59, 0.6, 0.61, 0.649, 0.651, 0.7, 0.75, 0.85, 0.95] as $part) {
            foreach (['glycerin', 'propanediol', 'honey'] as $key) {
                $of = $this->weigh(Formulas::of('water_spray', [
                    ['distilled-water', round(100 * (1 - $part), 1).' %'], [$key, round(100 * $part, 1).' %'],
                ]));
                yield "$part $key" => [WaterActivity::of($of), WaterActivity::word($of)];
            }
        }
        $mixed = $this->weigh(Formulas::of('water_spray', [
            ['distilled-water', '30 %'], ['glycerin', '40 %'], ['propanediol', '20 %'], ['honey', '10 %'],
        ]));
        yield 'mixed' => [WaterActivity::of($mixed), WaterActivity::word($mixed)];
        yield 'none' => WaterActivity::of($this->weigh(Formulas::of('hair_oil', [['olive-oil', '100 %']])));
        yield 'by the equation' => [WaterActivity::norrish(0.3, 92.094, 1.16), WaterActivity::norrish(0.6, 76.1, 1.0)];
    }

    /** @return iterable<string, mixed> */
    public function texture(): iterable
    {
        foreach (Formulas::fatty() as $name => $document) {
            $texture = SolidFat::of($this->weigh($document));
            $at = [];
            foreach ([5.0, 10.0, 12.5, 16.0, 20.0, 22.0, 28.0, 33.0, 35.0, 40.0] as $celsius) {
                $at[] = [$texture->at($celsius), $texture->feel($celsius)];
            }
            yield $name => [
                $texture->solid, $texture->unknown, $texture->grainy, $texture->isWaxGel, $at, $texture->slump(),
            ];
        }
        foreach (['pourable', 'very_soft', 'scoopable', 'firm', 'hard', 'other'] as $feel) {
            yield $feel => SolidFat::band($feel);
        }
        foreach ([[150.0, 100.0], [100.0, 150.0], [100.0, 0.0], [100.0, 1.0], [1.0, 0.5]] as [$before, $after]) {
            yield "a cup of $before whipped to $after" => Whip::overrun($before, $after);
        }
        $usual = Whip::usualOverrun();
        $volume = Whip::volume(300.0, 0.9, $usual);
        yield 'whipped' => [$usual->low, $usual->likely, $usual->high, $volume->low, $volume->likely, $volume->high];
        foreach (['pet-jar-200', 'pp-jar-100', 'amber-jar-60'] as $key) {
            $jar = $this->catalogue->containers()[$key];
            yield "into $key" => [
                Whip::containers($volume, $jar, 0.05),
                Whip::containers(Band::exact($jar->fillMl()), $jar, 0.0),
                Whip::containers(Band::exact(2 * $jar->fillMl() + 0.1), $jar, 0.0),
                Whip::containers(Band::zero(), $jar, 0.0),
            ];
        }
    }

    /** @return iterable<string, mixed> */
    public function oxidation(): iterable
    {
        $kept = [['room_c' => 20.0], ['room_c' => 26.0], ['room_c' => 16.0], ['fridge_c' => 7.0]];
        foreach (Formulas::fatty() as $name => $document) {
            foreach ($kept as $i => $conditions) {
                $formula = FormulaDocument::read([...$document, 'process' => $conditions]);
                $composition = $this->weigh($document);
                foreach (Storage::cases() as $storage) {
                    $of = Oxidation::of($formula, $composition, $storage);
                    yield "$name, $i, $storage->value" => $of === null ? null : [
                        $of->days(), $of->fastest, $of->celsius, $of->hasAntioxidant, $of->isInTheFridge(),
                        $of->withAntioxidant()->days(), $of->inClearGlass()->days(), $of->inTheFridge()->days(),
                        $of->inClearGlass()->inTheDark()->days(), $of->peroxides(100.0),
                    ];
                }
            }
        }
        foreach ([0, 100, 200, 500, 1000, 1500, 2000, 3000, 5000, 9000] as $ppm) {
            yield "tocopherol $ppm ppm" => Oxidation::byTocopherol($ppm);
        }
        foreach ([1.0, 3.0, 10.3, 15.0, 21.6] as $pace) {
            yield "pace $pace" => Oxidation::months($pace);
        }
        yield 'ageing' => [Oxidation::ageingFactor(40.0, 20.0), Oxidation::ageingFactor(45.0, 20.0, 2.5)];
    }

    /** @return iterable<string, mixed> */
    public function drops(): iterable
    {
        yield 'a droplet' => [Creaming::droplet(), Creaming::droplet(0.05, 100.0)];
        yield 'a pace' => [Creaming::pace(5e-6, 80.0, 0.1), Creaming::pace(2e-5, 60.0, 0.3, 0.01)];
    }

    private function weigh(array $document): Composition
    {
        return Formulas::weighed($document, $this->catalogue);
    }
}
