<?php

declare(strict_types=1);

namespace Ilvane\Core\Reading;

/** Whether a note says that plants are cooked in the oil until their water has gone. Heating alone doesn't say so. */
final class CookedOut
{
    private const SAID = '/
        \b(?:until|till)\s(?:all\s)?(?:of\s)?(?:the\s|its\s|their\s|any\s)?(?:water|moisture|juice)
            (?:[’\']s|\sis|\sare|\shas|\shave)?(?:\sall)?\s
            (?:gone|evaporate[sd]?|cook(?:s|ed)\s(?:off|out|away)|boil(?:s|ed)\s(?:off|out|away)|disappear(?:s|ed))\b
        | \b(?:until|till)\s(?:the\s|all\s)?(?:bubbl|sizzl|crackl|hiss)\w*\s(?:has\s|have\s)?(?:stop|end|die|cease)
        | \b(?:until|till)\sit\s(?:stops|no\slonger)\s(?:bubbl|sizzl|crackl|hiss)
        | jusqu[’\']à\s(?:l[’\'])?(?:complète\s|totale\s)?évaporation\s(?:complète\s|totale\s)?de\s(?:toute\s)?l[’\']eau
        | jusqu[’\']à\sce\sque\s(?:toute\s)?l[’\']eau\s(?:s[’\']évapore|disparaisse
            |(?:soit|se\ssoit|ait)\s(?:\w+\s)?(?:évaporée|partie|disparu))
        | jusqu[’\']à\sce\squ[’\']il\sn[’\']y\sait\splus\sd[’\']eau
        | jusqu[’\']à\sce\squ(?:e|[’\'])\s?(?:[\w’\']+\s){1,3}ne\s(?:grésille|crépite|bulle)(?:nt)?\splus
        /iux';

    /** Crisp by cooking: dried leaves are crisp, too. */
    private const CRISP = '/
        \b(?:cook|fry|simmer|sizzle|heat|cuire|cuisez|frire|faites\sfrire|chauff|mijot)[^.;!?]*
        (?:\b(?:until|till)\s(?:\w+\s){1,4}(?:\w+\s)?crisp
            |jusqu[’\']à\sce\sque\s(?:[\w’\']+\s){1,4}(?:soient|deviennent)\s(?:\w+\s)?croustillant)
        /iux';

    /** What goes before it in its clause and turns it round. */
    private const NOT = '/\b(?:not|never|don[’\']t|pas|jamais)\b[^.,;:!?]{0,40}$/iu';

    public static function in(string $text): bool
    {
        $line = (string) preg_replace('/\s+/u', ' ', $text);
        foreach ([self::SAID, self::CRISP] as $pattern) {
            preg_match_all($pattern, $line, $found, PREG_OFFSET_CAPTURE);
            foreach ($found[0] as [, $at]) {
                if (preg_match(self::NOT, substr($line, 0, $at)) !== 1) {
                    return true;
                }
            }
        }

        return false;
    }
}
