<?php

return [
    'title' => 'To make and to buy', 'why' => 'What you mean to make, and what is missing for it.', 'formula' => 'Formula', 'add' => 'I’ll make it', 'drop' => 'not now',
    'buy' => 'To buy', 'to_buy' => 'Buy', 'wanted' => 'Wanted', 'have' => 'At hand', 'about' => 'About', 'nothing' => 'All of it is at hand.', 'there' => 'At hand already',
    'cost' => 'About :cost by what was paid last.', 'unpriced' => '{1} One thing has no price yet.|[2,*] :count things have no price yet.', 'basis' => 'With a twentieth more for bowl, spoon and samples. What is past its date counts as at hand until you throw it away.',
];
