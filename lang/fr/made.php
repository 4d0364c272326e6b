<?php

return [
    'nav' => 'Étagère', 'title' => 'Sur l’étagère', 'empty' => 'Ce que vous terminez se tient ici : combien il en reste, jusqu’à quand, et ce qu’il est devenu.', 'to_formulas' => 'Aux formules',
    'gone' => 'Fini et parti', 'jars' => 'environ :left contenants sur :of', 'stands' => 'Se trouve : :where', 'stands_unsaid' => 'Personne n’a dit où il se trouve.',
    'leaves' => 'Utiliser, donner, vendre ou jeter', 'subject' => 'Pour qui, ou pourquoi', 'subject_hint' => 'Odile ; le marché ; sent mauvais', 'price_got' => 'Argent reçu, si vendu',
    'do' => ['used' => 'L’utiliser', 'gifted' => 'Le donner', 'sold' => 'Le vendre', 'discarded' => 'Le jeter'],
    'did' => ['used' => 'Utilisé', 'gifted' => 'Donné', 'sold' => 'Vendu', 'discarded' => 'Jeté', 'moved' => 'Mis', 'hair' => 'Les cheveux'],
    'move' => 'Le mettre quelque part', 'where' => 'Où', 'where_hint' => 'étagère de la salle de bains, porte du réfrigérateur', 'do_move' => 'Il est là',
    'took' => 'Ce qu’en disent les cheveux', 'hair' => ['well' => 'l’ont bien pris', 'so_so' => 'couci-couça', 'badly' => 'n’ont pas aimé', 'rash' => 'peau qui gratte ou rougit'],
    'rash' => 'Démangeaison ou rougeur : rincez, ne l’utilisez plus, demandez à un médecin ou un pharmacien.',
    'unpriced' => 'Sans :names : aucun prix n’est connu.',
    'cost' => 'Ce que cela a coûté', 'cost_of' => ':jar le contenant, :per_100 les 100 g, :all en tout', 'cost_basis' => 'Au prix des lots utilisés, sinon du dernier achat. Contenant, étiquette, énergie et travail à part.',
    'drift' => ['title' => 'Le rendement, fournée après fournée', 'up' => 'En hausse : il en sort plus qu’avant (:mean en moyenne, :batches). La balance est-elle juste ?', 'down' => 'En baisse : il en sort moins qu’avant (:mean en moyenne, :batches). Où cela reste-t-il ?', 'steady' => 'Stable : :mean en moyenne, :batches.', 'few' => ':mean en moyenne, :batches ; trop peu pour dire une tendance.'],
    'trace' => [
        'may_be' => 'Peuvent aussi contenir :code',
        'may_be_why' => 'Ces lots contiennent la même matière, faits depuis que ce lot est là, et aucun lot n’a été indiqué à la pesée.',
        'link_back' => 'D’où cela vient', 'link_forward' => 'Où cela est allé', 'back' => 'Ce qui est entré dans :code', 'forward' => 'Où :code est allé', 'drawing' => 'Les fils, dessinés', 'words' => 'La même chose en mots',
        'nothing_in' => 'Rien n’y a été pesé, d’après ce qui est noté.', 'nothing_out' => 'Rien n’en a été fait, d’après ce qui est noté.',
        'recall' => 'À rappeler, si :code est mauvais', 'recall_why' => 'Chaque fournée qui en contient, ce qui en reste et où est allé le reste.', 'filled' => 'Rempli', 'went' => 'Donné ou vendu', 'print' => 'Imprimer la liste',
        'basis' => 'Comme noté à la balance et sur l’étagère. Ce dont aucun lot n’a été indiqué est à part.',
    ],
    'price' => [
        'title' => 'Un prix pour :name', 'link' => 'Calculer un prix', 'fields' => ['packaging' => 'Contenant, fermeture et étiquette, chacun', 'hours' => 'Heures de travail, toute la fournée', 'wage' => 'Ce que vaut une heure', 'fee' => 'Part du prix gardée par d’autres, %', 'margin' => 'Part du prix à conserver, %'],
        'reckon' => 'Calculer', 'sell' => 'pour en vendre un', 'cost' => 'pour en faire un', 'parts' => ['material' => 'Matière', 'packaging' => 'Contenant et étiquette', 'hands' => 'Travail'],
        'problem' => 'Un nombre de 0 à :most.', 'leaves_out' => 'Non compris : impôts, assurance, évaluation de sécurité, outils, énergie, loyer, envoi, ce qui se perd ou se donne à essayer.', 'basis' => 'Prix = coût / (1 − part des autres − part conservée). Simple arithmétique, pas un conseil.',
    ],
    'seller' => 'Papiers pour vendre',
];
