<?php

declare(strict_types=1);

namespace Tests\Core\Reading;

use Ilvane\Core\Reading\Recipe;
use Ilvane\Core\Reading\RecipeReader;
use Ilvane\Core\Reading\Role;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\CoreCase;
use Tests\Support\WholeNote;

/** Every letter of a note is in one stretch with one role, and each stretch may be said to be something else. */
final class SpansTest extends CoreCase
{
    private static ?RecipeReader $reader = null;

    /** @param  array<string, Role>  $roles */
    private static function read(string $text, array $roles = []): Recipe
    {
        return (self::$reader ??= new RecipeReader(self::catalogue()))->read($text, $roles);
    }

    private static function assertCovered(Recipe $recipe): void
    {
        $at = 0;
        foreach ($recipe->spans as $span) {
            self::assertGreaterThanOrEqual($at, $span->span->start, 'no two of them overlap');
            self::assertSame('', trim(substr($recipe->text, $at, $span->span->start - $at)), 'nothing between them');
            self::assertSame($span->span->of($recipe->text), trim($span->span->of($recipe->text)));
            $at = $span->span->end;
        }
        self::assertSame('', trim(substr($recipe->text, $at)));
    }

    public function test_every_letter_of_every_note_is_in_one_stretch(): void
    {
        foreach (WholeNote::in('building') as $note) {
            self::assertCovered(self::read($note->text));
        }
    }

    public function test_every_letter_of_nonsense_too(): void
    {
        mt_srand(11);
        $bits = [
            '2 tbsp', 'shea butter', 'the juice:', 'of the juice', "\n", "\n\n", '. ', ', ', 'pH 5', 'Phase B', '3 days', '½', '(', ')',
            'rinse out', 'simmering water', 'each of', '—', '100', 'mix', 'é', '🜁', 'un peu de', 'keeps', "'", '/', '!', 'makes 200 g',
        ];
        for ($i = 0; $i < 1500; $i++) {
            $text = '';
            for ($n = mt_rand(1, 25); $n > 0; $n--) {
                $text .= $bits[mt_rand(0, count($bits) - 1)].(mt_rand(0, 3) > 0 ? ' ' : '');
            }
            self::assertCovered(self::read($text));
        }
    }

    /** @return iterable<string, array{string, string, Role}> */
    public static function stretches(): iterable
    {
        yield 'bath water' => ["Balm\n20 g beeswax\nMelt over a bowl of simmering water.", 'simmering water', Role::Utility];
        yield 'a test' => ["Milk\n20 g rose water\nTo test the pH stir 1 g of it into 9 g distilled water.", '1 g of it', Role::Utility];
        yield 'cleaning' => ["Milk\n20 g rose water\nWipe everything with 70 % alcohol.", '70 %', Role::Utility];
        yield 'a life' => ["Milk\n20 g rose water\nKeeps three weeks in the fridge.", 'three weeks', Role::Claim];
        yield 'a pH is no temperature' => ["Milk\n20 g rose water\npH 5 to 5.5", '5 to 5.5', Role::Claim];
        yield 'how it is used' => ["Mask\n1 banana\n20 minutes under a towel, rinse out", 'under a towel', Role::Use];
        yield 'for whom' => ["Milk\n20 g rose water\nfor my baby niece", 'baby niece', Role::Audience];
        yield 'a yield further down' => ["Milk\n20 g rose water\nPour into two 100 ml jars.", 'two 100 ml', Role::Yield];
        yield 'a step' => ["Milk\n20 g rose water\nEverything simmers till it is thick.", 'simmers', Role::Step];
        yield 'eau du rinçage' => ["Lotion\n20 g de miel\nDernière eau de rinçage.", 'rinçage', Role::Use];
        yield 'une durée' => ["Lotion\n20 g de miel\nÀ garder 4 jours au frais", '4 jours', Role::Claim];
    }

    #[DataProvider('stretches')]
    public function test_what_is_no_ingredient_is_none(string $text, string $words, Role $role): void
    {
        $recipe = self::read($text);
        self::assertCount(1, $recipe->lines);
        foreach ($recipe->spans as $span) {
            if (str_contains($span->span->of($text), $words)) {
                self::assertSame($role, $span->role);

                return;
            }
        }
        self::fail("$words is in no stretch");
    }

    public function test_a_correction_is_kept_by_its_words_and_counted_where_they_repeat(): void
    {
        $text = "Milk\n20 g honey\n5 g glycerin\n20 g honey";
        $keys = array_keys(self::read($text)->keyed());
        self::assertCount(4, array_unique($keys));
        $dropped = self::read($text, [(string) $keys[3] => Role::Remark]);
        self::assertSame([5, 16], array_map(static fn ($line): int => $line->span->start, $dropped->lines));
        $later = self::read("A word before.\n$text", [(string) $keys[3] => Role::Remark]);
        self::assertCount(2, $later->lines, 'the words kept their key');
        self::assertCovered($dropped);
    }

    public function test_whatever_is_said_of_a_stretch_the_reading_holds(): void
    {
        mt_srand(5);
        foreach (WholeNote::in('building') as $note) {
            $keys = array_keys(self::read($note->text)->keyed());
            $roles = [];
            foreach ((array) array_rand(array_flip(array_map(strval(...), $keys)), min(3, count($keys))) as $key) {
                $roles[(string) $key] = Role::cases()[mt_rand(0, count(Role::cases()) - 1)];
            }
            self::assertCovered(self::read($note->text, $roles));
        }
    }

    /** Each stretch of the open form names the line it became, of the formula or of a part. */
    public function test_a_stretch_names_its_line(): void
    {
        $text = "Spray\nTea:\n10 g hibiscus petals\n200 ml water\n\nThen\n100 g of the tea\n5 g glycerin\nShake.";
        $spans = array_column(self::read($text)->document('')['reading']['spans'], null, 'text');
        self::assertSame(['tea-1/l1', 'tea-1/l2', 'l1', 'l2'], array_map(
            static fn (string $said): ?string => $spans[$said]['line'] ?? null,
            ['10 g hibiscus petals', '200 ml water', '100 g of the tea', '5 g glycerin'],
        ));
        self::assertArrayNotHasKey('line', $spans['Shake.']);
        self::assertSame(0.9, $spans['Shake.']['confidence']);
        self::assertSame('tea-1', $spans['10 g hibiscus petals']['part']);
    }
}
