<?php

// Label designs by millimetres, and the shipped containers each goes on. A round one is as wide as it is high.
return [
    'front-62x100' => ['width' => 62.0, 'height' => 100.0, 'round' => false, 'containers' => ['pet-pump-250', 'pet-spray-200', 'pet-disc-250', 'hdpe-disc-500', 'hdpe-pump-500', 'clear-mason-500']],
    'front-50x80' => ['width' => 50.0, 'height' => 80.0, 'round' => false, 'containers' => ['amber-screw-100', 'alu-spray-100']],
    'wrap-90x40' => ['width' => 90.0, 'height' => 40.0, 'round' => false, 'containers' => ['amber-dropper-30', 'amber-dropper-50']],
    'wrap-150x45' => ['width' => 150.0, 'height' => 45.0, 'round' => false, 'containers' => ['clear-jar-120', 'pet-jar-200', 'pp-jar-100', 'amber-jar-60']],
    'lid-70' => ['width' => 70.0, 'height' => 70.0, 'round' => true, 'containers' => ['alu-tin-100']],
];
