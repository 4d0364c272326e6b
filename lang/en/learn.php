<?php

return [
    'title' => 'Learn',
    'handbook' => 'Handbook', 'handbook_why' => 'Every check Ilvane makes, with the reason and its source.',
    'practice' => 'Practice', 'practice_why' => 'Find and fix mistakes in made-up formulas and batches, and judge by eye.',
    'due' => '{0} Nothing to repeat today.|{1} One topic to repeat.|[2,*] :count topics to repeat.',
    'open_practice' => 'Practise',
];
