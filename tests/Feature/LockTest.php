<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\DB;
use PDO;
use PDOException;
use Tests\Support\AppCase;

/** Two pages writing at once take turns; neither is refused because the other was quicker. */
final class LockTest extends AppCase
{
    public function test_a_transaction_holds_the_right_to_write_from_its_beginning(): void
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'ilv');
        config(['database.connections.beside' => [
            ...config()->array('database.connections.sqlite'),
            'database' => $file,
        ]]);
        $own = DB::connection('beside');
        $own->statement('CREATE TABLE migrations (id INTEGER)');
        $own->statement('CREATE TABLE things (n INTEGER)');
        $other = new PDO("sqlite:$file", options: [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION]);
        $other->exec('PRAGMA busy_timeout = 0');
        $own->transaction(static function () use ($own, $other): void {
            self::assertSame(0, (int) $own->scalar('SELECT count(*) FROM things'));
            try {
                $other->exec('INSERT INTO things VALUES (1)');
                self::fail('The other wrote between reading and writing.');
            } catch (PDOException $refusal) {
                self::assertStringContainsString('locked', $refusal->getMessage());
            }
            $own->statement('INSERT INTO things VALUES (2)');
        });
        $other->exec('INSERT INTO things VALUES (3)');
        self::assertSame(
            [2, 3],
            array_map(intval(...), $other->query('SELECT n FROM things')->fetchAll(PDO::FETCH_COLUMN)),
        );
        $own->disconnect();
        array_map(unlink(...), glob("$file*") ?: []);
    }
}
