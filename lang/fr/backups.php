<?php

return [
    'clock_behind' => 'L’horloge de cette machine dit :now, mais la dernière note est du :newest. Réglez l’horloge avant de continuer : les dates des étiquettes en viennent.',
    'clock_ahead' => 'L’horloge de cette machine dit :now ; la dernière note est du :newest. Si elle se trompe, réglez-la avant de continuer : les dates des étiquettes en viennent. D’ici là, aucune ancienne copie n’est jetée.',
    'title' => 'Sauvegardes', 'why' => 'Tout est dans un seul fichier sur cette machine. Une copie est mise de côté chaque jour où vous travaillez ; une copie sur un autre disque survit à celui-ci.',
    'copy' => 'Faire une sauvegarde', 'copied' => 'Une copie est dans :file.', 'copies' => 'Sauvegardes', 'none' => 'Pas encore de copie ; la première se fait après la première page du jour.',
    'kinds' => ['day' => 'du jour', 'before' => 'avant une remise', 'copy' => 'faite à la main'], 'take' => 'Télécharger', 'put_back' => 'Restaurer', 'put_back_means' => 'L’atelier redevient ce qu’il était alors. Ce qui est ici maintenant est gardé en copie, pour pouvoir revenir.',
    'restore' => 'Remettre une copie depuis un fichier', 'file' => 'Fichier', 'do_restore' => 'L’examiner et la remettre', 'restored' => 'Elle est remise. Ce qui était ici avant est gardé sous :before.', 'undo' => 'Revenir là-dessus', 'sound' => 'Un atelier entier ; il pourrait être remis.',
    'export' => 'Tout emporter en fichiers ouverts', 'export_means' => 'Un ZIP de fichiers JSON, chaque sorte avec son schéma (docs/formats.md). Pour un autre Ilvane, ou pour tout autre programme.', 'exported' => ':count fichiers écrits.',
    'import' => 'Faire entrer des fichiers ouverts', 'import_means' => 'Ce qui est déjà ici reste ; ce qui diffère est demandé.', 'do_import' => 'Voir ce qu’il contient',
    'compared' => ':new sont nouveaux, :same sont déjà ici.', 'differ' => 'Ici, mais différent', 'keep' => 'Garder le mien', 'theirs' => 'Prendre celui du fichier', 'do_take' => 'Faire entrer', 'nothing' => 'Rien de nouveau dedans.', 'leave' => 'Laisser',
    'imported' => 'Entré : :new nouveaux, :taken remplacés, :kept gardés tels quels, :same étaient déjà ici.',
    'why_differs' => ['changed' => 'changé ici ou là depuis', 'code' => 'un autre ici porte son code ; il reste dehors'],
    'asked' => '{1} Un enregistrement diffère. Rien n’a été changé. Dites --on-conflict=keep ou --on-conflict=take.|[2,*] :count enregistrements diffèrent. Rien n’a été changé. Dites --on-conflict=keep ou --on-conflict=take.',
    'ways' => '--on-conflict vaut ask, keep ou take.',
    'remind' => 'Aucune copie de cet atelier n’est allée sur un autre disque depuis :days jours.',
    'only_here' => 'Seulement à la machine elle-même.', 'gone' => 'Ce fichier n’est plus ici. Choisissez-le de nouveau.',
    'types' => ['moment' => 'une date de cette sorte : 2026-11-28 09:30:00', 'code' => 'un code de cette sorte : 261128-A', 'step' => 'une étape de fabrication', 'text' => 'un texte', 'integer' => 'un nombre entier', 'number' => 'un nombre', 'json' => 'un objet ou une liste', 'version' => 'le nom d’une formule et une version', 'bytes' => 'du base64', 'jar' => 'le nom d’un bocal', 'preparation' => 'le nom d’une préparation', 'entry' => 'la clé d’une entrée'],
    'told' => ['changed' => ':name est ici et diffère (:file)', 'code' => ':name : un autre ici porte son code (:file)'],
    'refused' => [
        'not_json' => 'ce n’est pas du JSON, ou il s’arrête au milieu', 'other_format' => 'ici devrait figurer :format', 'no_name' => 'il n’a pas de nom propre', 'unknown_key' => 'cette clé n’est pas connue ici', 'missing' => 'ceci manque', 'no_list' => 'il faut une liste', 'no_object' => 'il faut un objet',
        'no_page' => 'la page :page ne peut pas le montrer ; rien n’est entré', 'wrong_type' => 'il faut :type', 'document' => ':why', 'not_with_it' => 'ce à quoi il renvoie n’est ni ici ni dans les fichiers', 'no_such_entry' => 'aucune entrée antérieure n’a cette clé', 'rule' => 'cela enfreint une règle de l’atelier : :rule', 'torn' => 'le faire entrer déchirerait ce qui tient ensemble ; gardez plutôt le vôtre',
        'not_empty' => 'ce dossier n’est pas vide', 'cant_write' => 'impossible à écrire : pas de place, ou pas de tel dossier', 'too_large' => 'plus grand que tout atelier', 'unknown_file' => 'pas un fichier d’atelier', 'incomplete' => 'il en annonce :told, il y en a :found : copié en partie seulement', 'no_packet' => 'pas un ZIP ni un dossier d’atelier, ou abîmé',
        'there_already' => 'il est déjà là ; une copie n’écrase jamais', 'no_copy' => 'ce n’est pas une copie d’atelier', 'damaged' => 'cette copie est abîmée ; rien n’a été touché', 'hollow' => 'cette copie est vide d’une partie : il y manque :what ; rien n’a été touché', 'altered' => 'cette copie a été modifiée ou n’est d’aucune version connue (:what) ; rien n’a été touché', 'newer' => 'cette copie vient d’un Ilvane plus récent ; mettez d’abord à jour', 'no_file' => 'cet atelier n’est qu’en mémoire', 'busy' => 'un autre programme tient l’atelier ; rien n’a été changé',
    ],
];
