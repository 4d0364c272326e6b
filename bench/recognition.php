<?php

declare(strict_types=1);

// How many lines of the two corpora are read as expected. The second was written last and not used while building.

use App\Ground\ShippedCatalogue;
use Ilvane\Core\Material\Catalogue;
use Ilvane\Core\Reading\RecipeReader;
use Tests\Support\NoteScore;
use Tests\Support\WholeNote;

require dirname(__DIR__).'/vendor/autoload.php';

$root = dirname(__DIR__);
$reader = new RecipeReader(new Catalogue(new ShippedCatalogue(
    "$root/data",
    sys_get_temp_dir().'/ilvane-bench/catalogue.php',
)));
foreach (['building', 'held-out'] as $set) {
    $rows = array_map(
        static fn (string $row): array => explode("\t", $row),
        file("$root/tests/Support/corpus/$set.tsv", FILE_IGNORE_NEW_LINES | FILE_SKIP_EMPTY_LINES) ?: [],
    );
    $right = $wrongAndSure = 0;
    foreach ($rows as [$text, $key, $amount]) {
        $lines = $reader->read($text)->lines;
        $line = $lines[0] ?? null;
        $isRight = count($lines) === 1 && $line?->ingredient === $key && $line->amount?->entered === $amount;
        $right += $isRight ? 1 : 0;
        $wrongAndSure += ! $isRight && $line !== null && ! $line->isDoubtful() ? 1 : 0;
        if (! $isRight && in_array('--misses', $argv, true)) {
            printf(
                "  %s => %s\n",
                $text,
                implode(
                    ' | ',
                    array_map(
                        static fn ($line): string => ($line->ingredient ?? '?')
                            .' '
                            .($line->amount->entered ?? '-')
                            .' '
                            .$line->confidence,
                        $lines,
                    ),
                ),
            );
        }
    }
    printf(
        "recipe reader, %-9s set   %5.1f %% of %d lines as expected (goal 97 on the second), %d wrong though sure\n",
        $set,
        100 * $right / max(1, count($rows)),
        count($rows),
        $wrongAndSure,
    );
}

// --- whole notes; what came out of the sets that were set aside when each was new is in recognition-aside.txt
$sets = ['building', 'aside', 'second', 'third', 'fourth', 'fifth', 'sixth', 'seventh', 'eighth', 'ninth'];
foreach ($sets as $set) {
    foreach (['en', 'fr', 'mixed'] as $language) {
        $score = NoteScore::of($reader, array_values(array_filter(
            WholeNote::in($set),
            static fn (WholeNote $note): bool => $note->language === $language,
        )));
        printf("%s\n", $score->told("$set notes, $language"));
        if (in_array('--misses', $argv, true)) {
            printf("  %s\n", implode("\n  ", $score->misses));
        }
    }
}

// --- linear in the length of the text: time per byte at ten times the length
$line =
    "half a cup of mango butter and two tablespoons of shae buttr, 10-12 drops lavender oil\n3 blobs of goo, heat to 70 °C for 20 minutes\n";
$perByte = [];
foreach ([10_000, 100_000] as $bytes) {
    $text = str_repeat($line, intdiv($bytes, strlen($line)));
    $reader->read($text);
    $start = hrtime(true);
    $reader->read($text);
    $perByte[$bytes] = (hrtime(true) - $start) / strlen($text);
}
printf(
    "recipe reader, 100 kB         %6.2f times the time a byte of 10 kB (goal: about 1), %.0f ns a byte\n",
    $perByte[100_000] / $perByte[10_000],
    $perByte[100_000],
);

// --- fuzz: no crash, no hang
mt_srand(20_261_123);
$bits = [
    '1',
    '1/2',
    '½',
    '10-12',
    '3,5',
    '1e308',
    'tbsp',
    'cup',
    'drops',
    'g',
    '%',
    'of',
    'de',
    'half',
    'une',
    'et demie',
    'to 100',
    'some',
    'shea butter',
    'water',
    'huile',
    'phase',
    ':',
    ',',
    '(',
    ')',
    "\n",
    '°C',
    '70',
    'minutes',
    'x',
    "'",
    'BTMS-50',
    'shae',
    'feuilles',
    '—',
    "\u{1F701}",
    'entre',
    'between',
];
$slowest = 0.0;
for ($i = 0; $i < 100_000; $i++) {
    $text = '';
    for ($n = mt_rand(1, 20); $n > 0; $n--) {
        $text .= $bits[mt_rand(0, count($bits) - 1)].' ';
    }
    $start = hrtime(true);
    $reader->read($text);
    $slowest = max($slowest, (hrtime(true) - $start) / 1e6);
}
printf("recipe reader, 100000 random texts: none crashed, the slowest took %.1f ms\n", $slowest);
