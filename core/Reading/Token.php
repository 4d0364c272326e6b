<?php

declare(strict_types=1);

namespace Ilvane\Core\Reading;

/** One word, number or mark of a recipe, with where it stands in the text (bytes). */
final readonly class Token
{
    public const NUMBER = 'number';

    public const WORD = 'word';

    public const MARK = 'mark';

    public function __construct(
        public string $kind,
        public string $folded,
        public float $value,
        public int $start,
        public int $end,
    ) {
    }

    public function is(string ...$folded): bool
    {
        return in_array($this->folded, $folded, true);
    }

    /**
     * Folded, without the marks, one space between them.
     *
     * @param  array<self>  $tokens
     */
    public static function written(array $tokens): string
    {
        return implode(' ', array_column(
            array_filter($tokens, static fn (self $token): bool => $token->kind !== self::MARK),
            'folded',
        ));
    }
}
