<?php

declare(strict_types=1);

namespace App\Models\Enums;

/** What happened to a lot. Each case has a row in `lot_entry_kinds`. */
enum LotEntryKind: string
{
    case Used = 'used';
    case Discarded = 'discarded';
    case Counted = 'counted';
    case Moved = 'moved';
    case Opened = 'opened';
    case Tried = 'tried';
    case Undo = 'undo';
}
