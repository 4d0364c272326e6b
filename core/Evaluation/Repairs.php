<?php

declare(strict_types=1);

namespace Ilvane\Core\Evaluation;

use DateTimeImmutable;
use Ilvane\Core\Exchange\DocumentRefused;
use Ilvane\Core\Formula\Family;
use Ilvane\Core\Formula\FormulaDocument;
use Ilvane\Core\Formula\Patch;
use Ilvane\Core\Formula\PatchRefused;
use Ilvane\Core\Formula\Regime;
use Ilvane\Core\Formula\Storage;
use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Material\Kind;
use Ilvane\Core\Material\Material;
use Ilvane\Core\Material\Phase;
use Ilvane\Core\Measure\AmountKind;
use Ilvane\Core\Safety\Evaluation;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Fix;
use Ilvane\Core\Safety\Severity;

/**
 * Whole versions of a formula with stops that nothing stands against: put right as it is, with its wet plants dried, as
 * an emulsion, without water, fresh for a few days. Each begins with what makes it that, then takes the offers that end
 * most until no stop is left; one that doesn't get there is not shown.
 */
final readonly class Repairs
{
    /** Offers taken one after another, at most. */
    private const MOST_STEPS = 10;

    /** Offers tried at each step. */
    private const MOST_TRIED = 24;

    /** Of a formula whose fats are less than this part of it nothing is left without its water. */
    private const LEAST_FAT = 0.10;

    /** From this part of solid fats on it is a butter. */
    private const BUTTER = 0.30;

    /** What is this part of it is what it is made of. */
    private const LARGE = 0.05;

    private TriedFixes $offers;

    public function __construct(private Evaluator $evaluator)
    {
        $this->offers = new TriedFixes($evaluator);
    }

    /** @return list<Repair> none where nothing stands against the formula, or nobody knows what is in it */
    public function of(Evaluation $evaluation, ?DateTimeImmutable $madeOn = null): array
    {
        if ($evaluation->stops() === [] || $evaluation->unknowns() !== []) {
            return [];
        }
        $repairs = $seen = [];
        foreach ([
            'same' => FormulaDocument::write($evaluation->assessment->formula),
            'dried' => $this->dried($evaluation),
            'emulsion' => self::emulsion($evaluation),
            'anhydrous' => self::anhydrous($evaluation),
            'fresh' => self::fresh($evaluation),
        ] as $kind => $document) {
            $after = $document === null ? null : $this->repaired($document, $madeOn);
            $made = $after === null ? '' : serialize(self::shares($after));
            if ($after !== null && ! isset($seen[$made]) && self::isWhatItSays($kind, $evaluation, $after)) {
                $repairs[] = new Repair($kind, $after);
                $seen[$made] = true;
            }
        }

        return $repairs;
    }

    /** @param  array<string, mixed>  $document */
    private function repaired(array $document, ?DateTimeImmutable $madeOn): ?Evaluation
    {
        try {
            $formula = FormulaDocument::read($document);
            for ($step = 0; $step < self::MOST_STEPS; $step++) {
                $evaluation = $this->evaluator->evaluate($formula, madeOn: $madeOn);
                $fix = $this->best($this->offers->of($evaluation, $madeOn, self::MOST_TRIED));
                if ($fix === null) {
                    break;
                }
                $formula = FormulaDocument::read(Patch::apply(FormulaDocument::write($formula), $fix->patch));
            }
            $after = $this->evaluator->evaluate($formula, madeOn: $madeOn);
        } catch (DocumentRefused|PatchRefused) {
            return null;
        }

        return $after->stops() === [] && $after->unknowns() === [] ? $after : null;
    }

    /** What leaves least against it: stops first, then checks; of several what changes least. */
    private function best(Evaluation $evaluation): ?Fix
    {
        $fixes = array_merge(...array_map(
            static fn (Finding $finding): array => $finding->severity === Severity::Note ? [] : $finding->fixes,
            $evaluation->findings,
        ));
        usort($fixes, static fn (Fix $one, Fix $two): int => [
            $one->after?->stops, $one->after?->checks, count($one->patch),
        ] <=> [$two->after?->stops, $two->after?->checks, count($two->patch)]);

        return $fixes[0] ?? null;
    }

    /** @return array<string, mixed>|null null where there is no water, or nothing to hold in it */
    private static function emulsion(Evaluation $evaluation): ?array
    {
        $composition = $evaluation->assessment->composition;
        $formula = $evaluation->assessment->formula;
        if ($composition->waterShare() <= 0.0 || $composition->fatShare() < 0.02
            || $formula->family === Family::LeaveInEmulsion) {
            return null;
        }

        return [
            ...FormulaDocument::write($formula),
            'family' => Family::LeaveInEmulsion->value,
            'keeping' => ['intended' => Regime::Preserved->value, 'storage' => Storage::Room->value],
        ];
    }

    /** @return array<string, mixed>|null null where hardly anything would be left */
    private static function anhydrous(Evaluation $evaluation): ?array
    {
        $composition = $evaluation->assessment->composition;
        if ($composition->waterShare() <= 0.0 || $composition->fatShare() < self::LEAST_FAT) {
            return null;
        }
        $document = FormulaDocument::write($evaluation->assessment->formula);
        $kept = array_filter($composition->lines, self::staysWithoutWater(...));
        $lines = is_array($document['lines'] ?? null) ? $document['lines'] : [];
        $document['lines'] = self::filledUp($kept, $lines);
        $solid = array_sum(array_map(
            static fn (WeighedLine $line): float => in_array(
                $line->ingredient?->kind,
                [Kind::Butter, Kind::WaxOrFattyAlcohol],
                true,
            ) ? $line->part() : 0.0,
            $kept,
        ));
        $document['family'] = ($solid >= self::BUTTER * $composition->fatShare()
            ? Family::WhippedButter
            : Family::HairOil)->value;

        return $kept === [] ? null : array_diff_key($document, [
            'parts' => true, 'ph' => true, 'keeping' => true, 'batch' => true, 'process' => true,
            'packaging' => true, 'stated_yield_g' => true,
        ]);
    }

    /** Fats, what dissolves in them, and plants that are strained out of them dry. */
    private static function staysWithoutWater(WeighedLine $line): bool
    {
        $kind = $line->ingredient?->kind;

        return match (true) {
            $kind === null, $line->line->part !== null, $line->line->formula !== null => false,
            in_array($kind, [Kind::Preservative, Kind::Emulsifier, Kind::Surfactant], true) => false,
            $kind->isLipid(), $kind === Kind::Antioxidant, $kind->isScent() => true,
            default => $kind === Kind::DriedBotanical && $line->phase === Phase::Infusion,
        };
    }

    /**
     * Shares of what is left, made to a whole again; weights stay.
     *
     * @param  array<WeighedLine>  $kept
     * @param  array<mixed>  $lines
     * @return list<mixed>
     */
    private static function filledUp(array $kept, array $lines): array
    {
        $percent = array_sum(array_map(static fn (WeighedLine $line): float => self::isShare($line)
            ? 100 * $line->part()
            : 0.0, $kept));
        $written = [];
        foreach ($kept as $line) {
            $was = is_array($lines[$line->position - 1] ?? null) ? $lines[$line->position - 1] : [];
            $written[] = self::isShare($line) && $percent > 0
                ? [...$was, 'amount' => round(100 * 100 * $line->part() / $percent, 2).' %']
                : $was;
        }

        return $written;
    }

    private static function isShare(WeighedLine $line): bool
    {
        return in_array($line->amount?->kind, [AmountKind::Percent, AmountKind::Rest], true);
    }

    /** @return array<string, mixed>|null null where there is no water to turn */
    private static function fresh(Evaluation $evaluation): ?array
    {
        $composition = $evaluation->assessment->composition;
        if ($composition->waterShare() <= 0.0) {
            return null;
        }
        $document = FormulaDocument::write($evaluation->assessment->formula);
        $lines = is_array($document['lines'] ?? null) ? $document['lines'] : [];
        $document['lines'] = array_values(array_filter(
            $lines,
            static fn (int $at): bool => ($composition->lines[$at] ?? null)?->ingredient?->kind !== Kind::Preservative,
            ARRAY_FILTER_USE_KEY,
        ));

        return [
            ...$document,
            'keeping' => ['intended' => Regime::Fresh->value, 'storage' => Storage::Fridge->value],
        ];
    }

    /**
     * Its wet plants as dried ones, as much dry matter: drawn in oil instead of left wet in it.
     *
     * @return array<string, mixed>|null null where there are none, or one has no dried counterpart
     */
    private function dried(Evaluation $evaluation): ?array
    {
        $document = FormulaDocument::write($evaluation->assessment->formula);
        $lines = is_array($document['lines'] ?? null) ? $document['lines'] : [];
        $isDried = false;
        foreach ($evaluation->assessment->composition->lines as $i => $line) {
            if ($line->ingredient?->kind !== Kind::FreshBotanical || $line->grams === null) {
                continue;
            }
            $dry = $this->dryOf($line->ingredient, $evaluation);
            if ($dry === null || ! is_array($lines[$i] ?? null)) {
                return null;
            }
            $part = (1 - ($line->ingredient->waterFraction ?? 0.8)) / (1 - ($dry->waterFraction ?? 0.1));
            $lines[$i] = [
                'ingredient' => $dry->key,
                'amount' => round($line->weighs() * $part, 1).' g',
                'phase' => Phase::Infusion->value,
            ];
            $isDried = true;
        }

        return $isDried ? [...$document, 'lines' => $lines] : null;
    }

    private function dryOf(Material $fresh, Evaluation $evaluation): ?Material
    {
        foreach ($evaluation->assessment->catalogue->all() as $material) {
            if ($material->kind === Kind::DriedBotanical && $material->inciOfExtract() === $fresh->inciOfExtract()) {
                return $material;
            }
        }

        return null;
    }

    /** "As it is" keeps what it is made of; without water there is none; fresh is what turns. */
    private static function isWhatItSays(string $kind, Evaluation $before, Evaluation $after): bool
    {
        $regime = $after->assessment->preservation->regime;
        $lost = array_filter(
            $before->assessment->composition->opened(),
            static fn (WeighedLine $line): bool => $line->part() >= self::LARGE
                && ! isset(self::shares($after)[$line->ingredient?->key]),
        );

        return match ($kind) {
            'same', 'dried' => $lost === [],
            'anhydrous' => $regime === Regime::Dry,
            'fresh' => $regime === Regime::Fresh,
            default => $regime === Regime::Preserved,
        };
    }

    /** @return array<string, float> parts of the batch by key, to a thousandth */
    private static function shares(Evaluation $evaluation): array
    {
        $shares = [];
        foreach ($evaluation->assessment->composition->opened() as $line) {
            $key = $line->ingredient->key ?? '';
            $shares[$key] = round(($shares[$key] ?? 0.0) + $line->part(), 3);
        }
        ksort($shares);

        return $shares;
    }
}
