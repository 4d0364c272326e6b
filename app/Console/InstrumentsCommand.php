<?php

declare(strict_types=1);

namespace App\Console;

use App\Instruments\PracticeBench;
use Illuminate\Console\Command;

/** Serves the simulated instruments on this machine, one line at a time. */
final class InstrumentsCommand extends Command
{
    private const LONGEST_LINE = 500_000;

    protected $signature =
        'ilvane:instruments '
        .'{--port=8049 : where to listen, on this machine only} '
        .'{--seed=1 : what the noise comes from}';

    protected $description = 'Simulated scale, thermometers and pH meter to practise with (docs/instruments.md)';

    public function handle(): int
    {
        $server = @stream_socket_server('tcp://127.0.0.1:'.(int) $this->option('port'), $code, $message);
        if ($server === false) {
            $this->error((string) $message);

            return self::FAILURE;
        }
        $bench = new PracticeBench((int) $this->option('seed'));
        $lines = [];
        $this->line('ready');
        while (true) {
            $ready = [$server, ...$lines];
            $write = $except = null;
            if (@stream_select($ready, $write, $except, null) === false) {
                return self::SUCCESS;
            }
            foreach ($ready as $stream) {
                if ($stream === $server) {
                    $line = stream_socket_accept($server, 0);
                    if ($line !== false) {
                        $lines[(int) $line] = $line;
                    }

                    continue;
                }
                $asked = fgets($stream, self::LONGEST_LINE);
                if ($asked === false) {
                    unset($lines[(int) $stream]);
                    fclose($stream);
                } else {
                    @fwrite($stream, $bench->answer($asked, microtime(true))."\n");
                }
            }
        }
    }
}
