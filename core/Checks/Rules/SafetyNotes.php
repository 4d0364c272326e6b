<?php

declare(strict_types=1);

namespace Ilvane\Core\Checks\Rules;

use Ilvane\Core\Catalogue\Caution;
use Ilvane\Core\Catalogue\Ingredient;
use Ilvane\Core\Catalogue\Kind;
use Ilvane\Core\Catalogue\MaterialTrait;
use Ilvane\Core\Checks\Assessment;
use Ilvane\Core\Checks\Check;
use Ilvane\Core\Checks\Finding;
use Ilvane\Core\Checks\Severity;
use Ilvane\Core\Checks\Term;
use Ilvane\Core\Formula\WeighedLine;

/** Dust, lye, hot fat, wet plants in hot oil: the usual cautions, where the work meets them. */
final class SafetyNotes implements Check
{
    public const HOT_C = 60.0;

    private const BOILS_C = 100.0;

    public function examine(Assessment $assessment): iterable
    {
        yield from self::note($assessment, 'safety.dust', Severity::Note, static fn (Ingredient $ingredient): bool => $ingredient->hasCaution(Caution::DustMask));
        yield from self::note($assessment, 'safety.caustic', Severity::Mind, static fn (Ingredient $ingredient): bool => $ingredient->is(MaterialTrait::Caustic));
        $heat = $assessment->heat->target ?? 0.0;
        if ($heat >= self::HOT_C && $assessment->emulsion->fats !== []) {
            yield new Finding('safety.hot_fat', Severity::Note);
        }
        if ($heat > self::BOILS_C) {
            yield from self::note($assessment, 'safety.wet_in_hot_oil', Severity::Stop, static fn (Ingredient $ingredient): bool => $ingredient->kind === Kind::FreshBotanical, 'formula');
        }
    }

    /**
     * @param  callable(Ingredient): bool  $is
     * @return iterable<Finding>
     */
    private static function note(Assessment $assessment, string $code, Severity $severity, callable $is, string $variant = 'usual'): iterable
    {
        $lines = $assessment->composition->linesWith($is);
        if ($lines !== []) {
            yield new Finding($code, $severity, array_map(static fn (WeighedLine $line): int => $line->position, $lines), [
                'ingredients' => Term::ingredients(array_map(static fn (WeighedLine $line): string => $line->ingredient->key ?? '', $lines)),
            ], variant: $variant);
        }
    }
}
