<?php

return [
    'title' => 'Chercher', 'hint' => 'un ingrédient, une formule, un code, une règle', 'do' => 'Trouver', 'nothing' => 'Rien ici ne s’appelle « :wanted ».', 'key' => 'La touche / ouvre cette page de partout.',
    'add' => 'Ajouter « :wanted » comme matière à moi',
    'kinds' => ['holding' => 'En contiennent', 'formulas' => 'Formules', 'batches' => 'Lots de fabrication', 'jars' => 'Bocaux', 'lots' => 'En réserve', 'ingredients' => 'Ingrédients', 'rules' => 'Règles'],
    'figures' => ['density' => 'Densité, g/mL', 'melts' => 'Fond', 'max_temp' => 'Pas plus chaud que', 'use' => 'Usuel, dans le produit', 'legal_max' => 'La loi permet', 'ph' => 'Agit à pH', 'hlb' => 'HLB', 'water' => 'Eau dedans', 'iodine' => 'Indice d’iode', 'unopened' => 'Se garde fermé', 'opened' => 'Se garde ouvert', 'comes_from' => 'Vient de'],
    'months' => '{1} un mois|[2,*] :count mois', 'source' => 'D’où viennent les chiffres : :source', 'correct' => 'La fiche de mon fournisseur dit autre chose', 'in' => 'Formules qui en prennent',
    'holds' => ['batch' => 'fait, :code', 'lot' => 'au placard, :code', 'formula' => 'formule'],
    // other words for what people react to; the first is in words.allergen
    'also' => [
        'tree_nut' => 'noix|amande|noisette|fruit à coque',
        'peanut' => 'arachide|cacahuète',
        'sesame' => 'graines de sésame',
        'soy' => 'soya',
        'gluten' => 'blé|avoine|gluten',
        'milk' => 'lactose|produits laitiers',
        'coconut' => 'noix de coco',
        'bee' => 'abeille|miel|cire d’abeille|propolis',
        'latex_plant' => 'latex',
        'mustard' => 'graines de moutarde',
        'legume' => 'légumineuse',
        'asteraceae' => 'marguerites|ambroisie',
        'stone_fruit' => 'fruit à noyau|abricot|pêche',
        'silk' => 'protéines de soie',
        'fish' => 'poissons',
        'egg' => 'œufs|oeuf|oeufs',
    ],
];
