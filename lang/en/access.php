<?php

return [
    'title' => 'Other devices at home', 'door' => 'Who is there?',
    'why' => 'Ilvane answers this machine only. With a passphrase set, and started with bin/start --lan, a phone or tablet in your home network may come in too.',
    'plain' => 'Inside your network it travels unencrypted: for your own network, not for a café’s.',
    'passphrase' => 'Passphrase', 'new' => 'New passphrase, :letters letters or more', 'keep' => 'Set the passphrase', 'close' => 'Take it away, let nobody in',
    'set' => 'The passphrase is set. Other devices need to sign in again.', 'shut' => 'Closed: only this machine is answered.',
    'is_set' => 'A passphrase is set.', 'is_not' => 'No passphrase: nobody else is answered.',
    'too_short' => 'A little longer, please: :letters letters or more. Four words do well.', 'too_long' => 'Shorter, please: 72 bytes at most.',
    'wrong' => 'That isn’t it.', 'wait' => '{1} Too many tries. Wait a minute.|[2,*] Too many tries. Wait :count minutes.',
    'sign_in' => 'Come in', 'device' => 'This device is called', 'some_device' => 'A device', 'phone_name' => 'Phone',
    'door_why' => 'This workroom wants its passphrase once from every new device.',
    'invited_why' => 'The code lets this device into the workroom. It stays in until you end it under Measures.',
    'invitation_old' => 'That code was used, or is older than ten minutes. Make a new one, or type the passphrase.',
    'sign_in_first' => 'This device is not in any more. Reload the page.',
    'closed' => 'This workroom answers its own machine only. To open it to your home network, set a passphrase there first.',
    'only_here' => 'Only at the machine itself.',
    'ended' => ':device is out.', 'end' => 'End it', 'in_since' => 'in since :since, last seen :seen', 'nobody' => 'No other device is in.',
    'on_phone' => 'On the phone', 'phone_title' => 'Go on at the phone', 'phone_how' => 'Point the phone’s camera at it. It opens where you are now, and lets the phone in.',
    'phone_minutes' => 'Good once, for ten minutes.', 'phone_needs' => 'Before a phone can come in:', 'phone_back' => 'Back to where you were',
    'phone_passphrase' => 'Set a passphrase', 'phone_passphrase_done' => 'A passphrase is set', 'phone_lan' => 'Close Ilvane and start it with bin/start --lan', 'phone_lan_done' => 'It is open to the home network: :address',
];
