<?php

return [
    'title' => 'Partir d’une formule type', 'lead' => 'Prêtes à fabriquer, et à vous de les changer. Chacune est stable, indique sa conservation et laisse place à vos idées.', 'take' => 'Choisir celle-ci', 'blank' => 'ou une formule vide', 'offer' => 'Partir d’une formule type',
    'names' => [
        'light-milk' => ['Lait léger sans rinçage', 'Pour cheveux fins : peu d’huile, un émulsifiant cationique pour la glisse.'],
        'rich-cream' => ['Crème riche sans rinçage', 'Pour cheveux épais ou crépus : karité et avocat, aloès dans l’eau.'],
        'nonionic-lotion' => ['Lotion sans cationique', 'Tenue par des émulsifiants d’olive, pour ceux que les cationiques alourdissent.'],
        'shea-whip' => ['Karité et mangue fouettés', 'Mou en hiver, tient dans une pièce douce.'],
        'mango-whip' => ['Mangue fouettée', 'Plus sèche au toucher que le karité, et sans son odeur.'],
        'beeswax-pomade' => ['Pommade à la cire d’abeille', 'Tient les contours, fond dans la main.'],
        'plant-wax-pomade' => ['Pommade sans cire d’abeille', 'Candelilla à la place : plus dure, donc moins.'],
        'sealing-oil' => ['Huile de scellage', 'Ricin pour le poids, jojoba pour la glisse.'],
        'light-oil' => ['Huile légère', 'Deux huiles robustes qui se gardent ; une place pour parfumer plus tard.'],
        'calendula-oil' => ['Calendula dans le tournesol', 'Fleurs sèches, filtrées ; le bocal se prévoit sous Bocaux.'],
        'nettle-oil' => ['Ortie dans l’olive', 'Feuilles bien sèches seulement : une plante humide moisit dans l’huile.'],
        'refresher' => ['Brume rafraîchissante', 'Eau, un peu de glycérine, panthénol, et un conservateur qui agit.'],
        'hydrosol-mist' => ['Brume d’hydrolat, fraîche', 'Pas de conservateur : réfrigérateur, trois jours, petit flacon.'],
        'hold-gel' => ['Gel au xanthane', 'Mouillez d’abord la gomme dans la glycérine, sinon elle fait des grumeaux.'],
        'flaxseed-gel' => ['Gel de lin, frais', 'Cuit, filtré, utilisé en quelques jours ; congelez le reste en cubes.'],
        'banana-mask' => ['Masque à la banane, frais', 'Mixé et filtré, sinon il reste dans les cheveux.'],
        'avocado-mask' => ['Masque avocat et yaourt, frais', 'Pour un soir.'],
        'aloe-cubes' => ['Cubes d’aloès et de tisane', 'Congelés à la portion ; un seul fond dans la main.'],
        'tea-cubes' => ['Cubes de thé vert', 'Les plus simples qui soient.'],
    ],
];
