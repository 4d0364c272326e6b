<?php

declare(strict_types=1);

namespace App\Projects;

use App\Formulas\Draft;
use App\Formulas\DraftReader;
use App\Formulas\FormulaBook;
use App\Ground\Refused;
use App\Ground\Wording;
use App\Infusions\JarBook;
use App\Infusions\PlanDraft;
use App\Make\MakeBook;
use App\Models\Batch;
use App\Models\Formula;
use App\Models\Jar;
use App\Models\Lot;
use App\Models\Project;
use App\Pantry\LotBook;
use App\Pantry\LotLine;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Ilvane\Core\Evaluation\Evaluator;
use Ilvane\Core\Formula\Formula as ReadFormula;
use Ilvane\Core\Formula\FormulaDocument;
use Ilvane\Core\Formula\Part;
use Ilvane\Core\Formula\Storage;
use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Infusion\Method;
use Ilvane\Core\Infusion\PlantForm;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Material\Kind;
use Ilvane\Core\Project\CountingBack;
use Ilvane\Core\Project\PartOnItsOwn;

/** Plans what is made first for a day, writes down how far each part is, and makes the product of what came of them. */
final readonly class ProjectBook
{
    /** Nobody plans further ahead. */
    private const DAYS_AHEAD = 400;

    /** Grams a kitchen scale may be off: no part is too much or too little by so little. Common practice. */
    public const SLACK_G = 0.5;

    public function __construct(
        private DraftReader $draftReader,
        private Evaluator $evaluator,
        private Catalogue $catalogue,
        private LotBook $lots,
        private JarBook $jars,
        private FormulaBook $formulas,
        private MakeBook $makes,
        private Wording $wording,
    ) {
    }

    public function of(Formula $formula): ?Project
    {
        return Project::underWay()->where('formula_id', $formula->id)->first();
    }

    public function formula(Formula $formula): ReadFormula
    {
        return $this->draftReader->read(Draft::fromStored($formula->draft))[0];
    }

    /**
     * Plans it, or another hour for what is planned.
     *
     * @throws Refused for an hour that is past, or that comes before everything can be there
     */
    public function plan(Formula $formula, Carbon $begin): Project
    {
        $now = Carbon::now();
        $project = $this->of($formula);
        $read = $this->formula($formula);
        if ($begin->lessThan($now->copy()->subMinutes(5))) {
            throw Refused::dayIsPast('begin');
        }
        if ($begin->greaterThan($now->copy()->addDays(self::DAYS_AHEAD))) {
            throw Refused::noDay('begin');
        }
        $earliest = CountingBack::earliest(
            $read,
            $now->toDateTimeImmutable(),
            $this->catalogue,
            $project === null ? [] : $this->begun($project),
        );
        if ($begin->getTimestamp() < $earliest->getTimestamp()) {
            throw Refused::notReadyBefore('begin', $this->wording->moment($earliest));
        }
        $project ??= new Project(['formula_id' => $formula->id, 'parts' => []]);
        $project->forceFill(['formula_id' => $formula->id, 'begin_at' => $begin])->save();

        return $project->refresh();
    }

    /**
     * A part is begun: an oil gets a jar of its own to plan and fill, anything else a time.
     *
     * @throws Refused
     */
    public function begin(Project $project, string $key): ?Jar
    {
        return DB::transaction(function () use ($project, $key): ?Jar {
            $project->refresh();
            $part = $this->part($project, $key);
            $known = $project->parts[$key]['jar'] ?? null;
            if ($known !== null) {
                return Jar::query()->where('uid', $known)->first();
            }
            $jar = $this->jarOf($project, $part);
            $project->tell($key, [
                'begun_at' => Carbon::now()->toIso8601String(),
                ...($jar === null ? [] : ['jar' => (string) $jar->getAttribute('uid')]),
            ]);

            return $jar;
        });
    }

    /** null for what isn't drawn in oil, or not plainly of the catalogue */
    private function jarOf(Project $project, Part $part): ?Jar
    {
        $rows = ['plants' => [], 'oils' => []];
        foreach ($this->evaluator->weigh($this->formula($project->formula))->part($part->key)->lines ?? [] as $line) {
            $kind = $line->ingredient?->kind;
            if ($kind === null || (! $kind->isPlant() && ! $kind->takesPlants())) {
                return null;
            }
            $rows[$kind->takesPlants() ? 'oils' : 'plants'][] = [
                'ingredient' => (string) $line->ingredient?->key,
                'amount' => $line->line->amount,
                'form' => $kind === Kind::PowderBotanical ? PlantForm::Powder->value : '',
            ];
        }

        return $rows['plants'] === [] || $rows['oils'] === [] ? null : $this->jars->begin(PlanDraft::noted([
            'name' => $part->name,
            'method' => ($part->isCookedOut() ? Method::CookOut : Method::ColdDark)->value,
            'use' => $project->formula->draft['text']['use'] ?? '',
            'note' => say('projects.for', ['name' => $project->formula->name]),
        ], $rows));
    }

    /**
     * A part is made: what came of it is a lot, and what went in is taken from the pantry.
     *
     * @throws Refused
     */
    public function made(Project $project, string $key, float $grams, Storage $storage, Carbon $at): Lot
    {
        if ($grams <= 0) {
            throw Refused::noGrams('grams');
        }

        return DB::transaction(function () use ($project, $key, $grams, $storage, $at): Lot {
            $project->refresh();
            $part = $this->part($project, $key);
            if (isset($this->there($project)[$key])) {
                throw Refused::alreadyMade('grams');
            }
            [$formula, $document] = $this->withWhatIsThere($project);
            $weighed = $this->evaluator->weigh($formula)->part($key) ?? throw Refused::partGone('grams');
            $put = $weighed->put->total?->high;
            if ($put !== null && $grams > $put + self::SLACK_G) {
                throw Refused::moreThanWentIn('grams', $this->wording->grams($put));
            }
            $lot = $this->lots->putPart(
                $part->name,
                PartOnItsOwn::document($formula, $formula->part($key) ?? $part, $weighed->isOily(), $grams),
                $weighed->isOily(),
                $grams,
                $storage,
                $at,
            );
            $this->takeWhatWentIn($weighed->lines, $lot, $at);
            $project->tell($key, [...($project->parts[$key] ?? []), 'lot' => $lot->code]);

            return $lot;
        });
    }

    /** @param  list<WeighedLine>  $lines */
    private function takeWhatWentIn(array $lines, Lot $lot, Carbon $at): void
    {
        $key = "part-$lot->id";
        foreach ($lines as $line) {
            $grams = $line->weighs();
            $from = $line->line->lot === null ? null : Lot::atHand()->where('code', $line->line->lot)->first();
            if ($from !== null) {
                $taken = min($grams, $from->grams_left);
                $this->lots->use($from, $taken, $lot->code, $at, "$key-$line->position-$from->id");
            } elseif ($line->ingredient !== null && $grams > 0) {
                $this->lots->takeInTurn($line->ingredient->key, $grams, $lot->code, $at, "$key-$line->position");
            }
        }
    }

    /**
     * What stands in the pantry serves for a part.
     *
     * @throws Refused
     */
    public function take(Project $project, string $key, string $code): void
    {
        DB::transaction(function () use ($project, $key, $code): void {
            $project->refresh();
            $this->part($project, $key);
            $lot = Lot::atHand()->where('code', $code)->first() ?? throw Refused::noLot('lot');
            $project->tell($key, [...($project->parts[$key] ?? []), 'lot' => $lot->code]);
        });
    }

    /** As before anything was told of it; a lot or a jar that is there stays. */
    public function takeBack(Project $project, string $key): void
    {
        DB::transaction(fn () => $project->refresh()->tell($key, null));
    }

    /** @return list<string> keys of the parts that nobody has to begin any more */
    public function begun(Project $project): array
    {
        $planned = Jar::query()->where('status', 'planned')->pluck('uid')->all();
        $there = $this->there($project);

        return array_keys(array_filter(
            $project->parts,
            static fn (array $told, string $key): bool => isset($there[$key])
                || (isset($told['begun_at']) && ! in_array($told['jar'] ?? '', $planned, true)),
            ARRAY_FILTER_USE_BOTH,
        ));
    }

    public function drop(Project $project): void
    {
        $project->delete();
    }

    /**
     * The formula as it would be made now, of what is there.
     *
     * @return array{ReadFormula, array<string, mixed>} and as ilvane.formula/1
     */
    public function withWhatIsThere(Project $project): array
    {
        [$document] = Draft::fromStored($project->formula->draft)->document();
        $lines = array_map(LotLine::of(...), $this->there($project));
        $replaced = PartOnItsOwn::replaced($document, $lines);

        return [$this->draftReader->read(Draft::fromDocument($replaced))[0], $replaced];
    }

    /** @return array<string, Lot> what is there, by key of the part */
    public function there(Project $project): array
    {
        $there = [];
        foreach ($project->parts as $key => $part) {
            $lot = match (true) {
                isset($part['lot']) => Lot::atHand()->where('code', $part['lot'])->first(),
                isset($part['jar']) => Lot::atHand()
                    ->whereHas('jar', static fn ($query) => $query->where('uid', $part['jar']))
                    ->orderByDesc('id')
                    ->first(),
                default => null,
            };
            $lot === null ?: $there[$key] = $lot;
        }

        return $there;
    }

    /**
     * What in the pantry could serve for a part: what was made under its name, is its like, or is drawn of the same
     * plants in oil as this is.
     *
     * @return list<Lot> what turns first at the front
     */
    public function couldServe(Part $part): array
    {
        $plants = array_values(array_filter(array_map(
            fn ($line): ?string => $line->ingredient !== null && $this->catalogue->has($line->ingredient)
                && $this->catalogue->get($line->ingredient)->kind->isPlant() ? $line->ingredient : null,
            $part->lines,
        )));
        $isOily = $this->catalogue->partDefaults($part->makes->value)->isOily === true;
        $like = $this->catalogue->named($part->name)?->key;
        $serves = static fn (Lot $lot): bool => mb_strtolower($lot->name) === mb_strtolower($part->name)
            || ($like !== null && $lot->ingredient === $like)
            || ($plants !== [] && $lot->isInfusedOil() === $isOily && array_diff(
                $plants,
                array_column($lot->material['from'] ?? [], 'id'),
            ) === []);

        return array_values(Lot::atHand()->whereIn('kind', ['infused_oil', 'preparation'])->orderBy('good_until')
            ->limit(200)->get()->filter($serves)->take(3)->all());
    }

    /**
     * The product, of what is there.
     *
     * @throws Refused while a part is missing, or something stands against it
     */
    public function make(Project $project): Batch
    {
        [$formula, $document] = $this->withWhatIsThere($project);
        if ($formula->parts !== [] && array_filter(array_column($formula->lines, 'part')) !== []) {
            throw Refused::partsMissing('make');
        }
        $evaluation = $this->evaluator->evaluate($formula, madeOn: Carbon::now()->toDateTimeImmutable());
        if ($evaluation->unknowns() !== [] || $evaluation->stops() !== []) {
            throw Refused::notReady('make');
        }

        return DB::transaction(function () use ($project, $document): Batch {
            $version = $this->formulas->keep(
                $project->formula,
                Draft::fromDocument(FormulaDocument::write(FormulaDocument::read($document))),
                say('projects.version'),
            );
            $batch = $this->makes->start($version) ?? throw Refused::notReady('make');
            $project->forceFill(['batch' => $batch->code])->save();

            return $batch;
        });
    }

    /** @throws Refused */
    private function part(Project $project, string $key): Part
    {
        return $this->formula($project->formula)->part($key) ?? throw Refused::partGone('part');
    }
}
