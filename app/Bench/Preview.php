<?php

declare(strict_types=1);

namespace App\Bench;

use App\Formulas\DraftLines;
use App\Ground\Wording;
use Ilvane\Core\Safety\Fix;

/**
 * What pressing an offer would change, line by line, before it is pressed.
 *
 * @phpstan-import-type DraftLine from DraftLines
 */
final readonly class Preview
{
    public function __construct(private Wording $wording)
    {
    }

    /**
     * @param  list<DraftLine>  $lines
     * @return string "7: 0.08 % → 0.9 %; 1: 40 g → to 100"
     */
    public function of(Fix $fix, array $lines): string
    {
        if (count($fix->patch) === 1 && is_array($fix->patch[0]['value'] ?? null)) {
            return ''; // a line added: the offer's own words say it all
        }

        return implode(
            '; ',
            array_filter(array_map(fn (array $change): string => $this->change($change, $lines), $fix->patch)),
        );
    }

    /**
     * @param  array{op: string, path: string, value?: mixed}  $change
     * @param  list<DraftLine>  $lines
     */
    private function change(array $change, array $lines): string
    {
        $value = $change['value'] ?? null;
        [$at, $field] = preg_match('#^/lines/(\d+|-)(?:/(\w+))?$#', $change['path'], $found) === 1
            ? [$found[1], $found[2] ?? '']
            : [null, ''];
        if ($at === null) {
            return is_scalar($value)
                ? say(
                    'ui.bench.preview.other',
                    ['to' => is_float($value) ? $this->wording->number($value) : (string) $value],
                )
                : '';
        }
        if (is_array($value)) {
            return say(
                'ui.bench.preview.add',
                [
                    'what' => $this->name($value['ingredient'] ?? null),
                    'amount' => is_string($value['amount'] ?? null) ? $value['amount'] : '',
                ],
            );
        }
        $line = $lines[(int) $at] ?? null;
        $number = (string) ((int) $at + 1);
        if ($line === null || $change['op'] === 'remove') {
            return $line === null
                ? ''
                : say(
                    'ui.bench.preview.remove',
                    [
                        'line' => $number,
                        'what' => $line['name'] !== '' ? $line['name'] : $this->name($line['ingredient']),
                    ],
                );
        }

        return match ($field) {
            'amount' => say(
                'ui.bench.preview.change',
                ['line' => $number, 'from' => $line['amount'], 'to' => is_string($value) ? $value : ''],
            ),
            'phase' => say(
                'ui.bench.preview.to',
                ['line' => $number, 'to' => say('words.phase.'.(is_string($value) ? $value : ''))],
            ),
            'ingredient' => say('ui.bench.preview.to', ['line' => $number, 'to' => $this->name($value)]),
            default => '',
        };
    }

    private function name(mixed $key): string
    {
        return is_string($key) && $key !== '' ? $this->wording->ingredient($key) : '–';
    }
}
