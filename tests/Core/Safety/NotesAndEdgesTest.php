<?php

declare(strict_types=1);

namespace Tests\Core\Safety;

use DateTimeImmutable;
use Ilvane\Core\Evaluation\Evaluator;
use Ilvane\Core\Formula\FormulaDocument;
use Ilvane\Core\Measure\Certainty;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Severity;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\CoreCase;

/** What is only good to know, and what is said right at the edge of a limit. */
final class NotesAndEdgesTest extends CoreCase
{
    /** Spoken of with the one document, not with the other; the two differ in one thing. */
    #[DataProvider('pairs')]
    public function test_it_speaks_where_it_should_and_is_silent_where_not(
        string $code,
        Severity $severity,
        array $with,
        array $without,
    ): void {
        self::assertSame($severity, self::finding(self::evaluate($with), $code)?->severity);
        self::assertNull(self::finding(self::evaluate($without), $code));
    }

    public static function pairs(): iterable
    {
        $sound = self::sound();
        $oil = static fn (array $lines, array $more = []): array => self::document(
            $lines,
            ['family' => 'hair_oil', ...$more],
        );
        $plain = [['olive-oil', '99.5 %'], ['vitamin-e-tocopherols', '0.5 %']];
        $packed = static fn (array $document, string $container, int $count = 4): array => [
            ...$document,
            'packaging' => ['container' => $container, 'count' => $count],
        ];
        $pomade = self::document(
            [['beeswax', '10 %'], ['castor-oil', '50 %'], ['shea-butter-refined', '40 %']],
            ['family' => 'pomade', 'process' => ['heat_to_c' => 75.0]],
        );

        yield 'no pH measured' => ['acidity.untested', Severity::Note, array_diff_key($sound, ['ph' => 0]), $sound];
        yield 'a preservative with no water to look after' => [
            'preservation.not_needed',
            Severity::Note,
            $oil([...$plain, ['phenoxyethanol-ethylhexylglycerin', '0.9 %']]),
            $oil($plain),
        ];
        yield 'butter that grows grains' => [
            'texture.grain_risk',
            Severity::Note,
            self::document([['shea-butter-refined', '70 %'], ['jojoba-oil', '30 %']], ['family' => 'whipped_butter']),
            self::document(
                [['coconut-oil', '70 %'], ['cocoa-butter', '10 %'], ['jojoba-oil', '20 %']],
                ['family' => 'whipped_butter'],
            ),
        ];
        yield 'names a label owes' => ['scent.declare', Severity::Note, $sound, $oil($plain)];
        yield 'nuts' => ['safety.nut', Severity::Note, $oil([['sweet-almond-oil', '100 %']]), $oil($plain)];
        yield 'foods a few react to' => [
            'label.allergen',
            Severity::Note,
            $oil([['hydrolysed-wheat-protein', '1 %'], ['distilled-water', '99 %']]),
            $oil([['olive-oil', '100 %']]),
        ];
        yield 'powder in the air' => [
            'safety.dust',
            Severity::Note,
            self::document(
                [['distilled-water', 'to 100'], ['xanthan-gum', '0.5 %', 'water', ['prepared' => 'wetted']]],
                ['family' => 'gel'],
            ),
            $oil($plain),
        ];
        yield 'a spoon for a preservative' => [
            'measure.wide',
            Severity::Note,
            self::dosed('40 drops'),
            self::dosed('1.8 g'),
        ];
        yield 'hot fat in thin plastic' => [
            'packaging.too_hot',
            Severity::Stop,
            $packed($pomade, 'pet-jar-200'),
            $packed([...$pomade, 'process' => ['heat_to_c' => 68.0]], 'pp-jar-100'),
        ];
        yield 'a butter behind a dropper' => [
            'packaging.unsuited',
            Severity::Mind,
            $packed($pomade, 'amber-dropper-50', 9),
            $packed($pomade, 'amber-jar-60', 9),
        ];
        yield 'more of it than the law allows' => [
            'dose.over_limit',
            Severity::Stop,
            self::conditioner('4 %'),
            self::conditioner('2.5 %'),
        ];
        yield 'too little to do anything' => [
            'dose.low',
            Severity::Mind,
            self::added('caffeine', '0.05 %'),
            self::added('caffeine', '1 %'),
        ];
        yield 'a jar with no date' => [
            'label.undated',
            Severity::Mind,
            $packed($oil([['glycerin', '100 %']]), 'amber-dropper-50', 9),
            $packed($oil($plain), 'amber-dropper-50', 9),
        ];
    }

    private static function dosed(string $amount): array
    {
        $document = self::sound();
        $document['lines'][6]['amount'] = $amount;

        return $document;
    }

    private static function conditioner(string $amount): array
    {
        return self::document(
            [
                ['distilled-water', 'to 100'],
                ['cetrimonium-chloride', $amount],
                ['cetearyl-alcohol', '4 %'],
                ['argan-oil', '3 %'],
                ['phenoxyethanol-ethylhexylglycerin', '0.9 %'],
            ],
            ['ph' => 4.5],
        );
    }

    private static function added(string $ingredient, string $amount): array
    {
        $document = self::sound();
        $document['lines'][] = ['ingredient' => $ingredient, 'amount' => $amount];

        return $document;
    }

    public function test_a_lot_past_its_date_stops_the_making_and_one_near_it_decides_the_date(): void
    {
        $document = self::sound();
        $document['lines'][4] += ['lot' => 'AP-3', 'best_before' => '2026-03-20'];
        $past = self::madeOn($document, '2026-03-21');
        self::assertSame(['text' => 'AP-3'], [$past?->terms['lot']->kind->value => $past?->terms['lot']->value]);
        self::assertSame([Severity::Stop, [5]], [$past->severity, $past->lines]);
        self::assertNull(self::madeOn($document, '2026-03-20'), 'good through its last day');
        self::assertSame([5], self::madeOn($document, '2026-03-01', 'keeping.ingredient_first')?->lines);
        $document['lines'][4]['best_before'] = '2028-01-01';
        self::assertNull(self::madeOn($document, '2026-03-01', 'keeping.ingredient_first'), 'it outlasts the product');
    }

    private static function madeOn(array $document, string $day, string $code = 'keeping.overdue'): ?Finding
    {
        return self::finding(
            (new Evaluator(self::catalogue()))->evaluate(
                FormulaDocument::read($document),
                madeOn: new DateTimeImmutable($day),
            ),
            $code,
        );
    }

    /**
     * At the limit itself all is well; a spoon or drop whose band lies across it is a possible fault; beyond it a
     * certain one.
     */
    #[DataProvider('edges')]
    public function test_at_the_edge_of_a_limit(string $code, float $limit, string $measured, string $ingredient): void
    {
        $document = self::document(
            [
                ['distilled-water', 'to 100'],
                ['btms-50', '5 %'],
                ['argan-oil', '6 %'],
                ['phenoxyethanol-ethylhexylglycerin', '0.9 %'],
                [$ingredient, "$limit %", 'cooldown', ['prepared' => 'wetted']],
            ],
            ['ph' => 5.0],
        );
        self::assertNull(self::finding(self::evaluate($document), $code), 'at the limit');
        $document['lines'][4]['amount'] = $measured;
        $grams = self::weigh($document)->lines[4]->grams?->likely;
        $document['batch'] = ['grams' => 100 * $grams / $limit];
        self::assertSame(
            Certainty::Possible,
            self::finding(self::evaluate($document), $code)?->certainty,
            'across the limit',
        );
        $document['batch'] = ['grams' => 50 * $grams / $limit];
        self::assertSame(
            Certainty::Certain,
            self::finding(self::evaluate($document), $code)?->certainty,
            'twice the limit',
        );
    }

    public static function edges(): iterable
    {
        yield 'humectant' => ['humectant.high', 10.0, '2 tbsp', 'glycerin'];
        yield 'powder' => ['powder.high', 3.0, '1 tbsp', 'amla-powder'];
        yield 'scent' => ['scent.total_high', 1.0, '40 drops', 'lavender-essential-oil'];
        yield 'gum' => ['gum.high', 1.0, '1/4 tsp', 'xanthan-gum'];
        yield 'an antioxidant' => [
            'dose.high',
            (float) self::catalogue()->get('vitamin-e-tocopherols')->use?->max,
            '1/2 tsp',
            'vitamin-e-tocopherols',
        ];
    }
}
