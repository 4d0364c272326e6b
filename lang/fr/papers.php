<?php

return [
    'take_along' => 'Exporter ou imprimer', 'how_to' => 'Comment la faire, à imprimer ou à transmettre',
    'formats' => ['xlsx' => 'Tableur (XLSX)', 'ods' => 'Tableur (ODS)', 'csv' => 'Table (CSV)', 'json' => 'Forme ouverte (JSON)', 'svg' => 'Dessin (SVG)', 'pdf' => 'Feuille de classeur (PDF)'],
    'formats_mean' => 'Les tableurs calculent : changez une quantité ou le total, et grammes, parts et coût suivent.',
    'sheet' => 'Formule', 'batch' => 'Quantité totale, g', 'total' => 'Total',
    'columns' => ['phase' => 'Phase', 'ingredient' => 'Ingrédient', 'inci' => 'Nom INCI', 'entered' => 'Quantité', 'grams_in' => 'Grammes saisis', 'percent_in' => 'Pour cent saisis', 'grams' => 'Pèse, g', 'share' => 'Dans le produit, %', 'price' => 'Prix de 100 g', 'cost' => 'Coût'],
    'basis' => 'Cuillères et gouttes sont données par leurs grammes probables. Coût selon les prix de la réserve ; temps, pots et énergie non compris.',
    'how_to_title' => 'Comment faire :name', 'supplies' => 'Ce qui entre', 'steps' => 'Comment', 'tools_heading' => 'Outils',
    'tools' => ['balance', 'deux récipients résistant à la chaleur', 'un bain d’eau chaude', 'thermomètre', 'mixeur plongeant', 'bandelettes pH', 'pots propres'],
];
