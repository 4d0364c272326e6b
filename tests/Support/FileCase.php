<?php

declare(strict_types=1);

namespace Tests\Support;

use Illuminate\Contracts\Console\Kernel;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Symfony\Component\Process\Process;

/**
 * A test on a workroom in a file of its own, as it is in real life: other processes can open it, kill it, copy half of
 * it.
 */
abstract class FileCase extends TestCase
{
    use StoresFormulas;

    private static ?string $template = null;

    protected string $directory;

    protected function setUp(): void
    {
        parent::setUp();
        $this->withoutVite();
        $this->directory = sys_get_temp_dir().'/ilvane-file-'.bin2hex(random_bytes(6));
        mkdir($this->directory, 0700);
        if (self::$template === null) {
            self::$template = sys_get_temp_dir().'/ilvane-template-'.getmypid().'.sqlite';
            $this->open(self::$template, migrate: true);
            DB::statement('PRAGMA wal_checkpoint(TRUNCATE)');
            DB::disconnect();
            register_shutdown_function(static fn () => array_map(unlink(...), glob(self::$template.'*') ?: []));
        }
        copy(self::$template, $this->file());
        $this->open($this->file());
    }

    protected function tearDown(): void
    {
        DB::disconnect();
        (new Process(['rm', '-rf', $this->directory]))->run();
        parent::tearDown();
    }

    public function createApplication(): Application
    {
        /** @var Application $app */
        $app = require dirname(__DIR__, 2).'/bootstrap/app.php';
        $app->make(Kernel::class)->bootstrap();

        return $app;
    }

    protected function file(string $name = 'room'): string
    {
        return "$this->directory/$name.sqlite";
    }

    /** Another workroom, empty, in the place of this. */
    protected function another(string $name): void
    {
        copy((string) self::$template, $this->file($name));
        $this->open($this->file($name));
    }

    protected function open(string $file, bool $migrate = false): void
    {
        $migrate && touch($file);
        config(['database.connections.sqlite.database' => $file]);
        DB::purge();
        DB::reconnect();
        $migrate && Artisan::call('migrate', ['--force' => true]);
        // nothing of the room before is remembered
        foreach ([
            \Ilvane\Core\Material\Catalogue::class,
            \Ilvane\Core\Measure\Tools::class,
            \Ilvane\Core\Evaluation\Evaluator::class,
        ] as $part) {
            $this->app->forgetInstance($part);
        }
    }
}
