<?php

declare(strict_types=1);

namespace Ilvane\Core\Label;

/**
 * Words that make a cosmetic a medicine, or promise what nobody can keep: growth, cure, treatment, killing germs.
 * EU: common criteria of Regulation (EU) No 655/2013; US: FD&C Act, sec. 201(g), and 21 CFR 310.527 on hair growers
 * (recalled). English and French. A list of words, not a lawyer: what is not found is not thereby allowed.
 */
final class Claims
{
    /** Kind of claim => patterns on folded text. */
    private const PATTERNS = [
        'growth' => [
            'hair[- ]?grow(?:th|er|s|ing)?',
            'grow(?:s|ing)? (?:your |the |new |longer |back )*(?:hair|edges|lashes|beard)',
            're-?grow(?:th|s|ing)?',
            'stimulat\w+ (?:the |hair )*(?:follicles?|growth|roots?)',
            'anti[- ]?hair[- ]?loss',
            '(?:stops?|prevents?|against|fights?) (?:hair ?loss|shedding|balding|baldness|alopecia)',
            'hair ?loss (?:treatment|cure|remedy)',
            '(?:re)?pousse (?:des |de vos |les )?cheveux',
            'repousse',
            'faire? pousser',
            'fait pousser',
            'anti-?chute',
            '(?:stoppe|arrete|previent|contre) la chute',
            'stimul\w+ (?:la pousse|les follicules|les racines)',
        ],
        'cure' => [
            'cures?',
            'cured',
            'heals?',
            'healing',
            'treats?',
            'treatment (?:of|for|against) (?:dandruff|eczema|psoriasis|hair loss|ringworm|lice)',
            'remedy for',
            'therapeutic',
            'medicin\w+',
            'medicated',
            'gueri[rst]\w*',
            'soigne[rsz]?',
            'traite (?:les? |la |l\')',
            'traitement (?:de|du|des|contre) (?:pellicules|l\'eczema|psoriasis|la chute|teigne|poux)',
            'remede',
            'therapeutique',
            'medicament\w*',
        ],
        'disease' => [
            'eczema',
            'psoriasis',
            'dermatitis',
            'dermatite',
            'alopecia',
            'alopecie',
            'ringworm',
            'teigne',
            'scalp infection',
            'infection du cuir chevelu',
            'anti-?dandruff',
            'anti-?pelliculaire',
        ],
        'germs' => [
            'anti-?bacterial',
            'anti-?bacterien\w*',
            'anti-?fungal',
            'anti-?fongique\w*',
            'anti-?microbial',
            'anti-?microbien\w*',
            'anti-?septic',
            'anti-?septique\w*',
            'kills? (?:germs|bacteria|lice|fung\w+)',
            'tue les (?:germes|bacteries|poux)',
            'disinfect\w*',
            'desinfect\w*',
        ],
        'proof' => [
            'clinically proven',
            'scientifically proven',
            'doctor approved',
            'dermatologist[- ]tested',
            'prouve cliniquement',
            'cliniquement prouve',
            'teste dermatologiquement',
            'guaranteed results?',
            'resultats? garantis?',
            '100 ?% safe',
            'chemical[- ]free',
            'sans produits? chimiques?',
        ],
        'never' => [
            'never (?:goes|go|turns?) (?:off|bad|rancid)',
            'lasts forever',
            'keeps? forever',
            'ne (?:tourne|rancit|perime) jamais',
            'se conserve indefiniment',
        ],
    ];

    /** Said not to do it, it is no claim. */
    private const DENIED =
        '/\b(?:no|not|never|without|doesn\'t|does not|don\'t|makes? no|aucune?|pas|jamais|sans|ne)\W+(?:\w+\W+){0,3}$/';

    private const MOST_FOUND = 12;

    /**
     * @return list<array{kind: string, words: string}> each kind's words as they stand in the text, in the order they
     *   come
     */
    public static function in(string $text): array
    {
        [$folded, $original] = self::folded($text);
        $found = [];
        foreach (self::PATTERNS as $kind => $patterns) {
            preg_match_all('/\b(?:'.implode('|', $patterns).')\b/u', $folded, $matches, PREG_OFFSET_CAPTURE);
            foreach ($matches[0] as [$words, $at]) {
                $before = substr($folded, 0, $at);
                if (
                    $kind !== 'never'
                    && preg_match(self::DENIED, substr($before, (int) max(0, strrpos($before, '.') ?: 0))) === 1
                ) {
                    continue;
                }
                $found[$at] ??= [
                    'kind' => $kind,
                    'words' => mb_substr($original, mb_strlen($before), mb_strlen($words)),
                ];
            }
        }
        ksort($found);

        return array_slice(array_values($found), 0, self::MOST_FOUND);
    }

    /**
     * @return array{string, string} lower case without accents, and the text itself; letter for letter the same length
     */
    private static function folded(string $text): array
    {
        $text = strtr(
            mb_scrub($text),
            ["\u{2019}" => "'", "\u{202F}" => ' ', "\u{A0}" => ' ', "\n" => ' ', "\r" => ' '],
        );
        $folded = strtr(
            mb_strtolower($text),
            [
                'à' => 'a',
                'â' => 'a',
                'ä' => 'a',
                'ç' => 'c',
                'é' => 'e',
                'è' => 'e',
                'ê' => 'e',
                'ë' => 'e',
                'î' => 'i',
                'ï' => 'i',
                'ô' => 'o',
                'ö' => 'o',
                'ù' => 'u',
                'û' => 'u',
                'ü' => 'u',
            ],
        );

        return [$folded, mb_strlen($folded) === mb_strlen($text) ? $text : $folded];
    }
}
