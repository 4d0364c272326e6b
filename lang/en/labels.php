<?php

return [
    'sheet' => 'A sheet of labels', 'sheet_why' => 'Tell how many of each. A4, cut along the lines.', 'how_many' => 'How many', 'batch_pdf' => 'Sheet for the binder',
    'size' => 'Design', 'sizes' => ['front-62x100' => 'Bottle, 62 × 100 mm', 'front-50x80' => 'Small bottle, 50 × 80 mm', 'wrap-90x40' => 'Dropper, around, 90 × 40 mm', 'wrap-150x45' => 'Jar, around, 150 × 45 mm', 'lid-70' => 'Lid or tin, round, 70 mm'],
    'code' => 'With the batch code to scan', 'slip' => 'Contents on a slip that goes with it', 'on_slip' => 'see the slip', 'show' => 'Show it',
    'fits' => 'All of it fits, in :pt point type.', 'fits_not' => 'It doesn’t fit: :over mm too long even in :pt point type. Take a larger design, shorten the directions, or put the contents on a slip (allowed where the container is too small: Regulation (EC) No 1223/2009, Art. 19(2), recalled).',
    'one' => 'One label as PDF', 'many' => 'On a sheet of A4', 'count' => 'How many', 'from' => 'Begin at place', 'of_places' => 'of :places on the sheet', 'make' => 'Make the PDF',
    'maker' => 'Name and address on the label, where you sell', 'maker_keep' => 'Keep it', 'maker_kept' => 'It stands on the labels from now on.',
    'formula_pdf' => 'Sheet for the binder (PDF)', 'png' => 'Picture (PNG)',
    'wanted' => [
        'title' => 'What the local rules will still want where you sell. Ilvane wrote down what it knows; it replaces none of this.',
        'eu' => "European Union (Regulation (EC) No 1223/2009, recalled)\n- a responsible person with an address in the Union (Art. 4, 5)\n- good manufacturing practice, such as ISO 22716 (Art. 8)\n- a cosmetic product safety report, signed by a qualified assessor (Art. 10, Annex I), with a challenge test of the preservation and a stability test\n- a product information file, kept ten years after the last batch (Art. 11)\n- notification before it is sold (Art. 13)\n- the label: name and address, country of origin where imported, contents by weight, date or period after opening, precautions, batch number, function, ingredients with the fragrance allergens (Art. 19)\n- claims that hold (Art. 20 and Regulation (EU) No 655/2013)\n- a way to report serious undesirable effects (Art. 23)",
        'us' => "United States (recalled)\n- facility registration and product listing, safety substantiation, adverse event records (Modernization of Cosmetics Regulation Act of 2022; small makers are exempt from parts of it, not from safety)\n- the label by 21 CFR 701: identity, net contents, ingredients, warnings, name and place of business\n- no claim to treat or to grow hair: that would be a drug",
        'basis' => 'From memory and not complete. Ask the authority or a licensed assessor where you live.',
    ],
];
