<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety;

/** The whole judgement on one formula: what the models say and what the checks find, gravest first. */
final readonly class Evaluation
{
    /** @param  list<Finding>  $findings */
    public function __construct(
        public Assessment $assessment,
        public array $findings,
    ) {
    }

    /** @return list<Finding> what is said of a part and of its lines */
    public function findingsOf(string $part): array
    {
        return array_values(array_filter($this->findings, static fn (Finding $finding): bool => array_filter(
            $finding->keys,
            static fn (string $key): bool => $key === $part || str_starts_with($key, "$part/"),
        ) !== []));
    }

    public function count(Severity $severity): int
    {
        return count(array_filter(
            $this->findings,
            static fn (Finding $finding): bool => $finding->severity === $severity,
        ));
    }

    /** What is not known and could change the answer: lines without a weight, lines nobody could read. */
    private const UNKNOWN = ['measure.open', 'measure.unread'];

    /** Mending the cause mends these too: they hang under it. */
    public const FOLLOWS_FROM = [
        'preservation.scent_is_not' => 'preservation.missing',
        'preservation.vitamin_e_is_not' => 'preservation.missing',
        'preservation.low' => 'preservation.wrong_base',
        'preservation.high' => 'preservation.wrong_base',
        'preservation.narrow' => 'preservation.weak_alone',
        'emulsion.not_an_emulsifier' => 'emulsion.no_emulsifier',
        'acidity.high' => 'preservation.ph_unsuited',
        'acidity.low' => 'preservation.ph_unsuited',
        'label.undated' => 'measure.open',
    ];

    /** @return list<Finding> what has to be told before anything can be said */
    public function unknowns(): array
    {
        return array_values(array_filter(
            $this->findings,
            static fn (Finding $finding): bool => in_array($finding->code, self::UNKNOWN, true),
        ));
    }

    /**
     * @return list<Finding> what stands against making it, each cause once, whatever the unknown lines turn out to be
     */
    public function stops(): array
    {
        return array_values(array_filter(
            $this->findings,
            fn (Finding $finding): bool => $finding->severity === Severity::Stop
                && ! in_array($finding->code, self::UNKNOWN, true)
                && ! $this->followsFromAnother($finding),
        ));
    }

    private function followsFromAnother(Finding $finding): bool
    {
        $cause = self::FOLLOWS_FROM[$finding->code] ?? null;

        return $cause !== null && in_array($cause, $this->codes(), true);
    }

    /** Nothing that stops and nothing to mind. */
    public function isSound(): bool
    {
        return $this->count(Severity::Stop) === 0 && $this->count(Severity::Mind) === 0;
    }

    /** @return list<string> */
    public function codes(): array
    {
        return array_values(array_unique(array_map(
            static fn (Finding $finding): string => $finding->code,
            $this->findings,
        )));
    }
}
