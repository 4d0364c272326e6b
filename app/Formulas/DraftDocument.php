<?php

declare(strict_types=1);

namespace App\Formulas;

use Ilvane\Core\Formula\Application;
use Ilvane\Core\Formula\Audience;
use Ilvane\Core\Formula\Family;
use Ilvane\Core\Formula\Formula;
use Ilvane\Core\Formula\FormulaDocument;
use Ilvane\Core\Formula\Regime;
use Ilvane\Core\Formula\Region;
use Ilvane\Core\Formula\Storage;

/**
 * What was typed on the bench, as an open document: what can be read, and what can't.
 *
 * @phpstan-import-type DraftLine from DraftLines
 * @phpstan-import-type DraftPart from DraftParts
 */
final class DraftDocument
{
    /** Fields of the open form the bench has no field for; kept as they came. */
    private const KEPT = ['process', 'packaging', 'stated_yield_g', 'claims'];

    private const CLAIMED = 'claimed_days';

    /**
     * @param  array<string, string>  $text
     * @param  list<DraftLine>  $lines
     * @param  list<DraftPart>  $parts
     * @param  array<string, mixed>  $rest
     * @return array{array<string, mixed>, array<string, string>} the document, and a word key for each field that could
     *   not be read
     */
    public static function of(array $text, array $lines, array $parts, array $rest): array
    {
        $problems = [];
        $number = static function (string $field, float $least, float $most) use ($text, &$problems): ?float {
            $typed = str_replace(',', '.', trim($text[$field]));
            $typed = preg_replace('/\s*(g|grams?|grammes?)$/i', '', $typed) ?? '';
            if ($typed === '') {
                return null;
            }
            if (
                ! is_numeric($typed)
                || ! is_finite((float) $typed)
                || (float) $typed < $least
                || (float) $typed > $most
            ) {
                $problems[$field] = is_numeric($typed) && (float) $typed < 0 ? 'negative' : "not_a_number_$field";

                return null;
            }

            return (float) $typed;
        };
        $batch = $number('batch', 0.01, FormulaDocument::MAX_GRAMS);
        $name = trim($text['name']);
        if ($name === '') {
            $problems['name'] = 'no_name';
        }
        $document = array_filter([
            'format' => Formula::FORMAT,
            'name' => $name === '' ? '–' : $name,
            'family' => Family::tryFrom($text['family'])->value ?? Family::LeaveInEmulsion->value,
            'use' => Application::tryFrom($text['use'])->value ?? Application::LeaveOn->value,
            'for' => [
                'audience' => Audience::tryFrom($text['audience'])->value ?? Audience::Adult->value,
                'region' => Region::tryFrom($text['region'] ?? '')->value ?? Region::EuropeanUnion->value,
            ],
            'scale_resolution_g' => $number('scale', 0.0001, 100),
            'batch' => $batch === null ? null : ['grams' => $batch],
            'keeping' => array_filter(
                [
                    'intended' => Regime::tryFrom($text['intended'])?->value,
                    'storage' => Storage::tryFrom($text['storage'])?->value,
                    'claimed_days' => $rest[self::CLAIMED] ?? null,
                ],
                static fn (mixed $value): bool => $value !== null,
            ),
            'ph' => $number('ph', 0, 14),
            'directions' => $text['directions'],
            'notes' => $text['notes'],
            ...array_diff_key($rest, [self::CLAIMED => true]),
        ], static fn (mixed $value): bool => $value !== null && $value !== [] && $value !== '');
        $document['lines'] = array_map(
            DraftLines::toDocument(...),
            array_values(array_filter($lines, static fn (array $line): bool => $line['in'] === '')),
        );
        if ($parts !== []) {
            [$document['parts'], $unread] = DraftParts::toDocument($parts, $lines);
            $problems += $unread;
        }

        return [$document, $problems];
    }

    /**
     * What a document says that the bench has no field for.
     *
     * @param  array<string, mixed>  $document
     * @return array<string, mixed>
     */
    public static function rest(array $document): array
    {
        $claimed = is_array($document['keeping'] ?? null) ? $document['keeping'][self::CLAIMED] ?? null : null;

        return [
            ...array_intersect_key($document, array_flip(self::KEPT)),
            ...($claimed === null ? [] : [self::CLAIMED => $claimed]),
        ];
    }
}
