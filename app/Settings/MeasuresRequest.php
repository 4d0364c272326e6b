<?php

declare(strict_types=1);

namespace App\Settings;

use Closure;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Measure\UnitSystem;

final class MeasuresRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(Catalogue $catalogue): array
    {
        return [
            'units' => ['required', Rule::enum(UnitSystem::class)],
            'drops' => ['nullable', 'numeric', 'between:5,500'],
            'drops_grams' => ['nullable', 'numeric', 'between:0.05,50'],
            'drops_of' => ['nullable', 'string', 'max:120', static function (
                string $field,
                mixed $value,
                Closure $refuse,
            ) use ($catalogue): void {
                if (is_string($value) && trim($value) !== '' && $catalogue->named($value) === null) {
                    $refuse(say('settings.errors.drops_of'));
                }
            }],
            'tablespoon' => ['nullable', 'numeric', 'between:5,40'],
            'teaspoon' => ['nullable', 'numeric', 'between:1,15'],
        ];
    }

    protected function prepareForValidation(): void
    {
        $this->merge(array_map(
            static fn (mixed $value): mixed => is_string($value) ? str_replace(',', '.', trim($value)) : $value,
            $this->only(['drops', 'drops_grams', 'tablespoon', 'teaspoon']),
        ));
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'drops.*' => say('settings.errors.drops'),
            'drops_grams.*' => say('settings.errors.drops_grams'),
            'tablespoon.*' => say('settings.errors.tablespoon'),
            'teaspoon.*' => say('settings.errors.teaspoon'),
            'units.*' => say('settings.errors.units'),
        ];
    }
}
