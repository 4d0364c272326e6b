<?php

declare(strict_types=1);

namespace App\Bench;

use App\Ground\Verdict;
use App\Ground\Vessels;
use App\Ground\Wording;
use App\Pantry\AtHand;
use Ilvane\Core\Cost\Cost;
use Ilvane\Core\Formula\Composition;
use Ilvane\Core\Material\Allergen;
use Ilvane\Core\Physics\Texture\SolidFat;
use Ilvane\Core\Reformulation\Comparison;
use Ilvane\Core\Reformulation\Stock;
use Ilvane\Core\Safety\Assessment;
use Ilvane\Core\Safety\Evaluation;
use Ilvane\Core\Safety\Finding;

/**
 * Builds what SideBySide shows.
 *
 * @phpstan-import-type Side from SideBySide
 * @phpstan-import-type ShareRow from SideBySide
 * @phpstan-import-type FigureRow from SideBySide
 */
final readonly class SideBySideFactory
{
    /** Where the rule of shares begins, percent; it ends at 100. */
    private const RULE_FROM = 0.1;

    /** How high a vessel stands here, drawing units. */
    private const STANDS = 220;

    public function __construct(
        private Wording $wording,
        private Verdict $verdict,
        private Vessels $vessels,
    ) {
    }

    public function of(
        Evaluation $before,
        Evaluation $after,
        string $nameBefore,
        string $nameAfter,
        ?Stock $cupboard = null,
    ): SideBySide {
        $wording = $this->wording;
        $comparison = Comparison::of($before, $after);
        $cupboard ??= AtHand::cupboard();

        return new SideBySide(
            $this->side($before, $nameBefore, $wording, null),
            $this->side($after, $nameAfter, $wording, $before->assessment->composition),
            self::shares($comparison, $wording),
            self::figures($comparison, $wording, $cupboard),
            self::said($comparison->gone, $wording),
            self::said($comparison->new, $wording),
            $wording->percent(round($comparison->distance(), 1)),
        );
    }

    /** @return Side */
    private function side(Evaluation $evaluation, string $name, Wording $wording, ?Composition $ghost): array
    {
        $it = $evaluation->assessment;

        return [
            'name' => $name, 'verdict' => $this->verdict->of($evaluation),
            'vessel' => $this->vessels->bench($it->composition, $it->formula->family, 0, $ghost, self::STANDS),
            'total' => $it->composition->total === null ? '' : $wording->grams($it->composition->total->likely),
        ];
    }

    /** @return list<ShareRow> */
    private static function shares(Comparison $comparison, Wording $wording): array
    {
        $moved = $comparison->moved();
        $percent = static fn (?float $share): string => $share === null ? '–' : $wording->number($share, 2);
        $rows = [];
        foreach ($comparison->shares as $key => [$before, $after]) {
            $by = ($after ?? 0.0) - ($before ?? 0.0);
            $rows[] = [
                'name' => $wording->ingredient($key),
                'before' => $percent($before),
                'after' => $percent($after),
                'isMoved' => isset($moved[$key]),
                'moved' => isset($moved[$key]) ? ($by > 0 ? '+' : '−').$wording->number(abs($by), 2) : '',
                'from' => self::place($before), 'to' => self::place($after),
            ];
        }

        return $rows;
    }

    /**
     * Along a rule from 0.1 to 100 percent by its logarithm, so that a dose shows as well as a base; null where there
     * is none.
     */
    private static function place(?float $share): ?float
    {
        return $share === null || $share <= 0
            ? null
            : round(100 * max(0.0, min(1.0, log10($share / self::RULE_FROM) / 3)), 1);
    }

    /** @return list<FigureRow> */
    private static function figures(Comparison $comparison, Wording $wording, Stock $cupboard): array
    {
        $columns = array_map(
            static fn (Evaluation $evaluation): array => self::column($evaluation->assessment, $wording, $cupboard),
            [$comparison->before, $comparison->after],
        );
        $rows = [];
        foreach ($columns[0] as $label => $before) {
            $after = $columns[1][$label];
            if ($before !== '' || $after !== '') {
                $rows[] = [
                    'label' => $label,
                    'before' => $before === '' ? '–' : $before,
                    'after' => $after === '' ? '–' : $after,
                    'isMoved' => $before !== $after,
                ];
            }
        }
        foreach (['lost', 'gained'] as $way) {
            if ($comparison->$way !== []) {
                $rows[] = [
                    'label' => say("suggestions.figures.$way"),
                    'before' => '',
                    'after' => $wording->together(array_map(
                        static fn (Allergen $it): string => say("words.allergen.$it->value"),
                        $comparison->$way,
                    )),
                    'isMoved' => true,
                ];
            }
        }

        return $rows;
    }

    /** @return array<string, string> figure by its label; "" where there is nothing to say */
    private static function column(Assessment $it, Wording $wording, Stock $cupboard): array
    {
        $cost = Cost::of($it->composition, $cupboard->pricePerGram(...));
        $feels = [];
        foreach (SolidFat::ROOMS as $season => $celsius) {
            $feel = $it->formula->family->isSolid() ? $it->texture->feel($celsius) : null;
            $feels[say(
                'suggestions.figures.feel',
                ['season' => say("suggestions.seasons.$season"), 'celsius' => $wording->celsius($celsius)],
            )] = $feel === null
                ? ''
                : say("ui.bench.firm_feel.$feel").', '.$wording->percent(round($it->texture->at($celsius) ?? 0.0));
        }

        return [
            say('ui.bench.water') => $wording->percent(round(100 * $it->composition->waterShare(), 1)),
            say('ui.bench.fat') => $wording->percent(round(100 * $it->composition->fatShare(), 1)),
            say('ui.bench.emulsifier') => $it->emulsion->emulsifiers === []
                ? ''
                : $wording->percentBand($it->emulsion->emulsifierShare->times(100.0)),
            say('suggestions.figures.required') => $it->hlb->required === null || $it->emulsion->emulsifiers === []
                ? ''
                : $wording->number($it->hlb->required, 1),
            say('ui.bench.hlb') => $it->hlb->blend === null ? '' : $wording->number($it->hlb->blend, 1),
            ...$feels,
            say('suggestions.figures.slump') => ! $it->formula->family->isSolid() || $it->texture->slump() === null
                ? ''
                : $wording->celsius(round($it->texture->slump())),
            say('suggestions.figures.keeps') => $it->keeping->days === null ? '' : $wording->days($it->keeping->days),
            say('suggestions.figures.cost') => $cost->known <= 0 || $cost->per100g === null
                ? ''
                : $wording->money($cost->per100g).($cost->isKnown() ? '' : ' '.trans_choice(
                    'suggestions.unpriced',
                    count($cost->unpriced),
                )),
        ];
    }

    /**
     * @param  list<Finding>  $findings
     * @return list<array{severity: string, message: string}>
     */
    private static function said(array $findings, Wording $wording): array
    {
        return array_map(
            static fn (Finding $finding): array => [
                'severity' => $finding->severity->value,
                'message' => $wording->message($finding),
            ],
            $findings,
        );
    }
}
