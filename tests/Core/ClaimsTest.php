<?php

declare(strict_types=1);

namespace Tests\Core;

use Ilvane\Core\Label\Claims;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * Words a home maker's label may not carry (common practice after Regulation (EU) No 655/2013 and US drug-claim rules).
 */
final class ClaimsTest extends TestCase
{
    /** @param  list<string>  $kinds */
    #[DataProvider('texts')]
    public function test_what_a_label_claims(string $text, array $kinds): void
    {
        self::assertSame($kinds, array_column(Claims::in($text), 'kind'));
    }

    public static function texts(): iterable
    {
        yield 'growth' => ['Hair growth oil', ['growth']];
        yield 'growth, sideways' => ['Grow your edges back with this', ['growth']];
        yield 'against loss' => ['Stops hair loss in a week', ['growth']];
        yield 'an illness named' => ['For eczema and psoriasis', ['disease', 'disease']];
        yield 'a cure' => ['Heals the scalp', ['cure']];
        yield 'germs' => ['Natural antibacterial spray', ['germs']];
        yield 'proof' => ['Clinically proven softness', ['proof']];
        yield 'forever' => ['It never goes rancid', ['never']];
        yield 'French growth' => ['Sérum pour la pousse des cheveux', ['growth']];
        yield 'French loss' => ['Soin anti-chute', ['growth']];
        yield 'French cure' => ['Guérit le cuir chevelu', ['cure']];
        yield 'French germs' => ['Lotion antibactérienne', ['germs']];
        yield 'French proof' => ['Testé dermatologiquement, résultats garantis', ['proof', 'proof']];
        yield 'said not to' => ['This oil does not cure anything and makes no promise of growth.', []];
        yield 'said not to, French' => ['Ne guérit rien, sans promesse de pousse.', []];
        yield 'denied in one sentence, claimed in the next' => ['It does not cure. It stops hair loss.', ['growth']];
        yield 'calm words' => [
            'Leaves hair soft and shiny; seals in moisture. Keep cool. Adoucit et fait briller.',
            [],
        ];
        yield 'words that only look alike' => [
            'Secure the lid; grower of rosemary; procured locally; growing season; a healthy sheen',
            [],
        ];
        yield 'nothing' => ['', []];
    }

    public function test_the_words_are_told_as_they_stand(): void
    {
        self::assertSame(
            [['kind' => 'cure', 'words' => 'Guérit'], ['kind' => 'disease', 'words' => 'ECZÉMA']],
            Claims::in('Guérit l’ECZÉMA'),
        );
        self::assertSame(
            'HAIR GROWTH',
            Claims::in("🌿 Pure\nHAIR GROWTH blend")[0]['words'],
            'signs of several bytes shift nothing',
        );
        self::assertSame([], Claims::in("\xFF\xFE broken bytes"));
    }

    public function test_a_long_text_lists_only_so_many(): void
    {
        self::assertCount(12, Claims::in(str_repeat('cures eczema. ', 40)));
    }
}
