<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Lot;
use App\Models\OwnIngredient;
use Database\Seeders\DemoWorkroom;
use Illuminate\Database\QueryException;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Material\MaterialDocument;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use Tests\Support\AppCase;

/** ilvane.material/1: every row of the catalogue, every own ingredient, every lot that is put away. */
final class MaterialTest extends AppCase
{
    public function test_every_row_and_every_own_ingredient_fits_the_schema(): void
    {
        $this->post('/own-ingredients', ['name' => 'Lime oil, expressed', 'kind' => 'essential_oil'])->assertRedirect();
        app()->forgetInstance(Catalogue::class);
        $catalogue = app(Catalogue::class);
        foreach ($catalogue->keys() as $key) {
            self::assertFits(MaterialDocument::of($catalogue->get($key)), $key);
        }
        self::assertContains(OwnIngredient::query()->sole()->key, $catalogue->keys());
    }

    public function test_a_lot_keeps_what_it_was_on_the_day_it_was_put_away(): void
    {
        $this->seed(DemoWorkroom::class);
        $lots = Lot::query()->get();
        self::assertGreaterThan(10, $lots->count());
        foreach ($lots as $lot) {
            self::assertFits($lot->material ?? [], $lot->code);
            self::assertSame("lot:$lot->code", $lot->material['id'] ?? null);
        }
        $oil = $lots->first(static fn (Lot $lot): bool => $lot->isInfusedOil()) ?? self::fail('no infused oil');
        $material = $oil->material ?? [];
        $strained = array_values(array_filter($material['from'], static fn (array $part): bool => $part['strained']));
        self::assertNotSame([], $strained, 'its plant');
        self::assertEqualsWithDelta($oil->strength, $material['plant']['strength_g_per_100g']['likely'], 1e-6);
        self::assertEqualsWithDelta(0.0, $material['water']['likely'], 1e-9);
        self::assertEqualsWithDelta(
            100.0,
            array_sum(array_map(static fn (array $part): float => $part['percent']['likely'] ?? 0.0, $material['inci'])),
            0.01,
        );
        self::assertContains('extract', array_column($material['inci'], 'role'));
        $this->expectException(QueryException::class);
        $this->expectExceptionMessage('what a lot is made of stays');
        $oil->forceFill(['material' => [...$material, 'kind' => 'something_else']])->save();
    }

    public function test_no_source_of_law_stands_beside_a_temperature_or_a_ph(): void
    {
        $catalogue = app(Catalogue::class);
        foreach ($catalogue->keys() as $key) {
            foreach (MaterialDocument::limits($catalogue->get($key)) as $limit) {
                if (in_array($limit['what'], ['ph', 'heat_c'], true)) {
                    self::assertNotSame('law', $limit['confidence'], $key);
                    self::assertStringNotContainsString('1223/2009', $limit['source'], "$key: Annex V states neither");
                }
            }
        }
    }

    /** @param  array<string, mixed>  $document */
    private static function assertFits(array $document, string $what): void
    {
        $result = (new Validator)->validate(
            json_decode(json_encode($document, JSON_THROW_ON_ERROR)),
            (string) file_get_contents(dirname(__DIR__, 2).'/docs/schemas/material-1.json'),
        );
        self::assertNull(
            $result->error(),
            "$what: ".($result->error() === null ? '' : json_encode((new ErrorFormatter)->format($result->error()))),
        );
    }
}
