<?php

declare(strict_types=1);

namespace Ilvane\Core\Practice;

use Ilvane\Core\Evaluation\Evaluator;
use Ilvane\Core\Formula\FormulaDocument;
use Ilvane\Core\Infusion\Infusion;
use Ilvane\Core\Infusion\InfusionPlanDocument;
use Ilvane\Core\Infusion\Method;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Material\ChoiceRole;
use Ilvane\Core\Measure\Band;
use Ilvane\Core\Measure\Tools;
use Ilvane\Core\Physics\Acidity\Acid;
use Ilvane\Core\Physics\Acidity\Sample;
use Ilvane\Core\Physics\Emulsion\Emulsion;
use Ilvane\Core\Physics\Texture\SolidFat;
use InvalidArgumentException;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * A question of look or number, made up from a seed and answered by the models. Where it is a question of look, every
 * choice
 * is a jar (ilvane.infusion-plan/1) to be drawn as it stands at the end of its days.
 *
 * @phpstan-type JarPlan array<string, mixed>
 */
final readonly class Judgement
{
    public const KINDS = [
        'ready_jar',
        'uncovered_jar',
        'firmness',
        'strength',
        'awake_acid',
        'sample_dose',
        'emulsifier_needed',
    ];

    private const FEELS = ['pourable', 'very_soft', 'scoopable', 'firm', 'hard'];

    /** Wrong numbers are so many times the right one: far enough apart that an estimate does not decide. */
    private const OFF_BY = [0.2, 0.45, 2.2, 5.0];

    /** Of shares, which are never more than the whole. */
    private const SHARE_OFF_BY = [0.08, 0.25, 0.55];

    /**
     * @param  array<string, float>  $terms  of the question
     * @param  list<float|string>  $choices  numbers, feels by key, or letters of jars
     * @param  int  $right  which of them the models say
     * @param  list<JarPlan>  $jars  one a choice; none where it is no question of look
     */
    private function __construct(
        public string $kind,
        public int $seed,
        public array $terms,
        public array $choices,
        public int $right,
        public array $jars = [],
    ) {
    }

    /**
     * @param  string  $kind  of KINDS
     *
     * @throws InvalidArgumentException of any other
     */
    public static function of(string $kind, int $seed, Evaluator $evaluator, Catalogue $catalogue): self
    {
        $dice = new Randomizer(new Mt19937(crc32($kind) ^ $seed));

        return match ($kind) {
            'ready_jar' => self::readyJar($seed, $dice, $catalogue),
            'uncovered_jar' => self::uncoveredJar($seed, $dice, $catalogue),
            'firmness' => self::firmness($seed, $dice, $evaluator, $catalogue),
            'strength' => self::strength($seed, $dice, $catalogue),
            'sample_dose' => self::sampleDose($seed, $dice),
            'emulsifier_needed' => self::emulsifier($seed, $dice, $catalogue),
            'awake_acid' => self::awake($seed, $dice),
            default => throw new InvalidArgumentException("No kind of judgement: $kind"),
        };
    }

    /** Four jars alike but for their days; one is ready. */
    private static function readyJar(int $seed, Randomizer $dice, Catalogue $catalogue): self
    {
        $jars = array_map(
            static fn (int $days): array => self::jar(30, 300, $days, $catalogue),
            [$dice->getInt(22, 28), $dice->getInt(6, 7), 3, 1],
        );

        $ready = Method::ColdDark->readyAt();

        return self::lookedAt(
            'ready_jar',
            $seed,
            $dice,
            $jars,
            static fn (array $jar): bool => self::infusion($jar, $catalogue)->end->extracted() >= $ready,
        );
    }

    /** Four jars alike but for their oil; in one the plant stands out of it. */
    private static function uncoveredJar(int $seed, Randomizer $dice, Catalogue $catalogue): self
    {
        $plant = $dice->getInt(6, 8) * 5;
        $jars = array_map(
            static fn (float $oils): array => self::jar($plant, (int) round($oils * $plant / 5) * 5, 1, $catalogue),
            [$dice->getInt(30, 36) / 10, 9.0, 10.0, 8.4],
        );

        return self::lookedAt(
            'uncovered_jar',
            $seed,
            $dice,
            $jars,
            static fn (array $jar): bool => ! self::infusion($jar, $catalogue)->room->isCovered(),
        );
    }

    /**
     * @param  list<JarPlan>  $jars
     * @param  callable(JarPlan): bool  $is
     */
    private static function lookedAt(string $kind, int $seed, Randomizer $dice, array $jars, callable $is): self
    {
        $shuffled = $dice->shuffleArray($jars);
        $right = array_keys(array_filter($shuffled, $is));

        return new self(
            $kind,
            $seed,
            [],
            array_slice(['A', 'B', 'C', 'D'], 0, count($jars)),
            $right[0] ?? -1,
            $shuffled,
        );
    }

    /** Feel of a butter. */
    private static function firmness(int $seed, Randomizer $dice, Evaluator $evaluator, Catalogue $catalogue): self
    {
        [$butter, $celsius] = [$dice->getInt(2, 18) * 5, $dice->getInt(16, 28)];
        $composition = $evaluator->weigh(FormulaDocument::read([
            'format' => 'ilvane.formula/1',
            'name' => '',
            'family' => 'whipped_butter',
            'lines' => [
                ['ingredient' => $catalogue->choice(ChoiceRole::FirmButter)->key, 'amount' => "$butter %"],
                ['ingredient' => $catalogue->choice(ChoiceRole::SoftOil)->key, 'amount' => (100 - $butter).' %'],
            ],
        ]));

        return new self(
            'firmness',
            $seed,
            ['butter' => (float) $butter, 'celsius' => (float) $celsius],
            self::FEELS,
            (int) array_search(SolidFat::of($composition)->feel((float) $celsius), self::FEELS, true),
        );
    }

    /** Strength of a jar, grams of plant's worth in 100 g oil. */
    private static function strength(int $seed, Randomizer $dice, Catalogue $catalogue): self
    {
        [$plant, $oil, $days] = [$dice->getInt(2, 8) * 5, $dice->getInt(4, 8) * 50, $dice->getInt(3, 28)];

        return self::counted(
            'strength',
            $seed,
            $dice,
            ['plant' => (float) $plant, 'oil' => (float) $oil, 'days' => (float) $days],
            self::infusion(self::jar($plant, $oil, $days, $catalogue), $catalogue)->end->strength(),
        );
    }

    /** Percent of benzoic acid that is awake. */
    private static function awake(int $seed, Randomizer $dice): self
    {
        $ph = $dice->getInt(38, 58) / 10;

        return self::counted(
            'awake_acid',
            $seed,
            $dice,
            ['ph' => $ph],
            100 * Acid::benzoic()->undissociated($ph),
            isShare: true,
        );
    }

    /** Grams for the batch. */
    private static function sampleDose(int $seed, Randomizer $dice): self
    {
        [$batch, $product, $added] = [$dice->getInt(2, 12) * 50, $dice->getInt(2, 10), $dice->getInt(5, 40) / 100];

        return self::counted(
            'sample_dose',
            $seed,
            $dice,
            ['batch' => (float) $batch, 'product' => (float) $product, 'added' => $added],
            Sample::scaledUp($batch, $product, Band::exact($added), 0.01)->likely,
        );
    }

    /** Grams of emulsifier: as much of the fats' weight as the checks want of the emulsifier they offer. */
    private static function emulsifier(int $seed, Randomizer $dice, Catalogue $catalogue): self
    {
        [$batch, $fats] = [$dice->getInt(2, 8) * 50, $dice->getInt(6, 20)];

        return self::counted(
            'emulsifier_needed',
            $seed,
            $dice,
            ['batch' => (float) $batch, 'fats' => (float) $fats],
            $batch * $fats / 100 * Emulsion::leastLoad($catalogue->choice(ChoiceRole::Emulsifier)),
        );
    }

    /** @param  array<string, float>  $terms */
    private static function counted(
        string $kind,
        int $seed,
        Randomizer $dice,
        array $terms,
        float $right,
        bool $isShare = false,
    ): self {
        $times = $isShare && $right * max(self::OFF_BY) > 100
            ? self::SHARE_OFF_BY
            : array_slice($dice->shuffleArray(self::OFF_BY), 0, 3);
        $choices = array_map(static fn (float $factor): float => self::round($right * $factor), [1.0, ...$times]);
        $shuffled = $dice->shuffleArray($choices);

        return new self($kind, $seed, $terms, $shuffled, (int) array_search($choices[0], $shuffled, true));
    }

    /** @return JarPlan the usual plant in the usual oil, cold and dark */
    public static function jar(int $plant, int $oil, int $days, Catalogue $catalogue): array
    {
        return [
            'format' => 'ilvane.infusion-plan/1',
            'name' => 'x',
            'jar_ml' => 500,
            'method' => 'cold_dark',
            'temperature_c' => 20,
            'days' => $days,
            'shake_every_days' => 2,
            'plants' => [['ingredient' => $catalogue->choice(ChoiceRole::InfusingPlant)->key, 'amount' => "$plant g"]],
            'oils' => [['ingredient' => $catalogue->choice(ChoiceRole::InfusingOil)->key, 'amount' => "$oil g"]],
        ];
    }

    /** @param  JarPlan  $jar */
    public static function infusion(array $jar, Catalogue $catalogue): Infusion
    {
        return Infusion::of(InfusionPlanDocument::read($jar), $catalogue, new Tools);
    }

    /** To two figures, as one would say it. */
    private static function round(float $value): float
    {
        return $value == 0.0 ? 0.0 : round($value, max(0, 1 - (int) floor(log10(abs($value)))));
    }
}
