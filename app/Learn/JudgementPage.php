<?php

declare(strict_types=1);

namespace App\Learn;

use App\Drawing\Section;
use App\Ground\Vessels;
use App\Ground\Wording;
use Illuminate\Support\Str;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Practice\Judgement;

/**
 * A question of look or number: the choices, and once answered which was right and why.
 *
 * @phpstan-type Choice array{label: string, detail: string, is: string, vessel: Section|null}
 */
final readonly class JudgementPage
{
    /** Drawing units a jar stands high here. */
    private const STANDS = 230.0;

    /** @param  list<Choice>  $choices  "is" says right, wrong or nothing once answered */
    private function __construct(
        public PracticeCase $case,
        public string $clientKey,
        public string $question,
        public array $choices,
        public ?int $chosen,
        public bool $isRight,
        public string $because,
        public string $basis,
    ) {
    }

    public static function of(PracticeCase $case, Judgement $asked, ?int $chosen): self
    {
        $wording = app(Wording::class);
        $terms = array_map(static fn (float $term): string => $wording->number($term, 2), $asked->terms);
        $choices = [];
        foreach ($asked->choices as $i => $choice) {
            $choices[] = [
                'label' => self::said($asked->kind, $choice, $wording),
                'detail' => $chosen !== null && isset($asked->jars[$i])
                    ? self::jarSaid($asked->kind, $asked->jars[$i], $wording)
                    : '',
                'is' => match (true) {
                    $chosen === null => '',
                    $i === $asked->right => 'right',
                    $i === $chosen => 'wrong',
                    default => '',
                },
                'vessel' => isset($asked->jars[$i]) ? self::drawn($asked->jars[$i]) : null,
            ];
        }

        return new self(
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
    private static function jarSaid(string $kind, array $jar, Wording $wording): string
    {
        $infusion = Judgement::infusion($jar, app(Catalogue::class));

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
    private static function drawn(array $jar): Section
    {
        $infusion = Judgement::infusion($jar, app(Catalogue::class));

        return app(Vessels::class)->infusing(
            $infusion->contents,
            $infusion->room,
            min(1.0, $infusion->end->extracted()),
            0,
            self::STANDS,
            closed: true,
        );
    }
}
