<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Bench\Offers;
use App\Formulas\Draft;
use App\Ground\SuggestionKey;
use App\Ground\Wording;
use App\Infusions\JarBook;
use App\Infusions\PlanDraft;
use App\Infusions\Planner;
use App\Models\Formula;
use App\Models\Jar;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Support\Carbon;
use Ilvane\Core\Evaluation\Evaluator;
use Ilvane\Core\Infusion\InfusionPlanDocument;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Measure\Tools;
use Ilvane\Core\Reading\RecipeReader;
use LogicException;

/** A test of the whole application, on a database in memory. */
abstract class AppCase extends TestCase
{
    use RefreshDatabase;
    use StoresFormulas;

    protected function setUp(): void
    {
        parent::setUp();
        $this->withoutVite();
    }

    public function createApplication(): Application
    {
        /** @var Application $app */
        $app = require dirname(__DIR__, 2).'/bootstrap/app.php';
        $app->make(Kernel::class)->bootstrap();

        return $app;
    }

    /** Every request of a maker begins anew: what a controller was given for the one before is not kept. */
    public function call($method, $uri, $parameters = [], $cookies = [], $files = [], $server = [], $content = null)
    {
        foreach (app('router')->getRoutes() as $route) {
            $route->flushController();
        }

        return parent::call($method, $uri, $parameters, $cookies, $files, $server, $content);
    }

    /** What the bench page would send for a stored formula. */
    protected function form(Formula $formula, array $changes = []): array
    {
        $draft = Draft::fromStored($formula->draft);
        $form = [
            'revision' => $formula->revision,
            'seq' => 1,
            'name' => $draft->text('name'),
            'batch' => $draft->text('batch'),
            'ph' => $draft->text('ph'),
            'lines' => [],
        ];
        foreach ($draft->lines() as $line) {
            $form['lines'][$line['key']] = [
                'ingredient' => $line['ingredient'],
                'name' => $line['name'] ?: $line['ingredient'],
                'amount' => $line['amount'],
                'phase' => $line['phase'],
                'prepared' => $line['prepared'],
            ];
        }

        return array_replace_recursive($form, $changes);
    }

    /** What the page would send for the nth offer of a finding. */
    protected function offer(Formula $formula, string $code, int $nth = 0): string
    {
        $draft = Draft::fromStored($formula->refresh()->draft);
        foreach (app(Offers::class)->findingsOf($draft) as $finding) {
            if ($finding->code === $code) {
                return SuggestionKey::press($finding, $finding->fixes[$nth], array_column($draft->lines(), 'key'));
            }
        }

        throw new LogicException("There is no $code.");
    }

    /** The key of a formula's line, counted from 0. */
    protected function lineKey(Formula $formula, int $at): string
    {
        return Draft::fromStored($formula->draft)->lines()[$at]['key'];
    }

    /** @return array<string, mixed> a plan in the open form, with changes */
    protected static function jarPlan(array $changes = []): array
    {
        return array_filter([
            'format' => 'ilvane.infusion-plan/1', 'name' => 'Calendula, cold',
            'plants' => [['ingredient' => 'calendula-dried', 'amount' => '30 g', 'form' => 'dried_whole']],
            'oils' => [['ingredient' => 'sunflower-oil-high-oleic', 'amount' => '300 g']],
            'jar_ml' => 500,
            'method' => 'cold_dark',
            'temperature_c' => 20,
            'days' => 21,
            'shake_every_days' => 3,
            ...$changes,
        ], static fn (mixed $value): bool => $value !== null);
    }

    /** A jar filled at the moment the test stands at. */
    protected function standingJar(array $changes = []): Jar
    {
        $book = app(JarBook::class);
        $jar = $book->begin(PlanDraft::fromDocument(self::jarPlan($changes)));
        $book->start(
            $jar,
            app(Planner::class)->infusion(InfusionPlanDocument::read(self::jarPlan($changes))),
            Carbon::now(),
        );

        return $jar->refresh();
    }

    /** What a request would find: the parts that hold the catalogue are built anew. */
    protected function refreshApplicationParts(): void
    {
        foreach ([Catalogue::class, Evaluator::class, Tools::class, Wording::class, RecipeReader::class] as $part) {
            app()->forgetInstance($part);
        }
    }
}
