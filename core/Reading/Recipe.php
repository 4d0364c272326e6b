<?php

declare(strict_types=1);

namespace Ilvane\Core\Reading;

use Ilvane\Core\Formula\Family;

/** A text as it was read. Nothing is dropped: what is neither a line nor a hint nor a heading is among the others. */
final readonly class Recipe
{
    /**
     * @param  list<ReadLine>  $lines
     * @param  list<Hint>  $hints
     * @param  list<Span>  $others
     * @param  list<ReadSpan>  $spans  in order, without overlap; every byte that isn't white space is in one
     * @param  list<Section>  $parts  what is made first, and taken of
     */
    public function __construct(
        public string $text,
        public string $title,
        public Family $family,
        public ?StatedYield $yield,
        public ?float $heatTo,
        public ?float $gate,
        public array $lines,
        public array $hints,
        public array $others,
        public array $spans = [],
        public array $parts = [],
    ) {
    }

    /**
     * The open form ilvane.formula/1, with what was read under "reading".
     *
     * @return array<string, mixed>
     */
    public function document(string $untitled): array
    {
        return [
            'format' => 'ilvane.formula/1',
            'name' => $this->title === '' ? $untitled : $this->title,
            'family' => $this->family->value,
            ...($this->yield?->grams() === null ? [] : ['batch' => ['grams' => $this->yield->grams()]]),
            'lines' => array_map(static fn (ReadLine $line): array => array_filter([
                'ingredient' => $line->ingredient,
                'name' => $line->ingredient === null ? mb_substr($line->name, 0, 200) : null,
                'amount' => $line->amount === null ? null : self::said($line->amount->entered),
                'phase' => $line->phase?->value,
            ], is_string(...)), $this->lines),
            ...array_filter(['process' => array_filter(
                ['heat_to_c' => $this->heatTo, 'gate_c' => $this->gate],
                is_float(...),
            )]),
            'reading' => [
                'lines' => array_map(fn (ReadLine $line): array => [
                    'start' => $line->span->start, 'end' => $line->span->end, 'text' => $line->span->of($this->text),
                    'confidence' => round($line->confidence, 2),
                    'candidates' => $line->candidates,
                    'other' => $line->other?->entered,
                ], $this->lines),
                'hints' => array_map(
                    fn (Hint $hint): array => [
                        'kind' => $hint->kind,
                        'value' => $hint->value,
                        'start' => $hint->span->start,
                        'end' => $hint->span->end,
                        'text' => $hint->span->of($this->text),
                    ],
                    $this->hints,
                ),
                'others' => array_map(
                    fn (Span $span): array => [
                        'start' => $span->start,
                        'end' => $span->end,
                        'text' => $span->of($this->text),
                    ],
                    $this->others,
                ),
            ],
        ];
    }

    /** As one says it: more than one drop are drops. */
    private static function said(string $amount): string
    {
        return preg_match('/^(?:[\d.]+-)?([\d.]+)( \d\/\d)? (?:drop|cup|pint|quart)$/', $amount, $read) === 1
            && ((float) $read[1] > 1 || ($read[2] ?? '') !== '')
            ? "{$amount}s"
            : $amount;
    }
}
