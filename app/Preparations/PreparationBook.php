<?php

declare(strict_types=1);

namespace App\Preparations;

use App\Formulas\Draft;
use App\Formulas\DraftReader;
use App\Ground\Refused;
use App\Ground\Wording;
use App\Models\Formula;
use App\Models\Lot;
use App\Models\Preparation;
use App\Pantry\LotBook;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Ilvane\Core\Formula\Storage;
use Ilvane\Core\Formula\Weighing;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Material\PreparationMethod;
use Ilvane\Core\Measure\Tools;
use Ilvane\Core\Preparation\Quantities;

/** Plans plant waters, gels, juices and milks, and puts them in the pantry once made. */
final readonly class PreparationBook
{
    private const LOOKED_AT = 50;

    public function __construct(
        private Catalogue $catalogue,
        private LotBook $lots,
        private Wording $wording,
        private Tools $tools,
        private DraftReader $draftReader,
    ) {
    }

    /** @throws Refused */
    public function method(string $key): PreparationMethod
    {
        return $this->catalogue->preparations()[$key] ?? throw Refused::noSuchMethod('method');
    }

    /** @throws Refused */
    public function plan(string $method, string $plant, float $wanted): Preparation
    {
        $method = $this->method($method);
        if ($wanted <= 0) {
            throw Refused::noGrams('wanted');
        }
        $amounts = Quantities::toGet($wanted, $method, self::ownYields($method->key));

        return Preparation::query()->create(['method' => $method->key, 'status' => 'planned', 'plan' => [
            'plant' => in_array($plant, $method->plants, true)
                ? $plant
                : ($method->plants[0] ?? ''), 'wanted' => $wanted,
            'plant_grams' => round($amounts->plant, 2), 'water_grams' => round($amounts->water, 1),
        ]])->refresh();
    }

    /** @return list<float> grams out for a gram of water (or of plant), of the maker's own makings, oldest first */
    public static function ownYields(string $method): array
    {
        return array_values(Preparation::query()
            ->where('method', $method)
            ->where('status', 'made')
            ->orderByDesc('made_at')
            ->limit(self::LOOKED_AT)
            ->get()
            ->map(static fn (Preparation $made): float => Quantities::yieldOf(
                (float) $made->grams,
                $made->plan['plant_grams'],
                $made->plan['water_grams'],
            ))
            ->reverse()
            ->all());
    }

    /** @throws Refused when it is made already */
    public function made(Preparation $preparation, float $grams, Storage $storage, ?float $portion, Carbon $at): Lot
    {
        if ($grams <= 0) {
            throw Refused::noGrams('grams');
        }

        return DB::transaction(function () use ($preparation, $grams, $storage, $portion, $at): Lot {
            if ($preparation->refresh()->isMade()) {
                throw Refused::alreadyMade('grams');
            }
            $preparation->forceFill(['status' => 'made', 'made_at' => $at, 'grams' => $grams])->save();
            $method = $this->method($preparation->method);

            $lot = $this->lots->putPrepared(
                $preparation,
                $this->name($preparation),
                $method->ingredient,
                $grams,
                $storage === Storage::Freezer ? $portion : null,
                $storage,
                $at,
            );
            $this->lots->takeInTurn(
                $preparation->plan['plant'],
                $preparation->plan['plant_grams'],
                $lot->code,
                $at,
                "preparation-$preparation->id",
            );

            return $lot;
        });
    }

    /** Of another plant; one that this is not made of changes nothing. */
    public function of(Preparation $preparation, string $plant): void
    {
        if (! $preparation->isMade() && in_array($plant, $this->method($preparation->method)->plants, true)) {
            $preparation->forceFill(['plan' => [...$preparation->plan, 'plant' => $plant]])->save();
        }
    }

    /** What it is called: with its plant, where nothing else tells it. */
    public function name(Preparation $preparation): string
    {
        $name = say("preparations.$preparation->method.name");
        $plant = $preparation->plan['plant'];

        return $plant !== '' && $this->method($preparation->method)->isNamedByItsPlant()
            ? mb_substr("$name: ".mb_strtolower($this->wording->ingredient($plant)), 0, 120)
            : $name;
    }

    public function drop(Preparation $preparation): void
    {
        Preparation::query()->whereKey($preparation->id)->where('status', 'planned')->delete();
    }

    /**
     * What the formulas worked on last would need made fresh, and is not at hand.
     *
     * @return list<array{method: string, ingredient: string, grams: float, formula: string}>
     */
    public function askedFor(): array
    {
        $methods = [];
        foreach ($this->catalogue->preparations() as $method) {
            $methods[$method->ingredient] ??= $method->key;
        }
        $asked = [];
        $weighing = new Weighing($this->catalogue, $this->tools);
        foreach (Formula::query()->orderByDesc('updated_at')->limit(12)->get() as $formula) {
            [$read] = $this->draftReader->read(Draft::fromStored($formula->draft));
            foreach ($weighing->of($read)->lines as $line) {
                $key = $line->ingredient->key ?? '';
                if (isset($methods[$key]) && $line->grams !== null && $line->line->lot === null) {
                    $asked[] = [
                        'method' => $methods[$key],
                        'ingredient' => $key,
                        'grams' => ceil($line->grams->likely),
                        'formula' => $formula->name,
                    ];
                }
            }
        }

        return array_slice($asked, 0, 6);
    }
}
