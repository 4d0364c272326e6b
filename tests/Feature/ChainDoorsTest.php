<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Infusions\PlanDraft;
use App\Models\Formula;
use App\Models\Jar;
use App\Models\Lot;
use App\Projects\ProjectBook;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use Ilvane\Core\Evaluation\Evaluator;
use Ilvane\Core\Formula\WeighedLine;
use Ilvane\Core\Label\ContentsList;
use Ilvane\Core\Material\Kind;
use Ilvane\Core\Safety\Finding;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use Tests\Support\AppCase;
use Tests\Support\Chains;

/**
 * The three long chains, really made: entered as a note, as a document, and with their oils planned in the planner of
 * infusions. What comes of them is the same matter, with the same findings, days and label.
 */
final class ChainDoorsTest extends AppCase
{
    private const BEGIN = '2027-01-10T10:00';

    /**
     * @param  array<string, mixed>  $document
     * @param  list<string>  $codes  found before anything was made; here its parts are
     * @param  list<string>  $named
     */
    #[DataProviderExternal(Chains::class, 'all')]
    public function test_by_every_door_it_is_the_same(string $note, array $document, array $codes, array $named): void
    {
        $made = [];
        foreach (['note', 'document', 'planner'] as $door) {
            Carbon::setTestNow('2026-11-30 12:00:00');
            if ($door === 'note') {
                $this->post('/recipe/open', ['text' => $note])->assertRedirect();
                $formula = Formula::query()->orderByDesc('id')->firstOrFail();
            } else {
                $formula = $this->formulaOf($document);
            }
            $this->post("/formulas/$formula->id/project", ['begin' => self::BEGIN])->assertSessionHasNoErrors();
            $made[$door] = $this->made($formula, $door === 'planner');
        }
        foreach ($made['document'] as $what => $is) {
            self::assertEquals($is, $made['note'][$what], "$what of the note");
            self::assertEquals($is, $made['planner'][$what], "$what of the planner");
        }
        self::assertCount(count($document['parts']), $made['document']['materials']);
        foreach ($named as $inci) {
            self::assertStringContainsString($inci, implode(', ', array_keys($made['planner']['label'])));
        }
    }

    /** @return array<string, mixed> what comes of it */
    private function made(Formula $formula, bool $isPlanned): array
    {
        $materials = [];
        $weighed = app(Evaluator::class)->weigh(app(ProjectBook::class)->formula($formula));
        foreach ($weighed->parts as $part) {
            Carbon::setTestNow('2026-11-30 12:00:00');
            $key = $part->part->key;
            $page = "/formulas/$formula->id/project/$key";
            $before = Lot::query()->max('id') ?? 0;
            $gave = round(0.75 * (float) $part->put->total?->likely, 1);
            if ($part->isOily()) {
                $jar = $isPlanned ? $this->planned($part->lines) : $this->begun($page);
                $this->fillAndStrain($jar, $gave);
            } else {
                $this->post("$page/made", ['grams' => (string) $gave, 'storage' => 'fridge'])
                    ->assertSessionHasNoErrors();
            }
            $lot = Lot::query()->where('id', '>', $before)->sole();
            if ($isPlanned && $part->isOily()) {
                $this->post("$page/take", ['lot' => $lot->code])->assertSessionHasNoErrors();
            }
            $materials[] = array_diff_key($lot->material ?? [], ['id' => 1, 'name' => 1]);
        }
        $project = app(ProjectBook::class)->of($formula) ?? self::fail('no project');
        [$read] = app(ProjectBook::class)->withWhatIsThere($project);
        $evaluation = app(Evaluator::class)->evaluate($read, madeOn: Carbon::now()->toDateTimeImmutable());

        return [
            'materials' => $materials,
            'findings' => array_map(
                static fn (Finding $found): array => [$found->code, $found->severity->value],
                $evaluation->findings,
            ),
            'days' => $evaluation->assessment->keeping->days,
            'label' => ContentsList::of($evaluation->assessment->composition)->shares,
        ];
    }

    private function begun(string $page): Jar
    {
        $this->post("$page/begin")->assertSessionHasNoErrors();

        return Jar::query()->orderByDesc('id')->firstOrFail();
    }

    /**
     * The same plants and oils typed into the planner, row by row.
     *
     * @param  list<WeighedLine>  $lines
     */
    private function planned(array $lines): Jar
    {
        $this->post('/infusions')->assertRedirect();
        $jar = Jar::query()->orderByDesc('id')->firstOrFail();
        $rows = ['plants' => [], 'oils' => []];
        foreach ($lines as $line) {
            $of = $line->ingredient?->kind->takesPlants() === true ? 'oils' : 'plants';
            $rows[$of][] = [
                'ingredient' => (string) $line->ingredient?->key, 'name' => (string) $line->ingredient?->nameEn,
                'amount' => $line->line->amount,
                ...($of === 'oils' ? [] : ['form' => match ($line->ingredient?->kind) {
                    Kind::PowderBotanical => 'powder',
                    Kind::FreshBotanical => 'fresh_wet',
                    default => 'dried_whole',
                }]),
            ];
        }
        foreach (['plants', 'oils'] as $of) {
            for ($i = 1; $i < count($rows[$of]); $i++) {
                $this->post("/infusions/$jar->id", [
                    'revision' => $jar->refresh()->revision, 'do' => "add:$of", 'turn' => bin2hex(random_bytes(8)),
                ], ['X-Live' => '1'])->assertOk();
            }
        }
        $isWet = array_filter($rows['plants'], static fn (array $row): bool => $row['form'] === 'fresh_wet') !== [];
        $form = [
            'revision' => $jar->refresh()->revision, 'method' => $isWet ? 'cook_out' : 'cold_dark', 'jar' => '1000',
        ];
        $draft = PlanDraft::fromStored($jar->draft);
        foreach ($rows as $of => $all) {
            foreach ($draft->rows($of) as $i => $row) {
                $form[$of][$row['key']] = $all[$i];
            }
        }
        $this->post("/infusions/$jar->id", $form, ['X-Live' => '1'])->assertOk();

        return $jar->refresh();
    }

    private function fillAndStrain(Jar $jar, float $grams): void
    {
        $tell = fn (string $what, array $fields) => $this->post("/infusions/$jar->id/$what", [
            'client_key' => (string) Str::uuid(), ...$fields,
        ])->assertSessionHasNoErrors();
        $this->post("/infusions/$jar->id/start", ['filled_on' => '2026-11-30T12:00'])->assertSessionHasNoErrors();
        self::assertSame('standing', $jar->refresh()->status->value);
        if ($jar->plan['method'] === 'cook_out') {
            $tell('pot', ['pot' => '900']);
            Carbon::setTestNow('2026-11-30 14:00:00');
            $tell('pot', ['pot' => '868']);
        } else {
            Carbon::setTestNow('2026-12-22 12:00:00');
        }
        $tell('strain', ['strained' => (string) $grams]);
    }
}
