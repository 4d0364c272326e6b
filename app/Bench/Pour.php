<?php

declare(strict_types=1);

namespace App\Bench;

use App\Formulas\Draft;
use App\Formulas\DraftReader;
use App\Ground\Refused;
use App\Ground\Typed;
use App\Ground\Verdict;
use App\Ground\Vessels;
use App\Ground\Wording;
use App\Instruments\Instruments;
use App\Models\Formula;
use App\Models\Lot;
use Ilvane\Core\Evaluation\Evaluator;
use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Measure\Amount;
use Ilvane\Core\Measure\Band;
use Ilvane\Core\Measure\Tools;
use Ilvane\Core\Measure\Unit;
use Ilvane\Core\Safety\Evaluation;

/**
 * Making up a formula on the scale: each reading, less what stood there before, is an amount of what was poured. What
 * comes of it is judged as it grows.
 */
final readonly class Pour
{
    /** So many names of the pantry are offered. */
    private const NAMES = 60;

    /** Less than this is no pour: half a step of the finest kitchen scale, grams. */
    private const NOTHING_G = 0.005;

    public function __construct(
        private DraftReader $drafts,
        private Evaluator $evaluator,
        private Verdict $verdict,
        private Vessels $vessels,
        private Wording $wording,
        private Instruments $instruments,
        private Tools $tools,
    ) {
    }

    public function page(Formula $formula): PourPage
    {
        $draft = Draft::fromStored($formula->draft);
        [$read] = $this->drafts->read($draft);
        $evaluation = $this->evaluator->evaluate($read);
        $composition = $evaluation->assessment->composition;

        return new PourPage(
            formula: $formula,
            verdict: $composition->isEmpty() ? '' : $this->verdict->of($evaluation),
            vessel: $this->vessels->bench($composition, $draft->family(), 0),
            stands: $this->wording->grams(self::stands($evaluation)),
            lines: array_map(fn (WeighedLine $line): array => [
                'name' => $this->name($line),
                'grams' => $line->grams === null ? '' : $this->wording->grams($line->grams->likely),
                'percent' => $line->percent() === null ? '' : $this->wording->percentBand($line->percent()),
            ], $composition->lines),
            names: $this->names(),
            hasScale: $this->instruments->arePresent(),
            nextDrop: $this->nextDrop($evaluation),
        );
    }

    /**
     * @param  string  $of  key of the material that was poured; "" where it was typed
     * @param  string  $other  its name, typed
     * @param  string  $scale  what the scale shows, typed; "" reads the instrument
     * @param  bool  $isTared  the scale was set to nought before this pour
     * @return array{Draft, string} with its line, and what was poured, worded
     *
     * @throws Refused where nothing was poured, nobody can say what, or there is no reading
     */
    public function poured(Draft $draft, string $of, string $other, string $scale, bool $isTared): array
    {
        [$read] = $this->drafts->read($draft);
        $evaluation = $this->evaluator->evaluate($read);
        $stands = $isTared ? 0.0 : self::stands($evaluation);
        $shows = trim($scale) === '' ? $this->instruments->read('scale') : Typed::number($scale);
        if ($shows === null || $shows < 0 || $shows > 100_000) {
            throw Refused::noReading('scale');
        }
        $grams = round($shows - $stands, 3);
        if ($grams < self::NOTHING_G) {
            throw Refused::nothingPoured('scale', $this->wording->grams($stands));
        }
        if ($of === '' && $other === '') {
            throw Refused::nobodySaidWhat('other');
        }
        $amount = Amount::plain($grams).' g';
        foreach ($evaluation->assessment->composition->lines as $line) {
            if ($of !== '' && $line->ingredient?->key === $of && $line->grams !== null) {
                $sum = Amount::plain(round($line->grams->likely + $grams, 3)).' g';

                return [$draft->patched([[
                    'op' => 'replace',
                    'path' => '/lines/'.($line->position - 1).'/amount',
                    'value' => $sum,
                ]]), "$amount, ".$this->name($line)];
            }
        }
        $line = $of === '' ? ['name' => $other] : ['ingredient' => $of];

        return [
            $draft->patched([['op' => 'add', 'path' => '/lines/-', 'value' => [...$line, 'amount' => $amount]]]),
            "$amount, ".($of === '' ? $other : $this->wording->ingredient($of)),
        ];
    }

    /** Grams in the bowl. */
    private static function stands(Evaluation $evaluation): float
    {
        return array_sum(array_map(
            static fn (WeighedLine $line): float => $line->weighs(),
            $evaluation->assessment->composition->lines,
        ));
    }

    private function name(WeighedLine $line): string
    {
        return $line->ingredient === null
            ? $line->line->spokenOf()
            : $this->wording->ingredient($line->ingredient->key);
    }

    /** @return array<string, string> what stands in the pantry, by key */
    private function names(): array
    {
        $names = [];
        foreach (Lot::atHand()->whereNotNull('ingredient')->orderBy('id')->limit(self::NAMES)->get() as $lot) {
            $names[(string) $lot->ingredient] = $this->wording->ingredient((string) $lot->ingredient);
        }
        asort($names);

        return $names;
    }

    /** What one more drop of scent would make of it; "" where there is none in it. */
    private function nextDrop(Evaluation $evaluation): string
    {
        $it = $evaluation->assessment;
        $line = $it->scent->lines[0] ?? null;
        $total = $it->composition->total?->likely;
        if ($line === null || $total === null || $total <= 0) {
            return '';
        }
        $drop = $line->ingredient === null
            ? null
            : $this->tools->grams(Band::exact(1.0), Unit::Drop, $line->ingredient->bulk);
        if ($drop === null) {
            return '';
        }

        return say('ui.pour.next_drop', [
            'percent' => $this->wording->percent(
                round(100 * ($it->scent->percent->likely / 100 * $total + $drop->likely) / ($total + $drop->likely), 2),
            ),
            'most' => $this->wording->percent($it->scent->plenty),
        ]);
    }
}
