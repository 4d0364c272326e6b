<?php

declare(strict_types=1);

namespace Ilvane\Core\Safety;

/** What may be said of a formula, decided in this order. */
enum VerdictKind: string
{
    /** A stop stands that nothing unknown could lift. */
    case NotReady = 'not_ready';

    /** Something unknown could change the answer. */
    case CannotSay = 'cannot_say';

    /** No stop, and something to check. */
    case ReadyWithChecks = 'ready_with_checks';

    case Ready = 'ready';
}
