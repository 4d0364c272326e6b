<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Make\Containers;
use App\Models\Batch;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Tests\Support\AppCase;

/** A fresh mask is filled at the hob into a tub for the fridge and cubes for the freezer. */
final class SplitAtFillingTest extends AppCase
{
    private function start(): Batch
    {
        $formula = $this->formulaOf([
            'format' => 'ilvane.formula/1', 'name' => 'Banana mask', 'family' => 'fresh_mask',
            'lines' => [['ingredient' => 'banana-flesh', 'amount' => '160 g'], ['ingredient' => 'honey', 'amount' => '20 g']],
        ]);
        $this->post("/formulas/$formula->id/make", ['reason' => 'To see it.'])->assertRedirect();

        return Batch::query()->sole();
    }

    /** @param  list<array<string, string>>  $rows */
    private function fill(Batch $batch, array $rows, string $filled = '170'): TestResponse
    {
        return $this->post("/make/$batch->code/fill", [
            'client_key' => Str::uuid()->toString(), 'filled' => $filled, 'containers' => '1', 'without' => '1',
            'split' => $rows,
        ]);
    }

    public function test_containers_told_apart_at_the_hob_stand_apart_on_the_shelf(): void
    {
        $batch = $this->start();
        $this->get("/make/$batch->code/fill")->assertSee('Into different containers')->assertSee('tub');
        $tub = ['what' => 'tub', 'count' => '1', 'grams' => '80', 'storage' => 'fridge'];
        $cubes = ['what' => 'cube', 'count' => '6', 'grams' => '15', 'storage' => 'freezer'];
        $this->fill($batch, [$tub, ['what' => 'cube', 'count' => '6', 'grams' => '', 'storage' => 'freezer']])
            ->assertSessionHasErrors('split');
        $this->fill($batch, [$tub, [...$cubes, 'grams' => '15.2']])->assertSessionHasErrors('split');
        self::assertTrue($batch->refresh()->isMaking(), 'nothing is filled yet');

        foreach (['weigh.1' => '160', 'weigh.2' => '20'] as $step => $grams) {
            $this->post("/make/$batch->code/$step", ['client_key' => Str::uuid()->toString(), 'weight' => $grams]);
        }
        $this->fill($batch, [$tub, $cubes])->assertRedirect("/batches/$batch->code");
        $containers = Containers::of($batch->refresh()->load('shelfEntries'));
        self::assertSame(
            [['A', 'tub', 1, 80.0, 'fridge'], ['B', 'cube', 6, 15.0, 'freezer']],
            array_values(array_map(static fn ($one): array => [
                $one->letter, $one->what, $one->count, $one->grams, $one->storage()->value,
            ], $containers->all)),
        );
        self::assertSame(0.0, $containers->rest);
        self::assertGreaterThan($containers->all['A']->until, $containers->all['B']->until, 'the cold keeps longer');
        $this->get("/batches/$batch->code/label?in=B")->assertOk();
    }

    public function test_all_into_the_same_is_as_before(): void
    {
        $batch = $this->start();
        $this->fill($batch, [['what' => 'jar', 'count' => '', 'grams' => '', 'storage' => 'fridge']])
            ->assertRedirect("/batches/$batch->code");
        self::assertFalse(Containers::of($batch->refresh()->load('shelfEntries'))->isSplit());
    }
}
