<?php

return [
    'title' => 'Search', 'hint' => 'an ingredient, a formula, a code, a rule', 'do' => 'Find', 'nothing' => 'Nothing here is called “:wanted”.', 'key' => 'The key / opens this page from anywhere.',
    'add' => 'Add “:wanted” as a material of my own',
    'kinds' => ['holding' => 'Hold it', 'formulas' => 'Formulas', 'batches' => 'Batches', 'jars' => 'Jars', 'lots' => 'In the pantry', 'ingredients' => 'Ingredients', 'rules' => 'Rules'],
    'figures' => ['density' => 'Density, g/mL', 'melts' => 'Melts', 'max_temp' => 'No hotter than', 'use' => 'Usual, of the batch', 'legal_max' => 'Law allows', 'ph' => 'Works at pH', 'hlb' => 'HLB', 'water' => 'Water in it', 'iodine' => 'Iodine value', 'unopened' => 'Keeps sealed', 'opened' => 'Keeps open', 'comes_from' => 'Comes from'],
    'months' => '{1} one month|[2,*] :count months', 'source' => 'Where the figures are from: :source', 'correct' => 'My supplier’s sheet says otherwise', 'in' => 'Formulas that take it',
    'holds' => ['batch' => 'made, :code', 'lot' => 'in the pantry, :code', 'formula' => 'formula'],
    // other words for what people react to; the first is in words.allergen
    'also' => [
        'tree_nut' => 'nut|nuts|tree nut|almond|hazelnut|walnut',
        'peanut' => 'peanut|groundnut',
        'sesame' => 'sesame seed',
        'soy' => 'soy|soja|soybean',
        'gluten' => 'wheat|oats|gluten|oat',
        'milk' => 'dairy|lactose',
        'coconut' => 'coconuts',
        'bee' => 'bee|honey|beeswax|propolis',
        'latex_plant' => 'latex',
        'mustard' => 'mustard seed',
        'legume' => 'legume',
        'asteraceae' => 'daisy|asteraceae|ragweed',
        'stone_fruit' => 'stone fruits|apricot|peach',
        'silk' => 'silk protein',
        'fish' => 'fishes',
        'egg' => 'eggs',
    ],
];
