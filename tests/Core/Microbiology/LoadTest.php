<?php

declare(strict_types=1);

namespace Tests\Core\Microbiology;

use Ilvane\Core\Safety\Evaluation;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\CoreCase;

/** What a preservative is given to hold. Limits at their edge, by hand: common practice, recalled. */
final class LoadTest extends CoreCase
{
    /** @param  array<string, string>  $lines */
    private static function judged(array $lines, string $family = 'leave_in_emulsion'): Evaluation
    {
        $all = [['distilled-water', 'to 100']];
        foreach ($lines as $key => $amount) {
            $all[] = str_ends_with($key, '-powder') ? [$key, $amount, 'water'] : [$key, $amount];
        }

        return self::evaluate(self::document($all, ['family' => $family, 'ph' => 4.8]));
    }

    /** @return iterable<string, array{array<string, string>, string, float, string}> lines, regime, days, finding */
    public static function edges(): iterable
    {
        $held = ['benzyl-alcohol-dehydroacetic-acid' => '1 %'];
        yield 'food of 5 %' => [['yoghurt' => '5 %', ...$held], 'preserved', 90.0, 'some_food'];
        yield 'food of 5.1 %' => [['yoghurt' => '5.1 %', ...$held], 'fresh', 5.0, 'too_much_food'];
        yield 'raw juice of 5 %' => [['carrot-juice' => '5 %', ...$held], 'preserved', 180.0, ''];
        yield 'raw juice of 5.1 %' => [['carrot-juice' => '5.1 %', ...$held], 'preserved', 90.0, 'some_raw'];
        yield 'raw juice of 30 %' => [['carrot-juice' => '30 %', ...$held], 'preserved', 90.0, 'some_raw'];
        yield 'raw juice of 30.1 %' => [['carrot-juice' => '30.1 %', ...$held], 'fresh', 5.0, 'too_much_raw'];
        yield 'own aloe gel of 30.1 %' => [['aloe-gel-fresh' => '30.1 %', ...$held], 'fresh', 5.0, 'too_much_raw'];
        yield 'bottled aloe of 60 %' => [['aloe-juice' => '60 %', ...$held], 'preserved', 90.0, ''];
        yield 'powder of 1 %' => [['rose-powder' => '1 %', ...$held], 'preserved', 180.0, ''];
        yield 'powder of 1.1 %' => [['rose-powder' => '1.1 %', ...$held], 'preserved', 90.0, 'some_powder'];
        yield 'powder of 3 %' => [['rose-powder' => '3 %', ...$held], 'preserved', 90.0, 'some_powder'];
        yield 'powder of 3.1 %' => [['rose-powder' => '3.1 %', ...$held], 'fresh', 5.0, 'too_much_powder'];
    }

    /** @param  array<string, string>  $lines */
    #[DataProvider('edges')]
    public function test_what_it_is_given_to_hold(array $lines, string $regime, float $days, string $says): void
    {
        $evaluation = self::judged($lines);
        self::assertSame($regime, $evaluation->assessment->preservation->regime->value);
        self::assertLessThanOrEqual($days, $evaluation->assessment->keeping->days);
        if ($regime === 'preserved') {
            self::assertSame($days, $evaluation->assessment->keeping->days);
        }
        self::assertSame($says, self::finding($evaluation, 'preservation.food')->variant ?? '');
    }

    /** @return iterable<string, array{string, string, string}> plant water, dose, finding */
    public static function plant_waters(): iterable
    {
        yield '19.9 % and the least dose' => ['19.9 %', '0.7 %', ''];
        yield '20 % and the least dose' => ['20 %', '0.7 %', 'plant_waters'];
        yield '20 % and the usual dose' => ['20 %', '1 %', ''];
    }

    #[DataProvider('plant_waters')]
    public function test_plant_waters_ask_for_the_usual_dose(string $share, string $dose, string $says): void
    {
        $evaluation = self::judged(['rosemary-tea' => $share, 'phenoxyethanol-ethylhexylglycerin' => $dose]);
        self::assertSame($says, self::finding($evaluation, 'preservation.food')->variant ?? '');
    }

    /** @return iterable<string, array{string, string, string}> alcohol 96 % vol of the batch, regime, finding */
    public static function alcohol(): iterable
    {
        // by hand: x of it is 0.94·x alcohol and 0.06·x water; of alcohol and water 0.94·x, as nothing else is in it
        yield '11 % alcohol' => ['11.7 %', 'fresh', ''];
        yield '14.9 %' => ['15.85 %', 'fresh', ''];
        yield '15 %' => ['15.96 %', 'preserved', 'mind'];
        yield '19.9 %' => ['21.1 %', 'preserved', 'mind'];
        yield '20 %' => ['21.28 %', 'preserved', ''];
        yield '22 %' => ['23.4 %', 'preserved', ''];
    }

    #[DataProvider('alcohol')]
    public function test_alcohol_holds_where_there_is_enough(string $share, string $regime, string $says): void
    {
        $evaluation = self::evaluate(self::document(
            [['distilled-water', 'to 100'], ['ethanol-96', $share]],
            ['family' => 'water_spray'],
        ));
        self::assertSame($regime, $evaluation->assessment->preservation->regime->value);
        self::assertSame($says, self::finding($evaluation, 'preservation.alcohol')?->severity->value ?? '');
        self::assertSame($regime === 'preserved', self::finding($evaluation, 'preservation.missing') === null);
    }

    public function test_what_is_a_fifth_alcohol_burns(): void
    {
        $at = static fn (string $share): bool => self::finding(self::evaluate(self::document(
            [['distilled-water', 'to 100'], ['ethanol-96', $share]],
            ['family' => 'water_spray'],
        )), 'safety.flame') !== null;
        self::assertFalse($at('21.2 %')); // 19.9 %
        self::assertTrue($at('21.28 %')); // 20 %
    }
}
