<?php

declare(strict_types=1);

namespace App\Bench;

use App\Drawing\Section;
use App\Formulas\Draft;
use App\Ground\ChangedElsewhere;
use App\Ground\PencilNotes;
use App\Ground\Wording;
use App\Models\Formula;
use App\Shelf\ObservationBook;
use Illuminate\Support\Facades\App;
use Illuminate\Support\HtmlString;
use Ilvane\Core\Formula\PartKind;
use Ilvane\Core\Formula\Scaling;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Material\Container;
use Ilvane\Core\Material\Phase;
use Ilvane\Core\Reading\ForWhom;

/**
 * Everything the bench shows, worded and ready to place.
 *
 * @phpstan-type Row array{key: string, position: int, ingredient: string, name: string, amount: string,
 *   prepared: string, prepared_said: string, phase: string, grams: string, band: string, percent: string,
 *   unfinished: bool, error: string,
 *   gravest: string, in: string, part: string, lot: string, weighs: string}
 * @phpstan-type Lane array{phase: string, name: string, means: string, grams: string, percent: string, rows: list<Row>}
 *
 * @phpstan-import-type Note from PencilNotes
 */
final readonly class BenchPage
{
    /**
     * @param  list<Lane>  $lanes
     * @param  list<BenchPart>  $parts  what is made first
     * @param  list<Note>  $notes
     * @param  list<array{label: string, figure: string, of: string}>  $figures
     * @param  list<string>  $personal  what it would be to the maker's own hair
     * @param  array<string, string>  $problems
     * @param  array{undo: array{string, string}|null, redo: array{string, string}|null}  $ways
     */
    public function __construct(
        public Formula $formula,
        public Draft $draft,
        public int $revision,
        public string $regime,
        public string $regimeMeans,
        public string $verdict,
        public bool $isSound,
        public bool $isEmpty,
        public array $lanes,
        public array $parts,
        public array $notes,
        public array $figures,
        public array $personal,
        public Workings $behind,
        public array $problems,
        public string $total,
        public string $totalMeans,
        public Section $vessel,
        public ?ChangedElsewhere $elsewhere,
        private array $ways,
        public string $refused,
        private int $stops,
        private int $unknowns,
        private Catalogue $catalogue,
        private Wording $wording,
        private ObservationBook $observationBook,
    ) {
    }

    /**
     * What the title, the directions or the note say of who it is for, where the formula says otherwise.
     *
     * @return list<array{do: string, words: string, label: string}>
     */
    public function meant(): array
    {
        $draft = $this->draft;
        $said = ForWhom::in(implode("\n", [$draft->text('name'), $draft->text('directions'), $draft->text('notes')]));
        $proposed = [
            'audience' => [$said->audience?->value, $said->audienceWords],
            'use' => [$said->use?->value, $said->useWords],
        ];
        $meant = [];
        foreach ($proposed as $field => [$value, $words]) {
            if ($value !== null && $value !== $draft->text($field)) {
                $meant[] = ['do' => "for:$field=$value", 'words' => $words, 'label' => say("words.$field.$value")];
            }
        }

        return $meant;
    }

    /** The offers of some notes are still to be tried. */
    public function hasOffersToCome(): bool
    {
        return in_array(true, array_column($this->notes, 'waits'), true);
    }

    /** @return array{undo: string|null, redo: string|null} what undoing would take back and redoing bring, in words */
    public function ways(): array
    {
        return array_map(fn (?array $way): ?string => $way === null ? null : $this->told(...$way), $this->ways);
    }

    /** What was done last, unless it was typed. */
    public function did(): string
    {
        $way = $this->ways['undo'];

        return $way === null || $way[0] === 'typed' || $this->ways['redo'] !== null ? '' : $this->told(...$way);
    }

    private function told(string $did, string $about): string
    {
        $what = match (true) {
            $did === 'typed' => $this->spoken($about),
            $this->catalogue->has($about) => $this->wording->ingredient($about),
            default => $about,
        };

        return say("ui.bench.did.$did", ['what' => $what]);
    }

    /** @return list<string> the fields two windows changed differently, in words */
    public function contested(): array
    {
        return array_map($this->spoken(...), $this->elsewhere->contested ?? []);
    }

    /** A field or several as a maker would say them. */
    private function spoken(string $fields): string
    {
        if (str_contains($fields, ' ')) {
            return say('ui.bench.fields.several');
        }
        [$place, $key, $part] = [...explode('/', $fields, 3), '', ''];
        $line = array_search($key, array_column($this->draft->allLines(), 'key'), true);

        return match (true) {
            $place === 'line'
                && $line !== false => say(
                    'ui.bench.fields.line',
                    [
                        'n' => (string) ($line + 1),
                        'part' => say('ui.bench.fields.'.($part === '' ? 'ingredient' : $part)),
                    ],
                ),
            $place === 'line' => say('ui.bench.fields.gone'),
            $place === 'part' => say('ui.bench.fields.part'),
            default => say("ui.bench.fields.$place"),
        };
    }

    /**
     * Where a line may go: into the product, or into one of its parts.
     *
     * @return array<string, string> name by key
     */
    public function places(): array
    {
        return $this->parts === [] ? [] : [
            '' => say('parts.product'),
            ...array_column($this->draft->parts(), 'name', 'key'),
        ];
    }

    /** @return array<string, string> letter by key of what is made first */
    public function letters(): array
    {
        return array_combine(
            array_map(static fn (BenchPart $part): string => $part->held['key'], $this->parts),
            array_column($this->parts, 'letter'),
        );
    }

    /**
     * What a line could be made by, instead of bought.
     *
     * @return list<string> kinds of parts
     */
    public function makings(string $ingredient): array
    {
        $kind = $this->catalogue->has($ingredient) ? $this->catalogue->get($ingredient)->kind : null;

        return array_column(match (true) {
            $kind === null => [],
            $kind->isPlant() => [PartKind::Tea, PartKind::Decoction, PartKind::ColdSoak, PartKind::Gel,
                PartKind::InfusedOil, PartKind::CookedOutOil, PartKind::Juice, PartKind::Puree, PartKind::Milk],
            $kind->isLipid() => [PartKind::MeltedBase, PartKind::InfusedOil],
            default => [PartKind::Mix],
        }, 'value');
    }

    /** What it is a trial of, and how much is changed in it; null for what is none. */
    public function trial(): ?Trial
    {
        return Trial::of($this->formula, $this->draft);
    }

    /** @return list<string> what samples of its batches showed, the newest batch first */
    public function watched(): array
    {
        return $this->observationBook->ofFormula($this->formula);
    }

    /** @return array<string, string> name by key */
    public function containers(): array
    {
        return array_map(
            fn (Container $container): string => $this->wording->container($container->key),
            $this->catalogue->containers(),
        );
    }

    public function usualLoss(): string
    {
        return $this->wording->percent(100 * Scaling::USUAL_LOSS);
    }

    /**
     * A choice's options, drawn once for all rows that chose the same.
     *
     * @param  list<string>  $without
     */
    public function options(string $words, string $chosen, array $without = []): HtmlString
    {
        static $drawn = [];

        return $drawn[App::getLocale()." $words $chosen"] ??= new HtmlString(view(
            'bench.options',
            ['words' => array_diff_key((array) __($words), array_flip($without)), 'chosen' => $chosen],
        )->render());
    }

    /** Phases a line may be in: the old lane of plants that are strained out only stays where it is in use. */
    public function phases(string $chosen): HtmlString
    {
        return $this->options(
            'words.phase',
            $chosen,
            $chosen === Phase::Infusion->value ? [] : [Phase::Infusion->value],
        );
    }

    /** Something stands against making it, or is not known. */
    public function stops(): bool
    {
        return $this->stops > 0 || $this->unknowns > 0;
    }

    /** What the main button says while it leads to what is open instead of to the making; "" where nothing is. */
    public function leads(): string
    {
        return match (true) {
            $this->stops > 0 => trans_choice('ui.make.see', $this->stops),
            $this->unknowns > 0 => say('ui.make.see_unknown'),
            default => '',
        };
    }

    /** With open problems it can be made, for a reason; with a line nobody can weigh it can't. */
    public function canBeForced(): bool
    {
        return $this->stops > 0 && $this->unknowns === 0;
    }
}
