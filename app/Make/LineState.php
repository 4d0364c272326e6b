<?php

declare(strict_types=1);

namespace App\Make;

/** What is known of how much of a line went in. Only a figure that was read counts as weighed. */
enum LineState: string
{
    /** A figure was read off a scale. */
    case Weighed = 'weighed';

    /** Drops, counted. */
    case Counted = 'counted';

    /** Passed on without a figure. */
    case AsPlanned = 'as_planned';

    /** Said not to have been done, or left out when the jars were filled. */
    case NotDone = 'not_done';

    /** A weight from before the difference was kept: read, or only passed on. */
    case UnknownBefore = 'unknown_before';

    /** Nothing told yet. */
    case Open = 'open';

    public function word(): string
    {
        return say("make.line_state.$this->value");
    }
}
