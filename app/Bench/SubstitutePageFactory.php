<?php

declare(strict_types=1);

namespace App\Bench;

use App\Drawing\Plot;
use App\Formulas\Draft;
use App\Formulas\DraftReader;
use App\Ground\Wording;
use App\Models\Formula;
use App\Pantry\AtHand;
use Illuminate\Support\Carbon;
use Ilvane\Core\Cost\Cost;
use Ilvane\Core\Evaluation\Evaluator;
use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Material\Allergen;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Physics\Texture\SolidFat;
use Ilvane\Core\Process\Conditions;
use Ilvane\Core\Reformulation\Comparison;
use Ilvane\Core\Reformulation\Stock;
use Ilvane\Core\Reformulation\Substitutes;
use Ilvane\Core\Safety\Assessment;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Severity;

/** Builds what SubstitutePage shows. */
final readonly class SubstitutePageFactory
{
    private const SHOWN = 8;

    /** Distances up to which two things are very like, like, and somewhat like each other. */
    private const LIKENESS = ['very' => 0.6, 'quite' => 1.6, 'rather' => 3.0];

    public function __construct(
        private Evaluator $evaluator,
        private Wording $wording,
        private Catalogue $catalogue,
        private DraftReader $draftReader,
    ) {
    }

    public function of(Formula $formula, string $key): ?SubstitutePage
    {
        $draft = Draft::fromStored($formula->draft);
        $at = array_search($key, array_column($draft->lines(), 'key'), true);
        [$read] = $this->draftReader->read($draft);
        $evaluator = $this->evaluator;
        $now = Carbon::now()->toDateTimeImmutable();
        $before = $evaluator->evaluate($read, madeOn: $now);
        $line = $at === false ? null : $before->assessment->composition->lines[$at];
        if ($line?->ingredient === null) {
            return null;
        }
        $wording = $this->wording;
        $cupboard = AtHand::cupboard();
        $substitutes = new Substitutes($this->catalogue);
        $found = $substitutes->for($line, $before->assessment->composition);
        // what is at hand and still somewhat like it comes first, the most alike in front
        $isLater = static fn (array $one): bool => ! $cupboard->has($one['ingredient']->key)
            || $one['distance'] > self::LIKENESS['rather'];
        usort(
            $found,
            static fn (array $a, array $b): int => [$isLater($a), $a['distance']] <=> [$isLater($b), $b['distance']],
        );
        $plot = new Plot(132, 46, 2, 2, 4, 2, SolidFat::AT[0], SolidFat::AT[5], 100);
        $candidates = [];
        foreach (array_slice($found, 0, self::SHOWN) as ['ingredient' => $other, 'distance' => $distance]) {
            $fix = $substitutes->swap($line, $other);
            [$changed] = $this->draftReader->read($draft->patched($fix->patch));
            $after = $evaluator->evaluate($changed, madeOn: $now);
            $comparison = Comparison::of($before, $after);
            $candidates[] = [
                'key' => $other->key,
                'name' => $wording->ingredient($other->key),
                'likeness' => say('suggestions.likeness.'.self::likeness($distance)),
                'atHand' => $cupboard->has($other->key) ? $wording->grams($cupboard->gramsOf($other->key)) : '',
                'amount' => $changed->lines[(int) $at]->amount,
                'shifts' => self::shifts($comparison, $line, $wording, $cupboard),
                'findings' => array_map(
                    static fn (Finding $finding): array => [
                        'severity' => $finding->severity->value,
                        'message' => $wording->message($finding),
                    ],
                    array_values(array_filter(
                        $comparison->new,
                        static fn (Finding $finding): bool => $finding->severity !== Severity::Note,
                    )),
                ),
                'mended' => count(array_filter(
                    $comparison->gone,
                    static fn (Finding $finding): bool => $finding->severity !== Severity::Note,
                )),
                'curve' => self::curve($after->assessment, $plot),
            ];
        }

        return new SubstitutePage(
            $formula,
            $key,
            $wording->ingredient($line->ingredient->key),
            $line->percent() === null ? '' : $wording->percent($line->percent()->likely),
            $candidates,
            self::curve($before->assessment, $plot),
            $plot,
        );
    }

    private static function likeness(float $distance): string
    {
        foreach (self::LIKENESS as $word => $most) {
            if ($distance <= $most) {
                return $word;
            }
        }

        return 'little';
    }

    private static function curve(Assessment $it, Plot $plot): string
    {
        if (! $it->formula->family->isSolid() || $it->texture->curve === null) {
            return '';
        }

        return $plot->line(array_map(
            static fn (int $celsius, float $solid): array => [(float) $celsius, $solid],
            array_keys($it->texture->curve),
            $it->texture->curve,
        ));
    }

    /** @return list<array{what: string, from: string, to: string}> only what differs to the eye */
    private static function shifts(Comparison $comparison, WeighedLine $line, Wording $wording, Stock $cupboard): array
    {
        [$was, $is] = [$comparison->before->assessment, $comparison->after->assessment];
        $number = static fn (?float $value, int $digits): string => $value === null
            ? say('suggestions.not_known')
            : $wording->number($value, $digits);
        $percent = static fn (?float $value): string => $value === null
            ? say('suggestions.not_known')
            : $wording->percent(round($value));
        $money = static fn (Assessment $it): string => ($cost = Cost::of(
            $it->composition,
            $cupboard->pricePerGram(...),
        ))->isKnown()
            && $cost->per100g !== null
            ? $wording->money($cost->per100g)
            : '';
        $rows = [
            'solid' => $line->ingredient?->kind->isLipid() === true && $was->formula->family->isSolid()
                ? [$percent($was->texture->at(Conditions::ROOM_C)), $percent($is->texture->at(Conditions::ROOM_C))]
                : ['', ''],
            'need' => $was->emulsion->adequacy === null && $is->emulsion->adequacy === null
                ? ['', '']
                : [
                    $percent(100 * ($was->emulsion->adequacy->likely ?? 0.0)),
                    $percent(100 * ($is->emulsion->adequacy->likely ?? 0.0)),
                ],
            'required' => $was->emulsion->emulsifiers === []
                ? ['', '']
                : [$number($was->hlb->required, 1), $number($is->hlb->required, 1)],
            'keeps' => [
                $was->keeping->days === null ? '' : $wording->days($was->keeping->days),
                $is->keeping->days === null ? '' : $wording->days($is->keeping->days),
            ],
            'cost' => [$money($was), $money($is)],
            'lost' => [
                '',
                implode(
                    ', ',
                    array_map(static fn (Allergen $it): string => say("words.allergen.$it->value"), $comparison->lost),
                ),
            ],
            'gained' => [
                '',
                implode(
                    ', ',
                    array_map(
                        static fn (Allergen $it): string => say("words.allergen.$it->value"),
                        $comparison->gained,
                    ),
                ),
            ],
        ];
        $shifts = [];
        foreach ($rows as $what => [$from, $to]) {
            if ($from !== $to) {
                $shifts[] = ['what' => say("suggestions.shifts.$what"), 'from' => $from, 'to' => $to];
            }
        }

        return $shifts;
    }
}
