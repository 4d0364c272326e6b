<?php

return [
    'title' => 'Le surveiller',
    'why' => 'Mettez de côté trois petits échantillons : un au réfrigérateur, un dans la pièce, un au chaud (vers 40 °C : sur un radiateur, dans une yaourtière). Regardez aux jours ci-dessous. Ce qui arrive au chaud arrive plus tard dans la pièce : un jour là en vaut à peu près quatre.',
    'basis' => 'Règle empirique des essais de vieillissement (la vitesse double tous les 10 °C, ASTM F1980, de mémoire). Elle vaut pour le rancissement ; la séparation et les microbes ont leur propre rythme. Aucun essai domestique ne prouve qu’un conservateur agit.',
    'places' => ['cold' => 'Réfrigérateur', 'room' => 'Pièce', 'warm' => 'Chaud'],
    'looks' => ['sound' => 'comme au premier jour', 'parted' => 'séparé', 'grainy' => 'granuleux', 'smell' => 'sent mauvais', 'colour' => 'a changé de couleur', 'mould' => 'moisissure'],
    'day' => 'jour :day',
    'as' => 'comme :days',
    'not_yet' => 'pas regardé',
    'next' => 'Prochain regard : :when.',
    'failed' => ':place, jour :day : :look. Dans la pièce, cela peut venir après :room environ.',
    'held' => 'Bon jusqu’ici : autant que :days dans la pièce.',
    'shorter' => 'Fiez-vous à cela si c’est plus tôt que la date du pot ; moisissure ou mauvaise odeur : jetez tout le lot.',
    'where' => 'Quel échantillon', 'how' => 'Son aspect', 'note' => 'Note', 'when' => 'Jour, si pas aujourd’hui', 'do' => 'Noter',
    'ph' => 'pH, si mesuré', 'picture' => 'Une photo',
    'undo' => 'Annuler',
    'done' => 'Noté.',
    'due' => 'regarder ses échantillons',
    'of_batch' => 'Lot :code : ',
    'bench' => 'Vu sur les échantillons',
];
