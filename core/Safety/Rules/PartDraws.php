<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety\Rules;

use Ilvane\Core\Formula\PartKind;
use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Formula\WeighedPart;
use Ilvane\Core\Safety\Assessment;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Rule;
use Ilvane\Core\Safety\Severity;
use Ilvane\Core\Safety\Term;

/** A plant with no liquid to draw it, oil in a tea that is strained, water in an oil. */
final class PartDraws implements Rule
{
    /** Press or blend their own liquid out of the plant, or are stirred as they are. */
    private const OF_THEMSELVES = [PartKind::Juice, PartKind::Puree, PartKind::MeltedBase, PartKind::Mix];

    public function examine(Assessment $assessment): iterable
    {
        $composition = $assessment->composition;
        foreach ($composition->parts as $part) {
            $isOily = $assessment->catalogue->partDefaults($part->part->makes->value)->isOily;
            if ($part->isOfOldLines() || in_array($part->part->makes, self::OF_THEMSELVES, true) || $isOily === null) {
                continue;
            }
            $plants = $right = $wrong = [];
            foreach ($part->lines as $line) {
                match (true) {
                    $line->ingredient?->kind->isPlant() ?? false => $plants[] = $line,
                    $this->isOily($line, $composition->parts) === $isOily => $right[] = $line,
                    $this->isOily($line, $composition->parts) !== null => $wrong[] = $line,
                    default => null,
                };
            }
            $positions = $composition->positionsOf($composition->takersOf($part->part->key));
            if ($plants !== [] && $right === [] && self::isRead($part) && ! self::givesItself($plants, $assessment)) {
                yield new Finding('part.nothing_draws', Severity::Stop, $positions, [
                    'part' => Term::text($part->part->name),
                    'ingredients' => self::named($plants),
                ], variant: $isOily ? 'oil' : 'usual', keys: [$plants[0]->key()]);
            }
            if ($wrong !== [] && ($part->isStrained || $isOily) && ! $part->part->isCookedOut()) {
                yield new Finding('part.wrong_liquid', Severity::Stop, $positions, [
                    'part' => Term::text($part->part->name),
                    'ingredients' => self::named($wrong),
                ], variant: $isOily ? 'oil' : 'usual', keys: [$wrong[0]->key()]);
            }
        }
    }

    /**
     * Whether it is a liquid of oil or of water; null for what is neither, or not known.
     *
     * @param  list<WeighedPart>  $parts
     */
    private function isOily(WeighedLine $line, array $parts): ?bool
    {
        foreach ($parts as $part) {
            if ($line->line->part !== null && $part->part->key === $line->line->part) {
                return $part->isOily();
            }
        }
        $kind = $line->ingredient?->kind;

        return match (true) {
            $kind === null => null,
            $kind->isLipid() => true,
            $kind->isWatery() => false,
            default => null,
        };
    }

    /**
     * Aloe gives its gel, ginger its juice, without water.
     *
     * @param  list<WeighedLine>  $plants
     */
    private static function givesItself(array $plants, Assessment $assessment): bool
    {
        foreach ($plants as $line) {
            foreach ($assessment->catalogue->preparations() as $method) {
                if ($method->ratio === null && in_array($line->ingredient?->key, $method->plants, true)) {
                    return true;
                }
            }
        }

        return false;
    }

    /** Every line says what it is: what nobody could read may be the liquid. */
    private static function isRead(WeighedPart $part): bool
    {
        return array_filter(
            $part->lines,
            static fn (WeighedLine $line): bool => $line->ingredient === null && $line->line->part === null,
        ) === [];
    }

    /** @param  non-empty-list<WeighedLine>  $lines */
    private static function named(array $lines): Term
    {
        return Term::ingredients(array_values(array_filter(array_map(
            static fn (WeighedLine $line): ?string => $line->ingredient?->key,
            $lines,
        ))));
    }
}
