<?php

declare(strict_types=1);

namespace Ilvane\Core\Reading;

use Ilvane\Core\Formula\Application;
use Ilvane\Core\Formula\Audience;

/** What a title or a note says of who it is for and whether it is rinsed out: proposed to the maker, never set. */
final readonly class ForWhom
{
    /** The youngest first: who says "my baby and her sister" means the baby. */
    private const AUDIENCE = [
        'child_under_3' => 'bab(?:y|ies)|newborns?|infants?|toddlers?|(?:[12]|one|two)[- ]years?[- ]old'
            .'|(?:is|she’s|he’s|aged?) (?:1|2|one|two)\b|bébés?|nourrissons?|tout[- ]petits?|(?:(?<=, )'
            .'|(?<=\\()|âgée? de |fille de |fils de )(?:1|2|un|deux) ans?',
        'child_under_6' => '(?:is|she’s|he’s|aged?) (?:[345]|three|four|five)\b|preschoolers?|(?:[345]|three'
            .'|four|five)[- ]years?[- ]old'
            .'|(?:(?<=, )|(?<=\\()|âgée? de |fille de |fils de )(?:[345]|trois|quatre|cinq) ans',
        'child_under_12' => '(?:is|she’s|he’s|aged?) (?:[6-9]|1[01])\b|kids?|child(?:ren)?|(?:[6-9]'
            .'|1[01])[- ]years?[- ]old'
            .'|enfants?|(?:(?<=, )|(?<=\\()|âgée? de |fille de |fils de )(?:[6-9]|1[01]) ans',
        'pregnant' => 'pregnan(?:t|cy)|expecting|attend un bébé|mums?[- ]to[- ]be|moms?[- ]to[- ]be|enceintes?'
            .'|grossesse',
    ];

    private const USE = [
        'leave_on' => 'leave[- ](?:in|on)|no[- ]rinse'
            .'|(?:don’t|don\'t|do not|without) rins(?:e|ing)(?: it)?(?: out| off)?'
            .'|sans rinçage|ne (?:pas|rien) rincer',
        'rinse_off' => 'rins(?:e|ed|ing)[- ](?:it[- ])?(?:out|off)|rinse|wash (?:it )?(?:out|off)|pre[- ]?poo|shampoo'
            .'|à rincer|rincer|se rince|shampo+ing',
    ];

    /** Said the other way round: "not for children", "hors de portée des enfants". */
    private const NOT = '/\b(?:not|no|never|away from|avoid|unsuitable|except|pas|jamais|éviter|évite[rz]?|déconseillé'
        .'|sauf|hors de (?:la )?portée)\b[^.!?\n]{0,30}$/iu';

    private function __construct(
        public ?Audience $audience,
        public string $audienceWords,
        public ?Application $use,
        public string $useWords,
    ) {
    }

    /** @param  string  $text  title and note, at most a few thousand letters are read */
    public static function in(string $text): self
    {
        $text = mb_substr($text, 0, 4000);
        [$audience, $audienceWords] = self::first($text, self::AUDIENCE);
        [$use, $useWords] = self::first($text, self::USE);

        return new self(
            $audience === null ? null : Audience::from($audience),
            $audienceWords,
            $use === null ? null : Application::from($use),
            $useWords,
        );
    }

    /**
     * @param  array<string, string>  $patterns  by what they mean
     * @return array{string|null, string} and the words it was told by
     */
    private static function first(string $text, array $patterns): array
    {
        foreach ($patterns as $meaning => $pattern) {
            preg_match_all("/(?<![\\w-])(?:$pattern)(?![\\w])/iu", $text, $found, PREG_OFFSET_CAPTURE);
            foreach ($found[0] as [$words, $at]) {
                if (preg_match(self::NOT, substr($text, 0, $at)) !== 1) {
                    return [$meaning, $words];
                }
            }
        }

        return [null, ''];
    }
}
