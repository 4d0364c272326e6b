<?php

declare(strict_types=1);

namespace Tests\Core\Pins;

use Ilvane\Core\Evaluation\Evaluator;
use Ilvane\Core\Formula\FormulaDocument;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Microbiology\FreePreservative;
use Ilvane\Core\Microbiology\Growth;
use Ilvane\Core\Microbiology\Medium;
use Ilvane\Core\Microbiology\Microbe;

/** What grows, and what holds it. */
final readonly class Microbes
{
    public function __construct(private Catalogue $catalogue)
    {
    }

    /** @return iterable<string, mixed> */
    public function pace(): iterable
    {
        foreach (Microbe::cases() as $microbe) {
            yield $microbe->name => [
                array_map($microbe->growth(...), [-9.0, -2.0, 2.0, 5.0, 8.0, 12.0, 22.0, 30.0, 36.0, 40.0]),
                array_map($microbe->atPh(...), [2.0, 3.0, 3.8, 4.4, 4.5, 4.7, 5.5, 6.5, 7.5, 8.2, 8.8, 9.2, 9.5]),
                array_map($microbe->atWaterActivity(...), [0.6, 0.66, 0.75, 0.84, 0.9, 0.935, 0.945, 0.96, 1.0]),
                $microbe->share(),
                array_column($microbe->heldAs(), 'value'),
            ];
        }
    }

    /** @return iterable<string, mixed> */
    public function growth(): iterable
    {
        $starts = [[10.0, 0.2, false], [1e4, 1.0, true], [2e5, 1.0, false], [500.0, 0.6, false]];
        foreach ($starts as [$start, $food, $raw]) {
            foreach ([[5.0, 5.0], [8.0, 6.5], [20.0, 4.2], [20.0, 7.0], [25.0, 3.0], [-18.0, 6.0]] as [$celsius, $ph]) {
                foreach ([1.0, 0.9] as $activity) {
                    $of = Growth::of($start, $food, $raw, $celsius, $ph, $activity);
                    yield "$start, $food, $celsius °C, pH $ph, $activity" => [
                        $of->after(0.0), $of->after(24.0), $of->after(200.0), $of->hoursTo(1e6), $of->limit(true),
                        $of->limit(false), $of->hoursTo($of->limit(false)),
                    ];
                }
            }
        }
        $held = ['gram_negative' => 0.5, 'gram_positive' => 0.9, 'yeast' => 1.0, 'mould' => 1.4];
        $of = Growth::of(100.0, 0.8, false, 22.0, 6.0, 1.0, $held);
        yield 'held' => [$of->after(48.0), $of->hoursTo(1e6)];
        yield 'never' => Growth::of(100.0, 1.0, false, 22.0, 1.5, 1.0)->hoursTo(1e3);
        yield 'after long' => Growth::of(100.0, 0.02, false, 6.0, 4.6, 0.98)->hoursTo(1e4);
    }

    /** @return iterable<string, mixed> */
    public function held(): iterable
    {
        foreach ([0.0, 0.79, 0.8, 0.81, 1.19, 1.2, 1.21] as $reach) {
            yield "a reach of $reach" => FreePreservative::word($reach);
        }
        $evaluator = new Evaluator($this->catalogue);
        foreach (self::preserved() as $name => $document) {
            $formula = FormulaDocument::read($document);
            foreach ([false, true] as $onBatch) {
                $assessment = $evaluator->evaluate($formula, $onBatch)->assessment;
                $of = $assessment->preservation;
                $effect = $of->effect;
                $spoilage = $of->spoilage;
                $medium = Medium::of($assessment->composition);
                $went = $effect?->whereItWent();
                yield $name.($onBatch ? ', made' : '') => [
                    'is' => [$of->isWatery, $of->regime->value, $of->isStrained(), $of->hasSystem(), $of->alcohol],
                    'acidity' => $of->acidity === null
                        ? null
                        : [$of->acidity->low, $of->acidity->likely, $of->acidity->high],
                    'doses' => array_map(static fn ($dose): array => [
                        $dose->ingredient->key, $dose->heatedPastCeiling, $dose->works($onBatch), $dose->needsPh(),
                        $dose->suitsPh(), $dose->tooLow()?->name,
                    ], $of->doses),
                    'components' => array_map(static fn ($one): array => [
                        $one->component->inci, $one->limit, $one->percent->low, $one->percent->likely,
                        $one->percent->high,
                    ], $of->components()),
                    'effect' => $effect === null ? null : [
                        $effect->word, $effect->worksLike, $effect->main?->ingredient->key, $effect->free->reach,
                        $effect->free->free, $effect->free->worst()->value,
                        [$went->total, $went->free, $went->inOil, $went->bound, $went->dissociated,
                            $went->undissociated],
                    ],
                    'medium' => [$medium->oil, $medium->polarity, $medium->surfactant, $medium->solids,
                        $medium->water()],
                    'spoilage' => $spoilage === null ? null : [
                        $spoilage->start->low, $spoilage->start->likely, $spoilage->start->high, $spoilage->food,
                        $spoilage->isRaw, $spoilage->ph, $spoilage->worst?->ingredient?->key,
                        $spoilage->days(20.0, false), $spoilage->days(8.0, false), $spoilage->days(5.0, true),
                    ],
                    'load' => $of->load === null ? null : [
                        array_keys($of->load->tooMuch()), array_keys($of->load->some()), $of->load->plantWater(),
                    ],
                    'life' => [$assessment->keeping->days, $assessment->keeping->refused],
                ];
            }
        }
    }

    /** @return iterable<string, array<string, mixed>> */
    private static function preserved(): iterable
    {
        yield from Formulas::watery();
        $milk = static fn (array $lines, array $more = []): array => Formulas::of('leave_in_emulsion', [
            ['distilled-water', 'to 100'], ['emulsifying-wax-nf', '5 %'], ['olive-oil', '12 %'], ...$lines,
        ], $more);
        foreach ([
            'phenoxyethanol-ethylhexylglycerin', 'phenoxyethanol', 'benzyl-alcohol-dehydroacetic-acid',
            'propylene-glycol-diazolidinyl-urea-ipbc', 'propylene-glycol-diazolidinyl-urea-parabens',
            'radish-root-ferment-filtrate', 'sodium-benzoate-potassium-sorbate', 'sodium-benzoate',
            'potassium-sorbate', 'gluconolactone-sodium-benzoate', 'benzyl-alcohol-salicylic-acid-sorbic-acid',
        ] as $key) {
            foreach ([0.4, 1.0] as $percent) {
                foreach ([null, 4.0, 5.5, 6.1, 7.0] as $ph) {
                    $dose = [$key, "$percent %", 'cooldown'];
                    yield "$percent % $key at ".($ph ?? 'no pH') => $milk([$dose], array_filter(
                        ['ph' => $ph],
                    ));
                }
            }
        }
        $held = ['phenoxyethanol-ethylhexylglycerin', '1 %', 'cooldown'];
        foreach ([
            'food' => [['banana-flesh', '5 %'], ['banana-flesh', '5.1 %'], ['egg-yolk', '22 %'], ['yoghurt', '0.05 %']],
            'raw' => [['aloe-gel-fresh', '30 %'], ['aloe-gel-fresh', '30.5 %'], ['aloe-gel-fresh', '5.2 %']],
            'powder' => [['amla-powder', '3 %'], ['amla-powder', '3.1 %'], ['amla-powder', '1.1 %']],
            'waters' => [['rose-hydrosol', '19 %'], ['rose-hydrosol', '60 %']],
            'alcohol' => [['ethanol-96', '14 %'], ['ethanol-96', '16 %'], ['ethanol-96', '25 %']],
            'helped' => [['disodium-edta', '0.1 %'], ['disodium-edta', '0.02 %'], ['sodium-phytate', '0.2 %']],
            'eaten' => [['polysorbate-80', '5 %'], ['lecithin', '3 %']],
        ] as $kind => $lines) {
            foreach ($lines as [$key, $amount]) {
                yield "$kind: $amount $key" => $milk([[$key, $amount], $held], ['ph' => 5.0]);
                yield "$kind: $amount $key, nothing else" => $milk([[$key, $amount]]);
            }
        }
        yield 'heated' => $milk(
            [['phenoxyethanol-ethylhexylglycerin', '1 %', 'oil']],
            ['process' => ['heat_to_c' => 75]],
        );
        yield 'rinsed off' => $milk([$held], ['use' => 'rinse_off', 'ph' => 5.0]);
        yield 'a fresh plant' => Formulas::of(
            'hair_oil',
            [['olive-oil', '90 %'], ['rosemary-fresh', '10 %', 'infusion']],
        );
        yield 'bound' => Formulas::of('water_spray', [['distilled-water', '20 %'], ['glycerin', '80 %']]);
        yield 'in an oil' => Formulas::of('hair_oil', [['olive-oil', '98.9 %'], ['panthenol-liquid', '1.1 %']]);
    }
}
