<?php

return [
    'title' => 'My hair', 'why' => 'The bench then says beside a formula what it may be to your hair. Rules of thumb among makers, nothing medical; for a rash or hair loss see a doctor or pharmacist.',
    'keep' => 'Save settings', 'kept' => 'Kept. The bench speaks of it from now on.', 'heading' => 'For my hair', 'basis' => 'Common practice and what you said of your hair; yours knows better.',
    'fields' => ['strand' => 'A single hair is', 'porosity' => 'It takes in water', 'dislikes' => 'It doesn’t get on with', 'avoids' => 'I react to what comes from'],
    'strand' => ['' => 'not said', 'fine' => 'fine', 'medium' => 'medium', 'coarse' => 'coarse'], 'porosity' => ['' => 'not said', 'low' => 'slowly', 'medium' => 'middling', 'high' => 'quickly'],
    'dislikes' => ['protein' => 'protein', 'glycerine' => 'glycerine', 'coconut' => 'coconut', 'scent' => 'scent', 'cationic' => 'cationic conditioners'],
    'notes' => [
        'reacts' => 'You said you react to that: :ingredients. Leave it out, or ask for something else in its place.',
        'rich_for_fine' => 'Rich for fine hair: :percent fats. Begin with very little, ends only.', 'thin_for_coarse' => 'Light for coarse hair: :percent fats. It may ask for more.',
        'sits_on_top' => ':percent of :ingredients tends to stay on top of hair that takes in water slowly. Use it warm and on damp hair, or take less.',
        'draws_water' => ':percent of :ingredients draws water: fine in mild weather, puffy in damp, drying in very dry air.',
        'dislikes_protein' => 'There is protein in it: :ingredients.', 'dislikes_glycerine' => 'There is glycerine in it; propanediol does much the same.', 'dislikes_coconut' => 'There is coconut in it: :ingredients.',
        'dislikes_scent' => 'It is scented: :ingredients.', 'dislikes_cationic' => 'Its slip comes from :ingredients.',
    ],
];
