<?php

declare(strict_types=1);

namespace Tests\Core\Pins;

use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\CoreCase;

/**
 * What the models say today, figure by figure. A pinned figure is not a checked one (those are beside their sources, in
 * tests/Published and in the tests by hand): a pin only sees to it that no figure changes unmeant. After a change that
 * is meant, `php tests/Core/Pins/pin.php` writes them anew; what changed stands in the diff.
 */
final class PinsTest extends CoreCase
{
    #[DataProvider('pinned')]
    public function test_nothing_is_said_otherwise_than_it_was(string $group): void
    {
        $pinned = json_decode((string) file_get_contents(self::file($group)), true);
        $is = json_decode((string) json_encode(self::now($group)), true);
        self::assertSame(array_keys($pinned), array_keys($is), 'the same cases');
        foreach ($is as $name => $value) {
            self::assertAlike($pinned[$name], $value, "$group: $name");
        }
    }

    public static function pinned(): iterable
    {
        foreach (self::all() as $group => $cases) {
            yield $group => [$group];
        }
    }

    private static function assertAlike(mixed $pinned, mixed $is, string $where): void
    {
        if (is_array($pinned) && is_array($is)) {
            self::assertSame(array_keys($pinned), array_keys($is), $where);
            foreach ($is as $key => $value) {
                self::assertAlike($pinned[$key], $value, "$where/$key");
            }
        } elseif (is_numeric($pinned) && is_numeric($is)) {
            self::assertEqualsWithDelta($pinned, $is, 1e-9 + 2e-4 * abs($pinned), $where);
        } else {
            self::assertSame($pinned, $is, $where);
        }
    }

    public static function file(string $group): string
    {
        return __DIR__."/figures/$group.json";
    }

    /** @return array<string, mixed> */
    public static function now(string $group): array
    {
        return array_map(self::rounded(...), iterator_to_array(self::all()[$group]()));
    }

    private static function rounded(mixed $value): mixed
    {
        return match (true) {
            is_array($value) => array_map(self::rounded(...), $value),
            is_float($value) => (float) sprintf('%.6g', $value),
            default => $value,
        };
    }

    /** @return array<string, callable(): iterable<string, mixed>> */
    public static function all(): array
    {
        $physics = new Physics(self::catalogue());
        $microbes = new Microbes(self::catalogue());
        $infusions = new Infusions(self::catalogue());
        $judged = new Judged(self::catalogue());

        return [
            'steam' => $physics->steam(...), 'evaporation' => $physics->evaporation(...),
            'cooling' => $physics->cooling(...), 'heat' => $physics->heat(...), 'acids' => $physics->acids(...),
            'acidity' => $physics->acidity(...), 'drying' => $physics->drying(...),
            'water_activity' => $physics->waterActivity(...), 'texture' => $physics->texture(...),
            'oxidation' => $physics->oxidation(...), 'drops' => $physics->drops(...), 'pace' => $microbes->pace(...),
            'growth' => $microbes->growth(...), 'held' => $microbes->held(...), 'rates' => $infusions->rates(...),
            'jars' => $infusions->jars(...), 'days' => $infusions->days(...), 'read' => $infusions->read(...),
            'judged' => $judged->formulas(...),
        ];
    }
}
