<?php

/*
 * Stands between a browser and the workroom and spoils its answers, as the file FAULTS says: "pass"; "503" and "507"
 * (until
 * the file says something else); "419 N" and "cut N" (so many posts). A cut answer is done by the workroom, and breaks
 * off
 * half way.
 *
 *   php fault-proxy.php LISTEN_PORT WORKROOM_PORT FAULTS
 */

declare(strict_types=1);

[, $listen, $workroom, $faults] = $argv;
pcntl_signal(SIGCHLD, SIG_IGN);
$server = stream_socket_server("tcp://127.0.0.1:$listen") ?: exit(1);

/** @return array{string, string} head and body of a message */
function message($line): array
{
    $all = '';
    while (! str_contains($all, "\r\n\r\n")) {
        $part = fread($line, 65536);
        if ($part === false || $part === '') {
            return ['', ''];
        }
        $all .= $part;
    }
    [$head, $body] = explode("\r\n\r\n", $all, 2);
    $length = preg_match('/^content-length: *(\d+)/im', $head, $found) === 1 ? (int) $found[1] : null;
    while (
        $length === null ? ! feof($line)
        && ! str_contains($head, 'GET ')
        && ! str_contains($head, 'HEAD ')
        && ! str_contains($head, 'POST ') : strlen($body) < $length
    ) {
        $part = fread($line, 65536);
        if ($part === false || $part === '') {
            break;
        }
        $body .= $part;
    }

    return [$head, $body];
}

/** Takes one from what is left of a counted fault, once among all processes. */
function counted(string $faults, string $kind): bool
{
    $file = fopen($faults, 'c+');
    flock($file, LOCK_EX);
    [$now, $left] = [...explode(' ', (string) stream_get_contents($file)), '0'];
    $is = $now === $kind && (int) $left > 0;
    if ($is) {
        ftruncate($file, 0);
        rewind($file);
        fwrite($file, (int) $left === 1 ? 'pass' : $kind.' '.((int) $left - 1));
    }
    fclose($file);

    return $is;
}

while (true) {
    $line = @stream_socket_accept($server, 60);
    if ($line === false) {
        continue;
    }
    if (pcntl_fork() !== 0) {
        fclose($line);

        continue;
    }
    [$head, $body] = message($line);
    $isPost = str_starts_with($head, 'POST ');
    $fault = explode(' ', (string) file_get_contents($faults))[0];
    $refuse = match (true) {
        ! $isPost => null,
        in_array($fault, ['503', '507'], true) => $fault,
        counted($faults, '419') => '419',
        default => null,
    };
    if ($refuse !== null) {
        fwrite(
            $line,
            "HTTP/1.1 $refuse Refused\r\nContent-Type: text/plain\r\nContent-Length: 4\r\nConnection: close\r\n\r\nno\r\n",
        );
        exit(0);
    }
    $isCut = $isPost && counted($faults, 'cut');
    $there = stream_socket_client("tcp://127.0.0.1:$workroom");
    fwrite($there, preg_replace('/^connection:.*$/im', 'Connection: close', $head)."\r\n\r\n$body");
    $answer = (string) stream_get_contents($there);
    if ($isCut) {
        [$itsHead, $itsBody] = [...explode("\r\n\r\n", $answer, 2), ''];
        $itsHead = (string) preg_replace('/^(content-length|transfer-encoding):.*\r\n/im', '', "$itsHead\r\n");
        $answer = rtrim($itsHead)."\r\nContent-Length: ".strlen($itsBody)."\r\n\r\n".substr(
            $itsBody,
            0,
            intdiv(strlen($itsBody), 2),
        );
    }
    fwrite($line, $answer);
    exit(0);
}
