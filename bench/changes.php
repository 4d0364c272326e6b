<?php

// Called by bin/changes: a change is a file of tests/changes that returns
//   section  its heading in docs/house.md
//   edits    by file: what becomes of it; a new one begins as ""
//   tests    the test files that have to notice; a new one is written here and never left out
$root = dirname(__DIR__);
$copy = sys_get_temp_dir().'/ilvane-changes-'.getmypid();
$run = static function (string $command) use ($copy): int {
    exec('cd '.escapeshellarg($copy)." && $command > var/changes.txt 2>&1", result_code: $code);

    return $code;
};
mkdir("$copy/var", 0700, true);
register_shutdown_function(static fn () => exec('rm -rf '.escapeshellarg($copy)));
exec(
    'cd '
        .escapeshellarg($root)
        .' && git ls-files -co --exclude-standard -z | xargs -0 cp --parents -t '
        .escapeshellarg($copy),
);
exec('cp -a '.escapeshellarg("$root/vendor").' '.escapeshellarg("$copy/vendor"));
exec('cp -a '.escapeshellarg("$root/public/build").' '.escapeshellarg("$copy/public/build"));
foreach (['bootstrap/cache', 'storage/logs', 'storage/framework/views', 'storage/framework/cache/data'] as $place) {
    is_dir("$copy/$place") || mkdir("$copy/$place", 0700, true);
}

/** What docs/house.md says under a heading. */
$sectionOf = static function (string $heading) use ($root): string {
    $house = (string) file_get_contents("$root/docs/house.md");
    preg_match('/^## '.preg_quote($heading, '/').'$(.*?)(?=^## |\z)/ms', $house, $found);

    return $found[1] ?? exit("docs/house.md has no “{$heading}”.\n");
};

/** Whether the section names the file: by its path, its class, or a pattern of it. */
$isNamed = static function (string $file, string $section): bool {
    $name = basename($file);
    $ways = [
        $file,
        preg_replace('/\.(blade\.)?php$/', '', $name),
        preg_replace('#lang/(en|fr)/#', 'lang/*/', $file),
        $name,
    ];
    for ($place = dirname($file); $place !== '.'; $place = dirname($place)) {
        $ways[] = "$place`";
        $ways[] = "$place/`";
    }

    $ways[] = preg_replace(
        ['#^app/\w+/.*#', '#^routes/\w+\.php#', '#^resources/views/\w+/.*#', '#^lang/\w+/\w+\.php#'],
        ['app/ROOM`', 'routes/ROOM.php', 'resources/views/ROOM`', 'lang/*/ROOM.php'],
        $file,
    );

    return array_filter($ways, static fn (?string $way): bool => str_contains($section, (string) $way)) !== [];
};

$failed = 0;
$names = array_slice($argv, 1) ?: array_map(
    static fn (string $path): string => basename($path, '.php'),
    glob("$root/tests/changes/*.php") ?: [],
);
foreach ($names as $name) {
    /** @var array{section: string, edits: array<string, callable(string): string>, tests: list<string>} $change */
    $change = require "$root/tests/changes/$name.php";
    $section = $sectionOf($change['section']);
    /** @var array<string, string|null> $before */
    $before = [];
    foreach ($change['edits'] as $file => $edit) {
        $before[$file] = is_file("$copy/$file") ? (string) file_get_contents("$copy/$file") : null;
    }
    $put = static function (?string $but) use ($change, $before, $copy): void {
        foreach ($change['edits'] as $file => $edit) {
            $text = $file === $but ? $before[$file] : $edit($before[$file] ?? '');
            if ($text === null) {
                is_file("$copy/$file") && unlink("$copy/$file");
            } else {
                is_dir(dirname("$copy/$file")) || mkdir(dirname("$copy/$file"), 0700, true);
                file_put_contents("$copy/$file", $text);
                touch("$copy/$file", time() + random_int(10, 1000)); // what was compiled of it is old
            }
        }
    };
    $tests = 'vendor/bin/phpunit --do-not-cache-result --stop-on-failure '.implode(
        ' ',
        array_map(escapeshellarg(...), $change['tests']),
    );
    echo "$name\n";
    foreach (array_keys($change['edits']) as $file) {
        if (! str_starts_with($file, 'tests/') && ! $isNamed($file, $section)) {
            echo "  not named in “{$change['section']}”: $file\n";
            $failed++;
        }
        if ($change['edits'][$file]($before[$file] ?? '') === ($before[$file] ?? '')) {
            echo "  nothing is changed in $file\n";
            $failed++;
        }
    }
    $put(null);
    if ($run($tests) !== 0) {
        preg_match('/^1\) .{0,600}/ms', (string) file_get_contents("$copy/var/changes.txt"), $first);
        echo "  with all of it in place the tests fail:\n".($first[0] ?? '')."\n";
        $failed++;
    }
    foreach (array_keys($change['edits']) as $file) {
        if (str_starts_with($file, 'tests/') && $before[$file] === null) {
            continue; // the change's own test: left out, nobody could notice
        }
        $put($file);
        $isNoticed = $run($tests) !== 0;
        echo '  '.($isNoticed ? 'noticed' : 'NOT NOTICED').": $file\n";
        $failed += $isNoticed ? 0 : 1;
    }
    foreach ($before as $file => $text) {
        $text === null ? (is_file("$copy/$file") && unlink("$copy/$file")) : file_put_contents("$copy/$file", $text);
        $text === null || touch("$copy/$file", time() + 2000);
    }
}
exit($failed === 0 ? 0 : 1);
