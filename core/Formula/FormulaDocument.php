<?php

declare(strict_types=1);

namespace Ilvane\Core\Formula;

use Ilvane\Core\Exchange\Document;
use Ilvane\Core\Exchange\DocumentRefused;
use Ilvane\Core\Exchange\Json;
use Ilvane\Core\Process\ProcessDocument;

/**
 * Reads and writes the open form ilvane.formula/1. Strict in: unknown keys and impossible values are refused with their
 * path.
 */
final class FormulaDocument
{
    public const MAX_LINES = 200;

    /** No home batch is heavier, grams. */
    public const MAX_GRAMS = 1_000_000.0;

    public const MAX_NAME = 120;

    public const MAX_NOTES = 10_000;

    private const MAX_NESTING = 5;

    private const FIELDS = [
        'format',
        'name',
        'family',
        'use',
        'for',
        'scale_resolution_g',
        'batch',
        'parts',
        'lines',
        'process',
        'packaging',
        'keeping',
        'ph',
        'stated_yield_g',
        'directions',
        'notes',
        'claims',
        'reading',
    ];

    /** @throws DocumentRefused */
    public static function fromJson(string $json): Formula
    {
        return self::read(Json::decode($json));
    }

    /**
     * @param  list<string>  $ring  names of the formulas this one is inside of
     *
     * @throws DocumentRefused
     */
    public static function read(mixed $decoded, string $path = '', int $nesting = 0, array $ring = []): Formula
    {
        if ($nesting > self::MAX_NESTING) {
            throw new DocumentRefused($path, 'nested_too_deep', ['most' => self::MAX_NESTING]);
        }
        $document = Document::open($decoded, $path, self::FIELDS);
        $format = $document->text('format', 40, required: true);
        if ($format !== Formula::FORMAT) {
            throw $document->refused('format', 'wrong_format', ['wanted' => Formula::FORMAT]);
        }
        $name = $document->text('name', self::MAX_NAME, required: true) ?? '';
        if (in_array(mb_strtolower($name), $ring, true)) {
            throw $document->refused('name', 'ring', ['ring' => implode(' → ', [...$ring, mb_strtolower($name)])]);
        }
        /** @var Family $family */
        $family = $document->oneOf('family', Family::class, required: true);
        $for = $document->object('for', ['audience', 'region']);
        $packaging = $document->object('packaging', ['container', 'count']);

        $ring[] = mb_strtolower($name);
        $parts = PartDocument::readAll($document, $nesting, $ring);
        $lines = LineDocument::readAll($document, $nesting, $ring);
        PartDocument::refuseTangles($document, $parts, $lines);
        $names = array_column($parts, 'name', 'key');
        $lines = array_map(
            static fn (Line $line): Line => $line->part === null ? $line : $line->called($names[$line->part]),
            $lines,
        );

        return new Formula(
            name: $name,
            family: $family,
            lines: $lines,
            use: $document->oneOf('use', Application::class) ?? $family->usualUse(),
            audience: $for?->oneOf('audience', Audience::class) ?? Audience::Adult,
            region: $for?->oneOf('region', Region::class) ?? Region::EuropeanUnion,
            scaleResolutionG: $document->number('scale_resolution_g', 0.0001, 100),
            batchGrams: $document->object('batch', ['grams'])?->number('grams', 0.01, self::MAX_GRAMS),
            process: ProcessDocument::read($document),
            container: $packaging?->text('container', 80),
            containerCount: (int) ($packaging?->number('count', 1, 10_000) ?? 1),
            keeping: self::keeping($document),
            ph: $document->number('ph', 0, 14),
            statedYieldG: $document->number('stated_yield_g', 0.01, self::MAX_GRAMS),
            directions: $document->text('directions', self::MAX_NOTES) ?? '',
            notes: $document->text('notes', self::MAX_NOTES) ?? '',
            parts: $parts,
            claims: ClaimsDocument::read($document),
        );
    }

    private static function keeping(Document $document): KeepingClaim
    {
        $keeping = $document->object('keeping', ['intended', 'storage', 'claimed_days']);

        return new KeepingClaim(
            $keeping?->oneOf('intended', Regime::class),
            $keeping?->oneOf('storage', Storage::class),
            $keeping?->number('claimed_days', 0, 36_500),
        );
    }

    /** @return array<string, mixed> the open form, without what stands at its default */
    public static function write(Formula $formula): array
    {
        return array_filter([
            'format' => Formula::FORMAT,
            'name' => $formula->name,
            'family' => $formula->family->value,
            'use' => $formula->use->value,
            'for' => ['audience' => $formula->audience->value, 'region' => $formula->region->value],
            'scale_resolution_g' => $formula->scaleResolutionG,
            'batch' => $formula->batchGrams === null ? null : ['grams' => $formula->batchGrams],
            'parts' => array_map(PartDocument::write(...), $formula->parts) ?: null,
            'lines' => array_map(LineDocument::write(...), $formula->lines),
            'process' => ProcessDocument::write($formula->process),
            'packaging' => $formula->container === null
                ? null
                : ['container' => $formula->container, 'count' => $formula->containerCount],
            'keeping' => array_filter([
                'intended' => $formula->keeping->intended?->value,
                'storage' => $formula->keeping->storage?->value,
                'claimed_days' => $formula->keeping->claimedDays,
            ], static fn (mixed $value): bool => $value !== null) ?: null,
            'ph' => $formula->ph,
            'stated_yield_g' => $formula->statedYieldG,
            'directions' => $formula->directions === '' ? null : $formula->directions,
            'notes' => $formula->notes === '' ? null : $formula->notes,
            'claims' => ClaimsDocument::write($formula->claims) ?: null,
        ], static fn (mixed $value): bool => $value !== null);
    }
}
