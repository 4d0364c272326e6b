<?php

return [
    'title' => 'Today',
    'now' => 'Now', 'tomorrow' => 'Tomorrow', 'week' => 'This week',
    'nothing' => 'Nothing waits today.',
    'shake' => 'shake it', 'strain' => 'strain it', 'too_strong' => 'strain it or thin it: too strong to use as it is', 'over' => 'past its hours: throw it away', 'over_reason' => 'past its hours',
    'use_soon' => 'use :grams within :time', 'oil_turns' => ':grams left, it comes to its date', 'patch_test' => 'try it on a patch of skin today; use it tomorrow', 'making' => 'batch :code: :verb, step :n of :of, begun :begun', 'prepare' => 'to be made, :grams',
    'brief_over' => 'past', 'brief_alarm' => 'look!', 'brief_strain' => 'strain', 'brief_shake' => 'shake', 'brief_day' => 'day :day',
    'line' => 'What stands in the workroom', 'line_more' => '+ :count', 'use_up' => 'Turning soon, and what would use it up', 'use_up_none' => 'in no formula yet', 'and_more' => 'and :count more on the shelf', 'rest' => 'All of it',
    'open' => 'Open',
    'more' => ':count more',
    'standing' => 'Standing here',
    'bench' => 'On the bench',
    'calendar' => 'All of this in your calendar', 'calendar_why' => 'An address your calendar can read on this machine: shakes, strainings, dates. Whoever has the address can read it.', 'calendar_make' => 'Make the address', 'calendar_new' => 'Make a new one, the old one ends', 'calendar_file' => 'or take it as a file',
    'undo' => 'Take it back',
    'calendar_name' => 'Ilvane workroom', 'calendar_shake' => 'Shake: :name', 'calendar_strain' => 'Strain: :name', 'calendar_window' => 'Ready to strain: :name', 'calendar_look' => 'Look at the samples of :name', 'thaw' => ':left left in the freezer; one thaws overnight in the fridge', 'container' => ':name, container :letter', 'batch_past' => 'past its date, :grams left: look, smell, throw away in doubt', 'batch_soon' => 'use up the :grams', 'calendar_use_by' => 'Use up: :name',
];
