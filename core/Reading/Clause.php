<?php

declare(strict_types=1);

namespace Ilvane\Core\Reading;

/** A stretch of a line that says one thing, with its words in a row. */
final class Clause
{
    /** Folded words with one space between them; of the marks only , ( ) : % are kept. */
    public readonly string $words;

    /** @var array<int, int> place in the words by token */
    private array $places = [];

    /** @param  list<Token>  $tokens  at least one */
    public function __construct(public readonly array $tokens)
    {
        $words = '';
        foreach ($tokens as $at => $token) {
            if ($token->kind === Token::MARK && ! $token->is(',', '(', ')', ':', '%')) {
                continue;
            }
            $words .= $words === '' ? '' : ' ';
            $this->places[$at] = strlen($words);
            $words .= $token->folded;
        }
        $this->words = $words;
    }

    public function span(): Span
    {
        return Span::over($this->tokens, 0, count($this->tokens));
    }

    public function says(string $pattern): bool
    {
        return preg_match($pattern, $this->words) === 1;
    }

    /**
     * The tokens a pattern is found at.
     *
     * @return array{int, int}|null from, and the one after the last
     */
    public function where(string $pattern): ?array
    {
        if (preg_match($pattern, $this->words, $found, PREG_OFFSET_CAPTURE) !== 1) {
            return null;
        }
        [$begin, $end] = [$found[0][1], $found[0][1] + strlen($found[0][0])];
        $at = array_keys(array_filter(
            $this->places,
            static fn (int $place): bool => $place >= $begin && $place < $end,
        ));

        return $at === [] ? null : [min($at), max($at) + 1];
    }

    /** The first word that says anything: past bullets, list numbers and small words before a verb. */
    public function start(): int
    {
        $at = 0;
        while (isset($this->tokens[$at]) && $this->tokens[$at]->kind === Token::MARK && ! $this->tokens[$at]->is('(')) {
            $at++;
        }
        $isNumbered = isset($this->tokens[$at + 1])
            && $this->tokens[$at]->kind === Token::NUMBER
            && $this->tokens[$at + 1]->is('.', ')')
            && $this->tokens[$at]->end === $this->tokens[$at + 1]->start;

        return $isNumbered ? $at + 2 : $at;
    }

    /** Whether it begins with a word that tells what to do. */
    public function isDoing(): bool
    {
        $at = $this->start();
        for ($skipped = 0; isset($this->tokens[$at]) && $skipped < 4; $skipped++) {
            if ($this->tokens[$at]->kind === Token::WORD && $this->tokens[$at]->is(...RoleWords::DOING)) {
                $after = ($this->tokens[$at + 1] ?? null)?->is('-') ? $at + 2 : $at + 1;

                return ! ($this->tokens[$after] ?? $this->tokens[$at])->is('bought'); // "store-bought aloe"
            }
            if (! $this->tokens[$at]->is(...RoleWords::BEFORE_DOING, ...["'", '’', ','])) {
                return false;
            }
            $at++;
        }

        return false;
    }

    /** Whether one of its words tells what is done: "everything simmers". */
    public function isTold(): bool
    {
        foreach ($this->tokens as $token) {
            $stem = preg_replace('/(?:es|s)$/', '', $token->folded);
            if ($token->is(...RoleWords::ADDING)
                || in_array($token->folded === $stem ? '' : $stem, RoleWords::DOING, true)) {
                return true;
            }
        }

        return false;
    }

    /** Whether one of its words is among these. */
    public function has(string ...$words): bool
    {
        foreach ($this->tokens as $token) {
            if ($token->is(...$words)) {
                return true;
            }
        }

        return false;
    }
}
