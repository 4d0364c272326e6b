<?php

declare(strict_types=1);

namespace App\Backups;

use Illuminate\Foundation\Application;
use Illuminate\Http\Request;
use Illuminate\Routing\Router;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\View as Views;
use Illuminate\Support\ViewErrorBag;
use Illuminate\View\View;
use Ilvane\Core\Evaluation\Evaluator;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Measure\Tools;
use Ilvane\Core\Reading\RecipeReader;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Throwable;

/** Opens the pages of what was just taken in, before it is kept: a record no page can show is not taken in. */
final readonly class ImportProof
{
    /** Pages that show what they find of everything. */
    private const ALL = [
        '/',
        '/shelf-line',
        '/formulas',
        '/shelf',
        '/pantry',
        '/infusions',
        '/make',
        '/preparations',
        '/labels',
        '/shopping',
        '/own-ingredients',
        '/practice',
        '/settings',
        '/calendar.ics',
        '/search?q=an',
    ];

    /** What remembers the workroom as it was before. */
    private const REMEMBERS = [Catalogue::class, Tools::class, Evaluator::class, RecipeReader::class];

    public function __construct(private Router $router, private Application $app)
    {
    }

    /**
     * @param  list<array{RecordKind, int|string, string}>  $taken  kind, id or key, file
     *
     * @throws RecordRefused
     */
    public function of(array $taken): void
    {
        if ($taken === []) {
            return;
        }
        $request = $this->app->make('request');
        array_map($this->app->forgetInstance(...), self::REMEMBERS);
        $this->app->forgetScopedInstances();
        Views::shared('errors') ?? Views::share('errors', new ViewErrorBag);
        try {
            foreach ($taken as [$kind, $id, $file]) {
                foreach ($this->pagesOf($kind, $id) as $path) {
                    $this->open($path, $file);
                }
            }
            foreach (self::ALL as $path) {
                $this->open($path, count($taken) === 1 ? $taken[0][2] : '');
            }
        } finally {
            $this->app->instance('request', $request);
            array_map($this->app->forgetInstance(...), self::REMEMBERS);
        }
    }

    /** @return list<string> */
    private function pagesOf(RecordKind $kind, int|string $id): array
    {
        $row = $kind->key === 'uid' ? DB::table($kind->table)->find($id) : null;

        return match (true) {
            $kind->name === 'formula' => [
                "/formulas/$id",
                "/formulas/$id/simulation",
                "/formulas/$id/set-out",
                ...array_values(array_map(
                    static fn (mixed $number): string => "/formulas/$id/versions/"
                        .(is_scalar($number) ? (string) $number : ''),
                    DB::table('formula_versions')->where('formula_id', $id)->pluck('number')->all(),
                )),
            ],
            $kind->name === 'batch'
                && is_object($row)
                && $row->status === 'finished' => [
                    "/batches/$row->code",
                    "/batches/$row->code/label",
                    "/batches/$row->code/trace",
                    "/batches/$row->code/price",
                ],
            $kind->name === 'batch' && is_object($row) => ["/make/$row->code/$row->at_step"],
            $kind->name === 'jar' => ["/infusions/$id"],
            $kind->name === 'preparation' => ["/preparations/$id"],
            $kind->name === 'lot' && is_object($row) => ["/pantry/$row->code", "/pantry/$row->code/trace"],
            $kind->name === 'own ingredient' => ["/ingredients/$id"],
            default => [],
        };
    }

    /** @throws RecordRefused */
    private function open(string $path, string $file): void
    {
        try {
            $request = Request::create($path);
            $this->app->instance('request', $request);
            $route = $this->router->getRoutes()->match($request);
            $this->router->substituteBindings($route);
            $this->router->substituteImplicitBindings($route);
            $answer = $route->run();
            $answer instanceof View && $answer->render();
        } catch (HttpExceptionInterface $refused) {
            $refused->getStatusCode() < 500 ?: throw RecordRefused::noPage($file, '', $path);
        } catch (Throwable) {
            throw RecordRefused::noPage($file, '', $path);
        }
    }
}
