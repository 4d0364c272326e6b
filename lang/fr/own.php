<?php

return [
    'title' => 'Mes ingrédients', 'why' => 'Ce qui manque au catalogue, et les chiffres de la fiche de votre fournisseur là où ils diffèrent. Les contrôles s’en servent désormais ; ce qui est fini garde les chiffres de sa fabrication.',
    'new' => 'En ajouter un', 'edit' => ':name, selon ma fiche', 'of' => 'En corriger un du catalogue', 'of_hint' => 'laisser vide pour un nouveau', 'is_own' => 'le mien', 'is_correction' => 'mes chiffres', 'drop' => 'Le retirer', 'dropped' => 'Retiré.', 'kept' => 'Gardé. Les contrôles s’en servent.', 'keep' => 'Le garder',
    'fields' => [
        'name' => 'Nom', 'inci' => 'Nom INCI', 'kind' => 'Ce que c’est', 'allergens' => 'Il vient de', 'density' => 'Densité, g/mL', 'water' => 'Eau dedans, %', 'melt_low' => 'Fond dès, °C', 'melt_high' => 'Fondu à, °C', 'max_temp' => 'Pas plus chaud que, °C', 'use_low' => 'Usage dès, %', 'use_high' => 'Usage jusqu’à, %', 'legal_max' => 'La loi permet, %',
        'ph_min' => 'pH dès', 'ph_max' => 'pH jusqu’à', 'hlb' => 'HLB', 'iodine' => 'Indice d’iode', 'unopened' => 'Se garde fermé, mois', 'opened' => 'Se garde ouvert, mois', 'source' => 'D’où viennent les chiffres',
    ],
    'source' => 'votre propre fiche : :source', 'source_hint' => 'fournisseur, fiche, date', 'means' => 'Les champs vides restent comme au catalogue ; pour un nouveau ils sont inconnus, et les contrôles qui en ont besoin se taisent.',
    'errors' => ['of' => 'Le catalogue n’a pas cet ingrédient.', 'name' => 'Un nom, avec des lettres.', 'kind' => 'Lequel de ceux-ci ? Les contrôles ont besoin de le savoir.', 'source' => 'D’où viennent les chiffres ?', 'figure' => 'Un nombre de :least à :most.', 'order' => 'Pas moins que celui d’avant.', 'used' => 'Une formule ou un lot s’en sert encore.'],
];
