<?php

declare(strict_types=1);

namespace App\Models\Enums;

/**
 * What happened in a batch in progress. Weight is from before weighed and taken as planned were told apart. Each case
 * has a row in `batch_entry_kinds`.
 */
enum BatchEntryKind: string
{
    case Done = 'done';
    case Weight = 'weight';
    case Weighed = 'weighed';
    case AsPlanned = 'as_planned';
    case NotDone = 'not_done';
    case Temperature = 'temperature';
    case Ph = 'ph';
    case Fill = 'fill';
    case Override = 'override';
    case Timer = 'timer';
    case Rescale = 'rescale';
    case Accepted = 'accepted';
    case Cup = 'cup';
    case Dose = 'dose';
    case Sample = 'sample';
    case Strained = 'strained';
    case Feel = 'feel';
    case Lot = 'lot';
    case Drops = 'drops';
    case Dropped = 'dropped';
    case Resumed = 'resumed';
    case Little = 'little';
    case Look = 'look';
}
