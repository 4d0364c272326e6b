<?php

declare(strict_types=1);

namespace Ilvane\Core\Reading;

use Ilvane\Core\Material\Catalogue;

/** Tells an oil that a note draws itself from one that is bought. */
final readonly class DrawnInOil
{
    public function __construct(private Catalogue $catalogue, private Items $finder)
    {
    }

    /**
     * "Rosemary oil:" alone in its line, over a plant and an oil with their amounts: drawn of them, and not bought.
     *
     * @param  list<Token>  $tokens
     * @param  string  $after  the lines behind it, a few
     */
    public function heading(array $tokens, string $after): ?Heading
    {
        $words = array_column(array_filter(
            $tokens,
            static fn (Token $token): bool => $token->kind === Token::WORD,
        ), 'folded');
        $makes = array_values(array_intersect($words, ['oil', 'huile', 'macerat']))[0] ?? null;
        if ($makes === null || count($words) > 5 || count($words) < 2 || ! end($tokens) instanceof Token
            || ! end($tokens)->is(':')) {
            return null;
        }
        [$isOfPlant, $isOfOil] = [false, false];
        foreach (explode("\n", (explode("\n\n", $after)[0])) as $row) {
            [$items] = $this->finder->in(array_slice(Lexer::tokens($row, 0), 0, 20), []);
            $isMeasured = array_filter($items, static fn (Item $item): bool => $item->quantity !== null) !== [];
            foreach ($isMeasured ? array_filter(array_column($items, 'key')) : [] as $key) {
                $kind = $this->catalogue->get($key)->kind;
                $isOfPlant = $isOfPlant || $kind->isPlant();
                $isOfOil = $isOfOil || $kind->takesPlants();
            }
        }

        return $isOfPlant && $isOfOil ? new Heading(null, $makes, $words, count($tokens)) : null;
    }
}
