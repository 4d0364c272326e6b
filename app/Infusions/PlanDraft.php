<?php

declare(strict_types=1);

namespace App\Infusions;

use App\Ground\Drafts\TypedDraft;
use Ilvane\Core\Exchange\DocumentRefused;
use Ilvane\Core\Formula\Patch;
use Ilvane\Core\Infusion\Extraction;
use Ilvane\Core\Infusion\Infusion;
use Ilvane\Core\Infusion\InfusionPlan;
use Ilvane\Core\Infusion\InfusionPlanDocument;
use Ilvane\Core\Infusion\Method;
use Ilvane\Core\Infusion\PlantForm;
use Ilvane\Core\Material\Catalogue;

/**
 * An infusion being planned, exactly as typed. What can't be read is kept and pointed at; the rest is worked out
 * without it.
 *
 * @phpstan-type PlanRow array{key: string, ingredient: string, name: string, amount: string, form: string,
 *   fresh: string}
 */
final class PlanDraft implements TypedDraft
{
    private const TEXT = ['name', 'jar', 'method', 'celsius', 'lasts', 'rhythm', 'use', 'wished', 'note'];

    /** Field of the page by field of the open form. */
    private const FIELDS = [
        'jar_ml' => 'jar',
        'temperature_c' => 'celsius',
        'shake_every_days' => 'rhythm',
        'wished_strength' => 'wished',
        'days' => 'lasts',
        'minutes' => 'lasts',
    ];

    private const PARTS = ['plants', 'oils'];

    private const MAX_TEXT = 120;

    /** As many corrections as there can be faults. */
    private const MOST_FAULTS = 50;

    private const UNITS = [
        'min' => 1 / Extraction::MINUTES_PER_DAY,
        'minute' => 1 / Extraction::MINUTES_PER_DAY,
        'minutes' => 1 / Extraction::MINUTES_PER_DAY,
        'h' => 1 / 24, 'hour' => 1 / 24, 'hours' => 1 / 24, 'heure' => 1 / 24, 'heures' => 1 / 24,
        'd' => 1, 'day' => 1, 'days' => 1, 'j' => 1, 'jour' => 1, 'jours' => 1,
        'w' => 7,
        'week' => 7,
        'weeks' => 7,
        'semaine' => 7,
        'semaines' => 7,
        'month' => 30,
        'months' => 30,
        'mois' => 30,
    ];

    /**
     * @param  array<string, string>  $text
     * @param  array{plants: list<PlanRow>, oils: list<PlanRow>}  $parts
     */
    private function __construct(private array $text, private array $parts)
    {
    }

    public static function blank(string $name): self
    {
        return new self(
            [
                'name' => $name,
                'jar' => '500',
                'method' => Method::ColdDark->value,
                'celsius' => '',
                'lasts' => '',
                'rhythm' => '',
                'use' => 'leave_on',
                'wished' => '',
                'note' => '', // the words it was read from
                'spent' => '', // code of the lot its plants are, where they were drawn once before
            ],
            ['plants' => [self::row()], 'oils' => [self::row()]],
        );
    }

    /** @param  array<string, mixed>  $stored */
    public static function fromStored(array $stored): self
    {
        /** @var array{text: array<string, string>, parts: array{plants: list<PlanRow>, oils: list<PlanRow>}} $stored */
        $blank = self::blank('');

        return new self(
            [...$blank->text, ...$stored['text']],
            array_map(static fn (array $rows): array => array_map(
                static fn (array $row): array => [...$row, 'fresh' => $row['fresh'] ?? ''], // not asked before
                $rows,
            ), $stored['parts']),
        );
    }

    /** @param  array<string, mixed>  $document ilvane.infusion-plan/1, already checked */
    public static function fromDocument(array $document): self
    {
        $plan = InfusionPlanDocument::read($document);
        $number = static fn (?float $value): string => $value === null ? '' : (string) round($value, 3);
        $row = static fn ($part): array => [
            'key' => self::newKey(),
            'ingredient' => $part->ingredient,
            'name' => '',
            'amount' => $part->amount,
            'form' => $part->form->value ?? '',
            'fresh' => $number($part->freshGrams),
        ];

        return new self([
            'name' => $plan->name,
            'jar' => $number($plan->jarMl),
            'method' => $plan->method->value,
            'celsius' => isset($document['temperature_c'])
                ? $number($plan->celsius)
                : '',
            'lasts' => match (true) {
                isset($document['days']) => $number($plan->days).' '.say('words.unit.days'),
                isset($document['minutes']) => $number($plan->minutes()).' '.say('words.unit.minutes'),
                default => '',
            },
            'rhythm' => isset($document['shake_every_days'])
                ? $number($plan->shakeEveryDays)
                : '', 'use' => $plan->use->value, 'wished' => $number($plan->wishedStrength), 'note' => '',
        ], ['plants' => array_map($row, $plan->plants), 'oils' => array_map($row, $plan->oils)]);
    }

    /**
     * As a maker's note has it; what it leaves out stays empty.
     *
     * @param  array<string, string>  $text  of the fields the note tells
     * @param  array{plants: list<array<string, string>>, oils: list<array<string, string>>}  $parts
     */
    public static function noted(array $text, array $parts): self
    {
        $blank = self::blank('');
        $row = static fn (array $row): array => [
            ...self::row(),
            'ingredient' => $row['ingredient'] ?? '',
            'name' => $row['name'] ?? '',
            'amount' => $row['amount'] ?? '',
            'form' => $row['form'] ?? '',
        ];

        return new self([...$blank->text, ...$text], [
            'plants' => array_map($row, $parts['plants']) ?: $blank->parts['plants'],
            'oils' => array_map($row, $parts['oils']) ?: $blank->parts['oils'],
        ]);
    }

    /** @return PlanRow */
    private static function row(): array
    {
        return [
            'key' => self::newKey(),
            'ingredient' => '',
            'name' => '',
            'amount' => '',
            'form' => '',
            'fresh' => '',
        ];
    }

    private static function newKey(): string
    {
        return bin2hex(random_bytes(4));
    }

    /** Code of the lot its plants are, where they were drawn once before; "" for fresh or dried ones. */
    public function spent(): string
    {
        return $this->text['spent'] ?? '';
    }

    public function withForm(array $form): static
    {
        $next = clone $this;
        foreach (self::TEXT as $field) {
            if (is_string($form[$field] ?? null)) {
                $next->text[$field] = self::clean($form[$field], InfusionPlanDocument::MAX_NAME);
            }
        }
        if ($next->text['method'] !== $this->text['method'] && $next->text['celsius'] === $this->text['celsius']) {
            $next->text['celsius'] = ''; // another way has a temperature of its own
        }
        foreach (self::PARTS as $part) {
            if (is_array($form[$part] ?? null)) {
                $next->parts[$part] = self::rowsWith($form[$part], $this->parts[$part]);
            }
        }

        return $next;
    }

    /**
     * @param  array<mixed>  $form
     * @param  list<PlanRow>  $rows
     * @return list<PlanRow>
     */
    private static function rowsWith(array $form, array $rows): array
    {
        $next = array_column($rows, null, 'key');
        foreach ($form as $key => $typed) {
            if (
                ! is_array($typed)
                || preg_match('/^[a-z0-9]{4,12}$/', (string) $key) !== 1
                || (! isset($next[$key]) && count($next) >= InfusionPlanDocument::MAX_PARTS)
            ) {
                continue;
            }
            $row = $next[$key] ?? [...self::row(), 'key' => (string) $key];
            $text = static fn (string $field): string => is_string($typed[$field] ?? null)
                ? self::clean($typed[$field], self::MAX_TEXT)
                : $row[$field];
            $next[$key] = [
                'key' => $row['key'], 'ingredient' => $text('name') === ''
                    ? ''
                    : $text('ingredient'), 'name' => $text('name'),
                'amount' => $text('amount'), 'form' => PlantForm::tryFrom($text('form'))->value ?? '',
                'fresh' => $text('fresh'),
            ];
        }

        return array_values($next);
    }

    public function fields(): array
    {
        $fields = $this->text;
        foreach (self::PARTS as $part) {
            foreach ($this->parts[$part] as $row) {
                $path = "$part/{$row['key']}";
                $fields[$path] = [
                    'ingredient' => $row['ingredient'],
                    'name' => $row['ingredient'] === '' ? $row['name'] : '',
                ];
                $fields["$path/amount"] = $row['amount'];
                $fields["$path/form"] = $row['form'];
                $fields["$path/fresh"] = $row['fresh'];
            }
        }

        return $fields;
    }

    public function order(): array
    {
        $order = [];
        foreach (self::PARTS as $part) {
            foreach ($this->parts[$part] as $row) {
                $order[] = "$part/{$row['key']}";
            }
        }

        return $order;
    }

    public function withFields(array $fields, array $order): static
    {
        $next = clone $this;
        $next->parts = ['plants' => [], 'oils' => []];
        foreach (self::TEXT as $field) {
            $next->text[$field] = is_string($fields[$field] ?? null) ? $fields[$field] : '';
        }
        foreach ($order as $path) {
            [$part, $key] = [...explode('/', $path, 2), ''];
            $what = $fields[$path] ?? null;
            if (is_array($what) && ($part === 'plants' || $part === 'oils')) {
                $text = static fn (string $field): string => is_string($fields["$path/$field"] ?? null)
                    ? $fields["$path/$field"]
                    : '';
                /** @var array{ingredient: string, name: string} $what */
                $next->parts[$part][] = [
                    'key' => $key,
                    'ingredient' => $what['ingredient'],
                    'name' => $what['name'],
                    'amount' => $text('amount'),
                    'form' => $text('form'),
                    'fresh' => $text('fresh'),
                ];
            }
        }
        foreach (self::PARTS as $part) {
            $next->parts[$part] = $next->parts[$part] ?: [self::row()];
        }

        return $next;
    }

    private static function clean(string $text, int $most): string
    {
        return mb_substr(preg_replace('/[\x00-\x1F\x7F]/', '', mb_scrub($text)) ?? '', 0, $most);
    }

    /** A name the catalogue knows exactly becomes its ingredient. */
    public function settled(Catalogue $catalogue): self
    {
        $next = clone $this;
        foreach (self::PARTS as $part) {
            foreach ($next->parts[$part] as $i => $row) {
                if (! $catalogue->has($row['ingredient'])) {
                    $next->parts[$part][$i]['ingredient'] = $catalogue->named($row['name'])->key ?? '';
                }
            }
        }

        return $next;
    }

    public function withRow(string $part): self
    {
        $next = clone $this;
        if (($part === 'plants' || $part === 'oils') && count($next->parts[$part]) < InfusionPlanDocument::MAX_PARTS) {
            $next->parts[$part][] = self::row();
        }

        return $next;
    }

    public function without(string $key): self
    {
        $next = clone $this;
        foreach (self::PARTS as $part) {
            $next->parts[$part] = array_values(array_filter(
                $next->parts[$part],
                static fn (array $row): bool => $row['key'] !== $key,
            )) ?: [self::row()];
        }

        return $next;
    }

    /** By another school, at its usual temperature and time. */
    public function by(Method $method): self
    {
        $next = clone $this;
        $next->text = [...$next->text, 'method' => $method->value, 'celsius' => '', 'lasts' => ''];

        return $next;
    }

    /**
     * @param  list<array{op: string, path: string, value?: mixed}>  $patch on the document of this draft, rows that say
     *   nothing left out
     */
    public function patched(array $patch): self
    {
        [$fields, $parts, $rows] = $this->document();
        $next = self::fromDocument(Patch::apply([...$fields, ...$parts], $patch));
        foreach (self::PARTS as $part) {
            foreach ($next->parts[$part] as $i => $row) {
                $held = $this->parts[$part][$rows[$part][$i] ?? -1] ?? null;
                if ($held !== null) {
                    $next->parts[$part][$i] = [
                        ...$held,
                        ...array_intersect_key($row, ['amount' => true, 'form' => true, 'fresh' => true]),
                    ];
                }
            }
        }

        return $next;
    }

    /**
     * The plan as far as it can be understood, worked out, with a word key for each field that could not be.
     *
     * @return array{Infusion|null, array<string, string>}
     */
    public function infusion(Planner $planner): array
    {
        [$fields, $parts, $rows, $problems] = $this->document();
        for ($i = 0; $i < self::MOST_FAULTS; $i++) {
            if ($parts['plants'] === [] || $parts['oils'] === []) {
                return [null, $problems];
            }
            try {
                return [$planner->infusion(InfusionPlanDocument::read([...$fields, ...$parts])), $problems];
            } catch (DocumentRefused $refusal) {
                $step = explode('/', ltrim($refusal->path, '/'));
                $said = say("errors.document.$refusal->reason", $refusal->parameters);
                if (($step[0] === 'plants' || $step[0] === 'oils') && isset($step[1])) {
                    $problems[
                        $this->parts[$step[0]][$rows[$step[0]][(int) $step[1]]]['key'].'.'.($step[2] ?? 'amount')
                    ] = $said;
                    array_splice($parts[$step[0]], (int) $step[1], 1);
                    array_splice($rows[$step[0]], (int) $step[1], 1);
                } else {
                    $problems[self::FIELDS[$step[0]] ?? $step[0]] = $said;
                    unset($fields[$step[0]]);
                }
            }
        }

        return [null, $problems];
    }

    /**
     * @return array{array<string, mixed>, array{plants: list<array<string, string|float>>, oils: list<array<string,
     *   string|float>>}, array{plants: list<int>, oils: list<int>}, array<string, string>} the open form's fields, its
     *   parts, which row each part comes from, problems
     */
    private function document(): array
    {
        $problems = [];
        $number = function (string $field) use (&$problems): ?float {
            $text = str_replace(
                ',',
                '.',
                trim(preg_replace('/(ml|°c|°|g|days?)\s*$/iu', '', $this->text[$field]) ?? ''),
            );
            if ($text !== '' && ! is_numeric($text)) {
                $problems[$field] = say("ui.problems.not_a_number_$field");
            }

            return is_numeric($text) ? (float) $text : null;
        };
        $method = Method::tryFrom($this->text['method']) ?? Method::ColdDark;
        $document = array_filter([
            'format' => InfusionPlan::FORMAT, 'name' => trim($this->text['name']) === ''
                ? '–'
                : trim($this->text['name']),
            'jar_ml' => $number('jar'),
            'method' => $method->value,
            'temperature_c' => $number('celsius'),
            'shake_every_days' => $number('rhythm'),
            'use' => $this->text['use'] === 'rinse_off'
                ? 'rinse_off'
                : 'leave_on', 'wished_strength' => $number('wished'),
        ], static fn (mixed $value): bool => $value !== null);
        $lasts = $this->lasts($method, $problems);
        if ($lasts !== null) {
            $document += $method->isHeated()
                ? ['minutes' => round($lasts * Extraction::MINUTES_PER_DAY, 3)]
                : ['days' => $lasts];
        }
        if (trim($this->text['name']) === '') {
            $problems['name'] = say('ui.problems.no_name');
        }
        $rows = $parts = ['plants' => [], 'oils' => []];
        foreach (self::PARTS as $part) {
            foreach ($this->parts[$part] as $i => $row) {
                if ($row['name'] === '' && $row['ingredient'] === '') {
                    continue;
                }
                if ($row['ingredient'] === '') {
                    $problems[$row['key'].'.ingredient'] = say('findings.unread.unknown_name');

                    continue;
                }
                if (trim($row['amount']) === '') {
                    continue;
                }
                $fresh = self::grams($row['fresh']);
                if ($fresh === null && trim($row['fresh']) !== '') {
                    $problems[$row['key'].'.fresh'] = say('infusions.fresh_unread');
                }
                $parts[$part][] = array_filter([
                    'ingredient' => $row['ingredient'],
                    'amount' => trim($row['amount']),
                    'form' => $part === 'plants' ? $row['form'] : '',
                    'fresh_g' => $part === 'plants' ? $fresh : null,
                ]);
                $rows[$part][] = $i;
            }
        }

        return [$document, $parts, $rows, $problems];
    }

    /** Grams as typed, with or without their unit; null where it is none. */
    private static function grams(string $typed): ?float
    {
        $number = str_replace(',', '.', preg_replace('/\s*g$/', '', trim($typed)) ?? '');
        $grams = is_numeric($number) ? (float) $number : null;

        return $grams !== null && $grams >= 0.01 && $grams <= InfusionPlanDocument::MAX_GRAMS ? $grams : null;
    }

    /**
     * "3 weeks", "45 min", "8 h"; a bare number is in the method's own unit.
     *
     * @param  array<string, string>  $problems
     * @return float|null days
     */
    private function lasts(Method $method, array &$problems): ?float
    {
        $typed = mb_strtolower(trim($this->text['lasts']));
        if ($typed === '') {
            return null;
        }
        if (
            preg_match('/^(\d+(?:[.,]\d+)?)\s*([a-z]*)\.?$/u', $typed, $found) !== 1
            || ($found[2] !== '' && ! isset(self::UNITS[$found[2]]))
        ) {
            $problems['lasts'] = say('ui.problems.no_duration');

            return null;
        }
        $number = (float) str_replace(',', '.', $found[1]);

        return $number * (
            $found[2] === '' ? ($method->isHeated() ? 1 / Extraction::MINUTES_PER_DAY : 1) : self::UNITS[$found[2]]
        );
    }

    public function name(): string
    {
        return mb_substr(trim($this->text['name']), 0, InfusionPlanDocument::MAX_NAME);
    }

    public function text(string $field): string
    {
        return $this->text[$field] ?? '';
    }

    public function method(): Method
    {
        return Method::tryFrom($this->text['method']) ?? Method::ColdDark;
    }

    /** @return list<PlanRow> */
    public function rows(string $part): array
    {
        return $this->parts[$part] ?? [];
    }

    /** @return list<string> row keys in the order findings count lines: plants, then oils, those that say something */
    public function lineKeys(): array
    {
        [, , $rows] = $this->document();

        return [
            ...array_map(fn (int $i): string => $this->parts['plants'][$i]['key'], $rows['plants']),
            ...array_map(fn (int $i): string => $this->parts['oils'][$i]['key'], $rows['oils']),
        ];
    }

    /** @return array<string, mixed> */
    public function toStored(): array
    {
        return ['text' => $this->text, 'parts' => $this->parts];
    }
}
