<?php

declare(strict_types=1);

namespace App\Infusions;

use App\Drawing\Section;
use App\Ground\ChangedElsewhere;
use App\Ground\PencilNotes;
use App\Ground\Wording;
use App\Models\Jar;
use Ilvane\Core\Infusion\Infusion;
use Ilvane\Core\Infusion\InfusionPlan;
use Ilvane\Core\Infusion\Method;
use Ilvane\Core\Safety\Severity;

/**
 * Everything the planning of a jar shows, worded and ready to place.
 *
 * @phpstan-type PlanLine array{key: string, ingredient: string, name: string, amount: string, form: string,
 *   fresh: string, fresh_error: string, grams: string, caution: string, error: string, gravest: string, position: int}
 *
 * @phpstan-import-type Note from PencilNotes
 */
final readonly class PlannerPage
{
    /**
     * @param  array<string, list<PlanLine>>  $lanes  plants and oils
     * @param  array<string, string>  $problems
     * @param  list<Note>  $notes
     * @param  list<array{label: string, figure: string, of: string}>  $figures
     * @param  list<array{method: string, name: string, time: string, ready: string, strength: string, kept: string,
     *   out: string, chosen: bool, doubt: string}>  $schools
     * @param  array{undo: array{string, string}|null, redo: array{string, string}|null}  $ways
     */
    public function __construct(
        public Jar $jar,
        public PlanDraft $draft,
        public int $revision,
        public ?ChangedElsewhere $elsewhere,
        public ?Infusion $infusion,
        public array $lanes,
        public array $problems,
        public array $notes,
        public string $verdict,
        public string $big,
        public string $bigMeans,
        public array $figures,
        public ?Section $vessel,
        public ?StrengthChart $chart,
        public array $schools,
        private array $ways,
        public string $refused,
        private Wording $wording,
    ) {
    }

    /** @return array{undo: string|null, redo: string|null} what undoing would take back and redoing bring, in words */
    public function ways(): array
    {
        return array_map(
            fn (?array $way): ?string => $way === null ? null : say(
                "infusions.did.$way[0]",
                ['what' => $this->spoken($way[1])],
            ),
            $this->ways,
        );
    }

    /** @return list<string> the fields two windows changed differently, in words */
    public function contested(): array
    {
        return array_map($this->spoken(...), $this->elsewhere->contested ?? []);
    }

    /** A field or several as a maker would say them. */
    private function spoken(string $fields): string
    {
        [$place, $key, $part] = [...explode('/', $fields, 3), '', ''];
        $row = array_search(
            $key,
            array_column([...$this->draft->rows('plants'), ...$this->draft->rows('oils')], 'key'),
            true,
        );

        return match (true) {
            str_contains($fields, ' ') => say('ui.bench.fields.several'),
            $place !== 'plants' && $place !== 'oils' => $place === '' ? '' : say("infusions.fields.$place"),
            $row === false => say('ui.bench.fields.gone'),
            default => say(
                'ui.bench.fields.line',
                [
                    'n' => (string) ($row + 1),
                    'part' => say(
                        $part === 'form' || $part === 'fresh'
                            ? "infusions.$part"
                            : 'ui.bench.fields.'.($part === '' ? 'ingredient' : $part),
                    ),
                ],
            ),
        };
    }

    /** Nothing stands against filling it. */
    public function canStart(): bool
    {
        return $this->infusion !== null
            && $this->problems === []
            && ! in_array(Severity::Stop->value, array_column($this->notes, 'severity'), true);
    }

    public function usualCelsius(): string
    {
        return $this->wording->number($this->draft->method()->usualCelsius(), 0);
    }

    public function usualLasts(): string
    {
        return $this->wording->duration($this->draft->method()->usualDays());
    }

    public function usualRhythm(): string
    {
        return $this->wording->number(InfusionPlan::USUAL_RHYTHM, 0);
    }
}
