<?php

return [
    'sheet' => 'Une planche d’étiquettes', 'sheet_why' => 'Dites combien de chacune. A4, à couper le long des traits.', 'how_many' => 'Combien', 'batch_pdf' => 'Feuille de classeur',
    'size' => 'Modèle', 'sizes' => ['front-62x100' => 'Flacon, 62 × 100 mm', 'front-50x80' => 'Petit flacon, 50 × 80 mm', 'wrap-90x40' => 'Compte-gouttes, autour, 90 × 40 mm', 'wrap-150x45' => 'Pot, autour, 150 × 45 mm', 'lid-70' => 'Couvercle ou boîte, rond, 70 mm'],
    'code' => 'Avec le n° de lot à scanner', 'slip' => 'Composition sur une feuille jointe', 'on_slip' => 'voir la feuille jointe', 'show' => 'La montrer',
    'fits' => 'Tout tient, en corps :pt.', 'fits_not' => 'Cela ne tient pas : :over mm de trop, même en corps :pt. Prenez un modèle plus grand, raccourcissez le mode d’emploi, ou mettez la composition sur une feuille jointe (permis quand le contenant est trop petit : règlement (CE) n° 1223/2009, art. 19(2), de mémoire).',
    'one' => 'Une étiquette en PDF', 'many' => 'Sur une planche A4', 'count' => 'Combien', 'from' => 'Commencer à la place', 'of_places' => 'sur :places de la planche', 'make' => 'Faire le PDF',
    'maker' => 'Nom et adresse sur l’étiquette, si vous vendez', 'maker_keep' => 'Garder', 'maker_kept' => 'Il figure désormais sur les étiquettes.',
    'formula_pdf' => 'Feuille de classeur (PDF)', 'png' => 'Image (PNG)',
    'wanted' => [
        'title' => 'Ce que les règles locales voudront encore là où vous vendez. Ilvane a écrit ce qu’il sait ; il ne remplace rien de cela.',
        'eu' => "Union européenne (règlement (CE) n° 1223/2009, de mémoire)\n- une personne responsable avec une adresse dans l’Union (art. 4, 5)\n- de bonnes pratiques de fabrication, telles qu’ISO 22716 (art. 8)\n- un rapport sur la sécurité du produit cosmétique, signé par un évaluateur qualifié (art. 10, annexe I), avec un essai d’efficacité de la conservation et un essai de stabilité\n- un dossier d’information sur le produit, gardé dix ans après le dernier lot (art. 11)\n- une notification avant la vente (art. 13)\n- l’étiquette : nom et adresse, pays d’origine si importé, contenu en poids, date ou période après ouverture, précautions, numéro de lot, fonction, ingrédients avec les allergènes de parfum (art. 19)\n- des allégations qui tiennent (art. 20 et règlement (UE) n° 655/2013)\n- un moyen de signaler les effets indésirables graves (art. 23)",
        'us' => "États-Unis (de mémoire)\n- enregistrement de l’établissement et liste des produits, justification de la sécurité, registre des effets indésirables (Modernization of Cosmetics Regulation Act de 2022 ; les petits fabricants sont exemptés d’une partie, pas de la sécurité)\n- l’étiquette selon 21 CFR 701 : identité, contenu net, ingrédients, avertissements, nom et lieu d’activité\n- aucune allégation de soigner ou de faire pousser : ce serait un médicament",
        'basis' => 'De mémoire et incomplet. Demandez à l’autorité ou à un évaluateur agréé là où vous vivez.',
    ],
];
