<?php

declare(strict_types=1);

namespace App\Ground;

use Ilvane\Core\Measure\Certainty;
use Ilvane\Core\Safety\Evaluation;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Fix;

/** Writes a finding as the open forms have it. */
final readonly class FindingDocument
{
    /** Certain is only what the law, a measurement or a calculation says of an amount that is surely beyond. */
    private const SURE = ['law', 'measured', 'calculated'];

    public function __construct(private Wording $wording)
    {
    }

    /**
     * @param  list<Finding>  $findings  of this evaluation
     * @return list<array<string, mixed>> with the keys of the lines and parts they speak of
     */
    public function all(Evaluation $evaluation, array $findings): array
    {
        $keys = [];
        foreach ($evaluation->assessment->composition->lines as $line) {
            $keys[$line->position] = $line->key();
        }

        return array_map(fn (Finding $finding): array => [
            ...$this->of($finding),
            'line_keys' => $finding->keys !== []
                ? $finding->keys
                : array_map(static fn (int $position): string => $keys[$position], $finding->lines),
        ], $findings);
    }

    /** @return array<string, mixed> */
    public function of(Finding $finding): array
    {
        $rule = HandbookTopics::restsOn($finding->code);
        $isCertain = $finding->certainty === Certainty::Certain && in_array($rule, self::SURE, true);

        return [
            'code' => $finding->code,
            'severity' => $finding->severity->value,
            'certainty' => $isCertain ? Certainty::Certain->value : Certainty::Possible->value,
            'sure_of' => ['amount' => $finding->certainty->value, 'rule' => $rule],
            'lines' => $finding->lines,
            'message' => $this->wording->message($finding),
            'because' => $this->wording->because($finding),
            'source' => $this->wording->source($finding),
            'fixes' => array_map(
                fn (Fix $fix): array => [
                    'label' => $this->wording->fix($fix),
                    'patch' => $fix->patch,
                    ...($fix->after === null ? [] : [
                        'ends' => $fix->ends,
                        'after' => [
                            'verdict_kind' => $fix->after->verdict->value,
                            'stops' => $fix->after->stops,
                            'checks' => $fix->after->checks,
                        ],
                    ]),
                ],
                $finding->fixes,
            ),
            'ask' => $this->wording->ask($finding),
        ];
    }
}
