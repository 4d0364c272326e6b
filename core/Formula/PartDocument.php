<?php

declare(strict_types=1);

namespace Ilvane\Core\Formula;

use Ilvane\Core\Exchange\Document;
use Ilvane\Core\Exchange\DocumentRefused;
use Ilvane\Core\Measure\AmountReader;
use Ilvane\Core\Measure\UnreadableAmount;
use Ilvane\Core\Process\ProcessDocument;

/** Reads and writes the parts of ilvane.formula/1. Strict in, as everywhere: what can't be is refused with its path. */
final class PartDocument
{
    public const MAX_PARTS = 20;

    /** Parts inside parts. */
    public const MAX_NESTING = 5;

    private const FIELDS = [
        'key',
        'name',
        'makes',
        'lines',
        'process',
        'gives',
        'ready_before_minutes',
        'good_for_hours',
    ];

    /** A year. */
    private const MAX_HOURS = 8784.0;

    private const MAX_MINUTES = 1_000_000.0;

    /**
     * @param  list<string>  $ring  names of the formulas these parts are inside of
     * @return list<Part>
     *
     * @throws DocumentRefused
     */
    public static function readAll(Document $document, int $nesting, array $ring): array
    {
        $parts = $keys = [];
        foreach ($document->list('parts', self::MAX_PARTS) as $i => $decoded) {
            $path = $document->at("parts/$i");
            $part = self::read(Document::open($decoded, $path, self::FIELDS), $nesting, $ring);
            if (in_array($part->key, $keys, true)) {
                throw new DocumentRefused("$path/key", 'key_taken', ['key' => $part->key]);
            }
            $parts[] = $part;
            $keys[] = $part->key;
        }

        return $parts;
    }

    /**
     * @param  list<string>  $ring
     *
     * @throws DocumentRefused
     */
    private static function read(Document $part, int $nesting, array $ring): Part
    {
        $key = LineDocument::key($part, 'key', required: true) ?? '';
        /** @var PartKind $makes */
        $makes = $part->oneOf('makes', PartKind::class, required: true);
        $gives = $part->object('gives', ['amount', 'basis']);
        $basis = $gives?->text('basis', 20);
        if ($gives !== null && ! in_array($basis, [null, 'planned', 'weighed'], true)) {
            throw $gives->refused('basis', 'not_one_of', ['choices' => 'planned, weighed']);
        }

        return new Part(
            key: $key,
            name: $part->text('name', FormulaDocument::MAX_NAME) ?? $key,
            makes: $makes,
            lines: LineDocument::readAll($part, $nesting, $ring),
            process: ProcessDocument::read($part),
            gives: $gives === null ? '' : self::gives($gives),
            isWeighed: $basis === 'weighed',
            readyBeforeMinutes: $part->number('ready_before_minutes', 0, self::MAX_MINUTES) ?? 0.0,
            goodForHours: $part->number('good_for_hours', 0, self::MAX_HOURS),
        );
    }

    /** @throws DocumentRefused */
    private static function gives(Document $gives): string
    {
        $written = $gives->text('amount', 80, required: true) ?? '';
        try {
            $amount = AmountReader::read($written);
        } catch (UnreadableAmount $problem) {
            throw $gives->refused('amount', 'amount_'.$problem->reason);
        }

        return $amount->unit === null ? throw $gives->refused('amount', 'no_weight') : $written;
    }

    /**
     * Every part that is named has to be there, none may contain itself, and all lines together stay few enough to
     * read.
     *
     * @param  list<Part>  $parts
     * @param  list<Line>  $lines  of the formula
     *
     * @throws DocumentRefused
     */
    public static function refuseTangles(Document $document, array $parts, array $lines): void
    {
        $byKey = array_column($parts, null, 'key');
        $count = count($lines);
        foreach ([['lines', $lines], ...array_map(
            static fn (Part $part, int $i): array => ["parts/$i/lines", $part->lines],
            $parts,
            array_keys($parts),
        )] as [$at, $among]) {
            foreach ($among as $i => $line) {
                if ($line->part !== null && ! isset($byKey[$line->part])) {
                    throw $document->refused("$at/$i/part", 'no_such_part', ['part' => $line->part]);
                }
            }
        }
        foreach ($parts as $i => $part) {
            $count += count($part->lines);
            self::refuseRing($byKey, $part->key, [], $document->at("parts/$i"));
        }
        if ($count > FormulaDocument::MAX_LINES) {
            throw $document->refused('parts', 'too_many', ['most' => FormulaDocument::MAX_LINES, 'given' => $count]);
        }
    }

    /**
     * @param  array<string, Part>  $parts  by key
     * @param  list<string>  $above  keys of the parts this one is inside of
     *
     * @throws DocumentRefused
     */
    private static function refuseRing(array $parts, string $key, array $above, string $path): void
    {
        if (in_array($key, $above, true)) {
            throw new DocumentRefused($path, 'part_ring', ['ring' => implode(' → ', [...$above, $key])]);
        }
        if (count($above) >= self::MAX_NESTING) {
            throw new DocumentRefused($path, 'nested_too_deep', ['most' => self::MAX_NESTING]);
        }
        foreach ($parts[$key]->uses() as $used) {
            self::refuseRing($parts, $used, [...$above, $key], $path);
        }
    }

    /** @return array<string, mixed> */
    public static function write(Part $part): array
    {
        return array_filter([
            'key' => $part->key,
            'name' => $part->name === $part->key ? null : $part->name,
            'makes' => $part->makes->value,
            'lines' => array_map(LineDocument::write(...), $part->lines),
            'process' => ProcessDocument::write($part->process),
            'gives' => $part->gives === ''
                ? null
                : ['amount' => $part->gives, 'basis' => $part->isWeighed ? 'weighed' : 'planned'],
            'ready_before_minutes' => $part->readyBeforeMinutes > 0 ? $part->readyBeforeMinutes : null,
            'good_for_hours' => $part->goodForHours,
        ], static fn (mixed $value): bool => $value !== null);
    }
}
