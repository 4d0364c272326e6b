<?php

return [
    'title' => 'Autres appareils à la maison', 'door' => 'Qui est là ?',
    'why' => 'Ilvane ne répond qu’à cette machine. Avec une phrase de passe, et lancé par bin/start --lan, un téléphone ou une tablette de votre réseau domestique peut entrer aussi.',
    'plain' => 'Dans votre réseau, rien n’est chiffré : pour votre propre réseau, pas pour celui d’un café.',
    'passphrase' => 'Phrase de passe', 'new' => 'Nouvelle phrase de passe, :letters lettres au moins', 'keep' => 'Fixer la phrase de passe', 'close' => 'L’enlever, ne laisser entrer personne',
    'set' => 'La phrase de passe est fixée. Les appareils entrés doivent entrer de nouveau.', 'shut' => 'Fermé : seule cette machine a une réponse.',
    'is_set' => 'Une phrase de passe est fixée.', 'is_not' => 'Pas de phrase de passe : personne d’autre n’a de réponse.',
    'too_short' => 'Un peu plus long : :letters lettres au moins. Quatre mots font l’affaire.', 'too_long' => 'Plus court : 72 octets au plus.',
    'wrong' => 'Ce n’est pas ça.', 'wait' => '{1} Trop d’essais. Attendez une minute.|[2,*] Trop d’essais. Attendez :count minutes.',
    'sign_in' => 'Entrer', 'device' => 'Cet appareil s’appelle', 'some_device' => 'Un appareil', 'phone_name' => 'Téléphone',
    'door_why' => 'Cet atelier demande sa phrase de passe une fois à chaque nouvel appareil.',
    'invited_why' => 'Le code fait entrer cet appareil dans l’atelier. Il y reste jusqu’à ce que vous y mettiez fin sous Mesures.',
    'invitation_old' => 'Ce code a servi, ou a plus de dix minutes. Faites-en un nouveau, ou tapez la phrase de passe.',
    'sign_in_first' => 'Cet appareil n’est plus entré. Rechargez la page.',
    'closed' => 'Cet atelier ne répond qu’à sa propre machine. Pour l’ouvrir à votre réseau domestique, fixez-y d’abord une phrase de passe.',
    'only_here' => 'Seulement à la machine elle-même.',
    'ended' => ':device est sorti.', 'end' => 'Y mettre fin', 'in_since' => 'entré :since, vu :seen', 'nobody' => 'Aucun autre appareil n’est entré.',
    'on_phone' => 'Sur le téléphone', 'phone_title' => 'Continuer sur le téléphone', 'phone_how' => 'Pointez l’appareil photo du téléphone dessus. Il ouvre là où vous êtes, et fait entrer le téléphone.',
    'phone_minutes' => 'Valable une fois, dix minutes.', 'phone_needs' => 'Avant qu’un téléphone puisse entrer :', 'phone_back' => 'Revenir où vous étiez',
    'phone_passphrase' => 'Fixer une phrase de passe', 'phone_passphrase_done' => 'Une phrase de passe est fixée', 'phone_lan' => 'Fermer Ilvane et le lancer par bin/start --lan', 'phone_lan_done' => 'Ouvert au réseau domestique : :address',
];
