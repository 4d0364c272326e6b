<?php

declare(strict_types=1);

// How many lines of the two corpora are read as expected. The second was written last and not used while building.

use App\Workroom\ShippedCatalogue;
use Ilvane\Core\Catalogue\Catalogue;
use Ilvane\Core\Reading\RecipeReader;

require dirname(__DIR__).'/vendor/autoload.php';

$root = dirname(__DIR__);
$reader = new RecipeReader(new Catalogue(new ShippedCatalogue("$root/data", sys_get_temp_dir().'/ilvane-bench/catalogue.php')));
foreach (['building', 'held-out'] as $set) {
    $rows = array_map(static fn (string $row): array => explode("\t", $row), file("$root/tests/Support/corpus/$set.tsv", FILE_IGNORE_NEW_LINES | FILE_SKIP_EMPTY_LINES) ?: []);
    $right = $wrongAndSure = 0;
    foreach ($rows as [$text, $key, $amount]) {
        $lines = $reader->read($text)->lines;
        $line = $lines[0] ?? null;
        $isRight = count($lines) === 1 && $line?->ingredient === $key && $line->amount?->entered === $amount;
        $right += $isRight ? 1 : 0;
        $wrongAndSure += ! $isRight && $line !== null && ! $line->isDoubtful() ? 1 : 0;
        if (! $isRight && in_array('--misses', $argv, true)) {
            printf("  %s => %s\n", $text, implode(' | ', array_map(static fn ($line): string => ($line->ingredient ?? '?').' '.($line->amount->entered ?? '-').' '.$line->confidence, $lines)));
        }
    }
    printf("recipe reader, %-9s set   %5.1f %% of %d lines as expected (goal 97 on the second), %d wrong though sure\n", $set, 100 * $right / max(1, count($rows)), count($rows), $wrongAndSure);
}
