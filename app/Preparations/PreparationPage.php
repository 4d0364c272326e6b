<?php

declare(strict_types=1);

namespace App\Preparations;

use App\Ground\Card;
use App\Ground\Wording;
use App\Models\Preparation;
use App\Pantry\LotCards;
use Ilvane\Core\Formula\Storage;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Material\PreparationMethod;
use Ilvane\Core\Preparation\Perishing;
use Ilvane\Core\Preparation\Quantities;

/** Plant waters, gels, juices and milks: what is at hand, what to make, and how. */
final readonly class PreparationPage
{
    /**
     * @param  array<string, array<string, string>>  $methods  name by key, by kind
     * @param  list<array{method: string, name: string, grams: string, number: string, formula: string}>  $asked
     * @param  list<Preparation>  $planned
     * @param  list<Card>  $atHand
     * @param  list<array{text: string, vital: bool}>  $steps
     * @param  array<string, string>  $plants  name by key, where more than one will do
     */
    private function __construct(
        public array $methods,
        public array $asked,
        public array $planned,
        public array $atHand,
        public string $chosen,
        public string $wanted,
        public ?Preparation $preparation = null,
        public ?PreparationMethod $method = null,
        public ?Quantities $amounts = null,
        public array $steps = [],
        public string $plant = '',
        public string $time = '',
        public string $keeps = '',
        public string $expect = '',
        public array $plants = [],
    ) {
    }

    public static function all(string $chosen, string $wanted): self
    {
        $wording = app(Wording::class);

        return new self(
            self::methods(),
            array_map(static fn (array $asked): array => [
                'method' => $asked['method'],
                'name' => $wording->ingredient($asked['ingredient']),
                'grams' => $wording->grams($asked['grams']),
                'number' => $wording->number($asked['grams'], 0), 'formula' => $asked['formula'],
            ], app(PreparationBook::class)->askedFor()),
            array_values(Preparation::query()->where('status', 'planned')->orderByDesc('id')->limit(24)->get()->all()),
            app(LotCards::class)->lots('preparation'), $chosen, $wanted,
        );
    }

    public static function of(Preparation $preparation): self
    {
        $wording = app(Wording::class);
        $method = app(PreparationBook::class)->method($preparation->method);
        $amounts = Quantities::toGet($preparation->plan['wanted'], $method, PreparationBook::ownYields($method->key));
        $steps = __("preparations.$method->key.steps");
        $hours = static fn (Storage $storage): string => Perishing::hours($method, $storage) < 24
            ? $wording
                ->number(Perishing::hours($method, $storage), 0)."\u{202F}".say('words.unit.hours') : $wording
                ->days(Perishing::hours($method, $storage) / 24);

        return new self(
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
    private static function methods(): array
    {
        $methods = [];
        foreach (app(Catalogue::class)->preparations() as $method) {
            $methods[say("preparations.kinds.$method->kind")][$method->key] = say("preparations.$method->key.name");
        }

        return $methods;
    }
}
