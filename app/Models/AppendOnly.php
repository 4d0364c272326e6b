<?php

declare(strict_types=1);

namespace App\Models;

use BackedEnum;
use Carbon\CarbonInterface;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/**
 * Rows that carry the key of the page that sent them: the same key with the same contents is written once, with other
 * contents it is
 * refused. Anything else wrong with the row is an error.
 */
trait AppendOnly
{
    /** Moments of the same telling differ by how long it waited in the browser, and by no more than this. */
    private const SAME_MOMENT_H = 12;

    /** Never part of what was told. */
    private const NOT_TOLD = ['client_key', 'recorded_at'];

    /**
     * @param  array<string, int|float|string|null>  $row  with its client_key
     *
     * @throws ChangedReplay
     * @throws \Illuminate\Database\QueryException when the row breaks a rule of the table
     */
    public static function once(array $row): void
    {
        $columns = implode(', ', array_keys($row));
        $places = implode(', ', array_fill(0, count($row), '?'));
        $written = DB::affectingStatement(
            'INSERT INTO '.(new self)->getTable()." ($columns) VALUES ($places) ON CONFLICT (client_key) DO NOTHING",
            array_values($row),
        );
        if ($written === 0) {
            self::isTold($row);
        }
    }

    /**
     * Whether this was told before, with the same contents.
     *
     * @param  array<string, int|float|string|null>  $row  with its client_key; columns left out are not compared
     *
     * @throws ChangedReplay where the key was used for something else
     */
    public static function isTold(array $row): bool
    {
        $told = self::query()->where('client_key', $row['client_key'])->first();
        if ($told === null) {
            return false;
        }
        foreach (array_diff_key($row, array_flip(self::NOT_TOLD)) as $column => $value) {
            if (! self::isSame($told->getAttribute($column), $value)) {
                throw ChangedReplay::than((string) $row['client_key']);
            }
        }

        return true;
    }

    private static function isSame(mixed $told, int|float|string|null $value): bool
    {
        return match (true) {
            $told instanceof BackedEnum => $told->value === $value,
            $told instanceof CarbonInterface => self::isSameMoment($told, (string) $value),
            is_float($told)
                || is_float($value) => $told !== null
                && $value !== null
                && abs((float) $told - (float) $value) < 1e-9,
            default => (string) $told === (string) $value,
        };
    }

    private static function isSameMoment(CarbonInterface $told, string $value): bool
    {
        return abs($told->diffInHours(Carbon::parse($value))) < self::SAME_MOMENT_H;
    }
}
