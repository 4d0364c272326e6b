<?php

declare(strict_types=1);

namespace Ilvane\Core\Practising;

/** All mistakes there are to practise on, in a fixed order: a case is named by its place in it. */
final class Mistakes
{
    /** @return array<string, Mistake> by key */
    public static function all(): array
    {
        /** @var array<string, Mistake>|null $all */
        static $all = null;

        return $all ??= array_column([...FormulaMistakes::all(), ...MakingMistakes::all()], null, 'key');
    }

    /** @return list<string> keys of the mistakes found under a code */
    public static function under(string $code): array
    {
        return array_keys(array_filter(self::all(), static fn (Mistake $mistake): bool => $mistake->code === $code));
    }

    /** @return list<string> every code a sort of mistake is found under, once */
    public static function codes(Sort $sort): array
    {
        $codes = array_map(static fn (Mistake $mistake): string => $mistake->sort === $sort ? $mistake->code : '', self::all());

        return array_values(array_unique(array_filter($codes, static fn (string $code): bool => $code !== '')));
    }
}
