<?php

return [
    'title' => 'Réglages', 'keep' => 'Enregistrer les réglages', 'kept' => 'Enregistré. Les formules ouvertes sont recalculées ; les lots terminés restent tels quels.',
    'language' => 'Langue', 'languages' => ['en' => 'English', 'fr' => 'Français'], 'language_kept' => 'L’atelier parle français.',
    'units' => 'Cuillères et tasses', 'units_label' => 'Une cuillère à soupe et une tasse font',
    'units_why' => 'Un simple « tbsp » ou « cup » veut dire des choses différentes selon les cuisines. Les mots français valent toujours 15, 5 et 250 mL.',
    'systems' => ['us' => 'États-Unis : 14,8 et 236,6 mL', 'imperial' => 'britannique : 15 et 284 mL', 'metric' => 'métrique : 15 et 250 mL', 'australian' => 'australien : 20 et 250 mL'],
    'drop' => 'Ma goutte', 'drop_why' => 'Les compte-gouttes diffèrent du simple au double. Comptez une fois des gouttes sur la balance ; dès lors chaque goutte est la vôtre. Vingt suffisent, plus vaut mieux.',
    'drops' => 'Gouttes comptées', 'drops_grams' => 'Elles pèsent, g', 'drops_of' => 'De quoi', 'water' => 'eau',
    'drop_default' => 'Jusque-là une goutte fait 0,03 à 0,0625 mL, 0,05 probablement.', 'drop_now' => 'Votre goutte fait :ml mL.',
    'pieces' => 'Ma poignée, ma feuille', 'pieces_why' => 'Ce que pèse une de chaque chez vous, d’après les notes collées. Videz un champ pour l’oublier.',
    'spoons' => 'Mes cuillères', 'spoons_why' => 'Remplissez la cuillère d’eau à ras et pesez l’eau. Laissez vide pour compter comme la cuisine ci-dessus.',
    'tablespoon' => 'Ma cuillère à soupe d’eau', 'teaspoon' => 'Ma cuillère à café d’eau',
    'errors' => [
        'units' => 'L’une de celles-ci.', 'drops' => 'Combien de gouttes ? De 5 à 500.', 'drops_grams' => 'Ce qu’elles pèsent ensemble, 0,05 à 50 g.', 'drops_of' => 'Pas au catalogue. L’eau ira aussi bien.',
        'tablespoon' => 'Une cuillère à soupe rase contient 5 à 40 g d’eau.', 'teaspoon' => 'Une cuillère à café rase contient 1 à 15 g d’eau.',
    ],
];
