<?php

declare(strict_types=1);

namespace Ilvane\Core\Formula;

use Ilvane\Core\Exchange\Document;
use Ilvane\Core\Exchange\DocumentRefused;
use Ilvane\Core\Exchange\Json;
use Ilvane\Core\Material\Phase;
use Ilvane\Core\Measure\Amount;

/** Reads and writes the open form ilvane.formula/1. Strict in: unknown keys and impossible values are refused with their path. */
final class FormulaDocument
{
    public const MAX_LINES = 200;

    /** No home batch is heavier, grams. */
    public const MAX_GRAMS = 1_000_000.0;

    public const MAX_NAME = 120;

    public const MAX_NOTES = 10_000;

    private const MAX_NESTING = 5;

    private const FIELDS = ['format', 'name', 'family', 'use', 'for', 'scale_resolution_g', 'batch', 'lines', 'process', 'packaging', 'keeping', 'ph', 'stated_yield_g', 'directions', 'notes', 'reading'];

    private const LINE_FIELDS = ['ingredient', 'name', 'text', 'formula', 'amount', 'phase', 'prepared', 'lot', 'opened_on', 'best_before'];

    private const STEP_FIELDS = ['do', 'what', 'to_c', 'minutes', 'burst_s', 'rest_s', 'times', 'phase', 'how', 'note'];

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

        $lines = [];
        foreach ($document->list('lines', self::MAX_LINES, required: true) as $i => $line) {
            $lines[] = self::line($line, "$path/lines/$i", $nesting, [...$ring, mb_strtolower($name)]);
        }

        return new Formula(
            name: $name,
            family: $family,
            lines: $lines,
            use: $document->oneOf('use', Application::class) ?? $family->usualUse(),
            audience: $for?->oneOf('audience', Audience::class) ?? Audience::Adult,
            region: $for?->oneOf('region', Region::class) ?? Region::EuropeanUnion,
            scaleResolutionG: $document->number('scale_resolution_g', 0.0001, 100),
            batchGrams: $document->object('batch', ['grams'])?->number('grams', 0.01, self::MAX_GRAMS),
            process: self::process($document),
            container: $packaging?->text('container', 80),
            containerCount: (int) ($packaging?->number('count', 1, 10_000) ?? 1),
            keeping: self::keeping($document),
            ph: $document->number('ph', 0, 14),
            statedYieldG: $document->number('stated_yield_g', 0.01, self::MAX_GRAMS),
            directions: $document->text('directions', self::MAX_NOTES) ?? '',
            notes: $document->text('notes', self::MAX_NOTES) ?? '',
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

    /** @return array<string, mixed> */
    private static function process(Document $document): array
    {
        $process = $document->object('process', ['heat_to_c', 'gate_c', 'bath_c', 'room_c', 'altitude_m', 'vessels', 'covered', 'cool', 'pour', 'steps']);
        if ($process === null) {
            return [];
        }
        $read = [
            'heat_to_c' => $process->number('heat_to_c', 0, 150),
            'gate_c' => $process->number('gate_c', 0, 100),
            'bath_c' => $process->number('bath_c', 20, 120),
            'room_c' => $process->number('room_c', -20, 60),
            'altitude_m' => $process->number('altitude_m', -500, 9000),
            'cool' => $process->oneOf('cool', Cooling::class)?->value,
            'pour' => $process->oneOf('pour', PourOrder::class)?->value,
        ];
        if ($process->has('covered')) {
            $read['covered'] = is_bool($process->raw('covered')) ? $process->raw('covered') : throw $process->refused('covered', 'not_true_or_false');
        }
        $vessels = $process->object('vessels', ['water', 'oil', 'mix']);
        if ($vessels !== null) {
            $read['vessels'] = array_filter(['water' => $vessels->text('water', 60), 'oil' => $vessels->text('oil', 60), 'mix' => $vessels->text('mix', 60)], is_string(...));
        }
        foreach ($process->list('steps', 100) as $i => $step) {
            $read['steps'][] = self::step($step, $process->at("steps/$i"));
        }

        return array_filter($read, static fn (mixed $value): bool => $value !== null);
    }

    /** @return array<string, mixed> */
    private static function step(mixed $step, string $path): array
    {
        $step = Document::open($step, $path, self::STEP_FIELDS);

        return array_filter([
            'do' => $step->text('do', 30, required: true),
            'what' => $step->text('what', 60),
            'to_c' => $step->number('to_c', -40, 200),
            'minutes' => $step->number('minutes', 0, 1_000_000),
            'burst_s' => $step->number('burst_s', 0, 36_000),
            'rest_s' => $step->number('rest_s', 0, 36_000),
            'times' => $step->number('times', 1, 1000),
            'phase' => $step->oneOf('phase', Phase::class)?->value,
            'how' => $step->text('how', 60),
            'note' => $step->text('note', 500),
        ], static fn (mixed $value): bool => $value !== null);
    }

    /** @param  list<string>  $ring */
    private static function line(mixed $decoded, string $path, int $nesting, array $ring): Line
    {
        $line = Document::open($decoded, $path, self::LINE_FIELDS);
        $named = array_values(array_filter(['ingredient', 'name', 'text', 'formula'], $line->has(...)));
        if (count($named) !== 1) {
            throw new DocumentRefused($path, $named === [] ? 'names_nothing' : 'names_twice');
        }

        return new Line(
            ingredient: $line->text('ingredient', 80),
            name: $line->text('name', 200),
            text: $line->text('text', 500),
            formula: $line->has('formula') ? self::read($line->raw('formula'), $line->at('formula'), $nesting + 1, $ring) : null,
            amount: self::amount($line),
            phase: $line->oneOf('phase', Phase::class),
            prepared: $line->oneOf('prepared', Prepared::class),
            lot: $line->text('lot', 80),
            openedOn: $line->date('opened_on'),
            bestBefore: $line->date('best_before'),
        );
    }

    private static function amount(Document $line): string
    {
        if (! is_array($line->raw('amount'))) {
            return $line->text('amount', 200) ?? '';
        }
        $amount = $line->object('amount', ['value', 'unit']);
        $value = $amount?->number('value', 0, self::MAX_GRAMS);
        $unit = $amount?->text('unit', 30, required: true);

        return $value === null ? throw new DocumentRefused($line->at('amount/value'), 'missing') : Amount::plain($value).' '.$unit;
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
            'lines' => array_map(self::writeLine(...), $formula->lines),
            'process' => $formula->process === [] ? null : $formula->process,
            'packaging' => $formula->container === null ? null : ['container' => $formula->container, 'count' => $formula->containerCount],
            'keeping' => array_filter([
                'intended' => $formula->keeping->intended?->value,
                'storage' => $formula->keeping->storage?->value,
                'claimed_days' => $formula->keeping->claimedDays,
            ], static fn (mixed $value): bool => $value !== null) ?: null,
            'ph' => $formula->ph,
            'stated_yield_g' => $formula->statedYieldG,
            'directions' => $formula->directions === '' ? null : $formula->directions,
            'notes' => $formula->notes === '' ? null : $formula->notes,
        ], static fn (mixed $value): bool => $value !== null);
    }

    /** @return array<string, mixed> */
    private static function writeLine(Line $line): array
    {
        return array_filter([
            'ingredient' => $line->ingredient,
            'name' => $line->name,
            'text' => $line->text,
            'formula' => $line->formula === null ? null : self::write($line->formula),
            'amount' => $line->amount === '' ? null : $line->amount,
            'phase' => $line->phase?->value,
            'prepared' => $line->prepared?->value,
            'lot' => $line->lot,
            'opened_on' => $line->openedOn?->format('Y-m-d'),
            'best_before' => $line->bestBefore?->format('Y-m-d'),
        ], static fn (mixed $value): bool => $value !== null);
    }
}
