<?php

declare(strict_types=1);

namespace Tests\Core\Reading;

use Ilvane\Core\Process\ProcessDocument;
use Ilvane\Core\Reading\NotedSteps;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\CoreCase;

/** Sentences as makers write them, each with the steps a person would take out of it: written by hand. */
final class NotedStepsTest extends CoreCase
{
    /** @return iterable<string, array{string, list<array<string, mixed>>}> */
    public static function sentences(): iterable
    {
        yield 'a butter' => ['Melt the shea and the oil gently in a water bath at 60 °C.', [
            ['do' => 'heat', 'what' => 'oil', 'to_c' => 60.0],
        ]];
        yield 'both' => ['Heat both to 70C and keep them there for 20 minutes.', [
            ['do' => 'heat', 'to_c' => 70.0], ['do' => 'hold', 'minutes' => 20.0],
        ]];
        yield 'water into oil' => ['Slowly pour the water phase into the oils, stick blend for 2 min.', [
            ['do' => 'combine', 'pour' => 'water_into_oil'],
            ['do' => 'blend', 'burst_s' => 120.0, 'times' => 1],
        ]];
        yield 'oil into water' => ['Pour the oil into the water while whisking.', [
            ['do' => 'combine', 'pour' => 'oil_into_water'],
        ]];
        yield 'cold in the freezer' => ['Put it in the freezer for 20 minutes, whip 5 min, chill again and whip once more.', [
            ['do' => 'chill', 'minutes' => 20.0, 'how' => 'freezer'], ['do' => 'whip', 'minutes' => 5.0],
            ['do' => 'chill', 'how' => 'fridge'], ['do' => 'whip'],
        ]];
        yield 'rest' => ['Rest an hour, blend again.', [
            ['do' => 'rest', 'minutes' => 60.0], ['do' => 'blend'],
        ]];
        yield 'cool' => ['Leave to cool to 35 °C.', [['do' => 'gate', 'to_c' => 35.0]]];
        yield 'ice' => ['Cool it over ice until 40°C', [['do' => 'gate', 'to_c' => 40.0, 'how' => 'ice_bath']]];
        yield 'French' => ['Faites chauffer les deux phases à 75 °C puis versez l’huile dans l’eau.', [
            ['do' => 'heat', 'to_c' => 75.0], ['do' => 'combine', 'pour' => 'oil_into_water'],
        ]];
        yield 'French butter' => ['Laissez refroidir, mettez au frigo 1 h et fouettez 3 minutes.', [
            ['do' => 'gate'], ['do' => 'chill', 'minutes' => 60.0, 'how' => 'fridge'], ['do' => 'whip', 'minutes' => 3.0],
        ]];
        yield 'jars' => ['Spoon into two small jars.', [['do' => 'fill']]];
        yield 'cubes' => ['Pour into an ice cube tray. Freeze overnight. Pop them out into a bag.', [
            ['do' => 'mould'], ['do' => 'freeze', 'minutes' => 600.0], ['do' => 'unmould'],
        ]];
        yield 'shaken' => ['Shake well for 30 seconds.', [['do' => 'shake', 'seconds' => 30.0]]];
        yield 'pH' => ['Check the pH with a strip.', [['do' => 'test_ph']]];
        yield 'not' => ['Do not heat it above 40 °C.', []];
        yield 'never' => ['Never whip it warm.', []];
        yield 'no step' => ['Smells of summer.', []];
        yield 'left in' => ['Leave it in and style.', []];
    }

    /** @param  list<array<string, mixed>>  $steps */
    #[DataProvider('sentences')]
    public function test_a_sentence_becomes_its_steps(string $sentence, array $steps): void
    {
        $read = array_map(static function ($step): array {
            $written = ProcessDocument::writeStep($step);
            unset($written['note']);
            ksort($written);

            return $written;
        }, NotedSteps::in([$sentence]));
        foreach ($steps as &$step) {
            ksort($step);
        }
        self::assertEquals($steps, $read);
    }

    public function test_its_words_stay_with_the_step(): void
    {
        [$step] = NotedSteps::in(["  whip  it till it looks like\n snow and "]);
        self::assertSame('whip it till it looks like snow', $step->note);
    }
}
