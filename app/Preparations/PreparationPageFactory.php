<?php

declare(strict_types=1);

namespace App\Preparations;

use App\Ground\OwnKitchen;
use App\Ground\Wording;
use App\Models\Preparation;
use App\Pantry\LotCards;
use Ilvane\Core\Formula\Storage;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Preparation\Perishing;
use Ilvane\Core\Preparation\Quantities;

/** Builds what PreparationPage shows. */
final readonly class PreparationPageFactory
{
    public function __construct(
        private Wording $wording,
        private PreparationBook $preparationBook,
        private LotCards $lotCards,
        private Catalogue $catalogue,
        private OwnKitchen $kitchen,
    ) {
    }

    public function all(string $chosen, string $wanted): PreparationPage
    {
        $wording = $this->wording;

        return new PreparationPage(
            $this->methods(),
            array_map(static fn (array $asked): array => [
                'method' => $asked['method'],
                'name' => $wording->ingredient($asked['ingredient']),
                'grams' => $wording->grams($asked['grams']),
                'number' => $wording->number($asked['grams'], 0), 'formula' => $asked['formula'],
            ], $this->preparationBook->askedFor()),
            array_values(Preparation::query()->where('status', 'planned')->orderByDesc('id')->limit(24)->get()->all()),
            $this->lotCards->lots('preparation'), $chosen, $wanted,
        );
    }

    public function of(Preparation $preparation): PreparationPage
    {
        $wording = $this->wording;
        $method = $this->preparationBook->method($preparation->method);
        $amounts = Quantities::toGet($preparation->plan['wanted'], $method, PreparationBook::ownYields($method->key));
        $steps = __("preparations.$method->key.steps");
        $hours = function (Storage $storage) use ($method, $wording): string {
            $lasts = Perishing::hours($method, $storage, $this->kitchen->fridge());

            return $lasts < 24
                ? $wording->number($lasts, 0)."\u{202F}".say('words.unit.hours')
                : $wording->days($lasts / 24);
        };

        return new PreparationPage(
            [], [], [], [], '', '', $preparation, $method, $amounts,
            array_map(
                static fn (string $step): array => [
                    'text' => ltrim($step, '!'),
                    'vital' => str_starts_with($step, '!'),
                ],
                is_array($steps) ? array_values($steps) : [],
            ),
            $preparation->plan['plant'] === ''
                ? say("preparations.$method->key.name")
                : $wording->ingredient($preparation->plan['plant']),
            say(
                'pantry.prepare.time',
                [
                    'low' => $wording->duration($method->minutesLow / 1440),
                    'high' => $wording->duration($method->minutesHigh / 1440),
                ],
            ).' '.say('pantry.prepare.at', ['celsius' => $wording->celsius($method->celsius)]),
            say(
                'pantry.prepare.keeps',
                [
                    'counter' => $hours(Storage::Room),
                    'fridge' => $hours(Storage::Fridge),
                    'freezer' => $hours(Storage::Freezer),
                ],
            ),
            say(
                'pantry.prepare.expect',
                [
                    'low' => $wording->number($amounts->expected->low, 0),
                    'high' => $wording->number($amounts->expected->high, 0),
                ],
            ).', '
                .($amounts->yield->count > 0 ? say(
                    'pantry.prepare.learned',
                    ['count' => (string) $amounts->yield->count],
                ) : say('pantry.prepare.usual')),
            count($method->plants) < 2
                ? []
                : array_combine($method->plants, array_map($wording->ingredient(...), $method->plants)),
        );
    }

    /** @return array<string, array<string, string>> name by key, by kind */
    private function methods(): array
    {
        $methods = [];
        foreach ($this->catalogue->preparations() as $method) {
            $methods[say("preparations.kinds.$method->kind")][$method->key] = say("preparations.$method->key.name");
        }

        return $methods;
    }
}
