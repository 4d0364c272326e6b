<?php

declare(strict_types=1);

namespace App\Ground;

use Illuminate\Support\Facades\App;
use Illuminate\Support\HtmlString;
use Ilvane\Core\Safety\Evaluation;
use Ilvane\Core\Safety\Finding;
use Ilvane\Core\Safety\Fix;
use Ilvane\Core\Safety\Severity;

/**
 * Findings as margin notes, worded and tied to their rows.
 *
 * @phpstan-type Note array{id: string, under: list<string>, code: string, severity: string, mark: string,
 *   certainty: string, lines: list<int>, row: string, message: string, because: string, source: string, ask: ?string,
 *   handbook: string,
 *   fixes: list<array{do: string, label: string, preview: string}>, waits: bool, shared: bool}
 */
final readonly class PencilNotes
{
    public function __construct(private Wording $wording)
    {
    }

    /**
     * Stops and minds in the order of the lines, so that their threads don't cross; then the notes.
     *
     * @param  list<Finding>  $findings
     * @param  list<string>  $rows  key of the row of each line
     * @param  array<string, string>  $inParts  row of each line of a part, by the line's key, and of each part
     * @param  (callable(Fix): string)|null  $preview  what an offer would change
     * @param  bool  $offersWait  they are not tried yet, and shown when they are
     * @return list<Note>
     */
    public function of(
        array $findings,
        array $rows,
        array $inParts = [],
        ?callable $preview = null,
        bool $offersWait = false,
    ): array {
        $place = static fn (Finding $finding): int => ($finding->severity === Severity::Note ? 1000 : 0)
            + ($finding->lines[0] ?? 0);
        usort($findings, static fn (Finding $a, Finding $b): int => $place($a) <=> $place($b));
        $under = $this->underOneCause($findings, $rows);
        $notes = [];
        $homes = self::homes($findings);
        foreach ($findings as $finding) {
            $id = SuggestionKey::idOf($finding, $rows);
            if (isset($under['taken'][$id])) {
                continue;
            }
            $fixes = [];
            $shared = false;
            foreach ($offersWait ? [] : $finding->fixes as $fix) {
                if ($homes[serialize($fix->patch)] !== $finding) {
                    $shared = true;

                    continue;
                }
                $fixes[] = [
                    'do' => SuggestionKey::press($finding, $fix, $rows),
                    'label' => $this->wording->fix($fix),
                    'preview' => $preview === null ? '' : $preview($fix),
                ];
            }
            $notes[] = [
                'id' => $id,
                'under' => $under['by'][$finding->code] ?? [],
                'code' => $finding->code,
                'severity' => $finding->severity->value,
                'mark' => Evaluation::isUnknown($finding) ? 'ask' : $finding->severity->value,
                'certainty' => $finding->certainty->value,
                'lines' => $finding->lines,
                'row' => $inParts[$finding->keys[0] ?? ''] ?? $rows[($finding->lines[0] ?? 0) - 1] ?? '',
                'message' => $this->wording->message($finding),
                'because' => $this->wording->because($finding),
                'source' => $this->wording->source($finding),
                'ask' => $this->wording->ask($finding),
                'handbook' => self::handbook($finding->code),
                'fixes' => $fixes,
                'waits' => $offersWait && $finding->fixes !== [],
                'shared' => $shared,
            ];
        }

        return $notes;
    }

    /**
     * One change that ends several findings is offered once, at the gravest of them, the first of those.
     *
     * @param  list<Finding>  $findings  in the order they are shown
     * @return array<string, Finding> by the change
     */
    private static function homes(array $findings): array
    {
        $homes = [];
        foreach ($findings as $finding) {
            foreach ($finding->fixes as $fix) {
                $home = $homes[serialize($fix->patch)] ?? null;
                if ($home === null || ($home->severity !== Severity::Stop && $finding->severity === Severity::Stop)) {
                    $homes[serialize($fix->patch)] = $finding;
                }
            }
        }

        return $homes;
    }

    /**
     * Findings that only follow from another hang under it.
     *
     * @param  list<Finding>  $findings
     * @param  list<string>  $rows
     * @return array{by: array<string, list<string>>, taken: array<string, true>}
     */
    private function underOneCause(array $findings, array $rows): array
    {
        $codes = array_map(static fn (Finding $finding): string => $finding->code, $findings);
        $by = $taken = [];
        foreach ($findings as $finding) {
            $cause = Evaluation::FOLLOWS_FROM[$finding->code] ?? null;
            if ($cause !== null && in_array($cause, $codes, true)) {
                $by[$cause][] = $this->wording->message($finding);
                $taken[SuggestionKey::idOf($finding, $rows)] = true;
            }
        }

        return ['by' => $by, 'taken' => $taken];
    }

    /** Where the handbook explains a code; nothing where it does not. */
    private static function handbook(string $code): string
    {
        $topic = HandbookTopics::of($code);

        return $topic === null ? '' : route('handbook.topic', $topic).'#'.str_replace('.', '-', $code);
    }

    /**
     * A severity's form and word, drawn once for all notes that share it.
     *
     * @param  string  $severity  stop, mind, note, or ask for what has to be told first
     */
    public static function mark(string $severity): HtmlString
    {
        static $drawn = [];

        return $drawn[App::getLocale().$severity] ??= new HtmlString(view(
            'components.severity',
            ['severity' => $severity],
        )->render());
    }
}
