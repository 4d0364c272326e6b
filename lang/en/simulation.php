<?php

return [
    'title' => 'Simulation: :name', 'heading' => 'Simulation', 'nothing' => 'There is nothing to simulate yet: add an ingredient first.',
    'minutes' => ':count min', 'hours' => ':hours h :minutes',
    'total' => 'in all', 'hands' => 'of it by hand', 'water' => 'of water steams off: weigh at the end, and put back what is missing', 'gate' => 'until the cool-down may go in', 'firm' => 'until it can be whipped',
    'basis' => 'An estimate. A potful is taken as hot all through; how fast vessels pass heat is fitted to common practice, until yours are learned; steam is right to about a half.',
    'at' => 'Minute', 'scrub' => 'Go along the minutes', 'temperature' => '°C', 'unit' => 'min',
    'curves' => ['water' => 'Water', 'oil' => 'Oil', 'mix' => 'Together'], 'gate_line' => 'gate', 'solid' => ':percent still solid', 'legend' => 'What happens',
    'beside' => 'Other ways, laid beside it', 'beside_none' => 'Take it away', 'beside_is' => 'Dotted: :school.',
    'schools' => [
        'oil_into_water' => ['oil into water', 'The kitchen’s usual way, stirring steadily.'], 'water_into_oil' => ['water into oil', 'It turns over as water comes in, and the drops get finer.'],
        'counter' => ['cooling on the counter', 'Nothing to do but wait; it thickens slowly.'], 'cold_bath' => ['cooling in a basin of cold water', 'Fast, and it wants stirring all the while.'], 'ice_bath' => ['cooling in ice', 'The fastest; fats set before they can grain.'],
        'open' => ['without a lid', 'Easier to watch; more water goes.'], 'gentle_bath' => ['in a bath of 75 °C', 'Slower, and nothing is ever too hot.'],
    ],
    'compared' => [
        'minutes' => ['sooner' => 'Done :by sooner.', 'later' => 'Done :by later.'], 'gate' => ['sooner' => 'Cool enough :by sooner.', 'later' => 'Cool enough :by later.'], 'firm' => ['sooner' => 'Firm enough :by sooner.', 'later' => 'Firm enough :by later.'],
        'water' => ':other of water steams off, :one your way.', 'same' => 'It comes to the same within a minute.',
    ],
    'events' => [
        'melted' => ':ingredient is melted', 'heated_water' => 'the water is hot, :celsius', 'heated_oil' => 'the oil is hot, :celsius', 'combined' => 'the phases meet, :celsius', 'emulsified' => 'it takes, milky', 'sets' => ':ingredient begins to set, :celsius',
        'gate_open' => 'cool enough for the cool-down phase, :celsius', 'gate_shut' => 'still :celsius: too hot for the cool-down phase', 'added' => 'cool-down phase added, :celsius', 'firm' => 'firm enough to whip, :celsius', 'filled' => 'filled, :celsius',
    ],
    'do' => [
        'sanitise' => 'Clean', 'weigh' => 'Weigh', 'prepare' => 'Prepare', 'heat' => 'Heat', 'hold' => 'Hold', 'combine' => 'Combine', 'blend' => 'Blend', 'cool' => 'Cool', 'gate' => 'Gate', 'add' => 'Stir in', 'test_ph' => 'Test pH', 'adjust' => 'Set pH',
        'chill' => 'Chill', 'whip' => 'Whip', 'strain' => 'Strain', 'fill' => 'Fill', 'label' => 'Label', 'rest' => 'Rest',
    ],
    'plan' => 'The plan', 'plan_means' => 'Change a step or the kitchen and go through it again. Empty minutes take their usual course.', 'save' => 'Go through it again', 'usual' => 'Back to the usual course', 'add' => 'Another step', 'do_add' => 'Add it', 'up' => 'Step :n up', 'down' => 'Step :n down', 'remove' => 'Take step :n out',
    'fields' => ['what' => 'What', 'to_c' => 'To °C', 'minutes' => 'Minutes', 'burst_s' => 'Bursts of s', 'rest_s' => 'Rests of s', 'times' => 'Times', 'phase' => 'Phase', 'how' => 'In'],
    'what' => ['both' => 'both', 'water' => 'water', 'oil' => 'oil'], 'how' => ['' => 'as the kitchen', 'counter' => 'counter', 'cold_bath' => 'cold water', 'ice_bath' => 'ice', 'fridge' => 'fridge', 'freezer' => 'freezer'],
    'kitchen' => ['room_c' => 'Room, °C', 'altitude_m' => 'Height above the sea, m', 'bath_c' => 'Hot bath, °C', 'covered' => 'Lids', 'cool' => 'Cools', 'pour' => 'Pours', 'water' => 'Water phase in', 'oil' => 'Oil phase in'],
    'covered' => ['1' => 'on', '0' => 'off'], 'pour' => ['oil_into_water' => 'oil into water', 'water_into_oil' => 'water into oil'],
    'problems' => ['number' => 'A number that makes sense here.'],
    'set_out' => 'What to set out', 'set_out_title' => 'Set out for :name', 'tools_heading' => 'Tools and vessels', 'weights' => 'To weigh',
    'caution' => 'Hot fat and steam burn: handles in, sleeves up, children and animals out. Never water on burning oil; a lid over it. Never seal what is being warmed.',
    'tools' => [
        'scale' => 'scale', 'alcohol' => 'alcohol 70 % and clean cloths, away from flame', 'bath' => 'pan for the hot bath', 'thermometer' => 'thermometer', 'lids' => 'lids or foil', 'whisk' => 'whisk', 'blender' => 'stick blender', 'mixer' => 'hand mixer', 'spatula' => 'spatula', 'cloth' => 'sieve and straining cloth',
        'ph' => 'pH strips or meter, distilled water', 'cold' => 'room in the cold', 'labels' => 'labels, pen', 'vessel' => ':vessel, for the :phase phase', 'jars' => 'jars, boiled and dry', 'containers' => ':count × :container, clean and dry',
    ],
];
