<?php

declare(strict_types=1);

namespace App\Ground;

use Ilvane\Core\Safety\Evaluation;

/** An evaluation for reading in a terminal. */
final readonly class EvaluationText
{
    public function __construct(private Wording $wording, private Verdict $verdict)
    {
    }

    public function of(Evaluation $evaluation): string
    {
        $assessment = $evaluation->assessment;
        $out = [$assessment->formula->name, $this->verdict->of($evaluation), ''];
        foreach ($assessment->composition->lines as $line) {
            $out[] = sprintf(
                '%2d  %s  %s  %s',
                $line->position,
                self::pad(
                    $line->ingredient === null
                        ? $line->line->spokenOf()
                        : $this->wording->ingredient($line->ingredient->key),
                    38,
                ),
                self::pad($line->grams === null ? '–' : $this->wording->grams($line->grams->likely), 10, STR_PAD_LEFT),
                self::pad(
                    $line->percent() === null ? '–' : $this->wording->percent($line->percent()->likely),
                    9,
                    STR_PAD_LEFT,
                ),
            );
        }
        foreach ($evaluation->findings as $finding) {
            $out[] = '';
            $out[] = sprintf(
                '%s  %s  [%s%s]',
                say('words.severity.'.$finding->severity->value),
                $this->wording->message($finding),
                $finding->code,
                $finding->lines === [] ? '' : ', '.implode(', ', $finding->lines),
            );
            $out[] = '      '.$this->wording->because($finding);
            foreach ($finding->fixes as $fix) {
                $out[] = '      → '.$this->wording->fix($fix);
            }
        }

        return implode("\n", $out);
    }

    private static function pad(string $text, int $width, int $side = STR_PAD_RIGHT): string
    {
        $space = str_repeat(' ', max(0, $width - mb_strwidth($text)));

        return $side === STR_PAD_LEFT ? $space.$text : $text.$space;
    }
}
