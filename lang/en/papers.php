<?php

return [
    'take_along' => 'Export or print', 'how_to' => 'How to make it, to print or hand on',
    'formats' => ['xlsx' => 'Spreadsheet (XLSX)', 'ods' => 'Spreadsheet (ODS)', 'csv' => 'Table (CSV)', 'json' => 'Open form (JSON)', 'svg' => 'Drawing (SVG)', 'pdf' => 'Sheet for the binder (PDF)'],
    'formats_mean' => 'The spreadsheets recalculate: change an amount or the batch, and grams, shares and cost follow.',
    'sheet' => 'Formula', 'batch' => 'Batch, g', 'total' => 'Total',
    'columns' => ['phase' => 'Phase', 'ingredient' => 'Ingredient', 'inci' => 'INCI name', 'entered' => 'Amount', 'grams_in' => 'Grams entered', 'percent_in' => 'Percent entered', 'grams' => 'Weighs, g', 'share' => 'In the batch, %', 'price' => 'Price of 100 g', 'cost' => 'Cost'],
    'basis' => 'Spoons and drops stand as their likely grams. Cost by the prices in the pantry; time, jars and energy are left out.',
    'how_to_title' => 'How to make :name', 'supplies' => 'What goes in', 'steps' => 'How', 'tools_heading' => 'Tools',
    'tools' => ['scale', 'two heat-proof vessels', 'a bath of hot water', 'thermometer', 'stick blender', 'pH strips', 'clean jars'],
];
