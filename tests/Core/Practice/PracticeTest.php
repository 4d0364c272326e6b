<?php

declare(strict_types=1);

namespace Tests\Core\Practice;

use Ilvane\Core\Evaluation\Evaluator;
use Ilvane\Core\Physics\Acidity\Acid;
use Ilvane\Core\Practice\Examiner;
use Ilvane\Core\Practice\Exercise;
use Ilvane\Core\Practice\ExerciseKind;
use Ilvane\Core\Practice\Judgement;
use Ilvane\Core\Practice\Mistakes;
use Ilvane\Core\Practice\Rounds;
use Ilvane\Core\Practice\Way;
use Ilvane\Core\Safety\Infusion\InfusionRules;
use Ilvane\Core\Safety\Severity;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\CoreCase;

final class PracticeTest extends CoreCase
{
    private static ?Examiner $examiner = null;

    private static ?Mistakes $mistakes = null;

    private static function examiner(): Examiner
    {
        return self::$examiner ??= new Examiner(new Evaluator(self::catalogue()), self::catalogue());
    }

    /** @return array<string, array<string, mixed>> */
    private static function frames(): array
    {
        return json_decode(
            (string) file_get_contents(dirname(__DIR__, 3).'/data/ready_made.json'),
            true,
            64,
            JSON_THROW_ON_ERROR,
        );
    }

    private static function allMistakes(): Mistakes
    {
        return self::$mistakes ??= Mistakes::of(json_decode(
            (string) file_get_contents(dirname(__DIR__, 3).'/data/mistakes.json'),
            true,
            64,
            JSON_THROW_ON_ERROR,
        ));
    }

    /** @return iterable<string, array{string}> */
    public static function mistakes(): iterable
    {
        foreach (array_keys(self::allMistakes()->all()) as $key) {
            yield $key => [$key];
        }
    }

    #[DataProvider('mistakes')]
    public function test_every_mistake_is_found_and_can_be_mended_and_not_by_everything(string $key): void
    {
        $mistake = self::allMistakes()->all()[$key];
        foreach ([1, 4711] as $seed) {
            $exercise = Exercise::of(
                $mistake,
                self::allMistakes(),
                $seed,
                self::frames(),
                self::examiner(),
                self::catalogue(),
            );
            self::assertNotNull($exercise, "seed $seed");
            self::assertContains($mistake->code, self::examiner()->codes($exercise->document));
            self::assertNotContains(
                $mistake->code,
                self::examiner()->codes(self::frames()[$exercise->frame]),
                'the frame was sound',
            );
            self::assertCount(4, array_unique($exercise->codes));
            self::assertSame(
                [$mistake->code],
                array_values(array_intersect($exercise->codes, self::examiner()->codes($exercise->document))),
                'one answer is right, the others are not true of it',
            );
            $mends = array_filter(
                $exercise->ways,
                static fn (Way $way): bool => $exercise->mends($way, self::examiner()),
            );
            self::assertNotSame([], $mends, 'something helps');
            self::assertGreaterThanOrEqual(2, count($exercise->ways) - count($mends), 'not everything helps');
            foreach ($mends as $way) {
                $left = array_filter(
                    self::examiner()->judge((array) $exercise->after($way)),
                    static fn ($finding): bool => $finding->severity === Severity::Stop,
                );
                self::assertSame([], $left, 'what is called mended has no stop left');
            }
        }
    }

    public function test_there_are_enough_of_each_sort_and_a_seed_makes_the_same_case_again(): void
    {
        $sorts = array_count_values(array_map(
            static fn ($mistake): string => $mistake->sort->value,
            self::allMistakes()->all(),
        ));
        self::assertGreaterThanOrEqual(24, array_sum($sorts) + count(Judgement::KINDS));
        self::assertGreaterThanOrEqual(6, $sorts['rescue']);
        self::assertGreaterThanOrEqual(4, count(self::allMistakes()->codes(ExerciseKind::Rescue)));
        $mistake = self::allMistakes()->all()['preservative_too_little'];
        $made = static fn (int $seed): ?Exercise => Exercise::of(
            $mistake,
            self::allMistakes(),
            $seed,
            self::frames(),
            self::examiner(),
            self::catalogue(),
        );
        self::assertEquals($made(7), $made(7));
        $different = array_unique(array_map(
            static fn (int $seed): string => serialize($made($seed)?->document),
            range(1, 6),
        ));
        self::assertGreaterThan(3, count($different), 'another seed is another case');
    }

    public function test_a_making_goes_on_from_what_is_done_already(): void
    {
        foreach (self::allMistakes()->all() as $mistake) {
            foreach ($mistake->sort === ExerciseKind::Rescue ? $mistake->ways : [] as $patch) {
                self::assertSame(
                    $mistake->before,
                    array_slice($patch[0]['value']['steps'], 0, count($mistake->before)),
                    $mistake->key,
                );
            }
        }
    }

    /** @return iterable<string, array{string}> */
    public static function judgements(): iterable
    {
        foreach (Judgement::KINDS as $kind) {
            yield $kind => [$kind];
        }
    }

    #[DataProvider('judgements')]
    public function test_a_judgement_has_one_right_answer_and_wrong_ones_far_from_it(string $kind): void
    {
        $places = [];
        for ($seed = 1; $seed <= 25; $seed++) {
            $asked = Judgement::of($kind, $seed, self::examiner()->evaluator, self::catalogue());
            self::assertArrayHasKey($asked->right, $asked->choices, "seed $seed");
            self::assertSame(count($asked->choices), count(array_unique($asked->choices)));
            $places[$asked->right] = true;
            if (is_float($asked->choices[0])) {
                $right = $asked->choices[$asked->right];
                foreach (array_diff_key($asked->choices, [$asked->right => 0]) as $wrong) {
                    self::assertGreaterThan(0.35 * $right, abs($wrong - $right));
                }
            }
        }
        self::assertGreaterThan(1, count($places), 'the right answer is not always at the same place');
    }

    public function test_of_jars_looked_at_just_one_is_the_one_asked_for(): void
    {
        for ($seed = 1; $seed <= 25; $seed++) {
            $uncovered = Judgement::of('uncovered_jar', $seed, self::examiner()->evaluator, self::catalogue());
            $codes = array_map(
                static fn (array $jar): bool => in_array(
                    'plant.uncovered',
                    array_column(InfusionRules::examine(Judgement::infusion($jar, self::catalogue())), 'code'),
                    true,
                ),
                $uncovered->jars,
            );
            self::assertSame([$uncovered->right], array_keys(array_filter($codes)), "seed $seed");
            $ready = Judgement::of('ready_jar', $seed, self::examiner()->evaluator, self::catalogue());
            self::assertSame(
                $ready->right,
                array_search(max(array_column($ready->jars, 'days')), array_column($ready->jars, 'days'), true),
                'the one that stood longest',
            );
            self::assertCount(
                1,
                array_filter(
                    $ready->jars,
                    static fn (array $jar): bool => Judgement::infusion($jar, self::catalogue())->readyDay !== null,
                ),
                "seed $seed: only one gets ready",
            );
        }
    }

    /**
     * Benzoic acid, pKa 4.20 (common handbook value, from memory): half of it is awake there, a tenth or so a unit
     * above.
     */
    public function test_what_is_asked_of_acids_agrees_with_the_chemists_rule(): void
    {
        self::assertEqualsWithDelta(0.5, Acid::benzoic()->undissociated(4.20), 0.01);
        $asked = Judgement::of('awake_acid', 3, self::examiner()->evaluator, self::catalogue());
        self::assertEqualsWithDelta(
            100 / (1 + 10 ** ($asked->terms['ph'] - 4.20)),
            $asked->choices[$asked->right],
            1.0,
        );
    }

    public function test_what_went_wrong_comes_back_first_and_what_was_right_later_and_later(): void
    {
        $right = static fn (float $day): array => ['right' => true, 'day' => $day];
        $wrong = static fn (float $day): array => ['right' => false, 'day' => $day];
        $rounds = new Rounds(
            ['a' => [$right(0)], 'b' => [$right(0), $wrong(1)], 'c' => [$right(0), $right(1), $right(5)]],
            6.0,
        );
        self::assertSame('b', $rounds->next(['a', 'b', 'c', 'd']));
        self::assertSame(
            'a',
            $rounds->next(['a', 'b', 'c', 'd'], 'b'),
            'not the same twice running; what is due again goes before what is new',
        );
        self::assertSame('d', $rounds->next(['c', 'd']));
        self::assertSame([1, 0, 3, 0], array_map($rounds->inARow(...), ['a', 'b', 'c', 'd']));
        self::assertTrue($rounds->rests('c'));
        self::assertFalse($rounds->rests('a'));
        self::assertSame('c', $rounds->next(['c'], 'c'), 'the only one there is');
        $waits = [];
        for ($n = 1, $day = 0.0, $had = []; $n <= 6; $n++) {
            $had[] = $right($day);
            $waits[] = -(new Rounds(['x' => $had], $day))->overdue('x');
        }
        self::assertSame([1.0, 4.0, 12.0, 30.0, 30.0, 30.0], $waits);
    }
}
