<?php

declare(strict_types=1);

// bin/bench load: many at once, for long, over much. Prints what was tried and what was lost.

use App\Formulas\Draft;
use Symfony\Component\Process\Process;

require dirname(__DIR__).'/vendor/autoload.php';

$root = dirname(__DIR__);
$directory = sys_get_temp_dir().'/ilvane-load-'.getmypid();
mkdir($directory, 0700, true);
touch("$directory/room.sqlite");
[$port, $instruments] = [20_000 + getmypid() % 20_000, 41_000 + getmypid() % 20_000];
$environment = [
    'APP_ENV' => 'production',
    'APP_KEY' => 'base64:'.base64_encode(str_repeat("\0", 32)),
    'DB_DATABASE' => "$directory/room.sqlite",
    'PHP_CLI_SERVER_WORKERS' => '4',
    'ILVANE_INSTRUMENTS' => (string) $instruments,
    'ILVANE_DAILY_COPY' => 'false',
];
(new Process([PHP_BINARY, 'artisan', 'migrate', '--force'], $root, $environment))->mustRun();
(new Process(
    [PHP_BINARY, 'artisan', 'db:seed', '--class=Database\\Seeders\\DemoWorkroom', '--force'],
    $root,
    $environment,
))->mustRun();
$started = [];
foreach ([
    [PHP_BINARY, 'artisan', 'ilvane:instruments', "--port=$instruments"],
    [PHP_BINARY, '-d', 'opcache.enable_cli=1', '-S', "127.0.0.1:$port", '-t', 'public', 'router.php'],
] as $command) {
    $process = new Process(['setsid', ...$command], $root, $environment, null, null);
    $process->disableOutput();
    $process->start();
    $started[] = $process;
}
register_shutdown_function(static function () use ($started, $directory): void {
    foreach ($started as $process) {
        posix_kill(-(int) $process->getPid(), SIGTERM);
    }
    (new Process(['rm', '-rf', $directory]))->run();
});
for ($i = 0; $i < 200 && ! (@fsockopen('127.0.0.1', $port) && @fsockopen('127.0.0.1', $instruments)); $i++) {
    usleep(50_000);
}
$room = new PDO("sqlite:$directory/room.sqlite", options: [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION]);
$asked = static fn (string $sql): array => ($room->query($sql) ?: throw new RuntimeException($sql))
    ->fetchAll(PDO::FETCH_COLUMN);

/** One browser: its cookies, its token. */
final class Visitor
{
    private CurlHandle $curl;

    public string $token = '';

    public function __construct(private int $port)
    {
        $this->curl = curl_init() ?: throw new RuntimeException('curl');
        $this->body($this->get('/up'));
    }

    public function get(string $path): CurlHandle
    {
        return $this->set($path, [CURLOPT_HTTPGET => true]);
    }

    /**
     * @param  array<string, mixed>  $fields
     * @param  list<string>  $headers
     */
    public function post(string $path, array $fields, array $headers = []): CurlHandle
    {
        return $this->set(
            $path,
            [
                CURLOPT_POST => true,
                CURLOPT_POSTFIELDS => http_build_query(['_token' => $this->token, ...$fields]),
                CURLOPT_HTTPHEADER => $headers,
            ],
        );
    }

    public function body(CurlHandle $curl): string
    {
        $body = (string) curl_exec($curl);
        $this->token = preg_match('/name="csrf-token" content="([^"]+)"/', $body, $token) === 1
            ? $token[1]
            : $this->token;

        return $body;
    }

    /** @param  array<int, mixed>  $options */
    private function set(string $path, array $options): CurlHandle
    {
        curl_setopt_array(
            $this->curl,
            $options + [
                CURLOPT_RETURNTRANSFER => true,
                CURLOPT_TIMEOUT => 60,
                CURLOPT_COOKIEFILE => '',
                CURLOPT_HTTPHEADER => [],
                CURLOPT_URL => "http://127.0.0.1:$this->port$path",
            ],
        );

        return $this->curl;
    }
}

/**
 * @param  list<CurlHandle>  $handles  all at once
 * @return array<int, array{int, string}> status and body
 */
function together(array $handles): array
{
    $multi = curl_multi_init();
    foreach ($handles as $handle) {
        curl_multi_add_handle($multi, $handle);
    }
    do {
        curl_multi_exec($multi, $running);
        curl_multi_select($multi, 0.05);
    } while ($running > 0);
    $answers = [];
    foreach ($handles as $i => $handle) {
        $answers[$i] = [(int) curl_getinfo($handle, CURLINFO_RESPONSE_CODE), (string) curl_multi_getcontent($handle)];
        curl_multi_remove_handle($multi, $handle);
    }

    return $answers;
}

// --- 50 live recalculations at once, ten times over, while ten makes ask their instruments and tell a weight
$draft = $asked('SELECT draft FROM formulas WHERE id = 1')[0];
$put = $room->prepare(
    "INSERT INTO formulas (name, draft, revision, created_at, updated_at) VALUES (?, ?, 1, '2026-01-01', '2026-01-01')",
);
for ($i = 0; $i < 50; $i++) {
    $put->execute(["Load $i", $draft]);
}
$first = (int) $asked("SELECT min(id) FROM formulas WHERE name LIKE 'Load %'")[0];
$benches = $makes = [];
for ($i = 0; $i < 50; $i++) {
    $benches[$i] = new Visitor($port);
    $benches[$i]->body($benches[$i]->get('/formulas/'.($first + $i)));
}
for ($i = 0; $i < 10; $i++) {
    $makes[$i] = new Visitor($port);
    $makes[$i]->body($makes[$i]->get('/formulas/1'));
    $makes[$i]->body($makes[$i]->post('/formulas/1/make', []));
}
$codes = $asked("SELECT code FROM batches WHERE status = 'making' ORDER BY id DESC LIMIT 10");
foreach ($makes as $i => $visitor) {
    $visitor->body($visitor->get("/make/$codes[$i]/weigh.1"));
}
$lines = Draft::fromStored(json_decode((string) $draft, true))->lines();
$errors = $told = 0;
$revisions = array_fill(0, 50, 1);
$start = hrtime(true);
for ($round = 1; $round <= 10; $round++) {
    $handles = [];
    foreach ($benches as $i => $visitor) {
        $form = [
            'name' => "Load $i",
            'batch' => (string) (200 + $round),
            'revision' => (string) $revisions[$i],
            'do' => '',
            'lines' => [],
        ];
        foreach ($lines as $line) {
            $form['lines'][$line['key']] = [
                'ingredient' => $line['ingredient'],
                'name' => $line['name'] ?: $line['ingredient'],
                'amount' => $line['amount'],
                'phase' => $line['phase'],
                'prepared' => $line['prepared'],
            ];
        }
        $handles[] = $visitor->post('/formulas/'.($first + $i), $form, ['X-Live: 1']);
    }
    foreach ($makes as $i => $visitor) {
        $handles[] = $round % 2 === 0
            ? $visitor->post(
                "/make/$codes[$i]/weigh.1",
                ['client_key' => "load-$i-$round-xxxx", 'weight' => '129.4'],
                ['Accept: application/json'],
            )
            : $visitor->post(
                "/make/$codes[$i]/weigh.1/reading",
                ['now' => (string) $round],
                ['Accept: application/json'],
            );
    }
    foreach (together($handles) as $i => [$status, $body]) {
        $errors += $status === 200 ? 0 : 1;
        if ($i < 50 && preg_match('/name="revision" value="(\d+)"/', $body, $found) === 1) {
            $revisions[$i] = (int) $found[1];
        }
        $told += $i >= 50 && $round % 2 === 0 && $status === 200 ? 1 : 0;
    }
}
$seconds = (hrtime(true) - $start) / 1e9;
$kept = (int) $asked("SELECT count(*) FROM batch_entries WHERE kind = 'weighed' AND client_key LIKE 'load-%'")[0];
$saved = (int) $asked("SELECT count(*) FROM formulas WHERE name LIKE 'Load %' AND revision = 11")[0];
printf(
    "500 live recalculations, 50 at a time, beside 10 makes with instruments: %d errors in 600 answers, %d of 50 drafts at their last state, %d of %d weights written once (%.0f s)\n",
    $errors,
    $saved,
    $kept,
    $told,
    $seconds,
);
$isLost = $errors > 0 || $saved !== 50 || $kept !== $told || $told !== 50;

// --- 10,000 pages, and what the workers weigh after a tenth and at the end
$workers = static function () use ($started): array {
    $weights = [];
    foreach (glob('/proc/[0-9]*/stat') ?: [] as $stat) {
        $fields = explode(' ', (string) @file_get_contents($stat));
        if (
            (int) ($fields[4] ?? 0) === $started[1]->getPid()
            && preg_match('/VmRSS:\s+(\d+)/', (string) @file_get_contents(dirname($stat).'/status'), $kb) === 1
        ) {
            $weights[] = (int) $kb[1] / 1000;
        }
    }

    return $weights;
};
$count = (int) ($argv[1] ?? 10_000);
$many = array_map(static fn (int $i): Visitor => new Visitor($port), range(0, 7));
$pages = ['/handbook', '/shelf', '/pantry', '/formulas/1', '/infusions', '/', '/settings', '/ready-made'];
$failed = 0;
$early = [];
for ($i = 0; $i < $count; $i += 8) {
    foreach (together(array_map(
        static fn (Visitor $visitor, int $n): CurlHandle => $visitor->get($pages[($i / 8 + $n) % 8]),
        $many,
        array_keys($many),
    )) as [$status]) {
        $failed += $status === 200 ? 0 : 1;
    }
    if ($i === intdiv($count, 80) * 8) {
        $early = $workers();
    }
}
[$first, $last] = [max([0, ...$early]), max([0, ...$workers()])];
printf(
    "%d pages: %d errors; the largest worker weighed %.0f MB after a tenth of them and %.0f MB at the end\n",
    $count,
    $failed,
    $first,
    $last,
);
$isLost = $isLost || $failed > 0 || $last > 1.3 * $first + 10;

// --- the shelf over 10,000 batches against the shelf over ten
$look = static function () use ($many): float {
    $times = [];
    for ($i = 0; $i < 30; $i++) {
        $start = hrtime(true);
        $many[0]->body($many[0]->get('/shelf'));
        $times[] = (hrtime(true) - $start) / 1e6;
    }
    sort($times);

    return $times[15];
};
$columns =
    'formula_version_id, document, status, at_step, started_at, finished_at, best_before, outcome, created_at, updated_at, grams_left';
$clone = static fn (int $from, int $to) => $room->exec(
    "WITH RECURSIVE n(i) AS (SELECT $from UNION ALL SELECT i + 1 FROM n WHERE i < $to) INSERT INTO batches (code, $columns) SELECT '280101-' || i, $columns FROM batches, n WHERE batches.id = (SELECT max(id) FROM batches WHERE status = 'finished' AND gone_at IS NULL)",
);
$clone(1, 40);
$few = $look();
$clone(41, 10_000);
$much = $look();
printf(
    "the shelf, 10,000 batches      %6.2f times the shelf with 40 (goal 1.3): %.1f against %.1f ms\n",
    $much / $few,
    $much,
    $few,
);
exit($isLost ? 1 : 0);
