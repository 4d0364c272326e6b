<?php

return [
    'title' => 'My ingredients', 'why' => 'What the catalogue lacks, and figures from your supplier’s sheet where they differ. Checks use them from now on; what was finished keeps the figures it was made with.',
    'new' => 'Add one', 'edit' => ':name, by my sheet', 'of' => 'Correct one the catalogue has', 'of_hint' => 'leave empty for a new one', 'is_own' => 'my own', 'is_correction' => 'my figures', 'drop' => 'Take it out', 'dropped' => 'Taken out.', 'kept' => 'Kept. The checks use it.', 'keep' => 'Keep it',
    'fields' => [
        'name' => 'Name', 'inci' => 'INCI name', 'kind' => 'What it is', 'allergens' => 'It comes from', 'density' => 'Density, g/mL', 'water' => 'Water in it, %', 'melt_low' => 'Melts from, °C', 'melt_high' => 'Melted at, °C', 'max_temp' => 'No hotter than, °C', 'use_low' => 'Use from, %', 'use_high' => 'Use up to, %', 'legal_max' => 'Law allows, %',
        'ph_min' => 'pH from', 'ph_max' => 'pH to', 'hlb' => 'HLB', 'iodine' => 'Iodine value', 'unopened' => 'Keeps sealed, months', 'opened' => 'Keeps open, months', 'source' => 'Where the figures are from',
    ],
    'source' => 'your own sheet: :source', 'source_hint' => 'supplier, sheet, date', 'means' => 'Empty fields stay as the catalogue has them; for a new one they are not known, and the checks that need them keep still.',
    'errors' => ['of' => 'The catalogue has no such ingredient.', 'name' => 'A name, with letters in it.', 'kind' => 'Which of these is it? The checks need to know.', 'source' => 'Where are the figures from?', 'figure' => 'A number from :least to :most.', 'order' => 'Not less than the one before it.', 'used' => 'A formula or a lot still goes by it.'],
];
