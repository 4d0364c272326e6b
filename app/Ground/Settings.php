<?php

declare(strict_types=1);

namespace App\Ground;

use Illuminate\Database\QueryException;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** The workroom's settings by name, each a small set of values. */
final class Settings
{
    /** @return array<string, mixed> empty where nothing was kept, and for a command run beside no workroom */
    public static function values(string $name): array
    {
        try {
            $stored = DB::table('settings')->where('name', $name)->value('value');
        } catch (QueryException) {
            return [];
        }
        $values = is_string($stored) ? json_decode($stored, true) : [];

        return is_array($values) ? $values : [];
    }

    /** @param  array<string, mixed>  $values */
    public static function keep(string $name, array $values): void
    {
        DB::table('settings')->upsert(
            [[
                'name' => $name,
                'value' => json_encode($values, JSON_THROW_ON_ERROR),
                'updated_at' => Carbon::now()->toDateTimeString(),
            ]],
            ['name'],
            ['value', 'updated_at'],
        );
    }
}
