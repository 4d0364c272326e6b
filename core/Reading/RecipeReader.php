<?php

declare(strict_types=1);

namespace Ilvane\Core\Reading;

use Ilvane\Core\Material\Catalogue;

/**
 * Reads a kitchen recipe, English or French or both, in lines or in sentences. Amounts are tied to the names beside
 * them; what is doubtful says so and names what it may be; nothing is dropped. Linear in the length of the text.
 */
final class RecipeReader
{
    public const MAX_BYTES = 200_000;

    public const MAX_LINE_BYTES = 20_000;

    /** Lines behind a heading that tell what it is made of. */
    private const LOOKED_AHEAD = 4;

    private readonly NameIndex $names;

    public function __construct(private readonly Catalogue $catalogue)
    {
        $this->names = new NameIndex($catalogue);
    }

    /**
     * @param  array<string, Role>  $roles  what the maker says a stretch is, by the key of Recipe::keyed()
     *
     * @throws TextRefused
     */
    public function read(string $text, array $roles = []): Recipe
    {
        self::refuse($text);
        $builder = new NoteBuilder($this->catalogue, $this->names, $text);
        $title = '';
        $offset = 0;
        $isFirst = true;
        $rows = explode("\n", $text);
        foreach ($rows as $n => $raw) {
            if (strlen($raw) > self::MAX_LINE_BYTES) {
                throw new TextRefused('line_too_long', $n + 1);
            }
            $tokens = Lexer::tokens($raw, $offset);
            $start = $offset;
            $offset += strlen($raw) + 1;
            if ($tokens === []) {
                $builder->blank();

                continue;
            }
            $rest = $isFirst ? substr($text, $offset) : '';
            $name = trim($rest) === '' ? null : TitleLine::of(
                $raw,
                $tokens,
                $rest,
                $this->names,
                $this->catalogue,
            );
            $colon = $isFirst && $name === null ? TitleLine::beforeColon($raw, $this->names, $this->catalogue) : null;
            if ($colon !== null) {
                $title = $colon->name;
                $blank = strlen($raw) - strlen(ltrim($raw));
                $builder->spans->mark(new Span($start + $blank, $start + $colon->length), Role::Title);
                $builder->line(Lexer::tokens(substr($raw, $colon->length), $start + $colon->length));
            } elseif ($isFirst && $name !== null) {
                $title = $name->name;
                $builder->yield = $name->yield;
                $name->mark($builder, $start, $raw);
            } else {
                $builder->line($tokens, implode("\n", array_slice($rows, $n + 1, self::LOOKED_AHEAD)));
            }
            $isFirst = false;
        }

        return $builder->recipe($title, $roles);
    }

    private static function refuse(string $text): void
    {
        if (strlen($text) > self::MAX_BYTES) {
            throw new TextRefused('too_large');
        }
        if (! mb_check_encoding($text, 'UTF-8') || preg_match('/[\x00-\x08\x0E-\x1F]/', $text) === 1) {
            throw new TextRefused('not_text');
        }
    }
}
