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
        'child_under_3' => 'bab(?:y|ies)|newborns?|infants?|toddlers?|{age:1|2|one|two}'
            .'|bébés?|nourrissons?|tout[- ]petits?|{âge:1|2|un|deux}',
        'child_under_6' => 'preschoolers?|{age:3|4|5|three|four|five}|{âge:3|4|5|trois|quatre|cinq}',
        'child_under_12' => 'kids?|child(?:ren)?|{age:6|7|8|9|10|11|six|seven|eight|nine|ten|eleven}'
            .'|enfants?|{âge:6|7|8|9|10|11|six|sept|huit|neuf|dix|onze}',
        'pregnant' => 'pregnan(?:t|cy)|expecting|attend un bébé|mums?[- ]to[- ]be|moms?[- ]to[- ]be|enceintes?'
            .'|grossesse',
    ];

    /** Whose age it is: a number alone is as often a pH or a dose. */
    private const AGES = [
        'age' => '(?:%1$s)[- ]years?[- ]old|(?:(?:she|he|who|daughter|son|niece|nephew|girl|boy|sister|brother|%2$s) is'
            .'|she[’\']s|he[’\']s|aged?) (?:%1$s)\b(?! ?(?:%3$s))',
        'âge' => '(?:(?<=, )|(?<=\\()|âgée? de |fille de |fils de |(?:elle|il|fille|fils|%2$s) a )(?:%1$s) ans?',
    ];

    /** Somebody by name, but none of these. */
    private const NAMED = '(?!(?:batch|ratio|dose|yield|total|step|phase|it|this|that|there|here|what|which|water|oil'
        .'|number|strength|load|rest|ph|le|la|ce|cette|un|une) )(?-i:\p{Lu}\p{Ll}+)';

    private const UNITS = '[.,]\d|to\b|[:%°\/x×]|-\d|(?:g|ml|l|oz|tsp|tbsp|cm|drops?|parts?|days?|weeks?|months?|hours?'
        .'|minutes?|mins?|bottles?|jars?|cups?|times|grams?|percent|per cent)\b';

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
            $pattern = self::withAges($pattern);
            preg_match_all("/(?<![\\w-])(?:$pattern)(?![\\w])/iu", $text, $found, PREG_OFFSET_CAPTURE);
            foreach ($found[0] as [$words, $at]) {
                if (preg_match(self::NOT, substr($text, 0, $at)) !== 1) {
                    return [$meaning, $words];
                }
            }
        }

        return [null, ''];
    }

    private static function withAges(string $pattern): string
    {
        return preg_replace_callback(
            '/\{(âge|age):([^}]+)\}/u',
            static fn (array $found): string => sprintf(self::AGES[$found[1]], $found[2], self::NAMED, self::UNITS),
            $pattern,
        ) ?? $pattern;
    }
}
