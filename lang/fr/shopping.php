<?php

return [
    'title' => 'À faire, à acheter', 'why' => 'Ce que vous comptez faire, et ce qui manque pour cela.', 'formula' => 'Formule', 'add' => 'Je vais la faire', 'drop' => 'pas maintenant',
    'buy' => 'À acheter', 'to_buy' => 'Acheter', 'wanted' => 'Voulu', 'have' => 'En réserve', 'about' => 'Environ', 'nothing' => 'Tout est là.', 'there' => 'Déjà là',
    'cost' => 'Environ :cost, d’après ce qui a été payé en dernier.', 'unpriced' => '{1} Une chose n’a pas encore de prix.|[2,*] :count choses n’ont pas encore de prix.', 'basis' => 'Avec un vingtième de plus pour bol, cuillère et échantillons. Ce qui a passé sa date compte comme présent tant que vous ne le jetez pas.',
];
