<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Typed;
use App\Models\Batch;
use App\Workroom\Make\MakeState;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Carbon;
use Ilvane\Core\Process\Step;
use Ilvane\Core\Process\StepKind;

/** What a maker tells of one step: a weight, temperatures, a pH, what was filled, or a reason for going on all the same. */
final class StepEntry extends FormRequest
{
    /** What a finger finds in a chilled butter. */
    private const FEELS = ['soft', 'dent', 'hard'];

    private const LONGEST_WAIT_S = 7 * 86_400;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        $batch = $this->route('batch');
        $key = $this->route('step');
        $step = $batch instanceof Batch && is_string($key) ? MakeState::of($batch->load('entries'))->plan->step($key) : null;
        $wants = fn (string $field): string => $this->filled('reason') || in_array(Typed::text($this, 'do'), ['skip', 'work'], true) ? 'nullable' : 'required';

        return [
            'client_key' => ['required', 'string', 'regex:/^[A-Za-z0-9-]{8,40}$/'],
            'reason' => ['nullable', 'string', 'max:300'],
            'ago' => ['nullable', 'numeric', 'between:0,'.self::LONGEST_WAIT_S],
            ...match ($step?->kind) {
                StepKind::Weigh => ['weight' => ['required', 'numeric', 'gt:0', 'max:1000000'], 'lot' => ['nullable', 'string', 'max:20'], 'drops' => ['nullable', 'integer', 'between:1,1000']],
                StepKind::Heat => [
                    ...array_fill_keys(array_column($step->phases, 'value'), [$wants('temperature'), 'numeric', 'between:-20,150']),
                ],
                StepKind::Gate => ['mix' => [$wants('temperature'), 'numeric', 'between:-20,150']],
                StepKind::TestPh => ['ph' => [$wants('ph'), 'numeric', 'between:0,14'], 'sample' => ['nullable', 'numeric', 'between:0,1000'], 'dose' => ['nullable', 'numeric', 'between:0,1000']],
                StepKind::Whip => array_fill_keys(['before', 'after'], ['nullable', 'numeric', 'gt:0', 'max:10000']),
                StepKind::Strain => ['cloth' => ['nullable', 'numeric', 'between:0,1000000']],
                StepKind::Fill => ['filled' => ['required', 'numeric', 'gt:0', 'max:1000000'], 'containers' => ['required', 'integer', 'between:1,10000'], 'tare' => ['nullable', 'numeric', 'gte:0', 'lt:filled']],
                default => [],
            },
        ];
    }

    /** A comma is a decimal point to half the makers. */
    protected function prepareForValidation(): void
    {
        $this->merge(array_map(
            static fn (mixed $value): mixed => is_string($value) && preg_match('/^\s*-?\d*,\d+\s*$/', $value) === 1 ? str_replace(',', '.', $value) : $value,
            $this->only(['weight', 'water', 'oil', 'mix', 'ph', 'filled', 'sample', 'dose', 'before', 'after', 'cloth', 'tare']),
        ));
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'weight.*' => say('make.errors.weight'), 'drops.*' => say('make.errors.drops'), 'water.*' => say('make.errors.temperature'), 'oil.*' => say('make.errors.temperature'),
            'mix.*' => say('make.errors.temperature'), 'ph.*' => say('make.errors.ph'), 'filled.*' => say('make.errors.filled'),
            'containers.*' => say('make.errors.containers'), 'tare.*' => say('make.errors.tare'), 'sample.*' => say('make.errors.weight'), 'dose.*' => say('make.errors.weight'), 'before.*' => say('make.errors.weight'), 'after.*' => say('make.errors.weight'), 'cloth.*' => say('make.errors.weight'), 'reason.*' => say('make.errors.reason'),
        ];
    }

    /** When it was told: now, or earlier where it had to wait in the browser for a connection. */
    public function toldAt(): Carbon
    {
        return Carbon::now()->subSeconds((int) ($this->decimal('ago') ?? 0));
    }

    public function clientKey(): string
    {
        return Typed::text($this, 'client_key');
    }

    public function wantsOn(): bool
    {
        return ! in_array(Typed::text($this, 'do'), ['note', 'soft', 'hard'], true);
    }

    public function decimal(string $field): ?float
    {
        $value = $this->input($field);

        return is_numeric($value) ? (float) $value : null;
    }

    /** Grams in the containers, their own weight taken off where it was told. */
    public function filledNet(): ?float
    {
        $filled = $this->decimal('filled');

        return $filled === null ? null : $filled - ($this->decimal('tare') ?? 0.0);
    }

    /** @return list<array{step: string, kind: string, subject: string, value: float|null, reason: string}> */
    public function entries(Step $step): array
    {
        $readings = match ($step->kind) {
            StepKind::Weigh => [['weight', (string) $step->line, 'weight'], ['drops', (string) $step->line, 'drops']],
            StepKind::Heat => array_map(static fn ($phase): array => ['temperature', $phase->value, $phase->value], $step->phases),
            StepKind::Gate => [['temperature', 'mix', 'mix']],
            StepKind::TestPh => [['ph', '', 'ph'], ['sample', '', 'sample'], ['dose', '', 'dose']],
            StepKind::Whip => [['cup', 'before', 'before'], ['cup', 'after', 'after']],
            StepKind::Strain => [['strained', '', 'cloth']],
            StepKind::Fill => [['fill', (string) $this->integer('containers', 1), 'filled']],
            default => [],
        };
        $entries = [];
        foreach ($readings as [$kind, $subject, $field]) {
            $value = $field === 'filled' ? $this->filledNet() : $this->decimal($field);
            if ($value !== null) {
                $entries[] = ['step' => $step->key, 'kind' => $kind, 'subject' => $subject, 'value' => $value, 'reason' => $field === 'filled' && $this->decimal('tare') > 0 ? say('make.tared', ['gross' => (string) $this->decimal('filled'), 'tare' => (string) $this->decimal('tare')]) : ''];
            }
        }
        if ($step->kind === StepKind::Weigh && $this->has('lot')) {
            $entries[] = ['step' => $step->key, 'kind' => 'lot', 'subject' => Typed::text($this, 'lot', 20), 'value' => null, 'reason' => ''];
        }
        $feel = Typed::text($this, 'do');
        if ($step->kind === StepKind::Chill && in_array($feel, self::FEELS, true)) {
            $entries[] = ['step' => $step->key, 'kind' => 'feel', 'subject' => $feel, 'value' => null, 'reason' => ''];
        }
        $reason = trim(Typed::text($this, 'reason'));
        if ($reason !== '' && in_array($step->kind, [StepKind::Gate, StepKind::Heat], true)) {
            $entries[] = ['step' => $step->key, 'kind' => 'override', 'subject' => '', 'value' => null, 'reason' => $reason];
        }

        return $entries;
    }
}
