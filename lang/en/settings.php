<?php

return [
    'language' => 'Language', 'languages' => ['en' => 'English', 'fr' => 'Français'], 'language_kept' => 'The workroom speaks English.',
    'title' => 'Settings', 'keep' => 'Save settings', 'kept' => 'Saved. Open formulas are recalculated; finished batches stay as they were.',
    'units' => 'Spoons and cups', 'units_label' => 'A tablespoon and a cup are',
    'units_why' => 'A bare “tbsp” or “cup” means different things in different kitchens. French words are always 15, 5 and 250 mL.',
    'systems' => ['us' => 'US: 14.8 and 236.6 mL', 'imperial' => 'British: 15 and 284 mL', 'metric' => 'metric: 15 and 250 mL', 'australian' => 'Australian: 20 and 250 mL'],
    'drop' => 'My drop', 'drop_why' => 'Droppers differ by half. Count drops onto the scale once; from then on every drop is yours. Twenty are enough, more are better.',
    'drops' => 'Drops counted', 'drops_grams' => 'They weigh, g', 'drops_of' => 'Of what', 'water' => 'water',
    'drop_default' => 'Until then a drop is 0.03 to 0.0625 mL, 0.05 likely.', 'drop_now' => 'Your drop is :ml mL.',
    'pieces' => 'My handful, my leaf', 'pieces_why' => 'What one of them weighs in your kitchen, from the notes you pasted. Empty a field to forget it.',
    'spoons' => 'My spoons', 'spoons_why' => 'Fill the spoon level with water and weigh the water. Leave empty to go by the kitchen above.',
    'tablespoon' => 'My tablespoon of water', 'teaspoon' => 'My teaspoon of water',
    'errors' => [
        'units' => 'One of these, please.', 'drops' => 'How many drops? From 5 to 500.', 'drops_grams' => 'What they weigh together, 0.05 to 50 g.', 'drops_of' => 'Not in the catalogue. Water will do as well.',
        'tablespoon' => 'A level tablespoon holds 5 to 40 g of water.', 'teaspoon' => 'A level teaspoon holds 1 to 15 g of water.',
    ],
];
