<?php

declare(strict_types=1);

namespace App\Models\Enums;

/** What was done to a jar, or seen of it. Each case has a row in `jar_entry_kinds`. */
enum JarEntryKind: string
{
    case Shake = 'shake';
    case Temperature = 'temperature';
    case Look = 'look';
    case TakeOut = 'take_out';
    case TopUp = 'top_up';
    case Strain = 'strain';
    case Discard = 'discard';
    case Pot = 'pot';
    case Undo = 'undo';
}
