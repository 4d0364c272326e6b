<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Closure;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Ilvane\Core\Catalogue\Allergen;
use Ilvane\Core\Catalogue\Catalogue;
use Ilvane\Core\Catalogue\Kind;

/** An ingredient of one's own, or one's own figures for a shipped one, with the sheet they are from. */
final class OwnIngredientEntry extends FormRequest
{
    /** Figure => least and most that make sense. */
    private const BOUNDS = [
        'density' => [0.3, 3.0], 'water' => [0, 100], 'melt_low' => [-60, 150], 'melt_high' => [-60, 150], 'max_temp' => [0, 250], 'use_low' => [0, 100], 'use_high' => [0.001, 100], 'legal_max' => [0.0001, 100],
        'ph_min' => [0, 14], 'ph_max' => [0, 14], 'hlb' => [0, 40], 'iodine' => [0, 250], 'unopened' => [0, 240], 'opened' => [0, 240],
    ];

    /** Upper figure => lower. */
    private const PAIRS = ['melt_high' => 'melt_low', 'use_high' => 'use_low', 'ph_max' => 'ph_min'];

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'of' => ['nullable', 'string', 'max:80', static function (string $field, mixed $key, Closure $fail): void {
                if (is_string($key) && $key !== '' && ! app(Catalogue::class)->has($key)) {
                    $fail(say('own.errors.of'));
                }
            }],
            'name' => [Rule::requiredIf($this->string('of')->value() === ''), 'nullable', 'string', 'max:80', 'regex:/\pL/u'],
            'inci' => ['nullable', 'string', 'max:160'],
            'kind' => [Rule::requiredIf($this->string('of')->value() === ''), 'nullable', Rule::enum(Kind::class)],
            'source' => ['required', 'string', 'max:200', 'regex:/\S/'],
            'allergens' => ['array'], 'allergens.*' => [Rule::enum(Allergen::class)],
            ...array_map(static fn (array $bounds): array => ['nullable', 'numeric', "between:$bounds[0],$bounds[1]"], self::BOUNDS),
            ...$this->ordered(),
        ];
    }

    /** @return array<string, list<string>> the upper of two figures is not less than the lower, where both are told */
    private function ordered(): array
    {
        $rules = [];
        foreach (self::PAIRS as $high => $low) {
            $rules[$high] = ['nullable', 'numeric', 'between:'.implode(',', self::BOUNDS[$high]), ...($this->input($low) === null ? [] : ["gte:$low"])];
        }

        return $rules;
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.*' => say('own.errors.name'), 'kind.*' => say('own.errors.kind'), 'source.*' => say('own.errors.source'), 'melt_high.gte' => say('own.errors.order'), 'use_high.gte' => say('own.errors.order'), 'ph_max.gte' => say('own.errors.order'),
            ...array_combine(array_map(static fn (string $figure): string => "$figure.*", array_keys(self::BOUNDS)), array_map(static fn (array $bounds): string => say('own.errors.figure', ['least' => (string) $bounds[0], 'most' => (string) $bounds[1]]), array_values(self::BOUNDS))),
        ];
    }

    /** A comma is a decimal point to half the makers; what is empty is not known. */
    protected function prepareForValidation(): void
    {
        foreach (array_keys(self::BOUNDS) as $figure) {
            $value = $this->input($figure);
            $this->merge([$figure => is_string($value) ? (trim($value) === '' ? null : str_replace(',', '.', trim($value))) : null]);
        }
    }

    /** @return array<string, mixed> */
    public function fields(): array
    {
        $fields = array_map(fn (string $name): string => $this->string($name)->trim()->value(), ['name' => 'name', 'inci' => 'inci', 'kind' => 'kind', 'source' => 'source']);
        foreach (array_keys(self::BOUNDS) as $figure) {
            if (is_numeric($this->input($figure))) {
                $fields[$figure] = (float) $this->input($figure) / ($figure === 'water' ? 100 : 1);
            }
        }

        return [...array_filter($fields, static fn (mixed $field): bool => $field !== ''), 'allergens' => array_values(array_filter((array) $this->input('allergens', []), is_string(...)))];
    }
}
