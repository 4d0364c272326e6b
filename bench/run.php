<?php

declare(strict_types=1);

// bin/bench: ratios, never absolute promises.

use App\Ground\ShippedCatalogue;
use Ilvane\Core\Evaluation\Evaluator;
use Ilvane\Core\Formula\FormulaDocument;
use Ilvane\Core\Material\Allergen;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Material\Kind;
use Ilvane\Core\Material\Material;
use Ilvane\Core\Reformulation\Cheaper;
use Ilvane\Core\Reformulation\Firmness;
use Ilvane\Core\Reformulation\Offers;
use Ilvane\Core\Reformulation\Proposal;
use Ilvane\Core\Reformulation\Stock;
use Ilvane\Core\Reformulation\Stocked;
use Ilvane\Core\Reformulation\Substitutes;
use Ilvane\Core\Reformulation\Without;
use Ilvane\Core\Simulation\Simulator;

require dirname(__DIR__).'/vendor/autoload.php';

/** @param  list<float>  $values */
function median(array $values): float
{
    sort($values);

    return $values[intdiv(count($values), 2)];
}

/** @return array<string, mixed> a formula of 40 lines that stays as it is */
function forty_lines(Catalogue $catalogue): array
{
    $lines = [['ingredient' => 'distilled-water', 'amount' => 'to 100', 'phase' => 'water']];
    foreach ($catalogue->all() as $ingredient) {
        if (
            $ingredient->use !== null
            && $ingredient->use->max >= 1
            && $ingredient->defaultPhase->value !== 'infusion'
            && count($lines) < 40
            && $ingredient->key !== 'distilled-water'
        ) {
            $lines[] = [
                'ingredient' => $ingredient->key,
                'amount' => '1 %',
                'phase' => $ingredient->defaultPhase->value,
            ];
        }
    }

    return [
        'format' => 'ilvane.formula/1',
        'name' => 'Forty lines',
        'family' => 'leave_in_emulsion',
        'batch' => ['grams' => 500],
        'lines' => $lines,
    ];
}

$root = dirname(__DIR__);
$catalogue = new Catalogue(new ShippedCatalogue("$root/data", sys_get_temp_dir().'/ilvane-bench/catalogue.php'));
$document = forty_lines($catalogue);
$evaluator = new Evaluator($catalogue);
$formula = FormulaDocument::read($document);
$evaluator->evaluate($formula);
$before = memory_get_peak_usage();
$times = [];
for ($i = 0; $i < 500; $i++) {
    $start = hrtime(true);
    $evaluator->evaluate($formula);
    $times[] = (hrtime(true) - $start) / 1e6;
}
$evaluation = median($times);
printf(
    "core evaluation, 40 lines      %6.3f ms median (goal 2), %.1f MB more at the peak (goal 8)\n",
    $evaluation,
    (memory_get_peak_usage() - $before) / 1e6,
);

// --- a rehearsal of three hours and more: two phases, held, combined, cooled on the counter
$slow = [
    ...$document,
    'batch' => ['grams' => 250],
    'process' => [
        'cool' => 'counter',
        'steps' => [
            ['do' => 'heat', 'to_c' => 72],
            ['do' => 'hold', 'minutes' => 20],
            ['do' => 'combine'],
            ['do' => 'blend', 'burst_s' => 75, 'rest_s' => 60, 'times' => 3],
            ['do' => 'gate', 'to_c' => 40],
            ['do' => 'rest', 'minutes' => 90],
            ['do' => 'fill'],
        ],
    ],
];
$slowly = $evaluator->evaluate(FormulaDocument::read($slow))->assessment;
$times = [];
for ($i = 0; $i < 30; $i++) {
    $start = hrtime(true);
    $rehearsal = Simulator::formula($slowly, $catalogue);
    $times[] = (hrtime(true) - $start) / 1e6;
}
printf(
    "rehearsal of %3.0f min, 40 lines  %6.1f ms median (goal 20 for 180 min)\n",
    $rehearsal->minutes,
    median($times),
);

// --- what the bench proposes, each wish on the formula of 40 lines
$it = $evaluator->evaluate($formula)->assessment;
$cupboard = new Stock(array_map(
    static fn (string $key): Stocked => new Stocked(
        "L-$key",
        $key,
        500.0,
        0.01 + 0.001 * (strlen($key) % 7),
        new DateTimeImmutable('2026-12-01'),
    ),
    $catalogue->keys(),
));
$fats = array_values(array_filter(
    iterator_to_array($catalogue->all(), false),
    static fn (Material $fat): bool => $fat->kind->isLipid() && $fat->kind !== Kind::WaxOrFattyAlcohol,
));
$wishes = [
    'firmness' => static fn (): Proposal => Firmness::wish($it, 'firm', 20.0, $fats, $cupboard),
    'cheaper' => static fn (): Proposal => Cheaper::wish($it, 0.05, $fats, $cupboard),
    'without' => static fn (): Proposal => (new Without(new Substitutes($catalogue)))->wish(
        $it,
        [Allergen::TreeNut, Allergen::Coconut],
    ),
    'all offers' => static fn (): array => Offers::of(
        $it,
        new Substitutes($catalogue),
        $cupboard,
        new DateTimeImmutable('2027-01-01'),
    ),
];
foreach ($wishes as $name => $wish) {
    $wish();
    $start = hrtime(true);
    $wish();
    printf("proposal, %-10s           %6.1f ms (goal 50)\n", $name, (hrtime(true) - $start) / 1e6);
}

// --- live recalculation against an empty page, both through the same server, session and middleware, alternating
$directory = sys_get_temp_dir().'/ilvane-bench-'.getmypid();
mkdir($directory, 0700, true);
touch("$directory/workroom.sqlite");
$environment = [
    'APP_ENV' => 'production',
    'APP_KEY' => 'base64:'.base64_encode(str_repeat("\0", 32)),
    'DB_DATABASE' => "$directory/workroom.sqlite",
    'ILVANE_BENCH' => '1',
    'PHP_CLI_SERVER_WORKERS' => '1',
    'PATH' => (string) getenv('PATH'),
];
$run = static function (array $command) use ($root, $environment): void {
    $process = proc_open(
        array_values($command),
        [['file', '/dev/null', 'r'], ['file', '/dev/null', 'w'], ['file', '/dev/null', 'w']],
        $pipes,
        $root,
        $environment,
    );
    if ($process === false || proc_close($process) !== 0) {
        fwrite(STDERR, 'Failed: '.implode(' ', $command)."\n");
        exit(1);
    }
};
$run([PHP_BINARY, 'artisan', 'migrate', '--force']);
$pdo = new PDO("sqlite:$directory/workroom.sqlite");
$draft = App\Formulas\Draft::fromDocument($document);
$pdo
    ->prepare(
        "INSERT INTO formulas (name, draft, revision, created_at, updated_at) VALUES ('Forty lines', ?, 1, '2026-01-01', '2026-01-01')",
    )
    ->execute([json_encode($draft->toStored(), JSON_THROW_ON_ERROR)]);

$port = 20_000 + getmypid() % 20_000;
$server = proc_open(
    ['setsid', PHP_BINARY, '-d', 'opcache.enable_cli=1', '-S', "127.0.0.1:$port", '-t', 'public', 'router.php'],
    [['file', '/dev/null', 'r'], ['file', '/dev/null', 'w'], ['file', '/dev/null', 'w']],
    $pipes,
    $root,
    $environment,
);
register_shutdown_function(static function () use ($server, $directory): void {
    if ($server !== false) {
        posix_kill(-proc_get_status($server)['pid'], SIGTERM);
    }
    exec('rm -rf '.escapeshellarg($directory));
});
for ($i = 0; $i < 100 && ! @fsockopen('127.0.0.1', $port); $i++) {
    usleep(50_000);
}
$curl = curl_init();
curl_setopt_array(
    $curl,
    [CURLOPT_RETURNTRANSFER => true, CURLOPT_COOKIEFILE => '', CURLOPT_URL => "http://127.0.0.1:$port/formulas/1"],
);
preg_match('/name="csrf-token" content="([^"]+)"/', (string) curl_exec($curl), $token);
$form = [
    '_token' => $token[1] ?? '',
    'name' => 'Forty lines',
    'batch' => '500',
    'revision' => '1',
    'do' => '',
    'lines' => [],
];
foreach ($draft->lines() as $line) {
    $form['lines'][$line['key']] = [
        'ingredient' => $line['ingredient'],
        'name' => $catalogue->get($line['ingredient'])->nameEn,
        'amount' => $line['amount'],
        'phase' => $line['phase'],
        'prepared' => '',
    ];
}
$revision = 1;
$ask = static function (string $path, array $fields) use ($curl, $port): array {
    curl_setopt_array(
        $curl,
        [
            CURLOPT_URL => "http://127.0.0.1:$port$path",
            CURLOPT_POST => true,
            CURLOPT_POSTFIELDS => http_build_query($fields),
            CURLOPT_HTTPHEADER => ['X-Live: 1'],
        ],
    );
    $start = hrtime(true);
    $body = (string) curl_exec($curl);

    return [(hrtime(true) - $start) / 1e6, $body, curl_getinfo($curl, CURLINFO_RESPONSE_CODE)];
};
$live = $empty = [];
for ($i = 0; $i < 220; $i++) {
    [$time, , $status] = $ask('/bench/empty', $form);
    if ($status !== 200) {
        fwrite(STDERR, "The empty page answered $status\n");
        exit(1);
    }
    $form['batch'] = (string) (500 + $i % 7); // every call changes something, so every call saves
    $form['revision'] = (string) $revision;
    [$liveTime, $body, $status] = $ask('/formulas/1', $form);
    if ($status !== 200 || preg_match('/name="revision" value="(\d+)"/', $body, $found) !== 1) {
        fwrite(STDERR, "Live recalculation answered $status\n");
        exit(1);
    }
    $revision = (int) $found[1];
    if ($i >= 20) {
        $empty[] = $time;
        $live[] = $liveTime;
    }
}
printf(
    "live recalculation, 40 lines   %6.2f times an empty page at the median (goal 1.5): %.1f against %.1f ms, %d kB\n",
    median($live) / median($empty),
    median($live),
    median($empty),
    strlen($body) / 1000,
);

// --- the same sheet reckoned by an outside spreadsheet without a window, side by side
$office = trim((string) shell_exec('command -v soffice'));
if ($office === '') {
    echo "the same sheet by a headless spreadsheet: NOT MEASURED, none is installed (libreoffice-calc-nogui)\n";
} else {
    curl_setopt_array(
        $curl,
        [
            CURLOPT_URL => "http://127.0.0.1:$port/formulas/1/formula.xlsx",
            CURLOPT_HTTPGET => true,
            CURLOPT_POST => false,
        ],
    );
    $sheet = (string) curl_exec($curl);
    $convert = static function (int $files) use ($office, $directory, $sheet): float {
        $names = '';
        for ($n = 0; $n < $files; $n++) {
            file_put_contents("$directory/sheet$n.xlsx", $sheet);
            $names .= ' '.escapeshellarg("$directory/sheet$n.xlsx");
        }
        $start = hrtime(true);
        exec(
            escapeshellarg($office)
                ." -env:UserInstallation=file://$directory/office --headless --convert-to csv --outdir $directory/out$names >/dev/null 2>&1",
        );

        return (hrtime(true) - $start) / 1e6;
    };
    $convert(1);
    $one = $convert(1);
    $each = ($convert(21) - $one) / 20;
    printf(
        "the same sheet by a headless spreadsheet: %.0f times the core's evaluation, which also judges it (%.1f ms a sheet once it runs, %.0f ms to start)\n",
        $each / $evaluation,
        $each,
        $one,
    );
}

// --- Today over a thousand jars against Today over ten
$plan = [
    'format' => 'ilvane.infusion-plan/1',
    'name' => 'Calendula',
    'plants' => [['ingredient' => 'calendula-dried', 'amount' => '30 g']],
    'oils' => [['ingredient' => 'olive-oil', 'amount' => '300 g']],
    'jar_ml' => 500,
    'method' => 'cold_dark',
    'days' => 21,
];
$put = $pdo->prepare(
    "INSERT INTO jars (code, name, draft, revision, plan, status, started_at, shake_at, ready_at, strain_at, created_at, updated_at) VALUES (?, ?, '{}', 1, ?, 'standing', ?, ?, ?, ?, '2026-01-01', '2026-01-01')",
);
$day = static fn (int $days): string => date('Y-m-d H:i:s', time() + 86_400 * $days);
$fill = static function (int $from, int $to) use ($pdo, $put, $plan, $day): void {
    $pdo->beginTransaction();
    for ($i = $from; $i < $to; $i++) {
        $put->execute([
            sprintf('J%06d-A', $i),
            "Jar $i",
            json_encode($plan, JSON_THROW_ON_ERROR),
            $day(-$i % 20),
            $day($i % 3),
            $day(14 - $i % 20),
            $day(21 - $i % 20),
        ]);
    }
    $pdo->commit();
};
curl_setopt_array($curl, [CURLOPT_HTTPGET => true, CURLOPT_HTTPHEADER => []]);
$look = static function () use ($curl, $port): float {
    curl_setopt($curl, CURLOPT_URL, "http://127.0.0.1:$port/");
    $times = [];
    for ($i = 0; $i < 40; $i++) {
        $start = hrtime(true);
        curl_exec($curl);
        $times[] = (hrtime(true) - $start) / 1e6;
    }
    if (curl_getinfo($curl, CURLINFO_RESPONSE_CODE) !== 200) {
        fwrite(STDERR, "Today did not answer\n");
        exit(1);
    }

    return median(array_slice($times, 5));
};
$fill(0, 50);
$fifty = $look();
$fill(50, 1000);
$thousand = $look();
printf(
    "Today, 1000 jars standing      %6.2f times Today with 50 (goal 1.3): %.1f against %.1f ms\n",
    $thousand / $fifty,
    $thousand,
    $fifty,
);
