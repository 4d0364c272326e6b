<?php

return [
    'title' => 'Aujourd’hui',
    'now' => 'Maintenant', 'tomorrow' => 'Demain', 'week' => 'Cette semaine',
    'nothing' => 'Rien n’attend aujourd’hui.',
    'shake' => 'à secouer', 'strain' => 'à filtrer', 'too_strong' => 'à filtrer ou à diluer : trop fort pour s’en servir tel quel', 'over' => 'heures dépassées : à jeter', 'over_reason' => 'heures dépassées',
    'use_soon' => ':grams à utiliser d’ici :time', 'oil_turns' => 'reste :grams, la date approche', 'patch_test' => 'essayez-le aujourd’hui sur un coin de peau ; utilisez-le demain', 'making' => 'lot :code : :verb, étape :n sur :of, commencé :begun', 'prepare' => 'à préparer, :grams',
    'brief_over' => 'passé', 'brief_alarm' => 'à voir !', 'brief_strain' => 'filtrer', 'brief_shake' => 'secouer', 'brief_day' => 'jour :day',
    'line' => 'Ce qui est dans l’atelier', 'line_more' => '+ :count', 'use_up' => 'Bientôt passé, et ce qui le finirait', 'use_up_none' => 'dans aucune formule encore', 'and_more' => 'et :count de plus sur l’étagère', 'rest' => 'Tout voir',
    'open' => 'Ouvrir',
    'more' => ':count de plus',
    'standing' => 'En place ici',
    'bench' => 'Sur l’établi',
    'calendar' => 'Tout cela dans votre agenda', 'calendar_why' => 'Une adresse que votre agenda peut lire sur cette machine : secouer, filtrer, dates. Qui a l’adresse peut la lire.', 'calendar_make' => 'Créer l’adresse', 'calendar_new' => 'En créer une nouvelle, l’ancienne s’éteint', 'calendar_file' => 'ou la prendre en fichier',
    'undo' => 'Annuler',
    'calendar_name' => 'Atelier Ilvane', 'calendar_shake' => 'Secouer : :name', 'calendar_strain' => 'Filtrer : :name', 'calendar_window' => 'Prêt à filtrer : :name', 'calendar_look' => 'Regarder les échantillons de :name', 'thaw' => 'il en reste :left au congélateur ; un décongèle en une nuit au réfrigérateur', 'container' => ':name, contenant :letter', 'batch_past' => 'date dépassée, reste :grams : regarder, sentir, jeter dans le doute', 'batch_soon' => 'finir les :grams', 'calendar_use_by' => 'À finir : :name',
];
