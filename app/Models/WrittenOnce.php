<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Support\Facades\DB;

/** Rows that carry the key of the page that sent them: the same key is written once, anything else wrong with the row is an error. */
trait WrittenOnce
{
    /**
     * @param  array<string, int|float|string|null>  $row  with its client_key
     *
     * @throws \Illuminate\Database\QueryException when the row breaks a rule of the table
     */
    public static function once(array $row): void
    {
        $columns = implode(', ', array_keys($row));
        $places = implode(', ', array_fill(0, count($row), '?'));
        DB::insert('INSERT INTO '.(new self)->getTable()." ($columns) VALUES ($places) ON CONFLICT (client_key) DO NOTHING", array_values($row));
    }
}
