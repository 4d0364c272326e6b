<?php

declare(strict_types=1);

namespace App\Instruments;

/** Instruments behind the plain line protocol of docs/instruments.md, on this machine. */
final class OverLine implements Instruments
{
    private const WAIT_S = 0.3;

    private const LONGEST_LINE = 200;

    /** @var resource|false|null */
    private $line = null;

    public function __construct(private readonly int $port)
    {
    }

    public function read(string $what): ?float
    {
        $answer = $this->ask("READ $what");

        return $answer !== null && preg_match('/ (-?\d+(?:\.\d+)?) (?:C|g|pH)$/', $answer, $found) === 1
            ? (float) $found[1]
            : null;
    }

    public function arePresent(): bool
    {
        return true;
    }

    /** @return string|null null where nobody answers in time */
    public function ask(string $line): ?string
    {
        $this->line ??= @stream_socket_client("tcp://127.0.0.1:$this->port", $code, $message, self::WAIT_S);
        if ($this->line === false) {
            return null;
        }
        stream_set_timeout($this->line, 0, (int) (self::WAIT_S * 1_000_000));
        if (@fwrite($this->line, "$line\n") === false) {
            return null;
        }
        $answer = fgets($this->line, self::LONGEST_LINE);

        return $answer === false ? null : trim($answer);
    }
}
