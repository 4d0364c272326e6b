<?php

declare(strict_types=1);

namespace Tests\Core\Microbiology;

use Ilvane\Core\Formula\Regime;
use Ilvane\Core\Safety\Severity;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\CoreCase;

/**
 * Whole formulas and the word each must get: held, held but to be checked, or not held. The words are common practice,
 * recalled, and were written down before there was a model to give them.
 */
final class CheckCasesTest extends CoreCase
{
    private const HELD = 'held';

    private const CHECK = 'check';

    private const NOT = 'not held';

    /** Findings that ask about a system that counts. */
    private const ASK = ['preservation.not_free', 'preservation.food', 'preservation.narrow', 'preservation.alcohol'];

    /** @return iterable<string, array{list<list<string>>, string, float|null, string}> lines, family, pH, word */
    public static function cases(): iterable
    {
        $lotion = static fn (int $oil, array ...$more): array => [
            ['distilled-water', 'to 100'],
            ['btms-50', '6 %'],
            ['sunflower-oil', "$oil %"],
            ...$more,
        ];
        $water = static fn (array ...$more): array => [['distilled-water', 'to 100'], ...$more];
        [$phenoxy, $benzyl] = ['phenoxyethanol-ethylhexylglycerin', 'benzyl-alcohol-dehydroacetic-acid'];
        [$acids, $lacton] = ['sodium-benzoate-potassium-sorbate', 'gluconolactone-sodium-benzoate'];
        [$parabens, $ipbc] = ['propylene-glycol-diazolidinyl-urea-parabens', 'propylene-glycol-diazolidinyl-urea-ipbc'];
        $mask = [['avocado-flesh', '60 %'], ['yoghurt', '25 %'], ['olive-oil', '9 %'], ['honey', '5 %']];
        yield '1 lotion' => [$lotion(10, [$benzyl, '0.9 %']), 'leave_in_emulsion', 4.8, self::HELD];
        yield '2 cream' => [$lotion(25, [$benzyl, '0.9 %']), 'leave_in_emulsion', 5.5, self::HELD];
        yield '3 too little' => [$lotion(25, [$benzyl, '0.3 %']), 'leave_in_emulsion', 5.5, self::NOT];
        yield '4 above its pH' => [$water([$benzyl, '0.9 %']), 'water_spray', 7.5, self::NOT];
        yield '5 lotion' => [$lotion(15, [$phenoxy, '1 %']), 'leave_in_emulsion', 5.5, self::HELD];
        yield '6 cream' => [$lotion(25, [$phenoxy, '1 %']), 'leave_in_emulsion', 6.5, self::HELD];
        yield '7 much oil' => [$lotion(60, [$phenoxy, '1 %']), 'leave_in_emulsion', 5.5, self::CHECK];
        yield '8 gel' => [$water(['xanthan-gum', '0.5 %'], [$phenoxy, '0.5 %']), 'gel', 6.0, self::CHECK];
        yield '9 a tenth' => [$water([$phenoxy, '0.1 %']), 'water_spray', 5.5, self::NOT];
        yield '10 in micelles' => [
            $water(['polysorbate-20', '15 %'], [$phenoxy, '0.5 %']),
            'water_spray',
            5.0,
            self::NOT,
        ];
        yield '11 few micelles' => [
            $water(['polysorbate-20', '1.5 %'], [$phenoxy, '1 %']),
            'water_spray',
            5.5,
            self::HELD,
        ];
        yield '12 flax gel' => [[['flaxseed-gel', 'to 100'], [$phenoxy, '0.5 %']], 'gel', 5.5, self::CHECK];
        yield '13 much powder' => [
            $lotion(10, ['rose-powder', '15 %', 'water'], [$phenoxy, '1 %']),
            'leave_in_emulsion',
            5.0,
            self::NOT,
        ];
        yield '14 food' => [[...$mask, [$phenoxy, '1 %']], 'fresh_mask', 5.0, self::NOT];
        yield '15 half a system' => [
            $lotion(15, ['phenoxyethanol', '0.8 %']),
            'leave_in_emulsion',
            5.5,
            self::CHECK,
        ];
        yield '16 leave-in' => [
            $lotion(10, ['phenoxyethanol-caprylyl-glycol', '1 %']),
            'leave_in_emulsion',
            5.0,
            self::HELD,
        ];
        yield '17 acids, sour' => [$water([$acids, '1 %']), 'water_spray', 4.5, self::HELD];
        yield '18 acids, half' => [$water([$acids, '0.5 %']), 'water_spray', 5.0, self::CHECK];
        yield '19 acids, over' => [$water([$acids, '1 %']), 'water_spray', 5.5, self::NOT];
        yield '20 acids, far over' => [$water([$acids, '1 %']), 'water_spray', 6.0, self::NOT];
        $soda = $water([$acids, '1 %'], ['sodium-bicarbonate', '1 %']);
        yield '21 acids and soda' => [$soda, 'water_spray', 8.4, self::NOT];
        yield '21 the same, unmeasured' => [$soda, 'water_spray', null, self::NOT];
        yield '22 benzoate alone' => [$water(['sodium-benzoate', '0.1 %']), 'gel', 4.5, self::NOT];
        yield '23 sorbate alone' => [$water(['potassium-sorbate', '0.3 %']), 'gel', 6.5, self::NOT];
        yield '24 lacton' => [$lotion(15, [$lacton, '1.5 %']), 'leave_in_emulsion', 4.8, self::HELD];
        yield '25 aloe' => [$water(['aloe-juice', '50 %'], [$lacton, '1 %']), 'water_spray', 5.5, self::NOT];
        yield '26 cream' => [$lotion(20, [$parabens, '1 %']), 'leave_in_emulsion', 6.0, self::HELD];
        yield '27 in the oil' => [$lotion(60, [$parabens, '0.5 %']), 'leave_in_emulsion', 5.0, self::CHECK];
        yield '28 lotion' => [$lotion(15, [$ipbc, '0.4 %']), 'leave_in_emulsion', 6.0, self::HELD];
        yield '32 ferment' => [$water(['radish-root-ferment-filtrate', '4 %']), 'water_spray', 5.0, self::NOT];
        yield '33 spirit, 11 %' => [$water(['ethanol-96', '11.7 %']), 'water_spray', 5.5, self::NOT];
        yield '34 spirit, 22 %' => [$water(['ethanol-96', '23.4 %']), 'water_spray', 5.5, self::HELD];
    }

    /** @param  list<list<string>>  $lines */
    #[DataProvider('cases')]
    public function test_gets_the_word_of_the_trade(array $lines, string $family, ?float $ph, string $word): void
    {
        $document = self::document($lines, ['family' => $family, ...($ph === null ? [] : ['ph' => $ph])]);
        $evaluation = self::evaluate($document);
        $asked = array_filter(
            $evaluation->findings,
            static fn ($finding): bool => $finding->severity !== Severity::Note
                && in_array($finding->code, self::ASK, true),
        );
        self::assertSame($word, match (true) {
            $evaluation->assessment->preservation->regime !== Regime::Preserved => self::NOT,
            $asked !== [] => self::CHECK,
            default => self::HELD,
        });
    }
}
