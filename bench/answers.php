<?php

declare(strict_types=1);

// bin/answers DIR: all that Ilvane answers to fixed questions at a fixed moment, as files that can be held against
// those of another
// state of the code (diff -r): what was meant to stay as it was did, or stands there.

use App\Formulas\ReadyMade;
use App\Ground\EvaluationDocument;
use App\Infusions\InfusionDocument;
use App\Learn\Handbook;
use App\Learn\PracticeCases;
use App\Models\Batch;
use App\Models\Formula;
use App\Models\Jar;
use App\Models\Lot;
use App\Models\Preparation;
use App\Simulation\SimulationDocument;
use Database\Seeders\DemoWorkroom;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Route;
use Ilvane\Core\Evaluation\Evaluator;
use Ilvane\Core\Formula\FormulaDocument;
use Ilvane\Core\Infusion\Infusion;
use Ilvane\Core\Infusion\InfusionPlanDocument;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Measure\Tools;
use Ilvane\Core\Practice\Examiner;
use Ilvane\Core\Practice\Exercise;
use Ilvane\Core\Practice\Mistakes;
use Ilvane\Core\Simulation\Simulator;

const MOMENT = '2026-11-28 12:00:00';
const SEEDS = [7, 92];

$into = $argv[1] ?? '';
if ($into === '' || (is_dir($into) && count(scandir($into) ?: []) > 2)) {
    fwrite(STDERR, "bin/answers DIR: a new or empty directory\n");
    exit(2);
}
$room = tempnam(sys_get_temp_dir(), 'ilvane-answers-') ?: throw new RuntimeException('No room for a workroom');
register_shutdown_function(static fn () => array_map(unlink(...), glob("$room*") ?: []));
foreach ([
    'APP_ENV' => 'testing',
    'APP_KEY' => 'base64:'.base64_encode(str_repeat("\0", 32)),
    'APP_TIMEZONE' => 'UTC',
    'DB_DATABASE' => $room,
    'SESSION_DRIVER' => 'array',
    'CACHE_STORE' => 'array',
    'ILVANE_DAILY_COPY' => 'false',
] as $name => $value) {
    putenv("$name=$value");
    $_ENV[$name] = $_SERVER[$name] = $value;
}
require dirname(__DIR__).'/vendor/autoload.php';
$app = require dirname(__DIR__).'/bootstrap/app.php';
$app->make(Illuminate\Contracts\Console\Kernel::class)->bootstrap();
Carbon::setTestNow(MOMENT);
Artisan::call('migrate', ['--force' => true]);
Artisan::call('db:seed', ['--class' => DemoWorkroom::class, '--force' => true]);

$written = 0;
$write = static function (string $name, string $answer) use ($into, &$written): void {
    $file = "$into/$name";
    is_dir(dirname($file)) || mkdir(dirname($file), 0777, true);
    file_put_contents($file, rtrim($answer)."\n");
    $written++;
};
$json = static fn (mixed $answer): string => (string) json_encode(
    $answer,
    JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION
    | JSON_THROW_ON_ERROR,
);
/** @var Evaluator $evaluator */
$evaluator = $app->make(Evaluator::class);
/** @var Catalogue $catalogue */
$catalogue = $app->make(Catalogue::class);

// every formula that is ready-made, in the sample, or spoiled for practice: judged, and gone through
$documents = [];
foreach (ReadyMade::documents() as $name => $document) {
    $documents["frame-$name"] = $document;
}
foreach (Formula::query()->with('versions')->orderBy('id')->get() as $formula) {
    foreach ($formula->versions as $version) {
        $documents["sample-$formula->id-$version->number"] = $version->document;
    }
}
$mistakes = $app->make(Mistakes::class);
foreach ($mistakes->all() as $name => $mistake) {
    foreach (SEEDS as $seed) {
        $exercise = Exercise::of(
            $mistake,
            $mistakes,
            $seed,
            ReadyMade::documents(),
            new Examiner($evaluator),
            $catalogue,
        );
        if ($exercise !== null) {
            $documents["practice-$name-$seed"] = $exercise->document;
        }
    }
}
foreach ($documents as $name => $document) {
    $evaluation = $evaluator->evaluate(FormulaDocument::read($document), madeOn: Carbon::now()->toDateTimeImmutable());
    $write("evaluate/$name.json", $json($app->make(EvaluationDocument::class)->of($evaluation)));
    $write(
        "rehearse/$name.json",
        $json($app->make(SimulationDocument::class)->of(Simulator::formula($evaluation->assessment, $catalogue))),
    );
}

// every infusion that stands or stood
foreach (Jar::query()->whereNotNull('plan')->orderBy('id')->get() as $jar) {
    $infusion = Infusion::of(InfusionPlanDocument::read($jar->plan ?? []), $catalogue, $app->make(Tools::class));
    $write("infuse/sample-$jar->id.json", $json($app->make(InfusionDocument::class)->of($infusion)));
}

// every page of the sample workroom, in both languages: its words, without the markup around them
$places = [
    'formula' => Formula::query()->orderBy('id')->pluck('id')->all(),
    'batch' => Batch::query()->orderBy('id')->pluck('code')->all(),
    'jar' => Jar::query()->orderBy('id')->pluck('id')->all(),
    'lot' => Lot::query()->orderBy('id')->pluck('code')->all(),
    'preparation' => Preparation::query()->orderBy('id')->pluck('id')->all(),
    'number' => [1],
    'format' => ['json', 'csv'],
    'key' => ['shea-butter-unrefined', 'rosemary-dried'],
    'slug' => Handbook::slugs(),
    'sort' => ['repair'],
    'rule' => ['preservation.low'],
    'line' => ['none'],
    'step' => ['weigh.2', 'gate', 'fill'],
    'code' => [$app->make(PracticeCases::class)->of('ready_jar', SEEDS[0])->code, 'J261112-A'],
];
$paths = [];
foreach (Route::getRoutes()->getRoutes() as $route) {
    // copies, tokens, doors and questions drawn by lot are not the same twice
    if (
        ! in_array('GET', $route->methods(), true)
        || preg_match(
            '#^((backups|up|token|storage|sign-in|come-in|on-the-phone|calendar/|photos/|practice/next|practice/rule)'
            .'|make/\{batch\}$)#',
            $route->uri(),
        ) === 1
    ) {
        continue;
    }
    $open = [$route->uri()];
    preg_match_all('/\{(\w+)\??\}/', $route->uri(), $names);
    foreach ($names[1] as $name) {
        $open = array_merge(...array_map(
            static fn (string $path): array => array_map(
                static fn (int|string $value): string => (string) preg_replace(
                    '/\{'.$name.'\??\}/',
                    (string) $value,
                    $path,
                    1,
                ),
                $places[$name] ?? [],
            ),
            $open,
        ));
    }
    $paths = [...$paths, ...$open];
}
foreach (Batch::query()->where('status', 'making')->with('entries')->get() as $batch) {
    foreach (app(\App\Make\MakeStateFactory::class)->of($batch)->plan->steps as $step) {
        $paths[] = "make/$batch->code/$step->key";
    }
}
$kernel = $app->make(Kernel::class);
foreach (['en', 'fr'] as $language) {
    App\Ground\Settings::keep('language', ['is' => $language]);
    foreach (array_unique($paths) as $path) {
        $app->forgetScopedInstances();
        $app->make('session')->flush();
        $answer = $kernel->handle(Request::create('http://127.0.0.1/'.ltrim($path, '/')));
        $type = (string) $answer->headers->get('Content-Type');
        if ($answer->getStatusCode() !== 200 || preg_match('#^(text|application/json)#', $type) !== 1) {
            continue;
        }
        $words = preg_replace(
            [
                '#<(script|style)\b.*?</\1>#s',
                '#<svg\b.*?</svg>#s',
                '#</(p|li|tr|h\d|div|section|dt|dd|option|button|label|td|th)>#',
            ],
            ['', '', "$0\n"],
            (string) $answer->getContent(),
        );
        $text = str_contains($type, 'html')
            ? html_entity_decode(strip_tags((string) $words), ENT_QUOTES | ENT_HTML5)
            : (string) $answer->getContent();
        $lines = array_filter(
            array_map(
                static fn (string $line): string => trim((string) preg_replace('/[ \t]+/', ' ', $line)),
                explode("\n", $text),
            ),
            static fn (string $line): bool => $line !== '',
        );
        $write("pages-$language/".(strtr(trim($path, '/'), ['/' => '_']) ?: 'today').'.txt', implode("\n", $lines));
    }
}
echo "$written answers in $into\n";
