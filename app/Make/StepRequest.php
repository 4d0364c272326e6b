<?php

declare(strict_types=1);

namespace App\Make;

use App\Ground\Typed;
use App\Models\Batch;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Carbon;
use Ilvane\Core\Process\Step;
use Ilvane\Core\Process\StepKind;

/** What a maker tells of one step: a weight, temperatures, a pH, what was filled, or a reason for going on anyway. */
final class StepRequest extends FormRequest
{
    /** What a finger finds in a chilled butter. */
    private const FEELS = ['soft', 'dent', 'hard'];

    /** Kinds of containers that are told apart at one filling. */
    public const MOST_CONTAINERS = 4;

    private const LONGEST_WAIT_S = 7 * 86_400;

    private const NUMBERS = [
        'weight',
        'water',
        'oil',
        'mix',
        'ph',
        'filled',
        'sample',
        'dose',
        'before',
        'after',
        'cloth',
        'tare',
        'pot',
        'lighter',
    ];

    /** @return array<string, list<string>> */
    public function rules(MakeStateFactory $states): array
    {
        $batch = $this->route('batch');
        $key = $this->route('step');
        $step = $batch instanceof Batch && is_string($key)
            ? $states->of($batch->load('entries'))->plan->step($key)
            : null;
        $needs = $this->filled('reason') || in_array($this->pressed(), ['skip', 'work'], true)
            ? 'nullable'
            : 'required';

        return [
            'client_key' => ['required', 'string', 'regex:/^[A-Za-z0-9-]{8,40}$/'],
            'reason' => ['nullable', 'string', 'max:300'],
            'ago' => ['nullable', 'numeric', 'between:0,'.self::LONGEST_WAIT_S],
            ...match ($step?->kind) {
                StepKind::Weigh => [
                    'weight' => [
                        $this->pressed() === 'dose' ? 'required' : 'nullable', 'numeric', 'gt:0', 'max:1000000',
                    ],
                    'lot' => ['nullable', 'string', 'max:20'],
                    'rest' => ['array', 'max:20'],
                    'rest.*' => ['nullable', 'string', 'max:20'],
                    'drops' => ['nullable', 'integer', 'between:1,1000'],
                ],
                StepKind::Heat => array_fill_keys(
                    array_column($step->phases, 'value'),
                    [$needs, 'numeric', 'between:-20,150'],
                ),
                StepKind::Gate => ['mix' => [$needs, 'numeric', 'between:-20,150']],
                StepKind::TestPh => [
                    'ph' => [$needs, 'numeric', 'between:0,14'],
                    'sample' => ['nullable', 'numeric', 'between:0,1000'],
                    'dose' => ['nullable', 'numeric', 'between:0,1000'],
                ],
                StepKind::Chill,
                StepKind::Whip => array_fill_keys(['before', 'after'], ['nullable', 'numeric', 'gt:0', 'max:10000']),
                StepKind::Combine => ['lighter' => ['nullable', 'numeric', 'between:0,100000']],
                StepKind::CookOut => ['pot' => [
                    $this->pressed() === 'note' ? 'required' : 'nullable', 'numeric', 'gt:0', 'max:100000',
                ]],
                StepKind::Strain => ['cloth' => ['nullable', 'numeric', 'between:0,1000000']],
                StepKind::Fill => [
                    'filled' => ['required', 'numeric', 'gt:0', 'max:1000000'],
                    'containers' => ['required', 'integer', 'between:1,10000'],
                    'tare' => ['nullable', 'numeric', 'gte:0', 'lt:filled'],
                    'split' => ['array', 'max:'.self::MOST_CONTAINERS],
                ],
                default => [],
            },
        ];
    }

    /** What is asked back is asked at its step, whichever page told it. */
    protected function getRedirectUrl(): string
    {
        return route('make.step', [$this->route('batch'), $this->route('step')]);
    }

    /** A comma is a decimal point to half the makers; a field left empty says nothing. */
    protected function prepareForValidation(): void
    {
        $this->merge(array_map(static fn (mixed $value): mixed => match (true) {
            is_string($value) && trim($value) === '' => null,
            is_string($value) && preg_match('/^\s*-?\d*,\d+\s*$/', $value) === 1 => str_replace(',', '.', $value),
            default => $value,
        }, $this->only([...self::NUMBERS, 'drops'])));
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        $weights = array_fill_keys(
            ['weight.*', 'sample.*', 'dose.*', 'before.*', 'after.*', 'cloth.*', 'pot.*', 'lighter.*'],
            say('make.errors.weight'),
        );
        $temperatures = array_fill_keys(['water.*', 'oil.*', 'mix.*'], say('make.errors.temperature'));

        return [
            ...$weights, ...$temperatures,
            'drops.*' => say('make.errors.drops'),
            'ph.*' => say('make.errors.ph'),
            'filled.*' => say('make.errors.filled'),
            'containers.*' => say('make.errors.containers'),
            'tare.*' => say('make.errors.tare'),
            'reason.*' => say('make.errors.reason'),
        ];
    }

    /** Which button was pressed; "" for the main one. */
    public function pressed(): string
    {
        return Typed::text($this, 'do');
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
        return ! in_array($this->pressed(), ['note', 'soft', 'hard'], true);
    }

    public function reason(): string
    {
        return trim(Typed::text($this, 'reason'));
    }

    public function decimal(string $field): ?float
    {
        $value = $this->input($field);

        return is_numeric($value) ? (float) $value : null;
    }

    /**
     * @return list<string> codes of the lots it was taken from, in their order, "" for none of them; empty where no lot
     *   was asked for
     */
    public function lots(): array
    {
        $rest = $this->input('rest');

        return $this->has('lot')
            ? [
                Typed::text($this, 'lot', 20),
                ...array_map(
                    static fn (mixed $code): string => is_string($code) ? $code : '',
                    is_array($rest) ? array_values($rest) : [],
                ),
            ]
            : [];
    }

    /**
     * @return list<array{what: string, count: float|null, grams: float, storage: string, stands: string}> containers
     *   told apart; none where all went into the same
     */
    public function split(): array
    {
        $rows = [];
        for ($i = 0; $i < self::MOST_CONTAINERS; $i++) {
            $row = [
                'what' => Typed::text($this, "split.$i.what", 12),
                'count' => Typed::decimal($this, "split.$i.count"),
                'grams' => Typed::grams($this, "split.$i.grams"),
                'storage' => Typed::text($this, "split.$i.storage", 12),
                'stands' => Typed::text($this, "split.$i.stands", 80),
            ];
            if ($row['count'] !== null || $row['grams'] > 0.0) {
                $rows[] = $row;
            }
        }

        return $rows;
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
        $entry = static fn (string $kind, string $subject = '', ?float $value = null, string $reason = ''): array => [
            'step' => $step->key, 'kind' => $kind, 'subject' => $subject, 'value' => $value, 'reason' => $reason,
        ];
        $looks = array_map(
            static fn (string $subject): array => $entry('look', $subject),
            Looks::chosen($this->input('look'), $step),
        );
        if ($step->kind === StepKind::Weigh) {
            return $this->weighing($step, $entry);
        }
        $readings = match ($step->kind) {
            StepKind::Heat => array_map(
                static fn ($phase): array => ['temperature', $phase->value, $phase->value],
                $step->phases,
            ),
            StepKind::Gate => [['temperature', 'mix', 'mix']],
            StepKind::TestPh => [['ph', '', 'ph'], ['sample', '', 'sample'], ['dose', '', 'dose']],
            StepKind::Chill, StepKind::Whip => [['cup', 'before', 'before'], ['cup', 'after', 'after']],
            StepKind::Combine => [['cup', 'lighter', 'lighter']],
            StepKind::CookOut => [['cup', 'pot', 'pot']],
            StepKind::Strain => [['strained', '', 'cloth']],
            StepKind::Fill => [['fill', (string) $this->integer('containers', 1), 'filled']],
            default => [],
        };
        $entries = [];
        foreach ($readings as [$kind, $subject, $field]) {
            $value = $field === 'filled' ? $this->filledNet() : $this->decimal($field);
            if ($value !== null) {
                $entries[] = $entry($kind, $subject, $value, $field === 'filled' ? $this->tared() : '');
            }
        }
        if ($step->kind === StepKind::Chill && in_array($this->pressed(), self::FEELS, true)) {
            $entries[] = $entry('feel', $this->pressed());
        }
        if ($this->reason() !== '' && in_array($step->kind, [StepKind::Gate, StepKind::Heat], true)) {
            $entries[] = $entry('override', reason: $this->reason());
        }

        return [...$entries, ...$looks];
    }

    /**
     * Weighed only where a figure was read; passed on without one, it was taken as planned.
     *
     * @param  callable(string, string, float|null, string): array{step: string, kind: string, subject: string,
     *   value: float|null, reason: string}  $entry
     * @return list<array{step: string, kind: string, subject: string, value: float|null, reason: string}>
     */
    private function weighing(Step $step, callable $entry): array
    {
        $line = (string) $step->line;
        if ($this->pressed() === 'not_done') {
            return [$entry('not_done', $line, null, '')];
        }
        [$drops, $weight] = [$this->decimal('drops'), $this->decimal('weight')];

        return [
            ...($drops === null ? [] : [$entry('drops', $line, $drops, '')]),
            ...($weight === null ? [] : [$entry('weighed', $line, $weight, '')]),
            ...($drops === null && $weight === null ? [$entry('as_planned', $line, $step->grams, '')] : []),
        ];
    }

    private function tared(): string
    {
        return $this->decimal('tare') > 0
            ? say(
                'make.tared',
                ['gross' => (string) $this->decimal('filled'), 'tare' => (string) $this->decimal('tare')],
            )
            : '';
    }
}
