<?php

declare(strict_types=1);

namespace Ilvane\Core\Formula;

use Ilvane\Core\Exchange\Document;
use Ilvane\Core\Exchange\DocumentRefused;
use Ilvane\Core\Material\Phase;
use Ilvane\Core\Measure\Amount;

/** Reads and writes a line of ilvane.formula/1, of the formula itself or of one of its parts. */
final class LineDocument
{
    private const FIELDS = [
        'key',
        'ingredient',
        'name',
        'text',
        'formula',
        'part',
        'amount',
        'phase',
        'prepared',
        'lot',
        'opened_on',
        'best_before',
        'fresh_g',
    ];

    /** The ways a line may name its thing; a lot beside another name says which bottle of it. */
    private const NAMES = ['ingredient', 'name', 'text', 'formula', 'part'];

    /**
     * @param  list<string>  $ring  names of the formulas these lines are inside of
     * @return list<Line>
     *
     * @throws DocumentRefused
     */
    public static function readAll(Document $document, int $nesting, array $ring): array
    {
        $lines = $keys = [];
        foreach ($document->list('lines', FormulaDocument::MAX_LINES, required: true) as $i => $decoded) {
            $path = $document->at("lines/$i");
            $line = self::read(Document::open($decoded, $path, self::FIELDS), $nesting, $ring);
            if ($line->key !== null && in_array($line->key, $keys, true)) {
                throw new DocumentRefused("$path/key", 'key_taken', ['key' => $line->key]);
            }
            $lines[] = $line;
            $keys[] = $line->key;
        }

        return $lines;
    }

    /**
     * @param  list<string>  $ring
     *
     * @throws DocumentRefused
     */
    private static function read(Document $line, int $nesting, array $ring): Line
    {
        $named = array_values(array_filter(self::NAMES, $line->has(...)));
        if ($named === [] && $line->has('lot')) {
            $named = ['lot'];
        }
        if (count($named) !== 1) {
            throw new DocumentRefused($line->path, $named === [] ? 'names_nothing' : 'names_twice');
        }
        $lot = $line->text('lot', 80);

        return new Line(
            ingredient: $line->text('ingredient', 80),
            name: $named === ['lot'] ? $lot : $line->text('name', 200),
            text: $line->text('text', 500),
            formula: $line->has('formula')
                ? FormulaDocument::read($line->raw('formula'), $line->at('formula'), $nesting + 1, $ring)
                : null,
            amount: self::amount($line),
            phase: $line->oneOf('phase', Phase::class),
            prepared: self::prepared($line),
            lot: $lot,
            openedOn: $line->date('opened_on'),
            bestBefore: $line->date('best_before'),
            part: self::key($line, 'part'),
            key: self::key($line, 'key'),
            freshGrams: $line->number('fresh_g', 0.01, FormulaDocument::MAX_GRAMS),
        );
    }

    /** @throws DocumentRefused */
    public static function key(Document $document, string $field, bool $required = false): ?string
    {
        $key = $document->text($field, 40, $required);

        return $key === null || preg_match(Part::KEY, $key) === 1
            ? $key
            : throw $document->refused($field, 'not_a_key');
    }

    /**
     * @return list<Prepared>
     *
     * @throws DocumentRefused
     */
    private static function prepared(Document $line): array
    {
        if (! is_array($line->raw('prepared'))) {
            $way = $line->oneOf('prepared', Prepared::class);

            return $way === null ? [] : [$way];
        }
        $ways = [];
        foreach ($line->list('prepared', count(Prepared::cases())) as $i => $way) {
            $ways[] = (is_string($way) ? Prepared::tryFrom($way) : null)
                ?? throw $line->refused("prepared/$i", 'not_one_of', [
                    'choices' => implode(', ', array_column(Prepared::cases(), 'value')),
                ]);
        }

        return array_values(array_unique($ways, SORT_REGULAR));
    }

    /** @throws DocumentRefused */
    private static function amount(Document $line): string
    {
        if (! is_array($line->raw('amount'))) {
            return $line->text('amount', 200) ?? '';
        }
        $amount = $line->object('amount', ['value', 'unit']);
        $value = $amount?->number('value', 0, FormulaDocument::MAX_GRAMS);
        $unit = $amount?->text('unit', 30, required: true);

        return $value === null
            ? throw new DocumentRefused($line->at('amount/value'), 'missing')
            : Amount::plain($value).' '.$unit;
    }

    /** @return array<string, mixed> */
    public static function write(Line $line): array
    {
        $prepared = array_column($line->prepared, 'value');

        return array_filter([
            'key' => $line->key,
            'ingredient' => $line->ingredient,
            'name' => $line->part !== null || ($line->ingredient === null && $line->name === $line->lot)
                ? null
                : $line->name,
            'text' => $line->text,
            'formula' => $line->formula === null ? null : FormulaDocument::write($line->formula),
            'part' => $line->part,
            'amount' => $line->amount === '' ? null : $line->amount,
            'phase' => $line->phase?->value,
            'prepared' => count($prepared) > 1 ? $prepared : ($prepared[0] ?? null),
            'lot' => $line->lot,
            'opened_on' => $line->openedOn?->format('Y-m-d'),
            'best_before' => $line->bestBefore?->format('Y-m-d'),
            'fresh_g' => $line->freshGrams,
        ], static fn (mixed $value): bool => $value !== null);
    }
}
