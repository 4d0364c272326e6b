<?php

declare(strict_types=1);

namespace Ilvane\Core\Reading;

use Ilvane\Core\Measure\Amount;
use Ilvane\Core\Measure\AmountReader;
use Ilvane\Core\Measure\Dimension;
use Ilvane\Core\Measure\UnitSystem;
use Ilvane\Core\Measure\UnreadableAmount;

/** What a note says it makes: so many grams, or so many containers of a size. */
final readonly class StatedYield
{
    private const COUNTS = [
        'a' => 1, 'an' => 1, 'one' => 1, 'two' => 2, 'three' => 3, 'four' => 4, 'five' => 5, 'six' => 6, 'eight' => 8,
        'ten' => 10, 'twelve' => 12,
        'un' => 1, 'une' => 1, 'deux' => 2, 'trois' => 3, 'quatre' => 4, 'cinq' => 5, 'huit' => 8, 'dix' => 10,
        'douze' => 12,
    ];

    private const LEAD =
        'it|this|remplir|remplissez|fill|into|makes?|fills?|gives?|yields?|batch|total|enough|for|pour|donne'
            .'|remplit|rendement'
        .'|recette|of|de'
        .'|about|around|approx|environ|the|le|la';

    private const CONTAINER =
        'batch(?:es)?|total|in all|au total|en tout|altogether|or so|environ|bars?|pains?|savons?|blocks?|cakes?'
            .'|pucks?|jars?|pots?|bottles?|tins?|tubs?'
            .'|tubes?|vials?|droppers?|pumps?|sprays?|bo[iî]tes?'
        .'|flacons?|bocal|bocaux|bouteilles?|tubes';

    private const MARKS = '[\s(,;:.\/=≈~|–—-]*';

    /**
     * @param  Amount  $amount  of one container, or of the whole where there is but one
     * @param  int  $at  where it begins in what it was looked for in, bytes, with the marks before it
     * @param  bool  $isSaid  a word for it, a container or brackets say that it is a yield; else it may be an amount
     */
    private function __construct(public int $count, public Amount $amount, public int $at, public bool $isSaid)
    {
    }

    /** The yield at the end of a title or alone in a line; null where there is none. */
    public static function endOf(string $line): ?self
    {
        $counts = implode('|', array_keys(self::COUNTS));
        $found = preg_match(
            '/(?<=^|[\s(,;:.\/=~|–—-])(?<lead>(?:(?:'.self::LEAD.')\b[\s:]+)*)'
            ."(?:(?<count>\\d{1,2}|$counts)\\s*(?:x\\s*|×\\s*|\\b\\s*))?"
            .'(?<before>(?:'.self::CONTAINER.')(?:\s+(?!of\b|de\b)\p{L}+)?\s+(?:(?:of|de)\s+)?)?'
            .'(?<amount>\d+(?:[.,]\d+)?\s*(?:kg|g|grams?|grammes?|ml|cl|l|fl\.?\s?oz|oz|cups?|tasses?|pints?)\b'
            .'|\b(?:an?|une?|half a)\s+(?:litre|liter|cup|tasse|pint|kilo)\b)'
            .'(?<after>(?:[\s-]+\p{L}+){0,5})'.self::MARKS.'\)?\s*$/iu',
            $line,
            $part,
            PREG_OFFSET_CAPTURE,
        );
        if ($found !== 1 || ! self::isContainerAfter($part['after'][0])) {
            return null;
        }
        try {
            $amount = AmountReader::read(strtr(mb_strtolower($part['amount'][0]), [
                ',' => '.', 'half a ' => '0.5 ', 'une ' => '1 ', 'un ' => '1 ', 'an ' => '1 ', 'a ' => '1 ',
            ]));
        } catch (UnreadableAmount) {
            return null; // nought of it, or more than there can be
        }
        $count = mb_strtolower($part['count'][0]);
        $before = substr($line, 0, $part['lead'][1]);
        $at = strlen(preg_replace('/'.self::MARKS.'$/u', '', $before) ?? $before);
        $isSaid = trim($part['lead'][0].$part['before'][0].$part['after'][0]) !== ''
            || str_contains(substr($before, $at), '(');

        return preg_match('/^0+$/', $count) === 1
            ? null
            : new self($count === '' ? 1 : self::COUNTS[$count] ?? (int) $count, $amount, $at, $isSaid);
    }

    /** The same in a text that is longer before it. */
    public function behind(int $bytes): self
    {
        return new self($this->count, $this->amount, $this->at + $bytes, $this->isSaid);
    }

    /** Grams of the whole; null where it is told by volume. */
    public function grams(): ?float
    {
        return $this->amount->unit?->dimension() === Dimension::Mass && $this->amount->number !== null
            ? $this->count * $this->amount->number->likely * (float) $this->amount->unit->grams()
            : null;
    }

    /** Millilitres of the whole; null where it is told by weight. */
    public function millilitres(): ?float
    {
        $one = $this->amount->unit?->millilitres(UnitSystem::MetricKitchen);

        return $one === null
            || $this->amount->number === null ? null : $this->count * $this->amount->number->likely * $one;
    }

    /** "250 g", "3 x 75 ml". */
    public function told(): string
    {
        $size = Amount::plain((float) $this->amount->number?->likely).' '.$this->amount->unit?->value;

        return $this->count > 1 ? "$this->count x $size" : $size;
    }

    private static function isContainerAfter(string $words): bool
    {
        return trim($words) === '' || preg_match('/\b(?:'.self::CONTAINER.')$/iu', trim($words)) === 1;
    }
}
