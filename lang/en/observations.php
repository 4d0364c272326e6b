<?php

return [
    'title' => 'Watch it',
    'why' => 'Set three small samples aside: one in the fridge, one in the room, one warm (about 40 °C: on a heater, in a yoghurt maker). Look on the days below. What happens in the warm happens later in the room: a day there stands for about four.',
    'basis' => 'Rule of thumb of ageing tests (rate doubles every 10 °C, ASTM F1980, recalled). It fits rancidity; parting and microbes keep their own time. No home test shows that a preservative works.',
    'places' => ['cold' => 'Fridge', 'room' => 'Room', 'warm' => 'Warm'],
    'looks' => ['sound' => 'as on the first day', 'parted' => 'parted', 'grainy' => 'grainy', 'smell' => 'smells off', 'colour' => 'changed colour', 'mould' => 'mould'],
    'day' => 'day :day',
    'as' => 'like :days',
    'not_yet' => 'not looked at',
    'next' => 'Next look: :when.',
    'failed' => ':place, day :day: :look. In the room that may come after about :room.',
    'held' => 'Sound so far: as good as :days in the room.',
    'shorter' => 'Go by that where it is sooner than the date on the jar; mould or an off smell: discard the whole batch.',
    'where' => 'Which sample', 'how' => 'How it looks', 'note' => 'Note', 'when' => 'Day, if not today', 'do' => 'Write it down',
    'ph' => 'pH, if measured', 'picture' => 'A picture',
    'undo' => 'Take it back',
    'done' => 'Written down.',
    'due' => 'look at its samples',
    'of_batch' => 'Batch :code: ',
    'bench' => 'Seen on samples',
];
