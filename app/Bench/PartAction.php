<?php

declare(strict_types=1);

namespace App\Bench;

use App\Formulas\Draft;
use App\Formulas\DraftLines;
use App\Formulas\DraftParts;
use App\Formulas\DraftReader;
use App\Ground\Drafts\ActionRefused;
use App\Ground\Wording;
use Ilvane\Core\Evaluation\Evaluator;
use Ilvane\Core\Formula\FormulaDocument;
use Ilvane\Core\Formula\PartDocument;
use Ilvane\Core\Formula\PartKind;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Material\Phase;
use Ilvane\Core\Measure\Amount;
use Ilvane\Core\Measure\AmountKind;

/**
 * What is made first, on the bench: part:add:MAKES, part:of:LINE=MAKES (a line is made, no longer bought),
 * part:line:PART (bought, no longer made), part:use:PART, part:remove:PART, part:strained (the old lane of what is
 * strained out).
 *
 * @phpstan-import-type DraftLine from DraftLines
 */
final readonly class PartAction
{
    /** What plants in water stand in. */
    private const WATER = 'water';

    public function __construct(
        private Catalogue $catalogue,
        private Wording $wording,
        private Evaluator $evaluator,
        private DraftReader $draftReader,
    ) {
    }

    /**
     * @param  string  $what  "add:tea"
     *
     * @throws ActionRefused
     */
    public function apply(Draft $draft, string $what): Draft
    {
        [$verb, $which] = [...explode(':', $what, 2), ''];

        return match ($verb) {
            'add' => $this->added($draft, PartKind::tryFrom($which) ?? throw ActionRefused::offerIsGone()),
            'of' => $this->madeOf($draft, ...[...explode('=', $which, 2), '']),
            'line' => $this->bought($draft, self::partOf($draft, $which)),
            'use' => self::used($draft, self::partOf($draft, $which)),
            'remove' => self::removed($draft, self::partOf($draft, $which)),
            'strained' => $this->strainedOut($draft),
            default => throw ActionRefused::offerIsGone(),
        };
    }

    /** A new part, the line of the product that takes of it, and the liquid its kind is drawn with. */
    private function added(Draft $draft, PartKind $makes): Draft
    {
        $part = $this->another($draft, $makes, say("parts.makes.$makes->value"));

        return $draft->chained(
            [...$draft->parts(), $part],
            [
                ...$draft->allLines(),
                self::taking($part, $this->isOily($makes) ? Phase::Oil : Phase::Water, ''),
                DraftLines::blank('', $part['key']),
            ],
        );
    }

    /**
     * "Brew a tea of it": the line goes into a part, and one that takes of the part stands in its place.
     *
     * @throws ActionRefused
     */
    private function madeOf(Draft $draft, string $key, string $makes): Draft
    {
        $kind = PartKind::tryFrom($makes) ?? throw ActionRefused::offerIsGone();
        $lines = $draft->allLines();
        $at = array_search($key, array_column($lines, 'key'), true);
        if ($at === false || isset($lines[$at]['rest']['part'])) {
            throw ActionRefused::lineIsGone();
        }
        $line = $lines[$at];
        $name = $line['ingredient'] !== '' ? $this->wording->ingredient($line['ingredient']) : $line['name'];
        $part = $this->another($draft, $kind, say('parts.of', [
            'what' => $name,
            'makes' => say("parts.makes.$kind->value"),
        ]));
        $phase = $this->isOily($kind) ? Phase::Oil : Phase::Water;
        $lines[$at] = [...self::taking($part, $phase, ''), 'in' => $line['in']];
        $lines[] = [...$line, 'phase' => '', 'in' => $part['key']];
        if (! in_array($kind, [PartKind::Juice, PartKind::Puree, PartKind::MeltedBase, PartKind::Mix], true)) {
            $lines[] = [ // which oil is the maker's choice
                ...DraftLines::blank('', $part['key']),
                'ingredient' => $phase === Phase::Oil ? '' : $this->catalogue->named(self::WATER)->key ?? '',
            ];
        }

        return $draft->chained([...$draft->parts(), $part], $lines);
    }

    /** @param  array{key: string, name: string}  $part */
    private function bought(Draft $draft, array $part): Draft
    {
        $known = $this->catalogue->named($part['name'])->key ?? '';
        $lines = [];
        foreach ($draft->allLines() as $line) {
            if (($line['rest']['part'] ?? null) === $part['key']) {
                $line = [
                    ...$line,
                    'ingredient' => $known,
                    'name' => $part['name'],
                    'rest' => array_diff_key($line['rest'], ['part' => true]),
                ];
            }
            if ($line['in'] !== $part['key']) {
                $lines[] = $line;
            }
        }

        return $draft->chained(self::without($draft, $part), $lines);
    }

    /** @param  array{key: string, name: string}  $part */
    private static function used(Draft $draft, array $part): Draft
    {
        if ($draft->isFull()) {
            throw ActionRefused::isFull(FormulaDocument::MAX_LINES);
        }

        return $draft->chained($draft->parts(), [
            ...$draft->allLines(),
            self::taking($part, Phase::Water, ''),
        ]);
    }

    /** @param  array{key: string, name: string}  $part */
    private static function removed(Draft $draft, array $part): Draft
    {
        return $draft->chained(self::without($draft, $part), array_values(array_filter(
            $draft->allLines(),
            static fn (array $line): bool => $line['in'] !== $part['key']
                && ($line['rest']['part'] ?? null) !== $part['key'],
        )));
    }

    /**
     * What stood in the lane of plants that are strained out becomes a part with what carried it: the liquids of the
     * lane, else the oils of a formula of fats, else its waters. A line that takes all of it stands in their place.
     *
     * @throws ActionRefused
     */
    private function strainedOut(Draft $draft): Draft
    {
        $carrying = ($draft->family()->isFatOnly() ? Phase::Oil : Phase::Water)->value;
        $old = $draft->lines();
        $isOld = static fn (array $line): bool => $line['phase'] === Phase::Infusion->value;
        $isCarrier = static fn (array $line): bool => $line['phase'] === $carrying && ! isset($line['rest']['part']);
        $moved = array_filter($old, $isOld);
        if ($moved === []) {
            throw ActionRefused::lineIsGone();
        }
        $liquids = array_filter($moved, $this->isLiquid(...));
        $carriers = $liquids !== [] ? $liquids : array_filter($old, $isCarrier);
        $first = array_values($carriers)[0]['ingredient'] ?? '';
        $isOily = $first === '' ? $draft->family()->isFatOnly() : $this->catalogue->get($first)->kind->isLipid();
        $makes = $isOily ? PartKind::InfusedOil : PartKind::Tea;
        $part = $this->another($draft, $makes, say("parts.makes.$makes->value"));
        $grams = $this->grams($draft);
        $lines = $draft->allLines();
        foreach ($lines as $at => $line) {
            if (isset(array_column($moved + $carriers, 'amount', 'key')[$line['key']])) {
                $lines[$at] = [...$line, 'in' => $part['key'], 'phase' => '', 'amount' => $grams[$line['key']]];
            }
        }
        $taking = self::taking($part, $isOily ? Phase::Oil : Phase::Water, '');
        $next = $draft->chained([...$draft->parts(), $part], [...$lines, $taking]);
        $gives = $this->evaluator->weigh($this->draftReader->read($next)[0])->part($part['key'])?->gives;

        return $gives === null
            ? $next
            : $next->withAmount($taking['key'], Amount::plain(round($gives->likely, 1)).' g');
    }

    /** @param  DraftLine  $line */
    private function isLiquid(array $line): bool
    {
        $kind = $this->catalogue->has($line['ingredient']) ? $this->catalogue->get($line['ingredient'])->kind : null;

        return $kind !== null && ! $kind->isPlant() && ($kind->isLipid() || $kind->isWatery());
    }

    /**
     * Amounts that say the same outside the formula: a share of it is so many grams.
     *
     * @return array<string, string> by key of the line
     */
    private function grams(Draft $draft): array
    {
        $composition = $this->evaluator->weigh($this->draftReader->read($draft)[0]);
        $amounts = [];
        foreach ($draft->lines() as $i => $line) {
            $weighed = $composition->lines[$i];
            $isShare = in_array($weighed->amount?->kind, [AmountKind::Percent, AmountKind::Rest], true);
            $amounts[$line['key']] = $isShare && $weighed->grams !== null
                ? Amount::plain(round($weighed->grams->likely, 2)).' g'
                : $line['amount'];
        }

        return $amounts;
    }

    /**
     * @return array{key: string, name: string, makes: string, gives: string, rest: array<string, mixed>}
     *
     * @throws ActionRefused
     */
    private function another(Draft $draft, PartKind $makes, string $name): array
    {
        if (DraftParts::isFull($draft->parts())) {
            throw ActionRefused::isFull(PartDocument::MAX_PARTS);
        }
        if ($draft->isFull()) {
            throw ActionRefused::isFull(FormulaDocument::MAX_LINES);
        }

        return DraftParts::another($draft->parts(), $makes, $name);
    }

    private function isOily(PartKind $makes): bool
    {
        return $this->catalogue->partDefaults($makes->value)->isOily ?? $makes === PartKind::MeltedBase;
    }

    /**
     * @param  array{key: string, name: string}  $part
     * @return DraftLine
     */
    private static function taking(array $part, Phase $phase, string $amount): array
    {
        return [
            ...DraftLines::blank($phase->value),
            'name' => $part['name'],
            'amount' => $amount,
            'rest' => ['part' => $part['key']],
        ];
    }

    /**
     * @param  array{key: string, name: string}  $part
     * @return list<array{key: string, name: string, makes: string, gives: string, rest: array<string, mixed>}>
     */
    private static function without(Draft $draft, array $part): array
    {
        return array_values(array_filter(
            $draft->parts(),
            static fn (array $one): bool => $one['key'] !== $part['key'],
        ));
    }

    /**
     * @return array{key: string, name: string}
     *
     * @throws ActionRefused
     */
    private static function partOf(Draft $draft, string $key): array
    {
        return array_column($draft->parts(), null, 'key')[$key] ?? throw ActionRefused::lineIsGone();
    }
}
