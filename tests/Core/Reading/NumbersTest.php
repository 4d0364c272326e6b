<?php

declare(strict_types=1);

namespace Tests\Core\Reading;

use Ilvane\Core\Reading\Lexer;
use Ilvane\Core\Reading\Numbers;
use Ilvane\Core\Reading\Token;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class NumbersTest extends TestCase
{
    #[DataProvider('said')]
    public function test_numbers_as_they_are_said(string $text, float $low, ?float $high = null): void
    {
        $number = Numbers::at(Lexer::tokens($text, 0), 0);
        self::assertNotNull($number, $text);
        self::assertEqualsWithDelta([$low, $high ?? $low], [$number[0]->low, $number[0]->high], 1e-9, $text);
    }

    public static function said(): iterable
    {
        foreach (
            [
                ['3', 3], ['3.5', 3.5], ['3,5', 3.5], ['1/2', 0.5], ['1 1/2', 1.5], ['1½', 1.5], ['¾', 0.75],
                ['2 ⅓', 2 + 1 / 3], ['three', 3], ['twelve', 12], ['twenty', 20], ['twenty-five', 25], ['thirty two', 32],
                ['half', 0.5], ['a half', 0.5], ['a quarter', 0.25], ['three quarters', 0.75], ['two thirds', 2 / 3],
                ['two half', 1], ['one and a half', 1.5], ['2 and 1/2', 2.5], ['a couple', 2], ['a dozen', 12],
                ['3 x 5', 15], ['2 × 10', 20], ['une', 1], ['deux', 2], ['quinze', 15], ['vingt', 20], ['un quart', 0.25],
                ['trois quarts', 0.75], ['la moitié', 0.5], ['une et demie', 1.5], ['demi', 0.5],
            ] as [$text, $value]
        ) {
            yield $text => [$text, $value];
        }
        yield 'a range' => ['10-12', 10, 12];
        yield 'a range in words' => ['10 to 12', 10, 12];
        yield 'a choice' => ['1 or 2', 1, 2];
        yield 'French range' => ['10 à 12', 10, 12];
        yield 'between' => ['between 1 and 2', 1, 2];
        yield 'entre' => ['entre deux et trois', 2, 3];
        yield 'half to one' => ['1/2 to 1', 0.5, 1];
    }

    public function test_words_are_no_numbers_and_division_by_nothing_is_none(): void
    {
        foreach (['water', 'a', 'an oil', 'the', 'to', '5/0'] as $text) {
            self::assertNull(Numbers::at(Lexer::tokens($text, 0), 0), $text);
        }
    }

    public function test_tokens_know_their_place_in_bytes(): void
    {
        $text = 'Été: 2½ c. à s. d’huile';
        foreach (Lexer::tokens($text, 0) as $token) {
            $piece = substr($text, $token->start, $token->end - $token->start);
            self::assertNotSame('', $piece);
            self::assertTrue(mb_check_encoding($piece, 'UTF-8'));
        }
        self::assertSame(
            ['ete', ':', '2', '½', 'c', '.', 'a', 's', '.', 'd', '’', 'huile'],
            array_map(static fn (Token $token): string => $token->folded, Lexer::tokens($text, 0)),
        );
        self::assertSame(100, Lexer::tokens('x', 100)[0]->start);
        self::assertSame([], Lexer::tokens(" \t ", 0));
    }
}
