<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\TestCase;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/** Arrows point down: views to app to core, and no circles between the rooms of either. */
final class ArchitectureTest extends TestCase
{
    /** What every room of the app stands on. */
    private const GROUND = ['Drawing', 'Models', 'Ground'];

    /** What a room may use beside the ground. */
    private const ROOMS = [
        'Access' => [],
        'Backups' => ['Access'],
        'Bench' => ['Formulas', 'Instruments', 'Make', 'Pantry', 'Shelf'],
        'Formulas' => [],
        'Infusions' => ['Pantry'],
        'Instruments' => [],
        'Learn' => ['Bench', 'Formulas'],
        'Make' => ['Formulas', 'Instruments', 'Pantry'],
        'Pantry' => ['Formulas'],
        'Papers' => ['Formulas', 'Make', 'Pantry', 'Shelf'],
        'Preparations' => ['Formulas', 'Pantry'],
        'Projects' => ['Bench', 'Formulas', 'Infusions', 'Make', 'Pantry'],
        'Recipes' => ['Formulas', 'Infusions', 'Pantry'],
        'Settings' => ['Access'],
        'Shelf' => ['Make', 'Pantry'],
        'Simulation' => ['Formulas'],
    ];

    /** On top: they may use rooms, no room uses them. */
    private const ROOF = ['Console', 'Http', 'Providers', 'Today'];

    public function test_the_core_knows_nothing_of_the_framework_the_app_or_the_world(): void
    {
        foreach (self::sources('core') as $path => $code) {
            self::assertSame(0, preg_match('/\b(Illuminate|Laravel|App|Carbon|Symfony|Database)\\\\/', $code), $path);
            self::assertSame(
                0,
                preg_match(
                    '/(?<![>:\w])(?<!function )(file_get_contents|file_put_contents|fopen|time|date|microtime|mt_rand|rand|random_int|random_bytes|getenv|curl_init|exec)\s*\(/',
                    $code,
                ),
                $path,
            );
            self::assertSame(0, preg_match("/new \\\\?DateTimeImmutable\((?:\)|'now')/", $code), $path);
        }
    }

    public function test_the_rooms_of_the_core_form_no_circle(): void
    {
        $uses = [];
        foreach (self::sources('core') as $path => $code) {
            $room = explode('/', $path)[1];
            preg_match_all('/Ilvane\\\\Core\\\\(\w+)\\\\/', $code, $found);
            foreach (array_diff(array_unique($found[1]), [$room]) as $other) {
                $uses[$room][$other] = $path;
            }
        }
        self::assertArrayNotHasKey('Measure', $uses, 'Measure is the ground floor: it uses no other room.');
        foreach (array_keys($uses) as $room) {
            self::assertNotContains($room, self::reachedFrom($room, $uses), "The room $room reaches itself.");
        }
    }

    /** What a class needs it is given: nothing is fetched from the container but by providers. */
    public function test_nothing_is_fetched_from_the_container(): void
    {
        foreach (['app', 'database', 'routes', 'resources/views'] as $place) {
            foreach (self::sources($place) as $path => $code) {
                if (! str_starts_with($path, 'app/Providers/')) {
                    self::assertSame(0, preg_match('/(?<![>:\w])(app|resolve)\(/', $code), $path);
                }
            }
        }
    }

    /** What an ingredient is stands in data/; code asks for a property, never for a name. */
    public function test_no_key_of_the_catalogue_stands_in_code(): void
    {
        $root = dirname(__DIR__, 2);
        $keys = [];
        foreach (array_slice(file("$root/data/ingredients.csv") ?: [], 1) as $line) {
            $keys[] = explode(',', $line)[0];
        }
        self::assertGreaterThan(200, count($keys));
        $found = [];
        foreach ([...self::sources('core'), ...self::sources('app')] as $path => $code) {
            preg_match_all('/[\'"]([a-z0-9-]+)[\'"]/', $code, $quoted);
            foreach (array_intersect($quoted[1], $keys) as $key) {
                $found[] = "$path: $key";
            }
        }
        self::assertSame([], $found);
    }

    public function test_the_rooms_of_the_app_use_only_what_is_below_them(): void
    {
        $uses = [];
        foreach (self::sources('app') as $path => $code) {
            $room = count(explode('/', $path)) > 2 ? explode('/', $path)[1] : '';
            preg_match_all('/App\\\\(\w+)\\\\/', $code, $found);
            foreach (array_diff(array_unique($found[1]), [$room]) as $other) {
                $uses[$room][$other] = $path;
            }
        }
        $allowed = [
            'Drawing' => [], 'Models' => [], 'Ground' => ['Drawing', 'Models'],
            ...array_map(static fn (array $rooms): array => [...self::GROUND, ...$rooms], self::ROOMS),
            ...array_fill_keys(self::ROOF, [...self::GROUND, ...array_keys(self::ROOMS), 'Http', 'Today']),
        ];
        foreach ($uses as $room => $others) {
            self::assertArrayHasKey($room, $allowed, "app/$room is no room of the house.");
            self::assertSame([], array_diff_key($others, array_flip($allowed[$room])), "$room uses what it may not.");
        }
        foreach (array_keys($uses) as $room) {
            self::assertNotContains($room, self::reachedFrom($room, $uses), "The room $room reaches itself.");
        }
    }

    /**
     * Width is no way to be short. The lifts stay as they were released; in tests and benches a sentence, a query or a
     * script in quotes may stand whole.
     */
    public function test_no_line_of_code_is_wider_than_120_columns(): void
    {
        $root = dirname(__DIR__, 2);
        $wide = [];
        foreach (
            [
                'core', 'app', 'database/migrations', 'database/seeders', 'routes', 'config', 'resources/views',
                'resources/js', 'resources/css', 'tests', 'bench',
            ] as $directory
        ) {
            $quotes = in_array($directory, ['tests', 'bench'], true) ? '/\'(?:\\\\.|[^\'\\\\])*\'|"(?:\\\\.|[^"\\\\])*"/' : '/(?!)/';
            foreach (array_keys(iterator_to_array(self::sources($directory))) as $path) {
                foreach (preg_match('/\.(php|js|css)$/', $path) === 1 ? file("$root/$path") ?: [] : [] as $number => $line) {
                    $line = rtrim($line, "\n");
                    if (mb_strlen($line) > 120 && mb_strlen((string) preg_replace($quotes, "''", $line)) > 120) {
                        $wide[] = "$path:".($number + 1);
                    }
                }
            }
        }
        self::assertSame([], $wide);
    }

    public function test_views_do_not_reach_past_the_app_into_models_of_the_core(): void
    {
        foreach (self::sources('resources/views') as $path => $code) {
            self::assertSame(0, preg_match('/Ilvane\\\\Core\\\\(?!Formula\\\\Family)/', $code), $path);
            self::assertSame(0, preg_match('/\sstyle=|\son\w+="|<script(?![^>]*src)/', $code), "$path: nothing inline");
            self::assertStringNotContainsString('{!!', $code, "$path: output is escaped");
        }
    }

    public function test_controllers_hold_no_arithmetic_and_no_queries_in_loops(): void
    {
        $controllers = array_filter(
            iterator_to_array(self::sources('app')),
            static fn (string $path): bool => str_ends_with($path, 'Controller.php'),
            ARRAY_FILTER_USE_KEY,
        );
        self::assertGreaterThan(20, count($controllers));
        foreach ($controllers as $path => $code) {
            self::assertLessThan(200, substr_count($code, "\n"), "$path is a thick controller");
        }
    }

    /**
     * @param  array<string, array<string, string>>  $uses
     * @return list<string>
     */
    private static function reachedFrom(string $room, array $uses): array
    {
        $reached = [];
        $open = array_keys($uses[$room] ?? []);
        while ($open !== []) {
            $next = array_pop($open);
            if (! in_array($next, $reached, true)) {
                $reached[] = $next;
                array_push($open, ...array_keys($uses[$next] ?? []));
            }
        }

        return $reached;
    }

    /** @return iterable<string, string> code by path from the root, comments taken out */
    private static function sources(string $directory): iterable
    {
        $root = dirname(__DIR__, 2);
        /** @var SplFileInfo $file */
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(
            "$root/$directory",
            RecursiveDirectoryIterator::SKIP_DOTS,
        )) as $file) {
            $code = (string) file_get_contents($file->getPathname());
            yield substr(
                $file->getPathname(),
                strlen($root) + 1,
            ) => preg_replace('#/\*.*?\*/|^\s*//.*$#ms', '', $code) ?? '';
        }
    }
}
