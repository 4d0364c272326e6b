<?php

declare(strict_types=1);

namespace Ilvane\Core\Measure;

/**
 * Reads one amount as a maker types it, English or French: "3 %", "12 g", "1/2 tsp", "1 1/2 c. à s.",
 * "10-12 drops", "to 100", "some".
 */
final class AmountReader
{
    private const MAX_LENGTH = 80;

    /** No kitchen batch needs more of anything: a million grams, millilitres, cups or drops. */
    private const MAX_NUMBER = 1_000_000.0;

    private const VULGAR = [
        '½' => '1/2', '⅓' => '1/3', '⅔' => '2/3', '¼' => '1/4', '¾' => '3/4', '⅕' => '1/5', '⅖' => '2/5', '⅗' => '3/5',
        '⅘' => '4/5', '⅙' => '1/6', '⅚' => '5/6', '⅛' => '1/8', '⅜' => '3/8', '⅝' => '5/8', '⅞' => '7/8', '⅒' => '1/10',
    ];

    /** Unit words after folding (lower case, no accents, no dots). */
    private const UNITS = [
        'g' => Unit::Gram,
        'gr' => Unit::Gram,
        'gram' => Unit::Gram,
        'grams' => Unit::Gram,
        'gramme' => Unit::Gram,
        'grammes' => Unit::Gram,
        'kg' => Unit::Kilogram,
        'kilo' => Unit::Kilogram,
        'kilos' => Unit::Kilogram,
        'kilogram' => Unit::Kilogram,
        'kilograms' => Unit::Kilogram,
        'kilogramme' => Unit::Kilogram,
        'kilogrammes' => Unit::Kilogram,
        'mg' => Unit::Milligram,
        'milligram' => Unit::Milligram,
        'milligrams' => Unit::Milligram,
        'milligrammes' => Unit::Milligram,
        'oz' => Unit::Ounce,
        'ounce' => Unit::Ounce,
        'ounces' => Unit::Ounce,
        'once' => Unit::Ounce,
        'onces' => Unit::Ounce,
        'lb' => Unit::Pound, 'lbs' => Unit::Pound, 'pound' => Unit::Pound, 'pounds' => Unit::Pound,
        'ml' => Unit::Millilitre,
        'cc' => Unit::Millilitre,
        'millilitre' => Unit::Millilitre,
        'millilitres' => Unit::Millilitre,
        'milliliter' => Unit::Millilitre,
        'milliliters' => Unit::Millilitre,
        'cl' => Unit::Centilitre, 'centilitre' => Unit::Centilitre, 'centilitres' => Unit::Centilitre,
        'dl' => Unit::Decilitre, 'decilitre' => Unit::Decilitre, 'decilitres' => Unit::Decilitre,
        'l' => Unit::Litre,
        'litre' => Unit::Litre,
        'litres' => Unit::Litre,
        'liter' => Unit::Litre,
        'liters' => Unit::Litre,
        't' => Unit::Teaspoon,
        'tsp' => Unit::Teaspoon,
        'tsps' => Unit::Teaspoon,
        'teaspoon' => Unit::Teaspoon,
        'teaspoons' => Unit::Teaspoon,
        'teaspoonful' => Unit::Teaspoon,
        'teaspoonfuls' => Unit::Teaspoon,
        'tbsp' => Unit::Tablespoon,
        'tbsps' => Unit::Tablespoon,
        'tbs' => Unit::Tablespoon,
        'tablespoon' => Unit::Tablespoon,
        'tablespoons' => Unit::Tablespoon,
        'tablespoonful' => Unit::Tablespoon,
        'tablespoonfuls' => Unit::Tablespoon,
        'cup' => Unit::Cup, 'cups' => Unit::Cup, 'cupful' => Unit::Cup, 'cupfuls' => Unit::Cup,
        'fl oz' => Unit::FluidOunce,
        'floz' => Unit::FluidOunce,
        'fluid ounce' => Unit::FluidOunce,
        'fluid ounces' => Unit::FluidOunce,
        'pint' => Unit::Pint,
        'pints' => Unit::Pint,
        'pt' => Unit::Pint,
        'quart' => Unit::Quart,
        'quarts' => Unit::Quart,
        'qt' => Unit::Quart,
        'c a s' => Unit::MetricTablespoon,
        'c a soupe' => Unit::MetricTablespoon,
        'c a cafe' => Unit::MetricTeaspoon,
        'c a the' => Unit::MetricTeaspoon,
        'cas' => Unit::MetricTablespoon,
        'cs' => Unit::MetricTablespoon,
        'c s' => Unit::MetricTablespoon,
        'cuillere a soupe' => Unit::MetricTablespoon,
        'cuilleres a soupe' => Unit::MetricTablespoon,
        'c a c' => Unit::MetricTeaspoon,
        'cac' => Unit::MetricTeaspoon,
        'c c' => Unit::MetricTeaspoon,
        'cuillere a cafe' => Unit::MetricTeaspoon,
        'cuilleres a cafe' => Unit::MetricTeaspoon,
        'cuillere a the' => Unit::MetricTeaspoon,
        'cuilleres a the' => Unit::MetricTeaspoon,
        'tasse' => Unit::MetricCup, 'tasses' => Unit::MetricCup,
        'drop' => Unit::Drop,
        'drops' => Unit::Drop,
        'gtt' => Unit::Drop,
        'goutte' => Unit::Drop,
        'gouttes' => Unit::Drop,
    ];

    private const REST = [
        'to 100',
        'to 100 %',
        'to 100%',
        'ad 100',
        'ad 100 %',
        'qs',
        'q s',
        'qs 100',
        'qs to 100',
        'q s to 100',
        'rest',
        'the rest',
        'to make 100',
        'jusqu\'a 100',
        'jusqu\'a 100 %',
        'qsp',
        'qsp 100',
        'qsp 100 %',
        'q s p 100',
        'reste',
        'le reste',
        'a 100',
        'a 100 %',
    ];

    private const OPEN =
        '/^(some|a (good |little |generous )?'
        .'(amount|bit|glug|splash|handful|pinch|dash|drizzle|few( drops)?)|a few drops|few drops|'
        .'to taste|as needed|as desired|optional|enough|a little|un peu|quelques gouttes|une pincee|une poignee|'
        .'un filet|au gout|selon besoin|a volonte|facultatif)\b/';

    /** Measures without a measure: "a splash", "two caps of", "un filet". */
    public const LOOSE = [
        'splash', 'splashes', 'dash', 'dashes', 'pinch', 'pinches', 'drizzle', 'glug', 'glugs', 'squeeze', 'squeezes',
        'squirt', 'squirts', 'dollop', 'dollops', 'knob', 'knobs', 'dab', 'palmful', 'scoop',
        'scoops', 'capful', 'capfuls', 'cap', 'caps', 'jar', 'jars', 'bottle', 'bottles', 'glass', 'glasses', 'mug',
        'mugs', 'bowl', 'bowlful', 'spoon', 'spoons', 'ladle', 'ladles', 'pump', 'pumps', 'slice', 'slices', 'piece',
        'pieces', 'strip', 'strips', 'lump',
        'chunk', 'tin', 'bunch', 'bunches', 'lot', 'touch', 'swirl', 'hint',
        'pincee', 'pincees', 'filet', 'trait', 'traits', 'noix', 'noisette', 'bouchon', 'bouchons', 'verre', 'verres',
        'bol', 'bols', 'bocal', 'louche', 'louches', 'tranche', 'tranches', 'bouquet', 'bouquets', 'botte', 'giclee',
        'morceau', 'morceaux', 'dose', 'doses', 'pression', 'pressions', 'pointe',
    ];

    /** Said of how much with no number in it. */
    private const VAGUE =
        '/^(?:(?:le )?jus de? ?(?:1\/2|½|1|une?)? ?(?:demi)?|juice of (?:half )?(?:a|one|half|1|1\/2|½)(?: half'
        .'| a)?|de quoi|as much|plenty of|lots of|autant d?e?|the same of|same amount of|quelques(?: brins)?)$/';

    private const NUMBER = '(?:\d+(?:[.,]\d+)?(?:e[+-]?\d+)?(?:\s+\d+\s*\/\s*\d+)?|[.,]\d+)(?:\s*\/\s*\d+)?';

    /** The unit a folded word stands for; null when it stands for none. */
    public static function unit(string $folded): ?Unit
    {
        return self::UNITS[$folded] ?? null;
    }

    /** @throws UnreadableAmount */
    public static function read(string $entered): Amount
    {
        $text = self::fold($entered);

        return match (true) {
            $text === '' => throw new UnreadableAmount($entered, UnreadableAmount::EMPTY),
            mb_strlen($entered) > self::MAX_LENGTH => throw new UnreadableAmount($entered, UnreadableAmount::TOO_LONG),
            in_array($text, self::REST, true) => Amount::rest(trim($entered)),
            preg_match(self::OPEN, $text) === 1, self::isLoose($text) => Amount::open(trim($entered)),
            default => self::numbered($text, trim($entered)),
        };
    }

    /** "A splash", "two caps": a measure whose size nobody knows. */
    private static function isLoose(string $text): bool
    {
        return preg_match(self::VAGUE, $text) === 1
            || preg_match('/^(?:[\p{L}\d.,\/ -]+ )?('.implode('|', self::LOOSE).')$/u', $text) === 1;
    }

    /** @throws UnreadableAmount */
    private static function numbered(string $text, string $entered): Amount
    {
        $number = self::NUMBER;
        if (preg_match('/^[-−–]\s*\d/u', $text) === 1) {
            throw new UnreadableAmount($entered, UnreadableAmount::NEGATIVE);
        }
        if (preg_match(
            "#^(?:about |around |approx |environ )?($number)(?:\s*(?:-|–|to|or|a|ou)\s*($number))?\s*(.*)$#u",
            $text,
            $found,
        ) !== 1) {
            throw new UnreadableAmount($entered, UnreadableAmount::NO_NUMBER);
        }
        if (preg_match('/\d,\d{3}(?!\d)/', $found[1].' '.$found[2]) === 1) {
            throw new UnreadableAmount($entered, UnreadableAmount::COMMA);
        }
        $low = self::number($found[1]);
        $high = $found[2] === '' ? $low : self::number($found[2]);
        if ($low > $high) {
            throw new UnreadableAmount($entered, UnreadableAmount::RANGE_BACKWARDS);
        }
        if ($high <= 0.0) {
            throw new UnreadableAmount($entered, UnreadableAmount::ZERO);
        }
        if ($high > self::MAX_NUMBER) {
            throw new UnreadableAmount($entered, UnreadableAmount::TOO_LARGE);
        }
        $band = Band::of($low, ($low + $high) / 2, $high);
        $word = trim($found[3]);

        return match (true) {
            $word === '' => throw new UnreadableAmount($entered, UnreadableAmount::NO_UNIT),
            in_array($word, ['%', 'percent', 'per cent', 'pct', 'pour cent'], true) => $high > 100.0
                ? throw new UnreadableAmount($entered, UnreadableAmount::ABOVE_100)
                : Amount::percent($band, $entered),
            isset(self::UNITS[$word]) => Amount::measured($band, self::UNITS[$word], $entered),
            Piece::named($word) !== null => Amount::pieces($band, Piece::named($word), $entered),
            default => throw new UnreadableAmount($entered, UnreadableAmount::UNKNOWN_UNIT),
        };
    }

    private static function number(string $text): float
    {
        $text = str_replace(',', '.', trim($text));
        if (preg_match('#^(?:(\d+(?:\.\d+)?)\s+)?(\d*\.?\d+)\s*/\s*(\d+)$#', $text, $part) === 1) {
            return (float) $part[3] > 0 ? (float) $part[1] + (float) $part[2] / (float) $part[3] : INF;
        }

        return (float) $text;
    }

    private static function fold(string $entered): string
    {
        $text = mb_strtolower(trim($entered));
        $text = str_replace(["\u{2019}", "\u{A0}", "\u{202F}", '⁄', "\u{2212}"], ["'", ' ', ' ', '/', '-'], $text);
        $text = preg_replace_callback(
            '/(\d)?\s*([½⅓⅔¼¾⅕⅖⅗⅘⅙⅚⅛⅜⅝⅞⅒])/u',
            static fn (array $m): string => ($m[1] === '' ? '' : $m[1].' ').self::VULGAR[$m[2]],
            $text,
        ) ?? '';
        $text = strtr(
            $text,
            [
                'à' => 'a',
                'â' => 'a',
                'è' => 'e',
                'é' => 'e',
                'ê' => 'e',
                'î' => 'i',
                'ï' => 'i',
                'ô' => 'o',
                'û' => 'u',
                'ù' => 'u',
                'ç' => 'c',
            ],
        );
        $text = preg_replace(['/\.(?!\d)/', '#(\d) (?:and|et) (\d+/\d)#'], [' ', '$1 $2'], $text) ?? '';

        return trim(preg_replace('/\s+/', ' ', $text) ?? '');
    }
}
