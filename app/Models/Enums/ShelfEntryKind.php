<?php

declare(strict_types=1);

namespace App\Models\Enums;

/** What became of a finished batch. Each case has a row in `shelf_entry_kinds`. */
enum ShelfEntryKind: string
{
    case Used = 'used';
    case Gifted = 'gifted';
    case Sold = 'sold';
    case Discarded = 'discarded';
    case Moved = 'moved';
    case Hair = 'hair';
    case Held = 'held';
    case Withdrawn = 'withdrawn';
    case Freed = 'freed';
    case Split = 'split';
    case Thawed = 'thawed';
    case Undo = 'undo';
}
