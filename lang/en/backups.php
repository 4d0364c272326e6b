<?php

return [
    'clock_behind' => 'This machine’s clock says :now, but the newest record is from :newest. Set the clock right before you go on: dates on labels come from it.',
    'clock_ahead' => 'This machine’s clock says :now; the newest record is from :newest. If the clock is wrong, set it right before you go on: dates on labels come from it. No old copy is thrown away until then.',
    'title' => 'Backups', 'why' => 'Everything is in one file on this machine. Ilvane makes a backup on every day you work; keep one on another disk too, in case this one fails.',
    'copy' => 'Make a backup', 'copied' => 'Backup saved as :file.', 'copies' => 'Backups', 'none' => 'No backup yet; the first is made after the first page of the day.',
    'kinds' => ['day' => 'of the day', 'before' => 'before a restore', 'copy' => 'taken by hand'], 'take' => 'Download', 'put_back' => 'Restore', 'put_back_means' => 'The workroom becomes what it was then. What is here now is kept as a copy, so that this can be taken back.',
    'restore' => 'Restore from a file', 'file' => 'File', 'do_restore' => 'Check it and restore it', 'restored' => 'Restored. What was here before is kept as :before.', 'undo' => 'Undo the restore', 'sound' => 'A complete workroom; it can be restored.',
    'export' => 'Export everything as open files', 'export_means' => 'One ZIP of JSON files, each kind with its schema (docs/formats.md). For another Ilvane, or for any other program.', 'exported' => ':count files written.',
    'import' => 'Take open files in', 'import_means' => 'What is here already is left; what differs is asked about.', 'do_import' => 'Look what is in it',
    'compared' => ':new are new, :same are here already.', 'differ' => 'Here, but different', 'keep' => 'Keep mine', 'theirs' => 'Take the file’s', 'do_take' => 'Take it in', 'nothing' => 'Nothing is new in it.', 'leave' => 'Leave it',
    'imported' => 'Taken in: :new new, :taken replaced, :kept kept as they were, :same were here already.',
    'why_differs' => ['changed' => 'changed here or there since', 'code' => 'another one here has its code; it stays out'],
    'asked' => '{1} One record differs. Nothing was changed. Say --on-conflict=keep or --on-conflict=take.|[2,*] :count records differ. Nothing was changed. Say --on-conflict=keep or --on-conflict=take.',
    'ways' => '--on-conflict is ask, keep or take.',
    'remind' => 'No copy of this workroom has gone to another disk for :days days.',
    'only_here' => 'Only at the machine itself.', 'gone' => 'That file is no longer here. Choose it again.',
    'types' => ['moment' => 'a date of this kind: 2026-11-28 09:30:00', 'code' => 'a code of this kind: 261128-A', 'step' => 'a step of a batch', 'text' => 'text', 'integer' => 'a whole number', 'number' => 'a number', 'json' => 'an object or a list', 'version' => 'a formula’s name and a version', 'bytes' => 'base64', 'jar' => 'a jar’s name', 'preparation' => 'a preparation’s name', 'entry' => 'an entry’s key'],
    'told' => ['changed' => ':name is here and differs (:file)', 'code' => ':name: another one here has its code (:file)'],
    'refused' => [
        'not_json' => 'this is not JSON, or it stops in the middle', 'other_format' => 'this should say :format', 'no_name' => 'it has no name of its own', 'unknown_key' => 'this key is not known here', 'missing' => 'this is missing', 'no_list' => 'a list is wanted', 'no_object' => 'an object is wanted',
        'no_page' => 'the page :page can’t show it; nothing was taken in', 'wrong_type' => ':type is wanted', 'document' => ':why', 'not_with_it' => 'what it refers to is neither here nor in the files', 'no_such_entry' => 'no earlier entry has this key', 'rule' => 'it breaks a rule of the workroom: :rule', 'torn' => 'taking it in would tear apart what hangs together; keep your own instead',
        'not_empty' => 'this directory is not empty', 'cant_write' => 'it can’t be written: no room, or no such folder', 'too_large' => 'larger than any workroom', 'unknown_file' => 'no file of a workroom', 'incomplete' => 'it tells of :told, but :found are there: copied only in part', 'no_packet' => 'no ZIP or directory of a workroom, or damaged',
        'there_already' => 'it is there already; copies never overwrite', 'no_copy' => 'this is no copy of a workroom', 'damaged' => 'this copy is damaged; it was not touched', 'hollow' => 'this copy is hollow: it lacks :what; nothing was touched', 'altered' => 'this copy was altered or is of no version Ilvane knows (:what); nothing was touched', 'newer' => 'this copy is from a newer Ilvane; update first', 'no_file' => 'this workroom is only in memory', 'busy' => 'another program holds the workroom; nothing was changed',
    ],
];
