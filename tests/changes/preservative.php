<?php

// A preservative: a blend of three, with its parts, what it holds, and its caution in French.
$row = static fn (string $csv): string => array_values(array_filter(
    explode("\n", $csv),
    static fn (string $line): bool => str_starts_with($line, 'phenoxyethanol-ethylhexylglycerin,'),
))[0];

return [
    'section' => 'An ingredient, a preservative',
    'edits' => [
        'data/ingredients.csv' => static function (string $csv) use ($row): string {
            $fields = str_getcsv($row($csv), escape: '');
            $fields[0] = 'phenoxyethanol-sorbic-acid-glyceryl-caprylate';
            $fields[1] = 'Phenoxyethanol (and) sorbic acid (and) glyceryl caprylate';
            $fields[2] = 'Phénoxyéthanol (et) acide sorbique (et) caprylate de glycéryle';
            $fields[3] = 'phenoxyethanol sorbic acid glyceryl caprylate';
            $fields[4] = 'Phenoxyethanol (and) Sorbic Acid (and) Glyceryl Caprylate';
            $fields[count($fields) - 2] = 'Made up to try how a preservative is added.';
            $line = implode(',', array_map(
                static fn (string $field): string => preg_match('/[",]/', $field) === 1
                    ? '"'.str_replace('"', '""', $field).'"'
                    : $field,
                $fields,
            ));

            return rtrim($csv)."\n$line\n";
        },
        'data/preservative_components.csv' => static fn (string $csv): string => rtrim($csv)."\n"
            .'phenoxyethanol-sorbic-acid-glyceryl-caprylate,Phenoxyethanol,68,70,72,1.0,1.0,"as such",,8,"Made up.","from memory"'
                ."\n"
            .'phenoxyethanol-sorbic-acid-glyceryl-caprylate,Sorbic Acid,9,10,11,0.6,0.6,"as acid",4.76,6,"Made up.","from memory"'
                ."\n"
            .'phenoxyethanol-sorbic-acid-glyceryl-caprylate,Glyceryl Caprylate,19,20,21,,,,,8,"Made up.","from memory"'
                ."\n",
        'data/preservative_coverage.csv' => static fn (string $csv): string => rtrim($csv)
            ."\n".'phenoxyethanol-sorbic-acid-glyceryl-caprylate,2,2,2,"",from memory'."\n",
        'data/notes_fr.csv' => static fn (string $csv): string => rtrim($csv)."\n"
            .'"Made up to try how a preservative is added.","Inventé pour essayer comment on ajoute un conservateur."'
                ."\n",
    ],
    'tests' => ['tests/Core/Material/CatalogueDataTest.php', 'tests/Feature/LanguageTest.php'],
];
