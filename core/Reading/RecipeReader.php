<?php

declare(strict_types=1);

namespace Ilvane\Core\Reading;

use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Material\Phase;

/**
 * Reads a kitchen recipe, English or French or both, in lines or in sentences. Amounts are tied to the names beside
 * them; what is doubtful says so and names what it may be; nothing is dropped. Linear in the length of the text.
 */
final class RecipeReader
{
    public const MAX_BYTES = 200_000;

    public const MAX_LINE_BYTES = 20_000;

    private const HEATING = [
        'heat',
        'warm',
        'melt',
        'bath',
        'chauffer',
        'chauffez',
        'chauffe',
        'bain',
        'fondre',
        'phases',
        'simmer',
    ];

    private const COOLING = [
        'cool',
        'cools',
        'cooled',
        'below',
        'under',
        'refroidir',
        'refroidi',
        'tiede',
        'sous',
        'moins',
    ];

    private const GATE_AT_MOST = 50.0;

    private readonly NameIndex $names;

    public function __construct(private readonly Catalogue $catalogue)
    {
        $this->names = new NameIndex($catalogue);
    }

    /** @throws TextRefused */
    public function read(string $text): Recipe
    {
        self::refuse($text);
        $reader = new LineReader($this->catalogue, $this->names);
        $lines = $hints = $others = [];
        $title = '';
        $phase = $yield = $heat = $gate = null;
        $offset = 0;
        $isFirst = true;
        foreach (explode("\n", $text) as $n => $raw) {
            if (strlen($raw) > self::MAX_LINE_BYTES) {
                throw new TextRefused('line_too_long', $n + 1);
            }
            $tokens = Lexer::tokens($raw, $offset);
            $offset += strlen($raw) + 1;
            if ($tokens === []) {
                continue;
            }
            $rest = $isFirst ? substr($text, $offset) : '';
            $isFirst = false;
            $name = trim($rest) === '' ? null : TitleLine::of(
                $raw,
                $tokens,
                preg_match('/[\d½¼¾⅓⅔]/u', $rest) === 1,
                $this->names,
                $this->catalogue,
            );
            if ($name !== null) {
                [$title, $yield] = [$name->name, $name->yield];
                if ($name->saysMore) {
                    $others[] = new Span($tokens[0]->start, $tokens[count($tokens) - 1]->end);
                }

                continue;
            }
            $heading = Headings::phase($tokens);
            if ($heading !== null) {
                $phase = $heading;

                continue;
            }
            [$items, $said] = $reader->items($tokens);
            $stated = StatedYield::endOf($raw);
            $stated = $stated !== null && $stated->isSaid && $stated->at === 0 ? $stated : null;
            $found = $stated === null ? $reader->lines($tokens, $items, $said !== [], $phase, $text) : [];
            array_push($lines, ...$found);
            array_push($hints, ...$said);
            $yield ??= $stated;
            foreach ($said as $hint) {
                if ($hint->kind === 'temperature') {
                    $before = $gate;
                    [$heat, $gate] = self::whichHeat($tokens, (float) $hint->value, $heat, $gate);
                    // what comes after the making has begun no longer belongs to the heading above it
                    $phase = $gate !== $before ? Phase::Cooldown : ($found === [] ? null : $phase);
                }
            }
            if ($found === [] && $stated === null) {
                $span = new Span($tokens[0]->start, $tokens[count($tokens) - 1]->end);
                if (
                    $title === ''
                    && $lines === []
                    && $said === []
                    && count($tokens) <= 12
                    && ! self::hasNumber($tokens)
                ) {
                    $title = preg_replace('/^[\s:–-]+|[\s:–-]+$/u', '', $span->of($text)) ?? '';
                } else {
                    $others[] = $span;
                }
            }
        }

        return new Recipe(
            $text,
            mb_substr($title, 0, 120),
            FamilyGuess::of($lines, $this->catalogue),
            $yield,
            $heat,
            $gate,
            $lines,
            $hints,
            $others,
        );
    }

    /** @param  list<Token>  $tokens */
    private static function hasNumber(array $tokens): bool
    {
        return array_filter($tokens, static fn (Token $token): bool => $token->kind === Token::NUMBER) !== [];
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

    /**
     * @param  list<Token>  $tokens
     * @return array{float|null, float|null} heat and gate
     */
    private static function whichHeat(array $tokens, float $celsius, ?float $heat, ?float $gate): array
    {
        $says = static fn (array $words): bool => array_filter(
            $tokens,
            static fn (Token $token): bool => in_array($token->folded, $words, true),
        ) !== [];
        if ($celsius <= self::GATE_AT_MOST && $celsius >= 25 && $says(self::COOLING)) {
            return [$heat, $gate ?? $celsius];
        }

        return $celsius > self::GATE_AT_MOST && $celsius <= 100 && $says(self::HEATING)
            ? [max($heat ?? 0.0, $celsius), $gate]
            : [$heat, $gate];
    }
}
