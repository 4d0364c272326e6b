<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Formulas\Draft;
use App\Models\Formula;
use App\Models\Lot;
use Illuminate\Support\Carbon;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\AppCase;

/** A preparation of several plants in a liquid of one's own: on the bench, planned, weighed, and in the pantry. */
final class OwnPreparationTest extends AppCase
{
    public function test_two_plants_in_two_liquids_become_one_lot_that_knows_them_all(): void
    {
        Carbon::setTestNow('2026-11-30 12:00:00');
        $this->get('/preparations')->assertOk()->assertSee('Of several plants, or in another liquid');
        $this->post('/preparations/own', ['makes' => 'tea'])->assertRedirect('/formulas/1');
        $formula = Formula::query()->sole();
        $draft = Draft::fromStored($formula->draft);
        $part = $draft->parts()[0]['key'];
        $first = array_values(array_filter($draft->allLines(), static fn (array $line): bool => $line['in'] === $part));
        $row = static fn (string $of, string $amount): array => [
            'ingredient' => $of, 'name' => $of, 'amount' => $amount, 'in' => $part,
        ];
        $this->post("/formulas/$formula->id", $this->form($formula, ['lines' => [
            $draft->lines()[0]['key'] => ['amount' => '100 g'],
            $first[0]['key'] => $row('nettle-dried', '5 g'),
            'aaaa0001' => $row('sage-dried', '3 g'),
            'aaaa0002' => $row('distilled-water', '150 g'),
            'aaaa0003' => $row('rose-hydrosol', '50 g'),
        ]]))->assertRedirect();
        $this->get("/formulas/$formula->id")->assertOk()->assertSee('strained, gives about');
        $this->post("/formulas/$formula->id/project", ['begin' => '2026-12-02T10:00'])->assertSessionHasNoErrors();
        $this->post("/formulas/$formula->id/project/$part/made", ['grams' => '170', 'storage' => 'fridge'])
            ->assertSessionHasNoErrors();
        $lot = Lot::query()->sole();
        self::assertSame([170.0, 'preparation'], [$lot->grams, $lot->kind->value]);
        self::assertSame([], array_diff(
            ['nettle-dried', 'sage-dried', 'rose-hydrosol'],
            array_column($lot->material['from'] ?? [], 'id'),
        ));
        $this->get("/pantry/$lot->code")->assertOk()->assertSee('Nettle leaf, dried')
            ->assertSee('Keep the spent plants');
    }

    /** @return iterable<string, array{string}> */
    public static function kinds(): iterable
    {
        foreach (['tea', 'decoction', 'cold_soak', 'gel', 'juice', 'puree', 'milk'] as $kind) {
            yield $kind => [$kind];
        }
    }

    #[DataProvider('kinds')]
    public function test_each_kind_opens_on_the_bench(string $kind): void
    {
        $this->post('/preparations/own', ['makes' => $kind])->assertRedirect('/formulas/1');
        self::assertSame($kind, Draft::fromStored(Formula::query()->sole()->draft)->parts()[0]['makes']);
        $this->get('/formulas/1')->assertOk();
    }
}
