<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Batch;
use App\Models\Jar;
use App\Models\Lot;
use Database\Seeders\DemoWorkroom;
use Illuminate\Routing\Route as Registered;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Str;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Support\AppCase;

/**
 * Every form of the workroom sent with nonsense: a word beside the field or a turn to another page, never a broken one,
 * and nothing half-written.
 */
final class HostileFormsTest extends AppCase
{
    /** Fields the forms know; each gets every kind of nonsense over the run. */
    private const FIELDS = [
        'name',
        'family',
        'batch',
        'ph',
        'revision',
        'do',
        'lines',
        'grams',
        'price',
        'weight',
        'lot',
        'drops',
        'water',
        'oil',
        'mix',
        'filled',
        'containers',
        'tare',
        'take_out',
        'top_up',
        'look',
        'celsius',
        'strained',
        'pressed',
        'pot',
        'reason',
        'when',
        'note',
        'ingredient',
        'opened_on',
        'best_before',
        'supplier',
        'storage',
        'method',
        'wanted',
        'plants',
        'oils',
        'jar_ml',
        'days',
        'units',
        'drops_grams',
        'drops_of',
        'tablespoon',
        'language',
        'room_c',
        'altitude_m',
        'region',
        'scale',
        'strand',
        'dislikes',
        'port',
        'passphrase',
        'what',
        'way',
        'choice',
        'steps',
        'cool',
        'pour',
        'wish',
        'feel',
        'by',
        'without',
        'formula',
        'shelf_grams',
        'subject',
        'kind',
        'density',
        'text',
        'maker',
        'place',
        'back',
        'sure',
        'count',
        'containers_count',
        'tried',
        'sample',
        'dose',
        'before',
        'after',
        'cloth',
    ];

    private const NONSENSE = [
        '',
        '-1',
        '1e309',
        'NaN',
        '∞',
        '0',
        "'; DROP TABLE lots; --",
        '<script>alert(1)</script>',
        '99999999999999999999',
        '½',
        '2026-13-45',
        '../../etc/passwd',
        "\u{0}\u{7}",
        ['a'],
        ['x' => ['y' => 'z']],
        [[[]]],
        '1,5',
        'to 100',
        'none',
        '💧',
    ];

    public function test_no_form_breaks_whatever_is_sent(): void
    {
        $this->seed(DemoWorkroom::class);
        $dice = new Randomizer(new Mt19937(1127));
        $given = fn (string $name): string => match ($name) {
            'formula' => (string) $dice->getInt(1, 7),
            'jar' => (string) Jar::query()->value('id'),
            'lot' => (string) Lot::query()->where('kind', '<>', 'bought')->value('code'),
            'batch' => (string) Batch::query()
                ->where('status', $dice->getInt(0, 1) === 0 ? 'making' : 'finished')
                ->value('code'),
            'preparation', 'number', 'entry', 'plan', 'device', 'observation', 'photo' => (string) $dice->getInt(1, 3),
            'line' => 'abcd1234',
            'step' => ['sanitise', 'weigh.1', 'heat', 'gate', 'ph', 'fill', 'no-such'][$dice->getInt(0, 6)],
            'key' => ['light-milk', 'glycerin', 'no-such-thing'][$dice->getInt(0, 2)],
            'what' => ['bowl', 'drops', 'nothing'][$dice->getInt(0, 2)],
            'code' => '3-77',
            default => 'x',
        };
        $posts = array_filter(
            iterator_to_array(Route::getRoutes()),
            static fn (Registered $route): bool => in_array('POST', $route->methods(), true)
                && $route->getName() !== null
                && ! Str::startsWith($route->getName(), ['backups.', 'sign-in.']),
        );
        self::assertGreaterThan(50, count($posts));
        $known = [200, 302, 303, 403, 404, 409, 413, 419, 422, 429];
        foreach ($posts as $route) {
            for ($n = 0; $n < 25; $n++) {
                $path = '/'.preg_replace_callback(
                    '/\{(\w+)\??\}/',
                    static fn (array $found): string => $given($found[1]),
                    $route->uri(),
                );
                $fields = ['client_key' => $dice->getInt(0, 3) === 0 ? 'short' : (string) Str::uuid()];
                foreach ($dice->pickArrayKeys(self::FIELDS, 12) as $field) {
                    $fields[self::FIELDS[$field]] = self::NONSENSE[$dice->getInt(0, count(self::NONSENSE) - 1)];
                }
                $status = $this->from('/')->post($path, $fields)->getStatusCode();
                self::assertContains(
                    $status,
                    $known,
                    "$path answered $status to ".json_encode($fields, JSON_PARTIAL_OUTPUT_ON_ERROR),
                );
            }
        }
        self::assertSame(
            [],
            array_map(static fn (object $row): array => (array) $row, DB::select('PRAGMA foreign_key_check')),
        );
        foreach ([
            '/',
            '/formulas',
            '/formulas/1',
            '/infusions',
            '/pantry',
            '/shelf',
            '/settings',
            '/practice',
            '/shelf-line',
        ] as $page) {
            self::assertSame(200, $this->get($page)->getStatusCode(), $page);
            $this->get($page)->assertDontSee('<script>alert', false);
        }
    }
}
