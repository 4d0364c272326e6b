<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Formulas\Draft;
use App\Formulas\FormulaBook;
use App\Ground\OwnMeasures;
use App\Ground\OwnMoney;
use App\Infusions\JarBook;
use App\Infusions\PlanDraft;
use App\Infusions\Planner;
use App\Learn\PracticeBook;
use App\Learn\PracticeCases;
use App\Make\MakeBook;
use App\Make\MakeStateFactory;
use App\Models\Batch;
use App\Models\Formula;
use App\Models\FormulaVersion;
use App\Models\Jar;
use App\Models\Lot;
use App\Models\Project;
use App\Pantry\LotBook;
use App\Preparations\PreparationBook;
use App\Projects\ProjectBook;
use App\Shelf\ContainerBook;
use App\Shelf\ObservationBook;
use App\Shelf\ShelfBook;
use Illuminate\Database\Seeder;
use Illuminate\Support\Carbon;
use Ilvane\Core\Formula\Storage;
use Ilvane\Core\Infusion\InfusionPlanDocument;
use Ilvane\Core\Process\Step;
use Ilvane\Core\Process\StepKind;

/** The sample workroom: invented people, place and products, dated from the day it is filled. */
final class DemoWorkroom extends Seeder
{
    /** Days before today by which everything unopened had been bought. */
    private const BOUGHT_BEFORE = 48;

    /** @var array<string, Carbon> when what was left of a lot was thrown away, by its code */
    private array $leftovers = [];

    public function __construct(
        private readonly PracticeCases $cases,
        private readonly Planner $planner,
        private readonly MakeStateFactory $makeStates,
    ) {
    }

    public function run(
        FormulaBook $book,
        MakeBook $makes,
        JarBook $jars,
        PreparationBook $preparations,
        ObservationBook $watches,
        LotBook $lots,
        ShelfBook $made,
        ContainerBook $containers,
        PracticeBook $practice,
        OwnMeasures $measures,
        ProjectBook $projects,
    ): void {
        $this->bought($lots);
        $this->preparations($preparations);
        $milk = $this->formula($book, $this->milk());
        $first = $book->keep($milk, Draft::fromDocument($this->milk('2 %')), 'First try, with less shea.');
        $book->keep($milk, Draft::fromDocument($this->milk('2.5 %')), 'A little more, never made.');
        $kept = $book->keep($milk, Draft::fromStored($milk->draft), 'More shea for the ends.');
        $cream = $this->formula($book, $this->curlCream());
        $this->formula($book, $this->spray());
        $butter = $this->formula($book, $this->butter());
        $this->formula($book, $this->flawed());
        $oil = $this->formula($book, $this->sealingOil());
        $mask = $this->formula($book, $this->mask());
        $measures->keep([
            ...OwnMeasures::BLANK,
            'units' => 'us',
            'drops' => '40',
            'drops_grams' => '1.24',
            'drops_of' => 'distilled water',
        ]);
        OwnMoney::keep('€');

        // in the order it happened, so that every lot's story is told as it went
        $this->firstMilk($makes, $made, $first);
        $this->onTheShelf(
            $makes,
            $made,
            $book->keep($oil, Draft::fromStored($oil->draft)),
            34,
            57.0,
            2,
            'bathroom shelf',
            21.0,
        );
        $this->secondMilk($makes, $made, $watches, $kept);
        $this->jars($jars);
        $this->onTheShelf(
            $makes,
            $made,
            $book->keep($butter, Draft::fromStored($butter->draft), 'Less cocoa than in summer.'),
            9,
            193.0,
            3,
            'larder',
            26.0,
        );
        $this->splitMask(
            $makes,
            $made,
            $containers,
            $book->keep($mask, Draft::fromStored($mask->draft)),
        );
        $this->halfMade($makes, $book->keep($cream, Draft::fromStored($cream->draft), 'For Odile’s coils.'));
        foreach ($this->leftovers as $code => $at) {
            $lot = Lot::query()->where('code', $code)->firstOrFail();
            $lots->discard($lot, 'older than two days', $at, "demo-$code-discard");
        }
        $this->practised($practice);
        $this->underWay($projects, $this->formula($book, $this->harvestMilk()));
    }

    /** For Saturday: the oil is there, the tea is begun the evening before. */
    private function underWay(ProjectBook $projects, Formula $formula): void
    {
        $saturday = Carbon::now()->addDays(2)->next(Carbon::SATURDAY)->setTime(10, 0);
        $oil = Lot::atHand()->where('kind', 'infused_oil')->where('name', 'like', 'Calendula%')->firstOrFail();
        $project = (new Project)->forceFill([
            'uid' => md5($formula->name),
            'formula_id' => $formula->id,
            'begin_at' => $saturday,
            'parts' => [],
        ]);
        $project->save();
        $projects->take($project, 'calendula-oil', $oil->code);
    }

    /** @return array<string, mixed> */
    private function harvestMilk(): array
    {
        return [
            'format' => 'ilvane.formula/1', 'name' => 'Saturday milk', 'family' => 'leave_in_emulsion',
            'batch' => ['grams' => 200], 'ph' => 4.8,
            'notes' => 'The oil from the jar, and a tea that stands overnight.',
            'parts' => [
                ['key' => 'tea', 'name' => 'Linden tea', 'makes' => 'tea', 'lines' => [
                    ['ingredient' => 'linden-flower-dried', 'amount' => '8 g'],
                    ['ingredient' => 'distilled-water', 'amount' => '220 g'],
                ], 'process' => ['steps' => [['do' => 'steep', 'minutes' => 600], ['do' => 'strain']]]],
                ['key' => 'calendula-oil', 'name' => 'Calendula oil', 'makes' => 'infused_oil', 'lines' => [
                    ['ingredient' => 'calendula-dried', 'amount' => '6 g'],
                    ['ingredient' => 'sunflower-oil-high-oleic', 'amount' => '60 g'],
                ]],
            ],
            'lines' => [
                ['part' => 'tea', 'amount' => 'to 100', 'phase' => 'water'],
                ['ingredient' => 'glycerin', 'amount' => '3 %', 'phase' => 'water'],
                ['ingredient' => 'btms-50', 'amount' => '5 %', 'phase' => 'oil'],
                ['ingredient' => 'cetyl-alcohol', 'amount' => '2.5 %', 'phase' => 'oil'],
                ['part' => 'calendula-oil', 'amount' => '12 %', 'phase' => 'oil'],
                ['ingredient' => 'phenoxyethanol-ethylhexylglycerin', 'amount' => '1 %', 'phase' => 'cooldown'],
            ],
        ];
    }

    /** Made, filled and put away, some of it used since. */
    private function onTheShelf(
        MakeBook $makes,
        ShelfBook $made,
        FormulaVersion $version,
        int $ago,
        float $filled,
        int $containers,
        string $stands,
        float $used,
    ): void {
        $batch = $makes->start($version, $this->daysAgo($ago, '17:00'));
        if ($batch === null) {
            return;
        }
        $this->makeUpTo($makes, $batch, 'fill', $this->daysAgo($ago, '17:05'), drift: 0.002);
        $makes->record(
            $batch,
            ['step' => 'fill', 'kind' => 'fill', 'subject' => (string) $containers, 'value' => $filled],
            "demo-$batch->code-fill",
            $this->daysAgo($ago, '18:20'),
        );
        $makes->finish($batch, $filled, $containers, $this->daysAgo($ago, '18:20'));
        $made->move($batch->refresh(), $stands, $this->daysAgo($ago, '18:30'), "demo-$batch->code-move");
        $made->leaves(
            $batch,
            'used',
            $used,
            '',
            null,
            max($this->minutesAgo(140), $this->daysAgo($ago, '18:40')),
            "demo-$batch->code-use",
        );
    }

    /** Half of it for today and tomorrow, the rest frozen by the portion. */
    private function splitMask(
        MakeBook $makes,
        ShelfBook $made,
        ContainerBook $containers,
        FormulaVersion $version,
    ): void {
        $batch = $makes->start($version, $this->daysAgo(1, '17:00'));
        if ($batch === null) {
            return;
        }
        $this->makeUpTo($makes, $batch, 'fill', $this->daysAgo(1, '17:05'), drift: 0.002);
        $makes->record(
            $batch,
            ['step' => 'fill', 'kind' => 'fill', 'subject' => '5', 'value' => 96.0],
            "demo-$batch->code-fill",
            $this->daysAgo(1, '18:20'),
        );
        $makes->finish($batch, 96.0, 5, $this->daysAgo(1, '18:20'));
        $containers->split($batch->refresh(), [
            ['what' => 'tub', 'count' => 1.0, 'grams' => 48.0, 'storage' => 'fridge', 'stands' => 'top shelf'],
            ['what' => 'cube', 'count' => 4.0, 'grams' => 12.0, 'storage' => 'freezer', 'stands' => 'blue tray'],
        ], $this->daysAgo(1, '18:30'), "demo-$batch->code-split");
        $made->leaves(
            $batch,
            'used',
            24.0,
            '',
            null,
            max($this->minutesAgo(140), $this->daysAgo(1, '18:40')),
            "demo-$batch->code-use",
            'A',
        );
    }

    /** The one that came out well: given away, used, looked at. */
    private function secondMilk(
        MakeBook $makes,
        ShelfBook $made,
        ObservationBook $watches,
        FormulaVersion $version,
    ): void {
        $batch = $makes->start($version, $this->daysAgo(19, '10:05'));
        if ($batch === null) {
            return;
        }
        $this->makeUpTo($makes, $batch, 'fill', $this->daysAgo(19, '10:10'), drift: 0.004);
        $makes->record(
            $batch,
            ['step' => 'fill', 'kind' => 'fill', 'subject' => '1', 'value' => 191.4],
            "demo-$batch->code-fill",
            $this->daysAgo(19, '11:40'),
        );
        $makes->finish($batch, 191.4, 1, $this->daysAgo(19, '11:40'));
        $made->move($batch->refresh(), 'bathroom shelf', $this->daysAgo(18, '18:00'), "demo-$batch->code-move");
        $made->leaves(
            $batch,
            'gifted',
            50.0,
            'Odile, in a small jar',
            null,
            $this->daysAgo(12, '15:30'),
            "demo-$batch->code-gift",
        );
        $made->hair(
            $batch,
            'well',
            'Softer than the first, no film.',
            $this->daysAgo(10, '20:10'),
            "demo-$batch->code-hair",
        );
        $made->leaves($batch, 'used', 30.0, '', null, $this->daysAgo(4, '08:00'), "demo-$batch->code-use");
        $this->samples($watches, $batch);
    }

    /** Begun a good hour ago and left to cool. */
    private function halfMade(MakeBook $makes, FormulaVersion $version): void
    {
        $half = $makes->start($version, $this->minutesAgo(74));
        if ($half === null) {
            return;
        }
        $this->makeUpTo($makes, $half, 'gate', $this->minutesAgo(70), drift: -0.003);
        $makes->record(
            $half,
            ['step' => 'gate', 'kind' => 'temperature', 'subject' => 'mix', 'value' => 52.5],
            "demo-$half->code-gate",
            $this->minutesAgo(3),
        );
    }

    /** The first try: too much of it stayed somewhere, and it is gone by now. */
    private function firstMilk(MakeBook $makes, ShelfBook $made, FormulaVersion $version): void
    {
        $batch = $makes->start($version, $this->daysAgo(46, '14:00'));
        if ($batch === null) {
            return;
        }
        $this->makeUpTo($makes, $batch, 'fill', $this->daysAgo(46, '14:05'), drift: 0.006);
        $makes->record(
            $batch,
            ['step' => 'fill', 'kind' => 'fill', 'subject' => '2', 'value' => 152.0],
            "demo-$batch->code-fill",
            $this->daysAgo(46, '15:50'),
        );
        $makes->finish($batch, 152.0, 2, $this->daysAgo(46, '15:50'));
        $made->leaves(
            $batch->refresh(),
            'sold',
            76.0,
            'Saturday market',
            9.0,
            $this->daysAgo(40, '11:00'),
            "demo-$batch->code-sold",
        );
        $made->leaves($batch->refresh(), 'used', 76.0, '', null, $this->daysAgo(24, '08:00'), "demo-$batch->code-used");
    }

    /** What was bought: grams, what it cost, how many days it is still good sealed, and since when it is open. */
    private function bought(LotBook $lots): void
    {
        foreach ([
            ['shea-butter-unrefined', 400, 9.60, 420, 47],
            ['apricot-kernel-oil', 230, 7.90, 300, 47],
            ['sunflower-oil-high-oleic', 900, 4.20, 380, 25],
            ['cocoa-butter', 180, 5.40, 500, 10],
            ['mango-butter', 150, 6.80, 350, 1],
            ['jojoba-oil', 245, 19.80, 600, 120],
            ['sweet-almond-oil', 60, 2.10, 20, null],
            ['grapeseed-oil', 240, 3.30, 28, null],
            ['btms-50', 90, 6.20, 500, 200],
            ['cetearyl-alcohol', 100, 3.10, 700, 200],
            ['glycerin', 250, 3.90, 600, 150],
            ['panthenol-liquid', 60, 5.50, 400, 60],
            ['benzyl-alcohol-dehydroacetic-acid', 45, 6.90, 500, 100],
            ['vitamin-e-tocopherols', 40, 7.20, 300, 90],
            ['lavender-essential-oil', 9, 6.00, 500, 80],
            ['hydroxyethylcellulose', 40, 4.40, 700, 47],
            ['distilled-water', 4500, 3.00, null, null],
        ] as [$key, $grams, $price, $sealed, $open]) {
            $lots->putBought(
                $key,
                (float) $grams,
                (float) $price,
                $sealed === null ? null : Carbon::now()->addDays($sealed)->startOfDay(),
                $open === null ? null : $this->daysAgo($open, '10:00'),
                $this->daysAgo(($open ?? self::BOUGHT_BEFORE) + 12, '17:00'),
            );
        }
    }

    /** Some cases met in the practice room: one keeps going wrong. */
    private function practised(PracticeBook $practice): void
    {
        foreach ([
            'preservative_left_out' => [[21, true], [20, true], [15, true]],
            'too_little_emulsifier' => [[20, false], [12, true]],
            'gate_too_hot' => [[12, true]],
            'citrus_in_the_sun' => [[9, true], [3, false]],
            'ready_jar' => [[9, false], [8, true], [5, true]],
        ] as $what => $answers) {
            foreach ($answers as [$ago, $isRight]) {
                Carbon::withTestNow(
                    $this->daysAgo($ago, '20:30'),
                    fn () => $practice->answered(
                        $this->cases->of($what, $ago),
                        $isRight,
                        "demo-practice-$ago",
                    ),
                );
            }
        }
    }

    private function samples(ObservationBook $watches, Batch $batch): void
    {
        foreach ([
            18 => ['cold', 'room', 'warm'],
            12 => ['cold', 'room', 'warm'],
            5 => ['room', 'warm'],
        ] as $ago => $places) {
            foreach ($places as $place) {
                $watches->saw(
                    $batch,
                    $place,
                    'sound',
                    $place === 'warm' && $ago === 5 ? 'a shade yellower' : '',
                    $this->daysAgo($ago, '09:15'),
                    "demo-$batch->code-$place-$ago",
                );
            }
        }
    }

    /** A cold jar half way, a warm one done, a strong one just begun, one still a plan. */
    private function jars(JarBook $jars): void
    {
        $cold = $this->jar($jars, $this->coldJar(), $this->daysAgo(16, '09:20'));
        foreach ([14, 11, 9, 6, 3] as $days) {
            $jars->shake($cold, $this->daysAgo($days, '08:05'), "demo-shake-$days");
        }
        $jars->note($cold, 18.5, 'clear', 'In the larder, top shelf.', $this->daysAgo(9, '08:06'), 'demo-look-cold');
        $jars->move($cold, 40.0, 40.0, $this->daysAgo(4, '18:30'), 'demo-move-cold');

        $warm = $this->jar($jars, $this->warmJar(), $this->daysAgo(12, '10:00'));
        $jars->strain($warm, 158.0, 21.0, $this->daysAgo(12, '18:10'), 'demo-strain-warm');

        $this->jar($jars, $this->strongJar(), $this->daysAgo(1, '19:45'));
        $jars->begin(PlanDraft::fromDocument($this->plannedJar()));
    }

    /** @param  array<string, mixed>  $plan */
    private function jar(JarBook $jars, array $plan, Carbon $at): Jar
    {
        $jar = $jars->begin(PlanDraft::fromDocument($plan));
        $jars->start($jar, $this->planner->infusion(InfusionPlanDocument::read($plan)), $at);

        return $jar->refresh();
    }

    private function preparations(PreparationBook $preparations): void
    {
        // what went into the two milks was cooked the evening before, and what was left of it thrown away
        foreach ([47, 20] as $ago) {
            $lot = $preparations->made(
                $preparations->plan('marshmallow-decoction', 'marshmallow-root', 60.0),
                52.0,
                Storage::Fridge,
                null,
                $this->daysAgo($ago, '20:15'),
            );
            $this->leftovers[$lot->code] = $this->daysAgo($ago - 2, '19:00');
        }
        $preparations->made(
            $preparations->plan('marshmallow-decoction', 'marshmallow-root', 150.0),
            138.0,
            Storage::Fridge,
            null,
            Carbon::now()->subMinutes(57 * 60 + 25),
        );
        $preparations->made(
            $preparations->plan('aloe-gel-from-leaf', 'aloe-leaf-fresh', 180.0),
            192.0,
            Storage::Freezer,
            15.0,
            $this->daysAgo(8, '11:30'),
        );
        $preparations->plan('rosemary-water', 'rosemary-dried', 100.0);
    }

    /** @return array<string, mixed> */
    private function coldJar(): array
    {
        return [
            'format' => 'ilvane.infusion-plan/1', 'name' => 'Calendula for the winter milk',
            'plants' => [['ingredient' => 'calendula-dried', 'amount' => '30 g', 'form' => 'dried_whole']],
            'oils' => [['ingredient' => 'sunflower-oil-high-oleic', 'amount' => '300 g']],
            'jar_ml' => 500, 'method' => 'cold_dark', 'temperature_c' => 20, 'days' => 28, 'shake_every_days' => 3,
        ];
    }

    /** @return array<string, mixed> */
    private function warmJar(): array
    {
        return [
            'format' => 'ilvane.infusion-plan/1', 'name' => 'Rosemary, one slow Saturday',
            'plants' => [['ingredient' => 'rosemary-dried', 'amount' => '25 g', 'form' => 'dried_cracked']],
            'oils' => [['ingredient' => 'olive-oil', 'amount' => '200 g']],
            'jar_ml' => 350, 'method' => 'low_oven', 'temperature_c' => 55, 'minutes' => 480,
        ];
    }

    /** @return array<string, mixed> */
    private function strongJar(): array
    {
        return [
            'format' => 'ilvane.infusion-plan/1', 'name' => 'Clove, for thinning',
            'plants' => [['ingredient' => 'clove-buds', 'amount' => '2 tbsp', 'form' => 'dried_cracked']],
            'oils' => [['ingredient' => 'jojoba-oil', 'amount' => '150 g']],
            'jar_ml' => 250,
            'method' => 'cold_dark',
            'temperature_c' => 20,
            'days' => 14,
            'shake_every_days' => 1,
            'wished_strength' => 2,
        ];
    }

    /** @return array<string, mixed> */
    private function plannedJar(): array
    {
        return [
            'format' => 'ilvane.infusion-plan/1', 'name' => 'Nettle and lavender',
            'plants' => [
                ['ingredient' => 'nettle-dried', 'amount' => '20 g'],
                ['ingredient' => 'lavender-buds', 'amount' => '2 tbsp'],
            ],
            'oils' => [
                ['ingredient' => 'sweet-almond-oil', 'amount' => '250 g'],
                ['ingredient' => 'jojoba-oil', 'amount' => '50 g'],
            ],
            'jar_ml' => 500, 'method' => 'cold_dark',
        ];
    }

    /** @param  array<string, mixed>  $document */
    private function formula(FormulaBook $book, array $document): Formula
    {
        return $book->put(Draft::fromDocument($document));
    }

    private function minutesAgo(int $minutes): Carbon
    {
        return Carbon::now()->subMinutes($minutes);
    }

    private function daysAgo(int $days, string $time): Carbon
    {
        return Carbon::now()->subDays($days)->setTimeFromTimeString($time);
    }

    /** Does every step before the named one, each weight off by a little, as hands are. */
    private function makeUpTo(MakeBook $makes, Batch $batch, string $stop, Carbon $at, float $drift): void
    {
        $state = $this->makeStates->of($batch->load('entries'));
        foreach ($state->plan->steps as $i => $step) {
            if ($step->key === $stop) {
                break;
            }
            $at = $at->copy()->addMinutes($step->kind === StepKind::Heat ? 22 : 2);
            $ingredient = $step->line === null ? null : $state->composition->lines[$step->line - 1]->ingredient;
            $lot = $ingredient === null
                ? null
                : Lot::ofIngredient($ingredient->key)->first(
                    static fn (Lot $lot): bool => $lot->made_at <= $at
                        && ($lot->opened_at === null || $lot->opened_at <= $at)
                        && ($lot->good_until === null || $lot->good_until > $at),
                );
            foreach ([
                ...$this->entries($step, $drift * (1 + $i % 3), $state->scale),
                ...($lot === null ? [] : [['kind' => 'lot', 'subject' => $lot->code]]),
            ] as $n => $entry) {
                $makes->record($batch, ['step' => $step->key, ...$entry], "demo-$batch->code-$i-$n", $at);
            }
            $makes->record($batch, ['step' => $step->key, 'kind' => 'done'], "demo-$batch->code-$i-done", $at);
        }
        $makes->moveTo($batch, $stop);
    }

    /** @return list<array{kind: string, subject: string, value: float}> */
    private function entries(Step $step, float $drift, float $scale): array
    {
        return match ($step->kind) {
            StepKind::Weigh => [[
                'kind' => 'weighed',
                'subject' => (string) $step->line,
                'value' => round(round(($step->grams ?? 0.0) * (1 + $drift) / $scale) * $scale, 3),
            ]],
            StepKind::Heat => [
                ['kind' => 'temperature', 'subject' => 'water', 'value' => 73.0],
                ['kind' => 'temperature', 'subject' => 'oil', 'value' => 72.0],
            ],
            StepKind::Gate => [['kind' => 'temperature', 'subject' => 'mix', 'value' => 38.5]],
            StepKind::TestPh => [['kind' => 'ph', 'subject' => '', 'value' => 4.8]],
            default => [],
        };
    }

    /** @return array<string, mixed> */
    private function milk(string $shea = '4 %'): array
    {
        return [
            'format' => 'ilvane.formula/1',
            'name' => 'Slow Sunday leave-in milk',
            'family' => 'leave_in_emulsion',
            'scale_resolution_g' => 0.01,
            'batch' => ['grams' => 200], 'ph' => 4.8, 'keeping' => ['intended' => 'preserved', 'storage' => 'room'],
            'lines' => [
                ['ingredient' => 'distilled-water', 'amount' => 'to 100', 'phase' => 'water'],
                ['ingredient' => 'marshmallow-root-decoction', 'amount' => '15 %', 'phase' => 'water'],
                ['ingredient' => 'glycerin', 'amount' => '3 %', 'phase' => 'water'],
                [
                    'ingredient' => 'hydroxyethylcellulose',
                    'amount' => '0.3 %',
                    'phase' => 'water',
                    'prepared' => 'wetted',
                ],
                ['ingredient' => 'btms-50', 'amount' => '4 %', 'phase' => 'oil'],
                ['ingredient' => 'cetearyl-alcohol', 'amount' => '1.5 %', 'phase' => 'oil'],
                ['ingredient' => 'shea-butter-unrefined', 'amount' => $shea, 'phase' => 'oil'],
                ['ingredient' => 'apricot-kernel-oil', 'amount' => '5 %', 'phase' => 'oil'],
                ['ingredient' => 'panthenol-liquid', 'amount' => '1 %', 'phase' => 'cooldown'],
                ['ingredient' => 'benzyl-alcohol-dehydroacetic-acid', 'amount' => '0.9 %', 'phase' => 'cooldown'],
                ['ingredient' => 'vitamin-e-tocopherols', 'amount' => '0.3 %', 'phase' => 'cooldown'],
                ['ingredient' => 'lavender-essential-oil', 'amount' => '0.3 %', 'phase' => 'cooldown'],
            ],
            'directions' => 'Work a walnut-sized amount through clean, damp hair, ends first.',
        ];
    }

    /** @return array<string, mixed> */
    private function curlCream(): array
    {
        return [
            'format' => 'ilvane.formula/1',
            'name' => 'Harbour Lane curl cream',
            'family' => 'leave_in_emulsion',
            'scale_resolution_g' => 0.1,
            'batch' => ['grams' => 300], 'ph' => 5.0, 'keeping' => ['intended' => 'preserved', 'storage' => 'room'],
            'lines' => [
                ['ingredient' => 'distilled-water', 'amount' => 'to 100', 'phase' => 'water'],
                ['ingredient' => 'propanediol', 'amount' => '4 %', 'phase' => 'water'],
                ['ingredient' => 'btms-25', 'amount' => '6 %', 'phase' => 'oil'],
                ['ingredient' => 'mango-butter', 'amount' => '6 %', 'phase' => 'oil'],
                ['ingredient' => 'avocado-oil', 'amount' => '8 %', 'phase' => 'oil'],
                ['ingredient' => 'jojoba-oil', 'amount' => '2 %', 'phase' => 'oil'],
                ['ingredient' => 'hydrolysed-rice-protein', 'amount' => '2 %', 'phase' => 'cooldown'],
                ['ingredient' => 'phenoxyethanol-ethylhexylglycerin', 'amount' => '0.9 %', 'phase' => 'cooldown'],
                ['ingredient' => 'sweet-orange-essential-oil', 'amount' => '0.4 %', 'phase' => 'cooldown'],
            ],
            'directions' => 'Rake through soaking-wet curls, scrunch, leave in.',
        ];
    }

    /** @return array<string, mixed> */
    private function spray(): array
    {
        return [
            'format' => 'ilvane.formula/1',
            'name' => 'Third-day mist',
            'family' => 'water_spray',
            'scale_resolution_g' => 0.01,
            'batch' => ['grams' => 200], 'ph' => 4.6, 'keeping' => ['intended' => 'preserved', 'storage' => 'fridge'],
            'lines' => [
                ['ingredient' => 'distilled-water', 'amount' => 'to 100', 'phase' => 'water'],
                ['ingredient' => 'rosemary-hydrosol', 'amount' => '30 %', 'phase' => 'water'],
                ['ingredient' => 'glycerin', 'amount' => '2 %', 'phase' => 'water'],
                ['ingredient' => 'panthenol-liquid', 'amount' => '1.5 %', 'phase' => 'cooldown'],
                ['ingredient' => 'sodium-benzoate-potassium-sorbate', 'amount' => '0.8 %', 'phase' => 'water'],
            ],
        ];
    }

    /** @return array<string, mixed> */
    private function butter(): array
    {
        return [
            'format' => 'ilvane.formula/1',
            'name' => 'Barn-door whipped butter',
            'family' => 'whipped_butter',
            'scale_resolution_g' => 0.1,
            'lines' => [
                ['ingredient' => 'shea-butter-refined', 'amount' => '120 g', 'phase' => 'oil'],
                ['ingredient' => 'cocoa-butter', 'amount' => '20 g', 'phase' => 'oil'],
                ['ingredient' => 'sunflower-oil-high-oleic', 'amount' => '60 g', 'phase' => 'oil'],
                ['ingredient' => 'vitamin-e-tocopherols', 'amount' => '1 g', 'phase' => 'cooldown'],
            ],
        ];
    }

    /** @return array<string, mixed> */
    private function sealingOil(): array
    {
        return [
            'format' => 'ilvane.formula/1',
            'name' => 'Rain-coat sealing oil',
            'family' => 'hair_oil',
            'scale_resolution_g' => 0.01,
            'batch' => ['grams' => 60], 'packaging' => ['container' => 'amber-dropper-50', 'count' => 2],
            'lines' => [
                ['ingredient' => 'jojoba-oil', 'amount' => '45 %', 'phase' => 'oil'],
                ['ingredient' => 'apricot-kernel-oil', 'amount' => '34.2 %', 'phase' => 'oil'],
                ['ingredient' => 'castor-oil', 'amount' => '20 %', 'phase' => 'oil'],
                ['ingredient' => 'vitamin-e-tocopherols', 'amount' => '0.5 %', 'phase' => 'cooldown'],
                ['ingredient' => 'lavender-essential-oil', 'amount' => '0.3 %', 'phase' => 'cooldown'],
            ],
            'directions' => 'Two or three drops on damp ends.',
        ];
    }

    /** @return array<string, mixed> */
    private function mask(): array
    {
        return [
            'format' => 'ilvane.formula/1',
            'name' => 'Pantry-raid banana mask',
            'family' => 'fresh_mask',
            'scale_resolution_g' => 0.1,
            'keeping' => ['intended' => 'fresh', 'storage' => 'fridge'],
            'lines' => [
                ['ingredient' => 'banana-flesh', 'amount' => '90 g', 'phase' => 'water', 'prepared' => 'strained'],
                ['ingredient' => 'honey', 'amount' => '1 tbsp', 'phase' => 'water'],
                ['ingredient' => 'sunflower-oil-high-oleic', 'amount' => '8 g', 'phase' => 'oil'],
            ],
            'directions' => 'Half an hour under a cap, rinse, wash.',
        ];
    }

    /** @return array<string, mixed> */
    private function flawed(): array
    {
        return [
            'format' => 'ilvane.formula/1',
            'name' => 'Cousin Bertil’s all-in-one',
            'family' => 'leave_in_emulsion',
            'scale_resolution_g' => 1.0,
            'batch' => ['grams' => 250],
            'lines' => [
                ['ingredient' => 'distilled-water', 'amount' => 'to 100', 'phase' => 'water'],
                ['ingredient' => 'aloe-gel-fresh', 'amount' => '1/3 cup', 'phase' => 'water'],
                ['ingredient' => 'glycerin', 'amount' => '12 %', 'phase' => 'water'],
                ['ingredient' => 'btms-25', 'amount' => '1 tsp', 'phase' => 'oil'],
                ['ingredient' => 'olive-oil', 'amount' => '3 tbsp', 'phase' => 'oil'],
                ['ingredient' => 'rosemary-fresh', 'amount' => '2 tbsp', 'phase' => 'oil'],
                ['ingredient' => 'vitamin-e-tocopherols', 'amount' => '1/2 tsp', 'phase' => 'oil'],
                ['ingredient' => 'clove-bud-essential-oil', 'amount' => '40-50 drops', 'phase' => 'cooldown'],
                ['ingredient' => 'peppermint-essential-oil', 'amount' => 'a few drops', 'phase' => 'cooldown'],
            ],
        ];
    }
}
