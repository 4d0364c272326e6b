<?php

declare(strict_types=1);

namespace Ilvane\Core\Reading;

use Ilvane\Core\Material\Phase;
use Ilvane\Core\Process\Blending;
use Ilvane\Core\Process\Cooling;
use Ilvane\Core\Process\PourOrder;
use Ilvane\Core\Process\Step;
use Ilvane\Core\Process\StepDetails;
use Ilvane\Core\Process\StepKind;

/**
 * What a note says of the making, in its own order: one step a clause whose verb is plain. A clause that isn't is left
 * out, and what is left out is done as usual (Making\AsNoted).
 */
final class NotedSteps
{
    /** Words of a clause by what they mean, the narrower first. English and French. */
    private const SAYS = [
        'unmould' => '\b(?:un-?mou?ld|pop (?:them|it)? ?out|turn (?:them|it) out|démoul\w+)',
        'mould' => '\b(?:pour|spoon|press|vers\w+|coul\w+)\b.*\b(?:mou?lds?|trays?|cubes?|moules?|bacs?|glaçons)\b',
        'fill' => '\b(?:pour|spoon|fill|transfer|decant|bottle|jar|vers\w+|rempli\w+|mett\w+|transvas\w+)\b.*'
            .'\b(?:jars?|bottles?|pots?|tins?|tubs?|containers?|flacons?|bocal|bocaux|boîtes?|contenants?)\b',
        'test_ph' => '\b(?:test|check|measure|mesur\w+|contrôl\w+|vérifi\w+)\b.*\bpH\b'
            .'|\bpH\b.*\b(?:strips?|meter|bandelette)',
        'freeze' => '\b(?:freeze|congel\w+|congél\w+)\b',
        'chill' => '\b(?:chill|refrigerat\w+|fridge|freezer|réfrigér\w+|frigo|réfrigérateur|congélateur)\b',
        'whip' => '\b(?:whip|re-?whip|beat|fouett\w+)\b',
        'shake' => '\b(?:shake|secou\w+)\b',
        'blend' => '\b(?:blend|stick[- ]?blend\w*|immersion blend\w*|emulsif\w+|whisk|mixe[rz]?|émulsionn\w+)\b',
        'combine' => '\b(?:combine|pour|verse[rz]?|incorpore[rz]?)\b.*\b(?:into|in|to|over|onto|dans|sur|à)\b.*'
            .'\b(?:oils?|fats?|water|aqueous|phases?|huiles?|gras(?:se)?|eau|aqueuse)\b',
        'hold' => '\b(?:hold|keep (?:it |them |both )?(?:at|there)|maint\w+)\b',
        'heat' => '\b(?:melt|heat|warm|fondre|fais fondre|faites fondre|chauffe[rz]?|tiédir)\b',
        'cool' => '\b(?:cool|cools|cooled|refroidi\w*|tiédi)\b',
        'rest' => '\b(?:rest|stand|sit|leave|swell|hydrate|repose[rz]?|reposer|laisse[rz]?|gonfler)\b',
    ];

    private const BETWEEN = '/[.;:!\n]+(?!\d)|,(?!\d)|\b(?:then|and|puis|ensuite|et)\b/iu';

    private const NOT = '/\b(?:not|never|don[’\']t|without|no need|ne|sans|jamais|pas)\b/iu';

    private const CELSIUS = '/(\d{1,3})\s*(?:°|º|deg(?:rees)?)?\s*C\b/u';

    private const LASTING =
        '/(\d+(?:[.,]\d+)?)\s*(?:(?:-|–|to|à|ou|or)\s*\d+(?:[.,]\d+)?\s*)?(s|secs?|seconds?|secondes?|min|mins|minutes?'
        .'|h|hours?|hrs?|heures?)\b/iu';

    /** Times without a figure, minutes. */
    private const SAID = [
        'half an hour|une demi-heure' => 30.0,
        'an hour and a half|une heure et demie' => 90.0,
        'an hour|one hour|une heure' => 60.0,
        'a minute|one minute|une minute' => 1.0,
        'overnight|toute la nuit|une nuit' => 600.0,
    ];

    private const COLD_WITHIN_C = [-40, 120];

    private const NOTE_LETTERS = 500;

    /**
     * @param  list<string>  $sentences  of the note that tell steps, in their order
     * @return list<Step>
     */
    public static function in(array $sentences): array
    {
        $steps = [];
        foreach ($sentences as $sentence) {
            foreach (self::clauses($sentence) as $clause) {
                $step = self::step($clause, $sentence);
                if ($step !== null) {
                    $steps[] = $step;
                }
            }
        }

        return $steps;
    }

    /** @return list<string> each with a verb of its own; what has none belongs to the one before */
    private static function clauses(string $sentence): array
    {
        $clauses = [];
        foreach (preg_split(self::BETWEEN, $sentence) ?: [] as $one) {
            if (self::kind($one) !== null || $clauses === []) {
                $clauses[] = $one;
            } else {
                $clauses[count($clauses) - 1] .= " $one";
            }
        }

        return $clauses;
    }

    private static function kind(string $clause): ?StepKind
    {
        foreach (self::SAYS as $do => $words) {
            if (preg_match("/$words/iu", $clause) === 1) {
                return StepKind::from($do);
            }
        }

        return null;
    }

    private static function step(string $clause, string $sentence): ?Step
    {
        $kind = self::kind($clause);
        if ($kind === null || preg_match(self::NOT, $clause) === 1) {
            return null;
        }
        $note = preg_replace(['/\s+/u', '/[\s,;]+(?:and|then|et|puis)?\s*$/iu'], [' ', ''], $sentence);

        return self::told($kind, $clause, mb_substr(trim((string) $note), 0, self::NOTE_LETTERS));
    }

    private static function told(StepKind $kind, string $clause, string $note): ?Step
    {
        $celsius = self::celsius($clause);
        $seconds = self::seconds($clause);

        return match ($kind) {
            StepKind::Heat => new Step($kind, phases: self::phases($clause), celsius: $celsius, note: $note),
            StepKind::Cool => new Step(StepKind::Gate, celsius: $celsius, how: self::cold($clause), note: $note),
            StepKind::Chill => new Step(
                $kind,
                seconds: $seconds,
                how: self::cold($clause) ?? Cooling::Fridge,
                note: $note,
            ),
            StepKind::Blend => new Step(
                $kind,
                blending: $seconds === null ? null : new Blending($seconds),
                note: $note,
            ),
            StepKind::Combine => new Step($kind, note: $note, details: new StepDetails(pour: self::pour($clause))),
            // nothing is left to stand without a time: "leave it in" is no step
            StepKind::Rest => $seconds === null ? null : new Step($kind, seconds: $seconds, note: $note),
            default => new Step($kind, seconds: $seconds, note: $note),
        };
    }

    /** @return list<Phase> none named: all there are */
    private static function phases(string $clause): array
    {
        $isWater = preg_match('/\b(?:water|aqueous|eau|aqueuse)\b/iu', $clause) === 1
            && preg_match('/\b(?:bath|bain|double boiler)\b/iu', $clause) !== 1;
        $fats = '/\b(?:oils?|fats?|butters?|wax(?:es)?|huiles?|gras(?:se)?|beurres?|cires?)\b/iu';
        $isOil = preg_match($fats, $clause) === 1;

        return match (true) {
            $isWater === $isOil => [],
            $isWater => [Phase::Water],
            default => [Phase::Oil],
        };
    }

    private static function pour(string $clause): ?PourOrder
    {
        $water = '(?:water|aqueous|eau|aqueuse)';
        $oil = '(?:oils?|fats?|huiles?|gras(?:se)?)';
        $into = '\b.*\b(?:into|in|to|over|onto|dans|sur|à)\b.*\b';

        return match (true) {
            preg_match("/\\b$water$into$oil\\b/iu", $clause) === 1 => PourOrder::WaterIntoOil,
            preg_match("/\\b$oil$into$water\\b/iu", $clause) === 1 => PourOrder::OilIntoWater,
            default => null,
        };
    }

    private static function cold(string $clause): ?Cooling
    {
        return match (true) {
            preg_match('/\b(?:freezer|congélateur)\b/iu', $clause) === 1 => Cooling::Freezer,
            preg_match('/\b(?:fridge|refrigerat\w+|frigo|réfrigér\w+)\b/iu', $clause) === 1 => Cooling::Fridge,
            preg_match('/\b(?:ice|glace|glaçons|snow|neige)\b/iu', $clause) === 1 => Cooling::IceBath,
            preg_match('/\b(?:cold (?:water|bath)|bain froid|eau froide)\b/iu', $clause) === 1 => Cooling::ColdBath,
            default => null,
        };
    }

    private static function celsius(string $clause): ?float
    {
        $isTold = preg_match(self::CELSIUS, $clause, $found) === 1;
        $celsius = $isTold ? (float) $found[1] : null;

        return $celsius !== null && $celsius >= self::COLD_WITHIN_C[0] && $celsius <= self::COLD_WITHIN_C[1]
            ? $celsius
            : null;
    }

    private static function seconds(string $clause): ?float
    {
        foreach (self::SAID as $words => $minutes) {
            if (preg_match("/\\b(?:$words)\\b/iu", $clause) === 1) {
                return 60 * $minutes;
            }
        }
        if (preg_match(self::LASTING, $clause, $found) !== 1) {
            return null;
        }

        return (float) str_replace(',', '.', $found[1]) * match (mb_strtolower($found[2])[0]) {
            's' => 1.0,
            'm' => 60.0,
            default => 3600.0,
        };
    }
}
