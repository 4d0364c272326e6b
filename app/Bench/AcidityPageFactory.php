<?php

declare(strict_types=1);

namespace App\Bench;

use App\Drawing\Curves;
use App\Formulas\Draft;
use App\Formulas\DraftReader;
use App\Ground\TypedGrams;
use App\Ground\Wording;
use App\Models\Formula;
use Ilvane\Core\Evaluation\Evaluator;
use Ilvane\Core\Formula\Composition;
use Ilvane\Core\Measure\Band;
use Ilvane\Core\Physics\Acidity\Acidity;
use Ilvane\Core\Physics\Acidity\Sample;
use Ilvane\Core\Safety\Rules\AcidityRange;

/** Builds what AcidityPage shows. */
final readonly class AcidityPageFactory
{
    /** Of the curves. */
    private const WIDTH = 560;

    private const STRENGTH = 10.0;

    private const USUAL_BATCH_G = 100.0;

    private const PH = [1.0, 13.0];

    private const DOWN_TO = 3.5;

    /** More of a thin solution than this share of the batch thins it. Common practice. */
    private const THINS = 0.03;

    /** The strongest solution a kitchen makes, percent. */
    private const STRONG = 50.0;

    /** Half of it first, then test: so much of the whole. */
    private const FIRST = 0.5;

    public function __construct(
        private Wording $wording,
        private Evaluator $evaluator,
        private TypedGrams $typedGrams,
        private DraftReader $draftReader,
    ) {
    }

    /** @param  array<string, string>  $asked  batch, product, added, strength, wanted; empty where not said */
    public function of(Formula $formula, array $asked): AcidityPage
    {
        $wording = $this->wording;
        [$read] = $this->draftReader->read(Draft::fromStored($formula->draft));
        $it = $this->evaluator->assess($read);
        $typed = [
            ...$asked,
            'batch' => $asked['batch'] !== ''
                ? $asked['batch']
                : $wording->number($it->composition->total->likely ?? self::USUAL_BATCH_G, 1),
            'strength' => $asked['strength'] !== '' ? $asked['strength'] : $wording->number(self::STRENGTH),
            'wanted' => $asked['wanted'] !== ''
                ? $asked['wanted']
                : $wording->number($it->formula->ph ?? AcidityRange::AIM),
        ];
        [$numbers, $problems] = self::read($typed);
        $added = $this->typedGrams->read($typed['added']);
        if ($typed['added'] !== '' && $added === null) {
            $problems['added'] = say('ui.acidity.problems.added');
        }
        $scale = $it->scaleResolutionG;
        $acids = $it->preservation->acids();
        if (isset($numbers['product']) && $numbers['product'] <= $scale / 2) {
            $problems['product'] = say('ui.acidity.problems.product');
        }

        return new AcidityPage(
            $formula,
            $typed,
            $problems,
            $problems === [] && $added !== null && isset($numbers['product'], $numbers['batch'], $numbers['strength'])
                ? self::scaled(
                    Sample::scaledUp($numbers['batch'], $numbers['product'], $added, $scale),
                    $numbers,
                    $wording,
                ) : null,
            self::guess($it->composition, $numbers, $wording),
            $acids === [] ? null : Curves::acids($acids, $numbers['wanted'] ?? null, self::WIDTH),
            $wording->grams($scale),
        );
    }

    /**
     * @param  array<string, string>  $typed
     * @return array{array<string, float>, array<string, string>} what is a number within its bounds, and what is not
     */
    private static function read(array $typed): array
    {
        $numbers = $problems = [];
        foreach ([
            'batch' => [0.1, 100_000.0],
            'product' => [0.0, 1000.0],
            'strength' => [0.1, 100.0],
            'wanted' => self::PH,
        ] as $field => [$least, $most]) {
            $text = str_replace(',', '.', trim(preg_replace('/\s*(g|%)\s*$/iu', '', $typed[$field]) ?? ''));
            if ($text === '') {
                continue;
            }
            if (! is_numeric($text) || (float) $text < $least || (float) $text > $most) {
                $problems[$field] = say("ui.acidity.problems.$field");
            } else {
                $numbers[$field] = (float) $text;
            }
        }

        return [$numbers, $problems];
    }

    /**
     * @param  array<string, float>  $numbers
     * @return array{dose: string, band: string, first: string, dry: string, thins: string}
     */
    private static function scaled(Band $dose, array $numbers, Wording $wording): array
    {
        $strength = $numbers['strength'];
        $part = $dose->likely / $numbers['batch'];

        return [
            'thins' => $part <= self::THINS || $strength >= self::STRONG ? '' : say('ui.acidity.thins', [
                'percent' => $wording->percent(100 * $part),
                'strong' => $wording->percent(self::STRONG),
                'grams' => $wording->grams($dose->likely * $strength / self::STRONG),
            ]),
            'dose' => $wording->grams($dose->likely),
            'band' => $dose->relativeError() < 0.005
                ? ''
                : say('ui.band', ['low' => $wording->grams($dose->low), 'high' => $wording->grams($dose->high)]),
            'first' => $wording->grams(self::FIRST * $dose->low),
            'dry' => $wording->grams($dose->likely * $strength / 100),
        ];
    }

    /**
     * @param  array<string, float>  $numbers
     * @return array{ph: string, is_below: bool, plants: bool, grams: string, curve: Curves|null}|null
     */
    private static function guess(Composition $composition, array $numbers, Wording $wording): ?array
    {
        $acidity = Acidity::of($composition);
        if ($acidity->guess === null) {
            return null;
        }
        $wanted = $numbers['wanted'] ?? AcidityRange::AIM;
        $per = ($numbers['batch'] ?? self::USUAL_BATCH_G) / 100 / (($numbers['strength'] ?? self::STRENGTH) / 100);
        $grams = $acidity->guess <= $wanted ? null : $acidity->citricFor($wanted);
        $points = [];
        for ($ph = $acidity->guess; $ph > self::DOWN_TO; $ph -= 0.1) {
            $citric = $acidity->citricFor($ph);
            if ($citric !== null) {
                $points[] = [$citric * $per, $ph];
            }
        }

        return [
            'ph' => $wording->number($acidity->guess, 1),
            'is_below' => $acidity->guess <= $wanted,
            'plants' => $acidity->isPlantRich,
            'grams' => $grams === null ? '' : $wording->grams($grams * $per),
            'curve' => $grams === null || $points === []
                ? null
                : Curves::titration($points, [$grams * $per, round($wanted, 1)]),
        ];
    }
}
