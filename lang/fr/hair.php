<?php

return [
    'title' => 'Mes cheveux', 'why' => 'L’établi dit alors, à côté d’une formule, ce qu’elle peut être pour vos cheveux. Règles empiriques, rien de médical ; pour une rougeur ou une chute, voyez un médecin ou un pharmacien.',
    'keep' => 'Garder', 'kept' => 'Gardé. L’établi en parle désormais.', 'heading' => 'Pour mes cheveux', 'basis' => 'Pratique courante et ce que vous avez dit de vos cheveux ; les vôtres savent mieux.',
    'fields' => ['strand' => 'Un cheveu seul est', 'porosity' => 'Il prend l’eau', 'dislikes' => 'Il n’aime pas', 'avoids' => 'Je réagis à ce qui vient de'],
    'strand' => ['' => 'non dit', 'fine' => 'fin', 'medium' => 'moyen', 'coarse' => 'épais'], 'porosity' => ['' => 'non dit', 'low' => 'lentement', 'medium' => 'moyennement', 'high' => 'vite'],
    'dislikes' => ['protein' => 'les protéines', 'glycerine' => 'la glycérine', 'coconut' => 'la coco', 'scent' => 'le parfum', 'cationic' => 'les conditionneurs cationiques'],
    'notes' => [
        'reacts' => 'Vous avez dit y réagir : :ingredients. Laissez-le, ou demandez autre chose à sa place.',
        'rich_for_fine' => 'Riche pour des cheveux fins : :percent de corps gras. Commencez par très peu, sur les pointes.', 'thin_for_coarse' => 'Léger pour des cheveux épais : :percent de corps gras. Il en faudra peut-être plus.',
        'sits_on_top' => ':percent de :ingredients tend à rester en surface des cheveux qui prennent l’eau lentement. Tiède et sur cheveux humides, ou moins.',
        'draws_water' => ':percent de :ingredients attire l’eau : bien par temps doux, gonflant à l’humide, desséchant à l’air très sec.',
        'dislikes_protein' => 'Il y a des protéines dedans : :ingredients.', 'dislikes_glycerine' => 'Il y a de la glycérine dedans ; le propanediol fait à peu près la même chose.', 'dislikes_coconut' => 'Il y a de la coco dedans : :ingredients.',
        'dislikes_scent' => 'C’est parfumé : :ingredients.', 'dislikes_cationic' => 'Sa glisse vient de :ingredients.',
    ],
];
