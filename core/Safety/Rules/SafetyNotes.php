<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Rules;

use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Material\Caution;
use Ilvane\Core\Material\Kind;
use Ilvane\Core\Material\Material;
use Ilvane\Core\Material\MaterialTrait;
use Ilvane\Core\Safety\Assessment;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Rule;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Safety\Term;

/** Dust, lye, hot fat, wet plants in hot oil: the usual cautions, where the work meets them. */
final class SafetyNotes implements Rule
{
    public const HOT_C = 60.0;

    private const BOILS_C = 100.0;

    public function examine(Assessment $assessment): iterable
    {
        yield from self::note(
            $assessment,
            'safety.dust',
            Severity::Note,
            static fn (Material $ingredient): bool => $ingredient->hasCaution(Caution::DustMask),
        );
        yield from self::note(
            $assessment,
            'safety.caustic',
            Severity::Mind,
            static fn (Material $ingredient): bool => $ingredient->is(MaterialTrait::Caustic),
        );
        $heat = $assessment->heat->target ?? 0.0;
        if ($heat >= self::HOT_C && $assessment->emulsion->fats !== []) {
            yield new Finding('safety.hot_fat', Severity::Note);
        }
        if ($heat > self::BOILS_C) {
            yield from self::note(
                $assessment,
                'safety.wet_in_hot_oil',
                Severity::Stop,
                static fn (Material $ingredient): bool => $ingredient->kind === Kind::FreshBotanical,
                'formula',
            );
        }
    }

    /**
     * @param  callable(Material): bool  $is
     * @return iterable<Finding>
     */
    private static function note(
        Assessment $assessment,
        string $code,
        Severity $severity,
        callable $is,
        string $variant = 'usual',
    ): iterable {
        $lines = $assessment->composition->linesOrExtractsWith($is);
        if ($lines !== []) {
            yield new Finding($code, $severity, array_map(
                static fn (WeighedLine $line): int => $line->position,
                $lines,
            ), [
                'ingredients' => Term::ingredients(array_map(
                    static fn (WeighedLine $line): string => $line->ingredient->key ?? '',
                    $lines,
                )),
            ], variant: $variant);
        }
    }
}
