<?php

declare(strict_types=1);

namespace Tests\Feature;

use PDO;
use PHPUnit\Framework\Attributes\AfterClass;
use PHPUnit\Framework\Attributes\BeforeClass;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** bin/start as a maker types it, in a house of its own beside this one. */
final class StartTest extends TestCase
{
    private static string $house;

    /** @var list<Process> */
    private array $started = [];

    #[BeforeClass]
    public static function build(): void
    {
        $root = dirname(__DIR__, 2);
        self::$house = "$root/var/house-".bin2hex(random_bytes(5));
        $script = <<<'SH'
            mkdir -p "$2" && cd "$1"
            for part in *; do case "$part" in var|storage|node_modules|tests|docs) ;; *) cp -al "$part" "$2"/ ;; esac; done
            rm -f "$2"/bootstrap/cache/*.php
            [ ! -d node_modules ] || ln -s "$1/node_modules" "$2/node_modules"
            SH;
        (new Process(['bash', '-ec', $script, 'build', $root, self::$house]))->mustRun();
    }

    #[AfterClass]
    public static function clear(): void
    {
        (new Process(['rm', '-rf', self::$house]))->run();
    }

    protected function tearDown(): void
    {
        foreach ($this->started as $process) {
            $process->stop(5, SIGTERM);
        }
        (new Process(['rm', '-rf', self::$house.'/storage/workroom']))->run();
    }

    private function room(): string
    {
        return self::$house.'/storage/workroom/mine.sqlite';
    }

    private static function port(): int
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0') ?: self::fail('no free port');
        $port = (int) substr((string) strrchr((string) stream_socket_get_name($socket, false), ':'), 1);
        fclose($socket);

        return $port;
    }

    /** @param  list<string>  $more */
    private function start(int $port, array $more = []): Process
    {
        // the port beside it is for the sample; a server that is there already keeps this start to one room
        $environment = [
            'DB_DATABASE' => false,
            'APP_ENV' => false,
            'SESSION_DRIVER' => false,
            'CACHE_STORE' => false,
            'APP_KEY' => false,
            'APP_CONFIG_CACHE' => false,
        ];
        $process = new Process(
            ['bin/start', '--mine', '--port', (string) $port, ...$more],
            self::$house,
            $environment,
            null,
            null,
        );
        $process->start();
        $this->started[] = $process;

        return $process;
    }

    private function untilOpen(Process $process): void
    {
        $this->until(
            static fn (): bool => str_contains($process->getOutput(), 'Ilvane is open') || ! $process->isRunning(),
            'it does not open',
        );
        self::assertTrue($process->isRunning(), $process->getOutput().$process->getErrorOutput());
    }

    /** Ends it, and waits until the port is free again. */
    private function close(Process $process, int $port): void
    {
        $process->stop(10, SIGTERM);
        $this->until(static fn (): bool => ! self::answers($port), 'a server still answers');
    }

    private static function answers(int $port): bool
    {
        $line = @fsockopen('127.0.0.1', $port, timeout: 1);

        return $line !== false && fclose($line);
    }

    /** @param  callable(): bool  $is */
    private function until(callable $is, string $what): void
    {
        for ($end = microtime(true) + 120; ! $is(); usleep(50_000)) {
            microtime(true) < $end ?: self::fail($what);
        }
    }

    public function test_killed_without_a_word_it_leaves_no_server(): void
    {
        $port = self::port();
        $process = $this->start($port);
        $this->untilOpen($process);
        self::assertTrue(self::answers($port));
        foreach ([$this->room(), dirname($this->room())] as $path) {
            self::assertSame(0, fileperms($path) & 0o077, "$path is its maker's alone");
        }
        $process->signal(SIGKILL);
        $this->until(
            static fn (): bool => ! $process->isRunning() && ! self::answers($port) && ! self::answers($port + 1),
            'a server still answers',
        );
        self::assertFalse(self::answers($port));
    }

    public function test_a_workroom_that_is_gone_with_copies_beside_it_stops_it_with_two_lines_to_type(): void
    {
        $port = self::port();
        $first = $this->start($port);
        $this->untilOpen($first);
        $this->close($first, $port);
        $room = new PDO('sqlite:'.$this->room());
        $room->exec(
            "INSERT INTO formulas (name, draft, created_at, updated_at) VALUES ('Still there', '{}', '2026-11-01', '2026-11-01')",
        );
        $copies = dirname($this->room()).'/mine-copies';
        is_dir($copies) || mkdir($copies);
        $room->exec('VACUUM INTO '.$room->quote("$copies/day-2026-11-01.sqlite"));
        $room = null;
        array_map(unlink(...), glob($this->room().'*') ?: []);

        $stopped = $this->start($port);
        $stopped->wait();
        self::assertSame(1, $stopped->getExitCode());
        self::assertFileDoesNotExist($this->room());
        preg_match_all('/^  ((?:cp|mv) .*?)\s+#/m', $stopped->getErrorOutput(), $lines);
        self::assertCount(2, $lines[1], $stopped->getErrorOutput());

        (new Process(['bash', '-c', $lines[1][0]], self::$house))->mustRun();
        $again = $this->start($port);
        $this->untilOpen($again);
        self::assertSame(
            ['Still there'],
            (
                (new PDO('sqlite:'.$this->room()))->query('SELECT name FROM formulas') ?: self::fail()
            )->fetchAll(PDO::FETCH_COLUMN),
        );
        $this->close($again, $port);

        array_map(unlink(...), glob($this->room().'*') ?: []);
        $this->start($port)->wait();
        (new Process(['bash', '-c', $lines[1][1]], self::$house))->mustRun();
        $empty = $this->start($port);
        $this->untilOpen($empty);
        self::assertNotSame(
            [],
            glob(dirname($this->room()).'/mine-copies-of-before-*/day-2026-11-01.sqlite'),
            'the copies are kept',
        );
    }

    public function test_what_a_kill_left_half_made_is_swept_unless_another_start_is_there(): void
    {
        $port = self::port();
        $directory = dirname($this->room());
        mkdir("$directory/mine-copies", recursive: true);
        $left = [
            "$directory/.leaving-0123456789ab.sqlite",
            "$directory/.lifting-0123456789ab.sqlite",
            "$directory/mine-copies/day-2026-11-02.sqlite.part",
        ];
        array_map(touch(...), $left);
        touch("$directory/mine-copies/notes.txt");
        $process = $this->start($port);
        $this->untilOpen($process);
        foreach ($left as $file) {
            self::assertFileDoesNotExist($file);
        }
        self::assertFileExists("$directory/mine-copies/notes.txt");
        touch($left[0]);
        $second = $this->start(self::port());
        $this->untilOpen($second);
        self::assertFileExists($left[0], 'the first may just be sending it');
    }
}
