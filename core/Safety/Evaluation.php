<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety;

/** The whole judgement on one formula: what the models say and what the checks find, gravest first. */
final readonly class Evaluation
{
    /**
     * @param  list<Finding>  $findings
     * @param  list<Finding>  $open  those of them that something unknown could lift: they stop nothing yet
     */
    public function __construct(
        public Assessment $assessment,
        public array $findings,
        public array $open = [],
    ) {
    }

    public function verdict(): VerdictKind
    {
        return match (true) {
            $this->stops() !== [] => VerdictKind::NotReady,
            $this->unknowns() !== [] => VerdictKind::CannotSay,
            $this->count(Severity::Mind) > 0 => VerdictKind::ReadyWithChecks,
            default => VerdictKind::Ready,
        };
    }

    /** A shelf life can be said: nothing unknown could change it, and no stop stands that is about microbes. */
    public function isDated(): bool
    {
        return $this->verdict() !== VerdictKind::CannotSay && array_filter(
            $this->stops(),
            static fn (Finding $finding): bool => in_array($finding->code, self::MICROBIAL, true),
        ) === [];
    }

    /** Stops about what grows in it. */
    private const MICROBIAL = [
        'preservation.missing', 'preservation.low', 'preservation.weak_alone', 'preservation.wrong_base',
        'preservation.ph_unsuited', 'preservation.not_free', 'preservation.heated',
        'preservation.scent_is_not', 'preservation.vitamin_e_is_not',
        'plant.not_dry', 'plant.low_acid_in_oil', 'infusion.not_cooked_out',
        'plant.fresh_in_oil', 'emulsion.water_in_butter', 'keeping.claim_too_long',
    ];

    /** @return list<Need> what to tell first, line by line */
    public function needs(): array
    {
        $needs = [];
        foreach ($this->verdict() === VerdictKind::CannotSay ? $this->unknowns() : [] as $finding) {
            $what = match (true) {
                $finding->code === 'acidity.untested' => 'ph',
                $finding->code === 'measure.open' => 'amount',
                str_starts_with($finding->variant, 'amount_') => 'amount',
                in_array($finding->variant, ['unknown_part', 'part_empty'], true) => 'part',
                default => 'material',
            };
            foreach ($finding->keys !== [] ? $finding->keys : $this->keysOf($finding) as $key) {
                $needs[] = new Need($key, $what, $finding);
            }
        }

        return $needs;
    }

    /** @return list<string> keys of the lines it speaks of */
    public function keysOf(Finding $finding): array
    {
        $lines = $this->assessment->composition->lines;

        return array_map(static fn (int $line): string => $lines[$line - 1]->key(), $finding->lines);
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

    /**
     * What is not known and could change the answer: lines without a weight, lines nobody could read, a pH on which a
     * preservative depends.
     */
    private const UNKNOWN = ['measure.open', 'measure.unread', 'acidity.untested'];

    /** It stops nothing by itself: it asks. */
    public static function isUnknown(Finding $finding): bool
    {
        return in_array($finding->code, self::UNKNOWN, true) && $finding->severity === Severity::Stop;
    }

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
        'plant.low_acid_in_oil' => 'plant.fresh_in_oil',
    ];

    /** @return list<Finding> what has to be told before anything can be said */
    public function unknowns(): array
    {
        return array_values(array_filter(
            $this->findings,
            self::isUnknown(...),
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
                && ! self::isUnknown($finding)
                && ! in_array($finding, $this->open, true)
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
