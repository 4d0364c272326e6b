<?php

declare(strict_types=1);

namespace Tests\Core\Reading;

use Ilvane\Core\Material\Kind;
use Ilvane\Core\Reading\NotedInfusion;
use Ilvane\Core\Reading\RecipeReader;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\CoreCase;

final class NotedInfusionTest extends CoreCase
{
    private const LINES = "25 g dried nettle\n250 g olive oil\n";

    /** @return array<string, array{string, string, float|null}> what the note goes on to say, the way, the minutes */
    public static function notes(): array
    {
        return [
            'nothing' => ['', 'cold_dark', null],
            'four weeks are no oven' => ['four weeks, dark', 'cold_dark', 40320.0],
            'a French oven' => ['au four doux 3 heures', 'low_oven', 180.0],
            'an oven' => ['2 hours in a low oven', 'low_oven', 120.0],
            'a sill' => ['On the sunny sill three weeks, shake daily.', 'sunny_sill', 30240.0],
            'out of the sun' => ['Let it stand out of the sun for 3 weeks.', 'cold_dark', 30240.0],
            'kept, which may be either' => ['Keep it out of the sun for 3 weeks.', 'cold_dark', null],
            'à l’abri du soleil' => ['Laisser macérer 21 jours à l’abri du soleil.', 'cold_dark', 30240.0],
            'without heating' => ['Never heat it. Two weeks.', 'cold_dark', 20160.0],
            'not the sun but a bath' => ['Not in the sun. 40 minutes in a water bath.', 'warm_bath', 40.0],
            'until the water has gone' => ['Simmer it low until the water is gone.', 'cook_out', null],
            'crisp by cooking' => ['Heat gently until the leaves are crisp.', 'cook_out', null],
            'crisp by drying' => ['Dry the leaves first till they are crisp. 3 weeks.', 'cold_dark', 30240.0],
            'a night' => ['Leave overnight.', 'cold_dark', 720.0],
            'a promise and a use' => ["Leave overnight.\nKeeps 6 months\nLeave on for 30 minutes, then wash out", 'cold_dark',
                720.0],
            'a use only' => ['Leave on the hair 30 minutes before washing', 'cold_dark', null],
        ];
    }

    #[DataProvider('notes')]
    public function test_the_way_and_the_time_are_those_of_the_making(string $says, string $way, ?float $minutes): void
    {
        $recipe = (new RecipeReader(self::catalogue()))->read("Nettle oil\n".self::LINES.$says);
        $infusion = NotedInfusion::in($recipe, [Kind::DriedBotanical, Kind::CarrierOil]);
        self::assertSame([$way, $minutes], [$infusion?->method->value, $infusion?->minutes]);
    }

    public function test_the_title_tells_where_nothing_else_does(): void
    {
        $recipe = (new RecipeReader(self::catalogue()))->read("Sun-steeped nettle oil\n".self::LINES);
        self::assertSame(
            'sunny_sill',
            NotedInfusion::in($recipe, [Kind::DriedBotanical, Kind::CarrierOil])?->method->value,
        );
    }

    public function test_anything_but_plants_and_oils_is_no_infusion(): void
    {
        $recipe = (new RecipeReader(self::catalogue()))->read("Nettle oil\n".self::LINES);
        $plant = Kind::DriedBotanical;
        $oil = Kind::CarrierOil;
        foreach ([[$plant], [$oil], [$plant, $oil, Kind::Humectant], [$plant, $oil, null], []] as $kinds) {
            self::assertNull(NotedInfusion::in($recipe, $kinds));
        }
        self::assertNotNull(NotedInfusion::in($recipe, [$plant, Kind::FreshBotanical, Kind::Butter]));
        self::assertNotNull(NotedInfusion::in($recipe, [...array_fill(0, 20, $plant), $oil]));
        self::assertNull(NotedInfusion::in($recipe, [...array_fill(0, 21, $plant), $oil]));
        $parts = "Tea\n10 g nettle\n200 ml water\nBrew, strain.\n\nOil\n10 g dried nettle\n100 g olive oil\n50 g of the tea";
        $withParts = (new RecipeReader(self::catalogue()))->read($parts);
        self::assertNotSame([], $withParts->parts);
        self::assertNull(NotedInfusion::in($withParts, [$plant, $oil]));
    }
}
