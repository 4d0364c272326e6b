<?php

return [
    'title' => 'Simulation : :name', 'heading' => 'Simulation', 'nothing' => 'Rien sur l’établi qui puisse encore être fait.',
    'minutes' => ':count min', 'hours' => ':hours h :minutes',
    'total' => 'en tout', 'hands' => 'dont à la main', 'water' => 'd’eau s’évapore : pesez à la fin, et remettez ce qui manque', 'gate' => 'avant que les ajouts à froid puissent entrer', 'firm' => 'avant de pouvoir fouetter',
    'basis' => 'Une estimation. Une casserole est prise également chaude partout ; la façon dont les récipients passent la chaleur est réglée sur la pratique courante, tant que les vôtres ne sont pas appris ; la vapeur est juste à moitié près.',
    'at' => 'Minute', 'scrub' => 'Parcourir les minutes', 'temperature' => '°C', 'unit' => 'min',
    'curves' => ['water' => 'Eau', 'oil' => 'Huile', 'mix' => 'Ensemble'], 'gate_line' => 'porte', 'solid' => ':percent encore solide', 'legend' => 'Ce qui se passe',
    'beside' => 'D’autres façons, posées à côté', 'beside_none' => 'L’enlever', 'beside_is' => 'En pointillé : :school.',
    'schools' => [
        'oil_into_water' => ['l’huile dans l’eau', 'La façon usuelle en cuisine, en remuant sans cesse.'], 'water_into_oil' => ['l’eau dans l’huile', 'Elle se retourne à mesure que l’eau entre, et les gouttes deviennent plus fines.'],
        'counter' => ['refroidir sur le plan de travail', 'Rien à faire qu’attendre ; cela épaissit lentement.'], 'cold_bath' => ['refroidir dans une bassine d’eau froide', 'Rapide, et il faut remuer tout du long.'], 'ice_bath' => ['refroidir dans la glace', 'Le plus rapide ; les graisses figent avant de grainer.'],
        'open' => ['sans couvercle', 'Plus facile à surveiller ; plus d’eau s’en va.'], 'gentle_bath' => ['dans un bain à 75 °C', 'Plus lent, et rien n’est jamais trop chaud.'],
    ],
    'compared' => [
        'minutes' => ['sooner' => 'Fini :by plus tôt.', 'later' => 'Fini :by plus tard.'], 'gate' => ['sooner' => 'La porte s’ouvre :by plus tôt.', 'later' => 'La porte s’ouvre :by plus tard.'], 'firm' => ['sooner' => 'Assez ferme :by plus tôt.', 'later' => 'Assez ferme :by plus tard.'],
        'water' => ':other d’eau s’évapore, :one à votre façon.', 'same' => 'Cela revient au même, à une minute près.',
    ],
    'events' => [
        'melted' => ':ingredient est fondu', 'heated_water' => 'l’eau est chaude, :celsius', 'heated_oil' => 'l’huile est chaude, :celsius', 'combined' => 'les phases se rejoignent, :celsius', 'emulsified' => 'elle prend, laiteuse', 'sets' => ':ingredient commence à figer, :celsius',
        'gate_open' => 'la porte s’ouvre, :celsius', 'gate_shut' => 'encore :celsius : la porte reste fermée', 'added' => 'les ajouts à froid sont dedans, :celsius', 'firm' => 'assez ferme pour fouetter, :celsius', 'filled' => 'rempli, :celsius',
    ],
    'do' => [
        'sanitise' => 'Nettoyer', 'weigh' => 'Peser', 'prepare' => 'Préparer', 'heat' => 'Chauffer', 'hold' => 'Maintenir', 'combine' => 'Réunir', 'blend' => 'Mixer', 'cool' => 'Refroidir', 'gate' => 'Porte', 'add' => 'Incorporer', 'test_ph' => 'Tester le pH', 'adjust' => 'Régler le pH',
        'chill' => 'Mettre au froid', 'whip' => 'Fouetter', 'strain' => 'Filtrer', 'fill' => 'Remplir', 'label' => 'Étiqueter', 'rest' => 'Laisser',
    ],
    'plan' => 'Le plan', 'plan_means' => 'Changez une étape ou la cuisine et parcourez de nouveau. Des minutes vides prennent leur cours usuel.', 'save' => 'Parcourir de nouveau', 'usual' => 'Revenir au cours usuel', 'add' => 'Une étape de plus', 'do_add' => 'L’ajouter', 'up' => 'Monter l’étape :n', 'down' => 'Descendre l’étape :n', 'remove' => 'Retirer l’étape :n',
    'fields' => ['what' => 'Quoi', 'to_c' => 'À °C', 'minutes' => 'Minutes', 'burst_s' => 'Coups de s', 'rest_s' => 'Repos de s', 'times' => 'Fois', 'phase' => 'Phase', 'how' => 'Dans'],
    'what' => ['both' => 'les deux', 'water' => 'eau', 'oil' => 'huile'], 'how' => ['' => 'comme la cuisine', 'counter' => 'plan de travail', 'cold_bath' => 'eau froide', 'ice_bath' => 'glace', 'fridge' => 'réfrigérateur', 'freezer' => 'congélateur'],
    'kitchen' => ['room_c' => 'Pièce, °C', 'altitude_m' => 'Altitude, m', 'bath_c' => 'Bain chaud, °C', 'covered' => 'Couvercles', 'cool' => 'Refroidit', 'pour' => 'Verse', 'water' => 'Phase aqueuse dans', 'oil' => 'Phase huileuse dans'],
    'covered' => ['1' => 'mis', '0' => 'ôtés'], 'pour' => ['oil_into_water' => 'l’huile dans l’eau', 'water_into_oil' => 'l’eau dans l’huile'],
    'problems' => ['number' => 'Un nombre qui ait un sens ici.'],
    'set_out' => 'Ce qu’il faut sortir', 'set_out_title' => 'À sortir pour :name', 'tools_heading' => 'Outils et récipients', 'weights' => 'À peser',
    'caution' => 'Graisse chaude et vapeur brûlent : poignées rentrées, manches relevées, enfants et animaux dehors. Jamais d’eau sur de l’huile qui brûle ; un couvercle dessus. Ne fermez jamais ce qui chauffe.',
    'tools' => [
        'scale' => 'balance', 'alcohol' => 'alcool à 70 % et linges propres, loin de toute flamme', 'bath' => 'casserole pour le bain chaud', 'thermometer' => 'thermomètre', 'lids' => 'couvercles ou film d’aluminium', 'whisk' => 'fouet', 'blender' => 'mixeur plongeant', 'mixer' => 'batteur', 'spatula' => 'spatule', 'cloth' => 'passoire et linge à filtrer',
        'ph' => 'bandelettes pH ou appareil, eau distillée', 'cold' => 'place au froid', 'labels' => 'étiquettes, stylo', 'vessel' => ':vessel, pour la phase :phase', 'jars' => 'pots, bouillis et secs', 'containers' => ':count × :container, propres et secs',
    ],
];
