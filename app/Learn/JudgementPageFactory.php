<?php

declare(strict_types=1);

namespace App\Learn;

use App\Drawing\Section;
use App\Ground\Vessels;
use App\Ground\Wording;
use Illuminate\Support\Str;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Practice\Judgement;

/** Builds what JudgementPage shows. */
final readonly class JudgementPageFactory
{
    /** Drawing units a jar stands high here. */
    private const STANDS = 230.0;

    public function __construct(
        private Wording $wording,
        private Catalogue $catalogue,
        private Vessels $vessels,
    ) {
    }

    public function of(PracticeCase $case, Judgement $asked, ?int $chosen): JudgementPage
    {
        $wording = $this->wording;
        $terms = array_map(static fn (float $term): string => $wording->number($term, 2), $asked->terms);
        $choices = [];
        foreach ($asked->choices as $i => $choice) {
            $choices[] = [
                'label' => self::said($asked->kind, $choice, $wording),
                'detail' => $chosen !== null && isset($asked->jars[$i])
                    ? $this->jarSaid($asked->kind, $asked->jars[$i], $wording)
                    : '',
                'is' => match (true) {
                    $chosen === null => '',
                    $i === $asked->right => 'right',
                    $i === $chosen => 'wrong',
                    default => '',
                },
                'vessel' => isset($asked->jars[$i]) ? $this->drawn($asked->jars[$i]) : null,
            ];
        }

        return new JudgementPage(
            $case, Str::uuid()->toString(),
            say("practice.judge.$asked->kind.question", $terms), $choices, $chosen, $chosen === $asked->right,
            Str::ucfirst(say(
                "practice.judge.$asked->kind.because",
                [...$terms, 'right' => $choices[$asked->right]['label']],
            )),
            say("practice.judge.$asked->kind.basis"),
        );
    }

    private static function said(string $kind, float|string $choice, Wording $wording): string
    {
        return match (true) {
            $kind === 'firmness' => say("ui.bench.firm_feel.$choice"),
            is_string($choice) => say('practice.jar', ['letter' => $choice]),
            $kind === 'awake_acid' => $wording->percent($choice),
            $kind === 'strength' => say('practice.strength', ['strength' => $wording->number($choice, 1)]),
            default => $wording->grams($choice),
        };
    }

    /** @param  array<string, mixed>  $jar */
    private function jarSaid(string $kind, array $jar, Wording $wording): string
    {
        $infusion = Judgement::infusion($jar, $this->catalogue);

        return $kind === 'ready_jar'
            ? say(
                'practice.jar_stood',
                [
                    'days' => $wording->days($infusion->plan->days),
                    'percent' => $wording->percent(round(100 * $infusion->end->extracted())),
                ],
            )
            : say(
                'practice.jar_holds',
                [
                    'plant' => $wording->grams(array_sum($infusion->end->plants)),
                    'oil' => $wording->grams($infusion->contents->oil()),
                ],
            );
    }

    /** @param  array<string, mixed>  $jar */
    private function drawn(array $jar): Section
    {
        $infusion = Judgement::infusion($jar, $this->catalogue);

        return $this->vessels->infusing(
            $infusion->contents,
            $infusion->room,
            min(1.0, $infusion->end->extracted()),
            0,
            self::STANDS,
            closed: true,
        );
    }
}
