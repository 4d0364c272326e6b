<?php

declare(strict_types=1);

namespace App\Ground;

/** The sign or letters of the maker's own money; all prices are in it. */
final class OwnMoney
{
    private const NAME = 'money';

    public const LONGEST = 5;

    public static function sign(): string
    {
        $sign = Settings::values(self::NAME)['sign'] ?? '';

        return is_string($sign) ? $sign : '';
    }

    public static function keep(string $sign): void
    {
        Settings::keep(self::NAME, ['sign' => mb_substr(trim($sign), 0, self::LONGEST)]);
    }
}
