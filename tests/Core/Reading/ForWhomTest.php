<?php

declare(strict_types=1);

namespace Tests\Core\Reading;

use Ilvane\Core\Reading\ForWhom;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Titles and notes as people write them, by hand; what each says of who it is for and of rinsing. */
final class ForWhomTest extends TestCase
{
    /** @return iterable<string, array{string, string|null, string|null}> */
    public static function texts(): iterable
    {
        foreach ([
            ['Detangler for my toddler', 'child_under_3', null],
            ['Baby’s first hair oil', 'child_under_3', null],
            ['Gentle milk for kids', 'child_under_12', null],
            ['Curl cream, my 4-year-old loves it', 'child_under_6', null],
            ['Huile pour bébé', 'child_under_3', null],
            ['Lait démêlant pour enfants', 'child_under_12', null],
            ['Spray pour Léa, 5 ans', 'child_under_6', null],
            ['Scalp oil while I’m pregnant', 'pregnant', null],
            ['Sérum, femme enceinte', 'pregnant', null],
            ['Vinegar rinse, wash it out after five minutes', null, 'rinse_off'],
            ['Après-shampoing : poser 5 minutes, à rincer', null, 'rinse_off'],
            ['Leave-in milk', null, 'leave_on'],
            ['Soin sans rinçage', null, 'leave_on'],
            ['Do not rinse out. Keep away from children.', null, 'leave_on'],
            ['Not for children under three', null, null],
            ['Hors de portée des enfants', null, null],
            ['Not in pregnancy', null, null],
            ['Déconseillé aux femmes enceintes', null, null],
            ['Harbour Lane curl milk', null, null],
            ['Kidney bean protein', null, null],
            ['Keeps 2 years', null, null],
            ['Se garde 2 ans au frais', null, null],
            ['Bain d’huile de ma fille de 7 ans', 'child_under_12', null],
            ['Sunday butter, softer than the first', null, null],
            ['pH is 5', null, null],
            ['The pH is 4.5 and the ratio is 2 to 1', null, null],
            ['Batch is 5 bottles', null, null],
            ['Vinegar aged 2 weeks', null, null],
            ['A tea that is 3 days old', null, null],
            ['The dose is 2%', null, null],
            ['She is 4 and hates combs', 'child_under_6', null],
            ['For Maya, who is 2', 'child_under_3', null],
            ['Maya is 8', 'child_under_12', null],
            ['my daughter is five, her hair is long', 'child_under_6', null],
            ['Milk for a boy aged 10', 'child_under_12', null],
            ['Elle a 4 ans', 'child_under_6', null],
            ['Le pot a 4 ans', null, null],
            ['', null, null],
        ] as [$text, $audience, $use]) {
            yield $text => [$text, $audience, $use];
        }
    }

    #[DataProvider('texts')]
    public function test_what_it_says(string $text, ?string $audience, ?string $use): void
    {
        $said = ForWhom::in($text);
        self::assertSame([$audience, $use], [$said->audience?->value, $said->use?->value]);
        $audience === null ?: self::assertStringContainsString($said->audienceWords, $text);
        $use === null ?: self::assertStringContainsString($said->useWords, $text);
    }
}
