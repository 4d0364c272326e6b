<?php

return [
    'title' => 'Apprendre',
    'handbook' => 'Manuel', 'handbook_why' => 'Tous les contrôles d’Ilvane, avec leur raison et leur source.',
    'practice' => 'Exercices', 'practice_why' => 'Trouver et corriger des erreurs dans des formules et des lots inventés, et juger à l’œil.',
    'due' => '{0} Rien à revoir aujourd’hui.|{1} Un sujet à revoir.|[2,*] :count sujets à revoir.',
    'open_practice' => 'S’exercer',
];
