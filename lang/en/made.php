<?php

return [
    'nav' => 'Shelf', 'title' => 'On the shelf', 'empty' => 'What you finish stands here: how full it is, how long it keeps, and what became of it.', 'to_formulas' => 'To the formulas',
    'gone' => 'Used up and gone', 'jars' => 'about :left of :of containers', 'stands' => 'Stands: :where', 'stands_unsaid' => 'Nobody has said where it stands.',
    'leaves' => 'Use, give, sell or throw away', 'subject' => 'For whom, or why', 'subject_hint' => 'Odile; the market; smells off', 'price_got' => 'Money for it, if sold',
    'do' => ['used' => 'Use it', 'gifted' => 'Give it', 'sold' => 'Sell it', 'discarded' => 'Throw it away'],
    'did' => ['used' => 'Used', 'gifted' => 'Given', 'sold' => 'Sold', 'discarded' => 'Thrown away', 'moved' => 'Put', 'hair' => 'The hair'],
    'move' => 'Put it somewhere', 'where' => 'Where', 'where_hint' => 'bathroom shelf, fridge door', 'do_move' => 'It stands there',
    'took' => 'How the hair took it', 'hair' => ['well' => 'took it well', 'so_so' => 'so-so', 'badly' => 'didn’t like it', 'rash' => 'skin itched or reddened'],
    'rash' => 'Itching or redness: wash it off, don’t use it again, ask a doctor or pharmacist.',
    'unpriced' => 'Without :names: no price is known.',
    'cost' => 'What it cost', 'cost_of' => ':jar a container, :per_100 for 100 g, :all in all', 'cost_basis' => 'By the price of the lots it was taken from, else of what was bought last. Container, label, energy and hands aside.',
    'drift' => ['title' => 'Yield, batch by batch', 'up' => 'Rising: more comes out than it used to (:mean on average, :batches). Is the scale right?', 'down' => 'Falling: less comes out than it used to (:mean on average, :batches). Where does it stay?', 'steady' => 'Steady: :mean on average, :batches.', 'few' => ':mean on average, :batches; too few to tell a course.'],
    'trace' => [
        'may_be' => 'May also be of :code',
        'may_be_why' => 'These batches hold the same thing, made since this lot is here, and no lot was told when it was weighed.',
        'link_back' => 'Where it came from', 'link_forward' => 'Where it went', 'back' => 'What went into :code', 'forward' => 'Where :code went', 'drawing' => 'The threads, drawn', 'words' => 'The same in words',
        'nothing_in' => 'Nothing was weighed into it, as far as was written down.', 'nothing_out' => 'Nothing was made of it, as far as was written down.',
        'recall' => 'To call back, if :code is bad', 'recall_why' => 'Every batch it is in, what is left of it and where the rest went.', 'filled' => 'Filled', 'went' => 'Given or sold', 'print' => 'Print the list',
        'basis' => 'As it was written down at the scale and on the shelf. What no lot was told for stands by itself.',
    ],
    'price' => [
        'title' => 'A price for :name', 'link' => 'Reckon a price', 'fields' => ['packaging' => 'Container, closure and label, each', 'hours' => 'Hours of work, the whole batch', 'wage' => 'What an hour is worth', 'fee' => 'Others keep of the price, %', 'margin' => 'To be left over of the price, %'],
        'reckon' => 'Reckon', 'sell' => 'to sell one for', 'cost' => 'to make one', 'parts' => ['material' => 'Material', 'packaging' => 'Container and label', 'hands' => 'Hands'],
        'problem' => 'A number from 0 to :most.', 'leaves_out' => 'Not in it: taxes, insurance, safety assessment, tools, energy, rent, post, what spoils or is given to try.', 'basis' => 'Price = cost / (1 − others’ part − what is left over). Plain arithmetic, no advice.',
    ],
    'seller' => 'Papers for selling',
];
