<?php

declare(strict_types=1);

namespace App\Pantry;

use App\Ground\OwnRow;
use Closure;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use Ilvane\Core\Material\Allergen;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Material\Caution;
use Ilvane\Core\Material\Charge;
use Ilvane\Core\Material\InciNames;
use Ilvane\Core\Material\Kind;
use Ilvane\Core\Material\MaterialTrait;

/** An ingredient of one's own, or one's own figures for a shipped one. A name and a kind are enough to begin. */
final class OwnIngredientRequest extends FormRequest
{
    /** Figure => least and most that make sense. */
    private const BOUNDS = [
        'density' => [0.3, 3.0], 'spoon_density' => [0.05, 3.0], 'water' => [0, 100],
        'melt_low' => [-60, 150], 'melt_high' => [-60, 150], 'max_temp' => [0, 250],
        'use_low' => [0, 100],
        'use_high' => [0.001, 100],
        'rinse_off_max' => [0.001, 100],
        'legal_max' => [0.0001, 100],
        'phototoxic' => [0.001, 100],
        'ph_min' => [0, 14],
        'ph_max' => [0, 14],
        'hlb' => [0, 40],
        'required_hlb' => [0, 20],
        'least_load' => [0.01, 2],
        'iodine' => [0, 250],
        'pufa' => [0, 100],
        'unopened' => [0, 240],
        'opened' => [0, 240],
        'fresh_days' => [0.1, 60], 'oil_uptake' => [0, 20], 'water_uptake' => [0, 50], 'sfc_10' => [0, 100],
        'sfc_20' => [0, 100], 'sfc_25' => [0, 100], 'sfc_30' => [0, 100], 'sfc_35' => [0, 100],
    ];

    /** Upper figure => lower. */
    private const PAIRS = ['melt_high' => 'melt_low', 'use_high' => 'use_low', 'ph_max' => 'ph_min'];

    /** @return array<string, mixed> */
    public function rules(Catalogue $catalogue): array
    {
        $isNew = $this->string('of')->value() === '';
        $bounds = static fn (array $bounds): array => ['nullable', 'numeric', "between:$bounds[0],$bounds[1]"];

        return [
            'of' => ['nullable', 'string', 'max:80', static function (
                string $field,
                mixed $key,
                Closure $fail,
            ) use ($catalogue): void {
                if (is_string($key) && $key !== '' && ! $catalogue->has($key)) {
                    $fail(say('own_ingredients.errors.of'));
                }
            }],
            'name' => [Rule::requiredIf($isNew), 'nullable', 'string', 'max:80', 'regex:/\pL/u'],
            'inci' => ['nullable', 'string', 'max:160'],
            'list' => ['nullable', 'string', 'max:5000', $this->hasNames()],
            'kind' => [Rule::requiredIf($isNew), 'nullable', Rule::enum(Kind::class)],
            'charge' => ['nullable', Rule::enum(Charge::class)],
            'source' => ['nullable', 'string', 'max:200'],
            'allergens' => ['array'], 'allergens.*' => [Rule::enum(Allergen::class)],
            'cautions' => ['array'], 'cautions.*' => [Rule::enum(Caution::class)],
            'traits' => ['array'], 'traits.*' => [Rule::enum(MaterialTrait::class)],
            'contents' => ['array', 'max:'.OwnIngredientPage::CONTENTS, $this->addsUp()],
            'contents.*.substance' => ['nullable', 'string', 'max:80'],
            'contents.*.percent' => ['nullable', 'numeric', 'between:0.001,100', 'required_with:contents.*.substance'],
            ...array_map($bounds, self::BOUNDS),
            ...$this->ordered(),
        ];
    }

    /** Fats hold no more water than this, percent; butter from the dairy is no cosmetic fat. */
    private const FAT_WATER = 2.0;

    /** Linoleic acid alone has an iodine value of 181 for 100 %: less than this for a percent can't be. */
    private const IODINE_PER_PUFA = 1.6;

    /** @return list<Closure> what can't be true together, said beside the field that says the second thing */
    public function after(): array
    {
        return [function (Validator $validator): void {
            foreach ($this->contradictions() as $field => $what) {
                if (! $validator->errors()->has($field)) {
                    $validator->errors()->add($field, say("own_ingredients.errors.$what"));
                }
            }
        }];
    }

    /** @return array<string, string> word by field */
    private function contradictions(): array
    {
        $figure = fn (string $name): ?float => is_numeric($this->input($name)) ? (float) $this->input($name) : null;
        $isLess = static fn (?float $one, ?float $other): bool => $one !== null && $other !== null && $one < $other;
        $typed = $this->input('kind');
        $kind = is_string($typed) ? Kind::tryFrom($typed) : null;
        $contents = array_sum(array_map(
            static fn (mixed $one): float => is_array($one) && is_numeric($one['percent'] ?? null)
                ? (float) $one['percent']
                : 0.0,
            (array) $this->input('contents', []),
        ));
        $water = $figure('water');
        $wrong = array_filter([
            'water' => match (true) {
                $water === null => '',
                $water + $contents > 100.0 => 'water_and_contents',
                $water > self::FAT_WATER && ($kind?->isLipid() ?? false) => 'water_in_fat',
                default => '',
            },
            'legal_max' => $isLess($figure('legal_max'), $figure('use_low')) ? 'law_below_use' : '',
            'opened' => $isLess($figure('unopened'), $figure('opened')) ? 'opened_longer' : '',
            'iodine' => $isLess($figure('iodine'), self::IODINE_PER_PUFA * ($figure('pufa') ?? 0.0))
                ? 'iodine_and_pufa'
                : '',
        ]);

        return [...$wrong, ...$this->solidContradictions($figure)];
    }

    /**
     * A fat doesn't set as it warms, and nothing of it is solid where all has melted.
     *
     * @param  callable(string): ?float  $figure
     * @return array<string, string>
     */
    private function solidContradictions(callable $figure): array
    {
        $wrong = [];
        $least = 100.0;
        foreach (OwnRow::SOLID_FAT_AT as $celsius) {
            $solid = $figure("sfc_$celsius");
            if ($solid === null) {
                continue;
            }
            if ($solid > $least) {
                $wrong["sfc_$celsius"] = 'solid_rises';
            } elseif ($solid > 0.0 && $celsius >= ($figure('melt_high') ?? INF)) {
                $wrong["sfc_$celsius"] = 'solid_though_melted';
            }
            $least = min($least, $solid);
        }

        return $wrong;
    }

    /** A list of one name is no list. */
    private function hasNames(): Closure
    {
        return static function (string $field, mixed $list, Closure $fail): void {
            if (is_string($list) && trim($list) !== '' && count(InciNames::read($list)) < 2) {
                $fail(say('own_ingredients.errors.list'));
            }
        };
    }

    private function addsUp(): Closure
    {
        return static function (string $field, mixed $contents, Closure $fail): void {
            $percents = array_column(is_array($contents) ? $contents : [], 'percent');
            if (array_sum(array_filter($percents, is_numeric(...))) > 100.0) {
                $fail(say('own_ingredients.errors.contents'));
            }
        };
    }

    /** @return array<string, list<string>> the upper of two figures is not less than the lower, where both are told */
    private function ordered(): array
    {
        $rules = [];
        foreach (self::PAIRS as $high => $low) {
            $between = 'between:'.implode(',', self::BOUNDS[$high]);
            $rules[$high] = ['nullable', 'numeric', $between, ...($this->input($low) === null ? [] : ["gte:$low"])];
        }

        return $rules;
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        $messages = [
            'name.*' => say('own_ingredients.errors.name'), 'kind.*' => say('own_ingredients.errors.kind'),
            'contents.*.percent.*' => say('own_ingredients.errors.figure', ['least' => '0.001', 'most' => '100']),
        ];
        foreach (self::PAIRS as $high => $low) {
            $messages["$high.gte"] = say('own_ingredients.errors.order');
        }
        foreach (self::BOUNDS as $figure => [$least, $most]) {
            $messages["$figure.*"] = say(
                'own_ingredients.errors.figure',
                ['least' => (string) $least, 'most' => (string) $most],
            );
        }

        return $messages;
    }

    /** A comma is a decimal point to half the makers; what is empty is not known. */
    protected function prepareForValidation(): void
    {
        foreach (array_keys(self::BOUNDS) as $figure) {
            $this->merge([$figure => self::plain($this->input($figure))]);
        }
        $contents = [];
        foreach ((array) $this->input('contents', []) as $one) {
            $substance = is_array($one) && is_string($one['substance'] ?? null) ? trim($one['substance']) : '';
            $percent = self::plain(is_array($one) ? $one['percent'] ?? null : null);
            if ($substance !== '' || $percent !== null) {
                $contents[] = ['substance' => $substance, 'percent' => $percent];
            }
        }
        $this->merge(['contents' => $contents]);
    }

    private static function plain(mixed $value): ?string
    {
        $text = is_string($value) ? trim($value) : '';

        return $text === '' ? null : str_replace(',', '.', $text);
    }

    /** @return array<string, mixed> what was told; what was left as assumed is not */
    public function fields(): array
    {
        $fields = [];
        foreach (['name', 'inci', 'list', 'kind', 'charge', 'source'] as $name) {
            $fields[$name] = $this->string($name)->trim()->value();
        }
        $fields = array_filter($fields, static fn (string $field): bool => $field !== '');
        foreach (array_keys(self::BOUNDS) as $figure) {
            if (is_numeric($this->input($figure))) {
                $fields[$figure] = (float) $this->input($figure) / ($figure === 'water' ? 100 : 1);
            }
        }
        $fields['allergens'] = $this->ticked('allergens');
        foreach (['cautions', 'traits'] as $list) {
            if ($this->boolean("{$list}_told")) {
                $fields[$list] = $this->ticked($list);
            }
        }
        $contents = [];
        foreach ((array) $this->input('contents', []) as $one) {
            if (is_array($one) && is_numeric($one['percent'] ?? null) && is_string($one['substance'] ?? null)) {
                $contents[$one['substance']] = (float) $one['percent'];
            }
        }

        return $contents === [] ? $fields : [...$fields, 'contents' => $contents];
    }

    /** @return list<string> */
    private function ticked(string $list): array
    {
        return array_values(array_filter((array) $this->input($list, []), is_string(...)));
    }
}
