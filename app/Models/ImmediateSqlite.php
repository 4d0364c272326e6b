<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\SQLiteConnection;
use PDOException;

/**
 * SQLite whose transactions take the right to write when they begin. A transaction that first reads and then writes
 * would
 * otherwise be refused outright ("database is locked") when another page wrote in between, without waiting its turn.
 * The
 * framework does this by itself only from PHP 8.4 on.
 */
final class ImmediateSqlite extends SQLiteConnection
{
    /**
     * A full disk makes SQLite roll back by itself; rolling back once more would hide what really happened.
     *
     * @param  int  $toLevel
     * @return void
     */
    protected function performRollBack($toLevel)
    {
        try {
            parent::performRollBack($toLevel);
        } catch (PDOException $problem) {
            if (
                ! str_contains($problem->getMessage(), 'no transaction is active')
                && ! str_contains($problem->getMessage(), 'no such savepoint')
            ) {
                throw $problem;
            }
            $this->disconnect(); // this line still believes to be in a transaction; the next query opens a new one
        }
    }

    /** @return void */
    protected function executeBeginTransactionStatement()
    {
        parent::executeBeginTransactionStatement();
        if (PHP_VERSION_ID >= 80400) {
            return;
        }
        try {
            // changes nothing, but is a write: waits its turn (busy_timeout) and holds the lock from here on
            $this->getPdo()->exec('DELETE FROM migrations WHERE 0');
        } catch (PDOException $problem) {
            if (! str_contains($problem->getMessage(), 'no such table')) { // there is none before the first migration
                $this->getPdo()->rollBack();

                throw $problem;
            }
        }
    }
}
