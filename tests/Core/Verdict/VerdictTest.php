<?php

declare(strict_types=1);

namespace Tests\Core\Verdict;

use Ilvane\Core\Evaluation\Evaluator;
use Ilvane\Core\Evaluation\TriedFixes;
use Ilvane\Core\Formula\FormulaDocument;
use Ilvane\Core\Formula\Patch;
use Ilvane\Core\Safety\Evaluation;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Fix;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Safety\VerdictKind;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\CoreCase;
use Tests\Support\RandomFormulas;
use Tests\Support\SoundFormulas;

/**
 * Sixty formulas, half of them as competent formulators make them, half flawed in one or two ways, written before the
 * verdict was: what may be said of each, what must be found, and the days it may be given at most. By hand, recalled.
 */
final class VerdictTest extends CoreCase
{
    /** One case of the open ones was mended afterwards: no law keeps iodopropynyl butylcarbamate out of pump sprays. */
    private const ASIDE = 'bd576bc1b2251de68b604652114b36c907d59829bf9180914670327eb742d3f9';

    /**
     * @return list<array{name: string, document: array<string, mixed>, verdicts: list<string>, codes: list<string>,
     *   days_at_most: float|null}>
     */
    private static function cases(string $file): array
    {
        return json_decode((string) file_get_contents(__DIR__."/$file.json"), true, 64, JSON_THROW_ON_ERROR);
    }

    public static function open(): iterable
    {
        foreach (self::cases('open') as $case) {
            yield $case['name'] => [$case];
        }
    }

    /**
     * @param  array{name: string, document: array<string, mixed>, verdicts: list<string>, codes: list<string>,
     *   days_at_most: float|null}  $case
     */
    private static function wrong(array $case): string
    {
        $evaluation = self::evaluate($case['document']);
        $kind = $evaluation->verdict()->value;
        $missing = array_diff($case['codes'], $evaluation->codes());
        $days = $evaluation->isDated() ? $evaluation->assessment->keeping->days : null;

        return match (true) {
            ! in_array($kind, $case['verdicts'], true) => "says $kind: ".implode(' ', $evaluation->codes()),
            $missing !== [] => 'misses '.implode(', ', $missing),
            $case['days_at_most'] !== null && $days > $case['days_at_most'] => "gives $days days",
            default => '',
        };
    }

    /**
     * @param  array{name: string, document: array<string, mixed>, verdicts: list<string>, codes: list<string>,
     *   days_at_most: float|null}  $case
     */
    #[DataProvider('open')]
    public function test_the_open_ones_come_out_right(array $case): void
    {
        self::assertSame('', self::wrong($case));
    }

    public function test_of_the_twenty_set_aside_nineteen_come_out_right(): void
    {
        self::assertSame(self::ASIDE, hash_file('sha256', __DIR__.'/aside.json'));
        $wrong = [];
        foreach (self::cases('aside') as $case) {
            $wrong[$case['name']] = self::wrong($case);
        }
        self::assertCount(20, $wrong);
        self::assertLessThanOrEqual(1, count(array_filter($wrong)), print_r(array_filter($wrong), true));
    }

    public function test_what_nobody_could_read_may_be_what_is_missing(): void
    {
        $document = self::document([
            ['distilled-water', 'to 100'], ['emulsifying-wax-nf', '5 %'], ['jojoba-oil', '8 %'],
        ], ['ph' => 5.5]);
        self::assertSame(VerdictKind::NotReady, self::evaluate($document)->verdict());
        $document['lines'][] = ['name' => 'my usual preservative drops', 'amount' => '1 %'];
        $evaluation = self::evaluate($document);
        self::assertSame(VerdictKind::CannotSay, $evaluation->verdict());
        self::assertSame(['l4', 'material'], [$evaluation->needs()[0]->lineKey, $evaluation->needs()[0]->what]);
        self::assertContains('preservation.missing', array_column($evaluation->open, 'code'));
        self::assertNotContains('preservation.missing', $evaluation->codes(), 'it is asked, not said');
        self::assertFalse($evaluation->isDated());
    }

    /**
     * Pressed again and again, the first offer leads to an end: every time less stands against the formula, and no line
     * it doesn't name is touched.
     */
    public function test_every_press_of_the_first_offer_brings_it_nearer(): void
    {
        $count = getenv('ILVANE_LONG') ? 1000 : 200;
        $evaluator = new Evaluator(self::catalogue());
        $offers = new TriedFixes($evaluator);
        $most = 0;
        foreach (RandomFormulas::seeded(77, $count, self::catalogue()) as $document) {
            for ($press = 0; ; $press++) {
                $evaluation = $offers->of($evaluator->evaluate(FormulaDocument::read($document)));
                $fix = self::firstOffer($evaluation);
                if ($fix === null) {
                    break;
                }
                $next = Patch::apply($document, $fix->patch);
                $named = array_map(
                    static fn (array $change): string => explode('/', $change['path'])[2] ?? '',
                    $fix->patch,
                );
                if (! in_array('remove', array_column($fix->patch, 'op'), true)) {
                    foreach ($document['lines'] as $i => $line) {
                        in_array((string) $i, $named, true) ?: self::assertSame($line, $next['lines'][$i]);
                    }
                }
                $after = $evaluator->evaluate(FormulaDocument::read($next));
                self::assertLessThan(self::against($evaluation), self::against($after), "$fix->label");
                $document = $next;
                self::assertLessThan(15, $press);
            }
            $most = max($most, $press);
        }
        self::assertGreaterThan(3, $most);
    }

    private static function firstOffer(Evaluation $evaluation): ?Fix
    {
        foreach ($evaluation->findings as $finding) {
            if ($finding->severity !== Severity::Note && $finding->fixes !== []) {
                return $finding->fixes[0];
            }
        }

        return null;
    }

    /** @return list<int> stops, checks, unknowns */
    private static function against(Evaluation $evaluation): array
    {
        return [
            $evaluation->count(Severity::Stop),
            $evaluation->count(Severity::Mind),
            count($evaluation->unknowns()),
        ];
    }

    /** A stop that stands whatever the unknown line turns out to be is said first. */
    public function test_a_stop_no_unknown_could_lift_stands(): void
    {
        $document = self::document([
            ['jojoba-oil', 'to 100'], ['bergamot-essential-oil-expressed', '2 %'], ['glycerin', 'some'],
        ], ['family' => 'hair_oil']);
        $evaluation = self::evaluate($document);
        self::assertSame(VerdictKind::NotReady, $evaluation->verdict());
        self::assertSame([], $evaluation->needs());
        self::assertContains('scent.phototoxic', array_map(
            static fn (Finding $finding): string => $finding->code,
            $evaluation->stops(),
        ));
    }

    public function test_an_acid_preservative_without_a_ph_is_judged_at_both_ends_of_the_estimate(): void
    {
        $water = static fn (string $acid, array $more = []): array => self::document([
            ['distilled-water', 'to 100'],
            ['sodium-benzoate-potassium-sorbate', '1 %'],
            ['citric-acid', $acid],
        ], ['family' => 'water_spray', ...$more]);
        $none = self::evaluate(self::document([
            ['distilled-water', 'to 100'], ['sodium-benzoate-potassium-sorbate', '1 %'],
        ], ['family' => 'water_spray']));
        self::assertSame('estimated', self::finding($none, 'preservation.ph_unsuited')?->variant);
        self::assertSame(VerdictKind::NotReady, $none->verdict());
        // enough acid for any estimate: about pH 3
        self::assertNotContains('acidity.untested', self::stops($water('3 %')));
        // in between nobody can say
        $between = self::evaluate($water('0.3 %'));
        self::assertSame(VerdictKind::CannotSay, $between->verdict());
        self::assertSame(['ph'], array_map(static fn ($need): string => $need->what, $between->needs()));
        self::assertNotSame(VerdictKind::CannotSay, self::evaluate($water('0.3 %', ['ph' => 4.6]))->verdict());
    }

    /** @return list<string> */
    private static function stops(array $document): array
    {
        return array_column(self::evaluate($document)->stops(), 'code');
    }

    public function test_where_a_region_has_no_list_the_figure_is_guidance(): void
    {
        $document = self::sound();
        $document['lines'][6] = [
            'ingredient' => 'phenoxyethanol-ethylhexylglycerin',
            'amount' => '1.3 %',
            'phase' => 'cooldown',
        ];
        self::assertSame(
            Severity::Stop,
            self::finding(self::evaluate($document), 'preservation.over_limit')?->severity,
        );
        $document['for'] = ['region' => 'US'];
        self::assertSame(
            Severity::Mind,
            self::finding(self::evaluate($document), 'preservation.over_limit')?->severity,
        );
    }

    public function test_a_scale_is_a_check_only_where_its_step_crosses_a_limit(): void
    {
        $of = static fn (string $ingredient, string $amount, float $batch): ?Severity => self::finding(
            self::evaluate([
                ...self::document([
                    ['distilled-water', 'to 100'], ['btms-50', '5 %'], ['argan-oil', '6 %'], [$ingredient, $amount],
                ], ['ph' => 5.0]),
                'batch' => ['grams' => $batch],
                'scale_resolution_g' => 0.1,
            ]),
            'measure.unweighable',
        )?->severity;
        // 0.3 % of 100 g: half a step of 0.1 g is a sixth of it, and crosses nothing
        self::assertSame(Severity::Note, $of('vitamin-e-tocopherols', '0.3 %', 100.0));
        // 0.95 % of 50 g is 0.475 g: half a step more is 1.05 %, over the 1 % it may be
        self::assertSame(Severity::Mind, $of('phenoxyethanol-ethylhexylglycerin', '0.95 %', 50.0));
    }

    public function test_wilted_is_wet(): void
    {
        $document = self::document([
            ['olive-oil', '200 g'], ['garlic-fresh', '40 g', 'infusion', ['prepared' => 'wilted']],
        ], ['family' => 'hair_oil', 'batch' => null]);
        $finding = self::finding(self::evaluate($document), 'plant.fresh_in_oil');
        self::assertSame(Severity::Stop, $finding?->severity);
        foreach ($finding->fixes as $fix) {
            self::assertNotContains('wilted', (array) $fix->patch[0]['value']);
            self::assertNull(self::finding(
                self::evaluate(Patch::apply($document, $fix->patch)),
                'plant.fresh_in_oil',
            ));
        }
    }

    public function test_two_full_preservatives_at_once_are_a_check_that_ends_with_one(): void
    {
        $document = self::sound();
        $document['lines'][] = [
            'ingredient' => 'phenoxyethanol-ethylhexylglycerin',
            'amount' => '0.9 %',
            'phase' => 'cooldown',
        ];
        $evaluation = (new TriedFixes(new Evaluator(self::catalogue())))->of(self::evaluate($document));
        $finding = self::finding($evaluation, 'preservation.twice');
        self::assertSame(Severity::Mind, $finding?->severity);
        self::assertSame(
            VerdictKind::Ready,
            self::evaluate(Patch::apply($document, $finding->fixes[0]->patch))->verdict(),
        );
    }

    public function test_what_releases_formaldehyde_says_so(): void
    {
        $document = self::sound();
        $document['lines'][6] = [
            'ingredient' => 'propylene-glycol-diazolidinyl-urea-parabens', 'amount' => '0.8 %', 'phase' => 'cooldown',
        ];
        self::assertSame(
            Severity::Note,
            self::finding(self::evaluate($document), 'preservation.formaldehyde')?->severity,
        );
        self::assertNull(self::finding(self::evaluate(self::sound()), 'preservation.formaldehyde'));
    }

    public static function sounds(): iterable
    {
        foreach (SoundFormulas::all() as $name => $formula) {
            [$family, $lines, $more] = [...$formula, []];
            yield $name => [self::document($lines, ['family' => $family, ...$more])];
        }
        $frames = json_decode(
            (string) file_get_contents(dirname(__DIR__, 3).'/data/ready_made.json'),
            true,
            64,
            JSON_THROW_ON_ERROR,
        );
        foreach ($frames as $name => $frame) {
            yield "ready-made: $name" => [[...$frame, 'name' => 'Frame']];
        }
    }

    /** @param  array<string, mixed>  $document */
    #[DataProvider('sounds')]
    public function test_the_sound_and_the_ready_made_ones_are_ready_without_a_check(array $document): void
    {
        $evaluation = self::evaluate($document);
        self::assertSame(VerdictKind::Ready, $evaluation->verdict(), implode(' ', $evaluation->codes()));
    }
}
