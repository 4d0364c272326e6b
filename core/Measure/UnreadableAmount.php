<?php

declare(strict_types=1);

namespace Ilvane\Core\Measure;

use RuntimeException;

/** An amount no meaning could be given to. The reason is a word key, not a sentence. */
final class UnreadableAmount extends RuntimeException
{
    public const EMPTY = 'empty';

    public const NO_NUMBER = 'no_number';

    public const NO_UNIT = 'no_unit';

    public const UNKNOWN_UNIT = 'unknown_unit';

    public const NEGATIVE = 'negative';

    public const ZERO = 'zero';

    public const TOO_LARGE = 'too_large';

    public const RANGE_BACKWARDS = 'range_backwards';

    public const ABOVE_100 = 'above_100';

    /** "1,000": a thousand to some, one to others. */
    public const COMMA = 'comma';

    public const TOO_LONG = 'too_long';

    public function __construct(public readonly string $entered, public readonly string $reason)
    {
        parent::__construct("Unreadable amount ($reason)");
    }
}
