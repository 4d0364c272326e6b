<?php

declare(strict_types=1);

namespace Ilvane\Core\Process;

use Ilvane\Core\Exchange\Document;
use Ilvane\Core\Exchange\DocumentRefused;

/** Reads and writes what a step says beyond what every step has. A field its kind doesn't know is refused. */
final class StepDetailsDocument
{
    /** Fields of the open form by kind of step; every kind knows part and lines. */
    private const FIELDS = [
        'covered' => [StepKind::Steep, StepKind::Simmer, StepKind::Heat],
        'liquid' => [StepKind::Wash, StepKind::Soak],
        'through' => [StepKind::Strain, StepKind::Press],
        'tool' => [StepKind::Blend],
        'pour' => [StepKind::Combine],
        'pot_g' => [StepKind::CookOut],
        'pot_now_g' => [StepKind::CookOut],
        'tare_g' => [StepKind::CookOut],
        'at_most_c' => [StepKind::Gate, StepKind::Add],
        'during' => [StepKind::Add],
        'at_share' => [StepKind::Add],
        'gum' => [StepKind::WetGum],
        'in' => [StepKind::WetGum],
        'line' => [StepKind::AddLittle],
        'dose' => [StepKind::AddLittle],
        'wait_s' => [StepKind::AddLittle],
        'look' => [StepKind::AddLittle],
        'most' => [StepKind::AddLittle],
        'dilution' => [StepKind::TestPh],
        'until' => [StepKind::Chill],
        'seconds' => [StepKind::Shake],
        'cubes' => [StepKind::Mould, StepKind::Freeze, StepKind::Unmould],
    ];

    private const LOOKS = ['thickness', 'ph', 'colour', 'scent'];

    private const UNTIL = ['dent', 'time'];

    private const MAX_GRAMS = 1_000_000.0;

    private const MAX_LINES = 200;

    /** @return list<string> every field there is */
    public static function fields(): array
    {
        return ['part', 'lines', ...array_keys(self::FIELDS)];
    }

    /** @throws DocumentRefused */
    public static function read(Document $step, StepKind $kind): StepDetails
    {
        foreach (self::FIELDS as $field => $kinds) {
            if ($step->has($field) && ! in_array($kind, $kinds, true)) {
                throw $step->refused($field, 'not_of_this_step', ['key' => $field, 'do' => $kind->value]);
            }
        }
        $covered = $step->raw('covered');
        if ($covered !== null && ! is_bool($covered)) {
            throw $step->refused('covered', 'not_true_or_false');
        }
        $cubes = $step->number('cubes', 1, 10_000);

        return new StepDetails(
            lines: self::keys($step),
            part: $step->text('part', 40),
            isCovered: $covered,
            liquid: $step->text('liquid', 200),
            through: $step->text('through', 200),
            tool: $step->text('tool', 200),
            pour: $step->oneOf('pour', PourOrder::class),
            potGrams: $step->number('pot_g', 0, self::MAX_GRAMS),
            potNowGrams: $step->number('pot_now_g', 0, self::MAX_GRAMS),
            tareGrams: $step->number('tare_g', 0, self::MAX_GRAMS),
            during: $step->text('during', 40),
            atShare: $step->number('at_share', 0, 1),
            gum: $step->text('gum', 40),
            in: $step->text('in', 40),
            line: $step->text('line', 40),
            dose: $step->text('dose', 80),
            most: $step->text('most', 80),
            waitSeconds: $step->number('wait_s', 0, 36_000),
            look: self::oneOf($step, 'look', self::LOOKS),
            dilution: $step->number('dilution', 0, 1000),
            until: self::oneOf($step, 'until', self::UNTIL),
            cubes: $cubes === null ? null : (int) $cubes,
        );
    }

    /**
     * @return list<string>
     *
     * @throws DocumentRefused
     */
    private static function keys(Document $step): array
    {
        $keys = [];
        foreach ($step->list('lines', self::MAX_LINES) as $i => $key) {
            $keys[] = is_string($key) && mb_strlen($key) <= 81 ? $key : throw $step->refused("lines/$i", 'not_text');
        }

        return $keys;
    }

    /**
     * @param  list<string>  $choices
     *
     * @throws DocumentRefused
     */
    private static function oneOf(Document $step, string $field, array $choices): ?string
    {
        $value = $step->text($field, 20);

        return $value === null || in_array($value, $choices, true)
            ? $value
            : throw $step->refused($field, 'not_one_of', ['choices' => implode(', ', $choices)]);
    }

    /** @return array<string, mixed> */
    public static function write(StepDetails $details): array
    {
        return [
            'part' => $details->part,
            'lines' => $details->lines ?: null,
            'covered' => $details->isCovered,
            'liquid' => $details->liquid,
            'through' => $details->through,
            'tool' => $details->tool,
            'pour' => $details->pour?->value,
            'pot_g' => $details->potGrams,
            'pot_now_g' => $details->potNowGrams,
            'tare_g' => $details->tareGrams,
            'during' => $details->during,
            'at_share' => $details->atShare,
            'gum' => $details->gum,
            'in' => $details->in,
            'line' => $details->line,
            'dose' => $details->dose,
            'most' => $details->most,
            'wait_s' => $details->waitSeconds,
            'look' => $details->look,
            'dilution' => $details->dilution,
            'until' => $details->until,
            'cubes' => $details->cubes,
        ];
    }
}
