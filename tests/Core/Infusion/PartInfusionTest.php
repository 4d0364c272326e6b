<?php

declare(strict_types=1);

namespace Tests\Core\Infusion;

use Ilvane\Core\Infusion\Method;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\CoreCase;

/** How an infused oil made as a part of a formula is taken: by how warm it stands, or how long. */
final class PartInfusionTest extends CoreCase
{
    /** @return iterable<string, array{array<string, float|string>, Method}> what its step says, method */
    public static function steps(): iterable
    {
        yield 'three weeks' => [['do' => 'steep', 'minutes' => 30_240], Method::ColdDark];
        yield 'on a sill of 25 °C' => [['do' => 'steep', 'to_c' => 25, 'minutes' => 30_240], Method::ColdDark];
        yield 'warmer' => [['do' => 'steep', 'to_c' => 25.5, 'minutes' => 30_240], Method::WarmBath];
        yield 'forty minutes, nobody said how warm' => [['do' => 'steep', 'minutes' => 40], Method::WarmBath];
        yield 'simmered' => [['do' => 'simmer', 'minutes' => 40], Method::WarmBath];
        yield 'nothing said' => [['do' => 'steep'], Method::ColdDark];
    }

    /** @param  array<string, float|string>  $step */
    #[DataProvider('steps')]
    public function test_the_method_of_a_part(array $step, Method $method): void
    {
        $infusions = self::evaluate([
            'format' => 'ilvane.formula/1',
            'name' => 'Oil',
            'family' => 'infused_oil',
            'parts' => [[
                'key' => 'oil',
                'makes' => 'infused_oil',
                'lines' => [
                    ['ingredient' => 'calendula-dried', 'amount' => '30 g'],
                    ['ingredient' => 'olive-oil', 'amount' => '300 g'],
                ],
                'process' => ['steps' => [$step, ['do' => 'strain']]],
            ]],
            'lines' => [['part' => 'oil']],
        ])->assessment->infusions;
        self::assertSame($method, $infusions['oil']->infusion->plan->method);
    }
}
